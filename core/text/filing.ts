/**
 * Filing: the order of a reference list. Letter by letter within a name or title, diacritics as plain letters, digits as
 * if spelled out, a leading article ignored where a title leads. Sources: Chicago 18, 13.68, 15.71; APA 7, 9.44; MLA 9, 5.123.
 */
import { rowOf } from './lookup'
import { inWords } from './numbers'
import { stripRich } from './rich'

const SPECIAL: Record<string, string> = { ß: 'ss', æ: 'ae', œ: 'oe', ø: 'o', ł: 'l', đ: 'd', ð: 'd', þ: 'th', ı: 'i' }

/** Letters and digits only, plain and lower case, words run together: "Sable Ortiz" sableortiz. */
export const fold = (text: string): string => foldWords(text).replace(/\s+/gu, '')

/** The same, words kept apart. */
export function foldWords(text: string): string {
  // Most words are plain letters and spaces: nothing in them has to be looked up.
  if (/^[A-Za-z0-9 .,:-]*$/.test(text)) return text.toLowerCase().replace(/[^a-z0-9]+/g, ' ').trim()
  return stripRich(text).toLowerCase().replace(/[ßæœøłđðþı]/gu, c => rowOf(SPECIAL, c)!).normalize('NFKD').replace(/\p{M}/gu, '')
    .replace(/&/gu, ' and ').replace(/['’]/gu, '').replace(/[^\p{L}\p{N}]+/gu, ' ').trim()
}

/** A title's filing form: its article ignored, numbers in words. */
export function foldTitle(title: string): string {
  const words = foldWords(title).replace(/^(?:the|an?|le|la|les|l|der|die|das|el|los|las|il)\s+(?=\S)/u, (article) => {
    // Foreign articles only where the title looks foreign is more than a filing rule can know: English ones alone are dropped.
    return /^(?:the|an?)\s/u.test(article) ? '' : article
  })
  return words.replace(/\d+/gu, n => inWords(Number(n))).replace(/\s+/gu, '')
}

/** The leading article that filing ignores, if any. */
export const ignoredArticle = (title: string): string | undefined => /^\W*(the|an?)\s+\S/iu.exec(stripRich(title))?.[1]

/** Orders two filing keys: element by element, nothing before something. */
export function compareKeys(a: readonly (string | number)[], b: readonly (string | number)[]): number {
  for (let i = 0; i < Math.max(a.length, b.length); i++) {
    const x = a[i]
    const y = b[i]
    if (x === y) continue
    if (x === undefined) return -1
    if (y === undefined) return 1
    if (typeof x === 'number' && typeof y === 'number') return x - y
    return String(x) < String(y) ? -1 : 1
  }
  return 0
}
