/** A paper with everything its views need. */
import { and, asc, eq, isNull } from 'drizzle-orm'
import { unreadIn } from '../../core/source/model'
import { damageIn } from './damage'
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
  const whole = used.filter(({ source, use }) => !damageIn(source).length && !damageIn(use).length)
  const taken = passagesOf(db, id)
  /** What cannot be read is named, and stays where it is. */
  const damaged = [
    ...used.filter(row => !whole.includes(row)).map(({ source, use }) => ({ what: 'source', id: source.id, says: `${use.key}: ${[...damageIn(source), ...damageIn(use)].join(', ')}` })),
    ...whole.flatMap(({ source, use }) => {
      const unread = [...Object.keys(unreadIn(source.fields)), ...Object.keys(unreadIn(source.parked))]
      return unread.length ? [{ what: 'field', id: source.id, says: `${use.key}: ${unread.join(', ')}` }] : []
    }),
    ...taken.filter(one => damageIn(one).length).map(one => ({ what: 'passage', id: one.id, says: damageIn(one).join(', ') })),
  ]
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
    sources: whole.map(asUsed),
    passages: taken.filter(one => !damageIn(one).length),
    ...(damaged.length ? { damaged } : {}),
  }
}
