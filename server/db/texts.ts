/**
 * The texts of papers. A text is stored whole from time to time, and between those times as what changed: a letter in a
 * paper of 300 pages writes one paragraph.
 */
import { asc, eq, sql } from 'drizzle-orm'
import { withBlocks, type BlocksChange } from '../../core/sheet/changed-blocks'
import type { DocNode } from '../../core/sheet/document'
import { ApiError, stale, tooLargePaper, PAPER_LIMIT } from '../utils/api'
import { readable } from './damage'
import type { Db } from './open'
import { textChanges, texts } from './schema'

/** A text is written whole again when its changes are so many, or so large beside it. */
const MANY = 200
const LARGE = 256 * 1024

/** A paper's text as it stands. */
export function textOf(db: Db, paperId: string): DocNode {
  const whole = db.select({ body: texts.body }).from(texts).where(eq(texts.paperId, paperId)).get()
  if (!whole) throw new Error(`paper ${paperId} has no text`)
  readable(whole)
  return db
    .select({ change: textChanges.change })
    .from(textChanges)
    .where(eq(textChanges.paperId, paperId))
    .orderBy(asc(textChanges.revision))
    .all()
    .reduce((body, row) => withBlocks(body, readable(row).change), whole.body)
}

/** Stores a text whole. */
export function writeText(db: Db, paperId: string, body: DocNode) {
  const row = { body, blocks: body.content?.length ?? 0, size: JSON.stringify(body).length }
  db.delete(textChanges).where(eq(textChanges.paperId, paperId)).run()
  db.insert(texts).values({ paperId, ...row }).onConflictDoUpdate({ target: texts.paperId, set: row }).run()
}

/**
 * Stores a change of a text, with the revision that it makes.
 * @throws ApiError where it was made of a text with another number of blocks, or makes the paper too large
 */
export function changeText(db: Db, paperId: string, revision: number, change: BlocksChange, current: () => unknown) {
  const whole = db.select({ blocks: texts.blocks, size: texts.size }).from(texts).where(eq(texts.paperId, paperId)).get()!
  const since = db
    .select({
      count: sql<number>`count(*)`,
      size: sql<number>`coalesce(sum(${textChanges.size}), 0)`,
      last: sql<number | null>`max(${textChanges.revision})`,
    })
    .from(textChanges)
    .where(eq(textChanges.paperId, paperId))
    .get()!
  const blocks =
    since.last === null
      ? whole.blocks
      : db
          .select({ blocks: textChanges.blocks })
          .from(textChanges)
          .where(sql`${textChanges.paperId} = ${paperId} and ${textChanges.revision} = ${since.last}`)
          .get()!.blocks
  // Never so with one revision; a text that is not what its sender thinks is not to be guessed at.
  if (blocks !== change.of) throw stale(current())
  const size = JSON.stringify(change).length
  if (since.count >= MANY || since.size + size > Math.max(LARGE, whole.size / 2)) {
    const body = withBlocks(textOf(db, paperId), change)
    if (JSON.stringify(body).length > PAPER_LIMIT) throw new ApiError(413, { code: 'too-large', message: tooLargePaper })
    return writeText(db, paperId, body)
  }
  db.insert(textChanges)
    .values({ paperId, revision, change, blocks: blocks - (change.to - change.from) + change.blocks.length, size })
    .run()
}
