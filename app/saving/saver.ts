/**
 * Saving as one writes: changes wait a moment, go out one at a time in the order they were made, are tried again when
 * the server cannot be reached, and stay in this browser until it has them.
 */
import { RequestError, Unreachable } from '~/utils/request'
import { sameThing, type Job, type Settled } from './things'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

export interface SaverOptions {
  send: (job: Job) => Promise<void>
  /** Called whenever what is unsaved changes, to keep it in the browser. */
  keep: (jobs: Job[]) => void
  state: (state: SaveState, problem?: string) => void
  /** A 409: what it comes to. */
  conflict: (job: Job, current: unknown) => Settled | Promise<Settled>
  delay?: number
}

const keyOf = ({ thing, id }: Pick<Job, 'thing' | 'id'>): string => `${thing}/${id}`
/** An earlier and a later change of one thing as one: what is given again replaces what was, and it was made from what the earlier was. */
const together = (earlier: Job | undefined, later: Job): Job =>
  earlier ? { ...later, ...('base' in earlier ? { base: earlier.base } : {}), change: { ...earlier.change, ...later.change } } : later

export class Saver {
  private waiting = new Map<string, Job>()
  private sending: Job | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private tries = 0
  private halted = false

  constructor(private readonly options: SaverOptions) {}

  /** Queues a change; fields given again replace those waiting. */
  queue(job: Job) {
    this.waiting.set(keyOf(job), together(this.waiting.get(keyOf(job)), job))
    this.options.keep(this.unsaved())
    if (this.halted) return
    this.options.state(this.tries ? 'offline' : 'waiting')
    if (!this.tries) this.schedule(this.options.delay ?? 600)
  }

  unsaved(): Job[] {
    const sending = this.sending
    const rest = [...this.waiting.values()]
    if (!sending) return rest
    return rest.some((job) => sameThing(job, sending))
      ? rest.map((job) => (sameThing(job, sending) ? together(sending, job) : job))
      : [sending, ...rest]
  }

  /** Sends everything now; resolves when nothing is left or the server cannot take it. */
  async flush(): Promise<void> {
    clearTimeout(this.timer)
    if (this.sending || this.halted) return
    for (;;) {
      const next = this.waiting.values().next().value
      if (!next) break
      this.waiting.delete(keyOf(next))
      this.sending = next
      this.options.state('saving')
      try {
        await this.options.send(next)
        this.tries = 0
      }
      catch (error) {
        this.putBack(next)
        this.sending = undefined
        if (error instanceof RequestError && error.problem.status === 409) {
          this.halted = true
          // With what was changed while it was under way: that is what meets the newer state.
          const settled = await this.options.conflict(this.waiting.get(keyOf(next))!, error.problem.current)
          if (settled === 'ask') { this.options.state('conflict'); return }
          this.halted = false
          if (settled === 'done') this.waiting.delete(keyOf(next))
          else this.waiting.set(keyOf(settled), settled)
          continue
        }
        if (error instanceof Unreachable) {
          this.tries++
          this.options.state('offline', error.code ? error.message : undefined)
          this.schedule(Math.min(30_000, 1000 * 2 ** this.tries))
          return
        }
        // Refused for what it holds: kept here, named, and tried again with the next change.
        this.options.state('refused', (error as Error).message)
        return
      }
      this.sending = undefined
      this.options.keep(this.unsaved())
    }
    this.options.state('saved')
  }

  /** The writer settled a conflict: go on, with what is waiting or without it. */
  resume(drop?: Pick<Job, 'thing' | 'id'>) {
    if (drop) this.waiting.delete(keyOf(drop))
    this.halted = false
    this.options.keep(this.unsaved())
    void this.flush()
  }

  private putBack(job: Job) {
    const later = this.waiting.get(keyOf(job))
    this.waiting.set(keyOf(job), later ? together(job, later) : job)
  }

  private schedule(delay: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.flush(), delay)
  }
}
