/** The sheet's own marks and blocks: what a paper has beside the editor's common ones. */
import { Mark, Node, mergeAttributes } from '@tiptap/core'
import { TextSelection } from '@tiptap/pm/state'

export const SmallCaps = Mark.create({
  name: 'smallCaps',
  parseHTML: () => [
    { style: 'font-variant', getAttrs: (value) => (/small-caps/u.test(String(value)) ? {} : false) },
    { tag: 'span[data-small-caps]' },
  ],
  renderHTML: ({ HTMLAttributes }) => [
    'span',
    mergeAttributes(HTMLAttributes, { 'data-small-caps': '', 'style': 'font-variant:small-caps' }),
    0,
  ],
})

/** A remark to oneself: shown, never printed, never counted. */
export const Remark = Mark.create({
  name: 'remark',
  parseHTML: () => [{ tag: 'span[data-remark]' }],
  renderHTML: ({ HTMLAttributes }) => [
    'span',
    mergeAttributes(HTMLAttributes, { 'data-remark': '', 'class': 'remark', 'title': 'A remark to yourself: never printed' }),
    0,
  ],
  addKeyboardShortcuts() {
    return { 'Mod-Alt-m': () => this.editor.commands.toggleMark(this.name) }
  },
})

/** Lines of a poem or play, kept as lines. */
export const Verse = Node.create({
  name: 'verse', group: 'block', content: 'inline*', defining: true, whitespace: 'pre',
  parseHTML: () => [{ tag: 'div[data-verse]' }],
  renderHTML: ({ HTMLAttributes }) => ['div', mergeAttributes(HTMLAttributes, { 'data-verse': '', 'class': 'verse' }), 0],
  addKeyboardShortcuts() {
    return {
      // Enter is a new line of the poem; an empty last line leaves it.
      Enter: () => {
        const { $from, empty } = this.editor.state.selection
        if ($from.parent.type.name !== this.name || !empty) return false
        const atEnd = $from.parentOffset === $from.parent.content.size
        if (!atEnd || $from.nodeBefore?.type.name !== 'hardBreak') return this.editor.commands.setHardBreak()
        const { state, view } = this.editor
        const tr = state.tr.delete($from.pos - 1, $from.pos)
        const after = tr.mapping.map($from.after())
        tr.insert(after, state.schema.nodes.paragraph!.create())
        view.dispatch(tr.setSelection(TextSelection.create(tr.doc, after + 1)).scrollIntoView())
        return true
      },
    }
  },
})

export const PageBreak = Node.create({
  name: 'pageBreak', group: 'block', atom: true, selectable: true,
  parseHTML: () => [{ tag: 'hr[data-page-break]' }],
  renderHTML: ({ HTMLAttributes }) => ['hr', mergeAttributes(HTMLAttributes, { 'data-page-break': '', 'class': 'page-break' })],
  addKeyboardShortcuts() { return { 'Mod-Enter': () => this.editor.commands.insertContent([{ type: this.name }, { type: 'paragraph' }]) } },
})
