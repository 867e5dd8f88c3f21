import type { Node as PmNode } from '@tiptap/pm/model'
import type { DocNode } from '~~/core/sheet/document'

/** Half of a character, as an editor leaves it where a key took the other half away, is none: nothing could hold it. */
function wholeLetters(block: DocNode): DocNode {
  const text = JSON.stringify(block)
  return /\\ud[89a-f]/u.test(text) ? JSON.parse(text.replace(/\\ud[89a-f][0-9a-f]{2}/gu, '\uFFFD')) as DocNode : block
}

const known = new WeakMap<PmNode, DocNode>()
/** A block as data, made once: the editor keeps the blocks that a change does not touch. */
function blockOf(node: PmNode): DocNode {
  const before = known.get(node)
  if (before) return before
  const made = wholeLetters(node.toJSON() as DocNode)
  known.set(node, made)
  return made
}

/** The editor's document as data. Blocks that stayed are the same objects as the last time, so that what changed is found at once. */
export const documentOf = (doc: PmNode): DocNode => ({ type: 'doc', content: doc.children.map(blockOf) })
