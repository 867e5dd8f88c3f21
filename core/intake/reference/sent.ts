/** Titles that are descriptions: what was sent, to whom; who was asked, by whom. */
import { readDate } from '../../source/dates'
import type { KindId } from '../../source/kinds'
import { readInnerNames } from './names'
import type { Peeler } from './peel'
import type { Piece } from './text'

/** "Letter to Agnes Whitcombe", "Email to the author", "Interview by Hugh Fitzalan": a description in the place of a title. */
const SENT = /^(?:\[)?(letter|postcard|e-?mail(?: message)?|text message|telegram|memo(?:randum)?|note)s? to (.{3,80}?)\]?$/iu
const ASKED = /^(?:personal |telephone |phone |unpublished |oral history )?interview (?:by|with|conducted by) (.{3,80}?)$/iu
export function saidByTitle(peeler: Peeler, piece: Piece): KindId | 'no title' | undefined {
  let { text } = piece.trim('\\s.,:;')
  // "Letter to Agnes Whitcombe, Feb 9, 1930", "Letter to Agnes Whitcombe (9 February 1930)"
  const dated = /^(.{8,100}?)(?:,| \()\s?((?=[^,()]*\d)[^()]{4,24})\)?$/u.exec(text)
  const day = dated && readDate(dated[2]!)
  if (day && (day.start ?? /^(?:\d{1,2} \p{L}+|\p{L}+ \d{1,2})$/u.test(dated[2]!)) && (SENT.test(dated[1]!) || ASKED.test(dated[1]!))) {
    text = dated[1]!
    if (day.start) peeler.set('issued', day)
    peeler.titleAlone = text
  }
  const asked = ASKED.exec(text)
  if (asked) {
    peeler.set('interviewer', readInnerNames(asked[1]!.replace(/ (?:II|III|IV)$/u, '')) ?? [{ literal: asked[1]! }])
    peeler.says.push('interview')
    return 'no title'
  }
  const sent = SENT.exec(text)
  if (!sent || /^the editor/iu.test(sent[2]!)) return undefined
  const own = /^(?:the )?author$/iu.test(sent[2]!)
  const recipient = own ? undefined : readInnerNames(sent[2]!)
  if (!own && (!recipient || !/^\p{Lu}/u.test(sent[2]!))) return undefined
  peeler.set('genre', `${sent[1]![0]!.toUpperCase()}${sent[1]!.slice(1).toLowerCase()}`)
  if (recipient) peeler.set('recipient', recipient)
  return own ? 'no title' : 'archival-item'
}
export const toldKind = (peeler: Peeler): KindId => (peeler.fields.interviewer ? 'interview' : 'personal-communication')
