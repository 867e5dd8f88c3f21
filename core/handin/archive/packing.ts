/** The files of a packed file, one at a time, and those as one: what was taken away comes back as it was. */
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import type { ArchivedPaper, ArchivedPassage, ArchivedSource, ArchivedState } from './schema'
import { VERSION } from './schema'
import { LARGEST, PER_FILE } from './reading'

export interface PackedFile { name: string, text: string }

/** Papers and what belongs to them, each read when its turn comes: not all are in memory at once. */
export interface ToPack {
  ids: readonly string[]
  paper: (id: string) => Omit<ArchivedPaper, 'states'>
  /** Earlier states of a paper, newest first. */
  states: (id: string) => Iterable<ArchivedState>
  sources: () => Iterable<ArchivedSource>
  passages: () => Iterable<ArchivedPassage>
  /** For people and other programs. */
  marked: (paper: Omit<ArchivedPaper, 'states'>) => string
  csl: (sources: readonly ArchivedSource[]) => string
  bibtex: (sources: readonly ArchivedSource[]) => string
}

const written = (value: unknown): string => `${JSON.stringify(value, null, 1)}\n`

/**
 * Everything but the earlier states first. Of those that would make the file larger than it could come back, the oldest
 * are left out, and `leftOut` is told how many.
 * @param made the time, as an ISO date @param leftOut told once, at the end, where any were
 */
export function* filesToPack(all: ToPack, made: string, leftOut: (states: number) => void = () => undefined): Generator<PackedFile> {
  let size = 0
  const counted = (file: PackedFile): PackedFile => {
    size += file.text.length
    return file
  }
  yield counted({ name: 'dendle.json', text: written({ format: 'dendle', version: VERSION, made, papers: all.ids }) })
  for (const id of all.ids) {
    const whole = all.paper(id)
    const { body, ...paper } = whole
    yield counted({ name: `papers/${id}/paper.json`, text: written(paper) })
    yield counted({ name: `papers/${id}/text.json`, text: written(body) })
    yield counted({ name: `papers/${id}/text.md`, text: all.marked(whole) })
  }
  let n = 0
  for (const lot of inLots(all.sources())) {
    // The first as it always was called; a large shelf goes into several.
    const end = n++ ? `-${n}` : ''
    yield counted({ name: `sources${end}.json`, text: written(lot) })
    yield counted({ name: `sources${end}.csl.json`, text: all.csl(lot) })
    yield counted({ name: `sources${end}.bib`, text: all.bibtex(lot) })
  }
  n = 0
  for (const lot of inLots(all.passages())) yield counted({ name: `passages${n++ ? `-${n}` : ''}.json`, text: written(lot) })
  let out = 0
  for (const id of all.ids)
    for (const state of all.states(id)) {
      const file = { name: `papers/${id}/states/${state.id}.json`, text: written(state) }
      // Letters may be several bytes; a third of the room is kept for that.
      if (file.text.length > PER_FILE || size + file.text.length > LARGEST * 0.6) out++
      else yield counted(file)
    }
  if (out) leftOut(out)
}

/** As many as stay well under what one file may hold. */
function* inLots<T>(all: Iterable<T>): Generator<T[]> {
  let lot: T[] = []
  let size = 0
  let any = false
  for (const one of all) {
    const own = JSON.stringify(one).length
    if (lot.length && (lot.length >= 2000 || size + own > PER_FILE / 4)) {
      yield lot
      any = true
      lot = []
      size = 0
    }
    lot.push(one)
    size += own
  }
  if (lot.length || !any) yield lot
}

/** Makes bytes smaller, by the raw form of DEFLATE (RFC 1951); levels from 1, quick, to 9. */
export type Deflate = (bytes: Uint8Array, level: number) => Uint8Array
class Deflated extends ZipPassThrough {
  override compression = 8
  constructor(name: string, readonly deflate: (bytes: Uint8Array) => Uint8Array) { super(name) }
  protected override process(bytes: Uint8Array, final: boolean) { this.ondata(null, this.deflate(bytes) as Uint8Array<ArrayBuffer>, final) }
}

/**
 * Packs files one behind the other; `put` is given the bytes as they come.
 * @param deflate the machine's own way, several times as fast, where there is one
 */
export function zipFiles(
  files: Iterable<PackedFile>, put: (bytes: Uint8Array) => void, done: (name: string) => void = () => undefined, deflate?: Deflate,
) {
  const zip = new Zip((error, bytes) => {
    if (error) throw error
    put(bytes)
  })
  for (const { name, text } of files) {
    // A text as large as that is its pictures, which are packed already: more pains would make it no smaller.
    const level = text.length > 1024 * 1024 ? 1 : 6
    const entry = deflate ? new Deflated(name, bytes => deflate(bytes, level)) : new ZipDeflate(name, { level })
    zip.add(entry)
    entry.push(strToU8(text), true)
    done(name)
  }
  zip.end()
}

/** All of it at once. */
export function zipped(files: Iterable<PackedFile>): Uint8Array {
  const parts: Uint8Array[] = []
  zipFiles(files, bytes => parts.push(bytes))
  const out = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0))
  parts.reduce((at, part) => { out.set(part, at); return at + part.length }, 0)
  return out
}
