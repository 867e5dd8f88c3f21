/** Papers, what they use, and what is kept of them. All reads leave out what was removed. */
import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import type { Besides } from '../../core/handin/archive/schema'
import type { BlocksChange } from '../../core/sheet/changed-blocks'
import type { PaperSort } from '../../core/sheet/choices'
import { countWords } from '../../core/sheet/count'
import { emptyDocument, type DocNode } from '../../core/sheet/document'
import { plainText } from '../../core/sheet/walking'
import { notFound, stale } from '../utils/api'
import { damageIn, readable } from './damage'
import type { Db } from './open'
import { inside, newId, now } from './rows'
import { papers, snapshots, uses } from './schema'
import { changeText, textOf, writeText } from './texts'

type Paper = typeof papers.$inferSelect

/** Words are counted again only for a text that has changed: the Desk counts every paper's. */
const counted = new Map<string, { revision: number, words: number }>()
function wordsOf(db: Db, { id, revision }: Paper): number {
  const known = counted.get(id)
  if (known?.revision === revision) return known.words
  // One that cannot be read is on the Desk with the others, and says so when it is opened.
  const words = wordsIn(db, id)
  counted.set(id, { revision, words })
  return words
}

function wordsIn(db: Db, id: string): number {
  try { return countWords(textOf(db, id)) }
  catch { return 0 }
}

export function listPapers(db: Db) {
  const rows = db.select({
    paper: papers,
    sources: sql<number>`(select count(*) from ${uses} where ${uses.paperId} = ${papers.id} and ${uses.deletedAt} is null)`,
  }).from(papers).where(isNull(papers.deletedAt)).orderBy(desc(papers.updatedAt)).all()
  return rows.map(({ paper, sources }) => ({
    id: paper.id,
    title: paper.title,
    style: paper.style,
    sources,
    words: wordsOf(db, paper),
    updatedAt: paper.updatedAt,
    revision: paper.revision,
  }))
}

export function getPaper(db: Db, id: string): Paper {
  const paper = db.select().from(papers).where(and(eq(papers.id, id), isNull(papers.deletedAt))).get()
  if (!paper) throw notFound('paper')
  return readable(paper)
}

export function createPaper(db: Db, { title, style, sort = 'paper' }: { title: string, style: string, sort?: PaperSort }): Paper {
  return inside(db, (tx) => {
    const paper = tx.insert(papers).values({ id: newId(), title, style, details: sort === 'paper' ? {} : { sort }, createdAt: now(), updatedAt: now() }).returning().get()
    writeText(tx, paper.id, emptyDocument())
    return paper
  })
}

/** A paper as it stands, for one whose own is older. */
const standing = (db: Db, { id, revision, title, style, details, left, savedBy, saves, updatedAt }: Paper) => ({
  revision,
  title,
  style,
  details,
  left,
  savedBy,
  saves,
  updatedAt,
  body: textOf(db, id),
})

export interface PaperChange {
  revision: number
  /** The window that saves. */
  by?: string | undefined
  /** The save's own name. */
  save?: string | undefined
  title?: string | undefined
  style?: string | undefined
  details?: Record<string, string> | undefined
  /** Ids of findings that the writer left as they are. */
  left?: string[] | undefined
  /** The text whole, or what of it has changed. */
  body?: DocNode | undefined
  blocks?: BlocksChange | undefined
}

/** As many saves are known by their names. */
const SAVES = 40
/** Saves what is given; refuses a save from an older revision with the paper as it stands. */
export function changePaper(db: Db, id: string, { revision, by, save, body, blocks, ...change }: PaperChange): Paper {
  return inside(db, (tx) => {
    const current = getPaper(tx, id)
    if (current.revision !== revision) throw stale(standing(tx, current))
    if (body || blocks) keepByItself(tx, current)
    if (body) writeText(tx, id, body)
    else if (blocks) changeText(tx, id, revision + 1, blocks, () => standing(tx, current))
    const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    const saved = save ? { saves: [...current.saves, save].slice(-SAVES) } : {}
    return tx
      .update(papers)
      .set({ ...given, ...saved, savedBy: by ?? null, revision: revision + 1, updatedAt: now() })
      .where(eq(papers.id, id))
      .returning()
      .get()
  })
}

export function removePaper(db: Db, id: string, removed: boolean) {
  const row = db
    .update(papers)
    .set({ deletedAt: removed ? now() : null, updatedAt: now(), savedBy: null, revision: sql`${papers.revision} + 1` })
    .where(eq(papers.id, id))
    .returning({ id: papers.id, revision: papers.revision })
    .get()
  if (!row) throw notFound('paper')
  return row
}

/** Keeps a paper's text as it was, so that nothing is lost when two tabs disagree. */
export interface Kept { reason: string, title: string, body: DocNode, besides?: Besides | undefined }
export function keepSnapshot(db: Db, paperId: string, { reason, title, body, besides }: Kept) {
  getPaper(db, paperId)
  return db
    .insert(snapshots)
    .values({ id: newId(), paperId, reason, title, body, ...(besides ? { besides } : {}), createdAt: now(), updatedAt: now() })
    .returning({ id: snapshots.id })
    .get()
}
/** What a snapshot is, without its text but for how it begins. */
export const listSnapshots = (db: Db, paperId: string) =>
  db
    .select()
    .from(snapshots)
    .where(and(eq(snapshots.paperId, paperId), isNull(snapshots.deletedAt)))
    .orderBy(desc(snapshots.createdAt))
    .all()
    .filter(row => !damageIn(row).length)
    .map(({ id, reason, title, body, createdAt }) => {
      const text = plainText(body).trim()
      return { id, reason, title, createdAt, words: countWords(body), begins: text.slice(0, 120) }
    })

export function getSnapshot(db: Db, paperId: string, id: string) {
  const row = db
    .select()
    .from(snapshots)
    .where(and(eq(snapshots.id, id), eq(snapshots.paperId, paperId), isNull(snapshots.deletedAt)))
    .get()
  if (!row) throw notFound('earlier state')
  const { reason, title, body, besides, createdAt } = readable(row)
  return { id, reason, title, body, ...(besides ? { besides } : {}), createdAt }
}

export const BY_ITSELF = 'While writing'
const EVERY = 10 * 60_000
const KEPT = 60
/** Keeps the text as it was before a change, at most once in ten minutes; of the oldest such states some go. */
function keepByItself(db: Db, paper: Paper) {
  const mine = and(eq(snapshots.paperId, paper.id), eq(snapshots.reason, BY_ITSELF))
  const all = db
    .select({ id: snapshots.id, createdAt: snapshots.createdAt })
    .from(snapshots)
    .where(mine)
    .orderBy(desc(snapshots.createdAt))
    .all()
  if (all[0] && now().getTime() - all[0].createdAt.getTime() < EVERY) return
  const body = textOf(db, paper.id)
  if (!countWords(body)) return
  keepSnapshot(db, paper.id, { reason: BY_ITSELF, title: paper.title, body })
  for (const old of all.slice(KEPT)) db.delete(snapshots).where(eq(snapshots.id, old.id)).run()
}
