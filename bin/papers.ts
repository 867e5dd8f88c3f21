/** A paper as it is (.docx, .odt, .md, .tex, .html, .txt), for the verbs that read one; what is wrong is said by its name. */
import { readFileSync, statSync } from 'node:fs'
import { openDraft } from '../core/intake/draft/open'
import { paperOfDraft, type DraftPaper } from '../core/intake/draft/paper'
import type { Problem } from '../core/intake/proposal'
import type { Style } from '../core/styles/schema'

/** Larger is no paper. */
const MAX_BYTES = 60 * 1024 * 1024

/** A paper read; nothing where it could not be, which is said. */
type PaperRead = DraftPaper & { bytes: Uint8Array }
export async function readPaper(name: string, style: Style | undefined, problems: Problem[]): Promise<PaperRead | undefined> {
  let bytes: Uint8Array
  try {
    if ((statSync(name, { throwIfNoEntry: false })?.size ?? 0) > MAX_BYTES) { problems.push({ where: name, what: 'is larger than 60 MB, which no paper is; it was not opened.' }); return undefined }
    bytes = readFileSync(name)
  }
  catch (error) { problems.push({ where: name, what: `cannot be read: ${(error as Error).message}` }); return undefined }
  const draft = await openDraft(new Uint8Array(bytes).buffer, name)
  if ('problem' in draft) { problems.push({ where: name, what: draft.problem }); return undefined }
  const read = paperOfDraft(draft, style)
  problems.push(...read.problems.map(({ where, what }) => ({ where: `${name}, ${where}`, what })))
  if (!read.references.length) problems.push({ where: name, what: 'no reference list was found in it: a list has a heading of its own, such as References. Citations were looked at without it.' })
  return { ...read, bytes }
}
