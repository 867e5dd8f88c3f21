/** Lays a text from outside the editor on the sheet, block by block. */
import { closeHistory } from '@tiptap/pm/history'
import { Fragment, type Node as PmNode } from '@tiptap/pm/model'
import type { Transaction } from '@tiptap/pm/state'
import type { EditorView } from '@tiptap/pm/view'
import { changedStretches } from '~~/core/sheet/changed-blocks'
import { emptyDocument, type DocNode } from '~~/core/sheet/document'
import { documentOf } from './document-of'

/** A text as the editor takes it: an object of its own, without pieces of no words, which the editor cannot hold. */
export const forEditor = (doc: DocNode): Record<string, unknown> => JSON.parse(JSON.stringify(doc), (_, value: unknown) =>
  (Array.isArray(value) ? value.filter(one => !((one as DocNode | null)?.type === 'text' && !(one as DocNode).text)) : value)) as Record<string, unknown>

/** Marks a change that the store made: it is not given back to it. */
export const FROM_OUTSIDE = 'from-outside'

/** Every stretch of blocks in which the sheet and a text differ is replaced by itself; nothing where they are alike. */
export function layingOf(tr: Transaction, body: DocNode): Transaction | undefined {
  const whole = body.content?.length ? body : emptyDocument()
  const changes = changedStretches(documentOf(tr.doc), whole)
  if (!changes.length) return undefined
  const starts: number[] = [0]
  tr.doc.forEach(node => starts.push(starts.at(-1)! + node.nodeSize))
  // From the end on, so that the places before stay what they are. The text stays another's object.
  for (const { from, to, blocks } of [...changes].reverse()) {
    const nodes = blocks.map((block): PmNode => tr.doc.type.schema.nodeFromJSON(forEditor(block)))
    tr.replaceWith(starts[from]!, starts[to]!, Fragment.from(nodes))
  }
  return tr
}

/** @param undoable whether it is a step of the writer's, as a fix is; another window's words are not */
export function layBlocks(view: EditorView, body: DocNode, undoable: boolean) {
  const tr = layingOf(undoable ? closeHistory(view.state.tr) : view.state.tr, body)
  if (tr) view.dispatch(tr.setMeta(FROM_OUTSIDE, true).setMeta('addToHistory', undoable))
}
