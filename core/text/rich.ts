/**
 * Titles as people and databases write them: plain text with a few inline tags (`<i>`, `<b>`, `<sup>`, `<sub>`,
 * `<span class="nocase">`, `<sc>`), the rich-text subset of CSL-JSON. Anything else in angle brackets is text.
 */
export interface Segment {
  text: string
  italic?: boolean
  bold?: boolean
  superscript?: boolean
  smallCaps?: boolean
  /** The writer protected this: no capital is changed in it. */
  kept?: boolean
}

const TAG = /<(\/?)(i|em|b|strong|sup|sub|sc|span)((?:\s+[a-z-]+="[^"<>]*")*)\s*>/giu

/** Splits rich text into segments; unclosed tags reach to the end, stray closing tags are dropped. */
export function parseRich(input: string): Segment[] {
  const out: Segment[] = []
  const open: { tag: string, kept: boolean }[] = []
  const push = (text: string) => {
    if (!text) return
    const has = (...tags: string[]) => open.some(o => tags.includes(o.tag))
    const segment: Segment = { text }
    if (has('i', 'em')) segment.italic = true
    if (has('b', 'strong')) segment.bold = true
    if (has('sup')) segment.superscript = true
    if (has('sc')) segment.smallCaps = true
    if (open.some(o => o.kept)) segment.kept = true
    out.push(segment)
  }
  let at = 0
  for (const match of input.matchAll(TAG)) {
    push(input.slice(at, match.index))
    at = match.index + match[0].length
    const tag = match[2]!.toLowerCase()
    if (match[1]) {
      const last = open.findLastIndex(o => o.tag === tag)
      if (last >= 0) open.splice(last, 1)
    }
    else open.push({ tag, kept: /nocase/u.test(match[3] ?? '') })
  }
  push(input.slice(at))
  return out
}

/** Rich text without its tags. */
export const stripRich = (input: string): string => input.replace(TAG, '')

/** Rich text cut by the letters of its plain form, its tags closed: `sliceRich('a <i>bc</i>', 3, 4)` is `<i>c</i>`. */
export function sliceRich(input: string, from: number, to: number): string {
  let at = 0
  return writeRich(parseRich(input).flatMap((segment) => {
    const text = segment.text.slice(Math.max(0, from - at), Math.max(0, to - at))
    at += segment.text.length
    return text ? [{ ...segment, text }] : []
  }))
}

/** Segments as rich text again. */
export function writeRich(segments: readonly Segment[]): string {
  return segments.map(({ text, italic, bold, superscript, smallCaps, kept }) => {
    let out = text
    if (kept) out = `<span class="nocase">${out}</span>`
    if (smallCaps) out = `<sc>${out}</sc>`
    if (superscript) out = `<sup>${out}</sup>`
    if (bold) out = `<b>${out}</b>`
    return italic ? `<i>${out}</i>` : out
  }).join('')
}

/** Rich text with the letters from one place to another exchanged; what comes in has the treatment of what it replaces. */
export function replaceRich(input: string, from: number, to: number, words: string): string {
  let at = 0
  let put = false
  return writeRich(parseRich(input).map((segment) => {
    const [a, b] = [Math.max(0, from - at), Math.max(0, to - at)]
    const length = segment.text.length
    const here = !put && from >= at && from < at + length
    const text = a >= length ? segment.text : segment.text.slice(0, a) + (here ? words : '') + segment.text.slice(b)
    put ||= here
    at += length
    return { ...segment, text }
  }).filter(segment => segment.text))
}
