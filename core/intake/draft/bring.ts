/** The sources that a returning document brings, and which of them are here already. */
import { readCitation, type DocNode } from '../../sheet/document'
import { Duplicates } from '../../source/duplicates'
import type { Source } from '../../source/model'

interface Here extends Source { key?: string }
export interface Brought {
  /** With the ids of sources that are here; those that are not keep one of their own, which begins with “new:”. */
  doc: DocNode
  fresh: Source[]
}

/** @param here the paper's own sources first */
export function bring(doc: DocNode, brings: readonly Source[], here: readonly Here[]): Brought {
  const index = new Duplicates(here)
  const ids = new Map<string, string>()
  const fresh: Source[] = []
  for (const source of brings) {
    const known = here.find(one => one.key === source.id && one.kind === source.kind && one.fields.title === source.fields.title)
      ?? index.find(source)?.source
    if (!known) fresh.push({ ...source, id: `new:${source.id}` })
    ids.set(source.id, known?.id ?? `new:${source.id}`)
  }
  return { doc: citedAs(doc, ids), fresh }
}

/** The document with what it cites under other ids. */
export function citedAs(node: DocNode, ids: ReadonlyMap<string, string>): DocNode {
  if (node.type !== 'citation') return node.content ? { ...node, content: node.content.map(child => citedAs(child, ids)) } : node
  const data = readCitation(node)
  const items = data.items.map(item => ({ ...item, id: ids.get(item.id) ?? item.id }))
  return { ...node, attrs: { ...node.attrs, data: { ...data, items } } }
}
