/**
 * Citations that a draft has typed by hand, "(Okonjo, 2021, p. 104)", "Okonjo (2021)", "(Okonjo 104)", "[3]": matched to
 * sources where that is certain, proposed where it is likely, left as text otherwise.
 */
import { leadNames, yearOf } from '../../source/facts'
import { foldWords } from '../../text/filing'
import { textOf, type Source } from '../../source/model'
import { surname } from '../../source/names'
import { readLocator } from '../../source/locators'
import type { CitationData } from '../../sheet/document'
import { PARTICLES } from '../../text/lists/particles'
import { firstWhere } from '../../text/lookup'
import { matchesOf } from '../../text/matches'

export interface Typed {
  data: CitationData
  /** Its words as they were typed. */
  typed: string
  /** One source alone fits, by name and year or by number. */
  sure: boolean
}
type Piece = string | Typed
interface Known { id: string, first: string, given: string, names: string[], year: string, letter: string, title: string, pages: string }
export type NumberMarks = 'square' | 'round' | 'raised'
/** What the draft's own list says of its sources. */
export interface OfList {
  /** The ids of a numbered list, from 1. */
  numbered?: readonly (string | undefined)[]
  /** How its numbers stand in the text. */
  marks?: NumberMarks
  /** The letters behind years there, by id. */
  letters?: ReadonlyMap<string, string>
}

const YEAR_AND_LETTER = /^(\d{4}|n\.d\.)-?([a-z])?$/u
const ON_ITS_WAY = /^(?:in press|forthcoming)/iu
const BRACKETED = /\(([^()]{1,300})\)/gu
const NUMBERED = /\[([^[\]]{1,80})\](?:\s*[–-]\s*\[(\d{1,3})\])?/gu
const YEAR_IN_SQUARES = /\[((?:1[5-9]|20)\d{2}[a-z]?)\]/gu
const NUMBER_AND_PLACE = /^(?:(see|see also|cf\.|e\.g\.)\s+)?(\d{1,3})(?:\s*[–-]\s*(\d{1,3}))?(?:\s*\(?p{1,2}\.?\s?(\d[\d\s–-]*)\)?)?$/u
const SENTENCE_END = /[.?!][”’"']?\s+(?=\p{Lu})|[)\]]/gu
const CAPITAL_WORD = /(?<![\p{L}’'-])\p{Lu}[\p{L}’'-]+/gu

/** The letters behind years in a typed list, by the id of the source that each of its lines is. */
export const lettersIn = (lines: readonly string[], idOf: (line: number) => string | undefined): Map<string, string> =>
  new Map(lines.flatMap((line, i) => {
    const letter = /[\s(](?:(?:1[5-9]|20)\d{2}|n\.d\.-)([a-z])\b/u.exec(line)?.[1]
    const id = idOf(i)
    return letter && id ? [[id, letter] as const] : []
  }))

/**
 * What citations are matched against, made once; `preferred` are those that win where several fit.
 */
export class TypedCitations {
  private readonly known: Known[]
  private readonly numbered: readonly (string | undefined)[]
  private readonly marks: NumberMarks
  private readonly byFirst = new Map<string, Known[]>()

  constructor(
    sources: readonly Source[],
    { numbered = [], letters, marks = 'square' }: OfList = {},
    private readonly preferred: ReadonlySet<string> = new Set(),
  ) {
    this.numbered = numbered
    this.marks = marks
    this.known = sources.map((source) => {
      const names = leadNames(source).map((name) => foldWords(surname(name)))
      return {
        id: source.id,
        first: names[0] ?? '',
        given: foldWords(leadNames(source)[0]?.given ?? ''),
        names,
        year: String(yearOf(source) ?? (ON_ITS_WAY.exec(textOf(source, 'status') || (source.fields.issued?.literal ?? ''))?.[0].toLowerCase() ?? 'n.d.')),
        letter: letters?.get(source.id) ?? '',
        pages: textOf(source, 'pages'),
        title: foldWords(textOf(source, 'title').split(/[:?]/u)[0]!),
      }
    })
    for (const one of this.known) if (one.first) this.byFirst.set(one.first, [...(this.byFirst.get(one.first) ?? []), one])
  }

  /** Splits text at the citations typed in it. */
  read(text: string): Piece[] {
    const found: { from: number, to: number, typed: Typed }[] = []
    const named = new NamesSaid(text, this.byFirst)
    for (const match of matchesOf(text, BRACKETED)) {
      const narrative = this.narrative(text.slice(0, match.index), match[1]!)
      if (narrative) {
        found.push({
          from: match.index - narrative.length,
          to: match.index + match[0].length,
          typed: { ...narrative.typed, typed: text.slice(match.index - narrative.length, match.index + match[0].length) },
        })
        continue
      }
      const data = (this.marks === 'round' && this.numbered.length ? this.numbers(match[1]!) : undefined) ?? this.several(match[1]!) ?? this.placeOf(named, match.index, match[1]!)
      if (data) found.push({ from: match.index, to: match.index + match[0].length, typed: { ...data, typed: match[0] } })
    }
    for (const match of matchesOf(text, YEAR_IN_SQUARES)) {
      const narrative = this.narrative(text.slice(0, match.index), match[1]!)
      if (narrative) found.push({
        from: match.index - narrative.length,
        to: match.index + match[0].length,
        typed: { ...narrative.typed, typed: text.slice(match.index - narrative.length, match.index + match[0].length) },
      })
    }
    if (this.numbered.length && this.marks === 'square') {
      for (const match of matchesOf(text, NUMBERED)) {
        const data = this.numbers(match[1]!, match[2])
        if (data) found.push({ from: match.index, to: match.index + match[0].length, typed: { ...data, typed: match[0] } })
      }
    }
    found.sort((a, b) => a.from - b.from)
    sideBySide(found, text)
    const out: Piece[] = []
    let at = 0
    for (const { from, to, typed } of found) {
      if (from < at) continue
      if (from > at) out.push(text.slice(at, from))
      out.push(typed)
      at = to
    }
    if (at < text.length) out.push(text.slice(at))
    return out
  }

  /** "Okonjo" before "(2021, p. 104)". */
  private narrative(before: string, inside: string): { length: number, typed: Omit<Typed, 'typed'> } | undefined {
    const said = /^(\d{4}[a-z]?|n\.d\.(?:-[a-z])?|in press|forthcoming)(?:,\s*(.+))?$/u.exec(inside.trim())
    const year = said?.[1]
    if (!year) return undefined
    const words = namesBefore(before)
    if (!words) return undefined
    // The longest ending of the words that names a source of that year.
    const starts = [...words.matchAll(/(?<![\p{L}’'-])\p{Lu}/gu)].map((match) => match.index)
    for (const start of starts) {
      const names = words.slice(start)
      const owner = /^(.+?)[’']s?\s*$/u.exec(names)?.[1]
      const fits = this.fitting(owner ?? names, year)
      if (fits.length)
        return {
          // "Quill’s (2018) history": the name stays as it is said.
          length: owner ? 0 : names.length,
          typed: {
            sure: fits.length === 1,
            data: {
              items: [{ id: fits[0]!.id, locator: said?.[2] ? readLocator(said[2]) : undefined }],
              form: owner ? 'suppress-author' : 'narrative',
            },
          },
        }
    }
    return undefined
  }

  /**
   * A place alone, "(15)", behind a name in its sentence: "As Okafor argues, bees rest (15)". Likely, never sure: a number
   * in brackets may say how many. A year is none, nor a page that the source does not have.
   */
  private placeOf(named: NamesSaid, at: number, inside: string): Omit<Typed, 'typed'> | undefined {
    if (!/^(?:pp?\.\s*)?\d{1,4}(?:\s*[-–]\s*\d{1,4})?$/u.test(inside) || /^(?:1[5-9]|20)\d\d$/u.test(inside)) return undefined
    const [one, ...more] = this.owned([...new Set(named.before(at))])
    const locator = readLocator(inside)
    if (!one || more.length || !locator || !within(one.pages, locator.place)) return undefined
    return { sure: false, data: { items: [{ id: one.id, locator }], form: 'suppress-author' } }
  }

  private several(inside: string): Omit<Typed, 'typed'> | undefined {
    const items: CitationData['items'] = []
    let sure = true
    for (const part of inside.split(/\s*;\s*/u)) {
      const one = this.one(part)
      if (!one) return undefined
      items.push(...one.items)
      sure &&= one.sure
    }
    return items.length ? { sure, data: { items, form: 'parenthetical' } } : undefined
  }

  private one(part: string): { items: CitationData['items'], sure: boolean } | undefined {
    const led = /^((?:see also|see|cf\.|e\.g\.,?|for example,)\s+)?(.*)$/isu.exec(part.trim())!
    const [prefix, body] = [led[1]?.trim(), led[2]!]
    const dated = /^(.+?),?\s+((?:\d{4}[a-z]?|n\.d\.(?:-[a-z])?|in press|forthcoming)(?:,\s*\d{4}[a-z]?)*)(?:[,:]\s*(.+))?$/u.exec(body)
    if (dated) {
      const years = dated[2]!.split(/,\s*/u)
      const all = years.map(year => this.fitting(dated[1]!, year))
      if (all.some((fits) => !fits.length)) return undefined
      return {
        sure: all.every((fits) => fits.length === 1),
        items: all.map((fits, i) => ({
          id: fits[0]!.id,
          locator: i === all.length - 1 && dated[3] ? readLocator(dated[3]) : undefined,
          ...(i === 0 && prefix ? { prefix } : {}),
        })),
      }
    }
    // A title in its marks, alone or with a page: its beginning is enough, where one source alone begins so.
    const titled = /^[“"]([^”"]{3,200}?)[,.]?[”"](?:,?\s+((?:pp?\.\s*)?\d+(?:\s*[-–]\s*\d+)?))?$/u.exec(body)
    if (titled) {
      const meant = foldWords(titled[1]!)
      const fits = this.owned(this.known.filter(one => one.title === meant || (one.title.startsWith(`${meant} `) && meant.length >= 4)))
      return fits.length === 1
        ? {
            sure: !fits[0]!.first,
            items: [{ id: fits[0]!.id, locator: titled[2] ? readLocator(titled[2]) : undefined, ...(prefix ? { prefix } : {}) }],
          }
        : undefined
    }
    // Author and page: "Okonjo 104", "Okonjo and Thorne 12–14"; with a short title where there are several: "Okonjo, “Silt” 104".
    const paged = /^(\D+?)(?:,)?\s+((?:pp?\.\s*)?\d+(?:\s*[-–]\s*\d+)?)$/u.exec(body)
    const named = paged?.[1] ?? body
    const fits = this.byName(named)
    if (!fits.length || (!paged && !/^\p{L}[\p{L}\s.,&’'“”"-]*$/u.test(body))) return undefined
    return {
      sure: fits.length === 1,
      items: [{ id: fits[0]!.id, locator: paged ? readLocator(paged[2]!) : undefined, ...(prefix ? { prefix } : {}) }],
    }
  }

  /** Sources by their names alone, or by names and the beginning of a title behind them. */
  private byName(words: string): Known[] {
    const whole = this.fitting(words)
    if (whole.length) return whole
    const comma = words.lastIndexOf(', ')
    const short = foldWords(words.slice(comma + 2).replace(/[“”"[\]]/gu, ''))
    if (comma < 0 || short.length < 3) return []
    return this.fitting(words.slice(0, comma)).filter(({ title }) => title.startsWith(short) || title.replace(/^(?:the|an?) /u, '').startsWith(short))
  }

  /** Sources whose names, or whose title, are meant by these words, in that year if one is given. */
  private fitting(words: string, year?: string): Known[] {
    const etAl = /\bet al\b/iu.test(words)
    const people = words
      .replace(/,?\s*\bet al\.?/iu, '')
      .split(/\s*,\s*(?:&|and)\s+|\s+(?:&|and)\s+|\s*,\s*/u)
      .map(foldWords)
      .filter(Boolean)
    const [first] = people
    if (!first) return []
    const whole = foldWords(words)
    const named = (this.byFirst.get(first) ?? this.byFirst.get(whole) ?? this.otherwise(first, whole)).filter(
      (one) =>
        one.first === whole
        || (etAl ? one.names.length > 1 : people.length === 1 ? true : people.every((name, i) => one.names[i] === name)),
    )
    const exact = named.filter((one) => etAl || one.first === whole || one.names.length === people.length)
    const titled = named.length
      ? []
      : this.known.filter((one) => !one.first && one.title.startsWith(foldWords(words.replace(/[“”"*]/gu, ''))))
    const pool = [...(exact.length ? exact : named), ...titled]
    if (!year) return this.owned(pool)
    // A letter says which of several works of one year, where the list has letters too.
    const [, plain = year, letter] = YEAR_AND_LETTER.exec(year) ?? []
    const fits = pool.filter(one => one.year === plain)
    const meant = fits.filter(one => letter !== undefined && one.letter === letter)
    return this.owned(meant.length ? meant : fits)
  }

  /** "A. Quill", "Aster Quill" of what stands under Quill, Aster; "The Fen Trust" of Fen Trust. */
  private otherwise(first: string, whole: string): readonly Known[] {
    const group = this.byFirst.get(whole.replace(/^the /u, ''))
    if (group) return group
    const last = first.lastIndexOf(' ')
    const said = first.slice(0, last)
    return last < 0 ? [] : (this.byFirst.get(first.slice(last + 1)) ?? []).filter(({ given }) => given !== ''
      && (said === given || said === given.split(' ')[0] || (/^\p{L}(?: \p{L})*$/u.test(said) && said[0] === given[0])))
  }

  /** Where several fit, the one that is preferred. */
  private owned(fits: Known[]): Known[] {
    const own = fits.filter((one) => this.preferred.has(one.id))
    return own.length === 1 ? own : fits
  }

  /** "[3, 5]", "[2, p. 58]", "[1]–[4]", "(6 p3,7)", "1(p104)": numbers of the draft's own list, with the places behind them. */
  private numbers(list: string, to?: string): Omit<Typed, 'typed'> | undefined {
    const items: CitationData['items'] = []
    for (const piece of list.split(/\s*[,;]\s*/u)) {
      const place = /^p{1,2}\.?\s?(\d[\d\s–-]*)$/u.exec(piece)
      const last = items.at(-1)
      if (place && last && !last.locator) { last.locator = readLocator(place[1]!); continue }
      const read = NUMBER_AND_PLACE.exec(piece)
      if (!read) return undefined
      const [, prefix, first, end, at] = read
      const from = Number(first)
      for (let n = from; n <= Math.min(Number(end ?? from), from + 60); n++) {
        const id = this.numbered[n - 1]
        if (id === undefined) return undefined
        const locator = at && n === Number(end ?? from) ? readLocator(at) : undefined
        items.push({ id, locator, ...(prefix && n === from ? { prefix } : {}) })
      }
      if (!items.length || Number(end ?? from) < from) return undefined
      if (to) for (let n = Number(end ?? from) + 1; n <= Math.min(Number(to), from + 60); n++) {
        const id = this.numbered[n - 1]
        if (id === undefined) return undefined
        items.push({ id, locator: undefined })
      }
    }
    return items.length ? { sure: true, data: { items, form: 'parenthetical' } } : undefined
  }

  /** A raised number, where the draft's list is pointed to by those. */
  raised(text: string): Typed | undefined {
    const read = this.marks === 'raised' ? this.numbers(text.trim()) : undefined
    return read && { ...read, typed: text }
  }
}

/** "[2], [5, p. 12]" is one citation of two works in styles that give each its own brackets. */
function sideBySide(found: { from: number, to: number, typed: Typed }[], text: string): void {
  for (let i = found.length - 1; i > 0; i--) {
    const [one, next] = [found[i - 1]!, found[i]!]
    if (text[one.from] !== '[' || text[next.from] !== '[' || !/^,? ?$/u.test(text.slice(one.to, next.from)) || one.to > next.from) continue
    const typed: Typed = {
      sure: one.typed.sure && next.typed.sure, typed: text.slice(one.from, next.to),
      data: { ...one.typed.data, items: [...one.typed.data.items, ...next.typed.data.items] },
    }
    found.splice(i - 1, 2, { from: one.from, to: next.to, typed })
  }
}

/** The names of sources that a text says, each found once, however many places in brackets ask for what stands before them. */
class NamesSaid {
  private found: { ends: readonly number[], names: readonly { at: number, known: Known }[] } | undefined

  constructor(private readonly text: string, private readonly byFirst: ReadonlyMap<string, readonly Known[]>) {}

  private look() {
    const ends = matchesOf(this.text, SENTENCE_END).map(end => end.index + 1)
    const names = matchesOf(this.text, CAPITAL_WORD).flatMap(({ 0: word, index: at }) =>
      (this.byFirst.get(foldWords(word.replace(/[’']s?$/u, ''))) ?? []).map(known => ({ at, known })))
    return { ends, names }
  }

  /** Those in the same sentence before a place, and no more than 400 letters away. */
  before(place: number): Known[] {
    const { ends, names } = this.found ??= this.look()
    const from = Math.max(place - 400, ends[firstWhere(ends, end => end > place) - 1] ?? 0)
    return names.slice(firstWhere(names, ({ at }) => at >= from), firstWhere(names, ({ at }) => at >= place)).map(({ known }) => known)
  }
}

/** Whether a page can be one of these: where both are plain numbers. */
function within(pages: string, place: string): boolean {
  const [first, last] = pages.match(/^\s*(\d+)(?:\s*[-–—]+\s*(\d+))?\s*$/u)?.slice(1).map(Number) ?? []
  const page = Number(/\d+/u.exec(place)?.[0])
  return !first || !page || (page >= first && page <= (last || first))
}

/** Small words inside a row of names. */
const AMONG_NAMES = new Set([...PARTICLES, 'and', 'et', 'of', 'for', 'the'])

/**
 * The row of capitalised words that a text ends in, with the small words among them: "Okonjo and van der Berg". It looks
 * back over a few hundred characters, word by word; no expression could take a line in capitals apart in so many ways.
 */
function namesBefore(text: string): string {
  const end = text.slice(-300)
  const tokens = end.match(/[\p{L}’'-]+|[^\p{L}’'-]+/gu) ?? []
  let from = end.length
  let at = end.length
  for (let i = tokens.length - 1; i >= 0; i--) {
    const token = tokens[i]!
    at -= token.length
    if (/^\p{Lu}./u.test(token)) from = at
    else if (!AMONG_NAMES.has(token) && !/^[\s,&]+$/u.test(token) && !(/^\.[\s,]*$/u.test(token) && tokens[i - 1] === 'al')) break
  }
  return end.slice(from)
}
