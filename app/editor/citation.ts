/**
 * The editor's own pieces: the citation, an inline atom that shows what the core makes of it; the ways to open the
 * picker; the raised mark.
 */
import { InputRule, Mark, Node, mergeAttributes } from '@tiptap/core'
import { Plugin, type EditorState } from '@tiptap/pm/state'
import { Decoration, DecorationSet } from '@tiptap/pm/view'
import { VueNodeViewRenderer } from '@tiptap/vue-3'
import CitationChip from '~/components/write/CitationChip.vue'
import { movedBehind, type CitationData } from '~~/core/sheet/document'

export const newCitationId = (): string => crypto.randomUUID().slice(0, 8)

const parse = (text: string | null): CitationData => {
  try { return JSON.parse(text ?? '') as CitationData }
  catch { return { items: [], form: 'parenthetical' } }
}

export interface CitationHost {
  openPicker: () => void
  /** Whether the style sets raised numbers behind the stop that follows. */
  raised: () => boolean
}

/**
 * Shows a raised number behind the comma or full stop that follows it, as the page prints it, without moving a letter of
 * the text: the chip shows the mark, the typed one takes no room.
 */
function behindStops(state: EditorState): DecorationSet {
  const decorations: Decoration[] = []
  state.doc.descendants((node, pos, parent, index) => {
    if (node.type.name !== 'citation') return
    const next = parent?.maybeChild(index + 1)
    const ahead = next?.isText ? movedBehind(next.text ?? '') : ''
    if (!ahead) return
    decorations.push(Decoration.node(pos, pos + 1, {}, { ahead }), Decoration.inline(pos + 1, pos + 1 + ahead.length, { style: 'font-size:0' }))
  })
  return DecorationSet.create(state.doc, decorations)
}

export const CitationNode = ({ openPicker, raised }: CitationHost) => Node.create({
  name: 'citation', group: 'inline', inline: true, atom: true, selectable: true, draggable: true,
  addAttributes: () => ({
    id: { default: '', parseHTML: el => el.getAttribute('data-cid') ?? '', renderHTML: attrs => ({ 'data-cid': attrs.id as string }) },
    data: { default: { items: [], form: 'parenthetical' }, parseHTML: el => parse(el.getAttribute('data-citation')), renderHTML: attrs => ({ 'data-citation': JSON.stringify(attrs.data) }) },
  }),
  parseHTML: () => [{ tag: 'span[data-citation]' }],
  renderHTML: ({ HTMLAttributes }) => ['span', mergeAttributes(HTMLAttributes)],
  addNodeView: () => VueNodeViewRenderer(CitationChip as never, {
    // Drawn again also when only what stands around it changed.
    update: ({ oldNode, newNode, updateProps }) => {
      if (oldNode.type !== newNode.type) return false
      updateProps()
      return true
    },
  }),
  addInputRules: () => [new InputRule({
    find: /;;$/u,
    handler: ({ range, chain }) => {
      chain().deleteRange(range).run()
      setTimeout(openPicker)
    },
  })],
  addKeyboardShortcuts: () => ({ 'Mod-\'': () => { openPicker(); return true } }),
  addProseMirrorPlugins: () => [new Plugin({
    props: { decorations: state => (raised() ? behindStops(state) : null) },
    // A pasted or duplicated citation is a citation of its own.
    appendTransaction: (transactions, _before, state) => {
      if (!transactions.some(tr => tr.docChanged)) return null
      const seen = new Set<string>()
      const tr = state.tr
      state.doc.descendants((node, pos) => {
        if (node.type.name !== 'citation') return
        const id = String(node.attrs.id)
        if (!id || seen.has(id)) tr.setNodeMarkup(pos, undefined, { ...node.attrs, id: newCitationId() })
        else seen.add(id)
      })
      return tr.docChanged ? tr.setMeta('addToHistory', false) : null
    },
  })],
})

export const Superscript = Mark.create({
  name: 'superscript',
  parseHTML: () => [{ tag: 'sup' }],
  renderHTML: ({ HTMLAttributes }) => ['sup', mergeAttributes(HTMLAttributes), 0],
  addKeyboardShortcuts() { return { 'Mod-.': () => this.editor.commands.toggleMark(this.name) } },
})
