/** A word-processor document as a list of references: its last list-like part, or all of it. */
import { readReferences } from '~~/core/intake/reference/references'
import { splitReferences } from '~~/core/intake/reference/split'
import { richLines } from '~~/core/intake/paste'
import type { Intake, Progress } from '~~/core/intake/proposal'
import { readDocx } from './docx'

const HEADING = /^(?:<i>)?(?:references?(?: list)?|works cited|bibliography|literature cited|sources)(?:<\/i>)?\s*:?$/iu

export async function readDocumentFile(bytes: ArrayBuffer, progress: Progress): Promise<Intake> {
  const read = await readDocx(bytes)
  if ('problem' in read) return { proposals: [], problems: [{ where: 'document', what: read.problem }] }
  const lines = richLines(read.html).split('\n')
  const at = lines.findLastIndex(line => HEADING.test(line))
  // A document is a paper with its list at the end, or a list and nothing else.
  const list = lines.slice(at + 1)
  if (at < 0 && splitReferences(list.join('\n')).length < lines.length * 0.5)
    return {
      proposals: [],
      problems: [{ where: 'document', what: 'no reference list was found in it; a list has a heading such as References.' }],
    }
  return readReferences(list.join('\n\n'), progress)
}
