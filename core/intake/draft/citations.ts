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
  const pieces = (text: string): (string | CitationData)[] => {
    const marked = readAllMarks(text, idOf)
    if (!typed) return marked
    return marked.flatMap((piece) =>
      typeof piece !== 'string'
        ? [piece]
        : typed.read(piece).map((one) => {
            if (typeof one === 'string') return one
            out.typed.push(one)
            return accept(one) ? one.data : one.typed
          }),
    )
  }
  const visit = (one: DocNode): DocNode => {
    if (!one.content) return one
    return {
      ...one,
      content: one.content.flatMap((child): DocNode[] => {
        if (child.type !== 'text') return [visit(child)]
        for (const { keys } of marksIn(child.text ?? '')) {
          for (const key of keys) if (!idOf(key) && !idOf(key.toLowerCase()) && !out.unknown.includes(key)) out.unknown.push(key)
        }
        return pieces(child.text ?? '')
          .filter((piece) => piece !== '')
          .map((piece) => (typeof piece === 'string' ? { ...child, text: piece } : node(piece)))
      }),
    }
  }
  out.doc = visit(doc)
  return out
}
