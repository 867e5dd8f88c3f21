/** Going to a place in the text that another view shows: a block, or words in one of its lines, which are selected. */
import type { Editor } from '@tiptap/vue-3'

/** @param place `block` counts blocks from 0, `path` leads to the line in it, `from` and `to` count its letters, a citation as one */
export function goTo(editor: Editor, place: Record<string, unknown>) {
  const { doc } = editor.state
  const index = Number(place.block)
  if (!Number.isInteger(index) || index < 0 || index >= doc.childCount) return
  let at = 0
  for (let i = 0; i < index; i++) at += doc.child(i).nodeSize
  let node = doc.child(index)
  const path = typeof place.path === 'string' && place.path ? place.path.split('.').map(Number) : []
  for (const step of path) {
    if (!(step < node.childCount)) return
    at++
    for (let i = 0; i < step; i++) at += node.child(i).nodeSize
    node = node.child(step)
  }
  const within = (given: unknown, otherwise: number) => at + 1 + Math.max(0, Math.min(node.content.size, Number(given ?? otherwise)))
  const [from, to] = [within(place.from, 0), within(place.to, 0)]
  editor.chain().focus().setTextSelection({ from, to: Math.max(from, to) }).scrollIntoView().run()
}
