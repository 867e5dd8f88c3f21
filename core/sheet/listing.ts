/**
 * What stands in the list besides what is cited, and what does not though it is; a list in parts, each under a heading of
 * its own (MLA Handbook 9, 5.131; Chicago 18, 13.71).
 */
import type { Paper } from '../compose/compose'

/** The headings that are offered before the writer has made any. */
export const DIVISIONS = ['Primary sources', 'Secondary sources'] as const

/** A paper's headings in their order, as its details keep them: one a line. */
export const readHeadings = (kept: string | undefined): string[] =>
  [...new Set((kept ?? '').split('\n').map(line => line.trim()).filter(Boolean))]
export const writeHeadings = (headings: readonly string[]): string => [...new Set(headings.map(one => one.trim()).filter(Boolean))].join('\n')

type Divided = readonly { id: string, division?: string }[]

/** Every heading that may stand in the list: the writer's own in their order, then those that a source names besides. */
export function headingsOf(sources: Divided, kept: string | undefined): string[] {
  const own = readHeadings(kept)
  const named = new Set(sources.flatMap(source => source.division || []))
  return [...new Set([...own, ...DIVISIONS.filter(one => named.has(one)), ...named])]
}

/** What a paper says of each of its sources, as far as its list is concerned. */
type Listed = readonly { id: string, listed?: boolean, leftOut?: boolean, division?: string }[]

export type ListPart = Pick<Paper, 'divisions' | 'leftOut'> & { alsoList: string[] }

/**
 * What of a paper's sources bears on its list besides the citations: those listed without being cited, those left out
 * though cited, and the headings that divide it.
 * @param kept the paper's headings as its details keep them
 */
export function listing(sources: Listed, kept?: string): ListPart {
  const of = Object.fromEntries(sources.filter(source => source.division).map(source => [source.id, source.division!]))
  const leftOut = sources.filter(source => source.leftOut && !source.listed).map(source => source.id)
  return {
    alsoList: sources.filter(source => source.listed).map(source => source.id),
    ...(leftOut.length ? { leftOut } : {}),
    ...(Object.keys(of).length ? { divisions: { order: headingsOf(sources, kept), of } } : {}),
  }
}
