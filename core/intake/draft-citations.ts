/** Citations in the text of a draft or of what was pasted: marks, LaTeX commands and ones typed by hand become real ones. */
import type { CitationData, DocNode } from '../sheet/document'
import { readLatexCitations } from './latex-citations'
import { readMarks } from './marks'
import type { Typed, TypedCitations } from './typed-citations'

export interface Cited {
  doc: DocNode
  /** How many became citations. */
  made: number
  /** Typed citations that fit more than one source, or loosely: left as text until the writer says. */
  likely: Typed[]
  /** Keys in marks and commands that no source has. */
  unknown: string[]
}

const MARK_KEYS = /\[ref(?:\s+(?:in-text|no-name))?:\s*([^\][]+)\]|\\[a-z]*cite[a-z]*\*?(?:\s*\[[^\]]*\]){0,2}\s*\{([^{}]+)\}/giu

/**
 * @param idOf a source's id by its key; @param typed what typed citations are matched against, if they are to be
 * @param accept whether a likely one is taken
 */
export function citeIn(doc: DocNode, idOf: (key: string) => string | undefined, typed?: TypedCitations, accept: (one: Typed) => boolean = () => false): Cited {
  const out: Cited = { doc, made: 0, likely: [], unknown: [] }
  let n = 0
  const node = (data: CitationData): DocNode => { out.made++; return { type: 'citation', attrs: { id: `d${++n}`, data } } }
  const pieces = (text: string): (string | CitationData)[] => {
    const marked = readMarks(text, idOf).flatMap(piece => (typeof piece === 'string' ? readLatexCitations(piece, idOf) : [piece]))
    if (!typed) return marked
    return marked.flatMap(piece => (typeof piece !== 'string' ? [piece] : typed.read(piece).map((one) => {
      if (typeof one === 'string') return one
      if (one.sure || accept(one)) return one.data
      out.likely.push(one)
      return one.typed
    })))
  }
  const visit = (one: DocNode): DocNode => {
    if (!one.content) return one
    return { ...one, content: one.content.flatMap((child): DocNode[] => {
      if (child.type !== 'text') return [visit(child)]
      for (const match of (child.text ?? '').matchAll(MARK_KEYS)) {
        const keys = match[2] ? match[2].split(',') : match[1]!.split(';').flatMap(part => /[a-z0-9][a-z0-9-]*-\d{4}[a-z]?|[a-z][a-z0-9-]*-[a-z0-9-]+/u.exec(part)?.[0] ?? [])
        for (const key of keys.map(k => k.trim())) if (key && !idOf(key) && !idOf(key.toLowerCase()) && !out.unknown.includes(key)) out.unknown.push(key)
      }
      return pieces(child.text ?? '').filter(piece => piece !== '').map(piece => (typeof piece === 'string' ? { ...child, text: piece } : node(piece)))
    }) }
  }
  out.doc = visit(doc)
  return out
}
