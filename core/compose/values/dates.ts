/** Dates as a style sets them: by precision, ranges, rough ones, and the words for none. */
import type { DatePoint, SourceDate } from '../../source/dates'
import { MONTHS } from '../../source/dates'
import type { DateFormId } from '../../styles/ids'
import { setRange } from '../../text/ranges'
import { parsePattern, SLOTS, type Piece } from '../../styles/pattern'
import type { Style } from '../../styles/schema'
import type { Atom } from '../line'
import type { Printer } from '../printer'
import type { Telling } from '../work'
import { answer, type Bind } from './setting'

type Pieces = readonly Piece<(typeof SLOTS.date)[number]>[]

/** Sets dates in one of the style's forms; a form it lacks is its form for whole dates. */
export function dateSetter(style: Style, form: DateFormId): (date: SourceDate) => string {
  const patterns = style.dates.forms[form] ?? style.dates.forms.date!
  const day = parsePattern(patterns.day, SLOTS.date)
  const month = parsePattern(patterns.month, SLOTS.date)
  const year = parsePattern(patterns.year, SLOTS.date)
  const ofSeason = patterns.season === undefined ? month : parsePattern(patterns.season, SLOTS.date)
  const point = (p: DatePoint, season?: number) =>
    setPoint(p.day && p.month ? day : p.month ? month : season ? ofSeason : year, p, season, style)
  return (date) => {
    if (!date.start) return date.literal ?? ''
    // One season over two years: Winter 2020–21.
    const over =
      date.season && !date.start.month && date.end && !date.end.month
        ? setRange(`${date.start.year}-${date.end.year}`, style.ranges.years ?? 'full', style.dates.range)
        : undefined
    if (over) return point(date.start, date.season).replace(String(date.start.year), over)
    const from = point(date.start, date.season)
    if (!from) return ''
    const rough = date.circa ? style.dates.circa : ''
    return (
      rough
      + (date.end
        ? joinRange(
            from,
            point(date.end),
            style,
            date.start.month && date.end.month && !date.start.day && !date.end.day ? style.dates.monthRange : undefined,
          )
        : from)
    )
  }
}

function setPoint(pieces: Pieces, p: DatePoint, season: number | undefined, style: Style): string {
  const named = (months: readonly string[]) => (p.month ? months[p.month - 1]! : season ? style.dates.seasons[season - 1]! : '')
  let out = ''
  for (const piece of pieces) {
    if ('text' in piece) { out += piece.text; continue }
    switch (piece.slot) {
      case 'year': out += p.year < 0 ? `${-p.year}${style.dates.bce}` : String(p.year); break
      case 'month': out += named(style.dates.months); break
      case 'Month': out += named(MONTHS); break
      case 'day': out += p.day ?? ''; break
      case 'dd': out += String(p.day ?? '').padStart(2, '0'); break
      case 'mm': out += String(p.month ?? '').padStart(2, '0'); break
    }
  }
  return out
}

/** "March 3, 2020" and "March 5, 2020": March 3–5, 2020; whole years side by side, the second shortened as the style does. */
function joinRange(from: string, to: string, style: Style, own?: string): string {
  const dash = own ?? style.dates.range
  if (!to || from === to) return from
  if (/^\d{4}$/u.test(from) && /^\d{4}$/u.test(to)) return setRange(`${from}-${to}`, style.ranges.years ?? 'full', dash)
  const a = from.split(/(?<=\s)/u)
  const b = to.split(/(?<=\s)/u)
  let head = 0
  while (head < a.length && head < b.length && a[head] === b[head]) head++
  let last = 0
  while (last < a.length - head && last < b.length - head && a.at(-1 - last) === b.at(-1 - last)) last++
  // The comma or space that both share stays with the tail: "3, 2020" / "5, 2020".
  const first = a.slice(head, a.length - last).join('').trimEnd()
  const second = b.slice(head, b.length - last).join('')
  const shared = /^(.*?)(,?)$/u.exec(first)!
  return a.slice(0, head).join('') + shared[1]! + dash + second + a.slice(a.length - last).join('')
}

/** The letter that tells works of one year apart. */
function letter(style: Style, { yearLetter }: Telling, dated: boolean, out: Atom[]): void {
  if (yearLetter)
    out.push({
      text: `${dated ? '' : (style.citation.noYearLetter ?? '')}${yearLetter}`,
      part: 'when',
      field: 'issued',
      rules: ['year.letter'],
    })
}

/** The date of publication, or what the style prints for one to come. */
const issued = (asked: 'date' | 'year' | 'monthday'): Bind => (filters, { style, layout }) => {
  const form = (filters[0] as DateFormId | undefined) ?? (asked === 'date' ? layout.dateForm ?? (layout.yearOnly ? 'year' : 'date') : asked)
  // Of a book the year alone is given, wherever the day would stand (Chicago 18, 14.30; MLA Handbook 9, 5.73; Citing Medicine, ch. 2).
  if (asked === 'monthday' && layout.yearOnly) return () => false
  const set = dateSetter(style, form)
  const put = answer(style, 'issued', 'date')
  return (work, telling, out) => {
    const date = work.issued
    if (date) {
      const text = set(date)
      const year = telling.yearLetter && date.start && !date.end ? String(Math.abs(date.start.year)) : ''
      if (year && text.includes(year)) {
        const cut = text.indexOf(year) + year.length
        put(text.slice(0, cut), out)
        letter(style, telling, true, out)
        put(text.slice(cut), out)
        return true
      }
      if (!put(text, out)) return false
      if (form !== 'monthday') letter(style, telling, true, out)
      return true
    }
    if (form === 'monthday' || !work.inPress) return false
    out.push({ text: style.terms.inPress, part: 'when', field: 'status', rules: ['date.inpress'], sentence: true })
    letter(style, telling, false, out)
    return true
  }
}

/** The day a work was read: where it has no date, or always. */
const readOn = (always: boolean): Bind => (filters, { style }) => {
  const set = dateSetter(style, (filters[0] as DateFormId | undefined) ?? 'accessed')
  const put = answer(style, 'accessed', 'date.accessed')
  return (work, _telling, out) => {
    const when = work.dated && !always ? undefined : work.date('accessed')
    return when !== undefined && put(set(when), out)
  }
}

const first: Bind = (filters, { style }) => {
  const set = dateSetter(style, (filters[0] as DateFormId | undefined) ?? 'year')
  const put = answer(style, 'originalDate', 'date.original')
  return (work, _telling, out) => {
    const when = work.date('originalDate')
    return when !== undefined && put(set(when), out)
  }
}

/** A date that is a field of its own. */
export const plainDate = (field: 'issued' | 'originalDate' | 'eventDate' | 'submitted' | 'accessed'): Bind => (filters, { style }) => {
  const set = dateSetter(style, (filters[0] as DateFormId | undefined) ?? 'date')
  const put = answer(style, field)
  return (work, _telling, out) => {
    const when = work.date(field)
    return when !== undefined && put(set(when), out)
  }
}

/** What a date prints when there is none and the template insists: the words for no date. */
export const noDate = (style: Style): Printer => (_work, telling, out) => {
  if (!style.terms.noDate) return false
  out.push({ text: style.terms.noDate, part: 'when', field: 'issued', rules: ['date.none'] })
  letter(style, telling, false, out)
  return true
}

export const DATES = {
  date: issued('date'),
  year: issued('year'),
  monthday: issued('monthday'),
  accessed: readOn(false),
  read: readOn(true),
  first,
}
