/** The `export` and `import` verbs: a paper job or a packed paper as a file; a packed file's papers as jobs. */
import { randomUUID } from 'node:crypto'
import { basename, join } from 'node:path'
import { renameSync, rmSync, writeFileSync } from 'node:fs'
import { filesToPack, zipped } from '../core/handin/archive/packing'
import { readArchive } from '../core/handin/archive/reading'
import { openPacked } from '../server/packed/open'
import { writeMarked } from '../core/handin/formats/marked'
import { WAYS } from '../core/handin/way-rows'
import { writeWay } from '../core/handin/ways'
import { writeSources } from '../core/intake/convert'
import type { Problem } from '../core/intake/job'
import { readPaperJob } from '../core/intake/paper-job'
import { listing } from '../core/sheet/listing'
import { idSchema } from '../core/source/id'
import { freeKey, plainKey } from '../core/source/keys'
import { keySchema } from '../core/source/use'
import type { PaperToPrint } from '../core/sheet/print'
import { styleOf, type Style } from '../core/styles'
import type { Exported } from './exported'
import { isFolder, papersIn, withEnding } from './named'
import { readPaper } from './papers'

interface Given { paper: PaperToPrint, keyOf: (id: string) => string }

/** @param given the file's bytes: a job as JSON, or a packed paper @returns the written file; nothing where nothing could be done */
export async function exported(given: Uint8Array, name: string, to: Exported, problems: Problem[]): Promise<Uint8Array | undefined> {
  const read = isPacked(given) ? await fromPacked(given, name, problems) : fromJob(given, name, problems)
  if (!read) return undefined
  return to === 'zip' && isPacked(given) ? given : written(to, read)
}

async function written(to: Exported, { paper, keyOf }: Given): Promise<Uint8Array> {
  if (to === 'zip') return packed(paper)
  return writeWay(to, paper, {
    faces: async twin => (await import('../server/faces')).shippedFaces(twin),
    keyOf,
    bibtex: () => writeSources(paper.sources.map(source => ({ ...source, id: keyOf(source.id) })), 'bibtex'),
  })
}

const isPacked = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4B

function fromJob(bytes: Uint8Array, name: string, problems: Problem[]): Given | undefined {
  let input: unknown
  try { input = JSON.parse(new TextDecoder().decode(bytes).replace(/^\uFEFF/u, '')) }
  catch (error) {
    problems.push({ where: name, what: `is not JSON, and no packed paper: ${(error as Error).message}` })
    return undefined
  }
  const { paper, problems: found } = readPaperJob(input)
  problems.push(...found)
  if (!paper) return undefined
  const { style, title, details = {}, doc, sources, alsoList } = paper
  return { paper: { style, title, details, body: doc, sources, alsoList }, keyOf: id => id }
}

/** The first paper of a packed file; what others there are is said. */
async function fromPacked(bytes: Uint8Array, name: string, problems: Problem[]): Promise<Given | undefined> {
  const all = await papersOf(bytes, name, problems)
  const written = `“${all[0]?.paper.title}” was written. Take the others away one by one.`
  if (all.length > 1) problems.push({ where: name, what: `holds ${all.length} papers; ${written}` })
  return all[0]
}

async function papersOf(bytes: Uint8Array, name: string, problems: Problem[]): Promise<Given[]> {
  const { archive, problems: found } = await readArchive(await openPacked(bytes))
  problems.push(...found.map(what => ({ where: name, what })))
  return (archive?.papers ?? []).map(({ title, style: id, details, body, uses }): Given => {
    const style = styleOf(id)
    if (!style) problems.push({ where: name, what: `“${title}” is in a style that is not known here (${id}); it was set in APA 7.` })
    const used = new Map(uses.map(use => [use.source, use] as const))
    const own = archive!.sources.filter(source => used.has(source.id))
    const sources = own.map(({ id: source, kind, fields }) => ({ id: source, kind, fields }))
    const listed = sources.map(source => ({ ...source, ...used.get(source.id)!, id: source.id }))
    return {
      paper: {
        style: style ?? styleOf('apa-7')!, title, details, body, sources, ...listing(listed, details.headings),
        annotations: new Map(uses.flatMap(use => (use.annotation ? [[use.source, use.annotation] as const] : []))),
      },
      keyOf: source => used.get(source)?.key ?? source,
    }
  })
}

function packed({ style, title, details, body, sources, alsoList }: PaperToPrint): Uint8Array {
  // Ids of a job are whatever it calls its sources; a packed file's are ids of Dendle.
  const idOf = new Map(sources.map((source, i) => [source.id, idSchema.safeParse(source.id).success ? source.id : `source-${i + 1}`]))
  const rename = (name: string, value: unknown) =>
    ((name === 'id' || name === 'from') && typeof value === 'string' ? (idOf.get(value) ?? value) : value)
  const renamed = JSON.parse(JSON.stringify(body), rename) as PaperToPrint['body']
  // Its own, or two jobs that were packed would be one paper to whoever takes both in.
  const id = randomUUID()
  const own = sources.map(({ id: source, kind, fields }) => ({ id: idOf.get(source)!, kind, fields, parked: {}, settled: [], revision: 1 }))
  const taken = new Set<string>()
  const used = sources.map((source) => {
    const wanted = keySchema.safeParse(source.id)
    const key = freeKey(wanted.success ? wanted.data : plainKey(source), taken)
    taken.add(key)
    return { source: idOf.get(source.id)!, key, listed: alsoList.includes(source.id), leftOut: false, annotation: '', division: '' }
  })
  return zipped(filesToPack({
    ids: [id],
    paper: () => ({
      id, title: title || 'Untitled', style: style.id, details: { ...details }, houseRules: [], left: [], revision: 1,
      updatedAt: new Date().toISOString(), uses: used, body: renamed,
    }),
    states: () => [],
    sources: () => own,
    passages: () => [],
    marked: () => writeMarked({ style, title, details, body, sources, alsoList }, source => source),
    csl: () => writeSources(sources, 'csl-json'),
    bibtex: () => writeSources(sources, 'bibtex'),
  }, new Date().toISOString()))
}

/** The papers of a packed file as jobs, each with its sources and its text with marks. */
export async function jobsOf(bytes: Uint8Array, name: string, problems: Problem[]): Promise<unknown[]> {
  return (await papersOf(bytes, name, problems)).map(({ paper, keyOf }) => {
    const { title, details, style, sources, alsoList } = paper
    const { writer, ...others } = details
    return {
      style: style.id,
      details: { title, ...(writer ? { authors: writer.split(/[\n;]/u).map(one => one.trim()).filter(Boolean) } : {}), ...others },
      sources: JSON.parse(writeSources(sources.map(source => ({ ...source, id: keyOf(source.id) })), 'csl-json')) as unknown,
      text: writeMarked(paper, keyOf).replace(/^---\n[\s\S]*?\n---\n+/u, ''),
      alsoList: alsoList.map(keyOf),
    }
  })
}

interface AskedPapers { names: readonly string[], style: Style | undefined, to: Exported, out: string, problems: Problem[] }
/** Papers as they are, set and written: one to a file, several into a folder, each by its own name. */
export async function exportPapers({ names, style, to, out, problems }: AskedPapers): Promise<void> {
  const files = papersIn(names)
  const into = files.length > 1 || isFolder(out)
  if (into && !isFolder(out)) { problems.push({ where: out, what: `is no folder, and ${files.length} papers need one; make it first.` }); return }
  for (const file of files) {
    const read = await readPaper(file, style, problems)
    if (!read) continue
    const { paper: { style: own, title, details = {}, doc, sources, alsoList } } = read
    const paper: PaperToPrint = { style: own, title, details, body: doc, sources, alsoList }
    const bytes = await written(to, { paper, keyOf: id => id })
    putFile(into ? join(out, withEnding(basename(file), to === 'zip' ? to : WAYS[to].ending)) : out, bytes, problems)
  }
}

/** Writes the file beside its place and moves it there: a failed one leaves nothing half written, and is said. */
export function putFile(out: string, bytes: Uint8Array, problems: Problem[]) {
  if (out === '-') { process.stdout.write(bytes); return }
  const aside = `${out}.${process.pid}.part`
  try {
    writeFileSync(aside, bytes)
    renameSync(aside, out)
  } catch (error) {
    rmSync(aside, { force: true })
    problems.push({ where: out, what: `could not be written (${(error as Error).message}); name a place that can be.` })
  }
}
