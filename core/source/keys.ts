/** A source's key: surname and year, with a letter on a clash; it stands for the source in plain-text marks. */
import { firstSurname, yearOf } from './facts'
import { textOf, type Source } from './model'

const ascii = (text: string): string => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase()
  .replace(/['’]/gu, '').replace(/[^a-z0-9]+/gu, '-').replace(/^-+|-+$/gu, '')

/** The key a source would have if no other had it ("okonjo-2021"; "river-that-2020"; "source" for nothing at all). */
export function plainKey(source: Source): string {
  const lead = firstSurname(source)
  const who = lead
    ? ascii(lead)
    : ascii(textOf(source, 'title').replace(/<[^>]*>/gu, '').replace(/^(?:the|an?)\s+/iu, '')).split('-').slice(0, 2).join('-')
  const year = yearOf(source)
  return [who.split('-').slice(0, 3).join('-').slice(0, 40) || 'source', year && Math.abs(year)].filter(Boolean).join('-')
}

/** The first key free among those taken: "marsh-2018", "marsh-2018b", "marsh-2018c"… */
export function freeKey(wanted: string, taken: ReadonlySet<string>): string {
  if (!taken.has(wanted)) return wanted
  // Keys are never reused, so those found taken before need not be asked again: thousands of one author and year are fast.
  let tried = asked.get(taken)
  if (!tried) asked.set(taken, tried = new Map())
  for (let n = tried.get(wanted) ?? 1; ; n++) {
    const candidate = wanted + letters(n)
    if (taken.has(candidate)) continue
    tried.set(wanted, n)
    return candidate
  }
}
const asked = new WeakMap<ReadonlySet<string>, Map<string, number>>()

/** 0 a, 1 b, … 25 z, 26 aa. */
export function letters(n: number): string {
  return n < 26 ? String.fromCharCode(97 + n) : letters(Math.floor(n / 26) - 1) + letters(n % 26)
}
