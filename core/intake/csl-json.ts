/** CSL-JSON as an import: a list of items, one item, or an object that holds the list. */
import { cslItemSchema, fromCsl, type CslItem } from '../source/csl'
import { fieldsSchema, isEmpty } from '../source/model'
import { allFrom, type Intake, type Problem, type Progress, type Proposal } from './proposal'

/** Reads CSL-JSON text; items that are none are named and left out. Text that is no JSON is one problem. */
export function readCslJson(text: string, progress?: Progress): Intake {
  let value: unknown
  try { value = JSON.parse(text.replace(/^\uFEFF/u, '')) }
  catch (error) { return { proposals: [], problems: [{ where: 'file', what: `is not JSON: ${(error as Error).message}` }] } }
  const held = value as { items?: unknown, references?: unknown } | null
  const items = Array.isArray(value)
    ? value
    : Array.isArray(held?.items)
      ? held.items
      : Array.isArray(held?.references)
        ? held.references
        : [value]
  const problems: Problem[] = []
  const proposals: Proposal[] = []
  items.forEach((raw: unknown, i) => {
    if (progress && i % 500 === 0) progress(i / items.length)
    // An item without an id is still a source: it gets a key here.
    const item =
      typeof raw === 'object' && raw !== null && !Array.isArray(raw) && (raw as { id?: unknown }).id === undefined
        ? { ...raw, id: `item-${i + 1}` }
        : raw
    const given = (raw as { id?: unknown } | null)?.id
    const where = `item ${i + 1}${typeof given === 'string' ? ` (${given})` : ''}`
    const parsed = cslItemSchema.safeParse(item)
    if (!parsed.success) {
      const [issue] = parsed.error.issues
      problems.push({ where: [where, ...(issue?.path ?? [])].map(String).join('.'), what: issue?.message ?? 'is no CSL-JSON item.' })
      return
    }
    const { kind, fields, origin } = fromCsl(parsed.data as CslItem)
    const tidy = fieldsSchema.safeParse(fields)
    if (!tidy.success) { problems.push({ where, what: tidy.error.issues[0]?.message ?? 'has a field that cannot be kept.' }); return }
    if (isEmpty({ fields })) { problems.push({ where, what: 'has no field that Dendle knows; it was left out.' }); return }
    proposals.push({
      kind,
      fields,
      from: allFrom(fields, 'file', 'the CSL-JSON file'),
      ...(given === undefined ? {} : { key: String(given) }),
      ...(origin ? { origin } : {}),
      where,
      doubts: [],
    })
  })
  return { proposals, problems }
}
