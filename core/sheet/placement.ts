/**
 * Where a citation stands in its sentence. The text keeps one form for every style: before the mark that ends the
 * sentence and outside quotation marks, and behind the last stop of a block quotation. Styles with raised numbers show it
 * behind the mark. Sources: APA 7, 8.10–8.11, 8.27; MLA Handbook 9, 6.43, 6.50; Chicago 18, 12.76–12.79, 13.27–13.28.
 */

import { ENDS_ABBREVIATED } from '../text/lists/abbreviations'
import { leadNames } from '../source/facts'
import type { Source } from '../source/model'
import { surname } from '../source/names'
import { countOf } from '../text/words'
import { linesOf } from './measure'
import type { Style } from '../styles/schema'
import type { CitationData, DocNode } from './document'

/** What is done to the text around the cursor when a citation is put there. */
export interface Placed {
  /** Characters to take away before the cursor. */
  takeBefore: number
  /** … and what stands in their place, before the citation. */
  before: string
  /** Characters to take away behind the cursor. */
  takeAfter: number
  /** … and what stands there, behind the citation. */
  after: string
}

/** What bears on a place stands in so many letters before it; a paragraph of thousands of citations is not read again for each. */
const NEAR = 4000
/** The sentence's last mark, with the quotation marks that close behind it. */
const ENDING = /([.,;:?!])([”’"')\]]*)[ \u00A0]*$/u

/**
 * @param whole the text of the paragraph before the cursor; @param after the text behind it
 * @param block whether it stands in a block quotation
 */
export function place(whole: string, after: string, block: boolean): Placed {
  const before = whole.slice(-NEAR)
  const space = /[ \u00A0]*$/u.exec(before)![0].length
  const body = before.slice(0, before.length - space)
  const opening = body === '' || /[([{“‘—]$/u.test(body)
  if (block) {
    // Behind the last stop: one that was typed behind the cursor comes before the citation.
    const stop = /^[ \u00A0]*([.?!][”’"']*)[ \u00A0]*$/u.exec(after)
    return {
      takeBefore: space,
      before: `${stop ? stop[1] : ''}${opening && !stop ? '' : ' '}`,
      takeAfter: stop ? after.length : 0,
      after: '',
    }
  }
  const ending = ENDING.exec(before)
  const next = after.replace(/^[ \u00A0]+/u, '')
  const ends = next === '' || /^[\p{Lu}“‘"([\p{N}]/u.test(next)
  const bracketed = /[)\]]/u.test(ending?.[2] ?? '')
  if (
    ending
    && !bracketed
    && !(
      ending[1] === '.'
      && (ENDS_ABBREVIATED.test(before.slice(0, ending.index)) || /\.\s?\.\s?\.$/u.test(before.slice(0, ending.index + 1)))
    )
    && (ends || /[,;]/u.test(ending[1]!))
  ) {
    const [whole, mark, closing = ''] = ending as unknown as [string, string, string]
    const question = /[?!]/u.test(mark)
    // “Why?” keeps its mark inside; the sentence gets a stop of its own.
    if (question && closing)
      return { takeBefore: whole.length, before: `${mark}${closing} `, takeAfter: 0, after: /^\s*[.,;:?!]/u.test(after) ? '' : '.' }
    return { takeBefore: whole.length, before: `${closing} `, takeAfter: 0, after: mark }
  }
  return { takeBefore: space, before: opening ? '' : ' ', takeAfter: 0, after: after !== '' && /^[\p{L}\p{N}“‘(]/u.test(after) ? ' ' : '' }
}

/** The marks that the number of a note stands behind: every one but the dash (Chicago 18, 13.27; APA 7, 2.13; MLA Handbook 9, 7.1). */
const NOTE_MARKS = '.,;:?!'

/**
 * How a citation's raised number goes with the marks that follow it: the marks it stands behind, and whether it is the
 * number alone that stands there. Undefined when nothing of it is raised.
 */
export function raisedFor(
  style: Style,
  { items, form, words, inNote }: Pick<CitationData, 'items' | 'form' | 'words' | 'inNote'>,
): { marks: string, bare: boolean } | undefined {
  const { system, numbers } = style.citation
  if (system === 'notes') return { marks: NOTE_MARKS, bare: form !== 'narrative' }
  const said = Boolean(words?.before?.trim() || words?.after?.trim())
  if (said || (words && !items.length)) return { marks: NOTE_MARKS, bare: !items.length || inNote === true }
  return numbers?.behind
    ? { marks: numbers.behind, bare: form !== 'narrative' && !items.some((item) => item.prefix || item.suffix || item.original) }
    : undefined
}

/** What is shown before a raised number: marks from behind the citation, into the quotation where the style sets them there. */
export interface Raised {
  /** Characters behind the citation that are shown before its number. */
  ahead: string
  /** Closing quotation marks before the citation that they are shown inside of. */
  inside: string
}

/**
 * @param whole the text before the citation; @param after the text behind it; @param marks those the number stands behind
 * @param stopsInside whether the style sets commas and full stops inside closing quotation marks
 */
export function raisedAt(whole: string, after: string, marks: string, stopsInside: boolean): Raised {
  const before = whole.slice(-NEAR)
  let n = 0
  while (n < after.length && marks.includes(after[n]!)) n++
  if (!n) return { ahead: '', inside: '' }
  const ahead = after.slice(0, n) + (/^[”’"']/u.exec(after.slice(n))?.[0] ?? '')
  if (!stopsInside || !/^[.,]/u.test(ahead)) return { ahead, inside: '' }
  const quote = /[”"’']+(?=[ \u00A0]*$)/u.exec(before)?.[0] ?? ''
  // An apostrophe at the end of a plural is no quotation mark.
  const closes = quote && (/[”"]/u.test(quote) || (before.match(/‘/gu)?.length ?? 0) > 0)
  // A question inside its quotation keeps its own mark; the sentence's stop is not shown as well.
  return { ahead, inside: closes ? quote : '' }
}

/** How much of the end of `before` names the author already, in characters with the space behind; 0 when it does not. */
export function namedBefore(before: string, names: string): number {
  const bare = names.trim().replace(/[’']s$/u, '')
  if (!bare) return 0
  const match = /^([\s\S]*?)([ \u00A0]*)$/u.exec(before)!
  const body = match[1]!.replace(/,$/u, '')
  if (!body.toLowerCase().endsWith(bare.toLowerCase())) return 0
  const ahead = body.slice(0, body.length - bare.length)
  return ahead === '' || /[^\p{L}\p{N}]$/u.test(ahead) ? bare.length + match[2]!.length + (match[1]!.length - body.length) : 0
}

/** Words of a quotation and whether it becomes a block by the style's own limit. Source: each style's `page.blockQuote`. */
export function isBlock(words: string, limit: { words?: number, lines?: number }, verse = false): boolean {
  const lines = words.trim().split('\n').length
  // Verse is set off from the fourth line on in the styles that count lines (MLA Handbook 9, 6.36).
  if (verse || lines > 1) return lines > (limit.lines ? limit.lines - 1 : 3)
  if (limit.words === undefined) return linesOf(`“${words.trim()}”`) > (limit.lines ?? 4)
  return countOf(words) >= limit.words
}

/** The ways a sentence says who made a source: "Okonjo", "Vasquez and Thorne", "Abara et al.", "Abara and colleagues". */
export function spokenNames(source: Source): string[] {
  const names = leadNames(source).map(surname)
  const [first] = names
  if (!first) return []
  const joined =
    names.length === 2
      ? [`${first} and ${names[1]}`, `${first} & ${names[1]}`]
      : names.length > 2
        ? [`${names.slice(0, -1).join(', ')}, and ${names.at(-1)}`, `${first} et al.`, `${first} and others`, `${first} and colleagues`]
        : []
  return [...joined, first]
}

/**
 * A document from elsewhere with its citations in the one form of the text: a note that stood behind the stop is a
 * citation before it. Notes of words alone stay where they are.
 */
export function placeAll(node: DocNode, block = false): DocNode {
  if (!node.content) return node
  const content = node.content.map(child => placeAll(child, node.type === 'blockquote' || (block && child.type !== 'blockquote')))
  for (let i = 1; i < content.length; i++) {
    const [last, one, next] = [content[i - 1]!, content[i]!, content[i + 1]]
    if (one.type !== 'citation' || last.type !== 'text') continue
    if (!(one.attrs?.data as { items?: unknown[] } | undefined)?.items?.length) continue
    // One that was typed against its word has its space.
    if (/[\p{L}\p{N}%][”’"')\]]*$/u.test(last.text ?? '')) { content[i - 1] = { ...last, text: `${last.text} ` }; continue }
    if (!/[.,;:?!][”’"')\]]*$/u.test(last.text ?? '')) continue
    const after = next?.type === 'text' ? next.text ?? '' : ''
    const placed = place(last.text!, after, block)
    content[i - 1] = { ...last, text: last.text!.slice(0, last.text!.length - placed.takeBefore) + placed.before }
    const rest = placed.after + after.slice(placed.takeAfter)
    if (next?.type === 'text') content[i + 1] = { ...next, text: rest }
    else if (rest) content.splice(i + 1, 0, { type: 'text', text: rest })
  }
  return { ...node, content: content.filter(child => child.type !== 'text' || child.text) }
}
