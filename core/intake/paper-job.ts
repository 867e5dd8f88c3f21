/**
 * A paper as a job of the `dendle` command: a style, sources and a text in Markdown with marks. What is wrong with one
 * part of it does not keep the rest from being read.
 */
import * as z from 'zod'
import { compose, type Composition } from '../compose/compose'
import type { DocNode } from '../sheet/document'
import { citationsOf, creditedIn } from '../sheet/walking'
import { passageSchema } from '../source/passages'
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import { issueText, readSources, readStyle, type Problem } from './job'
import { readMarkdown } from './markdown'

const word = z.union([z.string(), z.number()]).transform(String)
const detailsSchema = z.object({
  title: z.string().nullish(),
  authors: z.union([z.array(z.string()), z.string().transform(one => [one])]).nullish(),
  instructor: z.string().nullish(),
  course: z.string().nullish(),
  institution: z.string().nullish(),
  date: word.nullish(),
  target: word.nullish(),
}).catchall(z.unknown())
const paperSchema = z.object({
  style: z.string({ error: 'is missing; name a style such as "apa-7".' }),
  sources: z.array(z.unknown(), { error: 'must be a list of CSL-JSON items.' }),
  text: z.string({ error: 'is missing; give the paper as Markdown with marks.' }),
  houseRules: z.array(z.unknown()).nullish().transform(v => v ?? []),
  details: detailsSchema.nullish(),
  alsoList: z.array(word).nullish().transform(v => v ?? []),
  passages: z.array(z.unknown()).nullish().transform(v => v ?? []),
})
const takenSchema = passageSchema.partial({ form: true }).extend({ source: word })

export interface ReadPaper {
  style: Style
  sources: Source[]
  doc: DocNode
  composition: Composition
  alsoList: string[]
  passages: { sourceId: string, form: 'quotation' | 'paraphrase' | 'summary', words: string, original: string, locator: string }[]
  title: string
  /** Absent where the job has none, and nothing is asked of it then. */
  details?: Record<string, string>
}

/** Reads one. `paper` is null only when nothing can be done with it. */
export function readPaperJob(input: unknown, where = 'job'): { paper: ReadPaper | null, problems: Problem[] } {
  const parsed = paperSchema.safeParse(input)
  if (!parsed.success) return { paper: null, problems: issueText(parsed.error, where) }
  const job = parsed.data
  const problems: Problem[] = []
  const style = readStyle(job.style, job.houseRules, where, problems)
  if (!style) return { paper: null, problems }
  const sources = readSources(job.sources, where, problems)
  const known = new Map(sources.map(source => [source.id.toLowerCase(), source.id]))
  const doc = readMarkdown(job.text, key => known.get(key.toLowerCase()), (address) => {
    const named = address.length > 60 ? `${address.slice(0, 60)}…` : address
    const says = 'is not in the text itself, where a PNG, JPEG or GIF stands in a paragraph of its own as a data address; its words stand in its place.'
    problems.push({ where: `${where}.text`, what: `the picture ${named} ${says}` })
  })
  const alsoList = job.alsoList.filter((id) => {
    if (known.has(id.toLowerCase())) return true
    problems.push({ where: `${where}.alsoList`, what: `no source has the id "${id}".` })
    return false
  })
  const passages = job.passages.flatMap((raw, i) => {
    const passage = takenSchema.safeParse(raw)
    if (!passage.success) { problems.push(...issueText(passage.error, `${where}.passages[${i}]`)); return [] }
    const { source, form = 'quotation', words, original, locator } = passage.data
    return [{ sourceId: source, form, words, original, locator }]
  })
  const { title, authors, ...said } = job.details ?? {}
  const details = Object.entries({ writer: authors?.join('; '), ...said })
    .flatMap(([name, value]) => (typeof value === 'string' && value ? [[name, value] as const] : typeof value === 'boolean' ? [[name, value ? 'yes' : 'no'] as const] : []))
  return {
    paper: {
      style,
      sources,
      doc,
      composition: compose(style, sources, { citations: citationsOf(doc), alsoList: [...new Set([...alsoList, ...creditedIn(doc)])] }),
      alsoList,
      passages,
      title: title ?? '',
      ...(job.details ? { details: Object.fromEntries(details) } : {}),
    },
    problems,
  }
}
