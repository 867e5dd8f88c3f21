/**
 * In a long paper, blocks rest: the browser does not lay them out while they are far from the window. A block that was
 * just made or changed, and the ones around the cursor, are awake: a browser loses a letter that is typed into a block it
 * has not yet drawn. It is the few awake ones that are marked, since every mark costs at every letter.
 */
import { Extension } from '@tiptap/core'
import { Plugin, PluginKey, type EditorState, type Transaction } from '@tiptap/pm/state'
import { Decoration, DecorationSet } from '@tiptap/pm/view'

/** Shorter papers are laid out soon enough as they are. */
const LONG = 120
/** Awake blocks go to rest again once nothing was typed for so long, in milliseconds, and when there are many. */
const PAUSE = 1500
const MANY = 40
const key = new PluginKey<DecorationSet>('resting')
const isLong = (state: EditorState): boolean => state.doc.childCount >= LONG

/** The blocks from one place of the document to another, and what stands on either side of them, awake. */
function wake(set: DecorationSet, state: EditorState, from: number, to: number): DecorationSet {
  const { doc } = state
  const first = Math.max(0, doc.resolve(Math.min(from, doc.content.size)).index(0) - 1)
  const last = Math.min(doc.childCount - 1, doc.resolve(Math.min(to, doc.content.size)).index(0) + 1)
  const fresh: Decoration[] = []
  let pos = doc.resolve(Math.min(from, doc.content.size)).posAtIndex(first, 0)
  for (let index = first; index <= last; index++) {
    const end = pos + doc.child(index).nodeSize
    if (!set.find(pos, end).some(one => one.from === pos)) fresh.push(Decoration.node(pos, end, { class: 'awake' }))
    pos = end
  }
  return fresh.length ? set.add(doc, fresh) : set
}
const aroundCursor = (set: DecorationSet, state: EditorState) => wake(set, state, state.selection.from, state.selection.to)
/** What a change made or touched, from the first place to the last, in the document behind it. */
function touched({ mapping }: Transaction): { from: number, to: number } | undefined {
  let [from, to] = [Infinity, -1]
  mapping.maps.forEach((map, i) => map.forEach((_, __, start, end) => {
    from = Math.min(from, mapping.slice(i + 1).map(start, -1))
    to = Math.max(to, mapping.slice(i + 1).map(end, 1))
  }))
  return to < 0 ? undefined : { from, to }
}

export const Resting = Extension.create({
  name: 'resting',
  addProseMirrorPlugins: () => [new Plugin<DecorationSet>({
    key,
    state: {
      init: (_, state) => (isLong(state) ? aroundCursor(DecorationSet.empty, state) : DecorationSet.empty),
      apply(tr, set, _, state) {
        if (!isLong(state)) return DecorationSet.empty
        if (tr.getMeta(key)) return aroundCursor(DecorationSet.empty, state)
        if (!tr.docChanged && !tr.selectionSet) return set
        const next = aroundCursor(tr.docChanged ? set.map(tr.mapping, tr.doc) : set, state)
        const change = tr.docChanged ? touched(tr) : undefined
        return change ? wake(next, state, change.from, change.to) : next
      },
    },
    props: {
      attributes: state => (isLong(state) ? { class: 'long' } : {} as Record<string, string>),
      decorations: state => key.getState(state),
    },
    view: () => {
      let timer: ReturnType<typeof setTimeout> | undefined
      return {
        update(view, before) {
          if (view.state.doc === before.doc || !isLong(view.state)) return
          clearTimeout(timer)
          timer = setTimeout(() => {
            const awake = key.getState(view.state)?.find().length ?? 0
            if (!view.isDestroyed && awake > MANY) view.dispatch(view.state.tr.setMeta(key, true).setMeta('addToHistory', false))
          }, PAUSE)
        },
        destroy: () => clearTimeout(timer),
      }
    },
  })],
})
