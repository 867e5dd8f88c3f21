/**
 * Dates as sources give them: a year, a month, a day, a range, a season, roughly, in words, or none.
 */
import { rowOf } from '../text/lookup'
import * as z from 'zod'

const pointSchema = z.object({
  /** Negative for BCE: -46 is 46 BCE. */
  year: z.number().int().min(-9999).max(9999),
  month: z.number().int().min(1).max(12).optional(),
  day: z.number().int().min(1).max(31).optional(),
})
export const dateSchema = z.object({
  start: pointSchema.optional(),
  end: pointSchema.optional(),
  /** 1 spring, 2 summer, 3 autumn (fall), 4 winter. */
  season: z.number().int().min(1).max(4).optional(),
  circa: z.boolean().optional(),
  /**
   * A date that fits no calendar, printed as typed ("Michaelmas term 1871"); with a start, one of which only that is certain
   * ("4/5/2020"), and which is written out so that it can be read again.
   */
  literal: z.string().optional(),
})
export type DatePoint = z.infer<typeof pointSchema>
export type SourceDate = z.infer<typeof dateSchema>

/** The days of a month; February has 29 where the year is a leap year of the Gregorian calendar. */
export const daysIn = (year: number, month: number): number =>
  new Date(Date.UTC(2000 + (((year % 400) + 400) % 400), month, 0)).getUTCDate()

export const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]
/** What a page says before its date. */
const SAID_OF = new RegExp(
  String.raw`^(?:(?:last )?(?:updated|modified|revised|reviewed|edited)|(?:first )?published|posted|created|dated?|issued|aired|released)`
  + String.raw`(?: on)?[: ] ?(?=[\p{L}\d])`,
  'iu',
)
const SEASONS: Record<string, number> = { spring: 1, summer: 2, autumn: 3, fall: 3, winter: 4 }
/** A season as it is written, for expressions that read dates among other words. */
export const SEASON = Object.keys(SEASONS).map(name => `[${name[0]!.toUpperCase()}${name[0]}]${name.slice(1)}`).join('|')
const OF_SEASON = new RegExp(`^(${SEASON}),?\\s+(\\d{3,4})(?:\\s*[-\u2013/]\\s*(\\d{2}|\\d{4}))?$`, 'iu')

/**
 * Reads a date as typed: "2021", "14 March 2023", "March 14, 2023", "2023-03-14", "June 2022", "Spring 2020",
 * "c. 1890", "46 BCE", "2015-2018", "3-5 March 2020". Anything else is kept in words.
 */
export function readDate(typed: string): SourceDate | undefined {
  const text = typed.trim().replace(SAID_OF, '')
  if (!/[\p{L}\p{N}]/u.test(text) || /^[([]?(?:n\.?\s?d\.?|no date|undated|date unknown)[)\]]?$/iu.test(text)) return undefined
  const circaMatch = /^(?:c\.|ca\.?|circa|about)\s*/iu.exec(text)
  // A library's brackets round a year that the book does not give, its sign for the copyright, its doubt.
  const said = (circaMatch ? text.slice(circaMatch[0].length) : text).replace(/^\[([^\][]+)\]$/u, '$1')
  const doubtful = /^\??(\d{4})\??$/u.exec(said)
  const body = doubtful?.[1] ?? said.replace(/^(?:©\s*|\(c\)\s*|c)(?=\d{4}$)/iu, '')
  const circa = circaMatch || (doubtful && said.includes('?')) ? { circa: true } : {}
  const [left, right, ...more] = body.split(/\s*[\u2013\u2014]\s*|\s+(?:-|to)\s+|(?<=^\d{4})-(?=\d{4}$)|(?<=^\d{1,2})-(?=\d{1,2}\s+\p{L})/u)
  if (right !== undefined && !more.length) {
    const end = readPoint(right)
    const start = readPoint(left!) ?? (end && /^\d{1,2}$/u.test(left!) && Number(left) <= 31 ? { ...end, day: Number(left) } : undefined)
      ?? (end ? monthOnly(left!, end) : undefined)
    if (start && end) return { start, end, ...circa }
  }
  const season = OF_SEASON.exec(body)
  if (season) {
    const year = Number(season[2])
    const last = season[3] ? Number(season[3].length === 2 ? season[2]!.slice(0, -2) + season[3] : season[3]) : year
    return { start: { year }, ...(last > year ? { end: { year: last } } : {}), season: rowOf(SEASONS, season[1]!.toLowerCase())!, ...circa }
  }
  // Two months that are one issue: "May/June 2020".
  const months = /^(\p{L}+)\.?\s?[/&-]\s?(\p{L}+)\.?,?\s(\d{4})$/u.exec(body)
  const [first, last] = months ? [monthNumber(months[1]!), monthNumber(months[2]!)] : []
  if (months && first && last && first < last) {
    const year = Number(months[3])
    return { start: { year, month: first }, end: { year, month: last }, ...circa }
  }
  // "2008–12" with a dash, "2015-19": years of which the second is shortened; with a hyphen a month is meant where it can be.
  const years = /^(\d{2})(\d{2})([-\u2013])(\d{2})$/u.exec(body)
  if (years && Number(years[4]) > Number(years[2]) && (years[3] === '–' || Number(years[4]) > 12))
    return { start: { year: Number(years[1]! + years[2]!) }, end: { year: Number(years[1]! + years[4]!) }, ...circa }
  const start = readPoint(body)
  if (start) return { start, ...circa }
  // 4/5/2020 is the fourth of May or the fifth of April: only its year is certain.
  const either = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})$/u.exec(body)
  const year = either && Number(either[1]) <= 12 && Number(either[2]) <= 12 ? Number(either[3]) : undefined
  return { ...(year ? { start: { year } } : {}), literal: typed.trim() }
}

/** The date as `readDate` reads it again. */
export function writeDate(date: SourceDate | undefined): string {
  if (!date) return ''
  if (date.literal) return date.literal
  const seasonName = date.season
    ? `${Object.entries(SEASONS)
        .find(([, number]) => number === date.season)![0]
        .replace(/^./u, (c) => c.toUpperCase())} `
    : ''
  const from = date.start ? point(date.start) : ''
  return `${date.circa ? 'c. ' : ''}${seasonName}${from}${date.end ? ` – ${point(date.end)}` : ''}`
}

const point = (p: DatePoint): string =>
  [p.day, p.month ? MONTHS[p.month - 1] : undefined, p.year < 0 ? `${-p.year} BCE` : p.year < 100 && !p.month ? `AD ${p.year}` : p.year]
    .filter((v) => v !== undefined)
    .join(' ')

const monthNumber = (word: string): number | undefined => {
  const w = word.toLowerCase().replace(/\./gu, '')
  if (w.length < 3) return undefined
  const at = MONTHS.findIndex(m => m.toLowerCase().startsWith(w === 'sept' ? 'sep' : w))
  return at < 0 ? undefined : at + 1
}

function monthOnly(text: string, end: DatePoint): DatePoint | undefined {
  const match = /^(?:(\d{1,2})\s+)?(\p{L}+)\.?(?:\s+(\d{1,2}))?$/u.exec(text)
  const month = match && monthNumber(match[2]!)
  if (!match || !month) return undefined
  const day = match[1] ?? match[3]
  return { year: end.year, month, ...(day ? { day: Number(day) } : {}) }
}

function readPoint(text: string): DatePoint | undefined {
  const make = (year: string, month?: number, day?: string): DatePoint | undefined => {
    const d = day === undefined ? undefined : Number(day)
    if (month !== undefined && (month < 1 || month > 12)) return undefined
    if (d !== undefined && (d < 1 || d > daysIn(Number(year), month ?? 1))) return undefined
    return { year: Number(year), ...(month ? { month } : {}), ...(d ? { day: d } : {}) }
  }
  let m: RegExpExecArray | null
  if ((m = /^(\d{1,4})\s*(?:BCE|B\.C\.E?\.?|BC)$/iu.exec(text))) return { year: -Number(m[1]) }
  if ((m = /^(?:AD\s*(\d{1,4})|(\d{1,4})\s*(?:CE|AD)|(\d{3,4}))$/iu.exec(text))) return make((m[1] ?? m[2] ?? m[3])!)
  if ((m = /^(\d{4})[-/.](\d{1,2})(?:[-/.](\d{1,2}))?(?:T.*)?$/u.exec(text))) return make(m[1]!, Number(m[2]), m[3])
  // Day, month, year with full stops; with strokes only where one of the two can be no month.
  if ((m = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/u.exec(text))) return make(m[3]!, Number(m[2]), m[1])
  if ((m = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})$/u.exec(text)) && (Number(m[1]) > 12) !== (Number(m[2]) > 12))
    return Number(m[1]) > 12 ? make(m[3]!, Number(m[2]), m[1]) : make(m[3]!, Number(m[1]), m[2])
  if ((m = /^(\d{1,2})(?:st|nd|rd|th)?\s+(\p{L}+)\.?,?\s+(\d{4})$/u.exec(text)) && monthNumber(m[2]!))
    return make(m[3]!, monthNumber(m[2]!), m[1])
  if ((m = /^(\p{L}+)\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{4})$/u.exec(text)) && monthNumber(m[1]!))
    return make(m[3]!, monthNumber(m[1]!), m[2])
  if ((m = /^(\d{4}),?\s+(\p{L}+)\.?(?:\s+(\d{1,2}))?$/u.exec(text)) && monthNumber(m[2]!)) return make(m[1]!, monthNumber(m[2]!), m[3])
  if ((m = /^(\p{L}+)\.?,?\s+(\d{4})$/u.exec(text)) && monthNumber(m[1]!)) return make(m[2]!, monthNumber(m[1]!))
  return undefined
}
