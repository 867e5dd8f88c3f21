/** A pasted list as its references, one a piece: what a page needs to know whether it has a list before it. */
import { stripRich } from '../../text/rich'
import { PARTICLE } from '../../text/lists/particles'
import { REFERENCE_HEADING } from '../draft/noticed'

/** A sign at the head of an entry that repeats the names of the one before: —, ---, ______. */
export const REPEATED = /^\s*(?:[—–―_-]{2,}|-{3}|⸻)\s*[.,]?\s*/u

/** The number of an entry in front of it: [1], (1), 1. and, where a page lost the space behind it, "1.Okonjo". */
export const ENTRY_NUMBER = /^\s*(?:\[\d{1,3}\]|\(?\d{1,3}[.)](?=\s|\p{Lu}))\s*/u

const isHeading = (line: string): boolean => REFERENCE_HEADING.test(line) || /^(?:literature|(?:end)?notes)\s*:?$/iu.test(line)
const NUMBERED = /^(?:\[\d{1,3}\]|\(?\d{1,3}[.)])\s+\S/u

/** Splits a pasted list into references. Lines that a PDF broke are joined; a heading over the list goes. */
export function splitReferences(text: string): string[] {
  const blocks = text
    .split(/\n\s*\n/u)
    .map((block) =>
      block
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line && !isHeading(stripRich(line).replace(/\*/gu, ''))),
    )
    .filter((block) => block.length)
  return blocks.flatMap((lines) => {
    const counted = inSequence(lines)
    const out: string[] = []
    for (const [i, line] of lines.entries()) {
      const begins = i === 0 || (counted ? NUMBERED.test(line) : startsReference(line, lines[i - 1]!))
      if (begins) out.push(line)
      else out[out.length - 1] = joinBroken(out.at(-1)!, line)
    }
    return out
  })
}

/** Whether the lines that begin with a number count up one by one: then only they begin a reference. */
function inSequence(lines: readonly string[]): boolean {
  const numbers = lines.map(line => NUMBERED.exec(line)?.[0].match(/\d+/u)?.[0]).filter(n => n !== undefined).map(Number)
  return numbers.length > 1 && NUMBERED.test(lines[0]!) && numbers.every((n, i) => i === 0 || n === numbers[i - 1]! + 1)
}

/**
 * A reference that begins with a small letter: a surname with its particle ("van der Berg, S.", "al-Khatib, Nadia",
 * "d’Aubigny, M."), or a name that is written small ("hooks, bell. (1994)").
 */
const SMALL_HEAD = new RegExp(
  `^(?:(?:(?:${PARTICLE}) )+\\p{Lu}|(?:al|el|an|ar|as|at|ad)[-\u2010]\\p{Lu}|[dl][’']\\p{Lu}`
  + '|\\p{Ll}[\\p{L}’\'-]+, (?:\\p{L}\\.|\\p{Ll}+)(?: \\p{Lu}\\.)*\\.? (?:\\(|[“"]|\\p{Lu}))', 'u')

/** A line begins a reference when the one before it came to an end and it begins as references do. */
function startsReference(line: string, before: string): boolean {
  const bare = stripRich(line).replace(/^\*/u, '')
  if (/^\p{Ll}/u.test(bare) && !SMALL_HEAD.test(bare)) return false
  if (/^(?:https?:|doi|vol\.|no\.|pp?\.|pages?\s|[Rr]etrieved|[Aa]ccessed|[Aa]vailable|In\s(?!\p{Ll})|\(|\d+[-–,]|&|and\s)/u.test(bare)) return false
  const ended =
    /[.!?”"’)\]*>]\s*$/u.test(before) || /https?:\/\/\S+$/u.test(before) || /10\.\d{4,}\/\S+$/u.test(before) || /\d$/u.test(before)
  if (!ended) return false
  if (/^\[\d{1,3}\]\s/u.test(bare)) return true
  // A line that ends in the middle of things (an initial, "In", "Vol.") goes on.
  if (/(?:\s|^)(?:\p{Lu}|In|Vol|No|pp|Eds?|trans|J|Univ)\.$/u.test(before) && before.length < 80) return false
  return (
    REPEATED.test(bare)
    || /\b(?:1[5-9]|20)\d{2}\b|n\.\s?d\.|in press|forthcoming|no date|https?:|10\.\d{4}/iu.test(bare)
    || bare.length > 40
  )
}

const joinBroken = (before: string, line: string): string =>
  /\p{Ll}-$/u.test(before) && /^\p{Ll}/u.test(line)
    ? before.slice(0, -1) + line
    : /https?:\/\/\S*[/-]$/u.test(before)
      ? before + line
      : `${before} ${line}`
