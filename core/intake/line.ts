/** The first reading of what was typed into the intake line: an address, a DOI, an ISBN, or a title. */
import type { Fields } from '../source/model'
import type { KindId } from '../source/kinds'

export interface Begun { fields: Fields, kind?: KindId }

export function readLine(typed: string): Begun {
  const text = typed.trim().replace(/\s+/gu, ' ')
  const doi = /(?:^|doi\.org\/|doi:\s*)(10\.\d{4,9}\/\S+)$/iu.exec(text)
  if (doi) return { kind: 'journal-article', fields: { doi: doi[1]! } }
  if (/^https?:\/\/\S+$/iu.test(text) || /^www\.\S+\.\S+$/iu.test(text)) return { kind: 'web-page', fields: { url: text.startsWith('www.') ? `https://${text}` : text } }
  const isbn = text.replace(/^isbn:?\s*/iu, '').replace(/[-\s]/gu, '')
  if (/^(?:97[89])?\d{9}[\dX]$/iu.test(isbn)) return { kind: 'book', fields: { isbn } }
  return { fields: { title: typed.trim() } }
}
