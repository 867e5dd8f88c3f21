/** The editor of the sheet: its document lives in the paper's store, which saves it. */
import { useEditor } from '@tiptap/vue-3'
import { closeHistory } from '@tiptap/pm/history'
import StarterKit from '@tiptap/starter-kit'
import type { CitationData, DocNode } from '~~/core/sheet/document'
import { CitationNode, newCitationId, Superscript } from './citation'

export function usePaperEditor(openPicker: () => void) {
  const store = usePaper()
  /** The id of the citation whose card is open. */
  const selected = ref<string>()
  const raised = computed(() => store.style.citation.system === 'notes' || Boolean(store.style.citation.numbers?.afterPunctuation))
  const editor = useEditor({
    content: JSON.parse(JSON.stringify(store.body)) as Record<string, unknown>,
    extensions: [
      StarterKit.configure({ heading: { levels: [1, 2, 3] }, code: false, codeBlock: false, strike: false, link: false, underline: false, horizontalRule: false }),
      Superscript, CitationNode({ openPicker, raised: () => raised.value }),
    ],
    editorProps: {
      attributes: { 'class': 'sheet-text', 'aria-label': 'The paper', 'role': 'textbox', 'aria-multiline': 'true', 'spellcheck': 'true', 'lang': 'en' },
    },
    onUpdate: ({ editor }) => store.write(editor.getJSON() as unknown as DocNode),
    onSelectionUpdate: ({ editor }) => {
      const node = (editor.state.selection as { node?: { type: { name: string }, attrs: Record<string, unknown> } }).node
      if (node?.type.name === 'citation') selected.value = String(node.attrs.id)
    },
  })
  // The text was replaced from outside: another tab's version was taken, or unsaved work came back.
  watch(() => store.bodyVersion, () => {
    editor.value?.commands.setContent(JSON.parse(JSON.stringify(store.body)) as Record<string, unknown>, { emitUpdate: false })
  })

  // A style that places numbers otherwise: the sheet is drawn again.
  watch(raised, () => editor.value?.view.dispatch(editor.value.state.tr))

  function find(id: string): { pos: number, data: CitationData } | undefined {
    let found: { pos: number, data: CitationData } | undefined
    editor.value?.state.doc.descendants((node, pos) => {
      if (node.type.name === 'citation' && node.attrs.id === id) found = { pos, data: node.attrs.data as CitationData }
      return !found
    })
    return found
  }
  const insert = (data: CitationData) => {
    editor.value?.chain().focus().insertContent({ type: 'citation', attrs: { id: newCitationId(), data } }).run()
  }
  const update = (id: string, data: CitationData) => {
    const at = find(id)
    if (at) editor.value!.view.dispatch(closeHistory(editor.value!.state.tr).setNodeMarkup(at.pos, undefined, { id, data }))
  }
  const remove = (id: string) => {
    const at = find(id)
    // A step of its own, so that Undo brings back this and nothing else.
    if (at) {
      editor.value!.view.dispatch(closeHistory(editor.value!.state.tr).delete(at.pos, at.pos + 1))
      editor.value!.commands.focus()
    }
    selected.value = undefined
  }
  const select = (id: string) => {
    const at = find(id)
    selected.value = id
    if (at) editor.value!.chain().setNodeSelection(at.pos).scrollIntoView().run()
  }
  return { editor, selected, find, insert, update, remove, select }
}
export type PaperEditor = ReturnType<typeof usePaperEditor>
