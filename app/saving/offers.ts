/** What two windows both wrote, in words. */
import { writeDate, type SourceDate } from '~~/core/source/dates'
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { writeName, type Name } from '~~/core/source/names'
import { rowOf } from '~~/core/text/lookup'
import { STYLES } from '~~/core/styles'
import type { ThingName } from './things'

const WORDS: Readonly<Record<string, string>> = {
  'paper/title': 'the title',
  'paper/style': 'the style',
  'source/kind': 'the kind of source',
  'use/annotation': 'the annotation',
  'use/division': 'the heading it is listed under',
  'use/listed': 'whether it is listed',
  'use/leftOut': 'whether it is left out',
  'passage/form': 'what the passage is',
  'passage/words': 'the words of the passage',
  'passage/original': 'the original of the passage',
  'passage/locator': 'the place of the passage',
  'passage/comment': 'the remark on the passage',
}
/** A part of a thing as one would name it. */
export function sayOf(thing: ThingName, part: string): string {
  const known = rowOf(WORDS, `${thing}/${part}`)
  if (known) return known
  const name = part.slice(part.indexOf('.') + 1)
  if (thing === 'source') return FIELDS[name as FieldName]?.label ?? name
  return name.replace(/(?<=\p{Ll})(?=\p{Lu})/gu, ' ').toLowerCase()
}
export function valueInWords(value: unknown): string {
  if (value === undefined || value === null || value === '') return ''
  if (typeof value === 'string') return STYLES.find(style => style.id === value)?.name ?? (value.length > 200 ? `${value.slice(0, 200)}…` : value)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.map(one => (typeof one === 'string' ? one : writeName(one as Name))).join('; ')
  return writeDate(value as SourceDate)
}
