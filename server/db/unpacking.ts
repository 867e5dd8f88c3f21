/**
 * Papers that come in from a packed file: merged by id and revision, nothing overwritten and nothing brought back unasked.
 * A part at a time, each paper all or nothing; what stands here gives way only where one says so, and is kept as an earlier
 * state with all that belongs to it.
 */
import { and, eq, inArray } from 'drizzle-orm'
import type { ArchiveParts, ReadPaper } from '../../core/handin/archive/reading'
import type { ArchivedPassage, ArchivedSource, ArchivedUse } from '../../core/handin/archive/schema'
import { styleOf } from '../../core/styles'
import { freeKey } from '../../core/source/keys'
import type { Db } from './open'
import { usesOf } from './packing'
import { keepSnapshot } from './papers'
import { inside, newId, now } from './rows'
import { papers, passages, snapshots, sources, uses } from './schema'
import { textOf, writeText } from './texts'

/** What is to be done with a paper that is here in another state: the file's taken and this one kept, or both. */
export type Decision = 'take' | 'both'
export interface Wishes {
  /** By paper; what is not decided is left as it is. */
  decisions?: Readonly<Record<string, Decision>>
  /** The file's source details where they are newer. */
  takeSources?: boolean
  /** Sources and passages that were taken away here come back. */
  bringBack?: boolean
}
export interface Unpacked {
  /** Papers that came in, came back, or were taken. */
  papers: { id: string, title: string, as: 'new' | 'back' | 'taken' | 'copy' }[]
  /** Papers that are here just so. */
  same: string[]
  /** Papers that are here in another state: nothing was done with them. */
  differ: { id: string, title: string, here: string, there: string }[]
  sources: { added: number, same: number, kept: number, taken: number }
  passages: number
  /** Sources and passages that were taken away here, and stayed so. */
  removed: number
}

const alike = (one: unknown, other: unknown): boolean => canonical(one) === canonical(other)
/** JSON with its names in order. */
const canonical = (value: unknown): string => JSON.stringify(value, (_, one: unknown) =>
  (typeof one === 'object' && one !== null && !Array.isArray(one) ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1))) : one))

/** As many sources or passages are written in one go. */
const LOT = 400
async function inLots<T>(all: AsyncIterable<T>, each: (lot: T[]) => void) {
  let lot: T[] = []
  for await (const one of all) {
    lot.push(one)
    if (lot.length < LOT) continue
    each(lot)
    lot = []
  }
  if (lot.length) each(lot)
}

/** @param done told after each part, with what it was */
export async function unpack(
  db: Db,
  archive: ArchiveParts,
  wishes: Wishes = {},
  done: (what: string) => void = () => undefined,
): Promise<Unpacked> {
  const out: Unpacked = { papers: [], same: [], differ: [], sources: { added: 0, same: 0, kept: 0, taken: 0 }, passages: 0, removed: 0 }
  await inLots(archive.sources(), (lot) => {
    inside(db, tx => lot.forEach(source => unpackSource(tx, source, wishes, out)))
    done('sources')
  })
  /** What papers of the file are called here, where both are wanted. */
  const copies = new Map<string, string>()
  for await (const paper of archive.papers()) {
    const id = inside(db, tx => unpackPaper(tx, paper, wishes.decisions?.[paper.id], out, archive.problems.add.bind(archive.problems)))
    if (id) {
      if (id !== paper.id) copies.set(paper.id, id)
      for await (const state of paper.states()) {
        const own = id === paper.id ? state.id : newId()
        if (db.select({ id: snapshots.id }).from(snapshots).where(eq(snapshots.id, own)).get()) continue
        const { reason, title, body, besides, createdAt } = state
        db.insert(snapshots)
          .values({
            id: own, paperId: id, reason, title, body, ...(besides ? { besides } : {}),
            createdAt: new Date(createdAt), updatedAt: now(),
          }).run()
      }
    }
    done(paper.title)
  }
  const known = knownIds(db)
  let lost = 0
  await inLots(archive.passages(), (lot) => {
    inside(db, tx => lot.forEach((passage) => {
      if (!known.sources.has(passage.source)) lost++
      else unpackPassage(tx, passage, known.papers, wishes, out)
    }))
    done('passages')
  })
  if (lost) archive.problems.add(`${lost.toLocaleString('en')} passages are of sources that are neither in the file nor here; they were not read.`)
  return out
}

const knownIds = (db: Db) => ({
  sources: new Set(db.select({ id: sources.id }).from(sources).all().map(one => one.id)),
  papers: new Set(db.select({ id: papers.id }).from(papers).all().map(one => one.id)),
})

function unpackSource(tx: Db, { id, ...source }: ArchivedSource, { takeSources, bringBack }: Wishes, out: Unpacked) {
  const here = tx.select().from(sources).where(eq(sources.id, id)).get()
  if (!here) {
    tx.insert(sources).values({ id, ...source, createdAt: now(), updatedAt: now() }).run()
    out.sources.added++
    return
  }
  const mine = { kind: here.kind, fields: here.fields, parked: here.parked, settled: here.settled }
  const same = alike(mine, { kind: source.kind, fields: source.fields, parked: source.parked, settled: source.settled })
  if (same) out.sources.same++
  if (here.deletedAt && !bringBack) { out.removed++; return }
  if (here.deletedAt || (!same && takeSources && source.revision > here.revision)) {
    const revision = Math.max(here.revision, source.revision) + 1
    tx.update(sources).set({ ...source, revision, savedBy: null, deletedAt: null, updatedAt: now() }).where(eq(sources.id, id)).run()
    if (!same) out.sources.taken++
  } else if (!same) out.sources.kept++
}

function unpackPassage(tx: Db, given: ArchivedPassage, known: ReadonlySet<string>, { bringBack }: Wishes, out: Unpacked) {
  const { id, source, paper, ...passage } = given
  const there = tx.select().from(passages).where(eq(passages.id, id)).get()
  if (!there) {
    const row = { sourceId: source, paperId: paper && known.has(paper) ? paper : null, ...passage }
    tx.insert(passages).values({ id, ...row, createdAt: now(), updatedAt: now() }).run()
    out.passages++
  } else if (there.deletedAt && bringBack) {
    tx.update(passages)
      .set({ deletedAt: null, savedBy: null, revision: there.revision + 1, updatedAt: now() })
      .where(eq(passages.id, id)).run()
    out.passages++
  } else if (there.deletedAt) out.removed++
}

/** @returns the id under which its text and its earlier states are here now; none where nothing was done */
function unpackPaper(
  tx: Db,
  paper: ReadPaper,
  decision: Decision | undefined,
  out: Unpacked,
  problem: (says: string) => void,
): string | undefined {
  const here = tx.select().from(papers).where(eq(papers.id, paper.id)).get()
  const tell = () => {
    if (styleOf(paper.style)) return
    problem(`“${paper.title}” is in a style that is not known here (${paper.style}); it is in APA 7 now.`)
  }
  if (!here) {
    tell()
    put(tx, paper, paper.id, problem)
    out.papers.push({ id: paper.id, title: paper.title, as: 'new' })
    return paper.id
  }
  const body = textOf(tx, paper.id)
  const used = usesOf(tx, paper.id)
  const bySource = (all: readonly ArchivedUse[]) => Object.fromEntries(all.map(use => [use.source, use]))
  const same = alike(
    { title: here.title, style: here.style, details: here.details, left: here.left, body, uses: bySource(used) },
    { title: paper.title, style: paper.style, details: paper.details, left: paper.left, body: paper.body, uses: bySource(paper.uses) },
  )
  if (same && !here.deletedAt) { out.same.push(paper.title); return undefined }
  if (here.deletedAt || decision === 'take') {
    tell()
    tx.update(papers).set({ deletedAt: null }).where(eq(papers.id, paper.id)).run()
    const besides = { style: here.style, details: here.details, left: here.left, uses: used }
    if (!same) keepSnapshot(tx, paper.id, { reason: 'Before a packed paper was taken', title: here.title, body, besides })
    replace(tx, paper, here.revision, problem)
    out.papers.push({ id: paper.id, title: paper.title, as: here.deletedAt ? 'back' : 'taken' })
    return paper.id
  }
  if (decision === 'both') {
    tell()
    const id = newId()
    const title = `${paper.title} (from a file)`
    put(tx, { ...paper, title }, id, problem)
    out.papers.push({ id, title, as: 'copy' })
    return id
  }
  out.differ.push({ id: paper.id, title: paper.title, here: here.updatedAt.toISOString(), there: paper.updatedAt })
  return undefined
}

const styleHere = (style: string): string => (styleOf(style) ? style : 'apa-7')

function put(tx: Db, paper: ReadPaper, id: string, problem: (says: string) => void) {
  const { title, style, details, left, revision, body } = paper
  tx.insert(papers).values({ id, title, style: styleHere(style), details, left, revision, createdAt: now(), updatedAt: now() }).run()
  writeText(tx, id, body)
  putUses(tx, paper, id, problem)
}
function replace(tx: Db, paper: ReadPaper, revision: number, problem: (says: string) => void) {
  const { id, title, style, details, left, body } = paper
  writeText(tx, id, body)
  tx.update(papers).set({
    title, style: styleHere(style), details, left,
    revision: Math.max(revision, paper.revision) + 1, savedBy: null, deletedAt: null, updatedAt: now(),
  }).where(eq(papers.id, id)).run()
  putUses(tx, paper, id, problem)
}

/** What the paper says of its sources, as in the file; a key that another source has here gets a letter. */
function putUses(tx: Db, paper: ReadPaper, id: string, problem: (says: string) => void) {
  const here = new Map(tx.select().from(uses).where(eq(uses.paperId, id)).all().map(use => [use.sourceId, use] as const))
  const taken = new Set([...here.values()].map(use => use.key))
  const known = new Set<string>()
  for (let i = 0; i < paper.uses.length; i += LOT) {
    const lot = paper.uses.slice(i, i + LOT).map(use => use.source)
    for (const one of tx.select({ id: sources.id }).from(sources).where(inArray(sources.id, lot)).all()) known.add(one.id)
  }
  let absent = 0
  paper.uses.forEach(({ source, key, ...use }, i) => {
    if (!known.has(source)) { absent++; return }
    const there = here.get(source)
    if (there) {
      tx.update(uses).set({ ...use, deletedAt: null, savedBy: null, revision: there.revision + 1, updatedAt: now() })
        .where(and(eq(uses.paperId, id), eq(uses.sourceId, source))).run()
      return
    }
    const free = freeKey(key, taken)
    taken.add(free)
    const at = new Date(Date.now() + i)
    tx.insert(uses).values({ paperId: id, sourceId: source, key: free, ...use, createdAt: at, updatedAt: at }).run()
  })
  if (!absent) return
  const what = absent === 1 ? 'a source that is' : `${absent.toLocaleString('en')} sources that are`
  problem(`“${paper.title}” uses ${what} neither in the file nor here; its citations stand as unknown.`)
}
