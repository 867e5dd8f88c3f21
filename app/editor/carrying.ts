/**
 * Text carried off the sheet: citations as they print, a raised number behind the stop that it stands behind, notes with
 * their words. As HTML each citation also says what it is, so that Dendle takes it back as itself; other programs find a
 * raised number that leads to its note (the names of both are those that readers of HTML know).
 */
import { DOMSerializer, type Fragment, type Schema } from '@tiptap/pm/model'
import { blocksOf, raiseAfterPunctuation, type Block } from '~~/core/sheet/blocks'
import type { CitationData, DocNode } from '~~/core/sheet/document'
import { raisedAt, raisedFor } from '~~/core/sheet/placement'
import { placedCitations } from '~~/core/sheet/walking'
import type { Style } from '~~/core/styles/schema'
import { plain, toHtml, type Run } from '~~/core/text/runs'

export interface Carrier {
  style: () => Style
  /** What a citation prints, by its id. */
  runsOf: (id: string) => readonly Run[]
  /** Its note, if it has one. */
  noteOf: (id: string) => { number: number, runs: readonly Run[] } | undefined
}

// HTML -----------------------------------------------------------------------------------------------------------------

export class CarryingSerializer extends DOMSerializer {
  constructor(
    schema: Schema,
    private readonly carrier: Carrier,
  ) {
    const own = DOMSerializer.fromSchema(schema)
    super(
      { ...own.nodes, citation: (node) => citationElement(String(node.attrs.id), node.attrs.data as CitationData, carrier) },
      { ...own.marks },
    )
  }

  override serializeFragment(
    fragment: Fragment,
    options?: { document?: Document },
    target?: HTMLElement | DocumentFragment,
  ): HTMLElement | DocumentFragment {
    const root = super.serializeFragment(fragment, options, target)
    // What is inside comes through here too: only the whole is looked over.
    if (target) return root
    const spans = [...root.querySelectorAll<HTMLElement>('[data-citation]')]
    for (const span of spans) raise(span, this.carrier.style())
    const notes = spans.flatMap((span) => this.carrier.noteOf(span.dataset.cid ?? '') ?? [])
    for (const span of spans) delete span.dataset.cid
    if (notes.length) root.appendChild(notesElement(notes))
    return root
  }
}

function citationElement(id: string, data: CitationData, { runsOf, noteOf }: Carrier): HTMLElement {
  const span = document.createElement('span')
  span.dataset.citation = JSON.stringify(data)
  span.dataset.cid = id
  const note = noteOf(id)
  const runs = runsOf(id)
  const words = runs.filter(run => !run.rules.includes('citation.note'))
  span.innerHTML = toHtml(words) + (note ? `<sup><a href="#fn${note.number}" id="fnref${note.number}">${note.number}</a></sup>` : '')
  return span
}

/**
 * The stop behind a raised number goes before it. What was moved, and the space that went, are kept with the citation, so
 * that Dendle puts them back where its text has them.
 */
function raise(span: HTMLElement, style: Style) {
  const raised = raisedFor(style, JSON.parse(span.dataset.citation!) as CitationData)
  const [last, next] = [span.previousSibling, span.nextSibling]
  const before = isText(last) ? last : undefined
  if (!raised) return
  if (raised.bare && before) {
    const bare = before.data.trimEnd()
    if (bare !== before.data) span.dataset.spaced = before.data.slice(bare.length)
    before.data = bare
  }
  if (!isText(next)) return
  const { ahead, inside } = raisedAt(before?.data ?? last?.textContent ?? '', next.data, raised.marks, style.stopsInside && raised.bare)
  if (!ahead) return
  next.data = next.data.slice(ahead.length)
  span.dataset.ahead = ahead
  const moved = document.createElement('span')
  moved.dataset.moved = ''
  moved.textContent = ahead
  if (!raised.bare) { span.insertBefore(moved, span.querySelector('sup')); return }
  if (!inside || !before) { span.before(moved); return }
  const quote = before.splitText(before.data.length - inside.length)
  if (!/[.,?!]$/u.test(before.data)) quote.before(moved)
}
const isText = (node: ChildNode | null): node is Text => node?.nodeType === Node.TEXT_NODE

/** What was carried off comes back: stops and spaces where the text has them, and without the notes carried beside it. */
export function takenBack(html: string): string {
  if (!html.includes('data-citation')) return html
  const { body } = new DOMParser().parseFromString(html, 'text/html')
  for (const list of body.querySelectorAll('[data-carried-notes]')) list.remove()
  for (const moved of body.querySelectorAll('[data-moved]')) moved.remove()
  for (const span of body.querySelectorAll<HTMLElement>('[data-citation]')) {
    const { spaced, ahead } = span.dataset
    if (spaced) span.before(spaced)
    if (ahead) span.after(ahead)
  }
  return body.innerHTML
}

function notesElement(notes: readonly { number: number, runs: readonly Run[] }[]): HTMLElement {
  const list = document.createElement('ol')
  list.start = notes[0]!.number
  list.dataset.carriedNotes = ''
  for (const { number, runs } of notes) {
    const item = document.createElement('li')
    item.id = `fn${number}`
    item.value = number
    item.innerHTML = toHtml(runs)
    list.append(item)
  }
  return list
}

// Plain text -----------------------------------------------------------------------------------------------------------

const RAISED: ReadonlyMap<string, string> = new Map([...'0123456789-–()p'].map((char, i) => [char, '⁰¹²³⁴⁵⁶⁷⁸⁹⁻⁻⁽⁾ᵖ'[i]!]))
const raisedText = (text: string): string => [...text].map(char => RAISED.get(char) ?? char).join('')

export function carriedText(fragment: Fragment, carrier: Carrier): string {
  const content = (fragment.toJSON() ?? []) as DocNode[]
  const inline = content.every(node => node.type === 'text' || node.type === 'citation' || node.type === 'hardBreak')
  const doc: DocNode = { type: 'doc', content: inline ? [{ type: 'paragraph', content }] : content }
  const all = placedCitations(doc)
  const ids = all.map(({ id }) => id)
  const style = carrier.style()
  const blocks = raiseAfterPunctuation(blocksOf(doc), at => raisedFor(style, all[at]!.citation), style.stopsInside)
  const citation = (at: number, part?: 'words' | 'number'): string => {
    const runs = carrier.runsOf(ids[at]!)
    const cut = part ? runs.findLastIndex(run => !run.superscript) + 1 : 0
    const shown = part === 'words' ? runs.slice(0, cut) : runs.slice(cut)
    return shown.map(run => (run.superscript ? raisedText(run.text) : run.text)).join('')
  }
  const textOf = (block: Block): string => {
    const own = block.pieces.map(piece => (piece.citation === undefined ? piece.text : citation(piece.citation, piece.part))).join('')
    const rows = (block.rows ?? []).map(row => row.map(cell => cell.map(textOf).join(' ')).join('\t'))
    return [own, ...rows].filter(Boolean).join('\n')
  }
  const notes = ids.flatMap(id => carrier.noteOf(id) ?? []).map(({ number, runs }) => `${number}. ${plain(runs)}`)
  return [...blocks.map(textOf), ...(notes.length ? ['', ...notes] : [])].join('\n').replace(/\n{3,}/gu, '\n\n').trim()
}
