/**
 * Formatted references copied from anywhere, one a paragraph: split, taken apart, and set again in every style to see how
 * much of the original comes back. What comes back word for word was read right; the rest is marked as guessed.
 */
import { listEntry } from '../../compose/entry'
import { STYLES, type Style } from '../../styles'
import { plain } from '../../text/runs'
import { stripRich } from '../../text/rich'
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'
import type { Fields, Source } from '../../source/model'
import { inOrder } from './likeness'
import { readReference } from './reference'
import { splitReferences } from './split'
import type { Intake, Problem, Progress, Proposal } from '../proposal'

/**
 * Reads references: a pasted text, or one a line where somebody has told them apart. Paragraphs with nothing of a reference
 * in them are named and left out.
 */
export function readReferences(given: string | readonly string[], progress?: Progress): Intake {
  const proposals: Proposal[] = []
  const problems: Problem[] = []
  const pieces = typeof given === 'string' ? splitReferences(given) : given
  let last: Proposal | undefined
  let style: Style | undefined
  pieces.forEach((piece, i) => {
    progress?.(i / pieces.length)
    const where = placed(i)
    const original = piece.replace(/\*/gu, '')
    const read = readReference(piece, last?.fields.author ?? last?.fields.editor, style)
    if (!read || (read.fields.title === undefined && !namedOtherwise(read))) {
      problems.push({
        where,
        what: `“${original.slice(0, 60)}${original.length > 60 ? '…' : ''}” could not be read as a reference; type it instead.`,
      })
      return
    }
    const { fields, kind, left } = read
    const doubts: string[] = []
    if (read.gives === 1) style = read.style
    const sure = (read.gives ?? nearest({ id: 'x', kind, fields }, original).likeness) > 0.97
    const from: Proposal['from'] = Object.fromEntries(
      (Object.keys(fields) as FieldName[]).map((name) => [
        name,
        sure || read.certain.has(name)
          ? { by: 'read' as const, says: sure ? 'read, and sets again the same' : 'read from the reference' }
          : { by: 'guessed' as const, says: 'guessed from its place in the reference' },
      ]),
    )
    from.kind = sure ? { by: 'read', says: 'read, and sets again the same' } : { by: 'guessed', says: 'guessed from the parts it has' }
    if (read.repeats && !read.fields.author) doubts.push('It repeats the names of an entry before it that is not here; add them.')
    if (left) doubts.push(`No place was found for “${left}”.`)
    if (/\bet\.?\s+al\b|\. \. \.|…/u.test(original)) doubts.push('The reference leaves authors out; add those that are missing.')
    last = { kind, fields, from, original, where, doubts }
    proposals.push(last)
  })
  return { proposals, problems }
}

/** For each line of a list that was read the proposal made of it; nothing for a line that is no reference, so that numbers stay. */
export function byLine(lines: readonly string[], { proposals }: Pick<Intake, 'proposals'>): (Proposal | undefined)[] {
  const made = new Map(proposals.map(one => [one.where, one]))
  return lines.map((_, i) => made.get(placed(i)))
}
const placed = (i: number): string => `paragraph ${i + 1}`

/** What has no title of its own: a foreword to a book, a review of one, a conversation, a letter. */
const namedOtherwise = ({ kind, fields }: { kind: KindId, fields: Fields }): boolean =>
  (kind === 'foreword' && fields.container !== undefined) || fields.reviewedTitle !== undefined || fields.interviewer !== undefined
  || (kind === 'personal-communication' && fields.author !== undefined)

/** The style in which the source, set again, comes nearest to the text, and how near: 0 nothing, 1 every word in order. */
export function nearest(source: Source, text: string): { style: Style, likeness: number } {
  const wanted = words(text)
  let best = { style: STYLES[0]!, likeness: -1 }
  for (const style of STYLES) {
    const likeness = inOrder(wanted, words(plain(listEntry(style, source) ?? [])))
    if (likeness > best.likeness) best = { style, likeness }
    if (likeness === 1) break
  }
  return best
}

const words = (text: string): string[] =>
  stripRich(text)
    .toLowerCase()
    .replace(/^\s*(?:\[\d+\]|\d{1,3}[.)])\s+/u, '')
    .match(/[\p{L}\p{N}]+/gu) ?? []
