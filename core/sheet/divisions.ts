/** A list in parts. */
import type { Paper } from '../compose/compose'

/** The parts that a list can be divided into, in their order (MLA 9, 5.131; Chicago 18, 13.71). */
export const DIVISIONS = ['Primary sources', 'Secondary sources'] as const

/** The divisions of a paper's list, from its sources; none when no source has one. */
export function divided(sources: readonly { id: string, division?: string }[]): Pick<Paper, 'divisions'> {
  const of = Object.fromEntries(sources.filter(s => s.division).map(s => [s.id, s.division!]))
  return Object.keys(of).length ? { divisions: { order: DIVISIONS, of } } : {}
}
