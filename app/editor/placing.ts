/** Putting a citation into the text, taking it out and moving it, with the spaces and stops around it as they belong. */
import type { Mark, Node as PmNode } from '@tiptap/pm/model'
import type { Transaction } from '@tiptap/pm/state'
import type { CitationData } from '~~/core/sheet/document'
import { namedBefore, place, spokenNames } from '~~/core/sheet/placement'
import type { Source } from '~~/core/source/model'
import type { Style } from '~~/core/styles/schema'

export interface Setting { style: Style, sourceOf: (id: string) => Source | undefined }

/**
 * Puts a citation at a place of the transaction's document: before the stop, outside quotation marks, its name not said
 * twice. Where no text can stand, a paragraph is made for it.
 */
export function putCitation(tr: Transaction, pos: number, id: string, data: CitationData, { style, sourceOf }: Setting): Transaction {
  const { schema } = tr.doc.type
  const node = (given: CitationData) => schema.nodes.citation!.create({ id, data: given })
  const $at = tr.doc.resolve(pos)
  if (!$at.parent.inlineContent) return tr.insert(pos, schema.nodes.paragraph!.create(null, node(data)))
  const text = (from: number, to: number) => tr.doc.textBetween(from, to, '\n', '\uFFFC')
  let before = text($at.start(), pos)
  const after = text(pos, $at.end())
  let from = pos
  let given = data
  const source = data.items.length === 1 ? sourceOf(data.items[0]!.id) : undefined
  const inText = ['author-date', 'author-page'].includes(style.citation.system)
  const named = source ? Math.max(0, ...spokenNames(source).map(names => namedBefore(before, names))) : 0
  if (named && data.form === 'narrative') {
    // The citation says the name itself.
    before = before.slice(0, before.length - named)
    from -= named
  }
  else if (named && inText && data.form === 'parenthetical') given = { ...data, form: 'suppress-author' }
  const inQuote = $at.node(Math.max(1, $at.depth - 1)).type.name === 'blockquote'
  // A note of words alone stands behind the mark, where it was put.
  const placed =
    given.form === 'narrative' || !given.items.length
      ? {
          takeBefore: 0,
          before: given.form === 'narrative' && before && !/[\s([“‘—]$/u.test(before) ? ' ' : '',
          takeAfter: 0,
          after: given.form === 'narrative' && /^[\p{L}\p{N}“‘(]/u.test(after) ? ' ' : '',
        }
      : place(before, after, inQuote)
  const marks: readonly Mark[] = $at.marks().filter(mark => mark.type.name !== 'remark')
  const nodes: PmNode[] = []
  if (placed.before) nodes.push(schema.text(placed.before, marks))
  nodes.push(node(given))
  if (placed.after) nodes.push(schema.text(placed.after, marks))
  return tr.replaceWith(from - placed.takeBefore, pos + placed.takeAfter, nodes)
}

/** Takes a citation out; the space that stood before it goes with it when a mark or another space follows. */
export function takeCitation(tr: Transaction, pos: number): Transaction {
  const $pos = tr.doc.resolve(pos)
  const spaced = $pos.nodeBefore?.isText && /[ \u00A0]$/u.test($pos.nodeBefore.text!)
  const follows = tr.doc.resolve(pos + 1).nodeAfter
  return tr.delete(pos - (spaced && (!follows || (follows.isText && /^[\s.,;:?!)]/u.test(follows.text!))) ? 1 : 0), pos + 1)
}

/** A place that no word is cut at: within a word it is the word's end. */
export function behindWord(doc: PmNode, pos: number): number {
  const $pos = doc.resolve(pos)
  if (!$pos.parent.inlineContent) return pos
  const [before, after] = [
    $pos.parent.textBetween(0, $pos.parentOffset, '\n', '\uFFFC'),
    $pos.parent.textBetween($pos.parentOffset, $pos.parent.content.size, '\n', '\uFFFC'),
  ]
  return /[\p{L}\p{M}\p{N}’'-]$/u.test(before) ? pos + /^[\p{L}\p{M}\p{N}’'-]*/u.exec(after)![0].length : pos
}

/** Moves a citation; dropped within a word it goes behind the word. */
export function moveCitation(tr: Transaction, from: number, to: number, setting: Setting): Transaction {
  const node = tr.doc.nodeAt(from)
  if (node?.type.name !== 'citation' || to === from || to === from + 1) return tr
  takeCitation(tr, from)
  return putCitation(tr, behindWord(tr.doc, tr.mapping.map(to)), String(node.attrs.id), node.attrs.data as CitationData, setting)
}
