/** What a text that comes in is, before anybody reads it. */
import { readIdentifiers } from './identifiers'
import { splitReferences } from './reference/split'

export const FORMS = ['identifiers', 'bibtex', 'ris', 'csl-json', 'page', 'references', 'title'] as const
export type Form = (typeof FORMS)[number]
/** In words, for what the writer is told. */
export const FORM_WORDS: Record<Form, string> = {
  'identifiers': 'DOIs, ISBNs or addresses',
  'bibtex': 'BibTeX',
  'ris': 'RIS',
  'csl-json': 'CSL-JSON',
  'page': 'a saved web page',
  'references': 'formatted references',
  'title': 'a title',
}

/** What a text is. A file's name helps only where the text leaves it open. */
export function detect(text: string, name = ''): Form {
  const head = text.slice(0, 20_000).trimStart()
  if (/^[[{]/u.test(head) && /"(?:type|title|id|DOI|items)"\s*:/u.test(head)) return 'csl-json'
  if (/(?:^|\n)[ \t]*@[a-z]+[ \t\n]*[{(]/iu.test(head)) return 'bibtex'
  if (/(?:^|\n)[ \t]{0,3}TY[ \t]{0,2}-[ \t]*[A-Z]/u.test(head)) return 'ris'
  if (/^(?:<!--[\s\S]*?-->\s*)*<(?:!doctype|html|head|meta|body)\b/iu.test(head) || (/\.html?$/iu.test(name) && head.includes('<')))
    return 'page'
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
  const signs = [
    /\((?:1[4-9]|20)\d{2}|\b(?:1[4-9]|20)\d{2}\b/u,
    /[.,]\s/u,
    /\bpp?\.\s*\d|\d\s*[-–]\s*\d|\bvol\.|\bno\.|https?:|\bdoi\b|10\.\d{4}/iu,
    /^\p{Lu}[\p{L}’'-]+,\s+\p{Lu}|^\p{Lu}\.\s|[“”]|<i>|\*\S/u,
    /n\.d\.|\bIn\s+\p{Lu}|Press|Books|\b(?:ed|eds)\./u,
  ]
  // A long title may hold years and commas; names in order, or the words of an imprint, it has not.
  return one.length > 40 && signs.filter(sign => sign.test(one)).length >= 3 && signs.slice(3).some(sign => sign.test(one))
}
