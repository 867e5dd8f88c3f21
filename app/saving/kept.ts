/**
 * What is unsaved, kept in the browser: each window in a place of its own, so that none overwrites what another keeps.
 * A window holds a lock by its name while it is open; what was kept by one that is gone is taken over.
 *
 * The browser's own database takes a moment, which a page that is being left does not have: what is unsaved then is
 * also written at once into the small store beside it, and counts before what the database has of that window.
 */
import { del, get, keys, set } from 'idb-keyval'
import type { KeptJob } from './things'

const PLACE = 'dendle-unsaved'
const placeOf = (paperId: string, window: string): string => `${PLACE}:${paperId}:${window}`
const lockOf = (window: string): string => `dendle-window:${window}`
/** How long a window that is being closed, as by loading it again, is waited for. In milliseconds. */
const CLOSING = 4000
const locks = (): LockManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.locks)
const beside = (): Storage | undefined => {
  try { return typeof localStorage === 'undefined' ? undefined : localStorage }
  catch { return undefined }
}

/** A name for this window, held for as long as it is open. */
export function openWindow(): string {
  const name = crypto.randomUUID()
  void locks()?.request(lockOf(name), () => new Promise(() => undefined)).catch(() => undefined)
  return name
}

/** Keeps what is unsaved of a paper, or nothing. What the browser cannot clone is written as JSON. @throws where it keeps nothing */
export async function keep(paperId: string, window: string, jobs: readonly KeptJob[]): Promise<void> {
  const place = placeOf(paperId, window)
  beside()?.removeItem(place)
  if (!jobs.length) return del(place)
  return set(place, jobs).catch(() => set(place, JSON.parse(JSON.stringify(jobs))))
}

/** Keeps it before the next line is run, for a page that is being left; a text too long for that is in the database. */
export function keepAtOnce(paperId: string, window: string, jobs: readonly KeptJob[]) {
  const place = placeOf(paperId, window)
  if (!jobs.length) { beside()?.removeItem(place); return }
  try { beside()?.setItem(place, JSON.stringify(jobs)) }
  catch { beside()?.removeItem(place) }
}

export interface Found { by: string, jobs: KeptJob[] }
/**
 * Hands over what windows kept that are open no more, those that are just being closed a little later. It is taken away
 * from its place only when `take` is done, which must have kept it anew.
 */
export async function takeOver(paperId: string, window: string, take: (found: Found) => Promise<void>): Promise<void> {
  const start = `${PLACE}:${paperId}:`
  const inStore = Object.keys(beside() ?? {})
  const all = new Set([...await keys<string>().catch(() => []), ...inStore])
  for (const place of [...all].filter(key => typeof key === 'string' && key.startsWith(start) && key !== placeOf(paperId, window))) {
    const by = place.slice(start.length)
    const run = async () => {
      const atOnce = beside()?.getItem(place)
      const jobs = atOnce ? JSON.parse(atOnce) as KeptJob[] : await get<KeptJob[]>(place)
      if (jobs?.length) await take({ by, jobs })
      beside()?.removeItem(place)
      await del(place)
    }
    const done = await whenGone(by, { ifAvailable: true }, run)
    if (!done) void whenGone(by, { signal: AbortSignal.timeout(CLOSING) }, run)
  }
}

/** Runs something if a window is open no more, or once it is. @returns whether it ran */
async function whenGone(window: string, options: LockOptions, run: () => Promise<void>): Promise<boolean> {
  const manager = locks()
  const ran = async () => { await run(); return true }
  if (!manager) return ran().catch(() => false)
  return manager.request(lockOf(window), options, lock => (lock ? ran() : false)).catch(() => false)
}
