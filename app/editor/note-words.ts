/** The writer's own words in a note between the paper's rich text and a small editor's document. */
import { Node, type Editor, type JSONContent } from '@tiptap/core'
import StarterKit from '@tiptap/starter-kit'
import Superscript from '@tiptap/extension-superscript'
import { parseRich, writeRich, type Segment } from '~~/core/text/rich'
import { SmallCaps } from './own-nodes'
import { TYPING } from './typing'

const MARKS = { italic: 'italic', bold: 'bold', superscript: 'superscript', smallCaps: 'smallCaps' } as const satisfies Partial<
  Record<keyof Segment, string>
>
type Mark = keyof typeof MARKS

/** One paragraph with the treatments that a note can print. */
export const NOTE_EXTENSIONS = [
  Node.create({ name: 'doc', topNode: true, content: 'paragraph' }),
  StarterKit.configure({
    document: false,
    blockquote: false,
    bulletList: false,
    code: false,
    codeBlock: false,
    dropcursor: false,
    gapcursor: false,
    hardBreak: false,
    heading: false,
    horizontalRule: false,
    link: false,
    listItem: false,
    listKeymap: false,
    orderedList: false,
    strike: false,
    trailingNode: false,
    underline: false,
  }),
  Superscript,
  SmallCaps,
  ...TYPING,
]

export const wordsToDoc = (rich: string): JSONContent => ({ type: 'doc', content: [{ type: 'paragraph', content: piecesOf(rich) }] })

/** Lays other words into the small editor: only what differs is replaced, and it is no step of Undo. */
export function layWords(editor: Editor, rich: string) {
  const { state, view } = editor
  const next = state.schema.nodeFromJSON(wordsToDoc(rich))
  const from = state.doc.content.findDiffStart(next.content)
  if (from === null) return
  let { a, b } = state.doc.content.findDiffEnd(next.content)!
  // The same letters on both sides of what differs may be counted twice.
  const over = from - Math.min(a, b)
  if (over > 0) { a += over; b += over }
  view.dispatch(state.tr.replace(from, a, next.slice(from, b)).setMeta('addToHistory', false).setMeta('preventUpdate', true))
}

/** Rich text as inline pieces of the editor. */
export const piecesOf = (rich: string): JSONContent[] => parseRich(rich).map((segment) => {
  const marks = (Object.keys(MARKS) as Mark[]).filter(mark => segment[mark]).map(mark => ({ type: MARKS[mark] }))
  return { type: 'text', text: segment.text, ...(marks.length ? { marks } : {}) }
})

/** Any document's words as rich text, its blocks and line breaks as spaces. */
export function docToWords(doc: JSONContent): string {
  const out: Segment[] = []
  const visit = (node: JSONContent) => {
    if (node.type === 'text')
      out.push({
        text: node.text ?? '',
        ...Object.fromEntries(
          (Object.keys(MARKS) as Mark[]).filter((mark) => node.marks?.some((one) => one.type === MARKS[mark])).map((mark) => [mark, true]),
        ),
      })
    else if (node.type === 'hardBreak') out.push({ text: ' ' })
    else {
      if (out.length && node.type !== 'doc' && !/\s$/u.test(out.at(-1)!.text)) out.push({ text: ' ' })
      node.content?.forEach(visit)
    }
  }
  visit(doc)
  return writeRich(out)
}
