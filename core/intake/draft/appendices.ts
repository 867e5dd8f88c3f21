/** Appendices of a draft, whose labels are typed: their headings are marked, and lettered by the style from then on. */
import { typedLabel } from '../../sheet/appendices'
import type { DocNode } from '../../sheet/document'
import { REFERENCE_HEADING, type Noticed } from './noticed'

const wordsOf = ({ content = [] }: DocNode): string =>
  content.map(one => (one.type === 'hardBreak' ? '\n' : (one.text ?? ''))).join('')
const isHeading = ({ type, attrs }: DocNode, deepest = 1): boolean => type === 'heading' && Number(attrs?.level) <= deepest

/** A heading without the first letters of its words. */
function cutLetters(content: readonly DocNode[], letters: number): DocNode[] {
  let left = letters
  return content.flatMap((one): DocNode[] => {
    const text = one.type === 'hardBreak' ? '\n' : (one.text ?? '')
    const cut = Math.min(left, text.length)
    left -= cut
    if (!cut) return [one]
    return cut < text.length ? [{ ...one, text: text.slice(cut) }] : []
  })
}

/**
 * Marks the headings of appendices at the end of a draft. A title that stands as a heading of its own under the label is
 * the appendix's; what stands behind appendices and is neither one nor a list of works makes them parts of the text.
 */
export function withAppendices(blocks: readonly DocNode[], noticed: readonly Noticed[]): { blocks: DocNode[], noticed: Noticed[] } {
  const typed = (one: DocNode) => isHeading(one, 2) && typedLabel(wordsOf(one)) > 0
  const others = blocks.findLastIndex(one => isHeading(one) && !typedLabel(wordsOf(one)) && !REFERENCE_HEADING.test(wordsOf(one).trim()))
  const labels = blocks.flatMap((one, at) => (typed(one) ? [at] : []))
  // The last heading of the text may be the title of the appendix above it.
  const from = others >= 0 && labels.includes(others - 1) && isBare(blocks[others - 1]!) ? others - 1 : others + 1
  const out: DocNode[] = []
  let gone: number[] = []
  blocks.forEach((one, at) => {
    const before = out.at(-1)
    if (at >= from && typed(one)) {
      out.push({ type: 'heading', attrs: { level: 1, appendix: true }, content: cutLetters(one.content ?? [], typedLabel(wordsOf(one))) })
    } else if (before?.attrs?.appendix === true && !before.content?.length && isHeading(one, 2) && labels.includes(at - 1)) {
      out[out.length - 1] = { ...before, content: one.content ?? [] }
      gone = [...gone, at]
    } else out.push(one)
  })
  const moved = (place: number) => place - gone.filter(at => at < place).length
  return { blocks: out, noticed: noticed.map(one => ({ ...one, from: moved(one.from), to: moved(one.to) })) }
}
const isBare = (one: DocNode): boolean => typedLabel(wordsOf(one)) >= wordsOf(one).length
