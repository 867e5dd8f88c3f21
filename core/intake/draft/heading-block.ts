/**
 * The heading block that students type at the top of a paper: name, instructor, course, date, and the title under it.
 * It is Hand in's to set, so it is understood and offered, never taken (MLA Handbook 9, 1.3; APA 7, 2.3).
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

const plain = (node: DocNode): string => (node.type === 'text' ? (node.text ?? '') : (node.content ?? []).map(plain).join(node.type === 'hardBreak' ? '\n' : ''))
const isDate = (line: string): boolean => line.length < 40 && /\b(?:19|20)\d{2}\b/u.test(line) && Boolean(readDate(line)?.start)

export function headingBlockIn(blocks: readonly DocNode[]): HeadingBlock | undefined {
  const lines: string[] = []
  for (const block of blocks.slice(0, LINES + 1)) {
    const line = plain(block).trim()
    const holds = block.type === 'paragraph' || block.type === 'heading'
    if (!holds || line.length > SHORT || block.content?.some(child => child.type === 'citation')) break
    lines.push(line)
  }
  const date = lines.slice(0, LINES).findIndex(isDate)
  const writer = lines[0]
  if (date < 1 || !writer || !NAME.test(writer) || /\p{L}{3}\.$/u.test(writer)) return undefined
  const details: HeadingBlock['details'] = { writer, date: lines[date]! }
  for (const line of lines.slice(1, date)) {
    const what: Detail = TEACHER.test(line) ? 'instructor' : PLACE.test(line) ? 'institution' : COURSE.test(line) ? 'course' : NAME.test(line) ? 'instructor' : 'course'
    details[what] = details[what] ? `${details[what]}, ${line}` : line.replace(/^(?:Instructor|Tutor|Lecturer|Teacher):\s*/u, '')
  }
  // The title stands alone on the line behind it, before the first paragraph.
  const title = lines[date + 1]
  const follows = blocks[date + 2]
  const titled = title && !/[.,;:]$/u.test(title) && follows && plain(follows).trim().length > SHORT
  return { details, from: 0, to: titled ? date + 2 : date + 1, ...(titled ? { title } : {}) }
}
