/** Blocks with something in them changed: what fixes of the text are made of. Letters count from 0, a citation as one. */
import type { DocNode } from '../sheet/document'
import type { Change } from './finding'

const lengthOf = (node: DocNode): number => (node.type === 'text' ? (node.text ?? '').length : 1)

/** Inline nodes from one place to another. */
export function sliceInline(content: readonly DocNode[], from: number, to: number): DocNode[] {
  const out: DocNode[] = []
  let at = 0
  for (const node of content) {
    const length = lengthOf(node)
    const [a, b] = [Math.max(0, from - at), Math.min(length, to - at)]
    if (a < b) out.push(node.type === 'text' ? { ...node, text: node.text!.slice(a, b) } : node)
    at += length
  }
  return out
}

const sameMarks = (a: DocNode, b: DocNode) => JSON.stringify(a.marks ?? []) === JSON.stringify(b.marks ?? [])
/** Neighbouring text of the same marks as one node. */
export function joined(content: readonly DocNode[]): DocNode[] {
  const out: DocNode[] = []
  for (const node of content) {
    const last = out.at(-1)
    if (node.type === 'text' && !node.text) continue
    if (last?.type === 'text' && node.type === 'text' && sameMarks(last, node))
      out[out.length - 1] = { ...last, text: last.text! + node.text! }
    else out.push(node)
  }
  return out
}

/** A block with the line at `path` changed. */
export function withLine(block: DocNode, path: readonly number[], change: (content: readonly DocNode[]) => DocNode[]): DocNode {
  const [step, ...rest] = path
  if (step === undefined) return { ...block, content: joined(change(block.content ?? [])) }
  return { ...block, content: block.content!.map((child, i) => (i === step ? withLine(child, rest, change) : child)) }
}

/** One stretch of a line for something else; text comes in with the marks of the letter before it. */
export interface Splice { from: number, to: number, put: string | readonly DocNode[] }

/** A block with stretches of one of its lines replaced; they do not overlap. */
export function splice(block: DocNode, path: readonly number[], splices: readonly Splice[]): DocNode {
  return withLine(block, path, (content) => {
    const wanted = [...splices].sort((a, b) => a.from - b.from)
    const out: DocNode[] = []
    let at = 0
    let n = 0
    /** Marks of the text last gone over. */
    let marks: DocNode['marks']
    const bring = ({ put }: Splice) => {
      if (typeof put !== 'string') out.push(...put)
      else if (put) out.push({ ...(marks?.length ? { marks } : {}), type: 'text', text: put })
    }
    for (const node of content) {
      const end = at + lengthOf(node)
      if (node.type === 'text') marks = node.marks
      let kept = at
      for (; n < wanted.length && wanted[n]!.from < end; n++) {
        const one = wanted[n]!
        if (one.from > kept) out.push(...sliceInline([node], kept - at, one.from - at))
        if (one.from >= at) bring(one)
        kept = Math.max(kept, Math.min(end, one.to))
        if (one.to > end) break
      }
      if (kept < end) out.push(...sliceInline([node], kept - at, end - at))
      at = end
      // One that goes on into the next piece brings nothing there.
      if (wanted[n] && wanted[n]!.from < end && wanted[n]!.to <= end) n++
    }
    for (; n < wanted.length; n++) if (wanted[n]!.from >= at) bring(wanted[n]!)
    return out
  })
}

/** A block with stretches of many of its lines replaced, gone through once. */
export function spliceLines(block: DocNode, lines: readonly { path: readonly number[], splices: readonly Splice[] }[], depth = 0): DocNode {
  const here = lines.find(({ path }) => path.length === depth)
  if (here) return splice(block, [], here.splices)
  const below = new Map<number, typeof lines[number][]>()
  for (const line of lines) {
    const step = line.path[depth]!
    const there = below.get(step)
    if (there) there.push(line)
    else below.set(step, [line])
  }
  return { ...block, content: block.content!.map((child, i) => (below.has(i) ? spliceLines(child, below.get(i)!, depth + 1) : child)) }
}

/** Another block in the place of one, as a change of the text; the checker moves it to where the block stands. */
export const blockBecomes = (...blocks: DocNode[]): Change => ({ on: 'text', from: 0, to: 1, blocks })
