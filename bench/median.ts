import { performance } from 'node:perf_hooks'

/** The median time of several runs, in milliseconds, after one that does not count. */
export function median(run: () => unknown, times = 9): number {
  run()
  const all = Array.from({ length: times }, () => {
    const at = performance.now()
    run()
    return performance.now() - at
  }).sort((a, b) => a - b)
  return all[Math.floor(times / 2)]!
}
export const ms = (n: number) => `${n.toFixed(2)} ms`
