/**
 * What a change of the text is, so that a letter typed sends a paragraph and not the whole paper; and two changes of one
 * text made one, where they touch different blocks.
 */
import { diffArrays } from 'diff'
import type { DocNode } from './document'

/** In a text of `of` blocks, those from `from` up to `to` (not included) give way to `blocks`. */
export interface BlocksChange { from: number, to: number, of: number, blocks: DocNode[] }

const blocksIn = (doc: DocNode): DocNode[] => doc.content ?? []
/** The same object, or the same words: an editor gives blocks that it did not touch as the objects they were. */
const same = (a: DocNode, b: DocNode): boolean => a === b || JSON.stringify(a) === JSON.stringify(b)

/** The blocks in which a text differs from what it was, as one stretch; none where they are alike. */
export function changedBlocks(before: DocNode, after: DocNode): BlocksChange | undefined {
  const [old, now] = [blocksIn(before), blocksIn(after)]
  const short = Math.min(old.length, now.length)
  let from = 0
  while (from < short && same(old[from]!, now[from]!)) from++
  let behind = 0
  while (behind < short - from && same(old[old.length - 1 - behind]!, now[now.length - 1 - behind]!)) behind++
  if (from === old.length && from === now.length) return undefined
  return { from, to: old.length - behind, of: old.length, blocks: now.slice(from, now.length - behind) }
}

/** The text with a change made. @throws RangeError where the change was made of a text of another length */
export function withBlocks(doc: DocNode, { from, to, of, blocks }: BlocksChange): DocNode {
  const old = blocksIn(doc)
  if (old.length !== of) throw new RangeError(`A change of ${of} blocks cannot be made in ${old.length}.`)
  return { ...doc, content: [...old.slice(0, from), ...blocks, ...old.slice(to)] }
}

/** Of a text's blocks those from `from` up to `to` (not included) give way to `blocks`. */
export interface Stretch { from: number, to: number, blocks: DocNode[] }
const written = (doc: DocNode) => blocksIn(doc).map(block => JSON.stringify(block))
/** Everything in which a text differs from what it was, each stretch by itself; as one where it is another text altogether. */
export function changedStretches(before: DocNode, after: DocNode): Stretch[] {
  const whole = changedBlocks(before, after)
  if (!whole) return []
  return stretches(written(before), written(after), blocksIn(after)) ?? [{ from: whole.from, to: whole.to, blocks: whole.blocks }]
}
/** Past so many blocks changed it is another text, and not worth comparing. */
const OTHER_TEXT = 2000
function stretches(before: readonly string[], after: readonly string[], blocks: readonly DocNode[]): Stretch[] | undefined {
  const changes = diffArrays([...before], [...after], { maxEditLength: OTHER_TEXT }) as ReturnType<typeof diffArrays<string>> | undefined
  if (!changes) return undefined
  const out: Stretch[] = []
  let [old, now] = [0, 0]
  let open: Stretch | undefined
  for (const { added, removed, count } of changes) {
    if (!added && !removed) { open = undefined; old += count; now += count; continue }
    if (!open) out.push(open = { from: old, to: old, blocks: [] })
    if (removed) open.to = old += count
    else { open.blocks.push(...blocks.slice(now, now + count)); now += count }
  }
  return out
}

/**
 * Two texts made from one, together: each one's changes in their places. Undefined where both changed the same block or
 * put something at the same place, which only the writer can settle.
 */
export function joinTexts(base: DocNode, mine: DocNode, theirs: DocNode): DocNode | undefined {
  const old = written(base)
  const [here, there] = [stretches(old, written(mine), blocksIn(mine)), stretches(old, written(theirs), blocksIn(theirs))]
  if (!here || !there) return undefined
  const all = [...here, ...there].sort((a, b) => a.from - b.from || a.to - b.to)
  for (const [i, one] of all.entries()) {
    const next = all[i + 1]
    if (next && (next.from < one.to || next.from === one.from)) return undefined
  }
  const content: DocNode[] = []
  let at = 0
  for (const { from, to, blocks } of all) {
    content.push(...blocksIn(base).slice(at, from), ...blocks)
    at = to
  }
  return { ...base, content: [...content, ...blocksIn(base).slice(at)] }
}
