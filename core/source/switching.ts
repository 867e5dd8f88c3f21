/** Changing what kind a source is, and losing nothing: values without a place in the new kind are put aside. */
import { FIELD_NAMES, type FieldName } from './fields'
import { kindOf, type KindId } from './kinds'
import { has, type Fields } from './model'

/** Fields that any source may have, whatever its kind. */
const ANYWHERE: readonly FieldName[] = [
  'titleShort',
  'titleTranslated',
  'originalTitle',
  'language',
  'status',
  'accessed',
  'doi',
  'url',
  'database',
]

/** The fields that have a place in a kind. */
export function placesIn(kind: KindId): ReadonlySet<FieldName> {
  const { required, usual, lead, makers } = kindOf(kind)
  return new Set([...ANYWHERE, ...required, ...usual, ...lead, ...makers])
}

export interface Switched { kind: KindId, fields: Fields, parked: Fields }

/**
 * The source as another kind. Values that have a place there stay; the rest are put aside, and what was put aside before
 * comes back where the new kind has a place for it that is empty.
 */
export function switchKind(from: { fields: Fields, parked?: Fields }, kind: KindId): Switched {
  const places = placesIn(kind)
  const fields: Fields = {}
  const parked: Fields = {}
  for (const name of FIELD_NAMES) {
    const now = filled(from.fields, name)
    const before = from.parked && filled(from.parked, name)
    if (now !== undefined) Object.assign(places.has(name) ? fields : parked, { [name]: now })
    if (before === undefined) continue
    if (now === undefined) Object.assign(places.has(name) ? fields : parked, { [name]: before })
    else if (places.has(name)) Object.assign(parked, { [name]: before })
  }
  return { kind, fields, parked }
}

/** Brings one value that was put aside back, whatever the kind. What stood in its place is put aside instead. */
export function restoreField(from: { fields: Fields, parked: Fields }, name: FieldName): Pick<Switched, 'fields' | 'parked'> {
  const { [name]: back, ...parked } = from.parked
  const now = filled(from.fields, name)
  return {
    fields: { ...from.fields, ...(back === undefined ? {} : { [name]: back }) },
    parked: { ...parked, ...(now === undefined ? {} : { [name]: now }) },
  }
}

const filled = (fields: Fields, name: FieldName): Fields[FieldName] | undefined =>
  has({ id: '', kind: 'book', fields }, name) ? fields[name] : undefined
