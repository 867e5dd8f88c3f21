/** What the line of tools above the sheet does to the text. */
import { closeHistory } from '@tiptap/pm/history'
import type { Editor } from '@tiptap/vue-3'
import { leaveOut } from '~~/core/text/omission'
import type { PaperEditor } from './usePaperEditor'

export function useSheetTools(paper: PaperEditor, takePicture: () => void) {
  const store = usePaper()
  const e = computed(() => paper.editor.value as Editor | undefined)
  const linking = ref(false)
  const address = ref('')

  const BLOCKS = [
    ['paragraph', 'Paragraph'],
    ['1', 'Heading'],
    ['2', 'Second heading'],
    ['3', 'Third heading'],
    ['4', 'Fourth heading'],
    ['5', 'Fifth heading'],
    ['appendix', 'Appendix'],
    ['quote', 'Block quotation'],
    ['verse', 'Lines of verse'],
  ] as const
  const block = computed(() => {
    const editor = e.value
    if (!editor) return 'paragraph'
    if (editor.isActive('blockquote')) return 'quote'
    if (editor.isActive('verse')) return 'verse'
    if (editor.isActive('heading', { appendix: true })) return 'appendix'
    return ['1', '2', '3', '4', '5'].find(level => editor.isActive('heading', { level: Number(level) })) ?? 'paragraph'
  })
  function setBlock(value: string) {
    const editor = e.value!
    editor.view.focus()
    const chain = editor.chain()
    if (value === 'quote') { if (!editor.isActive('blockquote')) chain.setParagraph().wrapIn('blockquote').run(); return }
    if (editor.isActive('blockquote')) chain.lift('blockquote')
    if (value === 'paragraph') chain.setParagraph().run()
    else if (value === 'verse') chain.setNode('verse').run()
    else if (value === 'appendix') chain.setNode('heading', { level: 1, appendix: true }).run()
    else chain.setNode('heading', { level: Number(value), appendix: null }).run()
  }
  /** The words of a selection longer than a click. */
  const chosenText = computed(() => {
    const { from, to } = e.value?.state.selection ?? { from: 0, to: 0 }
    return to - from > 1 ? e.value!.state.doc.textBetween(from, Math.min(to, from + 400_000), ' ', ' ') : ''
  })
  const on = (name: string) => e.value?.isActive(name) ?? false
  /** The text has the keys at once, not a frame later: the next letter typed must not be lost. */
  function run(make: (editor: Editor) => unknown) {
    if (!e.value) return
    e.value.view.focus()
    make(e.value)
  }
  /** Words left out of a quotation: the style's points, with the stops and spaces around them. */
  function pointsFor() {
    run((editor) => {
      const { $from, from, to } = editor.state.selection
      const text = (a: number, b: number) => editor.state.doc.textBetween(a, b, ' ', '\uFFFC')
      const end = Math.min(to, $from.end())
      const {
        takeBefore,
        text: points,
        takeAfter,
      } = leaveOut(
        text($from.start(), from),
        text(from, end),
        text(end, $from.end()),
        store.style.page.ellipsis,
        editor.isActive('blockquote'),
      )
      const tr = closeHistory(editor.state.tr)
      const marks = $from.marks()
      if (points) tr.replaceWith(from - takeBefore, end + takeAfter, editor.schema.text(points, marks))
      else tr.delete(from - takeBefore, end + takeAfter)
      editor.view.dispatch(tr.scrollIntoView())
    })
  }
  function bracket() {
    run((editor) => {
      const { from, to } = editor.state.selection
      const text = editor.state.doc.textBetween(from, to)
      editor
        .chain()
        .focus()
        .insertContentAt({ from, to }, `[${text}]`)
        .setTextSelection({ from: from + 1, to: from + 1 + text.length })
        .run()
    })
  }
  function link() {
    address.value = String(e.value?.getAttributes('link').href ?? '')
    linking.value = true
  }
  function setLink() {
    linking.value = false
    const href = address.value.trim()
    run((editor) => {
      if (!href) { editor.chain().focus().extendMarkRange('link').unsetLink().run(); return }
      const full = /^[a-z]+:/iu.test(href) ? href : `https://${href}`
      if (editor.state.selection.empty && !editor.isActive('link'))
        editor
          .chain()
          .focus()
          .insertContent({ type: 'text', text: href, marks: [{ type: 'link', attrs: { href: full } }] })
          .run()
      else editor.chain().focus().extendMarkRange('link').setLink({ href: full }).run()
    })
  }
  const MORE: readonly (readonly [word: string, act: () => void, key?: string, mark?: string])[] = [
    ['Underline', () => run((x) => x.chain().focus().toggleUnderline().run()), 'Ctrl U', 'underline'],
    ['Small capitals', () => run((x) => x.chain().focus().toggleMark('smallCaps').run()), '', 'smallCaps'],
    ['Lowered', () => run((x) => x.chain().focus().toggleMark('subscript').run()), 'Ctrl ,', 'subscript'],
    ['Link…', link, '', 'link'],
    ['A remark to myself', () => run((x) => x.chain().focus().toggleMark('remark').run()), 'Ctrl Alt M', 'remark'],
    ['List', () => run((x) => x.chain().focus().toggleBulletList().run()), 'Ctrl Shift 8', 'bulletList'],
    ['Numbered list', () => run((x) => x.chain().focus().toggleOrderedList().run()), 'Ctrl Shift 7', 'orderedList'],
    ['Table', () => run((x) => x.chain().focus().insertTable({ rows: 3, cols: 3, withHeaderRow: true }).run())],
    ['Figure…', () => takePicture()],
    [
      'Page break',
      () =>
        run((x) =>
          x
            .chain()
            .focus()
            .insertContent([{ type: 'pageBreak' }, { type: 'paragraph' }])
            .run(),
        ),
      'Ctrl Enter',
    ],
    ['Leave words out of a quotation', pointsFor],
    ['Change in brackets [ ]', bracket],
  ]
  const TABLE: readonly (readonly [string, () => void])[] = [
    ['Row below', () => run((x) => x.chain().focus().addRowAfter().run())],
    ['Column to the right', () => run((x) => x.chain().focus().addColumnAfter().run())],
    ['Take the row out', () => run((x) => x.chain().focus().deleteRow().run())],
    ['Take the column out', () => run((x) => x.chain().focus().deleteColumn().run())],
    ['Take the table out', () => run((x) => x.chain().focus().deleteTable().run())],
  ]
  const notesAt = computed({
    get: () => (store.paper?.details.notes === 'endnotes' ? 'endnotes' : 'footnotes'),
    set: (value) => store.changeDetails({ notes: value }),
  })
  return { BLOCKS, MORE, TABLE, block, setBlock, chosenText, on, run, linking, address, setLink, notesAt }
}
