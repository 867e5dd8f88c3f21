/** Joining what two tabs did to one source. */
import { FIELD_NAMES, type FieldName } from './fields'
import type { Fields } from './model'

export interface Joined {
  fields: Fields
  /** Fields that both filled, differently: what was typed here stands; the other's is here for the offer. */
  both: FieldName[]
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/**
 * Fields that this tab did not touch come from the other; those it did stay as typed here.
 * @param base the fields both began from; @param mine as they are here; @param theirs as the server has them
 */
export function joinFields(base: Fields, mine: Fields, theirs: Fields): Joined {
  const fields: Fields = { ...theirs }
  const both: FieldName[] = []
  for (const name of FIELD_NAMES) {
    if (same(base[name], mine[name])) continue
    if (mine[name] === undefined) Reflect.deleteProperty(fields, name)
    else Object.assign(fields, { [name]: mine[name] })
    if (!same(base[name], theirs[name]) && !same(mine[name], theirs[name])) both.push(name)
  }
  return { fields, both }
}
