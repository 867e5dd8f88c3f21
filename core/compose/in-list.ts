/** The list of a paper set, entry by entry, those on which nothing bears that changed left as they were. */
import { sameNames } from '../source/names'
import type { Style } from '../styles/schema'
import type { Told } from './apart'
import { setEntry, type SetEntry } from './entry'
import { appearanceReasons, filingReasons, type Entry } from './order'
import type { Composition, ListEntry, Paper } from './paper'

/** A list entry as it was set, likewise. */
export interface Placed {
  entry: Entry
  told: Told
  repeats: boolean
  previous: Entry | undefined
  at: number
  number: number | undefined
  cited: boolean
  division: string | undefined
  set: SetEntry
  listed: ListEntry
}
export interface Listed { list: ListEntry[], placed: ReadonlyMap<string, Placed>, unsure: Composition['unsure'] }

export interface ToList {
  inOrder: readonly Entry[]
  told: ReadonlyMap<string, Told>
  numbers: ReadonlyMap<string, number>
  cited: ReadonlyMap<string, number>
}

export function setList(
  before: ReadonlyMap<string, Placed> | undefined,
  style: Style,
  paper: Paper,
  { inOrder, told, numbers, cited }: ToList,
): Listed {
  const numbered = style.citation.system === 'numbers'
  const byAppearance = style.list.order === 'appearance'
  const divisions = numbered ? undefined : paper.divisions
  const divisionOf = ({ id }: Entry): number => divisions?.order.indexOf(divisions.of[id] ?? '') ?? -1
  // Numbers follow the order of citing whatever the list is divided into (numbered lists are not divided).
  const divided = divisions ? [...inOrder].sort((a, b) => divisionOf(a) - divisionOf(b)) : inOrder
  const placed = new Map<string, Placed>()
  const unsure: Composition['unsure'] = {}
  let previous: Entry | undefined
  const list = divided.map((entry, at): ListEntry => {
    const { id, work } = entry
    const mine = told.get(id)!
    const under = divisions ? divisionOf(entry) : -1
    const follows = previous && (!divisions || divisionOf(previous) === under) ? previous : undefined
    const repeats = Boolean(style.list.repeated && follows?.work.lead && work.lead && sameNames(follows.work.lead.names, work.lead.names))
    const number = numbered ? numbers.get(id) : undefined
    const division = under >= 0 ? divisions!.of[id] : undefined
    const isCited = cited.has(id)
    const was = before?.get(id)
    const same =
      was
      && was.entry === entry
      && was.told === mine
      && was.repeats === repeats
      && was.number === number
      && was.division === division
      && (byAppearance ? was.at === at && was.cited === isCited : was.previous === previous)
    const now = same ? was : placeEntry()
    function placeEntry(): Placed {
      const set = setEntry(work, mine, repeats ? style.list.repeated : undefined)!
      const why = byAppearance ? appearanceReasons(at, isCited) : filingReasons(work, previous?.work)
      const listed: ListEntry = {
        id,
        runs: set.runs,
        ...(number !== undefined ? { number } : {}),
        ...(division !== undefined ? { division } : {}),
        why,
      }
      return { entry, told: mine, repeats, previous, at, number, cited: isCited, division, set, listed }
    }
    placed.set(id, now)
    if (now.set.unsure.length) unsure[id] = [...now.set.unsure]
    previous = entry
    return now.listed
  })
  return { list, placed, unsure }
}
