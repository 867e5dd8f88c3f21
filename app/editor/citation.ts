/**
 * The editor's own pieces: the citation, an inline atom that shows what the core makes of it; the ways to open the
 * picker; the raised mark.
 */
import { InputRule, Mark, Node, mergeAttributes } from '@tiptap/core'
import { Plugin } from '@tiptap/pm/state'
import { VueNodeViewRenderer } from '@tiptap/vue-3'
import CitationChip from '~/components/write/CitationChip.vue'
import type { CitationData } from '~~/core/sheet/document'

export const newCitationId = (): string => crypto.randomUUID().slice(0, 8)

const parse = (text: string | null): CitationData => {
  try { return JSON.parse(text ?? '') as CitationData }
  catch { return { items: [], form: 'parenthetical' } }
}

export const CitationNode = (openPicker: () => void) => Node.create({
  name: 'citation', group: 'inline', inline: true, atom: true, selectable: true, draggable: true,
  addAttributes: () => ({
    id: { default: '', parseHTML: el => el.getAttribute('data-cid') ?? '', renderHTML: attrs => ({ 'data-cid': attrs.id as string }) },
    data: { default: { items: [], form: 'parenthetical' }, parseHTML: el => parse(el.getAttribute('data-citation')), renderHTML: attrs => ({ 'data-citation': JSON.stringify(attrs.data) }) },
  }),
  parseHTML: () => [{ tag: 'span[data-citation]' }],
  renderHTML: ({ HTMLAttributes }) => ['span', mergeAttributes(HTMLAttributes)],
  addNodeView: () => VueNodeViewRenderer(CitationChip as never),
  addInputRules: () => [new InputRule({
    find: /;;$/u,
    handler: ({ range, chain }) => {
      chain().deleteRange(range).run()
      setTimeout(openPicker)
    },
  })],
  addKeyboardShortcuts: () => ({ 'Mod-\'': () => { openPicker(); return true } }),
  addProseMirrorPlugins: () => [new Plugin({
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
