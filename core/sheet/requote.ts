/**
 * The writer's quotations set as a style sets them: “double” or ‘single’ outside, commas and full stops inside the closing
 * marks or outside. Offered when a style that does it otherwise is chosen, never done unasked. Block quotations and verse
 * stand as their source has them. Sources: APA 7, 6.7; MLA Handbook 9, 6.50; Chicago 18, 6.9; New Hart's Rules 4.11, 9.2.
 */
import type { Style } from '../styles/schema'
import { findQuotes } from '../text/quotes'
import type { DocNode } from './document'

/** The document with its quotations set so, and how many of them were set otherwise. */
export interface Requoted { doc: DocNode, changed: number }

export function requote(doc: DocNode, style: Pick<Style, 'quotes' | 'stopsInside'>): Requoted {
  let changed = 0
  const visit = (node: DocNode): DocNode => {
    if (!node.content || node.type === 'blockquote' || node.type === 'verse') return node
    if (!node.content.some(child => child.type === 'text')) {
      const content = node.content.map(visit)
      return content.every((child, i) => child === node.content![i]) ? node : { ...node, content }
    }
    const given = node.content.map(child => (child.type === 'text' ? child.text ?? '' : '\uFFFC'))
    const set = requoteText(given.join(''), style)
    changed += set.changed
    if (!set.changed) return node
    // Marks change places only with their neighbours: every piece keeps its length.
    const chars = [...set.text]
    let at = 0
    return {
      ...node,
      content: node.content.map((child, i) => {
        const length = [...given[i]!].length
        const text = chars.slice(at, at + length).join('')
        at += length
        return child.type === 'text' ? { ...child, text } : child
      }),
    }
  }
  return { doc: visit(doc), changed }
}

/** One paragraph's text; `\uFFFC` stands for a citation. */
export function requoteText(
  text: string,
  { quotes, stopsInside }: Pick<Style, 'quotes' | 'stopsInside'>,
): { text: string, changed: number } {
  const before = [...text]
  const chars = [...text]
  const levels = [quotes.outer, quotes.inner]
  const signs = findQuotes(text)
  for (const { at, sign, level } of signs) if (sign === 'open' || sign === 'close') chars[at] = levels[level % 2]![sign === 'open' ? 0 : 1]
  const touched = new Set<number>()
  const opened: number[] = []
  signs.forEach((one, i) => {
    if (one.sign === 'open') opened.push(one.at)
    if (one.sign !== 'close') return
    const from = opened.pop()!
    if (chars[from] !== before[from] || chars[one.at] !== before[one.at]) touched.add(from)
    // Closing marks that stand together close together: the outermost settles the stop.
    if (signs[i + 1]?.sign === 'close' && signs[i + 1]!.at === one.at + 1) return
    let first = one.at
    for (let n = i - 1; signs[n]?.sign === 'close' && signs[n]!.at === first - 1; n--) first--
    if (stopsInside) {
      // A stop comes in unless the quotation has one already; one behind a number in brackets is not the quotation's.
      if (/[.,]/u.test(chars[one.at + 1] ?? '') && !/[.,?!…]/u.test(chars[first - 1] ?? '')) {
        move(chars, one.at + 1, first)
        touched.add(from)
      }
    } else if (
      /[.,]/u.test(chars[first - 1] ?? '')
      && !/[.,;:?!\uFFFC]/u.test(chars[one.at + 1] ?? '')
      && !/[.\u00A0…]/u.test(chars[first - 2] ?? '')
    ) {
      // A whole sentence that is led in by a stop, a comma or a colon keeps its own full stop.
      const whole =
        chars[first - 1] === '.' && /\p{Lu}/u.test(chars[from + 1] ?? '') && /(?:^|[.?!:,—–]\s*)$/u.test(chars.slice(0, from).join(''))
      if (!whole) {
        move(chars, first - 1, one.at)
        touched.add(from)
      }
    }
  })
  return { text: chars.join(''), changed: touched.size }
}

/** Moves one letter to another place, those between along by one. */
function move(chars: string[], from: number, to: number) {
  const [char] = chars.splice(from, 1)
  chars.splice(to, 0, char!)
}
