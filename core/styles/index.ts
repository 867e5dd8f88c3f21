/** The styles. Adding one is adding its file and its line here. */
import { acs } from './acs'
import { ama11 } from './ama-11'
import { apa6 } from './apa-6'
import { apa7 } from './apa-7'
import { chicago17AuthorDate } from './chicago-17-author-date'
import { chicago17Notes } from './chicago-17-notes'
import { chicago18AuthorDate } from './chicago-18-author-date'
import { chicago18Notes } from './chicago-18-notes'
import { harvard } from './harvard'
import { ieee } from './ieee'
import { mhra3 } from './mhra-3'
import { mla9 } from './mla-9'
import { nature } from './nature'
import { vancouver } from './vancouver'
import type { Style } from './schema'

export const STYLES: readonly Style[] = [
  apa7,
  apa6,
  mla9,
  chicago18Notes,
  chicago18AuthorDate,
  chicago17Notes,
  chicago17AuthorDate,
  mhra3,
  harvard,
  ieee,
  vancouver,
  ama11,
  acs,
  nature,
]
export const styleOf = (id: string): Style | undefined => STYLES.find(style => style.id === id)
export type { Style } from './schema'
