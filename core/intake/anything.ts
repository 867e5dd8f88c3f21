/** One door for everything that comes in as text: what is it, and who reads it. */
import { readBibtex } from './bibtex/bibtex'
import { readCslJson } from './csl-json'
import { readIdentifiers, type Identifier } from './identifiers'
import { readPage } from './page/page'
import type { Intake, Progress } from './proposal'
import { readReferences, splitReferences } from './reference/references'
import { readRis } from './ris/ris'

export const FORMS = ['identifiers', 'bibtex', 'ris', 'csl-json', 'page', 'references', 'title'] as const
export type Form = (typeof FORMS)[number]
/** In words, for what the writer is told. */
export const FORM_WORDS: Record<Form, string> = { 'identifiers': 'DOIs, ISBNs or addresses', 'bibtex': 'BibTeX', 'ris': 'RIS', 'csl-json': 'CSL-JSON', 'page': 'a saved web page', 'references': 'formatted references', 'title': 'a title' }

/** What a text is. A file's name helps only where the text leaves it open. */
export function detect(text: string, name = ''): Form {
  const head = text.slice(0, 20_000).trimStart()
  if (/^[[{]/u.test(head) && /"(?:type|title|id|DOI|items)"\s*:/u.test(head)) return 'csl-json'
  if (/(?:^|\n)[ \t]*@[a-z]+[ \t\n]*[{(]/iu.test(head)) return 'bibtex'
  if (/(?:^|\n)[ \t]{0,3}TY[ \t]{0,2}-[ \t]*[A-Z]/u.test(head)) return 'ris'
  if (/^(?:<!--[\s\S]*?-->\s*)*<(?:!doctype|html|head|meta|body)\b/iu.test(head) || (/\.html?$/iu.test(name) && head.includes('<'))) return 'page'
  if (readIdentifiers(text)) return 'identifiers'
  if (/\.bib$/iu.test(name)) return 'bibtex'
  if (/\.ris$/iu.test(name)) return 'ris'
  if (/\.json$/iu.test(name)) return 'csl-json'
  return looksFormatted(text) ? 'references' : 'title'
}

/** A title has no year in brackets and few stops; a reference has both, or several paragraphs. */
function looksFormatted(text: string): boolean {
  const pieces = splitReferences(text)
  if (pieces.length > 1) return pieces.some(one => one.length > 40)
  const one = pieces[0] ?? ''
  const signs = [/\((?:1[4-9]|20)\d{2}|\b(?:1[4-9]|20)\d{2}\b/u, /[.,]\s/u, /\bpp?\.\s*\d|\d\s*[-–]\s*\d|\bvol\.|\bno\.|https?:|\bdoi\b|10\.\d{4}/iu, /^\p{Lu}[\p{L}’'-]+,\s+\p{Lu}|^\p{Lu}\.\s|[“”]|<i>|\*\S/u, /n\.d\.|\bIn\s+\p{Lu}|Press|Books|\b(?:ed|eds)\./u]
  // A long title may hold years and commas; names in order, or the words of an imprint, it has not.
  return one.length > 40 && signs.filter(sign => sign.test(one)).length >= 3 && signs.slice(3).some(sign => sign.test(one))
}

/** Reads text in a form. Identifiers and titles are not read here: they are looked up, or begun, by who asked. */
export function readForm(form: Form, text: string, progress?: Progress): Intake {
  switch (form) {
    case 'bibtex': return readBibtex(text, progress)
    case 'ris': return readRis(text, progress)
    case 'csl-json': return readCslJson(text, progress)
    case 'page': return readPage(text)
    case 'references': return readReferences(text, progress)
    default: return { proposals: [], problems: [] }
  }
}

export type { Identifier, Intake }
