/**
 * Papers with all that belongs to them as one packed file of open files (docs/archive.md): what was taken away comes back
 * as it was, into this Dendle or another.
 */
import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate'
import * as z from 'zod'
import { documentSchema } from '../../sheet/document'
import { detailsSchema, titleSchema } from '../../sheet/paper-details'
import { idSchema } from '../../source/id'
import { fieldsSchema, kindSchema } from '../../source/model'
import { passageFormSchema } from '../../source/passages'

export const VERSION = 1
const id = idSchema
const when = z.iso.datetime({ error: 'is no time.' })
const revision = z.number().int().min(1).catch(1)

export const archivedSourceSchema = z.object({
  id,
  kind: kindSchema,
  fields: fieldsSchema,
  origin: z.record(z.string(), z.unknown()).optional(),
  /** Values that have no place in its kind. */
  parked: fieldsSchema.default({}),
  /** Ids of findings that were left as they are. */
  settled: z.array(z.string().max(200)).default([]),
  revision,
})
export const archivedUseSchema = z.object({
  source: id,
  key: z.string().min(1).max(61),
  listed: z.boolean().default(false),
  leftOut: z.boolean().default(false),
  annotation: z.string().max(50_000).default(''),
  division: z.string().max(200).default(''),
})
export const archivedPassageSchema = z.object({
  id,
  source: id,
  paper: id.optional(),
  form: passageFormSchema,
  words: z.string().max(50_000),
  original: z.string().max(50_000).default(''),
  locator: z.string().max(200).default(''),
  comment: z.string().max(20_000).default(''),
  tags: z.array(z.string().max(100)).max(100).default([]),
  revision,
})
export const archivedStateSchema = z.object({
  id,
  reason: z.string().max(300),
  title: z.string().max(5000),
  body: documentSchema,
  createdAt: when,
})
export const archivedPaperSchema = z.object({
  id,
  title: titleSchema,
  style: z.string().max(60),
  details: detailsSchema.default({}),
  /** Changes of the style that this paper has recorded. */
  houseRules: z.array(z.unknown()).default([]),
  /** Ids of findings that were left as they are. */
  left: z.array(z.string().max(200)).default([]),
  revision,
  updatedAt: when,
  uses: z.array(archivedUseSchema).default([]),
})
export type ArchivedSource = z.infer<typeof archivedSourceSchema>
export type ArchivedPassage = z.infer<typeof archivedPassageSchema>
export type ArchivedState = z.infer<typeof archivedStateSchema>
export type ArchivedPaper = z.infer<typeof archivedPaperSchema> & { body: z.infer<typeof documentSchema>, states: ArchivedState[] }

export interface Archive { papers: ArchivedPaper[], sources: ArchivedSource[], passages: ArchivedPassage[] }

/** Files beside those that Dendle reads: for people, and for other programs. */
export interface Beside { csl: string, bibtex: string, marked: (paper: ArchivedPaper) => string }

const manifestSchema = z.object({ format: z.literal('dendle'), version: z.number().int() })

/** @param made the time, as an ISO date @returns the packed file's bytes */
export function packArchive({ papers, sources, passages }: Archive, beside: Beside, made: string): Uint8Array {
  const written = (value: unknown) => strToU8(`${JSON.stringify(value, null, 1)}\n`)
  const files: Zippable = {
    'dendle.json': written({ format: 'dendle', version: VERSION, made, papers: papers.map(paper => paper.id) }),
    'sources.json': written(sources),
    'sources.csl.json': strToU8(beside.csl),
    'sources.bib': strToU8(beside.bibtex),
    'passages.json': written(passages),
  }
  for (const { body, states, ...paper } of papers) {
    const folder = `papers/${paper.id}`
    files[`${folder}/paper.json`] = written(paper)
    files[`${folder}/text.json`] = written(body)
    files[`${folder}/text.md`] = strToU8(beside.marked({ ...paper, body, states }))
    for (const state of states) files[`${folder}/states/${state.id}.json`] = written(state)
  }
  return zipSync(files, { level: 6 })
}

const nothing = (problem: string): { archive: null, problems: string[] } => ({ archive: null, problems: [problem] })

/** Bytes that what is packed may have; more is no archive of papers. */
const LARGEST = 600 * 1024 * 1024

/**
 * @returns the archive, what could be read of it, and what could not: each problem with the file and the place in it
 */
export function readArchive(bytes: Uint8Array): { archive: Archive | null, problems: string[] } {
  let size = 0
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!/\.json$/u.test(name) || name.endsWith('.csl.json')) return false
        size += originalSize
        if (size > LARGEST) throw new Error('larger than 600 MB unpacked')
        return true
      },
    })
  } catch (error) {
    const why = (error as Error).message
    return nothing(/600 MB/u.test(why)
      ? `The file is ${why}; it is no archive of papers.`
      : 'The file is not packed, or it is damaged; take the paper away once more as one file.')
  }
  const problems: string[] = []
  const read = <T>(name: string, schema: z.ZodType<T>): T | undefined => {
    const file = files[name]
    if (!file) return undefined
    let value: unknown
    try { value = JSON.parse(strFromU8(file)) }
    catch { problems.push(`${name} is no JSON.`); return undefined }
    const parsed = schema.safeParse(value)
    if (parsed.success) return parsed.data
    const [issue] = parsed.error.issues
    problems.push(`${name}: ${[...(issue?.path ?? []), issue?.message ?? 'is not as it should be'].join(' ')}`)
    return undefined
  }
  const manifest = read('dendle.json', manifestSchema)
  if (!manifest) return nothing('The file holds no papers of Dendle: dendle.json is missing in it, or is another’s.')
  if (manifest.version > VERSION) {
    const versions = `its version is ${manifest.version}, this one reads ${VERSION}`
    return nothing(`The file was made by a later Dendle (${versions}). Read it there, or bring this Dendle up to date.`)
  }
  // One that cannot be read does not keep the others from coming in.
  const each = <T>(name: string, schema: z.ZodType<T>): T[] =>
    (read(name, z.array(z.unknown())) ?? []).flatMap((one, i) => {
      const parsed = schema.safeParse(one)
      if (parsed.success) return [parsed.data]
      const [issue] = parsed.error.issues
      problems.push(`${name}, number ${i + 1}: ${[...(issue?.path ?? []), issue?.message ?? ''].join(' ')}`)
      return []
    })
  const papers = Object.keys(files).filter(name => /^papers\/[^/]+\/paper\.json$/u.test(name)).sort().flatMap((name): ArchivedPaper[] => {
    const folder = name.slice(0, -'paper.json'.length)
    const paper = read(name, archivedPaperSchema)
    const body = read(`${folder}text.json`, documentSchema)
    if (!paper) return []
    if (!body) { problems.push(`${folder}text.json is missing or damaged, so “${paper.title}” was not read.`); return [] }
    const kept = Object.keys(files).filter(one => one.startsWith(`${folder}states/`)).sort()
    const states = kept.flatMap(one => read(one, archivedStateSchema) ?? [])
    return [{ ...paper, body, states }]
  })
  const [sources, passages] = [each('sources.json', archivedSourceSchema), each('passages.json', archivedPassageSchema)]
  return { archive: { papers, sources, passages }, problems }
}
