import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import * as fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import { packArchive, readArchive, type Archive } from '../../core/handin/archive/archive'
import { archiveOf, packedArchive, unpack } from './archive'
import { openDatabase, type Db } from './open'
import { addPassage } from './passages'
import { changePaper, createPaper, getPaper, keepSnapshot, listSnapshots, removePaper } from './papers'
import { addSource, changeUse } from './sources'
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
  addPassage(to, paper.id, { sourceId: source.id, form: 'quotation', words: 'Mud', original: '', locator: '4', comment: '', tags: ['t'] })
  changePaper(to, paper.id, { revision: 1, body: text('It silts.'), details: { writer: 'Ada', face: 'Arial' } })
  keepSnapshot(to, paper.id, { reason: 'By name', title: 'Mud', body: text('Before.') })
  return { paper, source }
}
const opened = (bytes: Uint8Array): Archive => {
  const { archive, problems } = readArchive(bytes)
  expect(problems).toEqual([])
  return archive!
}
/** Without what counts up. */
const bare = ({ papers, sources, passages }: Archive) => ({
  papers: papers.map(({ revision: _, updatedAt: _u, ...paper }) => paper),
  sources: sources.map(({ revision: _, ...source }) => source),
  passages: passages.map(({ revision: _, ...passage }) => passage),
})
beforeEach(() => { db = openTest() })

describe('a paper packed and unpacked', () => {
  it('is in another Dendle what it was, with all that is its own', () => {
    filled(db)
    const other = openTest()
    const done = unpack(other, opened(packedArchive(db)), {}, false)
    expect(done).toMatchObject({ papers: [{ title: 'Mud', as: 'new' }], differ: [], sources: { added: 1 }, passages: 1 })
    expect(bare(archiveOf(other))).toEqual(bare(archiveOf(db)))
  })
  it('comes back after it was taken off the Desk', () => {
    const { paper } = filled(db)
    const file = packedArchive(db, [paper.id])
    removePaper(db, paper.id, true)
    expect(unpack(db, opened(file), {}, false).papers).toEqual([{ id: paper.id, title: 'Mud', as: 'back' }])
    expect(textOf(db, paper.id)).toEqual(text('It silts.'))
  })
  it('is left alone where it is here just so, and where it is here in another state, until one says otherwise', () => {
    const { paper } = filled(db)
    const file = opened(packedArchive(db, [paper.id]))
    expect(unpack(db, file, {}, false)).toMatchObject({ papers: [], same: ['Mud'] })
    const { revision } = getPaper(db, paper.id)
    changePaper(db, paper.id, { revision, body: text('Written since.') })
    expect(unpack(db, file, {}, false)).toMatchObject({ papers: [], differ: [{ id: paper.id }] })
    expect(textOf(db, paper.id)).toEqual(text('Written since.'))
    unpack(db, file, { [paper.id]: 'take' }, false)
    expect(textOf(db, paper.id)).toEqual(text('It silts.'))
    expect(getPaper(db, paper.id).revision).toBeGreaterThan(revision + 1)
    // What was written since is among its earlier states.
    expect(listSnapshots(db, paper.id).map(state => state.begins)).toContain('Written since.')
  })
  it('stands beside the one that is here, where both are wanted', () => {
    const { paper } = filled(db)
    const file = opened(packedArchive(db, [paper.id]))
    changePaper(db, paper.id, { revision: getPaper(db, paper.id).revision, title: 'Other' })
    const [copy] = unpack(db, file, { [paper.id]: 'both' }, false).papers
    expect(copy).toMatchObject({ as: 'copy', title: 'Mud (from a file)' })
    expect(getPaper(db, paper.id).title).toBe('Other')
    const keys = (id: string) => archiveOf(db, [id]).papers[0]!.uses.map(use => use.key)
    expect(keys(copy!.id)).toEqual(keys(paper.id))
  })
  it('does not overwrite a source’s details but where they are newer and wanted', () => {
    const { source } = filled(db)
    const file = opened(packedArchive(db))
    const newer = { ...file, sources: file.sources.map(one => ({ ...one, revision: 9, fields: { ...one.fields, title: 'Tides' } })) }
    expect(unpack(db, newer, {}, false).sources).toMatchObject({ kept: 1, taken: 0 })
    expect(unpack(db, newer, {}, true).sources).toMatchObject({ kept: 0, taken: 1 })
    expect(archiveOf(db).sources.find(one => one.id === source.id)!.fields.title).toBe('Tides')
  })
  it('has files for people and other programs beside its own', () => {
    const { paper } = filled(db)
    const files = unzipSync(packedArchive(db))
    expect(Object.keys(files).sort()).toEqual(expect.arrayContaining(['dendle.json', 'sources.bib', 'sources.csl.json', `papers/${paper.id}/text.md`]))
    expect(strFromU8(files[`papers/${paper.id}/text.md`]!)).toContain('It silts.')
  })
})

describe('a file that is no paper of Dendle', () => {
  const pack = (files: Record<string, unknown>) => zipSync(Object.fromEntries(Object.entries(files).map(([name, value]) => [name, strToU8(typeof value === 'string' ? value : JSON.stringify(value))])))
  it.each<[string, Uint8Array, RegExp]>([
    ['no packed file', strToU8('hello'), /not packed/u],
    ['another’s', pack({ 'x.json': {} }), /dendle\.json is missing/u],
    ['a later Dendle’s', pack({ 'dendle.json': { format: 'dendle', version: 99 } }), /later Dendle/u],
    ['of broken JSON', pack({ 'dendle.json': '{' }), /no papers of Dendle/u],
  ])('%s is said to be', (_, bytes, why) => {
    const { archive, problems } = readArchive(bytes)
    expect(archive).toBeNull()
    expect(problems.join(' ')).toMatch(why)
  })
  it('what cannot be read of it is named, and the rest comes in', () => {
    const { paper } = filled(db)
    const files = unzipSync(packedArchive(db))
    const sources = JSON.parse(strFromU8(files['sources.json']!)) as unknown[]
    const { archive, problems } = readArchive(zipSync({ ...files, 'sources.json': strToU8(JSON.stringify([...sources, { id: 'x y' }])), 'papers/p2/paper.json': strToU8('{}') }))
    expect(problems).toHaveLength(2)
    expect(problems[0]).toMatch(/^papers\/p2\/paper\.json/u)
    expect(archive).toMatchObject({ papers: [{ id: paper.id }], sources: [{}] })
  })
})

it('whatever is packed is read as it was', () => {
  const id = fc.stringMatching(/^[a-z0-9-]{3,20}$/u)
  const words = fc.string({ unit: 'grapheme', maxLength: 40 })
  const paper = fc.record({
    id, title: words.map(one => `T${one}`.trim()), style: fc.constant('apa-7'), details: fc.dictionary(fc.stringMatching(/^[a-z]{1,8}$/u), words), houseRules: fc.constant([]),
    left: fc.array(words), revision: fc.integer({ min: 1, max: 99 }), updatedAt: fc.constant('2026-01-01T00:00:00.000Z'),
    uses: fc.array(fc.record({ source: id, key: fc.stringMatching(/^[a-z]{1,9}$/u), listed: fc.boolean(), leftOut: fc.boolean(), annotation: words, division: words })),
    body: words.map(text), states: fc.constant([]),
  })
  fc.assert(fc.property(fc.uniqueArray(paper, { selector: one => one.id, maxLength: 4 }), (all) => {
    const archive = { papers: all, sources: [], passages: [] } as unknown as Archive
    const { archive: read, problems } = readArchive(packArchive(archive, { csl: '[]', bibtex: '', marked: () => '' }, '2026-01-01T00:00:00.000Z'))
    expect(problems).toEqual([])
    const sorted = (of: Archive) => [...of.papers].sort((a, b) => (a.id < b.id ? -1 : 1))
    expect(JSON.parse(JSON.stringify(sorted(read!)))).toEqual(JSON.parse(JSON.stringify(sorted(archive))))
  }), { numRuns: 80 })
})
