/**
 * Saving as one writes: changes wait a moment, go out one at a time in the order they were made, are tried again when
 * the server cannot be reached, and stay in this browser until it has them.
 */
import { RequestError, Unreachable } from './request'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

export interface Job {
  /** Changes of one thing replace each other: "paper", "source:…". */
  key: string
  /** Plain data, so that it can wait in the browser's own store. */
  change: Record<string, unknown>
}
export interface SaverOptions {
  send: (job: Job) => Promise<void>
  /** Called whenever what is unsaved changes, to keep it in the browser. */
  keep: (jobs: Job[]) => void
  state: (state: SaveState, problem?: string) => void
  /** A 409: settles it (and may queue again), or leaves it to the writer by returning false. */
  conflict: (job: Job, current: unknown) => Promise<boolean>
  delay?: number
}

export class Saver {
  private waiting = new Map<string, Job>()
  private sending: Job | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private tries = 0
  private halted = false

  constructor(private readonly options: SaverOptions) {}

  /** Queues a change; fields given again replace those waiting. */
  queue(job: Job) {
    const before = this.waiting.get(job.key)
    this.waiting.set(job.key, before ? { ...job, change: { ...before.change, ...job.change } } : job)
    this.options.keep(this.unsaved())
    if (this.halted) return
    this.options.state(this.tries ? 'offline' : 'waiting')
    if (!this.tries) this.schedule(this.options.delay ?? 600)
  }

  unsaved(): Job[] {
    const sending = this.sending
    const rest = [...this.waiting.values()]
    if (!sending) return rest
    const merged = rest.map(job => (job.key === sending.key ? { ...job, change: { ...sending.change, ...job.change } } : job))
    return merged.some(job => job.key === sending.key) ? merged : [sending, ...merged]
  }

  /** Sends everything now; resolves when nothing is left or the server cannot take it. */
  async flush(): Promise<void> {
    clearTimeout(this.timer)
    if (this.sending || this.halted) return
    for (;;) {
      const next = this.waiting.values().next().value
      if (!next) break
      this.waiting.delete(next.key)
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
          if (await this.options.conflict(next, error.problem.current)) { this.halted = false; continue }
          this.options.state('conflict')
          return
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
  resume(drop?: string) {
    if (drop) this.waiting.delete(drop)
    this.halted = false
    this.options.keep(this.unsaved())
    void this.flush()
  }

  private putBack(job: Job) {
    const later = this.waiting.get(job.key)
    this.waiting.set(job.key, later ? { ...later, change: { ...job.change, ...later.change } } : job)
  }

  private schedule(delay: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.flush(), delay)
  }
}
