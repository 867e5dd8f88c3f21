/** Two records of one source made one, field by field. */
import { fold, foldWords } from '../text/filing'
import { FIELDS, FIELD_NAMES, type FieldName } from './fields'
import { has, type Fields } from './model'
import type { Name } from './names'
import type { SourceDate } from './dates'

export type Side = 'mine' | 'theirs'
type Value = Fields[FieldName]
export interface Difference {
  name: FieldName
  mine: Value
  theirs: Value
  /** The fuller of the two: what a merge takes unless told otherwise. */
  fuller: Side
  /** By capitals and marks alone, which are the style's affair; words all in capitals are more than that. */
  lightly: boolean
}
export interface Comparison {
  /** Fields in which both say the same. */
  same: FieldName[]
  /** Fields that only the second record has. */
  added: FieldName[]
  /** Fields that both have, differently. */
  differ: Difference[]
}

/** Compares two records field by field. Marks, spaces and capitals alone make no difference in DOIs, addresses and ISBNs. */
export function compareFields(mine: Fields, theirs: Fields): Comparison {
  const out: Comparison = { same: [], added: [], differ: [] }
  for (const name of FIELD_NAMES) {
    const [a, b] = [filled(mine, name), filled(theirs, name)]
    if (b === undefined) continue
    if (a === undefined) out.added.push(name)
    else if (JSON.stringify(a) === JSON.stringify(b) || (['doi', 'isbn', 'issn'].includes(name) && fold(String(a)) === fold(String(b))))
      out.same.push(name)
    else out.differ.push({ name, mine: a, theirs: b, fuller: fuller(name, a, b), lightly: lightly(a, b) })
  }
  return out
}

/** The first record with what only the second has, and with the second's word where it is taken. */
export function mergeFields(mine: Fields, theirs: Fields, take: ReadonlySet<FieldName>): Fields {
  const { added, differ } = compareFields(mine, theirs)
  const names = [...added, ...differ.map(d => d.name).filter(name => take.has(name))]
  return { ...mine, ...Object.fromEntries(names.map(name => [name, theirs[name]])) }
}

function filled(fields: Fields, name: FieldName): Value | undefined {
  return has({ id: '', kind: 'book', fields }, name) ? fields[name] : undefined
}

const loud = (text: string) => text === text.toUpperCase() && text !== text.toLowerCase()
const lightly = (a: Value, b: Value): boolean =>
  typeof a === 'string' && typeof b === 'string' && loud(a) === loud(b) && foldWords(a) === foldWords(b)

function fuller(name: FieldName, a: Value, b: Value): Side {
  if (FIELDS[name].type === 'names') return weighNames(b as Name[]) > weighNames(a as Name[]) ? 'theirs' : 'mine'
  if (FIELDS[name].type === 'date') return weighDate(b as SourceDate) > weighDate(a as SourceDate) ? 'theirs' : 'mine'
  const [mine, theirs] = [String(a), String(b)]
  // Words in capitals are less than the same words as they are written.
  if (loud(mine) !== loud(theirs)) return loud(mine) ? 'theirs' : 'mine'
  return theirs.length > mine.length * 1.15 ? 'theirs' : 'mine'
}
const weighNames = (names: readonly Name[]): number =>
  names.length * 1000
  + names.reduce(
    (sum, name) => sum + (name.given?.replace(/[.\s]/gu, '').length ?? 0) + (name.family?.length ?? name.literal?.length ?? 0),
    0,
  )
const weighDate = (date: SourceDate): number =>
  [date.start?.year, date.start?.month, date.start?.day, date.end?.year, date.season].filter(Boolean).length
