/** The `compare` verb of the `dendle` command: a list made elsewhere beside a job's own, as plain data. */
import { compose, composeAlone, filingOrder } from '../compose/compose'
import type { ListEntry } from '../compose/paper'
import { docxParagraphs } from '../intake/docx-paragraphs'
import { decode, NO_TEXT } from '../intake/decode'
import { readCited, type Problem } from '../intake/job'
import { readPaperJob, type ReadPaper } from '../intake/paper-job'
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import { parseRich } from '../text/rich'
import { toMarkup, type Run } from '../text/runs'
import { compareLists } from './compare'
import { fromParagraphs, readListElsewhere, type ListElsewhere, type Lettered } from './elsewhere'

export interface ReportedDifference { kind: string, says: string, source: string, given: string, wanted: string, of: string }
export interface CompareResult {
  style: string
  entries: { source: string, given: string, wanted: string, right: boolean, differences: ReportedDifference[] }[]
  order: { source: string, says: string }[]
  missing: string[]
  extra: string[]
  page: string[]
  right: number
}

/** A file as a list: a document by its first bytes, a page by its tags or its name, text otherwise. */
export function readListFile(bytes: Uint8Array, name: string): ListElsewhere | { problem: string } {
  if (bytes[0] === 0x50 && bytes[1] === 0x4B) {
    const paragraphs = docxParagraphs(bytes)
    if (!paragraphs) return { problem: 'is a packed file, but no word-processor document; save the list as .docx, .html or .txt.' }
    return fromParagraphs(paragraphs.map(({ pieces, hanging, spacing, face, size, centred, numbered }) => ({
      pieces,
      look: {
        ...(hanging === undefined ? {} : { hanging }),
        ...(spacing === undefined ? {} : { spacing }),
        ...(face ? { face } : {}),
        ...(size ? { size } : {}),
        ...(centred ? { centred } : {}),
      },
      ...(numbered ? { numbered } : {}),
    })), true)
  }
  const { text, noText } = decode(bytes)
  if (noText) return { problem: NO_TEXT }
  const html = /\.html?$/iu.test(name) || /^\s*<(?:!doctype|html|p|div|ol|ul|body|meta|h\d)\b/iu.test(text)
  return readListElsewhere(text, html ? 'html' : 'text')
}

const markup = (pieces: readonly Lettered[]): string =>
  toMarkup(
    pieces.map(({ text, italic, bold }): Run => ({
      text,
      part: 'glue',
      rules: [],
      ...(italic ? { italic } : {}),
      ...(bold ? { bold } : {}),
    })),
  ).trim()

export function runCompare(
  input: unknown,
  list: { bytes: Uint8Array, name: string },
  where = 'job',
): { result: CompareResult | null, problems: Problem[] } {
  const read = readListFile(list.bytes, list.name)
  if ('problem' in read) return { result: null, problems: [{ where: list.name, what: read.problem }] }
  const { job, problems } = readEither(input, where)
  if (!job) return { result: null, problems }
  if (!read.entries.length) problems.push({ where: list.name, what: 'no reference was found in it; give each a paragraph of its own.' })
  return { problems, result: comparedAs(job, read) }
}

/** A list made elsewhere beside that of a style, sources and their composed list. */
export function comparedAs(
  { style, sources, list }: { style: Style, sources: readonly Source[], list: readonly ListEntry[] }, other: ListElsewhere,
): CompareResult {
  const compared = compareLists(style, list, sources, other)
  return {
    style: style.id,
    entries: compared.entries.map(({ source, given, wanted, right, differences }) => ({
      source,
      given: markup(given.pieces),
      wanted: toMarkup(wanted.runs),
      right,
      differences: differences.map(({ kind, says, source, given, wanted, of }) => ({ kind, says, source, given, wanted, of })),
    })),
    order: [...compared.order],
    missing: [...compared.missing],
    extra: compared.extra.map(one => markup(one.pieces)),
    page: [...compared.page],
    right: compared.right,
  }
}

/**
 * A paper's own typed list beside what its sources would print.
 * @param references a reference a line of rich text @param file what a document says of how its list is set
 */
export function comparedWithOwn(
  { style, sources, composition }: Pick<ReadPaper, 'style' | 'sources' | 'composition'>, references: readonly string[], file?: ListElsewhere,
): CompareResult {
  const rich = references.some(line => line.includes('<i>'))
  const lines = references.map(line => ({ pieces: parseRich(line), look: {} }))
  const seen = file?.entries.length === references.length ? file : undefined
  const result = comparedAs({ style, sources, list: composition.list }, seen ?? { rich, entries: lines })
  // Of a text nothing is known of how its pages look.
  return seen ? result : { ...result, page: [] }
}

/** A paper job, or a job with citations; what neither cites nor lists is not in the list, unless nothing is cited at all. */
function readEither(input: unknown, where: string): { job?: { style: Style, sources: Source[], list: ListEntry[] }, problems: Problem[] } {
  const isPaper = typeof input === 'object' && input !== null && typeof (input as { text?: unknown }).text === 'string'
  if (isPaper) {
    const { paper, problems } = readPaperJob(input, where)
    if (!paper) return { problems }
    const { style, sources, composition } = paper
    return { job: { style, sources, list: composition.list.length ? composition.list : alone(style, sources) }, problems }
  }
  const { job, problems } = readCited(input, where)
  if (!job) return { problems }
  const { style, sources, citations, alsoList } = job
  const list = citations.length ? compose(style, sources, { citations, alsoList }).list : alone(style, sources)
  return { job: { style, sources, list }, problems }
}
const alone = (style: Style, sources: readonly Source[]): ListEntry[] => {
  const byId = new Map(sources.map(source => [source.id, source]))
  return filingOrder(style, sources).flatMap((id) => {
    const runs = composeAlone(style, byId.get(id)!).reference
    return runs ? [{ id, runs, why: [] }] : []
  })
}
