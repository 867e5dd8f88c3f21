/** What is pasted or dropped onto the sheet: cleaned, its marks read as citations, what does not belong offered for removal. */
import { TypedCitations } from '~~/core/intake/draft/typed-citations'
import { closeHistory } from '@tiptap/pm/history'
import type { EditorView } from '@tiptap/pm/view'
import type { Editor } from '@tiptap/vue-3'
import { citeIn } from '~~/core/intake/draft/citations'
import { readDraft, textToHtml, type Draft } from '~~/core/intake/draft/draft'
import { noticedIn, referencesIn, type Noticed } from '~~/core/intake/draft/noticed'
import { citeNotes } from '~~/core/intake/draft/notes'
import type { CitationData, DocNode } from '~~/core/sheet/document'
import { placeAll } from '~~/core/sheet/placement'
import { takenPicture } from '~/utils/pictures'

export function usePasting(
  editor: () => Editor | undefined,
  host: { dropPassage: (id: string, pos: number) => void, bringDraft: (file: File) => void },
) {
  const owned = useSources()
  const tray = useTray()
  const shelf = useShelf()
  const notices = useNotices()
  const idOf = (key: string) => owned.sources.find((source) => source.key === key)?.id

  async function takePicture(file: File, pos?: number) {
    const taken = await takenPicture(file, file.name)
    if ('problem' in taken) { notices.say(taken.problem, { bad: true }); return }
    const { src } = taken
    const node = { type: 'figure', attrs: { src, alt: file.name.replace(/\.[^.]+$/u, '') } }
    const chain = editor()!.chain().focus()
    if (pos === undefined) chain.insertContent([node, { type: 'paragraph' }]).run()
    else chain.insertContentAt(pos, node).run()
  }

  function insert(draft: Draft, pos?: number) {
    const e = editor()!
    const noted = citeNotes(draft.doc, owned.sources)
    // Those that are certain become real at once; Undo takes them back with what was pasted.
    const cited = citeIn(noted.doc, idOf, new TypedCitations(owned.sources))
    const content = placeAll(cited.doc).content ?? []
    const [only] = content
    // Words go into the sentence; several paragraphs become paragraphs.
    const nodes = content.length === 1 && only!.type === 'paragraph' ? (only!.content ?? []) : content
    if (!nodes.length) return
    // Pasted words are a step of their own for Undo.
    e.chain()
      .focus()
      .command(({ tr }) => Boolean(closeHistory(tr)))
      .insertContentAt(pos ?? { from: e.state.selection.from, to: e.state.selection.to }, nodes as never, { updateSelection: true })
      .run()
    const marks = cited.made && `${cited.made} typed ${cited.made === 1 ? 'citation is a real one' : 'citations are real ones'} now`
    const notes =
      noted.made && `${noted.made} ${noted.made === 1 ? 'note is a reference to its source' : 'notes are references to their sources'}`
    if (marks || notes) notices.say(`${[marks, notes].filter(Boolean).join('; ')}.`)
    if (cited.unknown.length)
      notices.say(
        `No source here has the key ${cited.unknown.slice(0, 3).join(', ')}${cited.unknown.length > 3 ? ' and others' : ''}; the marks stay as they were typed.`,
        { bad: true },
      )
    if (draft.pictures)
      notices.say(
        `${draft.pictures === 1 ? 'A picture' : `${draft.pictures} pictures`} stayed behind: only PNG, JPEG and GIF pictures that come with the text are taken.`,
      )
    if (draft.noticed.length) offer(draft.noticed)
  }
  function offer(noticed: readonly Noticed[]) {
    const listed = noticed.some((one) => one.what === 'reference list')
    const others = noticed.filter((one) => one.what !== 'reference list')
    const says = [
      others.length
        && (others.length === 1 ? `a ${others[0]!.what} (“${others[0]!.words}”)` : `${others.length} page numbers and running heads`),
      listed && 'a typed reference list',
    ]
      .filter(Boolean)
      .join(' and ')
    notices.say(`Pasted with ${says}, which Dendle sets by itself.`, {
      action: { label: listed ? 'Take out; the list to Gather' : 'Take out', run: () => takeOut(noticed) },
    })
  }
  /** Takes out what was noticed, wherever it stands by now. */
  async function takeOut(noticed: readonly Noticed[]) {
    const e = editor()!
    const doc = e.getJSON() as unknown as DocNode
    const same = (one: Noticed) => noticed.some((other) => other.what === one.what && other.words === one.words)
    const found = noticedIn(doc.content ?? []).filter(same)
    const list = found.find((one) => one.what === 'reference list')
    if (found.length) {
      const starts: number[] = []
      e.state.doc.forEach((_, pos) => starts.push(pos))
      const tr = closeHistory(e.state.tr)
      for (const { from, to } of [...found].sort((a, b) => b.from - a.from))
        tr.delete(starts[from]!, starts[to] ?? e.state.doc.content.size)
      e.view.dispatch(tr)
    }
    const references = list ? referencesIn(doc, list) : []
    if (references.length) {
      await tray.takeIn({ references })
      notices.say('The list lies in Gather’s tray.')
    }
  }

  /** Sources that copied citations, tables and figures name and this paper does not have yet. */
  async function bringSources(html: string) {
    const page = new DOMParser().parseFromString(html, 'text/html')
    const cited = [...page.querySelectorAll('[data-citation]')].flatMap((one) => {
      try {
        return (JSON.parse(one.getAttribute('data-citation')!) as CitationData).items.map((item) => item.id)
      } catch {
        return []
      }
    })
    const ids = [...new Set([...cited, ...[...page.querySelectorAll('[data-from]')].map((one) => one.getAttribute('data-from')!)])].filter(
      (id) => id && !owned.byId.has(id),
    )
    if (!ids.length) return
    await notices.attempt(async () => {
      await shelf.bringBack(ids)
      notices.say(ids.length === 1 ? 'Its source came with it.' : `${ids.length} sources came with it.`)
    })
  }

  function paste(view: EditorView, event: ClipboardEvent): boolean {
    const data = event.clipboardData
    if (!data) return false
    const picture = [...data.files].find((file) => file.type.startsWith('image/'))
    const html = data.getData('text/html')
    const text = data.getData('text/plain')
    if (picture && !text.trim()) {
      void notices.attempt(() => takePicture(picture))
      return true
    }
    // Copied from this editor: as it is, citations and all. From another paper its sources come with it.
    if (/data-pm-slice/u.test(html)) {
      void bringSources(html)
      return false
    }
    if (!html && !text) return false
    const plainPaste = !html || view.state.selection.$from.parent.type.name === 'verse'
    if (plainPaste && !text.includes('\n') && !/\[ref|\\\w*cite/u.test(text)) return false
    if (plainPaste && view.state.selection.$from.parent.type.name === 'verse') {
      const lines = text.replace(/\r\n?/gu, '\n').split('\n')
      editor()!.commands.insertContent(
        lines.flatMap((line, i) => [...(i ? [{ type: 'hardBreak' }] : []), ...(line ? [{ type: 'text', text: line }] : [])]),
      )
      return true
    }
    insert(readDraft(plainPaste ? textToHtml(text.replace(/\r\n?/gu, '\n')) : html))
    return true
  }
  function drop(view: EditorView, event: DragEvent): boolean {
    const at = view.posAtCoords({ left: event.clientX, top: event.clientY })?.pos
    const passage = event.dataTransfer?.getData('application/x-dendle-passage')
    if (passage && at !== undefined) {
      event.preventDefault()
      host.dropPassage(passage, at)
      return true
    }
    const [file] = event.dataTransfer?.files ?? []
    if (!file) return false
    event.preventDefault()
    if (file.type.startsWith('image/')) void notices.attempt(() => takePicture(file, at))
    else host.bringDraft(file)
    return true
  }
  return { paste, drop, takePicture, insertNodes: (doc: DocNode) => insert({ doc, noticed: [], pictures: 0 }) }
}
