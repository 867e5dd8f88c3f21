/**
 * Reads a packed file, a part at a time. Everything about it is bounded before it is opened: how many files it has, how
 * large each is and all are, how deep its JSON is nested and of how many pieces. What cannot be read is named, and does not
 * keep the rest from coming in.
 */
import * as z from 'zod'
import { documentSchema } from '../../sheet/document-schema'
import { readJson } from '../../text/json'
import {
  archivedPaperSchema, archivedPassageSchema, archivedSourceSchema, archivedStateSchema, VERSION,
  type ArchivedPaper, type ArchivedPassage, type ArchivedSource, type ArchivedState,
} from './schema'

const MB = 1024 * 1024
/** Files in it; bytes of one, and of all, unpacked. What is packed keeps to them too. */
export const MOST_FILES = 50_000
export const PER_FILE = 64 * MB
export const LARGEST = 2048 * MB
/** Problems that are told one by one; of the rest it is said how many they are. */
const TOLD = 20

/** The files of a packed file, as whoever opened it gives them. */
export interface PackedFiles {
  /** Sizes in bytes, unpacked, by name. */
  sizes: ReadonlyMap<string, number>
  /** @throws Damaged where its bytes are not what was packed */
  text: (name: string) => Promise<string>
}
export class Damaged extends Error {}

/** What could not be read, counted. */
export class Problems {
  count = 0
  private readonly told: string[] = []
  add(says: string) {
    if (this.count++ < TOLD) this.told.push(says)
  }

  get list(): string[] {
    return this.count > TOLD ? [...this.told, `${(this.count - TOLD).toLocaleString('en')} more are like these.`] : [...this.told]
  }
}

const manifestSchema = z.object({ format: z.literal('dendle'), version: z.number().int() })

export type ReadPaper = Omit<ArchivedPaper, 'states'> & { states: () => AsyncGenerator<ArchivedState> }
export interface ArchiveParts {
  problems: Problems
  papers: () => AsyncGenerator<ReadPaper>
  sources: () => AsyncGenerator<ArchivedSource>
  passages: () => AsyncGenerator<ArchivedPassage>
}

/** @returns its parts, to be read one at a time, or why it is no archive of papers */
export async function openArchive(files: PackedFiles): Promise<ArchiveParts | string> {
  const problems = new Problems()
  const names = [...files.sizes.keys()].sort()
  if (names.length > MOST_FILES) return `The file has more than ${MOST_FILES.toLocaleString('en')} files in it; it is no archive of papers.`
  const total = [...files.sizes.values()].reduce((sum, size) => sum + size, 0)
  if (total > LARGEST) return 'The file is larger than 2,048 MB unpacked; it is no archive of papers.'

  async function read<T>(name: string, schema: z.ZodType<T>): Promise<T | undefined> {
    const size = files.sizes.get(name)
    if (size === undefined) return undefined
    if (size > PER_FILE) { problems.add(`${name} is larger than 64 MB, which nothing of a paper is; it was not read.`); return undefined }
    let text: string
    try { text = await files.text(name) }
    catch (error) { problems.add(`${name} ${(error as Error).message}`); return undefined }
    const json = readJson(text)
    if ('value' in json) return parsed(name, json.value, schema)
    problems.add(`${name} ${json.trouble}`)
    return undefined
  }
  function parsed<T>(name: string, value: unknown, schema: z.ZodType<T>): T | undefined {
    const answer = schema.safeParse(value)
    if (answer.success) return answer.data
    const [issue] = answer.error.issues
    problems.add(`${name}: ${[...(issue?.path ?? []), issue?.message ?? 'is not as it should be'].join(' ')}`)
    return undefined
  }
  const manifest = await read('dendle.json', manifestSchema)
  if (!manifest) return 'The file holds no papers of Dendle: dendle.json is missing in it, or is another’s.'
  if (manifest.version > VERSION) {
    const versions = `its version is ${manifest.version}, this one reads ${VERSION}`
    return `The file was made by a later Dendle (${versions}). Read it there, or bring this Dendle up to date.`
  }

  async function* each<T extends { id: string }>(of: RegExp, schema: z.ZodType<T>): AsyncGenerator<T> {
    const seen = new Set<string>()
    for (const name of names.filter(one => of.test(one)))
      for (const [i, one] of ((await read(name, z.array(z.unknown()))) ?? []).entries()) {
        const value = parsed(`${name}, number ${i + 1}`, one, schema)
        if (!value) continue
        if (seen.has(value.id)) problems.add(`${name}, number ${i + 1}: ${value.id} stands in the file more than once; the first was read.`)
        else { seen.add(value.id); yield value }
      }
  }
  async function* states(folder: string): AsyncGenerator<ArchivedState> {
    for (const name of names.filter(one => one.startsWith(`${folder}states/`) && one.endsWith('.json'))) {
      const state = await read(name, archivedStateSchema)
      if (state) yield state
    }
  }
  async function* papers(): AsyncGenerator<ReadPaper> {
    const seen = new Set<string>()
    for (const name of names.filter(one => /^papers\/[^/]+\/paper\.json$/u.test(one))) {
      const folder = name.slice(0, -'paper.json'.length)
      const paper = await read(name, archivedPaperSchema)
      if (!paper) continue
      const body = await read(`${folder}text.json`, documentSchema)
      if (!body) { problems.add(`${folder}text.json is missing or damaged, so “${paper.title}” was not read.`); continue }
      if (seen.has(paper.id)) { problems.add(`${name}: the paper ${paper.id} stands in the file more than once; the first was read.`); continue }
      seen.add(paper.id)
      if (paper.houseRules.length) problems.add(`“${paper.title}” has house rules, which this Dendle does not know; it is set without them.`)
      yield { ...paper, uses: onceEach(paper), body, states: () => states(folder) }
    }
  }
  /** A source that a paper uses twice is used once. */
  function onceEach({ title, uses }: Pick<ArchivedPaper, 'title' | 'uses'>): ArchivedPaper['uses'] {
    const bySource = new Map(uses.map(use => [use.source, use] as const).reverse())
    const again = uses.length - bySource.size
    if (again) problems.add(`“${title}” uses ${again.toLocaleString('en')} times a source that it uses already; each is taken once.`)
    return uses.filter(use => bySource.get(use.source) === use)
  }
  return {
    problems,
    papers,
    sources: () => each(/^sources(?:-\d+)?\.json$/u, archivedSourceSchema),
    passages: () => each(/^passages(?:-\d+)?\.json$/u, archivedPassageSchema),
  }
}

export interface Archive { papers: ArchivedPaper[], sources: ArchivedSource[], passages: ArchivedPassage[] }

async function all<T>(of: AsyncIterable<T>): Promise<T[]> {
  const out: T[] = []
  for await (const one of of) out.push(one)
  return out
}
/** All of it at once, for the command. */
export async function readArchive(files: PackedFiles | string): Promise<{ archive: Archive | null, problems: string[] }> {
  const parts = typeof files === 'string' ? files : await openArchive(files)
  if (typeof parts === 'string') return { archive: null, problems: [parts] }
  const sources = await all(parts.sources())
  const papers: ArchivedPaper[] = []
  for await (const paper of parts.papers()) papers.push({ ...paper, states: await all(paper.states()) })
  return { archive: { papers, sources, passages: await all(parts.passages()) }, problems: parts.problems.list }
}
