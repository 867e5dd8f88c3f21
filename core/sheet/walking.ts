/** The document gone through from its first word to its last: its citations, its words, the sources it names. */
import type { Citation } from '../compose/compose'
import { readCitation, type CitationData, type DocNode } from './document'

/**
 * Every citation of the document in reading order, with the id of its node; a malformed one counts as one without works, so
 * that numbers stay right.
 */
export function placedCitations(doc: DocNode): { id: string, citation: CitationData }[] {
  const out: { id: string, citation: CitationData }[] = []
  walk(doc, (node) => {
    if (node.type === 'citation') out.push({ id: String(node.attrs?.id ?? ''), citation: readCitation(node) })
  })
  return out
}
/** The same, where only what they cite is asked for. */
export const citationsOf = (doc: DocNode): Citation[] => placedCitations(doc).map(({ citation }) => citation)

/** The document with every citation of one source made one of another; a citation of both keeps one. */
export function replaceCited(node: DocNode, from: string, to: string): DocNode {
  if (node.type === 'citation') {
    const data = readCitation(node)
    if (!data.items.some(item => item.id === from)) return node
    const items = data.items.map(item => (item.id === from ? { ...item, id: to } : item))
    const once = items.filter(
      (item, i) => items.findIndex((other) => other.id === item.id && JSON.stringify(other.locator) === JSON.stringify(item.locator)) === i,
    )
    return { ...node, attrs: { ...node.attrs, data: { ...data, items: once } } }
  }
  const attrs = node.attrs?.from === from ? { ...node.attrs, from: to } : node.attrs
  const content = node.content?.map(child => replaceCited(child, from, to))
  return attrs === node.attrs && (content ?? []).every((child, i) => child === node.content![i])
    ? node
    : { ...node, ...(attrs ? { attrs } : {}), ...(content ? { content } : {}) }
}

/** Where sources are cited: for each citation of one of them, the words of its paragraph around it. */
export function citedWhere(doc: DocNode, ids: ReadonlySet<string>): { id: string, words: string }[] {
  const out: { id: string, words: string }[] = []
  const visit = (node: DocNode) => {
    const children = node.content ?? []
    children.forEach((child, i) => {
      if (child.type !== 'citation') { visit(child); return }
      const hit = readCitation(child).items.find(item => ids.has(item.id))
      if (hit)
        out.push({
          id: hit.id,
          words: children
            .slice(0, i)
            .map((one) => one.text ?? '')
            .join('')
            .split(/\s+/u)
            .slice(-8)
            .join(' ')
            .trim(),
        })
    })
  }
  visit(doc)
  return out
}

/** A block where sources are cited: its first citation of each, how often, the heading it stands under, its first words. */
export interface CitedPlace { under: string, begins: string, sources: Map<string, { citation: string, times: number }> }

/** Every block of the document where something is cited, in order. */
export function citedPlaces(doc: DocNode): CitedPlace[] {
  const out: CitedPlace[] = []
  let under = ''
  for (const block of doc.content ?? []) {
    const words = () => plainText(block).replace(/\s+/gu, ' ').replace(/ (?=[.,;:?!])/gu, '').trim()
    if (block.type === 'heading') under = words()
    const sources: CitedPlace['sources'] = new Map()
    walk(block, (node) => {
      if (node.type !== 'citation') return
      for (const id of new Set(readCitation(node).items.map(item => item.id))) {
        const before = sources.get(id)
        if (before) before.times++
        else sources.set(id, { citation: String(node.attrs?.id ?? ''), times: 1 })
      }
    })
    if (sources.size) out.push({ under, begins: words().split(' ').slice(0, 8).join(' '), sources })
  }
  return out
}

/** The words of the document, without its citations. */
export function plainText(doc: DocNode): string {
  let text = ''
  walk(doc, (node) => {
    if (node.type === 'text') { if (!isRemark(node)) text += node.text ?? '' }
    else if (node.type !== 'citation') text += ' '
  })
  return text
}

/** The sources that tables and figures are taken from: they are listed, though nothing in the text may cite them. */
export function creditedIn(doc: DocNode): string[] {
  const out = new Set<string>()
  walk(doc, (node) => { if ((node.type === 'figure' || node.type === 'table') && node.attrs?.from) out.add(String(node.attrs.from)) })
  return [...out]
}

/** Words marked as the writer's own remarks never print. */
export const isRemark = (node: DocNode): boolean => node.marks?.some(mark => mark.type === 'remark') ?? false

function walk(node: DocNode, visit: (node: DocNode) => void) {
  visit(node)
  node.content?.forEach(child => walk(child, visit))
}
