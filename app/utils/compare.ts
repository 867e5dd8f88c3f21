/** Two states of a text as one, with what was taken out and what came in. */
import { diffArrays, diffWordsWithSpace } from 'diff'
import { readCitation, type DocNode } from '~~/core/sheet/document'
import { writeLocator } from '~~/core/source/locators'
import { stripRich } from '~~/core/text/rich'

export interface Change { text: string, kind: 'same' | 'out' | 'in' }

/** A citation as its keys, places and words in brackets, so that a change of any of them shows. */
function citationText(node: DocNode, keyOf: (id: string) => string): string {
  const { items, words } = readCitation(node)
  const works = items
    .map(({ id, locator, prefix, suffix }) => [prefix, keyOf(id), writeLocator(locator), suffix].filter(Boolean).join(' '))
    .join('; ')
  return `[${[words?.before, works, words?.after].filter(Boolean).map(one => stripRich(one!)).join(' · ') || 'note'}]`
}

/** The text by paragraphs, the title and credit of a table or figure among them. */
export function paragraphs(doc: DocNode, keyOf: (id: string) => string): string[] {
  const out: string[] = []
  const inline = (node: DocNode): string =>
    node.type === 'text'
      ? (node.text ?? '')
      : node.type === 'hardBreak'
        ? ' / '
        : node.type === 'citation'
          ? citationText(node, keyOf)
          : (node.content ?? []).map(inline).join('')
  const beside = (words: unknown) => { if (typeof words === 'string' && words.trim()) out.push(stripRich(words)) }
  const visit = (node: DocNode) => {
    if (node.type === 'table') beside(node.attrs?.title)
    if (['paragraph', 'heading', 'verse', 'figure'].includes(node.type)) out.push(inline(node))
    else node.content?.forEach(visit)
    if (node.type === 'table' || node.type === 'figure') beside(node.attrs?.credit)
  }
  visit(doc)
  return out
}

/** Paragraph by paragraph; where one was changed, word by word. */
export function compareTexts(before: readonly string[], after: readonly string[]): Change[][] {
  const out: Change[][] = []
  const parts = diffArrays([...before], [...after])
  for (let i = 0; i < parts.length; i++) {
    const part = parts[i]!
    const next = parts[i + 1]
    if (part.removed && next?.added) {
      const n = Math.max(part.value.length, next.value.length)
      for (let k = 0; k < n; k++) {
        const [a, b] = [part.value[k], next.value[k]]
        const words =
          a !== undefined && b !== undefined && a.length + b.length < 20_000
            ? diffWordsWithSpace(a, b).map((one): Change => ({ text: one.value, kind: one.added ? 'in' : one.removed ? 'out' : 'same' }))
            : undefined
        // Two paragraphs with little in common are two paragraphs, not one that was changed.
        const common = words?.reduce((sum, one) => sum + (one.kind === 'same' ? one.text.trim().length : 0), 0) ?? 0
        if (words && common > Math.min(a!.length, b!.length) * 0.35) out.push(words)
        else { if (a !== undefined) out.push([{ text: a, kind: 'out' }]); if (b !== undefined) out.push([{ text: b, kind: 'in' }]) }
      }
      i++
    }
    else for (const text of part.value) out.push([{ text, kind: part.added ? 'in' : part.removed ? 'out' : 'same' }])
  }
  return out
}
