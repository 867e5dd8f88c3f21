/** Marks and citation commands that are still text: those whose source the paper lacks, and those whose source has come since. */
import { readAllMarks } from '../intake/draft/citations'
import { marksIn } from '../intake/marks'
import type { DocNode } from '../sheet/document'

export interface MarkLeft {
  /** As it stands in the text. */
  typed: string
  /** Its keys that no source of the paper has; none when it can become a citation now. */
  unknown: string[]
}

/** @param idOf a source's id by its key */
export function marksLeft(doc: DocNode, idOf: (key: string) => string | undefined): MarkLeft[] {
  const out: MarkLeft[] = []
  const visit = (node: DocNode) => {
    if (node.type === 'text' && /\[ref|cite/iu.test(node.text ?? '')) {
      for (const { typed, keys } of marksIn(node.text!)) {
        const unknown = keys.filter(key => !idOf(key) && !idOf(key.toLowerCase()))
        // One without a key, and a command that prints nothing, is no mark of a source.
        if (unknown.length || readAllMarks(typed, idOf).some(piece => typeof piece !== 'string')) out.push({ typed, unknown })
      }
    }
    node.content?.forEach(visit)
  }
  visit(doc)
  return out
}
