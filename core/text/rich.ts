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
