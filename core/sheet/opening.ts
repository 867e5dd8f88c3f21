/**
 * What stands before the text: a title page (APA 7, 2.3–2.8; Turabian 9, A.2.1.2) or heading lines and the title (MLA
 * Handbook 9, 1.3), the abstract with its keywords (APA 7, 2.9–2.10), acknowledgements, contents.
 */
import { PARTICLES } from '../text/lists/particles'
import { readDate, MONTHS } from '../source/dates'
import { DETAILS, type Detail } from '../styles/ids'
import { countWords } from './count'
import type { Printing } from './printing'
import { titleRuns } from './title'
import type { Origin, PrintedParagraph, PrintedRun, PrintedSection } from './printed'
import type { Role } from '../styles/roles'
import type { Style } from '../styles/schema'

/** The writers of a paper, one a line or between semicolons. */
export const writersOf = ({ writer = '' }: Readonly<Record<string, string>>): string[] =>
  writer.split(/[\n;]/u).map(one => one.trim()).filter(Boolean)

const SUFFIX = /^(?:jr|sr|ii|iii|iv)\.?$/iu
/** A writer's surname as the head of a page gives it, with its particles and without "Jr." */
function surnameOf(name: string): string {
  if (name.includes(',')) return name.split(',')[0]!.trim()
  const words = name.split(/\s+/u)
  while (words.length > 1 && SUFFIX.test(words.at(-1)!)) words.pop()
  let from = words.length - 1
  while (from > 1 && PARTICLES.has(words[from - 1]!.toLowerCase())) from--
  return words.slice(from).join(' ')
}
/** Of all its writers, as far as they fit (MLA Handbook 9, 1.4): beyond three the number stands alone. */
export function surnamesOf(details: Readonly<Record<string, string>>): string {
  const names = writersOf(details).map(surnameOf)
  return names.length > 3 ? '' : names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : (names[0] ?? '')
}

/** The paper's own date in the style's order; one that is no day stands as it was typed. */
export function paperDate({ page }: Style, typed: string): string {
  const { start, end, literal } = readDate(typed) ?? {}
  if (!start?.month || start.day === undefined || end || literal) return typed.trim()
  const month = MONTHS[start.month - 1]!
  return page.date === 'month-day-year' ? `${month} ${start.day}, ${start.year}` : `${start.day} ${month} ${start.year}`
}

/** Details the style asks for, in its order, that are not given. */
export const missingDetails = ({ style, details }: Pick<Printing, 'style' | 'details'>): Detail[] =>
  style.page.details.filter(key => !details[key]?.trim())

const NAMED: Record<Detail, string> = {
  writer: 'Your name',
  instructor: 'Instructor',
  course: 'Course',
  institution: 'Institution',
  date: 'Date',
}

const paragraph = (role: Role, text: string, from?: Origin, over: Partial<PrintedParagraph> = {}): PrintedParagraph =>
  ({ is: 'paragraph', role, runs: text ? [{ text }] : [], ...(from ? { from } : {}), ...over })

/** The lines of some details in order; one that is asked for and missing stands named where it will be, for the screen. */
function linesOf(printing: Printing, order: readonly Detail[], role: Role): PrintedParagraph[] {
  const { style, details, showMissing } = printing
  return order.flatMap((key): PrintedParagraph[] => {
    const from = { detail: key }
    if (key === 'writer' && writersOf(details).length) {
      const writers = writersOf(details)
      // Writers share a line on a title page (APA 7, 2.5) and have one each in a heading (MLA Handbook 9, 1.3).
      const lines = role === 'opening-line' ? writers : [joined(writers, style)]
      const number = details.studentNumber?.trim()
      return [...lines, ...(number ? [number] : [])].map(line => paragraph(role, line, from))
    }
    const said = key === 'date' ? paperDate(style, details.date ?? '') : (details[key] ?? '').trim()
    if (said) return said.split('\n').map(line => paragraph(role, line.trim(), from))
    return showMissing && style.page.details.includes(key) ? [paragraph(role, NAMED[key], from, { missing: true })] : []
  })
}
const joined = (names: readonly string[], { names: forms }: Style): string => {
  const pair = forms.narrative?.pair
  const and = typeof pair === 'string' && /\w/u.test(pair) ? pair : ' and '
  return names.length < 3 ? names.join(and) : `${names.slice(0, -1).join(', ')},${and}${names.at(-1)}`
}

/** The count of words, where the writer wants it said. */
function wordCount({ details, body }: Printing, role: Role): PrintedParagraph[] {
  if (details.sayWords !== 'yes') return []
  return [paragraph(role, `Word count: ${countWords(body).toLocaleString('en')}`)]
}

/** Sections before the text, each on a page of its own, and whether their pages have roman numbers. */
export function frontMatter(printing: Printing): { front: Omit<PrintedSection, 'numbers'>[], roman: boolean } {
  const { choices, style, title, details } = printing
  if (choices.sort === 'notes' || choices.sort === 'slides') return { front: [], roman: false }
  const section = (is: PrintedSection['is'], blocks: PrintedParagraph[]) => (blocks.length ? [{ is, newPage: true, blocks }] : [])
  const order: Detail[] = choices.professional ? ['writer', 'institution'] : ['writer', 'institution', 'course', 'instructor', 'date']
  const titlePage = choices.titlePage
    ? [
        paragraph('title-page-title', '', { detail: 'title' }, { runs: titleRuns(title), anchor: 'title' }),
        ...linesOf(printing, order, 'title-page-line'),
        ...wordCount(printing, 'title-page-line'),
        ...authorNote(details),
      ]
    : []
  const own = choices.titlePage
  // A list handed in by itself has its title page, and nothing else before it.
  if (choices.sort !== 'paper') return { front: section('title-page', titlePage), roman: false }
  const front = [
    ...section('title-page', titlePage),
    ...section('abstract', own ? abstractOf(details) : []),
    ...section('abstract', longOf(details.acknowledgements, 'Acknowledgments', 'acknowledgements')),
    ...section('contents', choices.contents ? [paragraph('contents-heading', 'Contents', undefined, { anchor: 'contents' })] : []),
    ...section('contents', choices.figures ? [paragraph('contents-heading', 'Tables and Figures', undefined, { anchor: 'figures' })] : []),
  ]
  const roman = Boolean(style.page.frontRoman) && front.length > (own ? 1 : 0)
  return { front, roman }
}

/** Notes about the author stand in the lower half of the title page (APA 7, 2.7). */
function authorNote({ authorNote = '' }: Readonly<Record<string, string>>): PrintedParagraph[] {
  const lines = authorNote.split(/\n+/u).filter(line => line.trim())
  const from = { detail: 'authorNote' } as const
  return lines.length
    ? [
        paragraph('abstract-heading', 'Author Note', from, { look: { before: 83 } }),
        ...lines.map(line => paragraph('title-page-note', line.trim(), from)),
      ]
    : []
}

function longOf(text: string | undefined, heading: string, detail: 'acknowledgements'): PrintedParagraph[] {
  const lines = (text ?? '').split(/\n+/u).filter(line => line.trim())
  return lines.length
    ? [paragraph('abstract-heading', heading, { detail }, { anchor: detail }), ...lines.map(line => paragraph('body', line.trim(), { detail }))]
    : []
}

function abstractOf({ abstract = '', keywords = '' }: Readonly<Record<string, string>>): PrintedParagraph[] {
  const lines = abstract.split(/\n+/u).filter(line => line.trim())
  const words: PrintedRun[] = [{ text: 'Keywords:', italic: true }, { text: ` ${keywords.trim()}` }]
  return [
    ...(lines.length ? [paragraph('abstract-heading', 'Abstract', { detail: 'abstract' }, { anchor: 'abstract' })] : []),
    ...lines.map(line => paragraph('abstract', line.trim(), { detail: 'abstract' })),
    ...(keywords.trim() ? [paragraph('keywords', '', { detail: 'keywords' }, { runs: words })] : []),
  ]
}
/**
 * What stands at the head of the text's first page.
 * @param front the sections before it: with a title page the title stands again only where the style has it so
 */
export function openingOf(printing: Printing, front: readonly unknown[]): PrintedParagraph[] {
  const { style, title, details, choices } = printing
  const { page } = style
  const own = { runs: titleRuns(title), ...(choices.titlePage && front.length ? {} : { anchor: 'title' }) }
  if (choices.sort === 'slides') return []
  const heading = paragraph('title', '', { detail: 'title' }, own)
  if (choices.titlePage && front.length) return page.titleAgain && choices.sort === 'paper' ? [heading] : []
  const asked = new Set<Detail>(page.details)
  // An institution stands in a heading where the style asks for one; other details wherever they are given.
  const order = DETAILS.filter(key => key !== 'institution' || asked.has('institution'))
  const lines = linesOf(printing, order, 'opening-line')
  const count = wordCount(printing, 'opening-line')
  const abstract = abstractOf(details)
  return page.titleFirst ? [heading, ...lines, ...count, ...abstract] : [...lines, ...count, heading, ...abstract]
}
