/** DOIs, ISBNs and web addresses in any spelling, several at once. */

export type Identifier = { type: 'doi' | 'isbn' | 'url', value: string, typed: string }

const DOI = /10\.\d{4,9}(?:\.\d+)*\/[^\s"<>{}]+/u

/**
 * A DOI without resolver, prefix word or the punctuation of the sentence around it; lower case, as DOIs compare.
 * Anything else comes back trimmed.
 */
export function tidyDoi(typed: string): string {
  const found = DOI.exec(decodeSafely(typed.trim()))?.[0]
  return found ? trimEnd(found) : typed.trim()
}
export const isDoi = (text: string): boolean => new RegExp(`^${DOI.source}$`, 'u').test(text)

/** Trailing stops, commas and brackets that opened outside. */
function trimEnd(text: string): string {
  let out = text.replace(/[.,;:'’”]+$/u, '')
  while (/[)\]]$/u.test(out) && count(out, out.at(-1)!) > count(out, out.endsWith(')') ? '(' : '['))
    out = out.slice(0, -1).replace(/[.,;:]+$/u, '')
  return out
}
const count = (text: string, char: string): number => text.split(char).length - 1
const decodeSafely = (text: string): string => {
  if (!/%[0-9a-f]{2}/iu.test(text)) return text
  try { return decodeURIComponent(text) }
  catch { return text }
}

/** The digits of an ISBN whose check digit is right; undefined for anything else. Source: ISO 2108, annex C. */
export function readIsbn(typed: string): string | undefined {
  const digits = typed.replace(/^\s*(?:e-?)?ISBN(?:-1[03])?\s*:?\s*/iu, '').replace(/[\s\u2010-\u2015-]/gu, '').toUpperCase()
  if (/^97[89]\d{10}$/u.test(digits))
    return [...digits].reduce((sum, d, i) => sum + Number(d) * (i % 2 ? 3 : 1), 0) % 10 === 0 ? digits : undefined
  if (/^\d{9}[\dX]$/u.test(digits))
    return [...digits].reduce((sum, d, i) => sum + (d === 'X' ? 10 : Number(d)) * (10 - i), 0) % 11 === 0 ? digits : undefined
  return undefined
}
/** An ISBN of ten digits as one of thirteen, for comparing. */
export function isbn13(isbn: string): string {
  const digits = isbn.replace(/[^\dX]/giu, '').toUpperCase()
  if (digits.length !== 10) return digits
  const body = `978${digits.slice(0, 9)}`
  return body + String((10 - ([...body].reduce((sum, d, i) => sum + Number(d) * (i % 2 ? 3 : 1), 0) % 10)) % 10)
}

/**
 * Every identifier in what was typed, in order; undefined when something else is in it than identifiers and separators,
 * so that a reference with a DOI at its end is not taken for a bare DOI.
 */
export function readIdentifiers(typed: string): Identifier[] | undefined {
  const out: Identifier[] = []
  for (const piece of splitPieces(typed)) {
    const identifier = readOne(piece)
    if (!identifier) return undefined
    if (!out.some((other) => other.type === identifier.type && other.value.toLowerCase() === identifier.value.toLowerCase()))
      out.push(identifier)
  }
  return out.length ? out : undefined
}

function splitPieces(typed: string): string[] {
  // ISBNs are typed with spaces inside, and "DOI 10.…" with one behind the word.
  const lines = typed.split(/[\n;]+|,(?=\s)/u).map(line => line.trim()).filter(Boolean)
  return lines.flatMap((line) => {
    if (readOne(line)) return [line]
    return line.replace(/\b((?:doi|isbn(?:-1[03])?)\s*:?)\s+/giu, '$1').split(/\s+/u)
  })
}

function readOne(piece: string): Identifier | undefined {
  const typed = piece.trim().replace(/^[<("“]+|[>"”]+$/gu, '')
  const doi = /^(?:https?:\/\/)?(?:(?:dx\.)?doi\.org\/|(?:www\.)?doi\.org\/)?(?:doi:?\s*)?(10\.\d{4,9}.*)$/iu.exec(decodeSafely(typed))
  if (doi && !/\s/u.test(doi[1]!)) {
    const value = tidyDoi(doi[1]!)
    if (isDoi(value)) return { type: 'doi', value, typed: piece }
  }
  if (/^https?:\/\/[^\s/][^\s./]*\.\S+$/iu.test(typed) || /^www\.[^\s/][^\s./]*\.\S+$/iu.test(typed)) {
    // A publisher's page with the DOI in its path is still a page: it is looked up as one.
    return { type: 'url', value: trimEnd(/^https?:/iu.test(typed) ? typed : `https://${typed}`), typed: piece }
  }
  if (/^(?:[a-z0-9-]+\.)+(?:com|org|net|edu|gov|info|example|uk|eu|de|fr)(?:\/\S*)?$/iu.test(typed))
    return { type: 'url', value: `https://${trimEnd(typed)}`, typed: piece }
  const isbn = readIsbn(typed)
  return isbn ? { type: 'isbn', value: isbn, typed: piece } : undefined
}
