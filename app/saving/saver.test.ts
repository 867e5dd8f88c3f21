import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { RequestError, Unreachable } from '~/utils/request'
import { Saver, type SaveState } from './saver'
import type { Job, Settled } from './things'

interface Bench {
  saver: Saver
  sent: Job[]
  states: SaveState[]
  kept: Job[][]
  answer: (job: Job) => Promise<void>
  decide: (job: Job, current: unknown) => Promise<Settled>
}

function bench(): Bench {
  const it: Bench = {
    sent: [],
    states: [],
    kept: [],
    answer: () => Promise.resolve(),
    decide: () => Promise.resolve('ask'),
    saver: undefined as unknown as Saver,
  }
  it.saver = new Saver({
    send: async (job) => {
      it.sent.push(JSON.parse(JSON.stringify(job)) as Job)
      await it.answer(job)
    },
    keep: jobs => it.kept.push(jobs),
    state: state => it.states.push(state),
    conflict: (job, current) => it.decide(job, current),
    delay: 600,
  })
  return it
}
const stale = new RequestError({ status: 409, code: 'stale', message: 'stale', current: { revision: 9 } })

describe('saving as one writes', () => {
  beforeEach(() => { vi.useFakeTimers() })
  afterEach(() => { vi.useRealTimers() })

  it('waits for a pause and sends what stands then', async () => {
    const b = bench()
    b.saver.queue({ thing: 'paper', id: 'p', change: { body: 'a' } })
    await vi.advanceTimersByTimeAsync(400)
    b.saver.queue({ thing: 'paper', id: 'p', change: { body: 'ab', title: 't' } })
    await vi.advanceTimersByTimeAsync(599)
    expect(b.sent).toEqual([])
    await vi.advanceTimersByTimeAsync(2)
    expect(b.sent).toEqual([{ thing: 'paper', id: 'p', change: { body: 'ab', title: 't' } }])
    expect(b.states.at(-1)).toBe('saved')
    expect(b.kept.at(-1)).toEqual([])
  })

  it('sends one at a time, in the order things were changed', async () => {
    const b = bench()
    let release = () => {}
    b.answer = () => new Promise((resolve) => { release = resolve })
    b.saver.queue({ thing: 'source', id: '1', change: { a: 1 } })
    b.saver.queue({ thing: 'paper', id: 'p', change: { a: 2 } })
    void b.saver.flush()
    await vi.advanceTimersByTimeAsync(0)
    b.saver.queue({ thing: 'source', id: '1', change: { b: 3 } })
    expect(b.sent.map(j => j.thing)).toEqual(['source'])
    expect(b.saver.unsaved().map(j => [j.thing, j.change])).toEqual([['paper', { a: 2 }], ['source', { a: 1, b: 3 }]])
    release()
    await vi.advanceTimersByTimeAsync(0)
    release()
    await vi.advanceTimersByTimeAsync(0)
    release()
    await vi.advanceTimersByTimeAsync(700)
    expect(b.sent.map(j => j.thing)).toEqual(['source', 'paper', 'source'])
  })

  it('keeps trying when the server is away, and loses nothing meanwhile', async () => {
    const b = bench()
    b.answer = () => Promise.reject(new Unreachable('away'))
    b.saver.queue({ thing: 'paper', id: 'p', change: { body: 'a' } })
    await vi.advanceTimersByTimeAsync(601)
    expect(b.states.at(-1)).toBe('offline')
    b.saver.queue({ thing: 'paper', id: 'p', change: { title: 't' } })
    expect(b.kept.at(-1)).toEqual([{ thing: 'paper', id: 'p', change: { body: 'a', title: 't' } }])
    b.answer = () => Promise.resolve()
    await vi.advanceTimersByTimeAsync(2500)
    expect(b.sent.at(-1)).toEqual({ thing: 'paper', id: 'p', change: { body: 'a', title: 't' } })
    expect(b.states.at(-1)).toBe('saved')
  })

  it('stops at a conflict until the writer has decided', async () => {
    const b = bench()
    b.answer = () => Promise.reject(stale)
    b.saver.queue({ thing: 'paper', id: 'p', change: { body: 'mine' } })
    await vi.advanceTimersByTimeAsync(601)
    expect(b.states.at(-1)).toBe('conflict')
    b.saver.queue({ thing: 'paper', id: 'p', change: { body: 'mine too' } })
    await vi.advanceTimersByTimeAsync(5000)
    expect(b.sent).toHaveLength(1)
    b.answer = () => Promise.resolve()
    b.saver.resume()
    await vi.advanceTimersByTimeAsync(1)
    expect(b.sent.at(-1)).toEqual({ thing: 'paper', id: 'p', change: { body: 'mine too' } })
  })

  it('drops its own change when the other is taken', async () => {
    const b = bench()
    b.answer = () => Promise.reject(stale)
    b.saver.queue({ thing: 'paper', id: 'p', change: { body: 'mine' } })
    await vi.advanceTimersByTimeAsync(601)
    b.saver.resume({ thing: 'paper', id: 'p' })
    await vi.advanceTimersByTimeAsync(1)
    expect(b.saver.unsaved()).toEqual([])
    expect(b.states.at(-1)).toBe('saved')
  })

  it('goes on by itself when the conflict was settled', async () => {
    const b = bench()
    let first = true
    b.answer = () => {
      if (!first) return Promise.resolve()
      first = false
      return Promise.reject(stale)
    }
    b.decide = (job, current) => Promise.resolve({ ...job, change: { fields: {}, revision: (current as { revision: number }).revision } })
    b.saver.queue({ thing: 'source', id: '1', change: { fields: {} } })
    await vi.advanceTimersByTimeAsync(601)
    expect(b.sent.map(job => job.change)).toEqual([{ fields: {} }, { fields: {}, revision: 9 }])
    expect(b.states.at(-1)).toBe('saved')
  })

  it('a change made while another is under way was made from what that one makes, unless it never arrives', async () => {
    const b = bench()
    let fail = () => {}
    b.answer = () => new Promise((_, reject) => { fail = () => reject(new Unreachable('away')) })
    b.saver.queue({ thing: 'source', id: '1', change: { fields: 'a' }, base: 'before a' })
    void b.saver.flush()
    await vi.advanceTimersByTimeAsync(0)
    b.saver.queue({ thing: 'source', id: '1', change: { fields: 'b' }, base: 'a' })
    b.saver.queue({ thing: 'source', id: '1', change: { fields: 'c' }, base: 'b' })
    fail()
    await vi.advanceTimersByTimeAsync(0)
    expect(b.saver.unsaved()).toEqual([{ thing: 'source', id: '1', change: { fields: 'c' }, base: 'before a' }])
  })

  it('keeps what the server refuses for what it holds', async () => {
    const b = bench()
    b.answer = () => Promise.reject(new RequestError({ status: 422, code: 'invalid', message: 'too long' }))
    b.saver.queue({ thing: 'paper', id: 'p', change: { title: 'x' } })
    await vi.advanceTimersByTimeAsync(601)
    expect(b.states.at(-1)).toBe('refused')
    expect(b.saver.unsaved()).toEqual([{ thing: 'paper', id: 'p', change: { title: 'x' } }])
  })
})
