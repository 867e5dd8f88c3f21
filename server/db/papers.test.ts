import { cpSync, mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { beforeEach, describe, expect, it } from 'vitest'
import { withBlocks } from '../../core/sheet/changed-blocks'
import type { DocNode } from '../../core/sheet/document'
import { countWords } from '../../core/sheet/count'
import { citationsOf, plainText } from '../../core/sheet/walking'
import { standsIn } from '../../core/source/passages'
import { foldWords } from '../../core/text/filing'
import type { ApiError } from '../utils/api'
import { DatabaseTrouble, openDatabase, type Db } from './open'
import { PAPERS } from './demo/papers'
import { PASSAGES } from './demo/passages'
import { SOURCES } from './demo/sources'
import { papers, textChanges, texts } from './schema'
import { seed, toDocument } from './seed'
import * as papersStore from './papers'
import * as sourcesStore from './sources'
import * as passagesStore from './passages'
import { getWorkspace } from './workspace'

const folder = mkdtempSync(join(tmpdir(), 'dendle-test-'))
const store = { ...papersStore, ...sourcesStore, ...passagesStore, getWorkspace }
let n = 0
let db: Db
beforeEach(() => { db = openDatabase(join(folder, `${++n}.sqlite`)) })
const problem = (run: () => unknown) => {
  try { run() }
  catch (error) { return (error as ApiError).problem }
  return undefined
}
const make = () => store.createPaper(db, { title: 'A paper', style: 'apa-7' })
const BOOK: sourcesStore.NewSource = {
  kind: 'book',
  fields: { title: 'Tides', author: [{ family: 'Okonjo' }], issued: { start: { year: 2021 } } },
}

describe('papers', () => {
  it('raise their revision with each change, and keep what was not given', () => {
    const paper = make()
    const changed = store.changePaper(db, paper.id, { revision: 1, style: 'mla-9' })
    expect([changed.revision, changed.title, changed.style]).toEqual([2, 'A paper', 'mla-9'])
  })
  it('refuse a change from an older state, with the state it would have overwritten', () => {
    const paper = make()
    store.changePaper(db, paper.id, { revision: 1, title: 'First' })
    const refused = problem(() => store.changePaper(db, paper.id, { revision: 1, title: 'Second' }))
    expect(refused).toMatchObject({ code: 'stale', current: { title: 'First', revision: 2 } })
    expect(store.getPaper(db, paper.id).title).toBe('First')
  })
  it('can be taken away and put back', () => {
    const paper = make()
    store.removePaper(db, paper.id, true)
    expect(problem(() => store.getPaper(db, paper.id))?.code).toBe('not-found')
    expect(store.listPapers(db)).toEqual([])
    store.removePaper(db, paper.id, false)
    expect(store.listPapers(db).map(p => p.title)).toEqual(['A paper'])
  })
  it('keep snapshots of a text that was given up', () => {
    const paper = make()
    store.keepSnapshot(db, paper.id, { reason: 'two tabs', title: 'T', body: { type: 'doc' } })
    expect(store.listSnapshots(db, paper.id).map(s => s.reason)).toEqual(['two tabs'])
  })
})

describe('a long text', () => {
  const block = (words: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text: words }] })
  const whole = (n = 300): DocNode => ({
    type: 'doc',
    content: Array.from({ length: n }, (_, i) => block(`Paragraph ${i} ${'of a long paper '.repeat(20)}`)),
  })
  const rows = (id: string) => ({
    whole: db.select().from(texts).where(eq(texts.paperId, id)).get()!,
    changes: db.select().from(textChanges).where(eq(textChanges.paperId, id)).all(),
  })

  it('is stored as what was changed, and read as it stands', () => {
    const { id } = make()
    store.changePaper(db, id, { revision: 1, body: whole() })
    store.changePaper(db, id, { revision: 2, blocks: { from: 3, to: 4, of: 300, blocks: [block('Three.'), block('And a half.')] } })
    store.changePaper(db, id, { revision: 3, title: 'Another' })
    store.changePaper(db, id, { revision: 4, blocks: { from: 300, to: 301, of: 301, blocks: [] } })
    expect(rows(id).changes.map(({ revision, blocks, size }) => [revision, blocks, size < 300])).toEqual([[3, 301, true], [5, 300, true]])
    const now = store.getWorkspace(db, id).paper.body.content!
    expect([now.length, now[3], now[4], now[5]]).toEqual([300, block('Three.'), block('And a half.'), whole().content![4]])
    expect(problem(() => store.changePaper(db, id, { revision: 4, title: 'x' }))).toMatchObject({
      code: 'stale',
      current: { title: 'Another', body: { content: now } },
    })
  })
  it('is written whole again after many changes, and is the same', () => {
    const { id } = make()
    store.changePaper(db, id, { revision: 1, body: whole(10) })
    let expected = whole(10)
    for (let i = 0; i < 450; i++) {
      const change = { from: i % 10, to: (i % 10) + 1, of: 10, blocks: [block(`Change ${i}.`)] }
      store.changePaper(db, id, { revision: i + 2, blocks: change })
      expected = withBlocks(expected, change)
    }
    expect(rows(id).changes.length).toBeLessThanOrEqual(200)
    expect(store.getWorkspace(db, id).paper).toMatchObject({ body: expected, revision: 452 })
  })
  it('takes no change made of another text, and none that makes it too large', () => {
    const { id } = make()
    expect(problem(() => store.changePaper(db, id, { revision: 1, blocks: { from: 0, to: 1, of: 7, blocks: [] } }))?.code).toBe('stale')
    const picture = (): DocNode => ({ type: 'figure', attrs: { src: 'x'.repeat(9 * 1024 * 1024) } })
    for (const i of [1, 2]) store.changePaper(db, id, { revision: i, blocks: { from: i, to: i, of: i, blocks: [picture()] } })
    expect(problem(() => store.changePaper(db, id, { revision: 3, blocks: { from: 3, to: 3, of: 3, blocks: [picture()] } }))?.code).toBe(
      'too-large',
    )
    expect(store.getPaper(db, id).revision).toBe(3)
  })
  it('of a database from before is there as it was', () => {
    const old = mkdtempSync(join(tmpdir(), 'dendle-old-'))
    cpSync('server/db/migrations', join(old, 'migrations'), { recursive: true })
    const journal = join(old, 'migrations/meta/_journal.json')
    const entries = JSON.parse(readFileSync(journal, 'utf8')) as { entries: { tag: string }[] }
    writeFileSync(journal, JSON.stringify({ ...entries, entries: entries.entries.filter(({ tag }) => tag < '0003') }))
    process.env.DENDLE_MIGRATIONS = join(old, 'migrations')
    const file = join(old, 'dendle.sqlite')
    openDatabase(file).run(
      sql`insert into papers (id, title, style, body, details, created_at, updated_at) values ('old', 'Old', 'apa-7', ${JSON.stringify(whole(3))}, '{"course":"HIS 1"}', 1, 1)`,
    )
    Reflect.deleteProperty(process.env, 'DENDLE_MIGRATIONS')
    const now = openDatabase(file)
    expect(store.getWorkspace(now, 'old').paper).toMatchObject({ title: 'Old', details: { course: 'HIS 1' }, body: whole(3) })
    expect(store.changePaper(now, 'old', { revision: 1, blocks: { from: 0, to: 1, of: 3, blocks: [] } }).revision).toBe(2)
  })
})

describe('what stands in the database and cannot be read', () => {
  const raw = (id: string) => db.get<{ kind: string, fields: string }>(sql`select kind, fields from sources where id = ${id}`)
  it('a source of a kind that is not known is named, kept as it is, and written over by nobody', () => {
    const paper = store.createPaper(db, { title: 'T', style: 'apa-7' })
    const [odd, other] = ['Tides', 'Mud'].map(title => store.addSource(db, paper.id, { kind: 'book', fields: { title } }))
    db.run(sql`update sources set kind = 'hologram' where id = ${odd!.id}`)
    const before = raw(odd!.id)
    const { sources, damaged } = store.getWorkspace(db, paper.id)
    expect(sources.map(one => one.id)).toEqual([other!.id])
    expect(damaged).toEqual([{ what: 'source', id: odd!.id, says: expect.stringContaining('kind') as string }])
    expect(() => store.changeSource(db, odd!.id, { revision: 1, kind: 'book', fields: { title: 'Other' } })).toThrow(/cannot read/u)
    expect(raw(odd!.id)).toEqual(before)
  })
  it('a field that is not known is named, and is there still when the others have been changed', () => {
    const paper = store.createPaper(db, { title: 'T', style: 'apa-7' })
    const source = store.addSource(db, paper.id, { kind: 'book', fields: { title: 'Tides' } })
    db.run(sql`update sources set fields = '{"title":"Tides","hologram":[1],"volume":7}' where id = ${source.id}`)
    const { sources, damaged } = store.getWorkspace(db, paper.id)
    expect([sources[0]!.fields, damaged]).toEqual([{ title: 'Tides' }, [{ what: 'field', id: source.id, says: expect.stringMatching(/hologram, volume/u) as string }]])
    store.changeSource(db, source.id, { revision: 1, kind: 'book', fields: { title: 'Mud' } })
    expect(JSON.parse(raw(source.id).fields)).toEqual({ hologram: [1], volume: 7, title: 'Mud' })
  })
  it('a text that is none is not taken for an empty one: opening and saving are refused, and it stays', () => {
    const paper = store.createPaper(db, { title: 'T', style: 'apa-7' })
    const other = store.createPaper(db, { title: 'Other', style: 'apa-7' })
    db.run(sql`update texts set body = '{"type":"harbour"}' where paper_id = ${paper.id}`)
    expect(() => store.getWorkspace(db, paper.id)).toThrow(/cannot read/u)
    expect(() => store.changePaper(db, paper.id, { revision: 1, body: { type: 'doc', content: [] } })).toThrow(/cannot read/u)
    expect(db.get<{ body: string }>(sql`select body from texts where paper_id = ${paper.id}`)).toEqual({ body: '{"type":"harbour"}' })
    expect(store.listPapers(db).map(one => one.id).sort()).toEqual([paper.id, other.id].sort())
  })
})

describe('earlier states', () => {
  const text = (words: string) => ({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }] })
  it('are kept by themselves before a change, not at each one, and not of an empty paper', () => {
    const paper = make()
    store.changePaper(db, paper.id, { revision: 1, body: text('First words.') })
    expect(store.listSnapshots(db, paper.id)).toEqual([])
    store.changePaper(db, paper.id, { revision: 2, body: text('Second words.') })
    store.changePaper(db, paper.id, { revision: 3, body: text('Third words.') })
    const [kept, ...more] = store.listSnapshots(db, paper.id)
    expect([kept!.reason, kept!.begins, kept!.words, more]).toEqual([store.BY_ITSELF, 'First words.', 2, []])
    expect(store.getSnapshot(db, paper.id, kept!.id).body).toEqual(text('First words.'))
    expect(problem(() => store.getSnapshot(db, make().id, kept!.id))?.code).toBe('not-found')
  })
})

describe('sources', () => {
  it('get a key each, with a letter on a clash, never reused', () => {
    const paper = make()
    const first = store.addSource(db, paper.id, BOOK)
    const second = store.addSource(db, paper.id, BOOK)
    expect([first.key, second.key]).toEqual(['okonjo-2021', 'okonjo-2021b'])
    store.dropUse(db, paper.id, second.id)
    expect(store.addSource(db, paper.id, BOOK).key).toBe('okonjo-2021c')
    expect(problem(() => store.changeUse(db, paper.id, first.id, { revision: 1, key: 'okonjo-2021b' }))?.code).toBe('key-taken')
  })
  it('serve several papers and stay on the shelf when one lets them go', () => {
    const [one, other] = [make(), make()]
    const source = store.addSource(db, one.id, BOOK)
    store.useSource(db, other.id, source.id)
    store.dropUse(db, one.id, source.id)
    expect(store.getWorkspace(db, one.id).sources).toEqual([])
    expect(store.getWorkspace(db, other.id).sources.map(s => s.id)).toEqual([source.id])
    expect(store.listShelf(db).map(s => s.id)).toEqual([source.id])
  })
  it('come back into a paper with their key', () => {
    const paper = make()
    const source = store.addSource(db, paper.id, BOOK)
    store.dropUse(db, paper.id, source.id)
    expect(store.useSource(db, paper.id, source.id).key).toBe(source.key)
  })
  it('refuse a change from an older state', () => {
    const paper = make()
    const source = store.addSource(db, paper.id, BOOK)
    store.changeSource(db, source.id, { revision: 1, kind: 'book', fields: { title: 'Mine' } })
    expect(problem(() => store.changeSource(db, source.id, { revision: 1, kind: 'book', fields: { title: 'Theirs' } }))).toMatchObject({
      code: 'stale',
      current: { fields: { title: 'Mine' } },
    })
  })
})

describe('many at once', () => {
  it('come in together with keys of their own, or not at all', () => {
    const paper = make()
    expect(store.addSources(db, paper.id, [BOOK, BOOK, BOOK]).map(s => s.key)).toEqual(['okonjo-2021', 'okonjo-2021b', 'okonjo-2021c'])
    expect(problem(() => store.addSources(db, 'no-such-paper', [BOOK]))?.code).toBe('not-found')
    expect(store.listShelf(db)).toHaveLength(3)
  })
  it('leave together, and come back', () => {
    const paper = make()
    const ids = store.addSources(db, paper.id, [BOOK, BOOK]).map(s => s.id)
    expect(problem(() => store.dropUses(db, paper.id, [ids[0]!, 'not-there']))?.code).toBe('not-found')
    expect(store.getWorkspace(db, paper.id).sources).toHaveLength(2)
    store.dropUses(db, paper.id, ids)
    expect(store.getWorkspace(db, paper.id).sources).toHaveLength(0)
    expect(store.useSources(db, paper.id, ids).map(s => s.key)).toEqual(['okonjo-2021', 'okonjo-2021b'])
  })
  it('are made one: fields, passages, and the other leaves', () => {
    const paper = make()
    const [keep, drop] = store.addSources(db, paper.id, [BOOK, BOOK])
    const taken = store.addPassage(db, paper.id, { sourceId: drop!.id, ...PASSAGE })
    const merged = store.mergeSources(db, paper.id, {
      keep: keep!.id,
      drop: drop!.id,
      revision: 1,
      kind: 'book',
      fields: { title: 'Tides, together' },
    })
    expect(merged.moved.map(m => m.id)).toEqual([taken.id])
    const after = store.getWorkspace(db, paper.id)
    expect(after.sources.map(s => s.fields.title)).toEqual(['Tides, together'])
    expect(after.passages.map(p => p.sourceId)).toEqual([keep!.id])
    expect(
      problem(() => store.mergeSources(db, paper.id, { keep: keep!.id, drop: drop!.id, revision: 1, kind: 'book', fields: {} }))?.code,
    ).toBe('stale')
  })
  it('keep what was put aside and what was left as it is', () => {
    const paper = make()
    const source = store.addSource(db, paper.id, BOOK)
    store.changeSource(db, source.id, {
      revision: 1,
      kind: 'book',
      fields: BOOK.fields,
      parked: { volume: '14' },
      settled: ['missing:publisher:x'],
    })
    store.changeSource(db, source.id, { revision: 2, kind: 'book', fields: BOOK.fields })
    expect(store.getWorkspace(db, paper.id).sources[0]).toMatchObject({
      parked: { volume: '14' },
      settled: ['missing:publisher:x'],
      revision: 3,
    })
  })
})

const PASSAGE = {
  form: 'quotation' as const,
  words: 'The gate is the mill’s only clock.',
  original: '',
  locator: '133',
  comment: '',
  tags: ['time'],
}
describe('passages', () => {
  it('are taken, changed, taken away and brought back', () => {
    const paper = make()
    const source = store.addSource(db, paper.id, BOOK)
    const taken = store.addPassage(db, paper.id, { sourceId: source.id, ...PASSAGE })
    expect(store.changePassage(db, taken.id, { revision: 1, comment: 'use it' })).toMatchObject({
      comment: 'use it',
      words: PASSAGE.words,
      tags: ['time'],
      revision: 2,
    })
    expect(problem(() => store.changePassage(db, taken.id, { revision: 1, comment: 'other' }))).toMatchObject({
      code: 'stale',
      current: { comment: 'use it' },
    })
    store.removePassage(db, taken.id, true)
    expect(store.passagesOf(db, paper.id)).toEqual([])
    store.removePassage(db, taken.id, false)
    expect(store.passagesOf(db, paper.id).map(p => p.words)).toEqual([PASSAGE.words])
  })
  it('go with their source into every paper that uses it', () => {
    const [one, other] = [make(), make()]
    const source = store.addSource(db, one.id, BOOK)
    store.addPassage(db, one.id, { sourceId: source.id, ...PASSAGE })
    store.useSource(db, other.id, source.id)
    expect(store.passagesOf(db, other.id)).toHaveLength(1)
    expect(problem(() => store.addPassage(db, one.id, { sourceId: 'nobody', ...PASSAGE }))?.code).toBe('not-found')
    expect(problem(() => store.addPassage(db, 'no-paper', { sourceId: source.id, ...PASSAGE }))?.code).toBe('not-found')
  })
})

describe('the demo', () => {
  it('is put in once, and never touches what a visitor made or changed', () => {
    expect(seed(db)).toBe(PAPERS.length)
    const own = make()
    store.changePaper(db, 'demo-carewick', { revision: 1, title: 'Changed by a visitor' })
    expect(seed(db)).toBe(0)
    expect(store.getPaper(db, 'demo-carewick').title).toBe('Changed by a visitor')
    expect(store.getPaper(db, own.id).title).toBe('A paper')
    expect(db.select().from(papers).where(eq(papers.madeBy, 'demo')).all()).toHaveLength(PAPERS.length)
  })
  it('is what it says: 1,500 words, 12 sources, 15 citations or more, 2 block quotations', () => {
    const [main] = PAPERS
    const doc = toDocument(main!)
    expect(countWords(doc)).toBeGreaterThanOrEqual(1450)
    expect(main!.uses).toHaveLength(12)
    expect(citationsOf(doc).length).toBeGreaterThanOrEqual(15)
    expect(doc.content!.filter((node: DocNode) => node.type === 'blockquote')).toHaveLength(2)
  })
  it.each(PAPERS.map(p => [p.title, p] as const))('%s cites only sources it uses, and leaves no mark unread', (_, paper) => {
    const doc = toDocument(paper)
    expect(JSON.stringify(doc)).not.toContain('[ref')
    const known = new Set(SOURCES.map(s => s.key))
    expect(paper.uses.every(key => known.has(key))).toBe(true)
    const cited = new Set(citationsOf(doc).flatMap(c => c.items.map(i => i.id.replace('demo-', ''))))
    expect([...cited].every(key => paper.uses.includes(key))).toBe(true)
  })
  it('has passages of its sources, some in the paper and some not yet', () => {
    seed(db)
    const { passages, paper } = store.getWorkspace(db, 'demo-carewick')
    const text = foldWords(plainText(paper.body))
    expect(new Set(passages.map(p => standsIn(p.words, text)))).toEqual(new Set([true, false]))
    expect(PASSAGES.every(p => SOURCES.some(s => s.key === p.source))).toBe(true)
  })
  it('is all made up', () => {
    const text = JSON.stringify([SOURCES, PAPERS, PASSAGES])
    for (const [address] of text.matchAll(/https?:\/\/[^"/\s]+/gu)) expect(address).toMatch(/\.example$/u)
    for (const [doi] of text.matchAll(/10\.\d{4,9}\//gu)) expect(doi).toBe('10.5555/')
  })
})

describe('a database that cannot be used', () => {
  it('is readable by its owner alone, the files beside it too', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'dendle-')), 'papers', 'dendle.sqlite')
    const open = openDatabase(file)
    papersStore.listPapers(open)
    expect([join(file, '..'), file, `${file}-wal`, `${file}-shm`].map((path) => (statSync(path).mode & 0o777).toString(8))).toEqual([
      '700',
      '600',
      '600',
      '600',
    ])
  })
  it('is named and left as it is', () => {
    const file = join(folder, 'letter.sqlite')
    writeFileSync(file, 'a letter, not a database')
    expect(() => openDatabase(file)).toThrow(DatabaseTrouble)
    expect(readFileSync(file, 'utf8')).toBe('a letter, not a database')
    expect(() => openDatabase(folder)).toThrow(/is not a file/u)
  })
})
