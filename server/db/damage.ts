/** What stands in the database and cannot be read: named, kept as it is, written over by nobody. */
export class Damaged extends Error {
  constructor(readonly column: string) { super(`the column ${column} holds what this Dendle cannot read`) }
}

/** Names of the columns of a row that cannot be read. */
export const damageIn = (row: object): string[] => Object.values(row).flatMap(value => (value instanceof Damaged ? [value.column] : []))

/** The row, where all of it can be read. @throws Damaged */
export function readable<T extends object>(row: T): T {
  for (const value of Object.values(row)) if (value instanceof Damaged) throw value
  return row
}
