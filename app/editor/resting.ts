/**
 * In a long paper, blocks that have been let alone rest: the browser does not lay them out while they are far from the
 * window. A block that was just made or changed, and the one with the cursor, never rest: a browser loses a letter that
 * is typed into a block it has not yet drawn.
 */
import { Extension } from '@tiptap/core'
import { Plugin, PluginKey, type EditorState } from '@tiptap/pm/state'
import { Decoration, DecorationSet } from '@tiptap/pm/view'

/** Shorter papers are laid out soon enough as they are. */
const LONG = 120
/** Blocks rest once nothing was typed for so long, in milliseconds. */
const PAUSE = 1500
const key = new PluginKey<DecorationSet>('resting')

function all(state: EditorState): DecorationSet {
  if (state.doc.childCount < LONG) return DecorationSet.empty
  const { $head } = state.selection
  const here = $head.depth ? $head.before(1) : $head.pos
  const decorations: Decoration[] = []
  state.doc.forEach((node, pos) => { if (pos !== here) decorations.push(Decoration.node(pos, pos + node.nodeSize, { class: 'resting' })) })
  return DecorationSet.create(state.doc, decorations)
}

export const Resting = Extension.create({
  name: 'resting',
  addProseMirrorPlugins: () => [new Plugin<DecorationSet>({
    key,
    state: {
      init: (_, state) => all(state),
      apply(tr, set, _, state) {
        if (tr.getMeta(key)) return all(state)
        let next = tr.docChanged ? set.map(tr.mapping, tr.doc) : set
        if (next === DecorationSet.empty || !(tr.docChanged || tr.selectionSet)) return next
        // The block of the cursor, and what stands on either side of it, is drawn.
        const { $from, $to } = state.selection
        const from = $from.depth ? $from.before(1) : $from.pos
        const to = $to.depth ? $to.after(1) : $to.pos
        const awake = next.find(Math.max(0, from - 1), Math.min(state.doc.content.size, to + 1))
        if (awake.length) next = next.remove(awake)
        return next
      },
    },
    props: { decorations: state => key.getState(state) },
    view: () => {
      let timer: ReturnType<typeof setTimeout> | undefined
      return {
        update(view, before) {
          if (view.state.doc === before.doc || view.state.doc.childCount < LONG) return
          clearTimeout(timer)
          timer = setTimeout(() => {
            // Only when enough was made or woken since to be worth it.
            const resting = key.getState(view.state)?.find().length ?? 0
            if (!view.isDestroyed && view.state.doc.childCount - resting > 40) view.dispatch(view.state.tr.setMeta(key, true).setMeta('addToHistory', false))
          }, PAUSE)
        },
        destroy: () => clearTimeout(timer),
      }
    },
  })],
})
