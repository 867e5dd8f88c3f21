/**
 * Looking up a person's words in a table. An object answers also for what every object inherits ("constructor"): what a
 * person typed is asked for here, and only of the table's own rows.
 */
export const rowOf = <T>(table: Readonly<Record<string, T>> | undefined, word: string): T | undefined =>
  table !== undefined && Object.hasOwn(table, word) ? table[word] : undefined

/** The first of some that are sorted for which something holds, by its number; their count where it holds for none. */
export function firstWhere<T>(sorted: readonly T[], holds: (one: T) => boolean): number {
  let [from, to] = [0, sorted.length]
  while (from < to) {
    const middle = (from + to) >> 1
    if (holds(sorted[middle]!)) to = middle
    else from = middle + 1
  }
  return from
}
