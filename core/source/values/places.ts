/** Places and publishers as catalogues give them. */

/** "S.l.", "s.n.", "[n.p.]": a catalogue's word for none. */
const NONE = /^\[?(?:s\.? ?[ln]\.?|sine (?:loco|nomine)|n\.? ?p\.?|place of publication not identified|publisher not identified|unknown)\]?$/iu

/** Without the mark that a catalogue writes behind it: "Millbridge, VT :". */
const bare = (given: string): string => given.trim().replace(/[,;:]$/u, '').trimEnd()

/** Of several places the first (APA 6, 6.30; Chicago 18, 14.130; Citing Medicine 2); the publisher behind a colon is not one. */
export function place(given: string): string {
  const text = bare(given)
  if (NONE.test(text)) return ''
  return text.split(/ ?[;:] |;| \/ /u)[0]!.replace(/^\[(.+)\]$/u, '$1')
}
/** "Univ. of Northmere", "Northmere Univ. Press": styles that shorten the word do it themselves. */
export const publisher = (given: string): string =>
  NONE.test(given.trim()) ? '' : bare(given).replace(/\bUniv\b\.?/gu, 'University')
