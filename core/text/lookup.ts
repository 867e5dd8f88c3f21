/**
 * Looking up a person's words in a table. An object answers also for what every object inherits ("constructor"): what a
 * person typed is asked for here, and only of the table's own rows.
 */
export const rowOf = <T>(table: Readonly<Record<string, T>> | undefined, word: string): T | undefined =>
  table !== undefined && Object.hasOwn(table, word) ? table[word] : undefined
