/** What goes into a packed file: papers with all that is theirs, read from the database when their turn comes. */
import { and, asc, desc, eq, inArray, isNull } from 'drizzle-orm'
import { filesToPack, zipped, type PackedFile, type ToPack } from '../../core/handin/archive/packing'
import type { Archive } from '../../core/handin/archive/reading'
import type { ArchivedPaper, ArchivedPassage, ArchivedSource, ArchivedState, ArchivedUse } from '../../core/handin/archive/schema'
import { writeMarked } from '../../core/handin/formats/marked'
import { writeSources } from '../../core/intake/convert'
import { styleOf } from '../../core/styles'
import { damageIn } from './damage'
import type { Db } from './open'
import { getPaper } from './papers'
import { now } from './rows'
import { papers, passages, snapshots, sources, uses } from './schema'
import { textOf } from './texts'

export const usesOf = (db: Db, id: string): ArchivedUse[] =>
  db.select().from(uses).where(and(eq(uses.paperId, id), isNull(uses.deletedAt))).orderBy(asc(uses.createdAt), asc(uses.key)).all()
    .map(({ sourceId: source, key, listed, leftOut, annotation, division }) => ({ source, key, listed, leftOut, annotation, division }))

export function paperToPack(db: Db, id: string): Omit<ArchivedPaper, 'states'> {
  const { title, style, details, left, revision, updatedAt } = getPaper(db, id)
  return {
    id, title, style, details, left, revision, houseRules: [],
    updatedAt: updatedAt.toISOString(),
    uses: usesOf(db, id),
    body: textOf(db, id),
  }
}

/** Newest first, one at a time: a paper may have sixty, each as large as it. */
function* statesOf(db: Db, id: string): Generator<ArchivedState> {
  const ids = db.select({ id: snapshots.id }).from(snapshots)
    .where(and(eq(snapshots.paperId, id), isNull(snapshots.deletedAt))).orderBy(desc(snapshots.createdAt)).all()
  for (const one of ids) {
    const state = db.select().from(snapshots).where(eq(snapshots.id, one.id)).get()!
    if (damageIn(state).length) continue
    const { reason, title, body, besides, createdAt } = state
    yield { id: one.id, reason, title, body, ...(besides ? { besides } : {}), createdAt: createdAt.toISOString() }
  }
}

/** As many rows are read at once. */
const LOT = 500
function* inLots<T, R>(all: readonly T[], rows: (lot: T[]) => R[]): Generator<R> {
  for (let i = 0; i < all.length; i += LOT) yield* rows(all.slice(i, i + LOT))
}

const sourceRow = ({ id, kind, fields, origin, parked, settled, revision }: typeof sources.$inferSelect): ArchivedSource =>
  ({ id, kind, fields, ...(origin ? { origin } : {}), parked, settled, revision })
function passageRow(row: typeof passages.$inferSelect): ArchivedPassage {
  const { id, sourceId, paperId, form, words, original, locator, comment, tags, revision } = row
  return { id, source: sourceId, ...(paperId ? { paper: paperId } : {}), form, words, original, locator, comment, tags, revision }
}
const byAge = [asc(sources.createdAt), asc(sources.id)]
const papersOnDesk = (db: Db): string[] =>
  db.select({ id: papers.id }).from(papers).where(isNull(papers.deletedAt)).orderBy(desc(papers.updatedAt)).all().map(one => one.id)
const shelf = (db: Db): string[] =>
  db.select({ id: sources.id }).from(sources).where(isNull(sources.deletedAt)).orderBy(...byAge).all().map(one => one.id)
const sourceRows = (db: Db, ids: readonly string[]): ArchivedSource[] =>
  db.select().from(sources).where(inArray(sources.id, [...ids])).orderBy(...byAge).all().filter(row => !damageIn(row).length).map(sourceRow)
const passageRows = (db: Db, ofSources: readonly string[]): ArchivedPassage[] =>
  db.select().from(passages).where(and(inArray(passages.sourceId, [...ofSources]), isNull(passages.deletedAt)))
    .orderBy(asc(passages.createdAt), asc(passages.id)).all()
    .filter(row => !damageIn(row).length).map(passageRow)

/** @param ids of papers; absent: everything, with what no paper uses */
export function toPack(db: Db, ids?: readonly string[]): ToPack {
  const all = ids ?? papersOnDesk(db)
  const wanted = ids ? new Set(all.flatMap(id => usesOf(db, id).map(use => use.source))) : undefined
  const sourceIds = shelf(db).filter(id => !wanted || wanted.has(id))
  const keys = new Map<string, string>()
  for (const id of all) for (const use of usesOf(db, id)) keys.set(use.source, use.key)
  const keyed = (lot: readonly ArchivedSource[]) => lot.map(source => ({ ...source, id: keys.get(source.id) ?? source.id }))
  return {
    ids: all,
    paper: id => paperToPack(db, id),
    states: id => statesOf(db, id),
    sources: () => inLots(sourceIds, lot => sourceRows(db, lot)),
    passages: () => inLots(sourceIds, lot => passageRows(db, lot)),
    marked: ({ title, style: styleId, details, body, uses: used }) => {
      const own = new Map(used.map(use => [use.source, use.key]))
      const cited = [...inLots(used.map(use => use.source), lot => sourceRows(db, lot))]
      const style = styleOf(styleId) ?? styleOf('apa-7')!
      return writeMarked({ style, title, details, body, sources: cited, alsoList: [] }, id => own.get(id) ?? id)
    },
    csl: lot => writeSources(keyed(lot), 'csl-json'),
    bibtex: lot => writeSources(keyed(lot), 'bibtex'),
  }
}

export const filesOf = (db: Db, ids?: readonly string[], leftOut?: (states: number) => void): Generator<PackedFile> =>
  filesToPack(toPack(db, ids), now().toISOString(), leftOut)
/** All of it at once, as a packed file. */
export const packedArchive = (db: Db, ids?: readonly string[]): Uint8Array => zipped(filesOf(db, ids))

/** All of it at once, as values. */
export function archiveOf(db: Db, ids?: readonly string[]): Archive {
  const all = toPack(db, ids)
  const withStates = (id: string): ArchivedPaper => ({ ...all.paper(id), states: [...all.states(id)] })
  return { papers: all.ids.map(withStates), sources: [...all.sources()], passages: [...all.passages()] }
}
