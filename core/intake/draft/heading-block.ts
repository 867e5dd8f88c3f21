/**
 * What students type at the top of a paper: a heading block of name, instructor, course, date and the title under it, or a
 * page of its own with the title first. It is Hand in's to set, so it is understood and offered, never taken (MLA Handbook
 * 9, 1.3; APA 7, 2.3; Turabian 9, A.2.1.2).
 */
import { PARTICLE } from '../../text/lists/particles'
import type { DocNode } from '../../sheet/document'
import { readDate } from '../../source/dates'
import type { Detail } from '../../styles/ids'

export interface HeadingBlock {
  details: Partial<Record<Detail, string>>
  title?: string
  /** Blocks of the draft, from the first to before the second, the title's among them. */
  from: number
  to: number
}

/** Longer lines are text. */
const SHORT = 90
/** Within so many lines the date must come. */
const LINES = 6
const TEACHER = /^(?:Dr|Prof|Professor|Mr|Mrs|Ms|Mx|Instructor|Tutor|Lecturer|Teacher)\b\.?:?\s*/u
const PLACE = /\b(?:University|College|School|Institute|Academy|Department|Faculty|Seminary)\b/u
const COURSE = /\d|:|\b(?:English|History|Biology|Chemistry|Physics|Seminar|Composition|Literature|Studies|Course|Module)\b/u
const NAME = new RegExp(String.raw`^\p{Lu}[\p{L}.’'-]*(?:\s+(?:\p{Lu}[\p{L}.’'-]*|${PARTICLE}|bin)){1,4}$`, 'u')

const plain = (node: DocNode): string => (node.type === 'text' ? (node.text ?? '') : node.type === 'hardBreak' ? '\n' : (node.content ?? []).map(plain).join(''))
const isDate = (line: string): boolean => line.length < 40 && /\b(?:19|20)\d{2}\b/u.test(line) && Boolean(readDate(line)?.start)

/** A line, and the block that it stands in. */
interface Line { line: string, block: number }

/** What a line under the writer's name says. */
const sortOf = (line: string): Detail => (
  TEACHER.test(line) ? 'instructor' : PLACE.test(line) ? 'institution' : COURSE.test(line) ? 'course' : NAME.test(line) ? 'instructor' : 'course'
)
function say(details: HeadingBlock['details'], line: string, what = sortOf(line)): void {
  details[what] = details[what] ? `${details[what]}, ${line}` : line.replace(/^(?:Instructor|Tutor|Lecturer|Teacher):\s*/u, '')
}

/** @param known the draft's title, where it stood alone above these blocks and is no longer among them */
export function headingBlockIn(blocks: readonly DocNode[], known?: string): HeadingBlock | undefined {
  const block = linesOfHeading(blocks, known !== undefined && known !== '')
  // A title may read as a name; then what stands under it is the page that it heads, unless a title of its own does.
  return block?.title ? block : titlePageIn(blocks, known) ?? block
}

/** A sentence, or words with a citation or a raised number behind them: no line of a heading. */
const isSaid = (block: DocNode): boolean =>
  block.content?.some(child => child.type === 'citation' || child.marks?.some(mark => mark.type === 'superscript')) === true
  || (/[.?!][”’"')]?\s*$/u.test(plain(block)) && plain(block).trim().split(/\s/u).length > 5)
/** A paragraph of the paper itself, or a heading over it. */
const isText = (block: DocNode): boolean => block.type === 'heading' || plain(block).trim().length > SHORT || isSaid(block)

function linesOfHeading(blocks: readonly DocNode[], titleKnown: boolean): HeadingBlock | undefined {
  const lines: Line[] = []
  for (const [at, block] of blocks.slice(0, LINES + 1).entries()) {
    const typed = plain(block).split('\n').map(line => line.trim()).filter(Boolean)
    const holds = block.type === 'paragraph' || block.type === 'heading'
    if (!holds || typed.some(line => line.length > SHORT) || block.content?.some(child => child.type === 'citation')) break
    lines.push(...typed.map(line => ({ line, block: at })))
  }
  const date = lines.slice(0, LINES).findIndex(({ line }) => isDate(line))
  const writer = lines[0]?.line
  if (date < 1 || !writer || !NAME.test(writer) || /\p{L}{3}\.$/u.test(writer)) return undefined
  const details: HeadingBlock['details'] = { writer, date: lines[date]!.line }
  for (const { line } of lines.slice(1, date)) say(details, line)
  const ends = (at: number): boolean => lines[at + 1]?.block !== lines[at]!.block
  if (!ends(date)) return undefined
  // The title stands alone on the line behind it, before the first paragraph.
  const title = lines[date + 1]
  const follows = title && blocks[title.block + 1]
  const titled = title && !titleKnown && !isSaid(blocks[title.block]!) && ends(date + 1) && !/[.,;:]\d*$/u.test(title.line) && follows && isText(follows)
  return { details, from: 0, to: (titled ? title : lines[date]!).block + 1, ...(titled ? { title: title.line } : {}) }
}

/** Lines of a title page, its title's among them; more make no page of details. */
const PAGE_LINES = 12
const LONGEST_TITLE = 200
/** A running head or a page's number above the title. */
const ABOVE = /^(?:running head:.*|(?:page )?\d{1,3})$/iu
const bare = (line: string): string => line.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ').trim()
const writers = (line: string): string[] =>
  line.replace(/^(?:by|written by|author:)\s+/iu, '').split(/,|&| and /u).map(name => name.trim()).filter(Boolean)
function isWriters(line: string): boolean {
  const names = line.length < SHORT && !TEACHER.test(line) ? writers(line) : []
  return names.length > 0 && names.every(name => NAME.test(name) && !PLACE.test(name))
}

/** The title, who wrote it, and at least two of where, for which course, for whom and when. */
function titlePageIn(blocks: readonly DocNode[], known?: string): HeadingBlock | undefined {
  const lines: Line[] = known ? [{ line: known, block: -1 }] : []
  let end = 0
  for (; end < blocks.length && lines.length <= PAGE_LINES; end++) {
    const block = blocks[end]!
    const words = plain(block).trim()
    const repeated = lines.length > 1 && bare(words) === bare(lines[0]!.line)
    const text = words.split('\n').some(line => line.trim().length > (lines.length < 2 ? LONGEST_TITLE : SHORT))
    if (repeated || text || (block.type !== 'paragraph' && block.type !== 'heading') || (block.type === 'heading' && lines.length > 1)) break
    if (lines.length > 1 && isSaid(block)) break
    if (!lines.length && ABOVE.test(words)) continue
    for (const line of words.split('\n')) if (line.trim()) lines.push({ line: line.trim(), block: end })
  }
  const by = lines.findIndex(({ line }, i) => i > 0 && i < 4 && isWriters(line))
  if (by < 0 || lines.length > PAGE_LINES || lines.slice(0, by).some(({ line }) => /[.,;]$/u.test(line))) return undefined
  const details: HeadingBlock['details'] = { writer: writers(lines[by]!.line).join('; ') }
  let last = by
  for (const { line } of lines.slice(by + 1)) {
    const dated = isDate(line) || readDate(line)?.start?.month !== undefined
    if (!dated && !TEACHER.test(line) && !PLACE.test(line) && !COURSE.test(line) && !NAME.test(line)) break
    say(details, line, dated ? 'date' : sortOf(line))
    last++
  }
  // A line of which part is none of these stays, and all behind it.
  while (last > by && lines[last + 1]?.block === lines[last]!.block) last--
  if (Object.keys(details).length < 3 || lines[last + 1]?.block === lines[last]!.block) return undefined
  const title = lines.slice(0, by).map(({ line }) => line).join(' ').replace(/\s+/gu, ' ')
  let to = lines[last]!.block + 1
  // The title stands again over the text.
  if (last === lines.length - 1) {
    if (blocks[to]?.type === 'pageBreak') to++
    if (blocks[to] && bare(plain(blocks[to]!)) === bare(title)) to++
  }
  return { details, title, from: 0, to }
}
