/** What the server has of a paper's sources and passages now, with what is changed here and on its way. */
import type { Passage, PaperSource } from './held'
import { same, type ThingName } from './things'

/** Whether a thing is changed here and not yet saved. */
export type Busy = (thing: ThingName, id: string) => boolean

const ofSource = ({ kind, fields, parked, settled, revision }: PaperSource) => ({ kind, fields, parked, settled, revision })
const ofUse = ({ key, listed, leftOut, annotation, division, useRevision }: PaperSource) =>
  ({ key, listed, leftOut, annotation, division, useRevision })

export function pulledSources(here: readonly PaperSource[], there: readonly PaperSource[], busy: Busy): PaperSource[] {
  const own = new Map(here.map(source => [source.id, source]))
  const known = new Set(there.map(source => source.id))
  return [
    ...there.map((source): PaperSource => {
      const mine = own.get(source.id)
      if (!mine) return source
      const newer = !busy('source', source.id) && source.revision >= mine.revision
      const newerUse = !busy('use', source.id) && source.useRevision >= mine.useRevision
      const next = { ...source, ...(newer ? {} : ofSource(mine)), ...(newerUse ? {} : ofUse(mine)) }
      // What did not change stays the same object: what is composed of it is kept by it.
      return same(mine, next) ? mine : next
    }),
    ...here.filter(({ id }) => !known.has(id) && (busy('source', id) || busy('use', id))),
  ]
}

export function pulledPassages(here: readonly Passage[], there: readonly Passage[], busy: Busy): Passage[] {
  const own = new Map(here.map(one => [one.id, one]))
  const known = new Set(there.map(one => one.id))
  return [
    ...there.map((one): Passage => {
      const mine = own.get(one.id)
      return mine && (busy('passage', one.id) || mine.revision > one.revision) ? mine : one
    }),
    ...here.filter(({ id }) => !known.has(id) && busy('passage', id)),
  ]
}
