/** Packing and unpacking as one piece of work, from file to file. */
import { closeSync, openSync, writeSync } from 'node:fs'
import { deflateRawSync } from 'node:zlib'
import { zipFiles } from '../../core/handin/archive/packing'
import { openArchive } from '../../core/handin/archive/reading'
import { connectDatabase, type Db } from '../db/open'
import { filesOf, toPack } from '../db/packing'
import { unpack, type Unpacked, type Wishes } from '../db/unpacking'
import { openPacked } from '../packed/open'

export type Archiving = { database: string, file: string } & (
  /** @property ids of papers; absent: everything */
  | { work: 'pack', ids?: readonly string[] }
  | { work: 'unpack', wishes: Wishes }
)
export interface Packed { leftOut: number }
export type Taken = Unpacked & { problems: string[] } | { refused: string }
export type Archived = Packed | Taken

/** @param tell how far it is, from 0 to 1 */
export async function runArchiving(given: Archiving, tell: (done: number) => void): Promise<Archived> {
  const { db, close } = connectDatabase(given.database)
  try { return given.work === 'pack' ? pack(db, given.file, given.ids, tell) : await take(db, given.file, given.wishes, tell) }
  finally { close() }
}

function pack(db: Db, path: string, ids: readonly string[] | undefined, tell: (done: number) => void): Packed {
  let leftOut = 0
  const papers = toPack(db, ids).ids.length
  let packed = 0
  const out = openSync(path, 'w', 0o600)
  try {
    zipFiles(filesOf(db, ids, (states) => { leftOut = states }), bytes => writeSync(out, bytes), (name) => {
      if (name.endsWith('/text.md')) tell(++packed / (papers + 1))
    }, (bytes, level) => deflateRawSync(bytes, { level }))
  }
  finally { closeSync(out) }
  return { leftOut }
}

async function take(db: Db, path: string, wishes: Wishes, tell: (done: number) => void): Promise<Taken> {
  const files = await openPacked(path)
  if (typeof files === 'string') return { refused: files }
  try {
    const archive = await openArchive(files)
    if (typeof archive === 'string') return { refused: archive }
    const papers = [...files.sizes.keys()].filter(name => /^papers\/[^/]+\/paper\.json$/u.test(name)).length
    let read = 0
    const came = await unpack(db, archive, wishes, () => tell(Math.min(0.99, ++read / (papers + 3))))
    return { ...came, problems: archive.problems.list }
  }
  finally { files.close() }
}
