/** Whether a quotation in the paper still says what its passage says: left-out words and bracketed changes are allowed. */
import { foldWords } from '../text/filing'

export interface Stray { /** Words of the quotation that the passage does not have there. */ words: string }

/**
 * @param quotation as it stands in the paper; @param passage the source's words
 * @returns undefined when every stretch between ellipses stands in the passage, in order, brackets aside
 */
export function straysFrom(quotation: string, passage: string): Stray | undefined {
  const whole = foldWords(passage).split(' ').filter(Boolean)
  let from = 0
  for (const stretch of quotation.split(/\[?(?:\.\s?){3,4}\]?|\[?…\]?/u)) {
    // What stands in brackets is the writer's, and says so.
    for (const [i, piece] of stretch.split(/\[[^\][]*\]/u).entries()) {
      const words = foldWords(piece).split(' ').filter(Boolean)
      if (!words.length) continue
      // “[t]he”: behind a bracket the rest of a word.
      const at = find(whole, words, from, i > 0 && /^\p{L}/u.test(piece))
      if (at < 0) return { words: firstStray(whole, piece, from) }
      from = at + words.length
    }
  }
  return undefined
}

function find(whole: readonly string[], words: readonly string[], from: number, part = false): number {
  for (let i = from; i + words.length <= whole.length; i++)
    if (words.every((word, n) => whole[i + n] === word || (part && n === 0 && whole[i]!.endsWith(word)))) return i
  return -1
}

/** The words from the first that differs on, as they are written. */
function firstStray(whole: readonly string[], piece: string, from: number): string {
  const written = piece.trim().split(/\s+/u)
  const folded = written.flatMap((word, n) => foldWords(word).split(' ').filter(Boolean).map(one => ({ one, n })))
  let most = 0
  for (let i = from; i < whole.length && most < folded.length; i++) {
    let same = 0
    while (same < folded.length && whole[i + same] === folded[same]!.one) same++
    most = Math.max(most, same)
  }
  const n = most ? folded[most - 1]!.n + 1 : 0
  return written.slice(n, n + 6).join(' ')
}

/** The quotation that ends before a place in a paragraph: inside the last pair of quotation marks, or all of a block quotation. */
export function quotedBefore(text: string, block: boolean): string | undefined {
  if (block) return text.trim() || undefined
  const match =
    /[“"]([^“”"]*)[”"][\s.,;:?!]*[^“”"]{0,80}$/u.exec(text) ?? /(?<=[\s(]|^)‘((?:[^‘’]|’(?=\p{L}))*)’[\s.,;:?!]*[^‘’]{0,80}$/u.exec(text)
  return match?.[1]
}
