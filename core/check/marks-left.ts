/** Marks and citation commands that are still text: those whose source the paper lacks, and those whose source has come since. */
import { readAllMarks } from '../intake/draft/citations'
import { marksIn } from '../intake/marks'
import type { DocNode } from '../sheet/document'
import { distinct, findingId } from './finding'
import { cut } from './setting'

export interface MarkLeft {
  /** As it stands in the text. */
  typed: string
  /** Its keys that no source of the paper has; none when it can become a citation now. */
  unknown: string[]
  /** What Check's finding of it is called: left there, it is left here, and the other way about. */
  id: string
}

/** Keys of a mark that no source has. @param idOf a source's id by its key */
export const lostKeys = (keys: readonly string[], idOf: (key: string) => string | undefined): string[] =>
  keys.filter(key => !idOf(key) && !idOf(key.toLowerCase()))

/** The finding of a mark that is still text: its rule, what its sentence names, its words. */
export const markFound = (typed: string, lost: readonly string[]) => ({
  check: 'citations.unknown-key' as const,
  with: { key: lost.join(', ') || typed.replace(/^\[ref[^:]*:\s*|\]$/gu, '') },
  excerpt: cut(typed),
})

/** @param idOf a source's id by its key */
export function marksLeft(doc: DocNode, idOf: (key: string) => string | undefined): MarkLeft[] {
  const out: MarkLeft[] = []
  const visit = (node: DocNode) => {
    if (node.type === 'text' && /\[ref|cite/iu.test(node.text ?? '')) {
      for (const { typed, keys } of marksIn(node.text!)) {
        const unknown = lostKeys(keys, idOf)
        const { check, with: filled, excerpt } = markFound(typed, unknown)
        // One without a key, and a command that prints nothing, is no mark of a source.
        if (unknown.length || readAllMarks(typed, idOf).some(piece => typeof piece !== 'string')) out.push({ typed, unknown, id: findingId(check, excerpt, filled) })
      }
    }
    node.content?.forEach(visit)
  }
  visit(doc)
  return distinct(out)
}
