import { mkdtempSync, readFileSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { expect, it } from 'vitest'
import { openDatabase } from './open'

const folder = mkdtempSync(join(tmpdir(), 'dendle-open-'))
let made = 0
/** A database made by hand; its file is looked at before and after. */
function given(make: (db: Database.Database) => void) {
  const file = join(folder, `${++made}.sqlite`)
  const db = new Database(file)
  make(db)
  db.close()
  return { file, before: [readFileSync(file), statSync(file).mode] as const }
}

it.each<[string, (db: Database.Database) => void, RegExp]>([
  ['another program’s', db => db.exec('create table ledgers (id text)'), /another program’s/u],
  ['another program’s, that has papers as well', db => db.exec('create table papers (id text)'), /another program’s/u],
  ['a later Dendle’s', (db) => {
    db.exec('create table papers (id text); create table __drizzle_migrations (id integer, hash text, created_at numeric)')
    db.exec('insert into __drizzle_migrations values (1, \'x\', 99999999999999)')
  }, /later Dendle/u],
])('a database that is %s is named, and left to the byte', (_, make, says) => {
  const { file, before } = given(make)
  expect(() => openDatabase(file)).toThrow(says)
  expect([readFileSync(file), statSync(file).mode]).toEqual(before)
})
it('one without tables is begun in', () => {
  const { file } = given(() => undefined)
  expect(() => openDatabase(file)).not.toThrow()
})
