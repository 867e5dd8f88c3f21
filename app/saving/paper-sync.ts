/**
 * One paper on its way between this window and the server. It belongs to its paper, open or not: what was typed into it
 * goes out as that paper's, until all is there.
 *
 * It holds what is here (`record`, `body`, `sources`, `passages`) and, of each thing that was changed here, what it was at
 * the server (`base`). What is unsaved is the difference of the two, never a copy that could grow old: after every wait
 * what is here is read again, and whatever comes from elsewhere is joined with it part by part.
 */
import { shallowRef } from 'vue'
import type { DocNode } from '~~/core/sheet/document'
import { RequestError, Unreachable } from '~/utils/request'
import type { PaperRecord, PaperSource, PaperState, Passage, Workspace } from './held'
import { sayOf, valueInWords } from './offers'
import { pulledPassages, pulledSources } from './pulled'
import { joinParts, keyOf, partsOf, same, thingOf, valueOf, type Both, type Joined, type KeptJob, type Parts, type Thing, type ThingName } from './things'
import { baseOf, changedParts, jobOf, pathOf, payloadOf, revisionOf, type PaperValue, type Value } from './values'

/**
 * saved: the server has all. waiting: something was just changed. saving: it is on its way. offline: it could not be
 * sent, and is tried again. conflict: the writer must choose between two texts. refused: the server does not take one of
 * the changes; the others went on. gone: the paper was taken off the Desk elsewhere.
 */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused' | 'gone'

export interface Port {
  request: <T>(method: string, path: string, body?: unknown) => Promise<T>
  /** Keeps what is unsaved in the browser, or nothing; rejects where the browser cannot. */
  keep: (jobs: readonly KeptJob[]) => Promise<void>
  /** The name that goes with each save, so that it is known again; and whether a name is this window's. */
  signed: () => { by?: string }
  isOwn: (by: string | null | undefined) => boolean
}
export interface Offer { label: string, run: () => unknown }
/** The window's view of it, where it is open. */
export interface Sight {
  /** Hands over what was typed and still lies in a field or on the sheet. */
  settle: () => void
  /** The text was replaced from elsewhere. Called at once, so that no key can come between. */
  shown: (body: DocNode) => void
}
/** An offer stays until it is taken or closed. */
export type Say = (text: string, options?: { offer?: Offer, bad?: boolean }) => void

/** In milliseconds: how long a change waits for the next; how long until something refused is tried again. */
const REST = 600
const AGAIN = 30_000
const MOST_WAIT = 30_000

interface Earlier { reason: string, title: string, body: DocNode }
export class PaperSync {
  readonly record = shallowRef<PaperRecord>(undefined as never)
  readonly body = shallowRef<DocNode>(undefined as never)
  readonly sources = shallowRef<readonly PaperSource[]>([])
  readonly passages = shallowRef<readonly Passage[]>([])
  readonly conflict = shallowRef<PaperState>()
  readonly state = shallowRef<SaveState>('saved')
  /** Why it is not saved, in words. */
  readonly problem = shallowRef('')
  readonly savedAt = shallowRef<Date>()
  /** Whether the browser failed to keep what is unsaved. */
  readonly unkept = shallowRef(false)

  private sight: Sight | undefined
  /** Of each thing that was changed here: what it was at the server, in the order of the changes. */
  private readonly base = new Map<string, Value>()
  private readonly refused = new Map<string, string>()
  /** Texts to be kept among the earlier states. */
  private readonly earlier = new Map<string, Earlier>()
  /** What waited in the browser for a thing that this paper no longer has. */
  private orphans: KeptJob[] = []
  private inFlight: string | undefined
  private running: Promise<void> | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private tries = 0
  private gone = false
  /** Counts up when things come or go here: an answer from before that says nothing about them. */
  private comings = 0
  private opened: { revision: number, body: DocNode }
  private lastBy: string | null | undefined
  /** Names of the last saves that the server had when the paper was opened. */
  private readonly saves: readonly string[]
  /** The paper as it went out, by the name of its save, where no answer has come. */
  private sent: { save: string, value: PaperValue }[] = []

  constructor(readonly id: string, workspace: Workspace, private readonly port: Port, private readonly say: Say) {
    const { paper: { body, savedBy, saves, ...record }, sources, passages } = workspace
    this.record.value = record
    this.body.value = body
    this.sources.value = sources
    this.passages.value = passages
    this.savedAt.value = new Date(record.updatedAt)
    this.opened = { revision: record.revision, body }
    this.lastBy = savedBy
    this.saves = saves ?? []
  }

  /** A window shows it, or does so no more. */
  show(sight: Sight | undefined) {
    if (!sight) this.sight?.settle()
    this.sight = sight
  }

  // What is here ------------------------------------------------------------------------------------------------------

  private valueOf({ thing, id }: Thing): Value | undefined {
    if (thing === 'paper') return { ...this.record.value, body: this.body.value }
    if (thing === 'passage') return this.passages.value.find(one => one.id === id)
    return this.sources.value.find(one => one.id === id)
  }

  private lay({ thing, id }: Thing, change: object) {
    if (thing === 'paper') {
      const { body, ...rest } = change as Partial<PaperValue>
      if (Object.keys(rest).length) this.record.value = { ...this.record.value, ...rest }
      if (body) this.body.value = body
    } else if (thing === 'passage') this.passages.value = this.passages.value.map(one => (one.id === id ? { ...one, ...change } : one))
    else this.sources.value = this.sources.value.map(one => (one.id === id ? { ...one, ...change } : one))
  }

  private setRevision(of: Thing, revision: number) {
    this.lay(of, of.thing === 'use' ? { useRevision: revision } : { revision })
  }

  /** Things come into the paper, or leave it, by other ways than a change. */
  setSources(sources: readonly PaperSource[]) {
    this.comings++
    this.sources.value = sources
  }

  setPassages(passages: readonly Passage[]) {
    this.comings++
    this.passages.value = passages
  }

  /** Changes something here; it goes out by itself. */
  change(of: Thing, change: object) {
    const before = this.valueOf(of)
    if (!before) return
    const key = keyOf(of)
    if (!this.base.has(key)) this.base.set(key, before)
    this.refused.delete(key)
    this.lay(of, change)
    this.changed()
  }

  private changed() {
    this.keepUnsaved()
    this.look()
    if (!this.tries) this.schedule(REST)
  }

  // What is unsaved ---------------------------------------------------------------------------------------------------

  hasUnsaved(): boolean {
    this.sight?.settle()
    return this.base.size > 0 || this.earlier.size > 0
  }

  private unsaved(): KeptJob[] {
    const jobs = [...this.base].flatMap(([key, base]): KeptJob[] => {
      const of = thingOf(key)
      const now = this.valueOf(of)
      const job = now && jobOf(of, base, now, of.thing === 'paper' && this.conflict.value !== undefined)
      if (!job) return []
      const sent = of.thing === 'paper' ? this.sent.map(({ save, value }) => ({ save, body: value.body })) : []
      return [sent.length ? { ...job, sent } : job]
    })
    return [...jobs, ...[...this.earlier].map(([id, state]): KeptJob => ({ thing: 'state', id, change: { ...state } })), ...this.orphans]
  }

  private keeping: Promise<void> | undefined
  private keepAgain = false
  private keepUnsaved() {
    if (this.keeping) { this.keepAgain = true; return }
    this.keepAgain = false
    this.keeping = this.port.keep(this.unsaved())
      .then(() => { this.unkept.value = false }, () => { this.unkept.value = true })
      .finally(() => {
        this.keeping = undefined
        if (this.keepAgain) this.keepUnsaved()
      })
  }

  /** What is unsaved now, for a page that is being left and cannot wait. */
  unsavedNow(): KeptJob[] {
    this.sight?.settle()
    return this.unsaved()
  }

  /** Resolves when what is unsaved is kept in the browser. */
  async kept(): Promise<void> {
    while (this.keeping) await this.keeping
  }

  private look() {
    const [refused] = this.refused.values()
    const now: SaveState = this.gone
      ? 'gone'
      : this.conflict.value
        ? 'conflict'
        : this.tries
          ? 'offline'
          : refused !== undefined
            ? 'refused'
            : this.inFlight !== undefined
              ? 'saving'
              : this.base.size || this.earlier.size ? 'waiting' : 'saved'
    if (now === 'saved' && this.state.value !== 'saved') this.savedAt.value = new Date()
    if (now === 'refused') this.problem.value = refused!
    else if (now !== 'offline' && now !== 'gone') this.problem.value = ''
    this.state.value = now
  }

  // Going out ---------------------------------------------------------------------------------------------------------

  private schedule(delay: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.flush(), delay)
  }

  /** Sends everything now; resolves when nothing is left that can be sent. What was refused is tried once more. */
  async flush(): Promise<void> {
    this.sight?.settle()
    if (this.running) return this.running
    clearTimeout(this.timer)
    this.running = this.run().finally(() => {
      this.running = undefined
      this.look()
    })
    return this.running
  }

  private async run() {
    this.refused.clear()
    if (this.gone) return
    for (;;) {
      const next = [...this.earlier.keys()].map(id => `state/${id}`).concat([...this.base.keys()]).find(key =>
        !this.refused.has(key) && !(this.conflict.value && key.startsWith('paper/')))
      if (next === undefined) { this.tries = 0; break }
      this.inFlight = next
      this.look()
      try { await (next.startsWith('state/') ? this.sendEarlier(next.slice(6)) : this.sendChange(thingOf(next))) }
      catch (error) {
        this.inFlight = undefined
        if (!this.failed(next, error)) return
      }
      this.inFlight = undefined
      this.keepUnsaved()
    }
    if (this.refused.size) this.schedule(AGAIN)
  }

  /** @returns whether the others may go on */
  private failed(key: string, error: unknown): boolean {
    if (error instanceof Unreachable) {
      this.tries++
      this.problem.value = error.code ? error.message : ''
      this.schedule(Math.min(MOST_WAIT, 1000 * 2 ** this.tries))
      return false
    }
    this.tries = 0
    const status = error instanceof RequestError ? error.problem.status : 0
    if (status === 409) { this.meet(thingOf(key), (error as RequestError).problem.current); return true }
    if (status === 404 && (key.startsWith('paper/') || key.startsWith('state/'))) {
      this.gone = true
      this.problem.value = 'it was taken off the Desk in another window'
      return false
    }
    this.refused.set(key, status === 404 ? this.outside(thingOf(key)) : (error as Error).message)
    return true
  }

  /** A source or passage was taken away elsewhere while something was written of it here: it can be brought back. */
  private outside(of: Thing): string {
    const bringBack = async () => {
      if (of.thing === 'passage') this.setRevision(of, (await this.port.request<Passage>('POST', `/api/passages/${of.id}/restore`)).revision)
      else {
        const [used] = await this.port.request<PaperSource[]>('POST', `/api/papers/${this.id}/sources/use`, { ids: [of.id] })
        this.setRevision({ thing: 'use', id: of.id }, used!.useRevision)
      }
      const base = this.base.get(keyOf(of))
      const now = this.valueOf(of)
      if (base && now) this.base.set(keyOf(of), { ...base, revision: now.revision, ...('useRevision' in now ? { useRevision: now.useRevision } : {}) } as Value)
      await this.flush()
    }
    const what = of.thing === 'passage' ? 'A passage' : 'A source'
    const says = `${what} that you changed here was taken out of the paper in another window. What you wrote is kept here.`
    this.say(says, { offer: { label: 'Bring it back', run: bringBack } })
    return says
  }

  /** Keeps a text among the earlier states. */
  keepState(reason: string, body: DocNode) {
    this.earlier.set(crypto.randomUUID(), { reason, title: this.record.value.title, body })
    this.changed()
  }

  private async sendEarlier(id: string) {
    const state = this.earlier.get(id)!
    await this.port.request('POST', `/api/papers/${this.id}/snapshots`, state)
    this.earlier.delete(id)
    this.tries = 0
  }

  private async sendChange(of: Thing) {
    const key = keyOf(of)
    const base = this.base.get(key)!
    const now = this.valueOf(of)
    const names = now ? changedParts(of, base, now) : []
    if (!now || !names.length) { this.base.delete(key); return }
    const save = of.thing === 'paper' ? crypto.randomUUID() : undefined
    if (save) {
      this.sent.push({ save, value: now as PaperValue })
      this.keepUnsaved()
    }
    const { revision } = await this.port.request<{ revision: number }>('PATCH', pathOf(of, this.id), {
      revision: revisionOf(of.thing, base),
      ...this.port.signed(),
      ...(save ? { save } : {}),
      ...payloadOf(of.thing, names, base, now),
    })
    this.tries = 0
    if (save) this.sent = []
    // Read again: what was typed meanwhile is here, and was made from what went out.
    this.setRevision(of, revision)
    this.settled(of, { ...now, ...(of.thing === 'use' ? { useRevision: revision } : { revision }) })
  }

  /** The server has this much of a thing; what is here beyond it goes on. */
  private settled(of: Thing, server: Value) {
    const now = this.valueOf(of)
    if (!now || !changedParts(of, server, now).length) this.base.delete(keyOf(of))
    else this.base.set(keyOf(of), server)
  }

  // Meeting what came from elsewhere ------------------------------------------------------------------------------------

  /** A save met a newer state, or a newer state was asked for. Nothing is awaited: what is here is read, joined and laid. */
  private meet(of: Thing, current: unknown) {
    this.sight?.settle()
    const now = this.valueOf(of)
    if (!now) { this.base.delete(keyOf(of)); return }
    const { savedBy, saves, ...given } = current as Partial<PaperState>
    const server = {
      ...now,
      ...(of.thing === 'use' ? { ...given, revision: (now as PaperSource).revision, useRevision: given.revision } : given),
    } as Value
    const revision = given.revision!
    // This window's own last save, whose answer was lost: what is here was made from it.
    if (this.port.isOwn(savedBy)) {
      if (of.thing === 'paper') this.sent = []
      this.setRevision(of, revision)
      this.settled(of, server)
      return
    }
    // One of this window's saves arrived unheard, and another wrote on from it.
    const arrived = of.thing === 'paper' ? this.sent.findLast(one => saves?.includes(one.save)) : undefined
    if (of.thing === 'paper') this.sent = []
    if (arrived) this.base.set(keyOf(of), arrived.value)
    const base = arrived?.value ?? this.base.get(keyOf(of)) ?? now
    const joined = joinParts(partsOf(of.thing, base), partsOf(of.thing, now), partsOf(of.thing, server))
    if (joined.ask) { this.conflict.value = current as PaperState; return }
    this.take(of, joined, server)
    if (of.thing === 'paper' && !same((base as PaperValue).body, (server as PaperValue).body)) {
      const both = !same(this.body.value, (server as PaperValue).body)
      this.say(both
        ? 'Another tab wrote elsewhere in this paper meanwhile. Both texts stand here now.'
        : 'Another tab wrote in this paper meanwhile. Its text stands here now.')
      void this.refresh()
    }
  }

  /** Lays what was joined, and offers what both wrote. */
  private take(of: Thing, { parts, both }: Joined, server: Value) {
    const before = this.body.value
    this.lay(of, { ...valueOf(of.thing, parts), ...(of.thing === 'use' ? { useRevision: (server as PaperSource).useRevision } : { revision: server.revision }) })
    if (of.thing === 'paper') this.lay(of, { updatedAt: (server as PaperValue).updatedAt })
    this.settled(of, server)
    if (of.thing === 'paper' && this.body.value !== before && !same(this.body.value, before)) this.sight?.shown(this.body.value)
    both.forEach(one => this.offer(of, one))
  }

  private offer(of: Thing, { part, theirs }: Both) {
    const words = valueInWords(theirs)
    const what = sayOf(of.thing, part)
    this.say(words ? `Another tab gave ${what} as “${words}”. What is typed here stays.` : `Another tab emptied ${what}. What is typed here stays.`, {
      offer: { label: 'Take the other', run: () => this.takeOther(of, part, theirs) },
    })
  }

  private takeOther(of: Thing, part: string, theirs: unknown) {
    const now = this.valueOf(of)
    if (!now) return
    const { [part]: _, body: __, ...rest } = partsOf(of.thing, now)
    this.change(of, valueOf(of.thing, theirs === undefined ? rest : { ...rest, [part]: theirs }))
  }

  /** Asks for the paper as it stands at the server, and joins that with what is here. */
  async refresh(): Promise<void> {
    for (let i = 0; i < 3; i++) {
      const comings = this.comings
      const fresh = await this.port.request<Workspace>('GET', `/api/papers/${this.id}`).catch(() => undefined)
      if (!fresh) return
      if (comings === this.comings) { this.pull(fresh); return }
    }
  }

  /** Takes over what the server has now; what is changed here and not saved meets it when it is sent. */
  pull({ paper, sources, passages }: Workspace) {
    this.sight?.settle()
    const busy = (thing: ThingName, id: string) => this.base.has(`${thing}/${id}`) || this.inFlight === `${thing}/${id}`
    this.sources.value = pulledSources(this.sources.value, sources, busy)
    this.passages.value = pulledPassages(this.passages.value, passages, busy)
    if (this.inFlight !== `paper/${this.id}` && paper.revision > this.record.value.revision) this.meet({ thing: 'paper', id: this.id }, paper)
    this.keepUnsaved()
    this.look()
  }

  /** Two windows wrote the same place: this one's text or the other's; the one given up is kept as an earlier state. */
  async decide(keep: 'mine' | 'theirs') {
    const of: Thing = { thing: 'paper', id: this.id }
    const theirs = this.conflict.value
    if (!theirs) return
    const keepEarlier = (state: Earlier) => this.port.request('POST', `/api/papers/${this.id}/snapshots`, state)
    if (keep === 'mine') await keepEarlier({ title: theirs.title, body: theirs.body, reason: 'The other tab’s text, when this one was kept' })
    else
      for (let kept: DocNode | undefined; kept !== this.body.value;) {
        this.sight?.settle()
        kept = this.body.value
        await keepEarlier({ title: this.record.value.title, body: kept, reason: 'This tab’s text, when the other was taken' })
        // What was typed while it was on its way is kept as well.
        this.sight?.settle()
      }
    if (this.conflict.value !== theirs) throw new Error('The other tab has written more meanwhile. Look at both texts once more.')
    this.sight?.settle()
    const now = this.valueOf(of) as PaperValue
    const base = (this.base.get(keyOf(of)) ?? now) as PaperValue
    const server: PaperValue = { ...now, ...theirs }
    this.conflict.value = undefined
    const joined = joinParts(partsOf('paper', base), partsOf('paper', now), partsOf('paper', server))
    this.take(of, { ...joined, parts: { ...joined.parts, body: keep === 'mine' ? now.body : theirs.body } }, server)
    this.keepUnsaved()
    this.look()
    void this.flush()
  }

  /** A paper that was taken off the Desk elsewhere comes back, and what is here with it. */
  async putBack() {
    const { revision } = await this.port.request<{ revision: number }>('POST', `/api/papers/${this.id}/restore`)
    this.gone = false
    const of: Thing = { thing: 'paper', id: this.id }
    const now = this.valueOf(of) as PaperValue
    // Nothing but its being there was changed, or it would be met as such.
    const base = (this.base.get(keyOf(of)) ?? now) as PaperValue
    if (revision === base.revision + 2) {
      this.setRevision(of, revision)
      if (this.base.has(keyOf(of))) this.base.set(keyOf(of), { ...base, revision })
    }
    this.look()
    await this.flush()
  }

  // What waited in the browser ------------------------------------------------------------------------------------------

  /** Takes over what a window kept that is open no more. @param by its name */
  restore(job: KeptJob, by: string) {
    this.sight?.settle()
    if (job.thing === 'state') {
      this.earlier.set(job.id, job.change as unknown as Earlier)
      this.changed()
      return
    }
    const of: Thing = { thing: job.thing, id: job.id }
    const now = this.valueOf(of)
    if (!now) { this.orphans.push(job); this.changed(); return }
    const { gone, ...change } = job.change as Record<string, unknown> & { gone?: string[] }
    const given = partsOf(of.thing, change)
    const theirs = partsOf(of.thing, now)
    const names = [...new Set([...Object.keys(given), ...(gone ?? [])])].filter(name => !same(given[name], theirs[name]))
    if (!names.length) return
    const pick = (parts: Parts): Parts =>
      Object.fromEntries(names.filter(name => parts[name] !== undefined).map(name => [name, parts[name]]))
    const base = baseOf(job, now, { by, lastBy: this.lastBy, saves: this.saves, opened: this.opened })
    const { parts, both, ask } = joinParts(base && pick(base), pick(given), pick(theirs))
    const { body, ...rest } = parts
    const next = valueOf(of.thing, { ...Object.fromEntries(Object.entries(theirs).filter(([name]) => !names.includes(name))), ...rest })
    const paper = now as PaperValue
    const clean = !this.base.has(keyOf(of)) && paper.revision === this.opened.revision
    if (ask && clean) {
      // It meets what was written since, and the writer chooses.
      this.change(of, { ...next, body: body as DocNode })
      this.conflict.value = paper
      this.sight?.shown(this.body.value)
    } else {
      this.change(of, { ...next, ...(of.thing === 'paper' ? { body: ask ? paper.body : (body as DocNode | undefined) ?? paper.body } : {}) })
      if (ask) {
        this.keepState('Written in a window that was closed before it could save', change.body as DocNode)
        this.say('Another window of this paper was closed before it could save. Its text is kept under Earlier states.', { bad: true })
      }
      if (body !== undefined && !ask) this.sight?.shown(this.body.value)
    }
    both.forEach(one => this.offer(of, one))
    this.changed()
  }
}
