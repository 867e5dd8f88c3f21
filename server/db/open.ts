/**
 * Opens the database file: checks it before touching it, sets the pragmas, applies the migrations.
 * A file that cannot be used is left as it is; `DatabaseTrouble` says what happened and what to do.
 */
import { chmodSync, existsSync, mkdirSync, openSync, readFileSync, readSync, closeSync, statSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import Database from 'better-sqlite3'
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3'
import { migrate } from 'drizzle-orm/better-sqlite3/migrator'
import * as schema from './schema'

export class DatabaseTrouble extends Error {}
export type Db = BetterSQLite3Database<typeof schema>

export const dataFile = (): string => resolve(process.env.DENDLE_DATA ?? join('data', 'dendle.sqlite'))

export function openDatabase(file: string): Db {
  inspect(file)
  let connection: Database.Database | undefined
  try {
    const folder = migrationsFolder()
    lookInside(file, folder)
    connection = new Database(file, { timeout: 5000 })
    // A writer's papers are nobody else's: the files beside the database take their mode from it.
    try { chmodSync(file, 0o600) }
    catch { /* On a disk that knows no modes, or another's file, it stays as it is. */ }
    connection.pragma('journal_mode = WAL')
    const db = prepared(connection)
    migrate(db, { migrationsFolder: folder })
    return db
  }
  catch (error) {
    connection?.close()
    throw new DatabaseTrouble(
      `The database ${file} cannot be used: ${(error as Error).message}. It was left as it is. Move it aside to begin a new one, or set DENDLE_DATA to another file.`,
    )
  }
}

/** Another connection to a database that is open already, as a thread needs one. */
export function connectDatabase(file: string): { db: Db, close: () => void } {
  const connection = new Database(file, { timeout: 5000, fileMustExist: true })
  return { db: prepared(connection), close: () => connection.close() }
}

function prepared(connection: Database.Database): Db {
  // An acknowledged save is on the disk, not in the system's memory: a power cut takes nothing that was said to be saved.
  connection.pragma('synchronous = FULL')
  connection.pragma('foreign_keys = ON')
  connection.pragma('busy_timeout = 5000')
  return drizzle(connection, { schema })
}

/** Looks whose database it is before anything in it is touched: another program's, or a later Dendle's, is left as it is. */
function lookInside(file: string, migrations: string) {
  if (!existsSync(file) || statSync(file).size === 0) return
  const connection = new Database(file, { readonly: true, timeout: 5000 })
  try {
    const tables = connection.prepare('select name from sqlite_master where type = \'table\' and name not like \'sqlite_%\'').pluck().all() as string[]
    if (!tables.length) return
    if (!tables.includes('__drizzle_migrations') || !tables.includes('papers')) throw new Error('it is another program’s')
    const last = connection.prepare('select max(created_at) from __drizzle_migrations').pluck().get() as number | null
    const { entries } = JSON.parse(readFileSync(join(migrations, 'meta/_journal.json'), 'utf8')) as { entries: { when: number }[] }
    if (last !== null && Number(last) > Math.max(...entries.map(one => one.when)))
      throw new Error('a later Dendle has written in it. Start that one, or bring this one up to date')
  }
  finally { connection.close() }
}

const MAGIC = 'SQLite format 3\0'

function inspect(file: string) {
  const folder = dirname(file)
  if (!existsSync(file)) {
    try {
      mkdirSync(folder, { recursive: true, mode: 0o700 })
    } catch (error) {
      throw new DatabaseTrouble(
        `The folder ${folder} for the database cannot be made: ${(error as Error).message}. Set DENDLE_DATA to a file in a folder you can write to.`,
      )
    }
    return
  }
  const stat = statSync(file)
  if (!stat.isFile()) throw new DatabaseTrouble(`${file} is not a file. Set DENDLE_DATA to the database file itself.`)
  if ((stat.mode & 0o222) === 0)
    throw new DatabaseTrouble(
      `The database ${file} is read-only, so nothing written could be kept. Make it writable (chmod u+w), or set DENDLE_DATA to another file.`,
    )
  if (stat.size === 0) return
  const head = Buffer.alloc(16)
  const handle = openSync(file, 'r')
  readSync(handle, head, 0, 16, 0)
  closeSync(handle)
  if (head.toString('latin1') !== MAGIC)
    throw new DatabaseTrouble(
      `${file} is not a Dendle database, or it is damaged. It was left as it is. Move it aside to begin a new one, or set DENDLE_DATA to another file.`,
    )
}

function migrationsFolder(): string {
  const beside = join(dirname(resolve(process.argv[1] ?? '.')), 'migrations')
  const found = [process.env.DENDLE_MIGRATIONS, beside, resolve('server/db/migrations')].find(
    (path) => path && existsSync(join(path, 'meta')),
  )
  if (!found) throw new Error('its migrations are missing from this build')
  return found
}
