/** The stores as the views use them, against a server that answers from memory. */
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import * as vue from 'vue'
import type { Proposal } from '~~/core/intake/proposal'
import type { DocNode } from '~~/core/sheet/document'
import { request, RequestError } from '~/utils/request'

// What the framework gives every file by itself.
for (const name of ['ref', 'shallowRef', 'computed', 'watch', 'nextTick'] as const) vi.stubGlobal(name, vue[name])
vi.mock('~/utils/request', async original => ({ ...await original<object>(), request: vi.fn() }))
const browser = new Map<string, unknown>()
vi.mock('idb-keyval', () => ({ get: (key: string) => Promise.resolve(browser.get(key)), set: (key: string, value: unknown) => Promise.resolve(browser.set(key, value)), del: (key: string) => Promise.resolve(browser.delete(key)) }))

const { usePaper } = await import('./paper')
const { useShelf } = await import('./shelf')
const { useTray } = await import('./tray')
const { useUndo } = await import('./undo')
const { usePassages } = await import('./passages')
const { useNotices } = await import('./notices')

interface Call { method: string, path: string, body: unknown }
let calls: Call[] = []
let fail: ((call: Call) => unknown) | undefined
let n = 0
const made = (given: object) => ({ parked: {}, settled: [], revision: 1, key: `key-${++n}`, listed: false, annotation: '', division: '', useRevision: 1, addedAt: '2026-01-01', id: `s${n}`, ...given })
function answer(call: Call): unknown {
  const { method, path, body } = call
  if (path.endsWith('/many')) return (body as { sources: object[] }).sources.map(made)
  if (path.endsWith('/use')) return (body as { ids: string[] }).ids.map(id => made({ id, kind: 'book', fields: { title: id } }))
  if (path.endsWith('/drop')) return []
  if (path.endsWith('/merge')) return { revision: 2, moved: [{ id: 'p1', revision: 2 }] }
  if (path.endsWith('/move')) return (body as { ids: string[] }).ids.map(id => ({ id, revision: 3 }))
  if (path.endsWith('/restore') && path.includes('passages')) return { id: 'p1', sourceId: 's1', form: 'quotation', words: 'w', original: '', locator: '', comment: '', tags: [], revision: 4, createdAt: '' }
  if (path === '/api/catalogue') return { outcome: 'none', says: 'Nothing there. Type it.' }
  return method === 'PATCH' ? { revision: ((body as { revision: number }).revision ?? 1) + 1, key: (body as { key?: string }).key } : { id: 'x' }
}
const cite = (id: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text: 'The gate fell at noon ' }, { type: 'citation', attrs: { id: 'c1', data: { items: [{ id }], form: 'parenthetical' } } }] })
const BOOK = { kind: 'book' as const, fields: { title: 'Working the tide', author: [{ family: 'Tremayne' }], issued: { start: { year: 2018 } } } }
const passage = { id: 'p1', sourceId: 's2', form: 'quotation' as const, words: 'The gate fell at noon and rose', original: '', locator: '', comment: '', tags: [], revision: 1, createdAt: '' }

beforeEach(async () => {
  setActivePinia(createPinia())
  calls = []
  fail = undefined
  n = 0
  browser.clear()
  vi.mocked(request).mockImplementation((method, path, body) => {
    const call = { method, path, body }
    calls.push(call)
    try { return Promise.resolve((fail?.(call) ?? answer(call)) as never) }
    catch (error) { return Promise.reject(error as Error) }
  })
  const workspace = { paper: { id: 'paper', title: 'T', style: 'apa-7', body: { type: 'doc', content: [cite('s2')] }, details: {}, revision: 1, updatedAt: '2026-01-01' }, sources: [made(BOOK), made({ ...BOOK, fields: { ...BOOK.fields, place: 'Bristol' } })], passages: [passage] }
  await usePaper().open('paper', workspace as never)
})
const ids = () => usePaper().sources.map(s => s.id)
const sent = (end: string) => calls.filter(call => call.path.endsWith(end))

describe('sources as wholes', () => {
  it('come in lots, and stop where they are told to', async () => {
    const many = Array.from({ length: 900 }, (_, i) => ({ ...BOOK, fields: { title: `Part ${i}` } }))
    expect(await useShelf().add(many)).toHaveLength(900)
    expect(sent('/many').map(call => (call.body as { sources: unknown[] }).sources.length)).toEqual([400, 400, 100])
    expect(await useShelf().add(many, done => done < 400)).toHaveLength(400)
  })
  it('go out and come back by one step', async () => {
    await useShelf().remove(['s1'])
    expect(ids()).toEqual(['s2'])
    await useUndo().last()
    expect(ids().sort()).toEqual(['s1', 's2'])
    await useUndo().last()
    expect(useNotices().list.at(-1)!.text).toBe('There is nothing to undo here.')
  })
  it('are made one with their passages and citations, and two again', async () => {
    const paper = usePaper()
    const [keep, drop] = paper.sources
    await useShelf().merge(keep!, drop!, { ...BOOK.fields, place: 'Bristol' })
    expect([ids(), paper.sources[0]!.fields.place, paper.passages[0]!.sourceId, paper.citations[0]!.items[0]!.id]).toEqual([['s1'], 'Bristol', 's1', 's1'])
    await useUndo().last()
    expect([ids().sort(), paper.byId.get('s1')!.fields.place, paper.passages[0]!.sourceId, paper.citations[0]!.items[0]!.id]).toEqual([['s1', 's2'], undefined, 's2', 's2'])
  })
  it('a merge undone after more was written leaves what was written, and says so', async () => {
    const paper = usePaper()
    await useShelf().merge(paper.sources[0]!, paper.sources[1]!, BOOK.fields)
    paper.write({ type: 'doc', content: [...paper.body.content!, { type: 'paragraph', content: [{ type: 'text', text: 'More.' }] }] })
    await useUndo().last()
    expect(JSON.stringify(paper.body)).toContain('More.')
    expect(useNotices().list.some(notice => notice.text.includes('still name the merged source'))).toBe(true)
  })
  it('change kind and back without loss', () => {
    const paper = usePaper()
    paper.changeSource('s1', { fields: { ...BOOK.fields, publisher: 'Saltmarsh', edition: '2' } })
    useShelf().changeKind(paper.byId.get('s1')!, 'web-page')
    expect(paper.byId.get('s1')).toMatchObject({ kind: 'web-page', parked: { publisher: 'Saltmarsh', edition: '2' } })
    useShelf().changeKind(paper.byId.get('s1')!, 'book')
    expect(paper.byId.get('s1')).toMatchObject({ kind: 'book', parked: {}, fields: { publisher: 'Saltmarsh', edition: '2' } })
  })
  it('a step that cannot be undone now is still there to be tried again', async () => {
    await useShelf().remove(['s1'])
    fail = (call) => { if (call.path.endsWith('/use')) throw new Error('The server sleeps.'); return undefined }
    await useUndo().last()
    expect([useNotices().list.at(-1)!.text, useUndo().steps.length]).toEqual(['The server sleeps.', 1])
    fail = undefined
    await useUndo().last()
    expect(ids().sort()).toEqual(['s1', 's2'])
  })
})

describe('the tray', () => {
  const proposal = (fields: Proposal['fields']): Proposal => ({ kind: 'book', fields, from: {}, where: 'line 1', doubts: [] })
  async function lay(...proposals: Proposal[]) {
    browser.set('dendle-tray:paper', { items: proposals.map((one, i) => ({ id: String(i + 1), proposal: one })), problems: [] })
    await useTray().open()
    return useTray()
  }
  it('knows what the paper has, and what lies in it twice', async () => {
    const tray = await lay(proposal(BOOK.fields), proposal({ title: 'Birds of slow water', doi: '10.5555/b' }), proposal({ title: 'Birds', doi: '10.5555/B' }))
    expect(tray.items.map(item => [item.same?.id, item.twin?.id])).toEqual([['s1', undefined], [undefined, undefined], [undefined, '2']])
    expect(tray.fresh.map(item => item.id)).toEqual(['2'])
  })
  it('takes what is new in one step, which one step undoes, in the order it lay', async () => {
    const tray = await lay(proposal({ title: 'Birds of slow water' }), proposal(BOOK.fields), proposal({ title: 'Estuary people' }))
    await tray.acceptAll()
    expect([tray.items.map(item => item.id), ids().length]).toEqual([['2'], 4])
    await useUndo().last()
    expect([tray.items.map(item => item.id), ids()]).toEqual([['1', '2', '3'], ['s1', 's2']])
  })
  it('merges with what the paper has, and lets go', async () => {
    const tray = await lay(proposal({ ...BOOK.fields, publisher: 'Saltmarsh' }))
    await tray.mergeInto(tray.items[0]!, usePaper().byId.get('s1')!, new Set())
    expect([usePaper().byId.get('s1')!.fields.publisher, tray.items]).toEqual(['Saltmarsh', []])
    await useUndo().last()
    expect([usePaper().byId.get('s1')!.fields.publisher, tray.items.length]).toEqual([undefined, 1])
  })
  it('is still there when the window was closed, until it is empty', async () => {
    const tray = await lay(proposal({ title: 'Birds' }), proposal({ title: 'People' }))
    tray.drop(['1'])
    expect((browser.get('dendle-tray:paper') as { items: object[] }).items).toHaveLength(1)
    tray.drop(['2'])
    expect(browser.has('dendle-tray:paper')).toBe(false)
  })
  it('names what the catalogue does not have', async () => {
    const tray = await lay()
    await tray.takeIn({ text: '10.5555/nowhere' })
    expect(tray.problems).toEqual([{ where: '10.5555/nowhere', what: 'Nothing there. Type it.' }])
  })
})

describe('passages', () => {
  it('are used when their words stand in the paper', () => {
    expect(usePassages().used.has('p1')).toBe(false)
    usePaper().write({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'He said the gate fell at noon and rose, then.' }] }] })
    expect(usePassages().used.has('p1')).toBe(true)
  })
  it('are taken away and brought back', async () => {
    await usePassages().remove(usePaper().passages[0]!)
    expect(usePaper().passages).toEqual([])
    await useUndo().last()
    expect(usePaper().passages.map(p => p.id)).toEqual(['p1'])
  })
  it('are saved as they are typed, and wait in the browser until they are', async () => {
    usePassages().change('p1', { words: 'Other words.' })
    expect(JSON.stringify(browser.get('dendle-unsaved:paper'))).toContain('Other words.')
    await usePaper().flush()
    expect(calls.find(call => call.path === '/api/passages/p1')).toMatchObject({ method: 'PATCH', body: { revision: 1, words: 'Other words.' } })
    expect(usePaper().passages[0]!.revision).toBe(2)
  })
})

describe('saving', () => {
  it('is not said to be done while the sheet holds something back', () => {
    const paper = usePaper()
    expect(paper.saveState).toBe('saved')
    paper.typing = true
    expect(paper.saveState).toBe('waiting')
  })
  it('asks the sheet for what was typed last', async () => {
    const paper = usePaper()
    paper.beforeFlush(() => paper.write({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Last words.' }] }] }))
    await paper.flush()
    expect(JSON.stringify(sent('/paper').at(-1)!.body)).toContain('Last words.')
  })
})

describe('a tab that is behind', () => {
  const doc = (text: string): DocNode => ({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] })
  const theirs = { title: 'T', style: 'mla-9', body: doc('Written in the other tab.'), details: { course: 'HIS 1' }, revision: 7, updatedAt: '2026-01-02' }
  const behind = () => {
    fail = ({ method, path, body }) => {
      if (method === 'PATCH' && path === '/api/papers/paper' && (body as { revision: number }).revision < 7) throw new RequestError({ status: 409, code: 'conflict', message: 'changed', current: theirs } as never)
      if (method === 'GET') return { paper: { id: 'paper', ...theirs }, sources: usePaper().sources, passages: [] }
      return undefined
    }
  }
  it('takes over the newer text with the newer revision, and never lays its own old one over it', async () => {
    const store = usePaper()
    behind()
    store.changePaper({ style: 'harvard' })
    await store.flush()
    expect([store.body, store.paper!.style, store.paper!.details, store.paper!.revision]).toEqual([theirs.body, 'harvard', theirs.details, 8])
    expect(sent('/api/papers/paper').filter(({ body }) => (body as { body?: unknown } | undefined)?.body !== undefined)).toEqual([])
  })
  it('leaves it to the writer where both have written', async () => {
    const store = usePaper()
    behind()
    store.changePaper({ style: 'harvard' })
    store.beforeFlush(() => store.write(doc('Written here.')))
    await store.flush()
    expect([store.conflict?.body, store.body, store.paper!.revision]).toEqual([theirs.body, doc('Written here.'), 1])
  })
})
