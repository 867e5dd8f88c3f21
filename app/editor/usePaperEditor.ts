/** The editor of the sheet: its document lives in the paper's store, which saves it. */
import { useEditor } from '@tiptap/vue-3'
import { closeHistory } from '@tiptap/pm/history'
import { NodeSelection, type Transaction } from '@tiptap/pm/state'
import type { Fragment, Node as PmNode, Slice } from '@tiptap/pm/model'
import type { EditorView } from '@tiptap/pm/view'
import StarterKit from '@tiptap/starter-kit'
import Subscript from '@tiptap/extension-subscript'
import Superscript from '@tiptap/extension-superscript'
import { TableCell, TableHeader, TableRow } from '@tiptap/extension-table'
import type { CitationData, DocNode } from '~~/core/sheet/document'
import { plain } from '~~/core/text/runs'
import { Appendices } from './appendix'
import { CitationNode, newCitationId } from './citation'
import type { CitationSight } from './citation-view'
import { CaptionedTable, Figure, type CaptionSight } from './captioned'
import { PageBreak, Remark, SmallCaps, Verse } from './own-nodes'
import { FindInText } from './find-in-text'
import { bringIntoView } from './going'
import { documentOf } from './document-of'
import { forEditor, FROM_OUTSIDE, layBlocks } from './laying'
import { moveCitation, putCitation, takeCitation, type Setting } from './placing'
import { Resting } from './resting'
import { TYPING } from './typing'

/** After so many milliseconds without a key the document goes to the store; at the latest after the second number. */
const REST = 300
const LATEST = 900

export interface EditorHost {
  openPicker: () => void
  paste: (view: EditorView, event: ClipboardEvent) => boolean
  drop: (view: EditorView, event: DragEvent) => boolean
}

export function usePaperEditor(host: EditorHost) {
  const store = usePaper()
  const composed = useComposition()
  const saving = useSaving()
  const owned = useSources()
  const written = useText()
  /** The id of the citation whose card is open. */
  const selected = ref<string>()
  const runsOf = (id: string) => composed.composition.citations[written.citationPlaces.get(id) ?? -1] ?? []
  const noteOf = (id: string) => {
    const number = composed.composition.noteNumbers[written.citationPlaces.get(id) ?? -1]
    return number === undefined ? undefined : { number, runs: composed.composition.notes[number - 1] ?? [] }
  }
  const sight: CitationSight = {
    views: new Set(),
    drawn: (id) => {
      const place = written.citationPlaces.get(id) ?? -1
      const number = composed.composition.noteNumbers[place]
      return {
        runs: composed.composition.citations[place] ?? [],
        ...(number === undefined ? {} : { note: { number, text: plain(composed.composition.notes[number - 1] ?? []) } }),
      }
    },
  }
  const captions: CaptionSight = {
    views: new Set(),
    now: () => ({ style: store.style, sources: owned.sources, list: composed.composition.list }),
  }
  watch(() => composed.composition, () => { for (const view of sight.views) view.draw() }, { flush: 'post' })
  // Figures and tables are few: their numbers follow every change of the text, a moment behind it.
  watch([() => composed.composition, () => written.body], () => { for (const view of captions.views) view.draw() }, { flush: 'post' })
  /** The text that the sheet shows, but for what is being typed: what is given is made from it. */
  let known = written.body
  const editor = useEditor({
    content: forEditor(known),
    extensions: [
      StarterKit.configure({
        heading: { levels: [1, 2, 3, 4, 5] },
        code: false,
        codeBlock: false,
        strike: false,
        horizontalRule: false,
        link: { openOnClick: false, autolink: false, linkOnPaste: true, protocols: ['http', 'https', 'mailto'] },
      }),
      Superscript,
      Subscript,
      SmallCaps,
      Remark,
      Verse,
      PageBreak,
      Figure(captions),
      CaptionedTable(captions),
      TableRow,
      TableHeader,
      TableCell,
      Appendices(() => store.style),
      FindInText,
      Resting,
      ...TYPING,
      CitationNode({
        openPicker: host.openPicker,
        style: () => store.style,
        runsOf,
        noteOf,
        sight,
        idOf: (key) => owned.sources.find((source) => source.key === key)?.id,
        change: (id) => focusCard(id),
      }),
    ],
    editorProps: {
      attributes: {
        'class': 'sheet-text',
        'aria-label': 'The paper',
        'role': 'textbox',
        'aria-multiline': 'true',
        'spellcheck': 'true',
        'lang': 'en',
      },
      // What is written stays clear of the tools above and of what stands at the foot.
      scrollThreshold: { top: 140, bottom: 90, left: 0, right: 0 },
      scrollMargin: { top: 160, bottom: 120, left: 0, right: 0 },
      handlePaste: (view, event) => host.paste(view, event),
      handleDrop: (view, event, slice, moved) => dropped(view, event, slice, moved) || host.drop(view, event),
    },
    onUpdate: ({ editor, transaction }) => {
      if (transaction.getMeta(FROM_OUTSIDE)) return
      if (touchesCitation(transaction)) give()
      else later(editor.view.composing)
    },
    onSelectionUpdate: ({ editor }) => {
      const node = (editor.state.selection as { node?: PmNode }).node
      if (node?.type.name === 'citation') selected.value = String(node.attrs.id)
    },
  })

  // The document goes to the store when the writer rests, not at each key. --------------------------------------------
  let timer: ReturnType<typeof setTimeout> | undefined
  let since = 0
  let dirty = false
  function give() {
    clearTimeout(timer)
    if (!editor.value || editor.value.isDestroyed) return
    dirty = false
    since = 0
    known = written.write(documentOf(editor.value.state.doc), known)
  }
  function later(composing: boolean) {
    dirty = true
    saving.typing = true
    since ||= performance.now()
    clearTimeout(timer)
    timer = setTimeout(give, Math.max(0, Math.min(composing ? LATEST : REST, since + LATEST - performance.now())))
  }
  const settle = () => { if (dirty) give() }
  // Whoever saves or leaves takes what was typed last with it.
  const release = saving.holdsBack(settle)
  onBeforeUnmount(() => { settle(); release(); written.onReplaced(undefined) })

  // The text was replaced from outside: only the blocks that differ give way, so that the cursor, the focus and the steps
  // of Undo stay where they are. Another window's words are no step of this one's.
  function lay(body: DocNode, undoable: boolean) {
    clearTimeout(timer)
    dirty = false
    since = 0
    if (!editor.value || editor.value.isDestroyed) return
    layBlocks(editor.value.view, body, undoable)
    known = body
  }
  written.onReplaced(lay)
  // The sheet is made a moment after its text was read: what came between is laid before a key can be pressed.
  watch(editor, () => { if (written.body !== known) lay(written.body, false) }, { flush: 'sync' })
  // A style that places numbers otherwise: the sheet is drawn again.
  watch(() => store.style, () => editor.value?.view.dispatch(editor.value.state.tr))

  // Citations --------------------------------------------------------------------------------------------------------

  function find(id: string): { pos: number, data: CitationData } | undefined {
    let found: { pos: number, data: CitationData } | undefined
    editor.value?.state.doc.descendants((node, pos) => {
      if (node.type.name === 'citation' && node.attrs.id === id) found = { pos, data: node.attrs.data as CitationData }
      return !found
    })
    return found
  }
  /** The citations just before and behind one, in its paragraph, with nothing but space between. */
  function neighbours(id: string): { before?: string, after?: string } {
    const at = find(id)
    if (!at) return {}
    const $pos = editor.value!.state.doc.resolve(at.pos)
    const index = $pos.index()
    const near = (by: 1 | -1): string | undefined => {
      let i = index + by
      let child = $pos.parent.maybeChild(i)
      if (child?.isText && !child.text!.trim()) child = $pos.parent.maybeChild(i += by)
      return child?.type.name === 'citation' ? String(child.attrs.id) : undefined
    }
    const [before, after] = [near(-1), near(1)]
    return { ...(before ? { before } : {}), ...(after ? { after } : {}) }
  }

  /** The work that its paragraph cited last before a citation, or before a place in the text; none where that one named several. */
  function citedBefore(at: string | number): string | undefined {
    const pos = typeof at === 'number' ? at : find(at)?.pos
    if (pos === undefined) return undefined
    const $pos = editor.value!.state.doc.resolve(pos)
    let items: CitationData['items'] = []
    $pos.parent.nodesBetween(0, $pos.parentOffset, (node, from) => {
      if (node.type.name === 'citation' && from < $pos.parentOffset) items = (node.attrs.data as CitationData).items
    })
    return items.length === 1 ? items[0]!.id : undefined
  }

  const setting = (): Setting => ({ style: store.style, sourceOf: id => owned.byId.get(id) })
  /** Puts a citation where the cursor is. */
  function insert(data: CitationData, pos?: number) {
    const { view } = editor.value!
    view.dispatch(
      putCitation(closeHistory(view.state.tr), pos ?? view.state.selection.to, newCitationId(), data, setting()).scrollIntoView(),
    )
    view.focus()
  }
  /**
   * A citation that is dragged on the sheet goes where it is dropped, as if it were put there; with the copying key,
   * another of it. @returns whether it was one
   */
  function dropped(view: EditorView, event: DragEvent, slice: Slice, moved: boolean): boolean {
    const node = slice.content.childCount === 1 ? slice.content.firstChild! : undefined
    const from = node?.type.name === 'citation' ? find(String(node.attrs.id))?.pos : undefined
    const at = view.posAtCoords({ left: event.clientX, top: event.clientY })?.pos
    if (from === undefined || at === undefined) return false
    event.preventDefault()
    const tr = closeHistory(view.state.tr)
    view.dispatch(
      moved ? moveCitation(tr, from, at, setting()) : putCitation(tr, at, newCitationId(), node!.attrs.data as CitationData, setting()),
    )
    view.focus()
    return true
  }
  const change = (make: (tr: Transaction) => unknown) => {
    // A step of its own, so that Undo brings back this and nothing else.
    const tr = closeHistory(editor.value!.state.tr)
    make(tr)
    editor.value!.view.dispatch(tr)
  }
  const update = (id: string, data: CitationData) => {
    const at = find(id)
    if (at) change(tr => tr.setNodeMarkup(at.pos, undefined, { id, data }))
  }
  const remove = (id: string) => {
    const at = find(id)
    if (at) {
      change(tr => takeCitation(tr, at.pos))
      editor.value!.view.focus()
    }
    selected.value = undefined
  }
  /** One citation of several works becomes several of one, side by side. */
  function split(id: string) {
    const at = find(id)
    if (!at || at.data.items.length < 2) return
    const { schema } = editor.value!.state
    const nodes = at.data.items.flatMap((item, i): PmNode[] => [
      ...(i ? [schema.text(' ')] : []),
      schema.nodes.citation!.create({
        id: i ? newCitationId() : id,
        data: { ...at.data, items: [item], ...(i ? { words: undefined } : {}) },
      }),
    ])
    change(tr => tr.replaceWith(at.pos, at.pos + 1, nodes))
  }
  /** Joins a citation with the one that stands beside it. */
  function join(id: string, other: string) {
    const [a, b] = [find(id), find(other)]
    if (!a || !b) return
    const [first, second] = a.pos < b.pos ? [a, b] : [b, a]
    const after = [first.data.words?.after, second.data.words?.after].filter(Boolean).join(' ')
    const data: CitationData = {
      ...first.data,
      items: [...first.data.items, ...second.data.items],
      ...(after ? { words: { ...first.data.words, after } } : {}),
    }
    change(tr => tr.replaceWith(first.pos, second.pos + 1, editor.value!.state.schema.nodes.citation!.create({ id, data })))
  }
  const select = (id: string) => {
    const at = find(id)
    selected.value = id
    if (!at) return
    editor.value!.commands.setNodeSelection(at.pos)
    bringIntoView(editor.value!.view, at.pos)
  }
  const focusCard = (id: string) => {
    selected.value = id
    void nextTick(() => document.querySelector<HTMLElement>(`[data-card="${id}"] [data-place], [data-drawer] [data-place]`)?.focus())
  }
  /** Copies a citation as it prints, and as itself for pasting inside Dendle. */
  function copy(id: string) {
    const at = find(id)
    if (!at) return
    const { view } = editor.value!
    view.dispatch(view.state.tr.setSelection(NodeSelection.create(view.state.doc, at.pos)))
    view.focus()
    document.execCommand('copy')
  }
  return { editor, selected, find, neighbours, citedBefore, insert, update, remove, split, join, select, copy, settle }
}
export type PaperEditor = ReturnType<typeof usePaperEditor>

/** Whether a change brings, takes or alters a citation. */
function touchesCitation(transaction: Transaction): boolean {
  let touches = false
  const look = (content: Fragment | undefined) =>
    content?.descendants((node) => {
      if (node.type.name === 'citation') touches = true
      return !touches
    })
  transaction.steps.forEach((step, i) => {
    if (touches) return
    const { slice, from, to } = step as { slice?: { content: Fragment }, from?: number, to?: number }
    look(slice?.content)
    if (!touches && from !== undefined && to !== undefined && to > from)
      transaction.docs[i]!.nodesBetween(from, Math.min(to, transaction.docs[i]!.content.size), (node) => {
        if (node.type.name === 'citation') touches = true
        return !touches
      })
    // A step about one node, as a changed attribute is.
    if (from === undefined) touches ||= 'pos' in step
  })
  return touches
}
