/** Reads a draft away from the page: documents, pages, Markdown, LaTeX and plain text as the paper's own document. */
import { decode, NO_TEXT } from '~~/core/intake/decode'
import { withReturned } from '~~/core/intake/draft/returned'
import { readDraft, textToHtml, type Draft } from '~~/core/intake/draft/draft'
import type { Proposal } from '~~/core/intake/proposal'
import { readReferences } from '~~/core/intake/reference/references'
import { texToHtml } from '~~/core/intake/tex/draft'
import type { Source } from '~~/core/source/model'

/** What its citations cite comes with a document that went out of here with them; their ids are keys. */
export type ReadDraft = Draft & { brings?: Source[] }

export const api = {
  async read(bytes: ArrayBuffer, name: string): Promise<ReadDraft | { problem: string }> {
    const head = new Uint8Array(bytes.slice(0, 4))
    if (head[0] === 0x50 && head[1] === 0x4B) {
      const { readDocx } = await import('./docx')
      const read = await readDocx(bytes)
      if ('problem' in read) return read
      const draft = readDraft(read.html, { whole: true })
      const { returned } = read
      return returned ? { ...draft, doc: withReturned(draft.doc, returned.citations), brings: returned.sources } : draft
    }
    if (/\.docx?$/iu.test(name))
      return { problem: 'is no .docx file, though its name says so; open it in a word processor and save it again as .docx.' }
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
      return readDraft(footnotes(await marked.parse(text.replace(/^---\n[\s\S]*?\n---\n/u, ''), { gfm: true })), { whole: true })
    }
    return readDraft(textToHtml(text), { whole: true })
  },
  /** The draft's own list, one source a reference. */
  list: (references: readonly string[]): Proposal[] => readReferences(references.join('\n\n')).proposals,
}
/** Markdown's footnotes, "[^1]" and "[^1]: words", in the form of a document's. */
function footnotes(html: string): string {
  const notes: string[] = []
  const body = html.replace(/<p>\[\^([\w-]+)\]:\s*([\s\S]*?)<\/p>/gu, (_, id: string, words: string) => {
    notes.push(`<li id="fn-${number(id)}">${words}</li>`)
    return ''
  })
  return (
    body.replace(/\[\^([\w-]+)\]/gu, (_, id: string) => `<sup><a href="#fn-${number(id)}">${id}</a></sup>`)
    + (notes.length ? `<ol>${notes.join('')}</ol>` : '')
  )
}
/** Named footnotes get numbers of their own. */
const named = new Map<string, number>()
const number = (id: string): number => { if (!named.has(id)) named.set(id, named.size + 1); return named.get(id)! }

// References are set again to see what of them comes back: titles and all.
export type DraftWorker = typeof api
