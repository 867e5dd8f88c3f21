import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { deflateRawSync } from 'node:zlib'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import * as fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import { filesToPack, zipFiles, zipped } from '../../core/handin/archive/packing'
import { openArchive, readArchive, type Archive } from '../../core/handin/archive/reading'
import { openPacked } from '../packed/open'
import { archiveOf, filesOf, packedArchive } from './packing'
import { unpack, type Unpacked, type Wishes } from './unpacking'
import { openDatabase, type Db } from './open'
import { addPassage, removePassage } from './passages'
import { changePaper, createPaper, getPaper, keepSnapshot, removePaper } from './papers'
import { addSource, addSources, changeUse } from './sources'
import { textOf } from './texts'

const folder = mkdtempSync(join(tmpdir(), 'dendle-archive-'))
let opens = 0
const openTest = (): Db => openDatabase(join(folder, `${++opens}.sqlite`))
let db: Db
const text = (words: string) => ({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }] })
function filled(to: Db) {
  const paper = createPaper(to, { title: 'Mud', style: 'mla-9' })
  const source = addSource(to, paper.id, { kind: 'book', fields: { title: 'Tide', author: [{ family: 'Moss' }] }, origin: { from: 'bibtex', text: '@book{x}' } })
  changeUse(to, paper.id, source.id, { revision: source.useRevision, annotation: 'Of use.', listed: true })
  const passage = addPassage(to, paper.id, { sourceId: source.id, form: 'quotation', words: 'Mud', original: '', locator: '4', comment: '', tags: ['t'] })
  changePaper(to, paper.id, { revision: 1, body: text('It silts.'), details: { writer: 'Ada', face: 'Arial' } })
  keepSnapshot(to, paper.id, { reason: 'By name', title: 'Mud', body: text('Before.') })
  return { paper, source, passage }
}
const read = async (bytes: Uint8Array) => readArchive(await openPacked(bytes))
/** A packed file taken in, and what was said of it. */
async function take(to: Db, bytes: Uint8Array, wishes: Wishes = {}): Promise<Unpacked & { problems: string[] }> {
  const files = await openPacked(bytes)
  const archive = typeof files === 'string' ? files : await openArchive(files)
  if (typeof archive === 'string') throw new Error(archive)
  const came = await unpack(to, archive, wishes)
  return { ...came, problems: archive.problems.list }
}
/** Without what counts up. */
const bare = ({ papers, sources, passages }: Archive) => ({
  papers: papers.map(({ revision: _, updatedAt: _u, ...paper }) => paper),
  sources: sources.map(({ revision: _, ...source }) => source),
  passages: passages.map(({ revision: _, ...passage }) => passage),
})
beforeEach(() => { db = openTest() })

describe('a paper packed and unpacked', () => {
  it('is in another Dendle what it was, with all that is its own', async () => {
    filled(db)
    const other = openTest()
    const done = await take(other, packedArchive(db))
    expect(done).toMatchObject({ papers: [{ title: 'Mud', as: 'new' }], differ: [], sources: { added: 1 }, passages: 1, problems: [] })
    expect(bare(archiveOf(other))).toEqual(bare(archiveOf(db)))
  })
  it('comes back after it was taken off the Desk', async () => {
    const { paper } = filled(db)
    const file = packedArchive(db, [paper.id])
    removePaper(db, paper.id, true)
    expect((await take(db, file)).papers).toEqual([{ id: paper.id, title: 'Mud', as: 'back' }])
    expect(textOf(db, paper.id)).toEqual(text('It silts.'))
  })
  it.each<[string, (paper: string, source: string) => void]>([
    ['its text', paper => changePaper(db, paper, { revision: getPaper(db, paper).revision, body: text('Written since.') })],
    ['a detail', paper => changePaper(db, paper, { revision: getPaper(db, paper).revision, details: { writer: 'Una', face: 'Arial' } })],
    ['a finding left', paper => changePaper(db, paper, { revision: getPaper(db, paper).revision, left: ['x'] })],
    ['an annotation', (paper, source) => changeUse(db, paper, source, { revision: 2, annotation: 'Of more use.' })],
  ])('is asked about where %s is other here, and nothing is changed until one says so', async (_, change) => {
    const { paper, source } = filled(db)
    const file = packedArchive(db, [paper.id])
    expect(await take(db, file)).toMatchObject({ papers: [], same: ['Mud'] })
    change(paper.id, source.id)
    const before = bare(archiveOf(db))
    expect(await take(db, file)).toMatchObject({ papers: [], same: [], differ: [{ id: paper.id }] })
    expect(bare(archiveOf(db))).toEqual(before)
    expect(await take(db, file, { decisions: { [paper.id]: 'take' } })).toMatchObject({ papers: [{ as: 'taken' }] })
    const [now, then] = [archiveOf(db).papers[0]!, before.papers[0]!]
    expect([now.body, now.details, now.left, now.uses]).toEqual([text('It silts.'), { writer: 'Ada', face: 'Arial' }, [], [expect.objectContaining({ annotation: 'Of use.' })]])
    // What stood here is among its earlier states, with all that belonged to it.
    expect(now.states.find(state => /packed paper/u.test(state.reason))).toMatchObject({
      body: then.body, besides: { details: then.details, left: then.left, uses: then.uses },
    })
  })
  it('stands beside the one that is here, where both are wanted', async () => {
    const { paper } = filled(db)
    const file = packedArchive(db, [paper.id])
    changePaper(db, paper.id, { revision: getPaper(db, paper.id).revision, title: 'Other' })
    const [copy] = (await take(db, file, { decisions: { [paper.id]: 'both' } })).papers
    expect(copy).toMatchObject({ as: 'copy', title: 'Mud (from a file)' })
    expect(getPaper(db, paper.id).title).toBe('Other')
    const keys = (id: string) => archiveOf(db, [id]).papers[0]!.uses.map(use => use.key)
    expect(keys(copy!.id)).toEqual(keys(paper.id))
  })
  it('does not overwrite a source’s details but where they are newer and wanted', async () => {
    const { source } = filled(db)
    const files = unzipSync(packedArchive(db))
    const [one] = JSON.parse(strFromU8(files['sources.json']!)) as [{ fields: object }]
    const file = zipSync({ ...files, 'sources.json': strToU8(JSON.stringify([{ ...one, revision: 9, fields: { ...one.fields, title: 'Tides' } }])) })
    expect((await take(db, file)).sources).toMatchObject({ kept: 1, taken: 0 })
    expect((await take(db, file, { takeSources: true })).sources).toMatchObject({ kept: 0, taken: 1 })
    expect(archiveOf(db).sources.find(one => one.id === source.id)!.fields.title).toBe('Tides')
  })
  it('a passage that was taken away here stays away, unless it is wished back', async () => {
    const { passage } = filled(db)
    const file = packedArchive(db)
    removePassage(db, passage.id, true)
    expect(await take(db, file)).toMatchObject({ passages: 0, removed: 1 })
    expect(archiveOf(db).passages).toEqual([])
    expect(await take(db, file, { bringBack: true })).toMatchObject({ passages: 1, removed: 0 })
    expect(archiveOf(db).passages).toHaveLength(1)
  })
  it('packed by the machine’s own way it is the same', () => {
    filled(db)
    const parts: Uint8Array[] = []
    zipFiles(filesOf(db), bytes => parts.push(bytes), undefined, (bytes, level) => deflateRawSync(bytes, { level }))
    const [mine, own] = [unzipSync(Buffer.concat(parts)), unzipSync(packedArchive(db))]
    // The time that it was made aside.
    for (const files of [mine, own]) delete files['dendle.json']
    expect(mine).toEqual(own)
  })
  it('has files for people and other programs beside its own', () => {
    const { paper } = filled(db)
    const files = unzipSync(packedArchive(db))
    expect(Object.keys(files).sort()).toEqual(expect.arrayContaining(['dendle.json', 'sources.bib', 'sources.csl.json', `papers/${paper.id}/text.md`]))
    expect(strFromU8(files[`papers/${paper.id}/text.md`]!)).toContain('It silts.')
  })
  it('a shelf of thousands goes into several files, and comes back whole', async () => {
    const { paper } = filled(db)
    addSources(db, paper.id, Array.from({ length: 4500 }, (_, i) => ({ kind: 'book' as const, fields: { title: `Part ${i}` } })))
    const file = packedArchive(db)
    expect(Object.keys(unzipSync(file)).filter(name => /^sources(?:-\d)?\.json$/u.test(name))).toHaveLength(3)
    const other = openTest()
    expect((await take(other, file)).sources.added).toBe(4501)
    expect(archiveOf(other).papers[0]!.uses).toEqual(archiveOf(db).papers[0]!.uses)
  })
})

/** Files as whoever means harm would pack them. */
const pack = (files: Record<string, unknown>) => zipSync(Object.fromEntries(Object.entries(files).map(([name, value]) => [name, strToU8(typeof value === 'string' ? value : JSON.stringify(value))])))
describe('a file that is no paper of Dendle', () => {
  it.each<[string, Uint8Array, RegExp]>([
    ['no packed file', strToU8('hello'), /not packed/u],
    ['another’s', pack({ 'x.json': {} }), /dendle\.json is missing/u],
    ['a later Dendle’s', pack({ 'dendle.json': { format: 'dendle', version: 99 } }), /later Dendle/u],
    ['of broken JSON', pack({ 'dendle.json': '{' }), /no papers of Dendle/u],
    ['with more files than any archive', pack(Object.fromEntries(Array.from({ length: 50_001 }, (_, i) => [`${i}`, '']))), /more than 50,000 files/u],
  ])('%s is said to be', async (_, bytes, why) => {
    const { archive, problems } = await read(bytes)
    expect(archive).toBeNull()
    expect(problems.join(' ')).toMatch(why)
  })
})

describe('what cannot be read of a file is named, and the rest comes in', () => {
  const filesOf = () => {
    const { paper } = filled(db)
    return { paper, files: unzipSync(packedArchive(db)) }
  }
  const change = <T>(bytes: Uint8Array, with_: (value: T) => unknown) => strToU8(JSON.stringify(with_(JSON.parse(strFromU8(bytes)) as T)))
  const nested = (n: number) => strToU8(`{"type":"doc","content":${'['.repeat(n)}${']'.repeat(n)}}`)
  it.each<[string, (files: Record<string, Uint8Array>, paper: string) => Record<string, Uint8Array>, RegExp]>([
    ['a source with an id of another form', f => ({ 'sources.json': change<unknown[]>(f['sources.json']!, all => [...all, { id: 'x y' }]) }), /sources\.json, number 2.*no id of Dendle/u],
    ['a paper that lacks all', () => ({ 'papers/p2/paper.json': strToU8('{}') }), /papers\/p2\/paper\.json/u],
    ['a source that is there twice', f => ({ 'sources.json': change<[unknown]>(f['sources.json']!, ([one]) => [one, one]) }), /more than once/u],
    ['a source that is used 40,000 times', (f, p) => ({ [`papers/${p}/paper.json`]: change<{ uses: [object] }>(f[`papers/${p}/paper.json`]!, one => ({ ...one, uses: Array.from({ length: 20_000 }, () => one.uses[0]) })) }), /19,999 times a source/u],
    ['a style of another Dendle', (f, p) => ({ [`papers/${p}/paper.json`]: change<object>(f[`papers/${p}/paper.json`]!, one => ({ ...one, style: 'harbour-4' })) }), /style that is not known here \(harbour-4\)/u],
    ['house rules', (f, p) => ({ [`papers/${p}/paper.json`]: change<object>(f[`papers/${p}/paper.json`]!, one => ({ ...one, houseRules: [{}] })) }), /has house rules/u],
    ['sources that are nowhere', (f, p) => ({ [`papers/${p}/paper.json`]: change<{ uses: object[] }>(f[`papers/${p}/paper.json`]!, one => ({ ...one, uses: [...one.uses, { source: 'nowhere', key: 'x' }] })) }), /a source that is neither in the file nor here/u],
    ['passages of nothing', f => ({ 'passages.json': change<[object]>(f['passages.json']!, ([one]) => [one, { ...one, id: 'p9', source: 'nowhere' }]) }), /1 passages are of sources/u],
    ['an earlier state that is nested a thousand deep', (_, p) => ({ [`papers/${p}/states/deep.json`]: nested(1000) }), /200 levels/u],
    ['a part of two million pieces', (_, p) => ({ [`papers/${p}/states/many.json`]: strToU8(`[${'[],'.repeat(2_000_000)}[]]`) }), /1,500,000 pieces/u],
    ['a part that unpacks to more than any paper', (_, p) => ({ [`papers/${p}/states/large.json`]: new Uint8Array(65 * 1024 * 1024) }), /larger than 64 MB/u],
  ])('%s', async (_, with_, says) => {
    const { paper, files } = filesOf()
    const file = zipSync({ ...files, ...with_(files, paper.id) })
    const other = openTest()
    const came = await take(other, file)
    expect(came.problems).toEqual([expect.stringMatching(says) as string])
    expect([came.papers.map(one => one.title), came.sources.added]).toEqual([['Mud'], 1])
    expect(textOf(other, paper.id)).toEqual(text('It silts.'))
  })
  it('thousands of problems are counted', async () => {
    const { files } = filesOf()
    const { problems } = await read(zipSync({ ...files, 'sources.json': strToU8(JSON.stringify(Array.from({ length: 5000 }, () => ({})))) }))
    expect([problems.length, problems.at(-1)]).toEqual([21, '4,980 more are like these.'])
  })
  it('a flipped bit is named wherever it is, and nothing is read of that part', async () => {
    const { paper } = filled(db)
    // Stored as it is, so that nothing but the checksum can tell.
    const file = zipSync(unzipSync(packedArchive(db)), { level: 0 })
    const at = Buffer.from(file).indexOf('It silts.')
    file[at]! ^= 1
    const other = openTest()
    const came = await take(other, file)
    expect(came.problems.join(' ')).toMatch(new RegExp(`papers/${paper.id}/text\\.json is damaged`, 'u'))
    expect(came.papers).toEqual([])
  })
})

it('whatever is packed is read as it was', async () => {
  const id = fc.stringMatching(/^[a-z0-9-]{3,20}$/u)
  const words = fc.string({ unit: 'grapheme', maxLength: 40 })
  const paper = fc.record({
    id, title: words.map(one => `T${one}`.trim()), style: fc.constant('apa-7'), details: fc.dictionary(fc.stringMatching(/^[a-z]{1,8}$/u), words), houseRules: fc.constant([]),
    left: fc.array(words), revision: fc.integer({ min: 1, max: 99 }), updatedAt: fc.constant('2026-01-01T00:00:00.000Z'),
    uses: fc.uniqueArray(fc.record({ source: id, key: fc.stringMatching(/^[a-z]{1,9}$/u), listed: fc.boolean(), leftOut: fc.boolean(), annotation: words, division: words }), { selector: one => one.source }),
    body: words.map(text), states: fc.constant([]),
  })
  await fc.assert(fc.asyncProperty(fc.uniqueArray(paper, { selector: one => one.id, maxLength: 4 }), async (all) => {
    const archive = { papers: all, sources: [], passages: [] } as unknown as Archive
    const { archive: read, problems } = await readArchive(await openPacked(zipped(filesToPack({
      ids: archive.papers.map(one => one.id),
      paper: wanted => archive.papers.find(one => one.id === wanted)!,
      states: () => [], sources: () => [], passages: () => [], marked: () => '', csl: () => '[]', bibtex: () => '',
    }, '2026-01-01T00:00:00.000Z'))))
    expect(problems).toEqual([])
    const sorted = (of: Archive) => [...of.papers].sort((a, b) => (a.id < b.id ? -1 : 1))
    expect(JSON.parse(JSON.stringify(sorted(read!)))).toEqual(JSON.parse(JSON.stringify(sorted(archive))))
  }), { numRuns: 80 })
})
