/** Volumes, issues, pages and other numbers without the words that sources put before them. */

import { MONTHS, readDate, SEASON, type SourceDate } from '../dates'

/** What is longer is no number, and stays as it is. */
const LONGEST = 200
/** One space where there were several, so that what is looked for can be looked for in one pass. */
const single = (given: string): string => given.trim().replace(/\s+/gu, ' ')
/** Most are numbers and nothing else. */
const NUMBER = /^\d{1,6}$/u
const cleaned = (clean: (text: string) => string) => (given: string): string => {
  if (NUMBER.test(given)) return given
  const text = single(given)
  return text.length > LONGEST ? text : clean(text)
}

/** A number that may follow a label: arabic, roman, or letters with digits ("S4", "TR-12"). */
const AHEAD = String.raw`(?= ?#?(?:\d|[ivxlcdm]+(?![\p{L}\d])|\p{L}{1,3}[-.]?\d)) ?`
const labelled = (words: string): RegExp => new RegExp(`^(?:${words})${AHEAD}`, 'iu')
const VOLUME_WORD = labelled(String.raw`volumes?|vols?\.?|v\.|v(?=\d)|band|bd\.?|tome|t\.|tomo|jahrgang|jg\.?`)
const ISSUE_WORD = labelled(String.raw`issues?|iss\.?|numbers?|num\.?|nos?\.?|nr\.?|n[°º]\.?|№|heft|h\.|fasc\.?|#`)
const PAGE_WORD = labelled(String.raw`pages?|pgs?\.?|pp?\.?|seiten?|s\.`)
/** However a range was typed: 12--19, 12 – 19, 12−19. */
const DASHES = /(?<=[\p{L}\d.]) ?(?:--+|[\u2010-\u2015\u2212]) ?(?=[\p{L}\d])| - (?=\d)/gu
/** What stands for no page at all. */
const NO_PAGE = /^(?:n\.? ?pag\.?|n\/?\s?a\.?|none|[-–—?]+)$/iu
const CLOSING_MARK = /[.,;]$/u
const TWO_NUMBERS = /^(\d{1,4}) ?(?:--?|\u2010|\u2012|\u2013) ?(\d{1,4})$/u
const VOLUME_AND_ISSUE = /^(\d{1,4}) ?\(([^()]{1,20})\)$/u
const VOLUME_NO_ISSUE = /^(\d{1,4}),? ((?:no|nr|issue|iss|number)\b\.? ?\d.{0,20})$/iu
const SUPPLEMENT = /[,;]? ?\(?\b(?:suppl?|supplements?)\b\.? ?(?:(?:no|nr|number)\b\.? ?)?(\w{0,8})\)?$/iu

/** "Vol. 7": 7. Two parts in one are "7" and "2": "7(2)", "Vol. 7, No. 2". */
export function volume(given: string): { volume: string, issue?: string } {
  if (NUMBER.test(given)) return { volume: given }
  const text = cleaned(one => one.replace(VOLUME_WORD, '').replace(CLOSING_MARK, ''))(given)
  const both = VOLUME_AND_ISSUE.exec(text) ?? VOLUME_NO_ISSUE.exec(text)
  return both ? { volume: both[1]!, issue: issue(both[2]!) } : { volume: text }
}

/**
 * "Issue 2": 2; "1-2": 1–2. A supplement is "Suppl 3" or "4 Suppl 3", whatever it was called: its word is the style's.
 */
export const issue = cleaned(text =>
  text
    .replace(ISSUE_WORD, '')
    .replace(CLOSING_MARK, '')
    .replace(TWO_NUMBERS, '$1–$2')
    .replace(SUPPLEMENT, (_, number: string) => ` Suppl ${number}`)
    .trim())

const DATE_OF_ISSUE = new RegExp(String.raw`^(?:${SEASON}|${MONTHS.flatMap(month => [month, `${month.slice(0, 3)}t?[.]?`]).join('|')})(?: \d{4})?$`, 'iu')
/** An issue that is called by its season or month ("Spring", "May 2019"): its date, and no number. */
export function dateOfIssue(given: string, year: number): SourceDate | undefined {
  // Most issues are numbers, and nothing more is asked of them.
  if (NUMBER.test(given)) return undefined
  const text = single(given)
  if (!DATE_OF_ISSUE.test(text)) return undefined
  const date = readDate(/\d/u.test(text) ? text : `${text} ${year}`)
  return date?.start?.year === year ? date : undefined
}

/** "pp. 20–31": 20–31; each place of several is read so ("p. 4, pp. 9-12"). */
export const pages = cleaned((text) => {
  if (/^\d{1,6}[-–]\d{1,6}$/u.test(text)) return text
  if (NO_PAGE.test(text)) return ''
  return text
    .split(/, ?/u)
    .map(piece => piece.replace(PAGE_WORD, '').replace(DASHES, dash => (dash.includes('–') ? '–' : '-')).replace(/^(\d+) to (?=\d+$)/iu, '$1-').replace(/(?<=\d) ?pp?\.?$/iu, '').replace(/\.$/u, ''))
    .join(', ')
})

/** "No. 4", "#27": 4, 27. */
export const numeral = cleaned(text => text.replace(ISSUE_WORD, ''))
/** "3 vols.", "Vols. 1-3": 3. */
export const howMany = cleaned(text => text.replace(/^(?:vols?\.?|volumes?) ?(?:1 ?[-–] ?)?(?=\d)/iu, '').replace(/ ?\b(?:vols?|volumes?|bde|bände)\.?$/iu, ''))

const SEASON_AND_EPISODE = /^(?:season|series|staffel|s)\.? ?(\d{1,4}) ?[,;:.–-]? ?(?:episode|epis?\.?|ep\.?|folge|e|no\.?) ?(\d{1,4})$/iu
const TIMES = /^(\d{1,3}) ?[x.×] ?(\d{1,4})$/iu
const EPISODE_OF_SEASON = /^(?:episode|ep\.?|e) ?(\d{1,4})(?:,| of| \()? ?(?:season|series|s)\.? ?(\d{1,4})\)?$/iu
const EPISODE_WORD = /^(?:episode|epis?\.?|ep\.?|folge|number|nos?\.?|nr\.?|#) ?(?=\d)/iu

/** Season and episode, however they were given in one: "S02E05", "2x05", "Season 2, Episode 5", "Episode 5 of Season 2". */
export function episode(given: string): { season?: string, number: string } {
  const text = single(given)
  const both = SEASON_AND_EPISODE.exec(text) ?? TIMES.exec(text)
  if (both) return { season: String(Number(both[1])), number: String(Number(both[2])) }
  const turned = EPISODE_OF_SEASON.exec(text)
  if (turned) return { season: String(Number(turned[2])), number: String(Number(turned[1])) }
  return { number: text.replace(EPISODE_WORD, '') }
}
/** "Season 2": 2. */
export const season = (given: string): string => single(given).replace(/^(?:season|series|staffel|s)\.? ?(?=\d)/iu, '')
