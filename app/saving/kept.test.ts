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
  await takeOver('p', 'here', async ({ by, jobs }) => { out.push([by, jobs.map(one => one.change.title)]) })
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
