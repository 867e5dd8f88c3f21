/** Citations in the text of a draft or of what was pasted: marks, LaTeX commands and ones typed by hand become real ones. */
import type { CitationData, DocNode } from '../../sheet/document'
import { readLatexCitations } from '../tex/citations'
import { marksIn, readMarks } from '../marks'
import type { Typed, TypedCitations } from './typed-citations'

export interface Cited {
  doc: DocNode
  /** How many became citations. */
  made: number
  /** Every citation typed by hand that fits a source, in the order of the text; those not `sure` fit several, or loosely. */
  typed: Typed[]
  /** Keys in marks and commands that no source has. */
  unknown: string[]
}

/** Splits text at its marks and commands; what no source has the key of stays text. */
export const readAllMarks = (text: string, idOf: (key: string) => string | undefined): (string | CitationData)[] =>
  readMarks(text, idOf).flatMap(piece => (typeof piece === 'string' ? readLatexCitations(piece, idOf) : [piece]))

/**
 * @param idOf a source's id by its key; @param typed what typed citations are matched against, if they are to be
 * @param accept whether a typed one becomes a citation or stays text; those that are sure do, if nobody says otherwise
 */
export function citeIn(
  doc: DocNode,
  idOf: (key: string) => string | undefined,
  typed?: TypedCitations,
  accept: (one: Typed) => boolean = one => one.sure,
): Cited {
  const out: Cited = { doc, made: 0, typed: [], unknown: [] }
  let n = 0
  const node = (data: CitationData): DocNode => {
    out.made++
    return { type: 'citation', attrs: { id: `d${++n}`, data } }
  }
  const marked = (child: DocNode): DocNode[] => {
    for (const { keys } of marksIn(child.text ?? '')) {
      for (const key of keys) if (!idOf(key) && !idOf(key.toLowerCase()) && !out.unknown.includes(key)) out.unknown.push(key)
    }
    return readAllMarks(child.text ?? '', idOf)
      .filter(piece => piece !== '')
      .map(piece => (typeof piece === 'string' ? { ...child, text: piece } : node(piece)))
  }
  /** Words side by side, however they are set: "(*Visiting the Mill*, n.d.)" is one citation in three pieces. */
  const read = (texts: readonly DocNode[]): DocNode[] => {
    let at = 0
    return typed!.read(texts.map(one => one.text ?? '').join('')).flatMap((piece): DocNode[] => {
      const from = at
      at += (typeof piece === 'string' ? piece : piece.typed).length
      if (typeof piece === 'string') return sliced(texts, from, at)
      out.typed.push(piece)
      return accept(piece) ? [node(piece.data)] : sliced(texts, from, at)
    })
  }
  const visit = (one: DocNode): DocNode => {
    if (!one.content) return one
    const content: DocNode[] = []
    let texts: DocNode[] = []
    const close = () => {
      content.push(...(typed ? read(texts) : texts))
      texts = []
    }
    for (const child of one.content.flatMap(child => (child.type === 'text' ? marked(child) : [visit(child)]))) {
      const raised = child.type === 'text' && typed && child.marks?.some(mark => mark.type === 'superscript') ? typed.raised(child.text ?? '') : undefined
      if (child.type === 'text' && !raised) { texts.push(child); continue }
      close()
      if (raised) {
        out.typed.push(raised)
        content.push(accept(raised) ? node(raised.data) : child)
        continue
      }
      content.push(child)
    }
    close()
    return { ...one, content }
  }
  out.doc = visit(doc)
  return out
}

/** Letters of text nodes in a row, from the first to before the second, as they are set. */
function sliced(texts: readonly DocNode[], from: number, to: number): DocNode[] {
  const out: DocNode[] = []
  let at = 0
  for (const one of texts) {
    const text = (one.text ?? '').slice(Math.max(0, from - at), Math.max(0, to - at))
    if (text) out.push({ ...one, text })
    at += (one.text ?? '').length
  }
  return out
}
