/**
 * Citations that are still text: matched to a source, near to one, or to none. What looks like a citation and is none
 * (years of events, labels of figures) is left alone.
 */
import { TypedCitations, type Typed } from '../intake/draft/typed-citations'
import { MONTHS, SEASON } from '../source/dates'
import { firstSurname, leadNames, yearOf } from '../source/facts'
import { textOf, type Source } from '../source/model'
import { surname } from '../source/names'
import type { System } from '../styles/ids'
import { foldWords } from '../text/filing'
import { matchesOf } from '../text/matches'
import { stripRich } from '../text/rich'
import { withinSlips } from '../text/slips'
import { CITED } from './reading'

export interface Matched { from: number, to: number, typed: Typed }
/** One that no source answers: what it says, and the source that it is near to. */
export interface Unmatched {
  from: number
  to: number
  name: string
  year: string
  near?: Source
  /** It stands beside others in one pair of brackets. */
  among?: boolean
}

const NAME = String.raw`\p{Lu}[\p{L}’'-]+`
const WHO = String.raw`(?:van |von |de |der |la |du |al-)*${NAME}(?: (?:of |for |and |the |&)?${NAME}){0,5}(?:(?:, ${NAME}){0,8},? (?:&|and) ${NAME})?(?:,? et al\.?)?`
const DATED = new RegExp(String.raw`\((?:(?:see also|see|cf\.|e\.g\.,?) )?(${WHO}),? (\d{4}[a-z]?|n\.d\.)(?:, [^()]{1,40})?\)`, 'gu')
/** One of several works in one pair of brackets. */
const AMONG = new RegExp(String.raw`(?<=[(;] ?)(?:(?:see also|see|cf\.|e\.g\.,?) )?(${WHO}),? (\d{4}[a-z]?|n\.d\.)(?:, [^();]{1,40})?(?=[;)])`, 'gu')
const SEVERAL = /\([^()]{1,300};[^()]{1,300}\)/gu
const PAGED = new RegExp(String.raw`\((?:(?:see also|see|cf\.) )?(${WHO}) (\d{1,4})(?:[-–]\d{1,4})?\)`, 'gu')
const SPOKEN = new RegExp(
  String.raw`(?<![\p{L}’'-])(${NAME}(?:(?:,? (?:&|and) ${NAME})|(?: et al\.))?) \((\d{4}[a-z]?|n\.d\.)(?:, p{1,2}\. ?\d+(?:[-–]\d+)?)?\)(?= (?:argue|claim|conclude|describe|demonstrate|examine|explain|find|found|identif|maintain|note|observ|point|propos|record|report|say|said|show|state|suggest|wr[io]t|has|have|calls?|holds?|held|measured|compares?|began|begins?)\p{L}*)`,
  'gu',
)
/** Words that lead a number which is no citation. */
const LABELS = new RegExp(
  `^(?:${MONTHS.join('|')}|${SEASON}|Figure|Fig|Table|Chapter|Section|Part|Act|Scene|Book|Volume|Vol|Number|No|`
  + 'Page|Appendix|Equation|Eq|Step|Stage|Version|Series|Season|Episode|Line|Note|Since|From|Until|In|Before|After|Around|About|By|Circa|Published|Founded|Born|Died|Copyright|Accessed|Updated|Revised)\\b',
  'u',
)

export class TypedReader {
  private readonly known: TypedCitations
  private readonly names: { source: Source, name: string, year: string }[]
  private readonly whole: ReadonlySet<string>

  /** @param numbered ids of the list by number, in styles that number */
  constructor(sources: readonly Source[], private readonly system: System, numbered: readonly string[]) {
    this.known = new TypedCitations(sources, system === 'numbers' ? { numbered } : {})
    this.names = sources.map(source => ({ source, name: foldWords(firstSurname(source)), year: String(yearOf(source) ?? 'n.d.') }))
    this.whole = new Set(this.names.map(one => one.name))
  }

  /** Citations typed in a line that fit a source. A name and a number are one only where the style cites by page. */
  matched(text: string): Matched[] {
    if (!/[([]/u.test(text)) return []
    const out: Matched[] = []
    let at = 0
    for (const piece of this.known.read(text.replace(/[\u2060]/gu, ' '))) {
      const length = typeof piece === 'string' ? piece.length : piece.typed.length
      if (typeof piece !== 'string' && this.meant(piece)) out.push({ from: at, to: at + length, typed: piece })
      at += length
    }
    return out
  }

  private meant({ typed }: Typed): boolean {
    if (/\d{4}|n\.d\./u.test(typed) || typed.startsWith('[')) return true
    return this.system === 'author-page'
  }

  unmatched(text: string, matched: readonly { from: number, to: number }[]): Unmatched[] {
    if (!text.includes('(')) return []
    const out: Unmatched[] = []
    const patterns = this.system === 'author-page' ? [DATED, SPOKEN, PAGED] : [DATED, SPOKEN]
    for (const pattern of patterns) {
      for (const match of matchesOf(text, pattern)) {
        const [from, to] = [match.index, match.index + match[0].length]
        const name = match[1]!
        if (
          LABELS.test(name)
          || match[0].includes(CITED)
          || [...matched, ...out].some((one) => from < one.to && to > one.from)
        )
          continue
        const year = pattern === PAGED ? '' : match[2]!
        const near = this.near(name, year)
        out.push({ from, to, name, year, ...(near ? { near } : {}) })
      }
    }
    for (const several of matchesOf(text, SEVERAL)) {
      if (matched.some(one => several.index < one.to && several.index + several[0].length > one.from)) continue
      for (const match of matchesOf(several[0], AMONG)) {
        const name = match[1]!
        const from = several.index + match.index
        if (LABELS.test(name) || this.known.read(`(${match[0]})`).some(piece => typeof piece !== 'string')) continue
        const near = this.near(name, match[2]!)
        out.push({ from, to: from + match[0].length, name, year: match[2]!, among: true, ...(near ? { near } : {}) })
      }
    }
    return out.sort((a, b) => a.from - b.from)
  }

  /** The source that a name and a year are nearly: one letter in five other, or the year. */
  private near(name: string, year: string): Source | undefined {
    const first = foldWords(name.split(/,| & | and | et al/u)[0]!)
    const bare = year.replace(/(?<=\d)[a-z]$/u, '')
    const alike = this.names.filter(one => one.name && (one.name === first || (!this.whole.has(first) && isNear(one.name, first))))
    const sameYear = alike.filter(one => !bare || one.year === bare)
    const found = sameYear.length ? sameYear : alike.filter(one => one.name === first)
    return found.length === 1 ? found[0]!.source : undefined
  }
}

/** A source in a few words, as a person would say which is meant. */
export function nameOf(source: Source): string {
  const year = yearOf(source)
  const who = firstSurname(source) || `“${stripRich(textOf(source, 'title')).slice(0, 60) || 'untitled'}”`
  return year === undefined ? who : `${who} ${year}`
}

/** Whether two names are the same but for a letter or two; short names must be the same. */
export function isNear(a: string, b: string): boolean {
  const longest = Math.max(a.length, b.length)
  return longest <= 60 && withinSlips(a, b, Math.min(2, Math.floor(longest / 5)))
}

/** The surnames and groups that lead sources, as a sentence says them. */
export const namesThatLead = (sources: readonly Source[]): string[] => sources.map(firstSurname).filter(name => name.length > 2)

/** The surnames of those who lead a source; none for groups, whose names are words. */
export const surnamesOf = (source: Source): string[] =>
  leadNames(source).filter(name => !name.literal).map(surname).filter(name => name.length > 4)
