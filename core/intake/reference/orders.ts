/** References in an order of their own: a work of reference before its entry, a newspaper before what it printed. */
import { setDown } from '../../source/values/spoken'
import { NEWSPAPER_WORDS } from '../../text/lists/organisations'
import type { Peeler } from './peel'
import { Piece } from './text'

/**
 * A work of reference before its entry, as the numbered styles of medicine have it: "Dictionary of place. 2nd ed. New York:
 * Garland Gate; 2005. Verge; p. 611.", "Hivepedia [Internet]. 2025 Jan 30. Waggle dance. Available from: …".
 */
const WHOLE = String.raw`(?=[^.[\]]*(?:dictionary|encyclop|pedia\b|lexicon|thesaurus))[^.[\]]{3,120}`
const CITED = String.raw`(?: \[cited [^\]]{4,30}\])?`
const DATED = String.raw`.{0,160}?\d{4}(?: [A-Z][a-z]{2}(?: \d{1,2})?)?${CITED}|.{0,120}?\[date unknown\]${CITED}`
const WHOLE_FIRST = new RegExp(
  String.raw`^(${WHOLE})( \[Internet\])?\. (${DATED})\. (\p{Lu}[^.;]{1,80})(?:; (pp?\. [\d, –-]+))?\.?( Available from: \S+)?\.?$`,
  'iu',
)
export function entryFirst(piece: Piece): Piece {
  const read = piece.length < 600 ? WHOLE_FIRST.exec(piece.text) : null
  if (!read) return piece
  const [, whole, online = '', facts, entry, pages, link = ''] = read
  return Piece.read(`${entry!}. In: <i>${whole!}</i>${online}. ${facts!}.${pages ? ` ${pages}.` : ''}${link}`)
}

/** A newspaper is called one. */
export const NEWSPAPER = new RegExp(`\\b(?:${NEWSPAPER_WORDS})\\b`, 'iu')

/** "THE TAMSIN GAZETTE, “Floating market to close”, 4 May 2023": a newspaper in the place of an author. */
export function newspaperFirst(peeler: Peeler, quoted: boolean): void {
  const { author, issued, container } = peeler.fields
  const name = author?.length === 1 ? author[0]!.literal : undefined
  if (!quoted || !name || container || !issued?.start?.day || !NEWSPAPER.test(name)) return
  delete peeler.fields.author
  peeler.set('container', setDown(name))
  peeler.says.push('newspaper')
}
