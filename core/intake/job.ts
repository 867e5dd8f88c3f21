/**
 * Jobs of the `dendle` command: sources, a style and citations in; citations, notes and the list out.
 * What is wrong with one source does not keep the rest from being done; each problem says where, what, and what to do.
 */
import * as z from 'zod'
import { FORMS } from '../compose/citations/forms'
import { compose, composeAlone, filingOrder, type Citation } from '../compose/compose'
import { cslItemSchema, fromCsl, type CslItem } from '../source/csl'
import { isEmpty, type Source } from '../source/model'
import { labelSchema } from '../source/locator-labels'
import { STYLES, styleOf, type Style } from '../styles'
import { changeSchema, withChanges } from '../styles/changes'
import { plain, toHtml, toMarkup, type Run } from '../text/runs'

const itemSchema = z.object({
  id: z.union([z.string(), z.number()]).transform(String),
  locator: z.union([z.string(), z.number()]).nullish().transform(v => (v === null || v === undefined ? '' : String(v))),
  label: labelSchema.nullish().transform(v => v ?? 'page'),
  prefix: z.string().nullish().transform(v => v ?? ''),
  suffix: z.string().nullish().transform(v => v ?? ''),
})
const citationSchema = z.object({
  items: z.array(itemSchema).min(1, { error: 'has no items; name at least one source by its id.' }),
  form: z
    .enum(FORMS)
    .nullish()
    .transform((v) => v ?? 'parenthetical'),
})
const jobSchema = z.object({
  style: z.string({ error: 'is missing; name a style such as "apa-7".' }),
  sources: z.array(z.unknown(), { error: 'must be a list of CSL-JSON items.' }),
  citations: z.array(z.unknown()).nullish().transform(v => v ?? []),
  houseRules: z.array(z.unknown()).nullish().transform(v => v ?? []),
  alsoList: z.array(z.union([z.string(), z.number()]).transform(String)).nullish().transform(v => v ?? []),
})

export interface JobResult {
  style: string
  citations: (string | null)[]
  notes: string[]
  list: string[]
  sources: Record<
    string,
    { reference: string | null, parenthetical: string, narrative: string, note: string | null, shortNote: string | null }
  >
}
export interface Problem { where: string, what: string }
export type Output = 'markup' | 'html' | 'text'

const WRITERS: Record<Output, (runs: readonly Run[]) => string> = { markup: toMarkup, html: toHtml, text: plain }

export const issueText = (error: z.ZodError, where: string): Problem[] =>
  error.issues.map((issue) => ({
    where: [where, ...issue.path.map((p) => (typeof p === 'number' ? `[${p}]` : `.${String(p)}`))].join('').replace(/^\./u, ''),
    what: issue.message,
  }))

/** A job read: its style, sources and citations. */
export interface CitedJob { style: Style, sources: Source[], citations: Citation[], alsoList: string[] }

/** Reads a job. `job` is null only when nothing can be done (no style, no list of sources). */
export function readCited(input: unknown, where = 'job'): { job: CitedJob | null, problems: Problem[] } {
  const parsed = jobSchema.safeParse(input)
  if (!parsed.success) return { job: null, problems: issueText(parsed.error, where) }
  const job = parsed.data
  const problems: Problem[] = []
  const style = readStyle(job.style, job.houseRules, where, problems)
  if (!style) return { job: null, problems }
  const sources = readSources(job.sources, where, problems)
  const known = new Set(sources.map(s => s.id))
  const citations = job.citations.map((raw, i): Citation => {
    const citation = citationSchema.safeParse(raw)
    if (!citation.success) {
      problems.push(...issueText(citation.error, `${where}.citations[${i}]`))
      return { items: [] }
    }
    for (const item of citation.data.items)
      if (!known.has(item.id))
        problems.push({
          where: `${where}.citations[${i}]`,
          what: `no source has the id "${item.id}"; add it to sources or correct the id.`,
        })
    return {
      form: citation.data.form,
      items: citation.data.items.map(({ id, locator, label, prefix, suffix }) => ({
        id,
        ...(locator.trim() ? { locator: { label, place: locator.trim() } } : {}),
        ...(prefix ? { prefix } : {}),
        ...(suffix ? { suffix } : {}),
      })),
    }
  })
  for (const id of job.alsoList) if (!known.has(id)) problems.push({ where: `${where}.alsoList`, what: `no source has the id "${id}".` })
  return { job: { style, sources, citations, alsoList: job.alsoList }, problems }
}

/** Does one job. `result` is null only when nothing can be done. */
export function runJob(input: unknown, options: { where?: string, to?: Output } = {}): { result: JobResult | null, problems: Problem[] } {
  const { job, problems } = readCited(input, options.where)
  if (!job) return { result: null, problems }
  const write = WRITERS[options.to ?? 'markup']
  const { style, sources, citations, alsoList } = job
  const alone = Object.fromEntries(sources.map((source) => {
    const forms = composeAlone(style, source)
    return [
      source.id,
      {
        reference: forms.reference && write(forms.reference),
        parenthetical: write(forms.parenthetical),
        narrative: write(forms.narrative),
        note: forms.note && write(forms.note),
        shortNote: forms.shortNote && write(forms.shortNote),
      },
    ]
  }))
  if (!citations.length) {
    // With no citations all sources are listed, each as if it stood alone.
    const list = filingOrder(style, sources).flatMap(id => alone[id]!.reference ?? [])
    return { result: { style: style.id, citations: [], notes: [], list, sources: alone }, problems }
  }
  const composed = compose(style, sources, { citations, alsoList })
  return {
    result: {
      style: style.id,
      citations: composed.citations.map(write),
      notes: composed.notes.map(write),
      list: composed.list.map((entry) => write(entry.runs)),
      sources: alone,
    },
    problems,
  }
}

/** The style of a job with its house rules; undefined where there is no such style. What cannot be done is a problem. */
export function readStyle(id: string, houseRules: readonly unknown[], where: string, problems: Problem[]): Style | undefined {
  const own = styleOf(id)
  if (!own) {
    problems.push({ where: `${where}.style`, what: `there is no style "${id}"; use one of ${STYLES.map(one => one.id).join(', ')}.` })
    return undefined
  }
  const changes = houseRules.flatMap((raw, i) => {
    const change = changeSchema.safeParse(raw)
    if (!change.success) problems.push(...issueText(change.error, `${where}.houseRules[${i}]`))
    return change.success ? [change.data] : []
  })
  if (!changes.length) return own
  const { style, refused } = withChanges(own, changes)
  for (const { change, what } of refused)
    problems.push({
      where: `${where}.houseRules`,
      what: `"${change.path}" cannot be ${JSON.stringify(change.value)} in ${own.id}; the change was left out: ${what}.`,
    })
  return style
}

export function readSources(items: readonly unknown[], where: string, problems: Problem[]): Source[] {
  const out: Source[] = []
  const ids = new Set<string>()
  items.forEach((item, i) => {
    const parsed = cslItemSchema.safeParse(item)
    const id = (item as { id?: unknown } | null)?.id
    const at = `${where}.sources[${i}]${typeof id === 'string' ? ` (${id})` : ''}`
    if (!parsed.success) { problems.push(...issueText(parsed.error, at)); return }
    const source = fromCsl(parsed.data as CslItem)
    if (ids.has(source.id)) { problems.push({ where: at, what: `the id "${source.id}" is used twice; the first is kept.` }); return }
    if (isEmpty(source)) problems.push({ where: at, what: 'the source has no field; give at least a title or an author.' })
    ids.add(source.id)
    out.push(source)
  })
  return out
}
