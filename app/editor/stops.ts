/** Where raised numbers are shown: behind the marks that follow them, though the text keeps one form for every style. */
import type { Node as PmNode } from '@tiptap/pm/model'
import { Plugin, PluginKey } from '@tiptap/pm/state'
import { Decoration, DecorationSet } from '@tiptap/pm/view'
import type { CitationData } from '~~/core/sheet/document'
import { raisedAt, raisedFor } from '~~/core/sheet/placement'
import type { Style } from '~~/core/styles/schema'

/**
 * Shows the raised numbers of a block behind the marks that follow them, inside quotation marks where the style sets
 * stops there, as the page prints them, without moving a letter of the text. @param at where the block begins
 */
function behindStops(block: PmNode, at: number, style: Style): Decoration[] {
  const decorations: Decoration[] = []
  const look = (node: PmNode, pos: number, parent: PmNode | null, index: number) => {
    if (node.type.name !== 'citation' || !parent) return
    const next = parent.maybeChild(index + 1)
    const raised = next?.isText ? raisedFor(style, node.attrs.data as CitationData) : undefined
    if (!raised) return
    const last = index ? parent.child(index - 1) : undefined
    const { ahead, inside } = raisedAt(last?.isText ? last.text! : '', next!.text!, raised.marks, style.stopsInside && raised.bare)
    if (!ahead) return
    decorations.push(Decoration.inline(pos + 1, pos + 1 + ahead.length, { style: 'font-size:0' }))
    if (!inside) { decorations.push(Decoration.node(pos, pos + 1, {}, { ahead })); return }
    const quote = pos - (last!.text!.length - last!.text!.trimEnd().length) - inside.length
    if (!/[.,?!]$/u.test(last!.text!.trimEnd().slice(0, -inside.length))) {
      decorations.push(
        Decoration.widget(
          quote,
          () => {
            const span = document.createElement('span')
            span.textContent = ahead
            return span
          },
          { side: -1, key: `stop-${ahead}` },
        ),
      )
    }
  }
  block.descendants((node, pos, parent, index) => look(node, at + 1 + pos, parent, index))
  return decorations
}

export const stopsKey = new PluginKey<{ set: DecorationSet, style: Style }>('raised-stops')

/** Decorations are made again only in the blocks that a change touched: a letter typed elsewhere costs nothing. */
export function stopsPlugin(styleNow: () => Style): Plugin {
  const make = (doc: PmNode, style: Style) => {
    const all: Decoration[] = []
    doc.forEach((block, at) => { all.push(...behindStops(block, at, style)) })
    return { set: all.length ? DecorationSet.create(doc, all) : DecorationSet.empty, style }
  }
  return new Plugin({
    key: stopsKey,
    state: {
      init: (_, state) => make(state.doc, styleNow()),
      apply(tr, value, before, state) {
        const style = styleNow()
        if (style !== value.style) return make(state.doc, style)
        if (!tr.docChanged) return value
        const from = state.doc.content.findDiffStart(before.doc.content)
        if (from === null) return { set: value.set.map(tr.mapping, tr.doc), style }
        // Where what came in repeats what was there, the end found lies before the start: it is moved as far behind it.
        const end = state.doc.content.findDiffEnd(before.doc.content)!
        const to = end.a + Math.max(0, from - Math.min(end.a, end.b))
        let set = value.set.map(tr.mapping, tr.doc)
        state.doc.forEach((block, at) => {
          if (at + block.nodeSize < from || at > to) return
          const stale = set.find(at, at + block.nodeSize)
          if (stale.length) set = set.remove(stale)
          const fresh = behindStops(block, at, style)
          if (fresh.length) set = set.add(state.doc, fresh)
        })
        return { set, style }
      },
    },
    props: { decorations: state => stopsKey.getState(state)?.set },
  })
}
