/** Papers packed with all that is theirs, and unpacked: merged by id and revision, nothing overwritten unasked. */
import { and, asc, eq, inArray, isNull } from 'drizzle-orm'
import { packArchive, type Archive, type ArchivedPaper } from '../../core/handin/archive/archive'
import { writeMarked } from '../../core/handin/formats/marked'
import { writeSources } from '../../core/intake/convert'
import { styleOf } from '../../core/styles'
import { freeKey } from '../../core/source/keys'
import type { Db } from './open'
import { getPaper, keepSnapshot, listPapers } from './papers'
import { inside, newId, now } from './rows'
import { papers, passages, snapshots, sources, uses } from './schema'
import { textOf, writeText } from './texts'

/** Some papers, or the whole shelf with what no paper uses. @param ids of papers; absent: everything */
export function archiveOf(db: Db, ids?: readonly string[]): Archive {
  const all = (ids ?? listPapers(db).map(paper => paper.id)).map((id): ArchivedPaper => {
    const { title, style, details, left, revision, updatedAt } = getPaper(db, id)
    const used = usesOf(db, id)
    const states = db.select().from(snapshots).where(and(eq(snapshots.paperId, id), isNull(snapshots.deletedAt))).all()
    return {
      id, title, style, details, left, revision, houseRules: [],
      updatedAt: updatedAt.toISOString(),
      uses: used.map(({ sourceId: source, key, listed, leftOut, annotation, division }) =>
        ({ source, key, listed, leftOut, annotation, division })),
      body: textOf(db, id),
      states: states.map(({ createdAt, ...state }) =>
        ({ id: state.id, reason: state.reason, title: state.title, body: state.body, createdAt: createdAt.toISOString() })),
    }
  })
  const wanted = ids ? new Set(all.flatMap(paper => paper.uses.map(use => use.source))) : undefined
  const shelf = db.select().from(sources).where(isNull(sources.deletedAt)).orderBy(asc(sources.createdAt)).all()
  const kept = shelf.filter(source => !wanted || wanted.has(source.id))
  const keptIds = new Set(kept.map(source => source.id))
  const allPassages = db.select().from(passages).where(isNull(passages.deletedAt)).orderBy(asc(passages.createdAt)).all()
  const taken = allPassages.filter(one => keptIds.has(one.sourceId))
  return {
    papers: all,
    sources: kept.map(({ id, kind, fields, origin, parked, settled, revision }) =>
      ({ id, kind, fields, ...(origin ? { origin } : {}), parked, settled, revision })),
    passages: taken.map(({ id, sourceId, paperId, form, words, original, locator, comment, tags, revision }) =>
      ({ id, source: sourceId, ...(paperId ? { paper: paperId } : {}), form, words, original, locator, comment, tags, revision })),
  }
}

const usesOf = (db: Db, id: string) =>
  db.select().from(uses).where(and(eq(uses.paperId, id), isNull(uses.deletedAt))).orderBy(asc(uses.createdAt), asc(uses.key)).all()

/** The same as a packed file. */
export function packedArchive(db: Db, ids?: readonly string[]): Uint8Array {
  const archive = archiveOf(db, ids)
  const keys = new Map(archive.papers.flatMap(paper => paper.uses.map(use => [use.source, use.key] as const)))
  const keyed = archive.sources.map(source => ({ ...source, id: keys.get(source.id) ?? source.id }))
  return packArchive(archive, {
    csl: writeSources(keyed, 'csl-json'),
    bibtex: writeSources(keyed, 'bibtex'),
    marked: ({ title, style, details, body, uses: used }) => {
      const own = new Map(used.map(use => [use.source, use.key]))
      return writeMarked({ style: styleOf(style) ?? styleOf('apa-7')!, title, details, body, sources: archive.sources, alsoList: [] }, id => own.get(id) ?? id)
    },
  }, now().toISOString())
}

/** What is to be done with a paper that is here in another state: the file's taken and this one kept, or both. */
export type Decision = 'take' | 'both'
export interface Unpacked {
  /** Papers that came in, came back, or were taken. */
  papers: { id: string, title: string, as: 'new' | 'back' | 'taken' | 'copy' }[]
  /** Papers that are here just so. */
  same: string[]
  /** Papers that are here in another state: nothing was done with them. */
  differ: { id: string, title: string, here: string, there: string }[]
  sources: { added: number, same: number, kept: number, taken: number }
  passages: number
}

/** @param decisions by paper; what is not decided is left as it is @param takeSources the file's source details where they are newer */
export function unpack(db: Db, archive: Archive, decisions: Readonly<Record<string, Decision>>, takeSources: boolean): Unpacked {
  return inside(db, (tx) => {
    const out: Unpacked = { papers: [], same: [], differ: [], sources: { added: 0, same: 0, kept: 0, taken: 0 }, passages: 0 }
    unpackSources(tx, archive, takeSources, out)
    for (const paper of archive.papers) unpackPaper(tx, paper, decisions[paper.id], out)
    const here = new Set(tx.select({ id: sources.id }).from(sources).all().map(source => source.id))
    const paperIds = new Set(tx.select({ id: papers.id }).from(papers).all().map(paper => paper.id))
    for (const { id, source, paper, ...passage } of archive.passages) {
      if (!here.has(source)) continue
      const row = { sourceId: source, paperId: paper && paperIds.has(paper) ? paper : null, ...passage }
      const there = tx.select().from(passages).where(eq(passages.id, id)).get()
      if (!there) tx.insert(passages).values({ id, ...row, createdAt: now(), updatedAt: now() }).run()
      // One that was removed comes back with its paper; one that is here is left as it is.
      else if (there.deletedAt) tx.update(passages).set({ deletedAt: null, updatedAt: now() }).where(eq(passages.id, id)).run()
      else continue
      out.passages++
    }
    return out
  })
}

const alike = (one: unknown, other: unknown): boolean => canonical(one) === canonical(other)
/** JSON with its names in order. */
const canonical = (value: unknown): string => JSON.stringify(value, (_, one: unknown) =>
  (typeof one === 'object' && one !== null && !Array.isArray(one) ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1))) : one))

function unpackSources(tx: Db, archive: Archive, take: boolean, { sources: counts }: Unpacked) {
  for (const { id, ...source } of archive.sources) {
    const here = tx.select().from(sources).where(eq(sources.id, id)).get()
    if (!here) {
      tx.insert(sources).values({ id, ...source, createdAt: now(), updatedAt: now() }).run()
      counts.added++
      continue
    }
    const same = here.kind === source.kind && alike(here.fields, source.fields)
    if (same) counts.same++
    if (here.deletedAt || (!same && take && source.revision > here.revision)) {
      const revision = Math.max(here.revision, source.revision) + 1
      tx.update(sources).set({ ...source, revision, deletedAt: null, updatedAt: now() }).where(eq(sources.id, id)).run()
      if (!same) counts.taken++
    } else if (!same) counts.kept++
  }
}

function unpackPaper(tx: Db, paper: ArchivedPaper, decision: Decision | undefined, out: Unpacked) {
  const here = tx.select().from(papers).where(eq(papers.id, paper.id)).get()
  if (!here) {
    put(tx, paper, paper.id)
    out.papers.push({ id: paper.id, title: paper.title, as: 'new' })
    return
  }
  const body = textOf(tx, paper.id)
  const same = here.title === paper.title && here.style === paper.style && alike(here.details, paper.details) && alike(body, paper.body)
  if (same && !here.deletedAt) {
    out.same.push(paper.title)
    putUses(tx, paper, paper.id)
    putStates(tx, paper, paper.id)
  } else if (here.deletedAt || decision === 'take') {
    // What stood here is kept as an earlier state of it.
    tx.update(papers).set({ deletedAt: null }).where(eq(papers.id, paper.id)).run()
    if (!same) keepSnapshot(tx, paper.id, { reason: 'Before a packed paper was taken', title: here.title, body })
    replace(tx, paper, here.revision)
    out.papers.push({ id: paper.id, title: paper.title, as: here.deletedAt ? 'back' : 'taken' })
  } else if (decision === 'both') {
    const id = newId()
    put(tx, { ...paper, title: `${paper.title} (from a file)` }, id)
    out.papers.push({ id, title: `${paper.title} (from a file)`, as: 'copy' })
  } else out.differ.push({ id: paper.id, title: paper.title, here: here.updatedAt.toISOString(), there: paper.updatedAt })
}

const styleHere = (style: string): string => (styleOf(style) ? style : 'apa-7')

function put(tx: Db, paper: ArchivedPaper, id: string) {
  const { title, style, details, left, revision, body } = paper
  tx.insert(papers).values({ id, title, style: styleHere(style), details, left, revision, createdAt: now(), updatedAt: now() }).run()
  writeText(tx, id, body)
  putUses(tx, paper, id)
  putStates(tx, paper, id)
}
function replace(tx: Db, paper: ArchivedPaper, revision: number) {
  const { id, title, style, details, left, body } = paper
  writeText(tx, id, body)
  tx.update(papers)
    .set({ title, style: styleHere(style), details, left, savedBy: null, deletedAt: null, updatedAt: now() })
    .where(eq(papers.id, id)).run()
  tx.update(papers).set({ revision: Math.max(revision, paper.revision) + 1 }).where(eq(papers.id, id)).run()
  putUses(tx, paper, id)
  putStates(tx, paper, id)
}

/** Uses that are missing come in; a key that another source has here gets a letter. */
function putUses(tx: Db, paper: ArchivedPaper, id: string) {
  const here = tx.select().from(uses).where(eq(uses.paperId, id)).all()
  const taken = new Set(here.map(use => use.key))
  const named = [...paper.uses.map(use => use.source), '']
  const known = new Set(tx.select({ id: sources.id }).from(sources).where(inArray(sources.id, named)).all().map(one => one.id))
  paper.uses.forEach(({ source, key, ...use }, i) => {
    if (!known.has(source)) return
    const there = here.find(one => one.sourceId === source)
    if (there) {
      const own = and(eq(uses.paperId, id), eq(uses.sourceId, source))
      if (there.deletedAt) tx.update(uses).set({ ...use, deletedAt: null, updatedAt: now() }).where(own).run()
      return
    }
    const free = freeKey(key, taken)
    taken.add(free)
    const at = new Date(Date.now() + i)
    tx.insert(uses).values({ paperId: id, sourceId: source, key: free, ...use, createdAt: at, updatedAt: at }).run()
  })
}

function putStates(tx: Db, paper: ArchivedPaper, id: string) {
  for (const { id: state, reason, title, body, createdAt } of paper.states) {
    const own = id === paper.id ? state : newId()
    if (tx.select({ id: snapshots.id }).from(snapshots).where(eq(snapshots.id, own)).get()) continue
    tx.insert(snapshots).values({ id: own, paperId: id, reason, title, body, createdAt: new Date(createdAt), updatedAt: now() }).run()
  }
}
