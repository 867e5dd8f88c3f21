/** Volumes, issues, pages and other numbers without the words that sources put before them. */

/** A number that may follow a label: arabic, roman, or a letter with digits ("S4", "TR-12"). */
const NUMBER_AHEAD = String.raw`(?=[\s#]*(?:\d|[ivxlcdm]+(?![\p{L}\d])|\p{Lu}{1,3}[-.]?\d))`
const VOLUME_WORD = new RegExp(String.raw`^(?:volumes?|vols?\.?|v\.?|band|bd\.?|tome|t\.|tomo|jahrgang|jg\.?)${NUMBER_AHEAD}\s*`, 'iu')
const ISSUE_WORD = new RegExp(String.raw`^(?:issues?|iss\.?|numbers?|num\.?|nos?\.?|nr\.?|n[°º]\.?|№|heft|h\.|fasc\.?|#)${NUMBER_AHEAD}\s*`, 'iu')
const PAGE_WORD = new RegExp(String.raw`^(?:pages?|pgs?\.?|pp?\.?|seiten?|s\.)${NUMBER_AHEAD}\s*`, 'iu')
/** What stands for no page at all. */
const NO_PAGE = /^(?:n\.?\s*pag\.?|n\/?\s*a\.?|none|[-–—?]+)$/iu

/** "Vol. 7": 7. Two parts in one are "7" and "2": "7(2)", "Vol. 7, No. 2". */
export function volume(given: string): { volume: string, issue?: string } {
  const text = given.replace(VOLUME_WORD, '').replace(/[.,;]$/u, '')
  const both = /^(\d{1,4})\s*\(([^()]{1,20})\)$/u.exec(text) ?? /^(\d{1,4}),?\s+((?:no|nr|issue|iss|number)\b\.?\s*\d.{0,20})$/iu.exec(text)
  return both ? { volume: both[1]!, issue: issue(both[2]!) } : { volume: text }
}

/**
 * "Issue 2": 2; "1-2": 1–2. A supplement is "Suppl 3" or "4 Suppl 3", whatever it was called: its word is the style's.
 */
export function issue(given: string): string {
  const text = given.replace(ISSUE_WORD, '').replace(/[.,;]$/u, '').replace(/^(\d{1,4})\s*(?:-{1,2}|\u2010|\u2012|\u2013)\s*(\d{1,4})$/u, '$1–$2')
  return text.replace(/[,;]?\s*\(?\bsupp?l?(?:ement)?s?\b\.?\s*(?:(?:no|nr|number)\b\.?\s*)?(\w{0,8})\)?$/iu, (_, number: string) => ` Suppl ${number}`).trim()
}

/** "pp. 20–31": 20–31; each place of several is read so ("p. 4, pp. 9-12"). */
export function pages(given: string): string {
  const text = given.trim()
  if (NO_PAGE.test(text)) return ''
  const pieces = text.split(/,\s*/u).map(piece =>
    piece.replace(PAGE_WORD, '').replace(/^(\d+)\s+to\s+(?=\d+$)/iu, '$1-').replace(/(\d)\s*pp?\.?$/iu, '$1').replace(/\.$/u, ''))
  return pieces.join(', ')
}

/** "No. 4", "#27": 4, 27. */
export const numeral = (given: string): string => given.replace(ISSUE_WORD, '')
/** "3 vols.": 3. */
export const howMany = (given: string): string => given.replace(/^(?:vols?\.?|volumes?)\s*(?:1\s*[-–]\s*)?(?=\d)/iu, '').replace(/\s*\b(?:vols?|volumes?|bde|bände)\.?$/iu, '')

/** Season and episode, however they were given in one: "S02E05", "2x05", "Season 2, Episode 5", "Episode 5 of Season 2". */
export function episode(given: string): { season?: string, number: string } {
  const text = given.trim()
  const both = /^(?:season|series|staffel|s)\.?\s*(\d{1,4})\s*[,;:.–-]?\s*(?:episode|epis?\.?|ep\.?|folge|e|no\.?)\s*(\d{1,4})$/iu.exec(text) ?? /^(\d{1,3})\s*[x.×]\s*(\d{1,4})$/iu.exec(text)
  if (both) return { season: String(Number(both[1])), number: String(Number(both[2])) }
  const turned = /^(?:episode|ep\.?|e)\s*(\d{1,4})\s*(?:,|of|\()?\s*(?:season|series|s)\.?\s*(\d{1,4})\)?$/iu.exec(text)
  if (turned) return { season: String(Number(turned[2])), number: String(Number(turned[1])) }
  return { number: text.replace(/^(?:episode|epis?\.?|ep\.?|folge|number|nos?\.?|nr\.?|#)\s*(?=\d)/iu, '') }
}
/** "Season 2": 2. */
export const season = (given: string): string => given.replace(/^(?:season|series|staffel|s)\.?\s*(?=\d)/iu, '')
