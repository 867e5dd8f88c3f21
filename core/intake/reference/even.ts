import { rowOf } from '../../text/lookup'

/** A text made even for matching, letter by letter, so that places in it are places in the text: small letters, straight marks. */
export const even = (text: string): string => text.replace(/[^a-z0-9 .,]/gu, evenLetter)

const MARKS: Readonly<Record<string, string>> = { '“': '"', '”': '"', '„': '"', '‘': '\'', '’': '\'', '–': '-', '—': '-', '‐': '-', '‑': '-', '\u00A0': ' ' }
const evenLetter = (letter: string): string => {
  const mark = rowOf(MARKS, letter)
  if (mark) return mark
  const small = letter.toLowerCase()
  return small.length === letter.length ? small : letter
}
