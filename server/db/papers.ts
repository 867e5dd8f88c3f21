/** Papers, what they use, and what is kept of them. All reads leave out what was removed. */
import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { countWords } from '../../core/sheet/count'
import { emptyDocument, type DocNode } from '../../core/sheet/document'
import { plainText } from '../../core/sheet/walking'
import { notFound, stale } from '../utils/api'
import type { Db } from './open'
import { inside, newId, now } from './rows'
import { papers, snapshots, uses } from './schema'

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

export function createPaper(db: Db, { title, style }: { title: string, style: string }): Paper {
  return db.insert(papers).values({
    id: newId(), title, style, body: emptyDocument() as unknown as Record<string, unknown>, details: {}, createdAt: now(), updatedAt: now(),
  }).returning().get()
}

export interface PaperChange { revision: number, title?: string | undefined, style?: string | undefined, body?: Record<string, unknown> | undefined, details?: Record<string, string> | undefined }

/** Saves what is given; refuses a save from an older revision with the paper as it stands. */
export function changePaper(db: Db, id: string, { revision, ...change }: PaperChange): Paper {
  return inside(db, (tx) => {
    const current = getPaper(tx, id)
    if (current.revision !== revision) throw stale({ revision: current.revision, title: current.title, style: current.style, body: current.body, details: current.details, updatedAt: current.updatedAt })
    if (change.body !== undefined) keepByItself(tx, current)
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    return tx.update(papers).set({ ...given, revision: revision + 1, updatedAt: now() }).where(eq(papers.id, id)).returning().get()
  })
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
/** What a snapshot is, without its text but for how it begins. */
export const listSnapshots = (db: Db, paperId: string) => db.select().from(snapshots).where(and(eq(snapshots.paperId, paperId), isNull(snapshots.deletedAt))).orderBy(desc(snapshots.createdAt)).all()
  .map(({ id, reason, title, body, createdAt }) => { const text = plainText(body as unknown as DocNode).trim(); return { id, reason, title, createdAt, words: countWords(body as unknown as DocNode), begins: text.slice(0, 120) } })

export function getSnapshot(db: Db, paperId: string, id: string) {
  const row = db.select().from(snapshots).where(and(eq(snapshots.id, id), eq(snapshots.paperId, paperId), isNull(snapshots.deletedAt))).get()
  if (!row) throw notFound('earlier state')
  return { id: row.id, reason: row.reason, title: row.title, body: row.body, createdAt: row.createdAt }
}

export const BY_ITSELF = 'While writing'
const EVERY = 10 * 60_000
const KEPT = 60
/** Keeps the text as it was before a change, at most once in ten minutes; of the oldest such states some go. */
function keepByItself(db: Db, paper: Paper) {
  const mine = and(eq(snapshots.paperId, paper.id), eq(snapshots.reason, BY_ITSELF))
  const all = db.select({ id: snapshots.id, createdAt: snapshots.createdAt }).from(snapshots).where(mine).orderBy(desc(snapshots.createdAt)).all()
  if ((all[0] && now().getTime() - all[0].createdAt.getTime() < EVERY) || !countWords(paper.body as unknown as DocNode)) return
  keepSnapshot(db, paper.id, { reason: BY_ITSELF, title: paper.title, body: paper.body })
  for (const old of all.slice(KEPT)) db.delete(snapshots).where(eq(snapshots.id, old.id)).run()
}
