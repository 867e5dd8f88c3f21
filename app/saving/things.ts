/** What can be saved. */
export type ThingName = 'paper' | 'source' | 'use' | 'passage' | 'state'

/** A change of one thing on its way to the server. Plain data, so that it can wait in the browser's own store. */
export interface Job<Change extends object = Record<string, unknown>> {
  thing: ThingName
  id: string
  change: Change
  /** What it was made from, where that helps to join it with another's change. */
  base?: unknown
}
/** A job as it waits in the browser, with the revision it was made from: what changed elsewhere meanwhile is met, not overwritten. */
export type KeptJob = Job & { from?: number }

/** What a conflict comes to: go on with this job in the other's place, with none, or leave it to the writer. */
export type Settled = Job | 'done' | 'ask'

/** What saving must know of a kind of thing. */
export interface Thing {
  /** The revision that a change of it is made from; none when it is gone, or has none. */
  revision: (id: string) => number | undefined
  /** Sends a change and takes in what the server answers. */
  send: (job: Job) => Promise<void>
  /**
   * Puts a change that waited in the browser back into what is shown; says what of it is still to be sent. `by` is the
   * window that kept it.
   */
  restore: (job: KeptJob, by: string) => Job[]
  /** A change met a newer state. */
  meet: (job: Job, current: unknown) => Settled | Promise<Settled>
}
export type Things = Record<ThingName, Thing>

export const sameThing = (a: Pick<Job, 'thing' | 'id'>, b: Pick<Job, 'thing' | 'id'>): boolean => a.thing === b.thing && a.id === b.id
