/** What a page that is being left writes at once counts before what the database has of its window. */
import { beforeEach, expect, it, vi } from 'vitest'
import type { KeptJob } from './things'

const database = new Map<string, unknown>()
let full = false
vi.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(database.get(key)),
  set: (key: string, value: unknown) => (full ? Promise.reject(new Error('full')) : Promise.resolve(database.set(key, value))),
  del: (key: string) => Promise.resolve(database.delete(key)),
  keys: () => Promise.resolve([...database.keys()]),
}))
/** A browser's small store: its keys are its own names. */
const small: Record<string, string> & { setItem?: unknown } = {}
const store = Object.create({
  getItem: (key: string) => small[key] ?? null,
  setItem(key: string, value: string) {
    if (value.length > 1000) throw new Error('quota')
    small[key] = value
    Object.assign(store, { [key]: value })
  },
  removeItem(key: string) {
    Reflect.deleteProperty(small, key)
    Reflect.deleteProperty(store, key)
  },
}) as Storage
vi.stubGlobal('localStorage', store)
const { keep, keepAtOnce, takeOver } = await import('./kept')
const job = (title: string): KeptJob => ({ thing: 'paper', id: 'p', change: { title }, from: 1 })
const taken = async () => {
  const out: unknown[] = []
  await takeOver('p', 'here', {
    take: async ({ by, jobs }) => { out.push([by, jobs.map(one => one.change.title)]) },
    failed: (error) => { out.push((error as Error).message) },
    until: new AbortController().signal,
  })
  return out
}
beforeEach(() => {
  database.clear()
  full = false
  for (const key of Object.keys(store)) store.removeItem(key)
})

it('what was written at once is taken over, and is gone from both places then', async () => {
  await keep('p', 'w1', [job('earlier')])
  keepAtOnce('p', 'w1', [job('last')])
  expect(await taken()).toEqual([['w1', ['last']]])
  expect([Object.keys(store), [...database.keys()]]).toEqual([[], []])
})
it('what the database was given later counts', async () => {
  keepAtOnce('p', 'w1', [job('hidden')])
  await keep('p', 'w1', [job('shown again')])
  expect(await taken()).toEqual([['w1', ['shown again']]])
})
it('a page that is closed while the database is still writing has it in the small store', async () => {
  keepAtOnce('p', 'w1', [job('last')])
  const writing = keep('p', 'w1', [job('last, once more')])
  expect(await taken()).toEqual([['w1', [expect.stringContaining('last')]]])
  await writing
})
it('what was left in the small store by chance does not count before what the database was given later', async () => {
  keepAtOnce('p', 'w1', [job('before')])
  const before = store.getItem(Object.keys(store)[0]!)!
  await keep('p', 'w1', [job('after')])
  store.setItem('dendle-unsaved:p:w1', before)
  expect(await taken()).toEqual([['w1', ['after']]])
})
it('what an older Dendle kept is taken over', async () => {
  database.set('dendle-unsaved:p:w1', [job('by an older one')])
  expect(await taken()).toEqual([['w1', ['by an older one']]])
})
it('what cannot be read is told, and left', async () => {
  store.setItem('dendle-unsaved:p:w1', '{')
  keepAtOnce('p', 'w2', [job('w2')])
  expect(await taken()).toEqual([expect.stringContaining('JSON'), ['w2', ['w2']]])
  expect(Object.keys(store)).toEqual(['dendle-unsaved:p:w1'])
})
it('a text too long for the small store is in the database', async () => {
  await keep('p', 'w1', [job('x'.repeat(2000))])
  keepAtOnce('p', 'w1', [job('x'.repeat(2000))])
  expect(await taken()).toEqual([['w1', ['x'.repeat(2000)]]])
})
it('another paper’s is left', async () => {
  keepAtOnce('q', 'w1', [job('of q')])
  expect(await taken()).toEqual([])
})
it('a browser that keeps nothing says so', async () => {
  full = true
  await expect(keep('p', 'w1', [job('x')])).rejects.toThrow('full')
})
