import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { withBlocks, type BlocksChange } from '~~/core/sheet/changed-blocks'
import type { DocNode } from '~~/core/sheet/document'
import { RequestError, Unreachable } from '~/utils/request'
import type { PaperSource, Workspace } from './held'
import { PaperSync, type Offer } from './paper-sync'
import type { KeptJob } from './things'

const block = (text: string): DocNode => ({ type: 'paragraph', content: text ? [{ type: 'text', text }] : [] })
const wordsIn = (doc: DocNode) => doc.content!.map(one => one.content?.[0]?.text ?? '')

/** A server of one paper, as the real one answers: by revision, with what stands there when it refuses. */
class FakeServer {
  paper = { id: 'p', title: 'T', style: 'apa-7', details: {} as Record<string, string>, left: [] as string[], revision: 1, updatedAt: '2026-01-01', savedBy: null as string | null, saves: [] as string[], body: { type: 'doc', content: [block('One.'), block('Two.'), block('Three.')] } as DocNode }
  source = { id: 's', kind: 'book', fields: { title: 'Mills' }, parked: {}, settled: [], revision: 1, savedBy: null as string | null, key: 'mills', listed: false, leftOut: false, annotation: '', division: '', useRevision: 1, addedAt: '' } as unknown as PaperSource & { savedBy: string | null }
  states: DocNode[] = []
  gone = false
  workspace = (): Workspace => JSON.parse(JSON.stringify({ paper: this.paper, sources: [this.source], passages: [] })) as Workspace
  answer(method: string, path: string, given: unknown): unknown {
    const body = JSON.parse(JSON.stringify(given ?? {})) as Record<string, unknown> & { revision: number, by: string, save: string }
    const { revision, by, save, ...change } = body
    if (this.gone && !path.endsWith('/restore')) throw new RequestError({ status: 404, code: 'not-found', message: 'no' })
    if (method === 'GET') return this.workspace()
    if (path.endsWith('/restore')) { this.gone = false; this.paper.revision++; return { revision: this.paper.revision } }
    if (path.endsWith('/snapshots')) { this.states.push(body.body as DocNode); return { id: 'x' } }
    if (path === '/api/papers/p/sources/s') {
      const { source } = this
      if (revision !== source.useRevision) throw this.stale({ ...source, revision: source.useRevision })
      this.source = { ...source, ...change, useRevision: revision + 1, savedBy: by }
      return { revision: revision + 1 }
    }
    if (path === '/api/sources/s') {
      if (revision !== this.source.revision) throw this.stale(this.source)
      this.source = { ...this.source, ...change, revision: revision + 1, savedBy: by }
      return { revision: revision + 1 }
    }
    if (revision !== this.paper.revision) throw this.stale(this.paper)
    const { blocks, ...rest } = change as { blocks?: BlocksChange }
    const body_ = blocks ? { body: withBlocks(this.paper.body, blocks) } : {}
    this.paper = { ...this.paper, ...rest, ...body_, revision: revision + 1, savedBy: by, saves: [...this.paper.saves, save] }
    return { revision: revision + 1 }
  }

  private stale = (current: object) => new RequestError({ status: 409, code: 'stale', message: 'stale', current: JSON.parse(JSON.stringify(current)) as unknown })
}

/** A window: what is typed lies on its sheet for a moment before the paper has it. */
class Window {
  sheet: DocNode | undefined
  /** Nobody types where nothing is shown. */
  shown = true
  /** Its page is gone: it does nothing more. */
  closed = false
  offers: (Offer & { text: string })[] = []
  /** Requests that are on their way, oldest first. */
  pending: { run: () => unknown, resolve: (value: unknown) => void, reject: (error: unknown) => void }[] = []
  readonly sync: PaperSync
  constructor(readonly name: string, server: FakeServer, readonly browser: Map<string, KeptJob[]>, readonly own = new Set([name])) {
    this.sync = new PaperSync('p', server.workspace(), {
      request: <T>(method: string, path: string, body?: unknown) => new Promise<T>((resolve, reject) => {
        this.pending.push({ run: () => server.answer(method, path, body), resolve: resolve as (value: unknown) => void, reject })
      }),
      keep: async (jobs) => {
        if (this.closed) return
        if (jobs.length) browser.set(name, JSON.parse(JSON.stringify(jobs)) as KeptJob[])
        else browser.delete(name)
      },
      signed: () => ({ by: name }),
      isOwn: by => Boolean(by) && this.own.has(by!),
    }, (text, options) => { if (options?.offer) this.offers.push({ text, ...options.offer }) })
    this.show()
  }

  leave() {
    this.sync.show(undefined)
    this.shown = false
  }

  show() {
    this.shown = true
    this.sync.show({
      settle: () => this.handOver(),
      shown: () => { if (this.sheet) throw new Error('words on the sheet were replaced') },
    })
  }

  handOver() {
    const { sheet } = this
    this.sheet = undefined
    if (sheet) this.sync.change({ thing: 'paper', id: 'p' }, { body: sheet })
  }

  type(at: number, word: string, anew: boolean) {
    const { content } = (this.sheet ?? this.sync.body.value) as { content: DocNode[] }
    const i = at % content.length
    this.sheet = {
      type: 'doc',
      content: anew ? [...content.slice(0, i), block(word), ...content.slice(i)] : content.map((one, n) => (n === i ? block(`${one.content?.[0]?.text ?? ''} ${word}`) : one)),
    }
  }

  /** The oldest request arrives and is answered; or its answer is lost; or it never arrives. */
  answer(how: 'comes' | 'lost' | 'never' = 'comes') {
    const one = this.pending.shift()
    if (!one) return
    if (how === 'never') { one.reject(new Unreachable('away')); return }
    try {
      const answer = one.run()
      if (how === 'comes') one.resolve(answer)
      else one.reject(new Unreachable('away'))
    }
    catch (error) { one.reject(how === 'comes' ? error : new Unreachable('away')) }
  }

  /** Answers until nothing more is asked. */
  async rest() {
    for (let i = 0; i < 60; i++) {
      await vi.advanceTimersByTimeAsync(40_000)
      while (this.pending.length) { this.answer(); await vi.advanceTimersByTimeAsync(0) }
      if (!this.sync.hasUnsaved()) return
      if (this.sync.conflict.value) { void this.sync.decide('mine'); await vi.advanceTimersByTimeAsync(0) }
    }
    throw new Error(`not all was saved: ${this.sync.state.value} ${this.sync.problem.value}`)
  }
}

beforeEach(() => { vi.useFakeTimers() })
afterEach(() => { vi.useRealTimers() })

describe('two windows of one paper', () => {
  const op = fc.oneof(
    { weight: 5, arbitrary: fc.record({ op: fc.constant('type' as const), w: fc.nat(1), at: fc.nat(5), anew: fc.boolean() }) },
    { weight: 4, arbitrary: fc.record({ op: fc.constant('answer' as const), w: fc.nat(1), how: fc.constantFrom('comes' as const, 'comes' as const, 'lost' as const, 'never' as const) }) },
    { weight: 3, arbitrary: fc.record({ op: fc.constant('wait' as const), ms: fc.constantFrom(0, 700, 5000) }) },
    { weight: 2, arbitrary: fc.record({ op: fc.constant('hand over' as const), w: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ op: fc.constant('leave' as const), w: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ op: fc.constant('come back' as const), w: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ op: fc.constant('close' as const), w: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ op: fc.constant('decide' as const), w: fc.nat(1), keep: fc.constantFrom('mine' as const, 'theirs' as const) }) },
    { weight: 1, arbitrary: fc.record({ op: fc.constant('refresh' as const), w: fc.nat(1) }) },
  )
  it('lose no word and double none, in whatever order they type, save, are answered, joined, left and opened again', async () => {
    await fc.assert(fc.asyncProperty(fc.array(op, { minLength: 4, maxLength: 45 }), async (ops) => {
      const server = new FakeServer()
      const browser = new Map<string, KeptJob[]>()
      let named = 0
      const open = async () => {
        const window = new Window(`w${named++}`, server, browser)
        for (const [by, jobs] of [...browser]) {
          if (windows.some(one => one?.name === by)) continue
          window.own.add(by)
          for (const job of jobs) window.sync.restore(job, by)
          await window.sync.kept()
          browser.delete(by)
        }
        return window
      }
      const windows: Window[] = []
      windows.push(await open(), await open())
      const typed: string[] = []
      for (const one of ops) {
        if (one.op === 'wait') { await vi.advanceTimersByTimeAsync(one.ms); continue }
        const window = windows[one.w]!
        if (one.op === 'type') {
          if (!window.shown) continue
          const word = `<${typed.length}>`; typed.push(word); window.type(one.at, word, one.anew) }
        else if (one.op === 'answer') window.answer(one.how)
        else if (one.op === 'hand over') window.handOver()
        else if (one.op === 'leave') window.leave()
        else if (one.op === 'come back') { window.show(); window.sync.pull(server.workspace()) }
        else if (one.op === 'decide') void window.sync.decide(one.keep).catch(() => undefined)
        else if (one.op === 'refresh') void window.sync.refresh()
        else {
          // Its page is gone, and what was on its way may still arrive.
          const left = window.sync.unsavedNow()
          if (left.length) browser.set(window.name, JSON.parse(JSON.stringify(left)) as KeptJob[])
          for (const request of window.pending.slice(0, 1)) try { request.run() } catch { /* refused, unheard */ }
          window.pending.length = 0
          window.closed = true
          windows.splice(one.w, 1, undefined as never)
          windows[one.w] = await open()
        }
        await vi.advanceTimersByTimeAsync(0)
      }
      for (const window of windows) { window.show(); await window.rest() }
      for (const window of windows) await window.rest()
      windows.length = 0
      const last = await open()
      windows.push(last)
      await last.rest()
      const text = wordsIn(server.paper.body).join('\n')
      const kept = server.states.map(one => wordsIn(one).join('\n')).join('\n')
      for (const word of typed) {
        expect(text.split(word).length - 1, `${word} in ${text}`).toBeLessThanOrEqual(1)
        expect(text + kept, `${word} is nowhere`).toContain(word)
      }
      expect([...browser.keys()].filter(name => name !== last.name)).toEqual([])
    }), { numRuns: 1500 })
  }, 120_000)
})

describe('a paper that is shown no more', () => {
  it('goes on being saved, as itself', async () => {
    const server = new FakeServer()
    const one = new Window('a', server, new Map())
    one.type(0, 'more', false)
    one.sync.show(undefined)
    await one.rest()
    expect(wordsIn(server.paper.body)[0]).toBe('One. more')
  })
})

describe('what both windows changed', () => {
  const both = async (mine: (w: Window) => void, theirs: (s: FakeServer) => void) => {
    const server = new FakeServer()
    const one = new Window('a', server, new Map())
    mine(one)
    theirs(server)
    await one.rest()
    return { server, one }
  }
  const paper = { thing: 'paper', id: 'p' } as const
  const source = { thing: 'source', id: 's' } as const
  const use = { thing: 'use', id: 's' } as const

  it('details are met one by one', async () => {
    const { server, one } = await both(
      w => w.sync.change(paper, { details: { course: 'HIS 1' } }),
      (s) => { s.paper = { ...s.paper, details: { instructor: 'Moss' }, revision: 2, savedBy: 'b' } })
    expect([server.paper.details, one.offers]).toEqual([{ instructor: 'Moss', course: 'HIS 1' }, []])
  })
  it.each<[string, (w: Window) => void, (s: FakeServer) => void, RegExp, (s: FakeServer) => unknown, unknown]>([
    ['a detail', w => w.sync.change(paper, { details: { course: 'HIS 1' } }), (s) => { s.paper = { ...s.paper, details: { course: 'GEO 2' }, revision: 2, savedBy: 'b' } }, /gave course as “GEO 2”/u, s => s.paper.details, { course: 'GEO 2' }],
    ['the title', w => w.sync.change(paper, { title: 'Mine' }), (s) => { s.paper = { ...s.paper, title: 'Theirs', revision: 2, savedBy: 'b' } }, /the title as “Theirs”/u, s => s.paper.title, 'Theirs'],
    ['a field', w => w.sync.change(source, { fields: { title: 'Mine' } }), (s) => { s.source = { ...s.source, fields: { title: 'Theirs' }, revision: 2, savedBy: 'b' } }, /Title as “Theirs”/u, s => s.source.fields.title, 'Theirs'],
    ['a field that was emptied', w => w.sync.change(source, { fields: { title: 'Mine' } }), (s) => { s.source = { ...s.source, fields: {}, revision: 2, savedBy: 'b' } }, /emptied Title/u, s => s.source.fields.title, undefined],
    ['an annotation', w => w.sync.change(use, { annotation: 'Mine' }), (s) => { s.source = { ...s.source, annotation: 'Theirs', useRevision: 2, savedBy: 'b' } }, /the annotation as “Theirs”/u, s => s.source.annotation, 'Theirs'],
  ])('%s is kept as typed here, and the other is one step away', async (_, mine, theirs, says, read, other) => {
    const { server, one } = await both(mine, theirs)
    expect(one.offers.map(offer => offer.text)).toEqual([expect.stringMatching(says) as string])
    expect(read(server)).not.toEqual(other)
    one.offers[0]!.run()
    await one.rest()
    expect(read(server)).toEqual(other)
  })
})

describe('what the server does not take', () => {
  it('keeps nothing else waiting, and is tried again by itself', async () => {
    const server = new FakeServer()
    const one = new Window('a', server, new Map())
    let refuses = true
    const answer = server.answer.bind(server)
    server.answer = (method, path, body) => {
      if (refuses && path === '/api/sources/s') throw new RequestError({ status: 422, code: 'invalid', message: 'too long' })
      return answer(method, path, body)
    }
    one.sync.change({ thing: 'source', id: 's' }, { fields: { title: 'x' } })
    one.type(0, 'more', false)
    for (let i = 0; i < 6; i++) { await vi.advanceTimersByTimeAsync(700); one.answer() }
    await vi.advanceTimersByTimeAsync(0)
    expect([one.sync.state.value, one.sync.problem.value, wordsIn(server.paper.body)[0]]).toEqual(['refused', 'too long', 'One. more'])
    refuses = false
    await one.rest()
    expect([one.sync.state.value, server.source.fields.title]).toEqual(['saved', 'x'])
  })
  it('a paper that was taken off the Desk comes back with what was written here', async () => {
    const server = new FakeServer()
    const one = new Window('a', server, new Map())
    server.gone = true
    server.paper.revision = 2
    one.type(0, 'more', false)
    await vi.advanceTimersByTimeAsync(700)
    one.handOver()
    await vi.advanceTimersByTimeAsync(700)
    one.answer()
    await vi.advanceTimersByTimeAsync(0)
    expect(one.sync.state.value).toBe('gone')
    void one.sync.putBack()
    await vi.advanceTimersByTimeAsync(0)
    await one.rest()
    expect([one.sync.state.value, wordsIn(server.paper.body)[0], one.offers]).toEqual(['saved', 'One. more', []])
  })
  it('a browser that keeps no copy is said to', async () => {
    const server = new FakeServer()
    const sync = new PaperSync('p', server.workspace(), { request: () => new Promise(() => undefined), keep: () => Promise.reject(new Error('full')), signed: () => ({}), isOwn: () => false }, () => undefined)
    sync.change({ thing: 'paper', id: 'p' }, { title: 'x' })
    await sync.kept()
    expect(sync.unkept.value).toBe(true)
  })
})
