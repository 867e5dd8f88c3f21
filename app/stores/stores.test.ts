/** The stores as the views use them, against a server that answers from memory. */
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Proposal } from '~~/core/intake/proposal'
import type { DocNode } from '~~/core/sheet/document'
import { browser } from '../../tests/unit/in-memory'
import { request, RequestError, Unreachable } from '~/utils/request'

vi.mock('~/utils/request', async original => ({ ...await original<object>(), request: vi.fn() }))
vi.mock('idb-keyval', () => import('../../tests/unit/in-memory'))

const { usePaper } = await import('./paper')
const { useText } = await import('./text')
const { useSources } = await import('./sources')
const { useSaving } = await import('./saving')
const { useShelf } = await import('./shelf')
const { useTray } = await import('./tray')
const { useUndo } = await import('./undo')
const { usePassages } = await import('./passages')
const { useNotices } = await import('./notices')

interface Call { method: string, path: string, body: unknown }
let calls: Call[] = []
let fail: ((call: Call) => unknown) | undefined
let n = 0
const made = (given: object) => ({
  parked: {},
  settled: [],
  revision: 1,
  key: `key-${++n}`,
  listed: false,
  leftOut: false,
  annotation: '',
  division: '',
  useRevision: 1,
  addedAt: '2026-01-01',
  id: `s${n}`,
  ...given,
})
function answer(call: Call): unknown {
  const { method, path, body } = call
  if (path.endsWith('/many')) return (body as { sources: object[] }).sources.map(made)
  if (path.endsWith('/use')) return (body as { ids: string[] }).ids.map(id => made({ id, kind: 'book', fields: { title: id } }))
  if (path.endsWith('/drop')) return []
  if (path.endsWith('/merge')) return { revision: 2, moved: [{ id: 'p1', revision: 2 }] }
  if (path.endsWith('/move')) return (body as { ids: string[] }).ids.map(id => ({ id, revision: 3 }))
  if (path.endsWith('/restore') && path.includes('passages'))
    return {
      id: 'p1',
      sourceId: 's1',
      form: 'quotation',
      words: 'w',
      original: '',
      locator: '',
      comment: '',
      tags: [],
      revision: 4,
      createdAt: '',
    }
  if (path === '/api/catalogue') return { outcome: 'none', says: 'Nothing there. Type it.' }
  return method === 'PATCH'
    ? { revision: ((body as { revision: number }).revision ?? 1) + 1, key: (body as { key?: string }).key }
    : { id: 'x' }
}
const cite = (id: string): DocNode => ({
  type: 'paragraph',
  content: [
    { type: 'text', text: 'The gate fell at noon ' },
    { type: 'citation', attrs: { id: 'c1', data: { items: [{ id }], form: 'parenthetical' } } },
  ],
})
const BOOK = {
  kind: 'book' as const,
  fields: { title: 'Working the tide', author: [{ family: 'Tremayne' }], issued: { start: { year: 2018 } } },
}
const passage = {
  id: 'p1',
  sourceId: 's2',
  form: 'quotation' as const,
  words: 'The gate fell at noon and rose',
  original: '',
  locator: '',
  comment: '',
  tags: [],
  revision: 1,
  createdAt: '',
}

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
  const workspace = {
    paper: {
      id: 'paper',
      title: 'T',
      style: 'apa-7',
      body: { type: 'doc', content: [cite('s2')] },
      details: {},
      left: [],
      revision: 1,
      updatedAt: '2026-01-01',
    },
    sources: [made(BOOK), made({ ...BOOK, fields: { ...BOOK.fields, place: 'Bristol' } })],
    passages: [passage],
  }
  await usePaper().open('paper', workspace as never)
})
const ids = () => useSources().sources.map(s => s.id)
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
    const [keep, drop] = useSources().sources
    await useShelf().merge(keep!, drop!, { ...BOOK.fields, place: 'Bristol' })
    expect([
      ids(),
      useSources().sources[0]!.fields.place,
      useSources().passages[0]!.sourceId,
      useText().citations[0]!.items[0]!.id,
    ]).toEqual([['s1'], 'Bristol', 's1', 's1'])
    await useUndo().last()
    expect([
      ids().sort(),
      useSources().byId.get('s1')!.fields.place,
      useSources().passages[0]!.sourceId,
      useText().citations[0]!.items[0]!.id,
    ]).toEqual([['s1', 's2'], undefined, 's2', 's2'])
  })
  it('a merge undone after more was written leaves what was written, and says so', async () => {
    await useShelf().merge(useSources().sources[0]!, useSources().sources[1]!, BOOK.fields)
    useText().write({
      type: 'doc',
      content: [...useText().body.content!, { type: 'paragraph', content: [{ type: 'text', text: 'More.' }] }],
    })
    await useUndo().last()
    expect(JSON.stringify(useText().body)).toContain('More.')
    expect(useNotices().list.some(notice => notice.text.includes('still name the merged source'))).toBe(true)
  })
  it('change kind and back without loss', () => {
    useSources().changeSource('s1', { fields: { ...BOOK.fields, publisher: 'Saltmarsh', edition: '2' } })
    useShelf().changeKind(useSources().byId.get('s1')!, 'web-page')
    expect(useSources().byId.get('s1')).toMatchObject({ kind: 'web-page', parked: { publisher: 'Saltmarsh', edition: '2' } })
    useShelf().changeKind(useSources().byId.get('s1')!, 'book')
    expect(useSources().byId.get('s1')).toMatchObject({ kind: 'book', parked: {}, fields: { publisher: 'Saltmarsh', edition: '2' } })
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
    const tray = await lay(
      proposal(BOOK.fields),
      proposal({ title: 'Birds of slow water', doi: '10.5555/b' }),
      proposal({ title: 'Birds', doi: '10.5555/B' }),
    )
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
    await tray.mergeInto(tray.items[0]!, useSources().byId.get('s1')!, new Set())
    expect([useSources().byId.get('s1')!.fields.publisher, tray.items]).toEqual(['Saltmarsh', []])
    await useUndo().last()
    expect([useSources().byId.get('s1')!.fields.publisher, tray.items.length]).toEqual([undefined, 1])
  })
  it('is still there when the window was closed, until it is empty', async () => {
    const tray = await lay(proposal({ title: 'Birds' }), proposal({ title: 'People' }))
    tray.drop(['1'])
    await vi.waitFor(() => expect((browser.get('dendle-tray:paper') as { items: object[] }).items).toHaveLength(1))
    tray.drop(['2'])
    await vi.waitFor(() => expect(browser.has('dendle-tray:paper')).toBe(false))
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
    useText().write({
      type: 'doc',
      content: [{ type: 'paragraph', content: [{ type: 'text', text: 'He said the gate fell at noon and rose, then.' }] }],
    })
    expect(usePassages().used.has('p1')).toBe(true)
  })
  it('are taken away and brought back', async () => {
    await usePassages().remove(useSources().passages[0]!)
    expect(useSources().passages).toEqual([])
    await useUndo().last()
    expect(useSources().passages.map(p => p.id)).toEqual(['p1'])
  })
  it('are saved as they are typed, and wait in the browser until they are', async () => {
    usePassages().change('p1', { words: 'Other words.' })
    await vi.waitFor(() =>
      expect(JSON.stringify([...browser].filter(([key]) => key.startsWith('dendle-unsaved:paper:')))).toContain('Other words.'))
    await useSaving().flush()
    expect(calls.find((call) => call.path === '/api/passages/p1')).toMatchObject({
      method: 'PATCH',
      body: { revision: 1, words: 'Other words.' },
    })
    expect(useSources().passages[0]!.revision).toBe(2)
  })
})

describe('saving', () => {
  it('is not said to be done while the sheet holds something back', () => {
    expect(useSaving().state).toBe('saved')
    useSaving().typing = true
    expect(useSaving().state).toBe('waiting')
  })
  it('asks the sheet for what was typed last', async () => {
    useSaving().holdsBack(() =>
      useText().write({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Last words.' }] }] }),
    )
    await useSaving().flush()
    expect(JSON.stringify(sent('/paper').at(-1)!.body)).toContain('Last words.')
  })
})

describe('a text that is replaced as a whole while something lies on the sheet', () => {
  const doc = (...texts: string[]): DocNode => ({ type: 'doc', content: texts.map(text => ({ type: 'paragraph', content: [{ type: 'text', text }] })) })
  const typing = (typed: DocNode) => {
    let lies = true
    return useSaving().holdsBack(() => {
      if (lies) { lies = false; useText().write(typed) }
    })
  }
  it('joins what was typed elsewhere in it', () => {
    useText().write(doc('One.', 'Two.'))
    typing(doc('One.', 'Two, typed.'))
    useText().replaceBody(doc('One, mended.', 'Two.'))
    expect(useText().body).toEqual(doc('One, mended.', 'Two, typed.'))
  })
  it('keeps what was typed in the same place among the earlier states', async () => {
    useText().write(doc('One.'))
    typing(doc('One, typed.'))
    useText().replaceBody(doc('One, mended.'))
    expect(useText().body).toEqual(doc('One, mended.'))
    await useSaving().flush()
    expect(JSON.stringify(sent('/snapshots').at(-1)!.body)).toContain('One, typed.')
  })
})

describe('a tab that is behind', () => {
  const doc = (text: string): DocNode => ({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] })
  const theirs = {
    title: 'T',
    style: 'mla-9',
    body: doc('Written in the other tab.'),
    details: { course: 'HIS 1' },
    revision: 7,
    updatedAt: '2026-01-02',
  }
  const behind = () => {
    fail = ({ method, path, body }) => {
      if (method === 'PATCH' && path === '/api/papers/paper' && (body as { revision: number }).revision < 7)
        throw new RequestError({ status: 409, code: 'conflict', message: 'changed', current: theirs } as never)
      if (method === 'GET') return { paper: { id: 'paper', ...theirs }, sources: useSources().sources, passages: [] }
      return undefined
    }
  }
  it('takes over the newer text with the newer revision, and never lays its own old one over it', async () => {
    const store = usePaper()
    behind()
    store.changePaper({ style: 'harvard' })
    await useSaving().flush()
    expect([useText().body, store.paper!.style, store.paper!.details, store.paper!.revision]).toEqual([
      theirs.body,
      'harvard',
      theirs.details,
      8,
    ])
    expect(sent('/api/papers/paper').filter(({ body }) => (body as { body?: unknown } | undefined)?.body !== undefined)).toEqual([])
  })
  it('leaves it to the writer where both have written', async () => {
    const store = usePaper()
    behind()
    store.changePaper({ style: 'harvard' })
    const release = useSaving().holdsBack(() => useText().write(doc('Written here.')))
    await useSaving().flush()
    expect([store.conflict?.body, useText().body, store.paper!.revision]).toEqual([theirs.body, doc('Written here.'), 1])
    release()
    await store.decide('theirs')
    // The other's text, and the style that was chosen here.
    await vi.waitFor(() => expect(useSaving().state).toBe('saved'))
    expect([store.conflict, useText().body, store.paper!.style, store.paper!.revision]).toEqual([undefined, theirs.body, 'harvard', 8])
    expect(sent('/snapshots').at(-1)!.body).toMatchObject({ body: doc('Written here.') })
  })
  it('puts both texts together where they were written in different places', async () => {
    const first = cite('s2')
    theirs.body = { type: 'doc', content: [first, ...doc('Written in the other tab, below.').content!] }
    behind()
    useText().write({ type: 'doc', content: [...doc('Written here, above.').content!, first] })
    await useSaving().flush()
    const both = ['Written here, above.', 'The gate fell at noon ', 'Written in the other tab, below.']
    expect(useText().body.content!.map(block => block.content![0]!.text)).toEqual(both)
    expect([usePaper().conflict, usePaper().paper!.revision]).toEqual([undefined, 8])
    expect(sent('/api/papers/paper').at(-1)!.body).toMatchObject({ revision: 7, blocks: { from: 0, to: 0, of: 2 } })
  })
  it('knows its own save whose answer was lost, and goes on from there', async () => {
    const typed = doc('Typed before the train went into the tunnel.')
    let arrived: { by: string } | undefined
    fail = ({ method, path, body }) => {
      if (method !== 'PATCH' || path !== '/api/papers/paper') return undefined
      if (!arrived) {
        arrived = body as { by: string }
        throw new Unreachable('no answer')
      }
      if ((body as { revision: number }).revision === 1)
        throw new RequestError({
          status: 409,
          code: 'stale',
          message: 'changed',
          current: { ...theirs, style: 'apa-7', body: typed, revision: 2, savedBy: arrived.by },
        } as never)
      return undefined
    }
    useText().write(typed)
    await useSaving().flush()
    expect(useSaving().state).toBe('offline')
    const more = { type: 'doc', content: [...typed.content!, ...doc('And behind it.').content!] }
    useText().write(more)
    await useSaving().flush()
    expect([usePaper().conflict, useSaving().state, usePaper().paper!.revision, useText().body]).toEqual([undefined, 'saved', 3, more])
    expect(sent('/api/papers/paper').at(-1)!.body).toMatchObject({ revision: 2, blocks: { from: 1, to: 1, of: 1 } })
    expect(useNotices().list).toEqual([])
  })
})

describe('a letter typed', () => {
  it('sends its own paragraph, and not the rest of the paper', async () => {
    const block = (text: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text }] })
    const long = Array.from({ length: 300 }, (_, i) => block(`Paragraph ${i}.`))
    useText().write({ type: 'doc', content: long })
    await useSaving().flush()
    useText().write({ type: 'doc', content: long.map((one, i) => (i === 140 ? block('Paragraph 140, and a letter.') : one)) })
    await useSaving().flush()
    expect(sent('/api/papers/paper').at(-1)!.body).toMatchObject({
      blocks: { from: 140, to: 141, of: 300, blocks: [block('Paragraph 140, and a letter.')] },
    })
  })
})

describe('windows that were closed before they could save', () => {
  const [one, two, three] = [
    cite('s2'),
    { type: 'paragraph', content: [{ type: 'text', text: 'Two.' }] },
    { type: 'paragraph', content: [{ type: 'text', text: 'Three.' }] },
  ] as [DocNode, DocNode, DocNode]
  const say = (text: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text }] })
  const keptBy = (name: string, content: DocNode[], from = 1) =>
    browser.set(`dendle-unsaved:paper:${name}`, [{ thing: 'paper', id: 'paper', change: { body: { type: 'doc', content } }, from }])
  const open = (revision = 1, savedBy: string | null = null) =>
    usePaper().open('paper', {
      paper: {
        id: 'paper',
        title: 'T',
        style: 'apa-7',
        body: { type: 'doc', content: [one, two, three] },
        details: {},
        left: [],
        revision,
        savedBy,
        updatedAt: '2026-01-01',
      },
      sources: [],
      passages: [],
    } as never)
  const texts = () => useText().body.content!.map(block => block.content![0]!.text)

  it('hand over what each of them kept, together where they wrote in different places', async () => {
    keptBy('w1', [one, say('Two, by the first.'), three])
    keptBy('w2', [one, two, say('Three, by the second.')])
    await open()
    expect(texts()).toEqual(['The gate fell at noon ', 'Two, by the first.', 'Three, by the second.'])
    expect(browser.has('dendle-unsaved:paper:w1')).toBe(false)
    await useSaving().flush()
    expect(sent('/api/papers/paper').at(-1)!.body).toMatchObject({ revision: 1, blocks: { from: 1, to: 3 } })
    expect([...browser.keys()]).toEqual([])
  })
  it('lose nothing where they wrote in the same place: the later text is an earlier state', async () => {
    keptBy('w1', [one, say('Two, by the first.'), three])
    keptBy('w2', [one, say('Two, by the second.'), three])
    await open()
    expect(texts()[1]).toBe('Two, by the first.')
    await useSaving().flush()
    expect(JSON.stringify(sent('/snapshots').at(-1)!.body)).toContain('Two, by the second.')
    expect(useNotices().list.at(-1)!.text).toContain('kept under Earlier states')
  })
  it('go on from what the server has where it had saved without their hearing of it', async () => {
    keptBy('w1', [one, two, three, say('Four.')], 1)
    await open(2, 'w1')
    await useSaving().flush()
    expect(sent('/api/papers/paper').at(-1)!.body).toMatchObject({ revision: 2, blocks: { from: 3, to: 3, of: 3 } })
  })
  it('meet what was written since, and ask', async () => {
    keptBy('w1', [say('All of it new.')], 1)
    fail = ({ method, body }) => {
      if (method === 'PATCH' && (body as { revision: number }).revision < 5)
        throw new RequestError({
          status: 409,
          code: 'stale',
          message: 'changed',
          current: {
            title: 'T',
            style: 'apa-7',
            body: { type: 'doc', content: [one, two, three] },
            details: {},
        left: [],
            revision: 5,
            updatedAt: '2026-01-02',
          },
        } as never)
      return undefined
    }
    await open(5)
    await useSaving().flush()
    expect([usePaper().conflict!.revision, texts()]).toEqual([5, ['All of it new.']])
  })
})
