/** Whether two records are of one source: by DOI, ISBN, address, or a close title with the same first author and year. */
import { firstSurname, yearOf } from './facts'
import { fold } from '../text/filing'
import { stripRich } from '../text/rich'
import { withinSlips } from '../text/slips'
import { textOf, type Source } from './model'
import { kindOf } from './kinds'
import { bareDoi, comparableUrl } from './values/addresses'

export type SameBy = 'DOI' | 'ISBN' | 'address' | 'title, author and year'
type Known = Pick<Source, 'kind' | 'fields'>
const asSource = (source: Known): Source => ({ id: '', ...source })

const doiOf = (s: Source) => bareDoi(textOf(s, 'doi')).toLowerCase()
const urlOf = (s: Source) => comparableUrl(textOf(s, 'url'))
/** Thirteen digits; a chapter's ISBN is that of its book, so only wholes compare by it. */
function isbnOf(s: Source): string {
  const digits = textOf(s, 'isbn').replace(/[^\dX]/giu, '').toUpperCase()
  if (!kindOf(s.kind).whole) return ''
  return digits.length === 10 ? `978${digits.slice(0, 9)}` : digits.slice(0, 12)
}
const titleOf = (s: Source) => fold(stripRich(textOf(s, 'title')))
const mainOf = (s: Source) => fold(stripRich(textOf(s, 'title')).split(/[:?–—]|\.\s/u)[0]!)
const whoOf = (s: Source) => fold(firstSurname(s))

/** What of a source tells whether another is the same, worked out once. */
interface Profile {
  doi: string
  isbn: string
  url: string
  title: string
  main: string
  who: string
  year: number | undefined
  edition: string
  volume: string
}
const profileOf = (s: Source): Profile => ({
  doi: doiOf(s),
  isbn: isbnOf(s),
  url: urlOf(s),
  title: titleOf(s),
  main: mainOf(s),
  who: whoOf(s),
  year: yearOf(s),
  edition: textOf(s, 'edition'),
  volume: textOf(s, 'volume'),
})

/** As many of a bucket as are looked at: lists of thousands by one hand are not compared each with each. */
const LOOKED_AT = 60

/** An index of sources in which the duplicates of another are found without comparing it to each. */
export class Duplicates<T extends Known> {
  private readonly keys = new Map<string, { source: T, profile: Profile }[]>()
  constructor(sources: Iterable<T> = []) { for (const source of sources) this.add(source) }

  add(source: T) {
    const one = { source, profile: profileOf(asSource(source)) }
    for (const key of keysOf(one.profile)) {
      const there = this.keys.get(key)
      if (there) there.push(one)
      else this.keys.set(key, [one])
    }
  }

  /** The source already there that this one repeats, and by what; itself is no duplicate. */
  find(source: Known): { source: T, by: SameBy } | undefined {
    const wanted = profileOf(asSource(source))
    for (const key of keysOf(wanted)) {
      for (const other of (this.keys.get(key) ?? []).slice(0, LOOKED_AT)) {
        if ((other.source as Known) === source) continue
        const by = sameProfile(wanted, other.profile)
        if (by) return { source: other.source, by }
      }
    }
    return undefined
  }
}

/**
 * Where a source can be found again: what it is looked up by, its whole title, and, for a title with a slip in it, its
 * author and year with how the title begins or ends.
 */
function keysOf({ doi, isbn, url, title, main, who, year }: Profile): string[] {
  const keys = [
    doi && `doi:${doi}`,
    isbn && `isbn:${isbn}`,
    url && `url:${url}`,
    title && `title:${title}`,
    main.length > 12 && main !== title && `title:${main}`,
    title.length > 20 && `begins:${title.slice(0, 20)}`,
    title.length > 20 && `ends:${title.slice(-20)}`,
  ]
  if (title && (who || year !== undefined))
    keys.push(`by:${who}:${year ?? ''}:${title.slice(0, 4)}`, `by:${who}:${year ?? ''}:${title.slice(-4)}`)
  return keys.filter(key => typeof key === 'string' && key !== '') as string[]
}

/** By what two records are of one source; undefined when they are not, or nothing says so. */
export const sameBy = (a: Source, b: Source): SameBy | undefined => sameProfile(profileOf(a), profileOf(b))

function sameProfile(a: Profile, b: Profile): SameBy | undefined {
  if (a.doi && b.doi) return a.doi === b.doi ? 'DOI' : undefined
  if (a.isbn && a.isbn === b.isbn && (!a.edition || !b.edition || a.edition === b.edition)) return 'ISBN'
  // What differs in author or year is no duplicate, and cheaper to see than a title.
  if (a.who && b.who && a.who !== b.who && a.url !== b.url) return undefined
  const close = near(a.title, b.title) || (a.main === b.main && a.main.length > 12)
  if (a.url && a.url === b.url && (close || !a.title || !b.title)) return 'address'
  if (!close) return undefined
  if (a.who && b.who && a.who !== b.who) return undefined
  if (a.year !== undefined && b.year !== undefined && a.year !== b.year) return undefined
  if (a.edition !== b.edition && a.edition && b.edition) return undefined
  if (a.volume && b.volume && a.volume !== b.volume) return undefined
  // A title alone says little: one of author and year must be there on both.
  return (a.who && b.who) || (a.year !== undefined && b.year !== undefined) || a.title.length > 24 ? 'title, author and year' : undefined
}

/** Titles that differ by a slip or two of the finger, or by nothing but marks and capitals. */
function near(a: string, b: string): boolean {
  if (!a || !b) return false
  if (a === b) return true
  // "Part 3" is not "Part 4": what differs in its numbers is another work.
  if (a.replace(/\D+/gu, ' ').trim() !== b.replace(/\D+/gu, ' ').trim()) return false
  const longest = Math.max(a.length, b.length)
  return longest <= 2000 && withinSlips(a, b, Math.min(4, Math.floor(longest / 14)))
}
