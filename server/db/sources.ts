/** A paper's sources: on the shelf once, used by as many papers as need them. */
import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { freeKey, plainKey } from '../../core/source/keys'
import { withUnread, type Fields } from '../../core/source/model'
import type { KindId } from '../../core/source/kinds'
import { notFound, stale, ApiError } from '../utils/api'
import { damageIn, readable } from './damage'
import type { Db } from './open'
import { getPaper } from './papers'
import { inside, newId, now } from './rows'
import { passages, sources, uses } from './schema'

const keysOf = (db: Db, paperId: string): Set<string> =>
  new Set(
    db
      .select({ key: uses.key })
      .from(uses)
      .where(eq(uses.paperId, paperId))
      .all()
      .map((row) => row.key),
  )

/** A source with what this paper says of it. */
export const asUsed = ({ source, use }: { source: typeof sources.$inferSelect, use: typeof uses.$inferSelect }) => ({
  id: source.id,
  kind: source.kind,
  fields: source.fields,
  parked: source.parked,
  settled: source.settled,
  ...(source.origin ? { origin: source.origin } : {}),
  revision: source.revision,
  key: use.key,
  listed: use.listed,
  leftOut: use.leftOut,
  annotation: use.annotation,
  division: use.division,
  useRevision: use.revision,
  addedAt: use.createdAt,
})

export interface NewSource {
  /** Its own, where it may have to be sent twice. */
  id?: string | undefined
  kind: KindId
  fields: Fields
  origin?: Record<string, unknown> | undefined
  key?: string | undefined
}
type Used = ReturnType<typeof asUsed>

/** New sources on the shelf, used by this paper, all or none. Keys are never reused, not even those of removed sources. */
export function addSources(db: Db, paperId: string, given: readonly NewSource[]): Used[] {
  return inside(db, (tx) => {
    getPaper(tx, paperId)
    const taken = keysOf(tx, paperId)
    return given.map(({ id, kind, fields, origin, key }, i) => {
      // Sent a second time, since the answer to the first was not heard: it is that one.
      const before = id === undefined ? undefined : tx.select().from(sources).where(eq(sources.id, id)).get()
      if (before) return useSources(tx, paperId, [before.id])[0]!
      const source = tx
        .insert(sources)
        .values({ id: id ?? newId(), kind, fields, ...(origin ? { origin } : {}), createdAt: now(), updatedAt: now() })
        .returning()
        .get()
      const free = freeKey(key ?? plainKey({ id: source.id, kind: source.kind, fields: source.fields }), taken)
      taken.add(free)
      // A millisecond apart, so that the order of coming stays the order of the list.
      const at = new Date(Date.now() + i)
      return asUsed({
        source,
        use: tx.insert(uses).values({ paperId, sourceId: source.id, key: free, createdAt: at, updatedAt: at }).returning().get(),
      })
    })
  })
}
export const addSource = (db: Db, paperId: string, source: NewSource): Used => addSources(db, paperId, [source])[0]!

/** Puts sources of the shelf into a paper; one that was taken out before comes back with its key. */
export function useSources(db: Db, paperId: string, ids: readonly string[]): Used[] {
  return inside(db, (tx) => {
    getPaper(tx, paperId)
    const taken = keysOf(tx, paperId)
    return ids.map((sourceId) => {
      const source = getSource(tx, sourceId)
      const here = and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))
      const before = tx.select().from(uses).where(here).get()
      if (before)
        return asUsed({
          source,
          use: tx
            .update(uses)
            .set({ deletedAt: null, savedBy: null, revision: before.revision + 1, updatedAt: now() })
            .where(here)
            .returning()
            .get()!,
        })
      const key = freeKey(plainKey({ id: source.id, kind: source.kind, fields: source.fields }), taken)
      taken.add(key)
      return asUsed({
        source,
        use: tx.insert(uses).values({ paperId, sourceId, key, createdAt: now(), updatedAt: now() }).returning().get(),
      })
    })
  })
}
export const useSource = (db: Db, paperId: string, sourceId: string): Used => useSources(db, paperId, [sourceId])[0]!

export function getSource(db: Db, id: string) {
  const source = db.select().from(sources).where(and(eq(sources.id, id), isNull(sources.deletedAt))).get()
  if (!source) throw notFound('source')
  return readable(source)
}

export const listShelf = (db: Db) =>
  db
    .select({ id: sources.id, kind: sources.kind, fields: sources.fields, revision: sources.revision })
    .from(sources)
    .where(isNull(sources.deletedAt))
    .orderBy(desc(sources.updatedAt))
    .all()
    .filter(row => !damageIn(row).length)

export interface SourceChange {
  revision: number
  by?: string | undefined
  kind: KindId
  fields: Fields
  parked?: Fields | undefined
  settled?: string[] | undefined
}
/** Saves a source as it stands; refuses a save from an older revision with the source as it is. */
export function changeSource(db: Db, id: string, { revision, by, kind, fields, parked, settled }: SourceChange) {
  return inside(db, (tx) => {
    const current = getSource(tx, id)
    if (current.revision !== revision)
      throw stale({
        revision: current.revision,
        kind: current.kind,
        fields: current.fields,
        parked: current.parked,
        settled: current.settled,
        savedBy: current.savedBy,
      })
    return tx
      .update(sources)
      .set({
        kind,
        fields: withUnread(current.fields, fields),
        ...(parked ? { parked: withUnread(current.parked, parked) } : {}),
        ...(settled ? { settled } : {}),
        savedBy: by ?? null,
        revision: revision + 1,
        updatedAt: now(),
      })
      .where(eq(sources.id, id))
      .returning({ id: sources.id, revision: sources.revision })
      .get()
  })
}

export interface UseChange {
  revision: number
  by?: string | undefined
  key?: string | undefined
  listed?: boolean | undefined
  leftOut?: boolean | undefined
  annotation?: string | undefined
  division?: string | undefined
}
export function changeUse(db: Db, paperId: string, sourceId: string, { revision, by, ...change }: UseChange) {
  return inside(db, (tx) => {
    const here = and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))
    const current = tx.select().from(uses).where(here).get()
    if (!current || current.deletedAt) throw notFound('source in this paper')
    if (current.revision !== revision)
      throw stale({
        revision: current.revision,
        key: current.key,
        listed: current.listed,
        leftOut: current.leftOut,
        annotation: current.annotation,
        division: current.division,
        savedBy: current.savedBy,
      })
    if (change.key && change.key !== current.key && keysOf(tx, paperId).has(change.key)) {
      throw new ApiError(422, {
        code: 'key-taken',
        message: `The key ${change.key} belongs, or belonged, to another source of this paper; keys are never reused.`,
        field: 'key',
      })
    }
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    return tx.update(uses).set({ ...given, savedBy: by ?? null, revision: revision + 1, updatedAt: now() }).where(here).returning().get()
  })
}

/** Takes sources out of a paper; they stay on the shelf. */
export function dropUses(db: Db, paperId: string, ids: readonly string[]) {
  return inside(db, tx => ids.map((sourceId) => {
    const row = tx.update(uses).set({ deletedAt: now(), updatedAt: now(), savedBy: null, revision: sql`${uses.revision} + 1` })
      .where(and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))).returning({ id: uses.sourceId }).get()
    if (!row) throw notFound('source in this paper')
    return row
  }))
}
export const dropUse = (db: Db, paperId: string, sourceId: string) => dropUses(db, paperId, [sourceId])[0]!

/** Makes one source of two: `keep` takes the fields given and the other's passages; the other leaves the paper. All or nothing. */
export function mergeSources(db: Db, paperId: string, { keep, drop, ...change }: SourceChange & { keep: string, drop: string }) {
  return inside(db, (tx) => {
    const saved = changeSource(tx, keep, change)
    const moved = tx.update(passages).set({ sourceId: keep, updatedAt: now(), savedBy: null, revision: sql`${passages.revision} + 1` })
      .where(and(eq(passages.sourceId, drop), isNull(passages.deletedAt))).returning({ id: passages.id, revision: passages.revision }).all()
    dropUse(tx, paperId, drop)
    return { revision: saved.revision, moved }
  })
}
