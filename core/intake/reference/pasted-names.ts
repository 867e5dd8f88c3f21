/** Names as people paste them into a form: several at once, in whatever order and punctuation they were found. */
import { looksLikeGroup, readName, type Name } from '../../source/names'
import { splitTogether } from '../page/values'
import { readHead } from './names'

/**
 * "Alder, June; Baird, Tom", "June Alder and Tom Baird", "Alder, J., Baird, T., & Croft, U.", one a line. A single name
 * comes back as one; an organisation with an "and" in its name stays whole.
 */
export function readPastedNames(pasted: string): Name[] {
  const pieces = pasted.split(/[;\n]/u).map(piece => piece.trim().replace(/\s+/gu, ' ').replace(/^(?:by|and|&)\s+/iu, '')).filter(Boolean)
  return pieces.flatMap(readTogether)
}

const COMPRESSED = /^\p{Lu}[\p{L}’'-]+\s\p{Lu}{1,3}$/u

function readTogether(text: string): Name[] {
  if (/^\{.*\}$/u.test(text) || (text.endsWith(']') && text.includes('['))) return [readName(text)]
  const parts = text.split(/ ?, ?/u).filter(Boolean)
  // "Alder J, Baird T": surname and initials, no comma between them.
  if (parts.length > 1 && parts.every(part => COMPRESSED.test(part))) return parts.flatMap(readTogether)
  // "Alder, June, Baird, Tom": pairs.
  if (
    parts.length >= 4
    && parts.length % 2 === 0
    && !/\s(?:and|&)\s/u.test(text)
    && parts.every((part) => /^\p{Lu}[\p{L}.’' -]*$/u.test(part))
    && parts.every((part, i) => i % 2 === 1 || !/\.$/u.test(part))
  ) {
    return parts.flatMap((part, i) => (i % 2 ? [] : [readName(`${part}, ${parts[i + 1]!}`)]))
  }
  const several = /\s(?:and|&)\s|,.*,/u.test(text)
  if (!several) return COMPRESSED.test(text) ? readHead(text)[0]?.names ?? [readName(text)] : [readName(text)]
  if (looksLikeGroup(text) && !/,/u.test(text)) return [readName(text)]
  const bare = text.replace(/[,.]$/u, end => (end === '.' && /\p{Lu}\.$/u.test(text) ? end : ''))
  const head = readHead(bare).find(one => one.end >= bare.length - 1)
  if (head && head.names.length > 1) return head.names
  const apart = splitTogether(text)
  return apart.length > 1 ? apart.map(readName) : [readName(text)]
}
