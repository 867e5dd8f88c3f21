/** A paper with everything its views need. */
import { and, asc, eq, isNull } from 'drizzle-orm'
import type { Db } from './open'
import { getPaper } from './papers'
import { passagesOf } from './passages'
import { asUsed } from './sources'
import { sources, uses } from './schema'
import { textOf } from './texts'

export function getWorkspace(db: Db, id: string) {
  const paper = getPaper(db, id)
  const used = db.select({ source: sources, use: uses }).from(uses).innerJoin(sources, eq(uses.sourceId, sources.id))
    .where(and(eq(uses.paperId, id), isNull(uses.deletedAt))).orderBy(asc(uses.createdAt), asc(uses.key)).all()
  return {
    paper: {
      id: paper.id,
      title: paper.title,
      style: paper.style,
      body: textOf(db, id),
      details: paper.details,
      left: paper.left,
      savedBy: paper.savedBy,
      saves: paper.saves,
      revision: paper.revision,
      updatedAt: paper.updatedAt,
    },
    sources: used.map(asUsed),
    passages: passagesOf(db, id),
  }
}
