/**
 * What is unsaved, kept in the browser: each window in a place of its own, so that none overwrites what another keeps.
 * A window holds a lock by its name while it is open; what was kept by one that is gone is taken over.
 *
 * The browser's own database takes a moment, which a page that is being left does not have: what is unsaved then is
 * also written at once into the small store beside it, and counts before what the database has of that window.
 */
import { del, get, keys, set } from 'idb-keyval'
import { smallStore } from '../utils/small-store'
import type { KeptJob } from './things'

const PLACE = 'dendle-unsaved'
const placeOf = (paperId: string, window: string): string => `${PLACE}:${paperId}:${window}`
const lockOf = (window: string): string => `dendle-window:${window}`
const locks = (): LockManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.locks)

/** A name for this window, held for as long as it is open. */
export function openWindow(): string {
  const name = crypto.randomUUID()
  void locks()?.request(lockOf(name), () => new Promise(() => undefined)).catch(() => undefined)
  return name
}

/** What a window kept, and as its how-manieth: of its two places the later counts. An older Dendle kept the jobs alone. */
interface Kept { at: number, jobs: readonly KeptJob[] }
const keptOf = (value: unknown): Kept | undefined =>
  (Array.isArray(value) ? { at: 0, jobs: value as KeptJob[] } : value as Kept | undefined)
let times = 0

/** Keeps what is unsaved of a paper, or nothing. What the browser cannot clone is written as JSON. @throws where it keeps nothing */
export async function keep(paperId: string, window: string, jobs: readonly KeptJob[]): Promise<void> {
  const place = placeOf(paperId, window)
  const small = smallStore()?.getItem(place)
  if (jobs.length) {
    const kept: Kept = { at: ++times, jobs }
    await set(place, kept).catch(() => set(place, JSON.parse(JSON.stringify(kept))))
  } else await del(place)
  // Not before the database has it: a page that is closed in between would have it nowhere.
  if (small != null && smallStore()?.getItem(place) === small) smallStore()?.removeItem(place)
}

/** Keeps it before the next line is run, for a page that is being left; a text too long for that is in the database. */
export function keepAtOnce(paperId: string, window: string, jobs: readonly KeptJob[]) {
  const place = placeOf(paperId, window)
  if (!jobs.length) { smallStore()?.removeItem(place); return }
  const kept: Kept = { at: ++times, jobs }
  try { smallStore()?.setItem(place, JSON.stringify(kept)) }
  catch { smallStore()?.removeItem(place) }
}

export interface Found { by: string, jobs: readonly KeptJob[] }
export interface TakingOver {
  /** Must have kept it anew when it is done: it is taken away from its place then. */
  take: (found: Found) => Promise<void>
  /** It could not be taken, and is left where it is. */
  failed: (error: unknown) => void
  /** Ends the waiting for windows that are still open. */
  until: AbortSignal
}
/** Hands over what windows kept that are open no more; of those still open, as one is that is just being closed, once they are not. */
export async function takeOver(paperId: string, window: string, { take, failed, until }: TakingOver): Promise<void> {
  const start = `${PLACE}:${paperId}:`
  const all = new Set([...await keys<string>().catch(() => []), ...Object.keys(smallStore() ?? {})])
  for (const place of [...all].filter(key => typeof key === 'string' && key.startsWith(start) && key !== placeOf(paperId, window))) {
    const by = place.slice(start.length)
    const run = async () => {
      try {
        const small = smallStore()?.getItem(place)
        const [atOnce, held] = [small ? keptOf(JSON.parse(small)) : undefined, keptOf(await get(place))]
        const kept = atOnce && !(held && held.at > atOnce.at) ? atOnce : held
        if (kept?.jobs.length) await take({ by, jobs: kept.jobs })
        smallStore()?.removeItem(place)
        await del(place)
      } catch (error) { failed(error) }
    }
    const done = await whenGone(by, { ifAvailable: true }, run)
    if (!done && !until.aborted) void whenGone(by, { signal: until }, run)
  }
}

/** Runs something if a window is open no more, or once it is. @returns whether it ran */
async function whenGone(window: string, options: LockOptions, run: () => Promise<void>): Promise<boolean> {
  const manager = locks()
  const ran = async () => { await run(); return true }
  if (!manager) return ran()
  // Only the waiting can fail here: it was ended.
  return manager.request(lockOf(window), options, lock => (lock ? ran() : false)).catch(() => false)
}
