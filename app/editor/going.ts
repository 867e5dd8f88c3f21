/** Going to a place in the text that another view shows: a block, or words in one of its lines, which are selected. */
import type { Node as PmNode } from '@tiptap/pm/model'
import type { EditorView } from '@tiptap/pm/view'
import type { Editor } from '@tiptap/vue-3'

/** Room kept at the head of the window, where the tools stand, and at its foot. */
const HEAD = 140
const FOOT = 90
/**
 * Brings a place of the text into the window, at its middle, unless it is in it. The editor does that only while the cursor
 * is in it. What is drawn on the way may turn out taller than it was thought: it is looked at again.
 */
export function bringIntoView(view: EditorView, pos: number, looks = 4) {
  if (view.isDestroyed) return
  const { top, bottom } = view.coordsAtPos(Math.min(pos, view.state.doc.content.size))
  if (top < HEAD || bottom > window.innerHeight - FOOT) window.scrollBy({ top: (top + bottom - window.innerHeight) / 2, behavior: 'instant' })
  if (looks > 1) requestAnimationFrame(() => bringIntoView(view, pos, looks - 1))
}

/** Waits until the text stands on the page and has its size: before that there is nothing to scroll. False when it never does. */
export async function standing(editor: Editor): Promise<boolean> {
  for (let frames = 0; frames < 300 && !editor.isDestroyed; frames++) {
    await new Promise(requestAnimationFrame)
    if (editor.view.dom.isConnected && editor.view.dom.offsetHeight) return true
  }
  return false
}

/**
 * A place as another view gives it: `block` counts blocks from 0, `path` leads to the line, `from` and `to` count its letters,
 * a citation as one.
 */
export interface TextPlace { block: number, path?: readonly number[], from?: number, to?: number }

/** Where that is in the document of the editor; nothing where the document has no such place. */
export function rangeOf(doc: PmNode, { block, path = [], from = 0, to = from }: TextPlace): { from: number, to: number } | undefined {
  if (!Number.isInteger(block) || block < 0 || block >= doc.childCount) return undefined
  let at = 0
  for (let i = 0; i < block; i++) at += doc.child(i).nodeSize
  let node = doc.child(block)
  for (const step of path) {
    if (!(step < node.childCount)) return undefined
    at++
    for (let i = 0; i < step; i++) at += node.child(i).nodeSize
    node = node.child(step)
  }
  const within = (given: number) => at + 1 + Math.max(0, Math.min(node.content.size, given))
  return { from: within(from), to: Math.max(within(from), within(to)) }
}

/** @param query the place as an address carries it: `block`, `path` with points between its steps, `from`, `to` */
export function goTo(editor: Editor, query: Record<string, unknown>) {
  const range = rangeOf(editor.state.doc, {
    block: Number(query.block),
    path: typeof query.path === 'string' && query.path ? query.path.split('.').map(Number) : [],
    from: Number(query.from ?? 0),
    to: Number(query.to ?? query.from ?? 0),
  })
  if (!range) return
  editor.chain().focus(undefined, { scrollIntoView: false }).setTextSelection(range).run()
  bringIntoView(editor.view, range.from)
}
