/**
 * What a source says of itself beyond its fields: who made it and in what role, who leads, when it appeared. One answer for
 * composing, filing, keys, finding, checking and comparing.
 */
import type { FieldName } from './fields'
import { kindOf, type Kind } from './kinds'
import { dateOf, type Fields, type Source } from './model'
import { isNamed, sameNames, surname, type Name } from './names'
import { cleanNames } from './values/names'

export interface People {
  names: Partial<Record<FieldName, readonly Name[]>>
  /** Roles whose names stand in the author's field: the author of an episode wrote it, of a recording composed it. */
  inAuthor?: FieldName
}

/** The names of each role, clean, in the roles that the kind means by them. */
export function peopleOf(kind: Kind, fields: Fields): People {
  const names: People['names'] = {}
  // Only names are given as rows.
  for (const role of Object.keys(fields) as FieldName[]) {
    const given = fields[role] as readonly Name[]
    if (!Array.isArray(given)) continue
    const named = given.every(isNamed) ? given : given.filter(isNamed)
    if (named.length) names[role] = cleanNames(named)
  }
  const { author, performer, composer } = names
  const meant = !author ? undefined
    : kind.authorIs && !names[kind.authorIs] ? kind.authorIs
      : kind.performed && performer && !composer && !sameNames(performer, author) ? 'composer' : undefined
  if (!meant) return { names }
  names[meant] = author!
  delete names.author
  return { names, inAuthor: meant }
}

/** The role that leads a source, and its names: the first role of its kind that has any. A style may say otherwise (`Work.lead`). */
export function leadOf(source: Source): { role: FieldName, names: readonly Name[] } | undefined {
  const kind = kindOf(source.kind)
  const { names } = peopleOf(kind, source.fields)
  const role = kind.lead.find(one => names[one])
  return role && { role, names: names[role]! }
}
const NOBODY: readonly Name[] = []
export const leadNames = (source: Source): readonly Name[] => leadOf(source)?.names ?? NOBODY
/** The surname of who leads, or a group's whole name; '' where nobody does. */
export const firstSurname = (source: Source): string => {
  const [first] = leadNames(source)
  return first ? surname(first) : ''
}
export const yearOf = (source: Source): number | undefined => dateOf(source, 'issued')?.start?.year
