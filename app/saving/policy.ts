/** What becomes of a change that met a newer state. Computes; what is shown and sent is for the stores. */
import { joinTexts } from '~~/core/sheet/changed-blocks'
import type { DocNode } from '~~/core/sheet/document'
import { joinFields } from '~~/core/source/joining'
import type { FieldName } from '~~/core/source/fields'
import type { Fields } from '~~/core/source/model'

export interface PaperChange { title?: string, style?: string, details?: Record<string, string>, left?: string[], body?: DocNode }
/** A paper as the server has it when it refuses a save made from an older one. */
export interface PaperState {
  title: string
  style: string
  details: Record<string, string>
  left: string[]
  body: DocNode
  revision: number
  updatedAt: string
  savedBy?: string | null
}

export type PaperMeeting =
  /** It is this window's own last save, whose answer was lost: go on from there. */
  | { what: 'own' }
  /** No text was changed here, or to the same: theirs is taken over, with what else was changed here laid on it. */
  | { what: 'take' }
  /** Both wrote, in different blocks: both texts together. */
  | { what: 'join', body: DocNode }
  | { what: 'ask' }

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/**
 * @param mine what was changed here and is not saved
 * @param base the text that it was made from, where that is known
 * @param own whether the newer state was saved by this window
 */
export function meetPaper(mine: PaperChange, theirs: PaperState, base: DocNode | undefined, own: boolean): PaperMeeting {
  if (own) return { what: 'own' }
  if (mine.body === undefined || same(mine.body, theirs.body)) return { what: 'take' }
  if (!base) return { what: 'ask' }
  // Nobody wrote there: something else of the paper was changed.
  if (same(theirs.body, base)) return { what: 'join', body: mine.body }
  const body = joinTexts(base, mine.body, theirs.body)
  return body ? { what: 'join', body } : { what: 'ask' }
}

export interface SourceState { kind: string, fields: Fields, parked: Fields, settled: string[], revision: number, savedBy?: string | null }
export interface SourceMeeting {
  fields: Fields
  parked: Fields
  settled: string[]
  /** Fields that both filled, differently: what was typed here stands, and the other is offered. */
  both: FieldName[]
}
/** What differs in other places is joined. */
export function meetSource(
  mine: Pick<SourceState, 'fields' | 'parked' | 'settled'>,
  base: Fields,
  theirs: SourceState,
  own: boolean,
): SourceMeeting {
  if (own) return { fields: mine.fields, parked: mine.parked, settled: mine.settled, both: [] }
  return {
    ...joinFields(base, mine.fields, theirs.fields),
    parked: { ...theirs.parked, ...mine.parked },
    settled: [...new Set([...theirs.settled, ...mine.settled])],
  }
}
