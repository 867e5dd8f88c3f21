/** What composing is given and gives: a paper as citations in order, and everything that is set for it. */
import type { Run } from '../text/runs'
import type { Locator } from '../source/locators'
import type { Form } from './citations'

export interface CitedItem {
  id: string
  locator?: Locator
  prefix?: string
  suffix?: string
  /** The work quoted there, where this one is cited for what it quotes ("Rabbitt, 1982"). */
  original?: string
}
export interface Citation {
  items: readonly CitedItem[]
  form?: Form
  /**
   * The writer's own words in a note: before and after its references in note styles; alone, or in a style that cites in
   * the text, a note of their own.
   */
  words?: { before?: string, after?: string }
  /** Its works stand among those words, in styles that cite in the text as well. */
  inNote?: boolean
}
export interface Paper {
  citations: readonly Citation[]
  alsoList?: readonly string[]
  /** Cited works that the writer keeps out of the list; numbered lists have an entry for every number. */
  leftOut?: readonly string[]
  /** A divided list: the heading each source stands under, by id; divisions come in the order given, the rest first. */
  divisions?: { order: readonly string[], of: Readonly<Record<string, string>> }
}

export interface ListEntry {
  id: string
  runs: Run[]
  /** Numbered styles: its number. */
  number?: number
  /** A divided list: the heading it stands under. */
  division?: string
  /** Why it stands where it stands, a few words each, as rich text; nothing where its first word says it. */
  why: string[]
}
export interface Composition {
  citations: Run[][]
  /** The text of each note, in order; in styles that cite in the text only those of the writer's own words. */
  notes: Run[][]
  /** For each citation, the number of its note. */
  noteNumbers: (number | undefined)[]
  list: ListEntry[]
  /** Ids cited that no source has. */
  unknown: string[]
  /** Words in titles whose capital could not be decided, by source. */
  unsure: Record<string, string[]>
  /** Sources that could not be set, and stand as they were typed. */
  asTyped?: string[]
}

/** The forms of one source standing alone. */
export interface Alone { reference: Run[] | null, parenthetical: Run[], narrative: Run[], note: Run[] | null, shortNote: Run[] | null }

/** Whether two lists hold the same objects in the same order. */
export const sameList = <T>(a: readonly T[], b: readonly T[]): boolean => a === b || alike(a, b, (one, other) => one === other)

/** Whether two lists are as long as each other and alike at every place. A loop, since this is asked at every key typed. */
export function alike<T>(a: readonly T[], b: readonly T[], same: (one: T, other: T) => boolean): boolean {
  if (a.length !== b.length) return false
  for (let i = 0; i < a.length; i++) if (!same(a[i]!, b[i]!)) return false
  return true
}

const sameLocator = (a: Locator | undefined, b: Locator | undefined): boolean => a === b || (a?.place === b?.place && a?.label === b?.label)
const sameItem = (a: CitedItem, b: CitedItem): boolean => a === b
  || (a.id === b.id && a.prefix === b.prefix && a.suffix === b.suffix && a.original === b.original && sameLocator(a.locator, b.locator))

/** Whether two citations say the same. */
export const sameCitation = (a: Citation, b: Citation): boolean => a === b
  || (a.form === b.form && a.inNote === b.inNote && alike(a.items, b.items, sameItem)
    && (a.words === b.words || (a.words?.before === b.words?.before && a.words?.after === b.words?.after)))
