/** Passages taken from sources. They belong to the source; each paper that uses it sees them. */
import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm'
import type { PassageText } from '../../core/source/passages'
import { notFound, stale } from '../utils/api'
import type { Db } from './open'
import { inside, newId, now } from './rows'
import { getPaper } from './papers'
import { getSource } from './sources'
import { passages, uses } from './schema'

const shown = {
  id: passages.id,
  sourceId: passages.sourceId,
  form: passages.form,
  words: passages.words,
  original: passages.original,
  locator: passages.locator,
  comment: passages.comment,
  tags: passages.tags,
  savedBy: passages.savedBy,
  revision: passages.revision,
  createdAt: passages.createdAt,
}

/** The passages of every source that a paper uses, in the order they were taken. */
export function passagesOf(db: Db, paperId: string) {
  return db
    .select(shown)
    .from(passages)
    .innerJoin(uses, and(eq(uses.sourceId, passages.sourceId), eq(uses.paperId, paperId), isNull(uses.deletedAt)))
    .where(isNull(passages.deletedAt))
    .orderBy(asc(passages.createdAt), asc(passages.id))
    .all()
}

export function addPassage(db: Db, paperId: string, { sourceId, ...text }: PassageText & { sourceId: string }) {
  getPaper(db, paperId)
  getSource(db, sourceId)
  return db.insert(passages).values({ id: newId(), sourceId, paperId, ...text, createdAt: now(), updatedAt: now() }).returning(shown).get()
}

export function changePassage(
  db: Db,
  id: string,
  { revision, by, ...change }: { revision: number, by?: string | undefined } & { [K in keyof PassageText]?: PassageText[K] | undefined },
) {
  return inside(db, (tx) => {
    const current = tx
      .select(shown)
      .from(passages)
      .where(and(eq(passages.id, id), isNull(passages.deletedAt)))
      .get()
    if (!current) throw notFound('passage')
    if (current.revision !== revision) throw stale(current)
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    return tx
      .update(passages)
      .set({ ...given, savedBy: by ?? null, revision: revision + 1, updatedAt: now() })
      .where(eq(passages.id, id))
      .returning(shown)
      .get()
  })
}

/** Hides a passage, or brings it back. */
export function removePassage(db: Db, id: string, removed: boolean) {
  const row = db
    .update(passages)
    .set({ deletedAt: removed ? now() : null, updatedAt: now(), savedBy: null, revision: sql`${passages.revision} + 1` })
    .where(eq(passages.id, id))
    .returning(shown)
    .get()
  if (!row) throw notFound('passage')
  return row
}

/** Gives passages to another source, as when a merge is undone. */
export function movePassages(db: Db, ids: readonly string[], sourceId: string) {
  getSource(db, sourceId)
  return db
    .update(passages)
    .set({ sourceId, updatedAt: now(), savedBy: null, revision: sql`${passages.revision} + 1` })
    .where(inArray(passages.id, [...ids]))
    .returning({ id: passages.id, revision: passages.revision })
    .all()
}
