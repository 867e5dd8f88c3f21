/** A paper written elsewhere, whatever it was written in, as a draft: what it is says its first bytes, then its name. */
import type { Source } from '../../source/model'
import { decode, NO_TEXT } from '../decode'
import { texToHtml } from '../tex/draft'
import { readDraft, textToHtml, type Draft } from './draft'
import { markdownNotes } from './markdown-notes'
import { withReturned } from './returned'

/** What its citations cite comes with a document that went out of here with them; their ids are keys. */
export type ReadDraft = Draft & { brings?: Source[] }

/** @param name of the file, with its ending */
export async function openDraft(bytes: ArrayBuffer, name: string): Promise<ReadDraft | { problem: string }> {
  const head = new Uint8Array(bytes.slice(0, 4))
  if (head[0] === 0x50 && head[1] === 0x4B) {
    if (isOdt(new Uint8Array(bytes.slice(0, 200)), name)) {
      const { readOdt } = await import('./odt')
      const read = readOdt(new Uint8Array(bytes))
      return 'problem' in read ? read : readDraft(read.html, { whole: true })
    }
    const { readDocx } = await import('./docx')
    const read = await readDocx(bytes)
    if ('problem' in read) return read
    const draft = readDraft(read.html, { whole: true })
    const { returned } = read
    return returned ? { ...draft, doc: withReturned(draft.doc, returned.citations), brings: returned.sources } : draft
  }
  if (/\.docx?$/iu.test(name))
    return { problem: 'is no .docx file, though its name says so; open it in a word processor and save it again as .docx.' }
  if (/\.odt$/iu.test(name)) return { problem: 'is no .odt file, though its name says so; open it in a word processor and save it again.' }
  const { text, noText } = decode(new Uint8Array(bytes))
  if (noText) return { problem: NO_TEXT }
  if (/\.tex$/iu.test(name) || /\\begin\{document\}/u.test(text)) {
    const { html, title } = texToHtml(text)
    const draft = readDraft(html, { whole: true })
    return { ...draft, ...(title ? { title } : {}) }
  }
  if (/\.html?$/iu.test(name) || /^\s*<(?:!doctype|html)/iu.test(text)) return readDraft(text, { whole: true })
  if (/\.(?:md|markdown)$/iu.test(name)) {
    const { marked } = await import('marked')
    return readDraft(markdownNotes(await marked.parse(text.replace(/^---\n[\s\S]*?\n---\n/u, ''), { gfm: true })), { whole: true })
  }
  return readDraft(textToHtml(text), { whole: true })
}

/** Its first part says its type, uncompressed (ODF 1.3 part 2, 3.3); its name does where a program left that out. */
function isOdt(head: Uint8Array, name: string): boolean {
  const text = String.fromCharCode(...head)
  return text.includes('mimetypeapplication/vnd.oasis.opendocument') || (/\.odt$/iu.test(name) && !text.includes('[Content_Types]'))
}
