/** Titles that are descriptions: what was sent, to whom; who was asked, by whom. */
import { readDate } from '../../source/dates'
import type { KindId } from '../../source/kinds'
import { readInnerNames } from './names'
import type { Peeler } from './peel'
import type { Piece } from './text'

/** "Letter to Agnes Whitcombe", "Email to the author", "Interview by Hugh Fitzalan": a description in the place of a title. */
const SENT = /^(?:\[)?(letter|postcard|e-?mail(?: message)?|text message|telegram|memo(?:randum)?|note)s? to (.{3,80}?)\]?$/iu
const ASKED = /^(?:personal |telephone |phone |unpublished |oral history )?interview (?:by|with|conducted by) (.{3,80}?)$/iu
/** What is said of things that somebody keeps. */
export const KEPT = /\b(?:archives?|papers|library|record office|box \d)\b/iu

/** @returns what it is, and its title without a day that stood in it; none where the description is all there is */
export function describedBy(peeler: Peeler, piece: Piece): { kind: KindId | undefined, title: string | undefined } | undefined {
  const whole = piece.trim('\\s.,:;').text
  let text = whole
  // "Letter to Agnes Whitcombe, Feb 9, 1930", "Letter to Agnes Whitcombe (9 February 1930)"
  const dated = /^(.{8,100}?)(?:,| \()\s?((?=[^,()]*\d)[^()]{4,24})\)?$/u.exec(text)
  const day = dated ? readDate(dated[2]!) : undefined
  const isDay = day?.start !== undefined || /^(?:\d{1,2} \p{L}+|\p{L}+ \d{1,2})$/u.test(dated?.[2] ?? '')
  if (dated && isDay && (SENT.test(dated[1]!) || ASKED.test(dated[1]!))) {
    text = dated[1]!
    if (day?.start) peeler.set('issued', day)
  }
  const asked = ASKED.exec(text)
  if (asked) {
    peeler.set('interviewer', readInnerNames(asked[1]!) ?? [{ literal: asked[1]! }])
    return { kind: 'interview', title: undefined }
  }
  const sent = SENT.exec(text)
  if (!sent || /^the editor/iu.test(sent[2]!)) return undefined
  const isOwn = /^(?:the )?author$/iu.test(sent[2]!)
  const recipient = isOwn || !/^\p{Lu}/u.test(sent[2]!) ? undefined : readInnerNames(sent[2]!)
  // "Letter to the harbour commissioners, June 3, 1897": its day is no part of it all the same.
  if (!isOwn && !recipient) return text === whole ? undefined : { kind: KEPT.test(peeler.rest.text) ? 'archival-item' : undefined, title: text }
  peeler.set('genre', `${sent[1]![0]!.toUpperCase()}${sent[1]!.slice(1).toLowerCase()}`)
  peeler.set('recipient', recipient)
  return isOwn ? { kind: 'personal-communication', title: undefined } : { kind: 'archival-item', title: text }
}
