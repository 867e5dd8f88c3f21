import { openDatabase, dataFile, type Db } from '../db/open'

let opened: Db | undefined
/** The one database connection; opened at start by the database plugin. */
export const useDb = (): Db => (opened ??= openDatabase(dataFile()))
