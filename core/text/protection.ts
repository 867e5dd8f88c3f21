/** Protecting words of a title: their capitals stay whatever the style does. Kept in the title as `<span class="nocase">`. */
import { parseRich, type Segment } from './rich'

/** Segments as a stored title again, protection kept. */
export function writeRich(segments: readonly Segment[]): string {
  return segments.map((s) => {
    let text = s.text
    if (s.kept) text = `<span class="nocase">${text}</span>`
    if (s.smallCaps) text = `<sc>${text}</sc>`
    if (s.superscript) text = `<sup>${text}</sup>`
    if (s.bold) text = `<b>${text}</b>`
    return s.italic ? `<i>${text}</i>` : text
  }).join('')
}

const WORD = /([\p{L}\p{N}][\p{L}\p{M}\p{N}.’'&-]*[\p{L}\p{N}]|[\p{L}\p{N}])/u
const isWord = (piece: string): boolean => /^[\p{L}\p{N}]/u.test(piece)
const alike = (a: Segment, b: Segment): boolean =>
  (['kept', 'italic', 'bold', 'superscript', 'smallCaps'] as const).every((mark) => Boolean(a[mark]) === Boolean(b[mark]))

/** A title with each of its words passed through `change`; neighbours of one treatment are joined again. */
function mapWords(title: string, change: (word: Segment, at: number) => Segment): string {
  let n = -1
  const out: Segment[] = []
  for (const segment of parseRich(title)) {
    for (const text of segment.text.split(WORD)) {
      if (!text) continue
      const next = isWord(text) ? change({ ...segment, text }, ++n) : { ...segment, text }
      const last = out.at(-1)
      if (last && alike(last, next)) last.text += next.text
      else out.push(next)
    }
  }
  return writeRich(out)
}

const protect = ({ kept: _, ...word }: Segment, kept: boolean): Segment => (kept ? { ...word, kept } : word)

/**
 * Protects one word of a title from any change of its capitals, or releases it. A word without any capital gets one
 * first: what is protected is a name.
 * @param at the word's place among the title's words, from 0
 */
export const toggleProtection = (title: string, at: number): string => mapWords(title, (word, i) => {
  if (i !== at) return word
  const text =
    !word.kept && word.text === word.text.toLowerCase() ? word.text.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase()) : word.text
  return protect({ ...word, text }, !word.kept)
})

/** The title's words and what is between them, each word with whether it is protected. */
export function titleWords(title: string): { text: string, word: boolean, kept: boolean, italic: boolean }[] {
  return parseRich(title).flatMap(segment => segment.text.split(WORD).filter(Boolean)
    .map(text => ({ text, word: isWord(text), kept: Boolean(segment.kept), italic: Boolean(segment.italic) })))
}

/** A title as a person edits it: no protection to be seen, italics between asterisks. */
export const toEditable = (title: string): string =>
  title.replace(/<span class="nocase">([\s\S]*?)<\/span>/gu, '$1').replace(/<(i|em)>([^<*]+)<\/\1>/gu, '*$2*')

/** What was typed as a title again; words that were protected in the title before stay so where they still stand. */
export function fromEditable(typed: string, before: string): string {
  const kept = new Set(titleWords(before).filter(piece => piece.word && piece.kept).map(piece => piece.text))
  const rich = typed.replace(/(?<![\p{L}\p{N}*])\*(?=\S)([^*\n]+?)(?<=\S)\*(?![\p{L}\p{N}*])/gu, '<i>$1</i>')
  return kept.size ? mapWords(rich, word => protect(word, kept.has(word.text))) : rich
}
