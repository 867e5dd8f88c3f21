/**
 * A list made elsewhere beside Dendle's: entries matched to sources, each difference named, the list as a whole judged
 * once. Sources of what is right: the style's own rules.
 */
import { firstSurname, yearOf } from '../source/facts'
import { bareDoi } from '../source/values/addresses'
import type { ListEntry } from '../compose/paper'
import { ENTRY_NUMBER } from '../intake/reference/split'
import { textOf, type Source } from '../source/model'
import type { Style } from '../styles/schema'
import { foldWords } from '../text/filing'
import { stripRich } from '../text/rich'
import { align } from './align'
import type { Difference } from './difference'
import type { ListElsewhere, ListParagraph } from './elsewhere'
import { nameDifferences } from './naming'
import { tokensElsewhere, tokensOfRuns, type Aligned, type Token } from './tokens'

export interface ComparedEntry {
  /** Its place in the other list. */
  at: number
  source: string
  given: ListParagraph
  wanted: ListEntry
  aligned: readonly Aligned[]
  differences: readonly Difference[]
  right: boolean
}
export interface Compared {
  entries: readonly ComparedEntry[]
  /** Entries that stand elsewhere in the order, with the reason. */
  order: readonly { source: string, says: string }[]
  /** Sources of this list that the other lacks. */
  missing: readonly string[]
  /** Entries of the other that no source here answers. */
  extra: readonly ListParagraph[]
  /** What its page says as a whole. */
  page: readonly string[]
  right: number
}

/** @param list Dendle's entries, in their order; @param sources those they come from */
export function compareLists(style: Style, list: readonly ListEntry[], sources: readonly Source[], other: ListElsewhere): Compared {
  const byId = new Map(sources.map(source => [source.id, source]))
  const matches = match(other.entries, list.flatMap(entry => byId.get(entry.id) ?? []))
  const entryOf = new Map(list.map(entry => [entry.id, entry]))
  const entries = other.entries.flatMap((given, at): ComparedEntry[] => {
    const source = matches[at]
    const wanted = source && entryOf.get(source.id)
    if (!source || !wanted) return []
    const aligned = align(withoutNumber(given), tokensOfRuns(wanted.runs))
    const differences = nameDifferences(aligned, { style, source, rich: other.rich })
    return [{ at, source: source.id, given, wanted, aligned, differences, right: !differences.length }]
  })
  const there = new Set(entries.map(entry => entry.source))
  return {
    entries,
    order: orderOf(style, list, entries, byId),
    missing: list.filter(entry => !there.has(entry.id)).map(entry => entry.id),
    extra: other.entries.filter((_, at) => !matches[at]),
    page: pageOf(style, other),
    right: entries.filter(entry => entry.right).length,
  }
}

/** The entry's words without the number in front, which is the list's and not the entry's. */
function withoutNumber({ pieces }: ListParagraph): Token[] {
  const [first, ...rest] = pieces
  return tokensElsewhere(first ? [{ ...first, text: first.text.replace(ENTRY_NUMBER, '') }, ...rest] : [])
}

// Which entry is which source ----------------------------------------------------------------------------------------------

interface Sought { source: Source, title: string[], first: string, year: string, doi: string }
const seek = (source: Source): Sought => ({
  source,
  title: foldWords(stripRich(textOf(source, 'title') || textOf(source, 'container'))).split(' ').filter(Boolean),
  first: foldWords(firstSurname(source)),
  year: String(yearOf(source) ?? ''),
  doi: bareDoi(textOf(source, 'doi')).toLowerCase(),
})
/** How sure a match must be: the title's words, the first author and the year, together 1. */
const ENOUGH = 0.5

/** Each entry's source: the surest pairs first, none twice. */
function match(entries: readonly ListParagraph[], sources: readonly Source[]): (Source | undefined)[] {
  const sought = sources.map(seek)
  const scored = entries.flatMap((entry, at) => {
    const text = entry.pieces.map(piece => piece.text).join('')
    const words = new Set(foldWords(text).split(' '))
    const head = foldWords(text.slice(0, 160))
    const lower = text.toLowerCase()
    return sought.flatMap(({ source, title, first, year, doi }) => {
      const known = title.length ? title.filter(word => words.has(word)).length / title.length : 0
      const score =
        doi && lower.includes(doi)
          ? 1.2
          : 0.55 * known + 0.28 * (first && head.includes(first) ? 1 : 0) + 0.17 * (year && lower.includes(year) ? 1 : 0)
      return score >= ENOUGH ? [{ at, source, score }] : []
    })
  })
  const out: (Source | undefined)[] = entries.map(() => undefined)
  const taken = new Set<string>()
  for (const { at, source } of scored.sort((a, b) => b.score - a.score)) {
    if (out[at] || taken.has(source.id)) continue
    out[at] = source
    taken.add(source.id)
  }
  return out
}

// Order --------------------------------------------------------------------------------------------------------------------

function orderOf(
  style: Style,
  list: readonly ListEntry[],
  entries: readonly ComparedEntry[],
  byId: ReadonlyMap<string, Source>,
): Compared['order'] {
  const place = new Map(list.map((entry, i) => [entry.id, i]))
  const wanted = entries.map((entry) => place.get(entry.source)!)
  // One with a reason of its own for its place is the likelier to be astray.
  const keeps = new Set(heaviestRising(wanted, (i) => (list[wanted[i]!]!.why.length ? 0.9 : 1)))
  const out = entries.filter((_, i) => !keeps.has(i))
  if (!out.length) return []
  const nameFor = (id: string) => nameIn(byId.get(id)!, list[place.get(id)!])
  if (style.list.order === 'appearance' && isAlphabetical(entries, byId))
    return [{ source: out[0]!.source, says: `The entries are in alphabetical order; ${style.short} lists works as they are first cited.` }]
  return out.map(({ source }) => {
    const at = place.get(source)!
    const before = list[at - 1]
    const why = list[at]!.why.map(stripRich).join(', ')
    const where = before ? `after ${nameFor(before.id)}` : 'first'
    return { source, says: `${nameFor(source)} stands ${where}${why ? `: ${why}` : ''}.` }
  })
}
/** Its first author, or its title as the list prints it. */
const nameIn = (source: Source, entry?: ListEntry): string => {
  const lead = firstSurname(source)
  return lead || `“${(entry?.runs.find((run) => run.field === 'title')?.text ?? stripRich(textOf(source, 'title'))).replace(/[.,]$/u, '').slice(0, 40)}”`
}
function isAlphabetical(entries: readonly ComparedEntry[], byId: ReadonlyMap<string, Source>): boolean {
  const names = entries.map(entry => foldWords(nameIn(byId.get(entry.source)!)))
  return names.length > 2 && names.every((name, i) => i === 0 || names[i - 1]! <= name)
}
/**
 * The places of the rising row of numbers that weighs most: those that may stay where they are. Of two that could each be
 * the one astray it is the lighter.
 */
function heaviestRising(numbers: readonly number[], weight: (at: number) => number): number[] {
  const best: { sum: number, before: number }[] = []
  let end = -1
  numbers.forEach((n, i) => {
    let [sum, before] = [0, -1]
    for (let k = Math.max(0, i - LOOKED_BACK); k < i; k++) if (numbers[k]! < n && best[k]!.sum > sum) [sum, before] = [best[k]!.sum, k]
    best.push({ sum: sum + weight(i), before })
    if (end < 0 || best[i]!.sum > best[end]!.sum) end = i
  })
  const out: number[] = []
  for (let at = end; at >= 0; at = best[at]!.before) out.unshift(at)
  return out
}
/** As many entries back as one is compared with: lists of thousands are not compared each with each. */
const LOOKED_BACK = 400

// The page -----------------------------------------------------------------------------------------------------------------

function pageOf(style: Style, { heading, entries, rich }: ListElsewhere): string[] {
  const out: string[] = []
  const said = heading?.pieces.map(piece => piece.text).join('').trim().replace(/[.:]$/u, '')
  if (said && said !== style.list.heading) out.push(`The heading is “${said}”; in ${style.short} it is “${style.list.heading}”.`)
  else if (!heading && entries.length > 1) out.push(`No heading stands over it; in ${style.short} it is “${style.list.heading}”.`)
  const known = <T>(of: (one: ListParagraph) => T | undefined): T[] => entries.flatMap(one => of(one) ?? [])
  const hanging = known(one => one.look.hanging)
  if (rich && style.list.hanging > 0 && !style.list.number) {
    if (hanging.some(one => one < -2)) out.push('The first lines are set in; a hanging indent sets in all the others.')
    else if (!hanging.some(one => one > 2)) out.push('No hanging indent: every line behind the first is set in by half an inch.')
    else if (hanging.length < entries.length) out.push('Some entries have no hanging indent.')
  }
  const spacing = known(one => one.look.spacing)
  const double = (one: number) => one >= 1.75
  if (spacing.length && style.list.doubleSpaced && !spacing.every(double))
    out.push(spacing.some(double) ? 'Some entries are double-spaced and some are not.' : 'It is single-spaced; the list is double-spaced.')
  if (spacing.length && !style.list.doubleSpaced && spacing.some(double)) out.push('It is double-spaced; the list is single-spaced.')
  const faces = new Set(known(one => one.look.face?.toLowerCase()))
  if (faces.size > 1) out.push(`Entries stand in ${faces.size} different faces.`)
  const sizes = new Set(known(one => one.look.size && Math.round(one.look.size * 2) / 2))
  if (sizes.size > 1) out.push(`Entries stand in ${sizes.size} different sizes.`)
  const numbered = entries.filter(one => one.numbered || /^\s*(?:\[\d{1,3}\]|\(?\d{1,3}[.)]\s)/u.test(one.pieces[0]?.text ?? '')).length
  if (style.list.number && entries.length && !numbered) out.push('The entries are not numbered.')
  if (!style.list.number && numbered > entries.length / 2) out.push(`The entries are numbered; in ${style.short} they are not.`)
  if (!rich && entries.length) out.push('It came as plain text, in which italics cannot be seen.')
  return out
}
