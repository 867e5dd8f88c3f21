/** What a worker is told of the open paper, and what it knows after it: the same, with as little said as can be. */
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { DocNode } from '~~/core/sheet/document'
import { request } from '~/utils/request'
import { FedPaper } from '~/workers/fed-paper'

vi.mock('~/utils/request', async original => ({ ...await original<object>(), request: vi.fn() }))
vi.mock('idb-keyval', () => ({
  get: () => Promise.resolve(undefined), set: () => Promise.resolve(), del: () => Promise.resolve(), keys: () => Promise.resolve([]),
}))
const { usePaper } = await import('./paper')
const { useSources } = await import('./sources')
const { useText } = await import('./text')
const { PaperFeed } = await import('./feed')

const p = (text: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text }] })
const source = {
  id: 's1', kind: 'book' as const, fields: { title: 'Tide', author: [{ family: 'Moss' }] }, parked: {}, settled: [], revision: 1, key: 'moss',
  listed: true, leftOut: false, annotation: 'Of use.', division: '', useRevision: 1, addedAt: '',
}
const open = (id: string, ...words: string[]) => usePaper().open(id, {
  paper: { id, title: 'Mud', style: 'mla-9', body: { type: 'doc', content: words.map(p) }, details: { writer: 'Ada' }, left: [], revision: 1, updatedAt: '' },
  sources: [source],
  passages: [],
} as never)
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

beforeEach(() => {
  setActivePinia(createPinia())
  vi.mocked(request).mockResolvedValue({ revision: 2 } as never)
})

it('is told everything at first, and nothing again that has not changed', async () => {
  await open('paper', 'One.', 'Two.')
  const feed = new PaperFeed()
  expect(Object.keys(feed.change()).sort()).toEqual(['details', 'doc', 'sources', 'style', 'title'])
  expect(feed.change()).toEqual({})
})

it('is told of the blocks that were changed, and knows the paper as it is', async () => {
  await open('paper', 'One.', 'Two.', 'Three.')
  const feed = new PaperFeed()
  const fed = new FedPaper()
  fed.change(plain(feed.change()))
  const body = useText().body
  useText().replaceBody({ ...body, content: [body.content![0]!, p('Second.'), body.content![2]!] })
  const change = feed.change()
  expect(change.doc).toBeUndefined()
  expect(change.blocks).toBeDefined()
  fed.change(plain(change))
  expect(fed.doc).toEqual(plain(useText().body))
  expect([fed.style.id, fed.title, fed.details]).toEqual(['mla-9', 'Mud', { writer: 'Ada' }])
})

it('keeps a source as the object it was, where it says what it said, so that nothing is made of it again', async () => {
  await open('paper', 'One.')
  const feed = new PaperFeed()
  const fed = new FedPaper()
  fed.change(plain(feed.change()))
  const [before] = fed.sources
  useSources().changeUse('s1', { annotation: 'Of much use.' })
  fed.change(plain(feed.change()))
  expect(fed.sources[0]).not.toBe(before)
  expect(fed.sources[0]!.fields).toBe(before!.fields)
  expect(fed.sources[0]!.annotation).toBe('Of much use.')
  expect(fed.listPart.alsoList).toEqual(['s1'])
})

it('is told of another paper whole when it has been told to forget', async () => {
  await open('paper', 'One.')
  const feed = new PaperFeed()
  feed.change()
  await open('other', 'Else.')
  feed.forget()
  expect(feed.change().doc).toMatchObject({ content: [p('Else.')] })
})
