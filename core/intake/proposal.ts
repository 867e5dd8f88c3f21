/** What every reader of sources gives: proposals, each field marked by where it came from, and what went wrong. */
import type { Fields } from '../source/model'
import type { FieldName } from '../source/fields'
import type { KindId } from '../source/kinds'

/** Where a field came from, most to be trusted first. */
export const TRUSTS = ['catalogue', 'page', 'file', 'read', 'guessed'] as const
export type Trust = (typeof TRUSTS)[number]

export interface Origin {
  by: Trust
  /** In words, as "the page’s citation tags". */
  says: string
}

export interface Proposal {
  kind: KindId
  fields: Fields
  from: Partial<Record<FieldName | 'kind', Origin>>
  /** Its key in the file it came from. */
  key?: string
  /** Kept whole with the source, as a CSL-JSON item, so that nothing unknown is lost on the way out. */
  origin?: Record<string, unknown>
  /** The text it was read from, for comparing. */
  original?: string
  /** Where in what was given: "line 12", "paragraph 3". */
  where: string
  /** What the writer should look at, in sentences. */
  doubts: string[]
}

export interface Problem { where: string, what: string }
export interface Intake { proposals: Proposal[], problems: Problem[] }

/** How a reader of a long file tells how far it is (0 to 1). */
export type Progress = (done: number) => void

/** One origin for all the fields given. */
export function allFrom(fields: Fields, by: Trust, says: string): Proposal['from'] {
  const origin: Origin = { by, says }
  const from: Proposal['from'] = { kind: origin }
  for (const name of Object.keys(fields)) from[name as FieldName] = origin
  return from
}
