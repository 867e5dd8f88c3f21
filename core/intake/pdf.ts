/**
 * The first page of an article or report as PDF: what the file says of itself, and what stands on the page by place
 * and size. The text comes from the reader of PDF files; this is what is made of it.
 */
import { PARTICLE } from '../text/lists/particles'
import type { Fields } from '../source/model'
import { readName, type Name } from '../source/names'
import { isDoi, tidyDoi } from './identifiers'
import { pageDate } from './page/values'
import type { Proposal } from './proposal'
import type { FieldName } from '../source/fields'

/** A line of the page: `size` is the height of its letters and `y` its distance from the top, in points. */
export interface PdfLine { text: string, size: number, y: number }
export interface PdfPage {
  lines: readonly PdfLine[]
  height: number
  info: { title?: string, author?: string, date?: string, doi?: string, name?: string }
}

const NO_TITLE = /^(?:untitled|microsoft word|.*\.(?:docx?|indd|qxd|pdf|tex|dvi|rtf)$|\d+$|slide \d|layout \d)/iu
const DOI = /\b10\.\d{4,9}\/[^\s"<>{}]+/u

/** One proposal from the first page; its fields are marked as the file's, read, or guessed. */
export function readPdf({ lines, height, info }: PdfPage): Proposal {
  const fields: Fields = {}
  const from: Proposal['from'] = {}
  const doubts: string[] = []
  const set = (name: FieldName, value: Fields[FieldName] | undefined, by: 'file' | 'read' | 'guessed', says: string) => {
    if (value === undefined || value === '' || (Array.isArray(value) && !value.length) || fields[name] !== undefined) return
    Object.assign(fields, { [name]: value })
    from[name] = { by, says }
  }
  const text = lines.map(line => line.text).join('\n')
  const doi = [info.doi ?? '', DOI.exec(text)?.[0] ?? ''].map(tidyDoi).find(isDoi)
  set('doi', doi, 'read', 'read on its first page')
  const head = titleLines(lines, height)
  const own = (info.title ?? '').replace(/\s+/gu, ' ').trim()
  const onPage = own && text.replace(/\s+/gu, ' ').toLowerCase().includes(own.toLowerCase().slice(0, 40))
  if (own && !NO_TITLE.test(own) && own.length > 8 && (onPage || !head.length)) set('title', own, 'file', 'the file’s own description')
  set('title', joinLines(head.map(line => line.text)), 'read', 'the largest words on its first page')
  const below = head.length ? lines.slice(lines.indexOf(head.at(-1)!) + 1) : lines
  set('author', authorsBelow(below), 'read', 'the lines under the title')
  if (info.author && !/^(?:admin|user|unknown|author|owner)$/iu.test(info.author.trim()))
    set('author', splitNames(info.author), 'file', 'the file’s own description')
  journalLine(lines, set)
  const year = /(?:©|\(c\)|copyright|published(?: online)?:?|accepted:?)\D{0,20}((?:\d{1,2}\s+\p{L}+\s+)?(?:19|20)\d{2})/iu.exec(text)?.[1]
  set('issued', year ? pageDate(year) : undefined, 'read', 'read on its first page')
  const loose = /\b((?:19|20)\d{2})\b/u.exec(text)?.[1]
  set('issued', loose ? pageDate(loose) : undefined, 'guessed', 'the first year on its first page')
  if (!fields.title) doubts.push('No title could be read; the pages may be pictures of text.')
  const kind = fields.container ? 'journal-article' as const : fields.doi ? 'journal-article' as const : 'report' as const
  from.kind = { by: 'guessed', says: 'guessed from what its first page has' }
  return { kind, fields, from, where: info.name ?? 'PDF', doubts }
}

/** The lines in the largest letters of the upper part, standing together. Journal names repeated in the head are smaller or above. */
function titleLines(lines: readonly PdfLine[], height: number): PdfLine[] {
  const upper = lines.filter(
    (line) =>
      line.y < height * 0.6
      && /\p{L}{3}/u.test(line.text)
      && !/^(?:abstract|original (?:article|research)|research article|article|review|open access|editorial)$/iu.test(line.text.trim()),
  )
  const size = Math.max(...upper.filter(line => line.text.trim().length > 6).map(line => line.size), 0)
  const first = upper.findIndex(line => line.size >= size - 0.6 && line.text.trim().length > 3)
  if (first < 0 || size === 0) return []
  const out: PdfLine[] = []
  for (const line of upper.slice(first)) {
    if (Math.abs(line.size - size) > 0.8 || (out.length && line.y - out.at(-1)!.y > size * 2.4) || out.length > 5) break
    out.push(line)
  }
  return out
}

const joinLines = (lines: readonly string[]): string =>
  lines
    .reduce((all, line) => (/\p{L}-$/u.test(all) && /^\p{Ll}/u.test(line) ? all.slice(0, -1) + line : `${all} ${line}`), '')
    .replace(/\s+/gu, ' ')
    .trim()
    .replace(/[*†‡∗]+$/u, '')

const PERSON = new RegExp(String.raw`^\p{Lu}[\p{L}'’.-]*(?:\s+(?:\p{Lu}[\p{L}'’.-]*|${PARTICLE})){1,5}$`, 'u')
function splitNames(text: string): Name[] {
  const pieces = text
    .replace(/[\d*†‡§¶∗]+(?:, ?[\d*†‡§]+)*/gu, '')
    .replace(/\s+/gu, ' ')
    .split(/[,;·•|]| (?:and|&) /u)
    .map((piece) => piece.trim())
    .filter(Boolean)
  const people = pieces.filter(piece => PERSON.test(piece) && piece.length < 60)
  return people.length && people.length === pieces.length ? people.map(readName) : /^[^,]+,[^,]+$/u.test(text) ? [readName(text)] : []
}
function authorsBelow(lines: readonly PdfLine[]): Name[] {
  const out: Name[] = []
  for (const line of lines.slice(0, 6)) {
    if (/abstract|introduction|university|department|institute|received|@|^\d|keywords/iu.test(line.text)) {
      if (out.length) break
      continue
    }
    const names = splitNames(line.text.trim().replace(/^by\s+/iu, '').replace(/^and\s+/u, '').replace(/,$/u, ''))
    if (!names.length) { if (out.length) break; continue }
    out.push(...names)
  }
  return out
}

/** "Journal of Estuary Heritage 14(2), 2021, 101–119", "Journal of Estuary Heritage, Vol. 14, No. 2 (2021), pp. 101-119". */
function journalLine(lines: readonly PdfLine[], set: (name: FieldName, value: string, by: 'read', says: string) => void) {
  for (const { text } of lines) {
    // No line of a page's head is longer.
    if (text.length > 400) continue
    const match =
      /^(\p{Lu}[\p{L}\s&:'’-]{4,80}?),?\s+(?:vol(?:ume|\.)?\s*)?(\d{1,4})\s*(?:\((\d+(?:[-–]\d*)?)\)|[,:]?\s*(?:no|issue|nr)\.?\s*(\d+))?[\s,:(;]*(?:\p{L}*\s*(?:19|20)\d{2})?[\s,:);]*(?:pp?\.?\s*)?(\d+)\s*[-–]\s*(\d+)/u.exec(
        text.trim(),
      )
    if (!match) continue
    const says = 'the line with the journal’s name'
    set('container', match[1]!.trim(), 'read', says)
    set('volume', match[2]!, 'read', says)
    set('issue', match[3] ?? match[4] ?? '', 'read', says)
    set('pages', `${match[5]}-${match[6]}`, 'read', says)
    return
  }
}
