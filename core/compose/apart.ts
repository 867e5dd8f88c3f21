/**
 * Works told apart: initials for shared surnames, more names where et al. would be ambiguous, letters for same years,
 * titles for same authors. Sources: APA 7, 8.18–8.20; MLA 9, 6.8, 6.30; Chicago 18, 13.114, 13.122.
 */
import { fold } from '../text/filing'
import { letters } from '../source/keys'
import { givenName, sameNames, surname, type Name } from '../source/names'
import type { Style } from '../styles/schema'
import { authorInText } from './entry'
import { textOfAtoms } from './line'
import type { Entry } from './order'
import type { Work } from './work'

/** What a work needs beside its usual forms, because of the others. */
export interface Told { yearLetter?: string, atLeast?: number, tellApart?: boolean, needsTitle?: boolean }
const ALONE: Told = {}

const namesOf = (work: Work): readonly Name[] => work.lead?.names ?? []
const yearOf = (work: Work): string => String(work.issued?.start?.year ?? work.text('status'))

/** What each work is told; works that need nothing share one answer. `before` lends its answers where they are the same. */
export function tellApart(
  style: Style,
  used: readonly Entry[],
  filed: readonly Entry[],
  before?: ReadonlyMap<string, Told>,
): Map<string, Told> {
  const rules = style.citation
  const told = new Map<string, Told>()
  const change = (id: string, more: Told) => told.set(id, { ...told.get(id), ...more })
  const shown = ({ id, work }: Entry): string => textOfAtoms(authorInText(work, false, told.get(id) ?? ALONE))
  if (rules.sameSurname) for (const id of sharedSurnames(used)) change(id, { tellApart: true })
  if (rules.ambiguous === 'names')
    for (const [id, atLeast] of moreNames(used, (entry) => `${shown(entry)} ${yearOf(entry.work)}`)) change(id, { atLeast })
  if (rules.yearLetters) {
    const groups = grouped(
      filed,
      (entry) => `${entry.work.lead ? shown(entry) : `title ${fold(entry.work.text('title'))}`} ${yearOf(entry.work)}`,
    )
    for (const group of groups) group.forEach(({ id }, i) => change(id, { yearLetter: letters(i) }))
  }
  if (rules.titleForSeveral) {
    for (const group of grouped(
      used.filter((entry) => entry.work.lead),
      shown,
    ))
      for (const { id } of group) change(id, { needsTitle: true })
  }
  const all = new Map<string, Told>()
  for (const { id } of used) {
    const now = told.get(id) ?? ALONE
    const was = before?.get(id)
    all.set(id, was && sameTold(was, now) ? was : now)
  }
  return all
}

const sameTold = (a: Told, b: Told): boolean =>
  a === b || (a.yearLetter === b.yearLetter && a.atLeast === b.atLeast && a.tellApart === b.tellApart && a.needsTitle === b.needsTitle)

/** Groups of two and more that share a key. */
function grouped(entries: readonly Entry[], keyOf: (entry: Entry) => string): Entry[][] {
  const groups = new Map<string, Entry[]>()
  for (const entry of entries) {
    const key = keyOf(entry)
    const group = groups.get(key)
    if (group) group.push(entry)
    else groups.set(key, [entry])
  }
  return [...groups.values()].filter(group => group.length > 1)
}

/** Works whose first author shares a surname with the first author of another, but not the given names. */
function sharedSurnames(used: readonly Entry[]): string[] {
  const people = new Map<string, { givens: Set<string>, ids: string[] }>()
  for (const { id, work } of used) {
    const first = namesOf(work)[0]
    if (!first || first.literal || !givenName(first)) continue
    const key = work.keep('surname', () => fold(surname(first)))
    const sharing = people.get(key) ?? { givens: new Set(), ids: [] }
    sharing.givens.add(work.keep('given', () => fold(givenName(first))))
    sharing.ids.push(id)
    people.set(key, sharing)
  }
  return [...people.values()].filter(({ givens }) => givens.size > 1).flatMap(({ ids }) => ids)
}

/** Works whose names shorten to the same citation show as many more names as it takes (APA 7, 8.18; Chicago 18, 13.122). */
function moreNames(used: readonly Entry[], citation: (entry: Entry) => string): [string, number][] {
  const out: [string, number][] = []
  for (const group of grouped(used.filter(({ work }) => namesOf(work).length > 2), citation)) {
    const differing = group.filter(a => group.some(b => !sameNames(namesOf(a.work), namesOf(b.work))))
    for (const { id, work } of differing) {
      const mine = namesOf(work)
      const others = differing.map(b => namesOf(b.work)).filter(names => !sameNames(mine, names))
      const needed = Math.max(...others.map((names) => {
        let same = 0
        while (same < mine.length && same < names.length && fold(surname(mine[same]!)) === fold(surname(names[same]!))) same++
        return same + 1
      }))
      // "et al." cannot stand for one name alone: then that name is given too.
      out.push([id, needed >= mine.length - 1 ? mine.length : needed])
    }
  }
  return out
}
