/** Whether two records are of one source: by DOI, ISBN, address, or a close title with the same first author and year. */
import { fold } from '../text/filing'
import { stripRich } from '../text/rich'
import { dateOf, namesOf, textOf, type Source } from './model'
import { surname } from './names'
import { kindOf } from './kinds'

export type SameBy = 'DOI' | 'ISBN' | 'address' | 'title, author and year'
type Known = Pick<Source, 'kind' | 'fields'>
const asSource = (source: Known): Source => ({ id: '', ...source })

const doiOf = (s: Source) => textOf(s, 'doi').toLowerCase().replace(/^(?:https?:\/\/)?(?:dx\.)?doi\.org\//u, '').replace(/^doi:\s*/u, '').replace(/[.,;]+$/u, '')
const urlOf = (s: Source) => textOf(s, 'url').toLowerCase().replace(/^https?:\/\/(?:www\.)?/u, '').replace(/#.*$/u, '').replace(/[?&](?:utm_\w+|fbclid|gclid)=[^&]*/gu, '').replace(/[?&/]+$/u, '')
/** Thirteen digits; a chapter's ISBN is that of its book, so only wholes compare by it. */
function isbnOf(s: Source): string {
  const digits = textOf(s, 'isbn').replace(/[^\dX]/giu, '').toUpperCase()
  if (!kindOf(s.kind).whole) return ''
  return digits.length === 10 ? `978${digits.slice(0, 9)}` : digits.slice(0, 12)
}
const titleOf = (s: Source) => fold(stripRich(textOf(s, 'title')))
const mainOf = (s: Source) => fold(stripRich(textOf(s, 'title')).split(/[:?–—]|\.\s/u)[0]!)
function whoOf(s: Source): string {
  const role = kindOf(s.kind).lead.find(name => namesOf(s, name).length) ?? 'author'
  const [first] = namesOf(s, role)
  return first ? fold(surname(first)) : ''
}
const yearOf = (s: Source) => dateOf(s, 'issued')?.start?.year

/** An index of sources in which the duplicates of another are found without comparing it to each. */
export class Duplicates<T extends Known> {
  private readonly keys = new Map<string, T[]>()
  constructor(sources: Iterable<T> = []) { for (const source of sources) this.add(source) }

  add(source: T) {
    for (const key of keysOf(asSource(source))) {
      const there = this.keys.get(key)
      if (there) there.push(source)
      else this.keys.set(key, [source])
    }
  }

  /** The source already there that this one repeats, and by what; itself is no duplicate. */
  find(source: Known): { source: T, by: SameBy } | undefined {
    const wanted = asSource(source)
    for (const key of keysOf(wanted)) {
      for (const other of this.keys.get(key) ?? []) {
        if ((other as Known) === source) continue
        const by = sameBy(wanted, asSource(other))
        if (by) return { source: other, by }
      }
    }
    return undefined
  }
}

function keysOf(s: Source): string[] {
  const title = mainOf(s)
  return [doiOf(s) && `doi:${doiOf(s)}`, isbnOf(s) && `isbn:${isbnOf(s)}`, urlOf(s) && `url:${urlOf(s)}`, title.length > 3 && `title:${title.slice(0, 12)}`].filter(key => typeof key === 'string')
}

/** By what two records are of one source; undefined when they are not, or nothing says so. */
export function sameBy(a: Source, b: Source): SameBy | undefined {
  const [doiA, doiB] = [doiOf(a), doiOf(b)]
  if (doiA && doiB) return doiA === doiB ? 'DOI' : undefined
  if (isbnOf(a) && isbnOf(a) === isbnOf(b) && (!textOf(a, 'edition') || !textOf(b, 'edition') || textOf(a, 'edition') === textOf(b, 'edition'))) return 'ISBN'
  const close = near(titleOf(a), titleOf(b)) || (mainOf(a) === mainOf(b) && mainOf(a).length > 12)
  if (urlOf(a) && urlOf(a) === urlOf(b) && (close || !titleOf(a) || !titleOf(b))) return 'address'
  if (!close) return undefined
  const [whoA, whoB] = [whoOf(a), whoOf(b)]
  if (whoA && whoB && whoA !== whoB) return undefined
  const [yearA, yearB] = [yearOf(a), yearOf(b)]
  if (yearA !== undefined && yearB !== undefined && yearA !== yearB) return undefined
  if (textOf(a, 'edition') !== textOf(b, 'edition') && textOf(a, 'edition') && textOf(b, 'edition')) return undefined
  if (textOf(a, 'volume') && textOf(b, 'volume') && textOf(a, 'volume') !== textOf(b, 'volume')) return undefined
  // A title alone says little: one of author and year must be there on both.
  return (whoA && whoB) || (yearA !== undefined && yearB !== undefined) || titleOf(a).length > 24 ? 'title, author and year' : undefined
}

/** Titles that differ by a slip or two of the finger, or by nothing but marks and capitals. */
function near(a: string, b: string): boolean {
  if (!a || !b) return false
  if (a === b) return true
  const allowed = Math.min(4, Math.floor(Math.max(a.length, b.length) / 14))
  if (allowed === 0 || Math.abs(a.length - b.length) > allowed || a.length > 2000) return false
  let row = Array.from({ length: b.length + 1 }, (_, i) => i)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    let least = i
    for (let j = 1; j <= b.length; j++) {
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1))
      least = Math.min(least, next[j]!)
    }
    if (least > allowed) return false
    row = next
  }
  return row[b.length]! <= allowed
}
