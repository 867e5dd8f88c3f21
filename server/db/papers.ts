/** Papers, what they use, and what is kept of them. All reads leave out what was removed. */
import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { countWords, emptyDocument, type DocNode } from '../../core/sheet/document'
import { freeKey, plainKey } from '../../core/source/keys'
import type { Fields, Source } from '../../core/source/model'
import type { KindId } from '../../core/source/kinds'
import { notFound, stale, ApiError } from '../utils/api'
import type { Db } from './open'
import { papers, passages, snapshots, sources, uses } from './schema'

export const newId = (): string => randomUUID()
const now = () => new Date()
type Paper = typeof papers.$inferSelect

export function listPapers(db: Db) {
  const rows = db.select({
    paper: papers,
    sources: sql<number>`(select count(*) from ${uses} where ${uses.paperId} = ${papers.id} and ${uses.deletedAt} is null)`,
  }).from(papers).where(isNull(papers.deletedAt)).orderBy(desc(papers.updatedAt)).all()
  return rows.map(({ paper, sources }) => ({
    id: paper.id, title: paper.title, style: paper.style, sources, words: countWords(paper.body as unknown as DocNode), updatedAt: paper.updatedAt, revision: paper.revision,
  }))
}

export function getPaper(db: Db, id: string): Paper {
  const paper = db.select().from(papers).where(and(eq(papers.id, id), isNull(papers.deletedAt))).get()
  if (!paper) throw notFound('paper')
  return paper
}

/** A paper with everything its views need. */
export function getWorkspace(db: Db, id: string) {
  const paper = getPaper(db, id)
  const used = db.select({ source: sources, use: uses }).from(uses).innerJoin(sources, eq(uses.sourceId, sources.id))
    .where(and(eq(uses.paperId, id), isNull(uses.deletedAt))).orderBy(asc(uses.createdAt), asc(uses.key)).all()
  const taken = db.select({ sourceId: passages.sourceId, count: sql<number>`count(*)` }).from(passages)
    .where(and(eq(passages.paperId, id), isNull(passages.deletedAt))).groupBy(passages.sourceId).all()
  const counts = new Map(taken.map(row => [row.sourceId, row.count]))
  return {
    paper: { id: paper.id, title: paper.title, style: paper.style, body: paper.body, details: paper.details, revision: paper.revision, updatedAt: paper.updatedAt },
    sources: used.map(({ source, use }) => ({
      id: source.id, kind: source.kind, fields: source.fields, revision: source.revision,
      key: use.key, listed: use.listed, annotation: use.annotation, division: use.division, useRevision: use.revision, passages: counts.get(source.id) ?? 0,
    })),
  }
}

export function createPaper(db: Db, { title, style }: { title: string, style: string }): Paper {
  return db.insert(papers).values({
    id: newId(), title, style, body: emptyDocument() as unknown as Record<string, unknown>, details: {}, createdAt: now(), updatedAt: now(),
  }).returning().get()
}

export interface PaperChange { revision: number, title?: string | undefined, style?: string | undefined, body?: Record<string, unknown> | undefined, details?: Record<string, string> | undefined }

/** Saves what is given; refuses a save from an older revision with the paper as it stands. */
export function changePaper(db: Db, id: string, { revision, ...change }: PaperChange): Paper {
  return db.transaction((tx) => {
    const current = getPaper(tx as unknown as Db, id)
    if (current.revision !== revision) throw stale({ revision: current.revision, title: current.title, style: current.style, body: current.body, details: current.details, updatedAt: current.updatedAt })
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    return tx.update(papers).set({ ...given, revision: revision + 1, updatedAt: now() }).where(eq(papers.id, id)).returning().get()
  }, { behavior: 'immediate' })
}

export function removePaper(db: Db, id: string, removed: boolean) {
  const row = db.update(papers).set({ deletedAt: removed ? now() : null, updatedAt: now(), revision: sql`${papers.revision} + 1` }).where(eq(papers.id, id)).returning({ id: papers.id, revision: papers.revision }).get()
  if (!row) throw notFound('paper')
  return row
}

/** Keeps a paper's text as it was, so that nothing is lost when two tabs disagree. */
export function keepSnapshot(db: Db, paperId: string, { reason, title, body }: { reason: string, title: string, body: Record<string, unknown> }) {
  getPaper(db, paperId)
  return db.insert(snapshots).values({ id: newId(), paperId, reason, title, body, createdAt: now(), updatedAt: now() }).returning({ id: snapshots.id }).get()
}
export const listSnapshots = (db: Db, paperId: string) => db.select().from(snapshots).where(and(eq(snapshots.paperId, paperId), isNull(snapshots.deletedAt))).orderBy(desc(snapshots.createdAt)).all()

// Sources ----------------------------------------------------------------------------------------------------------

const keysOf = (db: Db, paperId: string): Set<string> => new Set(db.select({ key: uses.key }).from(uses).where(eq(uses.paperId, paperId)).all().map(row => row.key))

export interface NewSource { kind: KindId, fields: Fields, origin?: Record<string, unknown> | undefined, key?: string | undefined }

/** A new source on the shelf, used by this paper. Keys are never reused, not even those of removed sources. */
export function addSource(db: Db, paperId: string, { kind, fields, origin, key }: NewSource) {
  return db.transaction((tx) => {
    const inner = tx as unknown as Db
    getPaper(inner, paperId)
    const id = newId()
    tx.insert(sources).values({ id, kind, fields, ...(origin ? { origin } : {}), createdAt: now(), updatedAt: now() }).run()
    return useSource(inner, paperId, id, key ?? plainKey({ id, kind, fields } as Source))
  }, { behavior: 'immediate' })
}

/** Puts a source of the shelf into a paper; one that was taken out before comes back with its key. */
export function useSource(db: Db, paperId: string, sourceId: string, wanted?: string) {
  const source = getSource(db, sourceId)
  const before = db.select().from(uses).where(and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))).get()
  if (before) db.update(uses).set({ deletedAt: null, revision: before.revision + 1, updatedAt: now() }).where(and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))).run()
  else {
    const key = freeKey(wanted ?? plainKey(source as unknown as Source), keysOf(db, paperId))
    db.insert(uses).values({ paperId, sourceId, key, createdAt: now(), updatedAt: now() }).run()
  }
  return getWorkspace(db, paperId).sources.find(s => s.id === sourceId)!
}

export function getSource(db: Db, id: string) {
  const source = db.select().from(sources).where(and(eq(sources.id, id), isNull(sources.deletedAt))).get()
  if (!source) throw notFound('source')
  return source
}

export const listShelf = (db: Db) => db.select({ id: sources.id, kind: sources.kind, fields: sources.fields, revision: sources.revision }).from(sources).where(isNull(sources.deletedAt)).orderBy(desc(sources.updatedAt)).all()

export function changeSource(db: Db, id: string, { revision, kind, fields }: { revision: number, kind: KindId, fields: Fields }) {
  return db.transaction((tx) => {
    const current = getSource(tx as unknown as Db, id)
    if (current.revision !== revision) throw stale({ revision: current.revision, kind: current.kind, fields: current.fields })
    return tx.update(sources).set({ kind, fields, revision: revision + 1, updatedAt: now() }).where(eq(sources.id, id)).returning({ id: sources.id, revision: sources.revision }).get()
  }, { behavior: 'immediate' })
}

export interface UseChange { revision: number, key?: string | undefined, listed?: boolean | undefined, annotation?: string | undefined, division?: string | undefined }
export function changeUse(db: Db, paperId: string, sourceId: string, { revision, ...change }: UseChange) {
  return db.transaction((tx) => {
    const here = and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))
    const current = tx.select().from(uses).where(here).get()
    if (!current || current.deletedAt) throw notFound('source in this paper')
    if (current.revision !== revision) throw stale({ revision: current.revision, key: current.key, listed: current.listed, annotation: current.annotation, division: current.division })
    if (change.key && change.key !== current.key && keysOf(tx as unknown as Db, paperId).has(change.key)) {
      throw new ApiError(422, { code: 'key-taken', message: `The key ${change.key} belongs, or belonged, to another source of this paper; keys are never reused.`, field: 'key' })
    }
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    return tx.update(uses).set({ ...given, revision: revision + 1, updatedAt: now() }).where(here).returning().get()
  }, { behavior: 'immediate' })
}

/** Takes a source out of a paper, or puts it back; it stays on the shelf either way. */
export function dropUse(db: Db, paperId: string, sourceId: string) {
  const row = db.update(uses).set({ deletedAt: now(), updatedAt: now(), revision: sql`${uses.revision} + 1` })
    .where(and(eq(uses.paperId, paperId), eq(uses.sourceId, sourceId))).returning({ id: uses.sourceId }).get()
  if (!row) throw notFound('source in this paper')
  return row
}
