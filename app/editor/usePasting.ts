/** What is pasted or dropped onto the sheet: cleaned, its marks read as citations, what does not belong offered for removal. */
import type { Node as PmNode } from '@tiptap/pm/model'
import type { EditorView } from '@tiptap/pm/view'
import type { Editor } from '@tiptap/vue-3'
import { citeIn } from '~~/core/intake/draft-citations'
import { readDraft, textToHtml, REFERENCE_HEADING, type Draft } from '~~/core/intake/draft'
import type { DocNode } from '~~/core/sheet/document'
import { placeAll } from '~~/core/sheet/placement'
import { escapeHtml } from '~~/core/text/runs'

/** A paragraph as HTML with its italics alone, for the reader of references. */
function richText(node: PmNode): string {
  let out = ''
  node.descendants((child) => { if (child.isText) { const text = escapeHtml(child.text!); out += child.marks.some(mark => mark.type.name === 'italic') ? `<i>${text}</i>` : text } })
  return out
}

/** A picture larger than this makes every save of the paper slow, in bytes. */
const MAX_PICTURE = 2 * 1024 * 1024

export function usePasting(editor: () => Editor | undefined, host: { dropPassage: (id: string, pos: number) => void, bringDraft: (file: File) => void }) {
  const store = usePaper()
  const tray = useTray()
  const notices = useNotices()
  const idOf = (key: string) => store.sources.find(source => source.key === key)?.id

  async function takePicture(file: File, pos?: number) {
    if (file.size > MAX_PICTURE) { notices.say(`${file.name} is larger than 2 MB. Make it smaller first; the page has room for six inches.`, { bad: true }); return }
    const src = await new Promise<string>((resolve, reject) => {
      const reader = new FileReader()
      reader.onload = () => resolve(String(reader.result))
      reader.onerror = () => reject(new Error(`${file.name} could not be read.`))
      reader.readAsDataURL(file)
    })
    if (!/^data:image\/(?:png|jpeg|gif);base64,/u.test(src)) { notices.say('Pictures here are PNG, JPEG or GIF files.', { bad: true }); return }
    const node = { type: 'figure', attrs: { src, alt: file.name.replace(/\.[^.]+$/u, '') }, content: [{ type: 'text', text: 'What the figure shows.' }] }
    const chain = editor()!.chain().focus()
    if (pos === undefined) chain.insertContent([node, { type: 'paragraph' }]).run()
    else chain.insertContentAt(pos, node).run()
  }

  function insert(draft: Draft, pos?: number) {
    const e = editor()!
    const cited = citeIn(draft.doc, idOf)
    const content = placeAll(cited.doc).content ?? []
    const [only] = content
    // Words go into the sentence; several paragraphs become paragraphs.
    const nodes = content.length === 1 && only!.type === 'paragraph' ? only!.content ?? [] : content
    if (!nodes.length) return
    e.chain().focus().insertContentAt(pos ?? { from: e.state.selection.from, to: e.state.selection.to }, nodes as never, { updateSelection: true }).run()
    if (cited.made) notices.say(`${cited.made} ${cited.made === 1 ? 'mark is a citation' : 'marks are citations'} now.`)
    if (cited.unknown.length) notices.say(`No source here has the key ${cited.unknown.slice(0, 3).join(', ')}${cited.unknown.length > 3 ? ' and others' : ''}; the marks stay as they were typed.`, { bad: true })
    if (draft.noticed.length) offer(draft)
  }
  function offer({ noticed }: Draft) {
    const listed = noticed.some(one => one.what === 'a typed reference list')
    const other = noticed.length - (listed ? 1 : 0)
    const says = [other && `${other === 1 ? noticed[0]!.what : `${other} page numbers and running heads`}`, listed && 'a typed reference list'].filter(Boolean).join(' and ')
    notices.say(`Pasted with ${says}, which Dendle sets by itself.`, { action: { label: listed ? 'Take out; the list to Gather' : 'Take out', run: () => takeOut(noticed) } })
  }
  async function takeOut(noticed: Draft['noticed']) {
    const e = editor()!
    const words = new Set(noticed.map(one => one.words))
    const list: string[] = []
    const tr = e.state.tr
    const ranges: [number, number][] = []
    let inList = false
    e.state.doc.forEach((node, pos) => {
      const text = node.textContent.trim()
      if (REFERENCE_HEADING.test(text) && noticed.some(one => one.what === 'a typed reference list')) inList = true
      if (inList) { if (!REFERENCE_HEADING.test(text)) list.push(richText(node)); ranges.push([pos, pos + node.nodeSize]) }
      else if (node.type.name === 'paragraph' && words.has(text)) ranges.push([pos, pos + node.nodeSize])
    })
    for (const [from, to] of ranges.reverse()) tr.delete(from, to)
    e.view.dispatch(tr)
    if (list.length) {
      await tray.takeIn({ text: list.map(line => line.replace(/<[^>]+>/gu, '')).join('\n\n'), html: list.map(line => `<p>${line}</p>`).join('') })
      notices.say('The list lies in Gather’s tray.')
    }
  }

  function paste(view: EditorView, event: ClipboardEvent): boolean {
    const data = event.clipboardData
    if (!data) return false
    const picture = [...data.files].find(file => file.type.startsWith('image/'))
    const html = data.getData('text/html')
    const text = data.getData('text/plain')
    if (picture && !text.trim()) { void notices.attempt(() => takePicture(picture)); return true }
    // Copied from this editor: as it is, citations and all.
    if (/data-pm-slice/u.test(html)) return false
    if (!html && !text) return false
    const plainPaste = !html || view.state.selection.$from.parent.type.name === 'verse'
    if (plainPaste && !text.includes('\n') && !/\[ref|\\\w*cite/u.test(text)) return false
    if (plainPaste && view.state.selection.$from.parent.type.name === 'verse') {
      const lines = text.replace(/\r\n?/gu, '\n').split('\n')
      editor()!.commands.insertContent(lines.flatMap((line, i) => [...(i ? [{ type: 'hardBreak' }] : []), ...(line ? [{ type: 'text', text: line }] : [])]))
      return true
    }
    insert(readDraft(plainPaste ? textToHtml(text.replace(/\r\n?/gu, '\n')) : html))
    return true
  }
  function drop(view: EditorView, event: DragEvent): boolean {
    const at = view.posAtCoords({ left: event.clientX, top: event.clientY })?.pos
    const passage = event.dataTransfer?.getData('application/x-dendle-passage')
    if (passage && at !== undefined) { event.preventDefault(); host.dropPassage(passage, at); return true }
    const [file] = event.dataTransfer?.files ?? []
    if (!file) return false
    event.preventDefault()
    if (file.type.startsWith('image/')) void notices.attempt(() => takePicture(file, at))
    else host.bringDraft(file)
    return true
  }
  return { paste, drop, takePicture, insertNodes: (doc: DocNode) => insert({ doc, references: [], noticed: [] }) }
}
