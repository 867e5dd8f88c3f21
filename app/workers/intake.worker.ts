/** Reads what came in away from the page: large files take seconds, and may be given up by ending the worker. */
import { readForm } from '~~/core/intake/anything'
import { detect, type Form } from '~~/core/intake/detect'
import { decode, NO_TEXT } from '~~/core/intake/decode'
import { listOf } from '~~/core/intake/draft/noticed'
import { readReferences } from '~~/core/intake/reference/references'
import { richLines } from '~~/core/intake/paste'
import type { Intake } from '~~/core/intake/proposal'

/** What came in: text and rich text, a file's bytes, or references that were told apart where they stood. */
export interface Given { text?: string, html?: string, bytes?: ArrayBuffer, name?: string, references?: readonly string[] }
const NO_LIST = 'no reference list was found in it; a list has a heading such as References.'
export type ReadBack = Intake & { form: Form | 'pdf' | 'document', text?: string }

export const api = {
  async read({ text = '', html, bytes, name = '', references }: Given, progress: (done: number) => void): Promise<ReadBack> {
    if (references) return { form: 'references', ...readReferences(references, progress) }
    if (bytes) {
      const head = new Uint8Array(bytes.slice(0, 8))
      if (head[0] === 0x25 && head[1] === 0x50 && head[2] === 0x44 && head[3] === 0x46) {
        const { readPdfFile } = await import('./pdf')
        return { form: 'pdf', ...await readPdfFile(bytes, name) }
      }
      if (head[0] === 0x50 && head[1] === 0x4B) {
        const { openDraft } = await import('~~/core/intake/draft/open')
        const draft = await openDraft(bytes, name)
        if ('problem' in draft) return { form: 'document', proposals: [], problems: [{ where: 'document', what: draft.problem }] }
        const list = listOf(draft.doc, draft.noticed)
        return list.length
          ? { form: 'document', ...readReferences(list, progress) }
          : { form: 'document', proposals: [], problems: [{ where: 'document', what: NO_LIST }] }
      }
      const read = decode(new Uint8Array(bytes))
      if (read.noText) return { form: 'references', proposals: [], problems: [{ where: 'file', what: NO_TEXT }] }
      ;({ text } = read)
    }
    const form = detect(text, name)
    // The clipboard's italics are evidence in formatted references, and only there.
    const rich = html && form === 'references' ? richLines(html) : ''
    return { form, text, ...readForm(form, rich || text, progress) }
  },
}
export type IntakeWorker = typeof api
