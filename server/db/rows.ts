/** What every table's functions share: ids, the clock, and transactions. */
import { randomUUID } from 'node:crypto'
import type { Db } from './open'

export const newId = (): string => randomUUID()
export const now = () => new Date()

/** Runs all of something in one transaction, or none of it; inside another one it is part of that. */
export const inside = <T>(db: Db, run: (tx: Db) => T): T => db.transaction(tx => run(tx as unknown as Db), { behavior: 'immediate' })
