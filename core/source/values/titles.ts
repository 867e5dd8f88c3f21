/** Titles as they come: entities of HTML, a full stop at their end that is the database's. */
import { rowOf } from '../../text/lookup'

const ENTITIES: Record<string, string> = {
  'amp': '&', 'lt': '<', 'gt': '>', 'quot': '"', 'apos': '\'', '#39': '\'', '#x27': '\'', 'nbsp': ' ', '#160': ' ',
  'ndash': '–', 'mdash': '—', 'hellip': '…', 'rsquo': '’', 'lsquo': '‘', 'rdquo': '”', 'ldquo': '“', 'eacute': 'é', 'egrave': 'è', 'agrave': 'à',
  'uuml': 'ü', 'ouml': 'ö', 'auml': 'ä', 'ccedil': 'ç', 'ntilde': 'ñ', 'szlig': 'ß', 'oslash': 'ø', 'aring': 'å', 'times': '×', 'deg': '°',
}
/** Entities read once; what was written twice over ("&amp;amp;") is read twice. */
export const entities = (text: string): string => (text.includes('&') ? once(once(text)) : text)
const once = (text: string): string => text.replace(/&(#?[a-z\d]{2,8});/giu, (whole, name: string) => {
  const known = rowOf(ENTITIES, name.toLowerCase())
  if (known !== undefined) return known === '<' || known === '>' ? whole : known
  const code = /^#x([\da-f]{1,6})$/iu.exec(name)?.[1] ?? (/^#(\d{1,7})$/u.exec(name)?.[1] && Number(name.slice(1)).toString(16))
  const point = code === undefined ? NaN : Number.parseInt(code, 16)
  return point >= 32 && point < 0x110000 && !(point >= 0xd800 && point < 0xe000) ? String.fromCodePoint(point) : whole
})

/** Spaces inside brackets: "( 2-chloro- )". */
export const closedUp = (text: string): string =>
  text.includes('( ') || text.includes(' )') || text.includes('[ ') || text.includes(' ]') ? text.replace(/(?<=[([]) {1,9}|(?<! ) {1,9}(?=[)\]])/gu, '') : text

/**
 * A title as catalogues of libraries write it, a space before each mark and who made the book behind a slash: "Tides : a
 * history / Ada Moss ; with maps by B. Orr".
 */
export function catalogued(text: string): string {
  const set = text.replace(/(?<! ) {1,9}:(?= )/gu, ':')
  const at = set.indexOf(' / ')
  if (at <= 0) return set
  const who = set.slice(at + 3)
  const named = /^(?:by|edited|ed\.|eds\.|translated|trans\.|compiled|written|illustrated|\[)/iu.test(who) || /^\p{Lu}[\p{L}.’'-]* (?:(?:van|von|de|der|da|di|del|la|le|al) )*\p{Lu}/u.test(who)
  return named ? set.slice(0, at).trimEnd() : set
}

/**
 * A title that is no more than what it reviews: "Review of The Drowned Fields, by Ben Orr". Whose it is, where that is said.
 */
export function reviewed(title: string): { title: string, by?: string } | undefined {
  const text = title.length < 1000 ? /^(?:book |film )?review of (?:the book |the film )?(\S.*)$/iu.exec(title)?.[1] : undefined
  if (text === undefined) return undefined
  const at = /,? (?:by|edited by) (?=\p{Lu}[^,;:]{0,80}$)/u.exec(text)
  const quoted = /^[“"‘'*](.+)[”"’'*]$/u.exec(at ? text.slice(0, at.index) : text)
  return { title: quoted?.[1] ?? (at ? text.slice(0, at.index) : text), ...(at ? { by: text.slice(at.index + at[0].length) } : {}) }
}

/**
 * What ends with a stop of its own: abbreviations, initials, points of omission; and a title with stops inside it, which
 * may be abbreviated.
 */
const OWN_STOP = /(?:\.\.|…|\b(?:etc|et al|vs|inc|ltd|co|corp|jr|sr|st|dr|no|vol|dept|univ|assn|ca|ed|eds|rev|mt|ave|blvd|bros|(?:\p{L}\.)+\p{L}|\p{Lu}))\.$/iu
export const withoutStop = (text: string): string =>
  text.endsWith('.') && !text.includes('. ') && !OWN_STOP.test(text) ? text.slice(0, -1).trimEnd() : text
