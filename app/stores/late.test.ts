/** A window that is just being closed hands over its words a little later, when another has been taken over and saved. */
import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import type { DocNode } from '~~/core/sheet/document'
import { browser } from '../../tests/unit/in-memory'
import { request } from '~/utils/request'

vi.mock('~/utils/request', async original => ({ ...await original<object>(), request: vi.fn() }))
vi.mock('idb-keyval', () => import('../../tests/unit/in-memory'))
/** Locks of the browser: those of windows that are being closed are free once `closed` is called. */
const closing = new Set<string>()
const waiting: (() => void)[] = []
const closed = () => {
  closing.clear()
  waiting.splice(0).forEach(go => go())
}
vi.stubGlobal('navigator', {
  locks: {
    request(name: string, ...given: unknown[]) {
      const run = given.at(-1) as (lock: object | null) => unknown
      const options = (given.length > 1 ? given[0] : {}) as LockOptions
      if (!closing.has(name)) return Promise.resolve(run({}))
      if (options.ifAvailable) return Promise.resolve(run(null))
      return new Promise(resolve => waiting.push(() => resolve(run({}))))
    },
  },
})
const { usePaper } = await import('./paper')
const { useText } = await import('./text')
const { useSaving } = await import('./saving')

const say = (text: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text }] })
const first = [say('First.'), say('Middle.'), say('Last.')]
const keptBy = (name: string, content: DocNode[]) =>
  browser.set(`dendle-unsaved:paper:${name}`, [{ thing: 'paper', id: 'paper', change: { body: { type: 'doc', content } }, from: 1 }])
const texts = () => useText().body.content!.map(block => block.content![0]!.text)
interface Sent { method: string, path: string, body: { revision: number, reason?: string } }

async function open(later: DocNode[]) {
  setActivePinia(createPinia())
  browser.clear()
  const sent: Sent[] = []
  vi.mocked(request).mockImplementation(((method: string, path: string, body: Sent['body']) => {
    sent.push({ method, path, body })
    return Promise.resolve({ revision: body.revision + 1 })
  }) as never)
  closing.add('dendle-window:w2')
  keptBy('w1', [say('First, by the one.'), say('Middle.'), say('Last.')])
  keptBy('w2', later)
  const paper = { id: 'paper', title: 'T', style: 'apa-7', body: { type: 'doc', content: first }, details: {}, left: [], revision: 1, savedBy: null, updatedAt: '2026-01-01' }
  await usePaper().open('paper', { paper, sources: [], passages: [] } as never)
  await useSaving().flush()
  expect([texts()[0], usePaper().paper!.revision]).toEqual(['First, by the one.', 2])
  closed()
  await vi.waitFor(() => expect(browser.has('dendle-unsaved:paper:w2')).toBe(false))
  await useSaving().flush()
  return sent
}

it('its words are joined with those that were saved meanwhile', async () => {
  const sent = await open([say('First.'), say('Middle.'), say('Last, by the other.')])
  expect(texts()).toEqual(['First, by the one.', 'Middle.', 'Last, by the other.'])
  expect(sent.at(-1)!.body).toMatchObject({ revision: 2, blocks: { from: 2, to: 3, of: 3 } })
})
it('where both wrote in one place, its text is an earlier state', async () => {
  const sent = await open([say('First, by the other.'), say('Middle.'), say('Last.')])
  expect(texts()[0]).toBe('First, by the one.')
  expect(sent.map(({ path }) => path)).toContain('/api/papers/paper/snapshots')
  expect(JSON.stringify(sent.find(({ path }) => path.endsWith('snapshots'))!.body)).toContain('First, by the other.')
})
it('words that came while the sheet was being made, and that it never showed, are joined with what is typed on it', async () => {
  await open([say('First.'), say('Middle.'), say('Last, by the other.')])
  const laid: string[] = []
  useText().onReplaced(doc => laid.push(JSON.stringify(doc)))
  const typed = { type: 'doc', content: [say('First.'), say('Middle, typed.'), say('Last.')] }
  const stands = useText().write(typed, { type: 'doc', content: first })
  expect(texts()).toEqual(['First, by the one.', 'Middle, typed.', 'Last, by the other.'])
  expect(stands).toBe(useText().body)
  expect(laid).toEqual([JSON.stringify(stands)])
})
it('where those stand in the place that is typed in, they are an earlier state', async () => {
  const sent = await open([say('First.'), say('Middle.'), say('Last, by the other.')])
  useText().write({ type: 'doc', content: [say('First.'), say('Middle.'), say('Last, typed.')] }, { type: 'doc', content: first })
  await useSaving().flush()
  expect(texts()[2]).toBe('Last, typed.')
  expect(JSON.stringify(sent.find(({ path }) => path.endsWith('snapshots'))!.body)).toContain('Last, by the other.')
})
