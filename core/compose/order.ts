/** The order of the list, and the reasons for it in words. Sources: APA 7, 9.44–9.49; Chicago 18, 13.68–13.71; MLA 9, 5.123–5.129. */
import { compareKeys, fold, foldTitle, foldWords, ignoredArticle } from '../text/filing'
import { ordinal, ORDINAL_WORDS } from '../text/numbers'
import { givenName, sameNames, surname, type Name } from '../source/names'
import type { Style } from '../styles/schema'
import { textOfAtoms } from './line'
import { printed, type Work } from './work'

/** A work of a paper, with the id that the paper knows its source by. */
export interface Entry { id: string, work: Work }

/** What a name files under: a group without its article ("The Mill Trust" under m). */
const filed = (name: Name, style: Style): string => {
  if (name.literal) return name.literal.trim().replace(/^(?:the|an?)\s+(?=\S)/iu, '')
  // Chicago 17, 16.76: al- and el- are passed over.
  return style.list.withoutAl ? surname(name).replace(/^[ae]l-(?=\p{L})/iu, '') : surname(name)
}

const nameKey = (name: Name, style: Style): string =>
  [filed(name, style), givenName(name), name.suffix ?? ''].map(style.list.wordByWord ? foldWords : fold).join('\u0001')

/** What a work files under: its leading names, or the stand-in, or its title without the article. */
function filingName(work: Work): string {
  const { style, layout, print } = work.kind
  if (work.lead) {
    const { names } = work.lead
    const etAl = style.list.asPrinted ? style.names.lead?.etAl : undefined
    const shown = etAl && names.length >= etAl.from ? names.slice(0, etAl.keep) : names
    return [...shown.map(name => nameKey(name, style)), ...(shown.length < names.length ? ['etal'] : [])].join('\u0001')
  }
  const standIn = layout.standIn ? textOfAtoms(printed(print(layout.standIn), work)) : ''
  return `${foldTitle(standIn || work.text('title') || work.text('container') || work.text('genre'))}\u0001\u0001`
}

/** Names, then date and title or title and date; no date first, in press last (APA 7, 9.46). */
const filingKey = (work: Work): readonly (string | number)[] => work.filing ??= makeKey(work)

function makeKey(work: Work): readonly (string | number)[] {
  const date = work.issued?.start
  const title = foldTitle(work.text('title'))
  const year = date ? date.year : work.has('status') ? 9999 : -9999
  const rest = work.kind.style.list.then === 'year' ? [year, date?.month ?? 0, date?.day ?? 0, title] : [title, year]
  return [filingName(work), ...rest]
}

/** Which of two works stands first; never neither: at last their ids decide. */
export function compareEntries(a: Entry, b: Entry): number {
  const order = compareKeys(filingKey(a.work), filingKey(b.work))
  return order !== 0 ? order : a.id < b.id ? -1 : a.id > b.id ? 1 : 0
}

/** Works in filing order. `before` is an order of most of them already made: what came is put in its place, what went is left out. */
export function fileAll(entries: readonly Entry[], before?: readonly Entry[]): readonly Entry[] {
  if (!before) return [...entries].sort(compareEntries)
  const wanted = new Set(entries)
  const kept = before.filter(entry => wanted.has(entry))
  if (kept.length < entries.length - 50) return [...entries].sort(compareEntries)
  if (kept.length === entries.length) return kept.length === before.length ? before : kept
  const there = new Set(kept)
  for (const entry of entries) {
    if (there.has(entry)) continue
    let from = 0
    let to = kept.length
    while (from < to) {
      const middle = (from + to) >> 1
      if (compareEntries(kept[middle]!, entry) < 0) from = middle + 1
      else to = middle
    }
    kept.splice(from, 0, entry)
  }
  return kept
}

/** "third", "21st". */
const inOrder = (n: number): string => ORDINAL_WORDS[n - 1] ?? ordinal(n)
/** Reasons are rich text: letters bold, words italic. Its first letter, or what else it begins with: "under t". */
const under = (words: string): string => `under <b>${[...words][0] ?? '?'}</b>`
const counted = (article: string): string => `<i>${article[0]!.toUpperCase()}${article.slice(1).toLowerCase()}</i> is not counted`
const yearOf = (work: Work): string => {
  const year = work.issued?.start?.year
  return year !== undefined ? String(year < 0 ? `${-year} BCE` : year) : work.has('status') ? work.text('status') : 'no date'
}

/** Why an entry of a list by names stands where it stands; nothing where its first word says it. */
export function filingReasons(work: Work, previous: Work | undefined): string[] {
  const { style } = work.kind
  const who = work.lead
  if (!who) {
    const title = work.text('title') || work.text('container')
    const article = ignoredArticle(title)
    const words = foldWords(title).replace(/^(?:the|an?) /u, '')
    return [article ? `${under(words)}: ${counted(article)}` : 'no author: by its title']
  }
  const last = previous?.lead
  if (last && sameNames(last.names, who.names)) {
    if (style.list.then === 'title') return ['same author: by title']
    const [before, here] = [yearOf(previous), yearOf(work)]
    return [before === here ? 'same author and date: by title' : `same author: ${before} before ${here}`]
  }
  if (last && who.names.length > 1 && nameKey(last.names[0]!, style) === nameKey(who.names[0]!, style)) {
    return [last.names.length === 1 ? 'same first author: alone before with others' : 'same first author: by the second']
  }
  const first = who.names[0]!
  const article = first.literal ? ignoredArticle(first.literal) : undefined
  if (article) return [`${under(foldWords(filed(first, style)))}: ${counted(article)}`]
  const passed = !first.literal && filed(first, style) !== surname(first)
  return passed ? [`${under(foldWords(filed(first, style)))}: <i>${surname(first).slice(0, 3)}</i> is not counted`] : []
}

/** Why an entry of a list by appearance stands where it stands. */
export const appearanceReasons = (at: number, cited: boolean): string[] => [
  cited ? `${inOrder(at + 1)} work cited` : 'not cited: after the works that are',
]
