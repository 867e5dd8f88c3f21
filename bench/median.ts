/**
 * Times, and ratios of times. Machines pause and slow down; the least of several runs is what the work itself costs, and
 * two things are compared by running them in turn.
 */
import { performance } from 'node:perf_hooks'

/** What is run: on something made for it each time, which is not timed. */
export interface Trial<T> { make: () => T, run: (made: T) => unknown }
export const trial = (run: () => unknown): Trial<undefined> => ({ make: () => undefined, run })

function time<T>({ make, run }: Trial<T>): number {
  const made = make()
  const at = performance.now()
  run(made)
  return performance.now() - at
}

/** The least times of several trials run in turn, in milliseconds, after a round that does not count. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export function least(times: number, ...trials: Trial<any>[]): number[] {
  trials.forEach(time)
  const best = trials.map(() => Infinity)
  for (let round = 0; round < times; round++) trials.forEach((one, i) => { best[i] = Math.min(best[i]!, time(one)) })
  return best
}

/** The median time of several runs, in milliseconds, after one that does not count. */
export function median(run: () => unknown, times = 9): number {
  run()
  const all = Array.from({ length: times }, () => time(trial(run))).sort((a, b) => a - b)
  return all[Math.floor(times / 2)]!
}
export const ms = (n: number) => `${n.toFixed(2)} ms`
