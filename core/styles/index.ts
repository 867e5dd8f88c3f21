/** The styles. Adding one is adding its file and its line here. */
import { apa7 } from './apa-7'
import { chicago17AuthorDate } from './chicago-17-author-date'
import { chicago17Notes } from './chicago-17-notes'
import { chicago18AuthorDate } from './chicago-18-author-date'
import { chicago18Notes } from './chicago-18-notes'
import { ieee } from './ieee'
import { mla9 } from './mla-9'
import type { Style } from './types'

export const STYLES: readonly Style[] = [apa7, mla9, chicago18Notes, chicago18AuthorDate, chicago17Notes, chicago17AuthorDate, ieee]
export const styleOf = (id: string): Style | undefined => STYLES.find(style => style.id === id)
export type { Style } from './types'
