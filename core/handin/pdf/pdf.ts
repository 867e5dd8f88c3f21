/**
 * The paper's pages as a PDF: the same lines that the screen shows, in subsets of the faces, with bookmarks, live links,
 * note marks that lead to their notes and back, and tags that say what everything is (PDF 1.7, 14.8).
 */
import PDFDocument from 'pdfkit'
import { isOfInks, pictureBytes, type PictureBytes } from '../../sheet/pictures'
import { FEATURES, type Faces } from '../../sheet/pages/face'
import type { Page, PlacedLine, PlacedPicture, PlacedText, Sheet } from '../../sheet/pages/pages'
import { headingRuns, wordsOf, type PrintedBlock, type PrintedPaper } from '../../sheet/printed'
import { escapeHtml } from '../../text/runs'
import { setPlainly } from './plain-setting'
import { Tags } from './tags'

/** A face's file, by the name that the sheet's words have. */
export type FaceFile = (name: string) => Uint8Array

type Doc = InstanceType<typeof PDFDocument>

/** @param faces those that the sheet was laid out by @returns the file's bytes */
export function writePdf(paper: PrintedPaper, sheet: Sheet, file: FaceFile, faces: Faces): Promise<Uint8Array> {
  const doc = new PDFDocument({
    autoFirstPage: false,
    // Without a name here the package reads a face of its own.
    font: '',
    size: [sheet.width, sheet.height],
    margin: 0,
    pdfVersion: '1.7',
    ...(canBeKept(sheet) ? { subset: 'PDF/A-2a' as const } : {}),
    tagged: true,
    displayTitle: true,
    lang: paper.language,
    info: { Title: paper.title, Author: paper.writer, Creator: 'Dendle', Producer: 'Dendle' },
  })
  escapeMetadata(doc)
  const done = new Promise<Uint8Array>((resolve, reject) => {
    const parts: Uint8Array[] = []
    doc.on('data', (part: Uint8Array) => parts.push(part))
    doc.on('error', reject)
    doc.on('end', () => resolve(joined(parts)))
  })
  const used = new Set(['regular', ...sheet.pages.flatMap(page => page.lines.flatMap(line => line.texts.map(text => text.face)))])
  for (const name of used) {
    doc.registerFont(name, file(name) as never)
    setPlainly(doc, name, faces.of(name))
  }
  const tags = new Tags(doc)
  const outline = new Outline(doc)
  for (const page of sheet.pages) {
    doc.addPage()
    setPage(doc, page, tags, outline)
  }
  tags.end()
  labelPages(doc, sheet.pages)
  doc.end()
  return done
}

/**
 * Whether the pages can be said to be kept for good (ISO 19005-2): every letter is in a face that goes with them
 * (6.2.11.8), every colour one of the screen's (6.2.4.3).
 */
function canBeKept({ lacking, pages }: Sheet): boolean {
  const pictures = new Set(pages.flatMap(page => page.pictures.map(({ picture }) => picture.picture)))
  return !lacking.length && [...pictures].every((address) => { const read = pictureBytes(address); return !read || !isOfInks(read) })
}

/** The package writes title and writer into the metadata, which are XML, as they stand. */
function escapeMetadata(doc: Doc) {
  const own = doc as unknown as { info: Record<string, unknown>, _addInfo: () => void }
  const write = own._addInfo.bind(own)
  own._addInfo = () => {
    const { info } = own
    own.info = Object.fromEntries(Object.entries(info).map(([key, said]) => [key, typeof said === 'string' ? escapeHtml(said) : said]))
    write()
    own.info = info
  }
}

function setPage(doc: Doc, page: Page, tags: Tags, outline: Outline) {
  const body = page.lines.filter(line => line.is === 'text')
  const notes = page.lines.filter(line => line.is === 'note')
  tags.begin(page.section)
  // In the order of reading: text with its pictures where they stand, then notes.
  const things = [...body.map(line => ({ y: line.y, line })), ...page.pictures.map(picture => ({ y: picture.y, picture }))]
  for (const thing of orderly(things)) {
    if ('picture' in thing) setPicture(doc, thing.picture, tags)
    else {
      if (thing.line.first) begin(doc, thing.line, outline)
      tags.mark(thing.line)
      setLine(doc, thing.line)
    }
  }
  for (const line of notes) {
    if (line.first) doc.addNamedDestination(`note-${line.note}`, 'XYZ', 0, line.y, null)
    tags.mark(line)
    setLine(doc, line)
  }
  tags.artifact()
  for (const { x, y, width, thickness } of page.rules) doc.moveTo(x, y).lineTo(x + width, y).lineWidth(thickness).stroke('#000000')
  for (const line of page.lines) if (line.is === 'head' || line.is === 'number') setLine(doc, line)
  tags.close()
}

/** Pictures between the lines, as far as one can tell: in columns lines come in their own order. */
function orderly<T extends { y: number, line?: PlacedLine, picture?: PlacedPicture }>(things: readonly T[]): T[] {
  const out = things.filter(thing => thing.line)
  for (const picture of things.filter(thing => thing.picture)) {
    const at = out.findIndex(thing => thing.y > picture.y)
    out.splice(at < 0 ? out.length : at, 0, picture)
  }
  return out
}

/** Where a block begins: what leads to it leads there. */
function begin(doc: Doc, { block, y }: PlacedLine, outline: Outline) {
  if (block?.is !== 'paragraph') return
  if (block.anchor) doc.addNamedDestination(block.anchor, 'XYZ', 0, y, null)
  const level = outlineLevel(block)
  if (level) outline.add(wordsOf({ runs: headingRuns(block) }), level)
}
function outlineLevel(block: Extract<PrintedBlock, { is: 'paragraph' }>): number {
  if (block.runIn) return block.runIn.level
  const heading = /^heading-(\d)$/u.exec(block.role)
  if (heading) return Number(heading[1])
  return ['appendix-heading', 'list-heading', 'notes-heading', 'abstract-heading', 'contents-heading', 'title-page-title'].includes(block.role) ? 1 : 0
}

/** Bookmarks, each under the last of a higher level. */
class Outline {
  private readonly open: { level: number, item: PDFKit.PDFOutline }[] = []

  constructor(private readonly doc: Doc) {}

  add(words: string, level: number) {
    while (this.open.length && this.open.at(-1)!.level >= level) this.open.pop()
    const under = this.open.at(-1)?.item ?? (this.doc as unknown as { outline: PDFKit.PDFOutline }).outline
    this.open.push({ level, item: under.addItem(words) })
  }
}

function setLine(doc: Doc, line: PlacedLine) {
  for (const text of line.texts) setText(doc, text, line)
}

function setText(doc: Doc, text: PlacedText, line: PlacedLine) {
  const y = line.baseline - text.rise
  doc.font(text.face).fontSize(text.size).fillColor('#000000')
  const underline = text.underline ? { underline: true } : {}
  doc.text(text.text, text.x, y, { lineBreak: false, baseline: 'alphabetic', features: FEATURES as never, ...underline })
  if (text.note !== undefined && line.is === 'text') {
    doc.goTo(text.x, line.y, text.width, line.height, `note-${text.note}`)
    doc.addNamedDestination(`mark-${text.note}`, 'XYZ', 0, line.y, null)
  } else if (text.link?.startsWith('#')) doc.goTo(text.x, line.y, text.width, line.height, text.link.slice(1))
  else if (text.link) doc.link(text.x, line.y, text.width, line.height, text.link)
}

function setPicture(doc: Doc, { x, y, width, height, picture }: PlacedPicture, tags: Tags) {
  const read = pictureBytes(picture.picture)
  tags.picture(picture)
  if (!read || !drawn(doc, read, [x, y, width, height])) {
    // What it shows is said in its place.
    doc.rect(x, y, width, height).lineWidth(0.5).stroke('#777777')
    const room = { width: Math.max(20, width - 8), height: Math.max(10, height - 8) }
    doc.font('regular').fontSize(9).fillColor('#000000').text(picture.alt || picture.name, x + 4, y + 4, room)
  }
}

/** Whether a picture could be drawn: PDF has no GIF, and a damaged file is no reason to give up the paper. */
function drawn(doc: Doc, { type, bytes }: PictureBytes, [x, y, width, height]: readonly [number, number, number, number]): boolean {
  if (type === 'gif') return false
  try { doc.image(bytes as never, x, y, { width, height }) }
  catch { return false }
  return true
}

/** Pages are called what stands on them: i, ii, 1, 2 (PDF 1.7, 12.4.2). */
function labelPages(doc: Doc, pages: readonly Page[]) {
  const numbers: unknown[] = []
  let last: string | undefined
  pages.forEach(({ label }, i) => {
    const style = /^\d/u.test(label) ? 'D' : 'r'
    if (style !== last) numbers.push(i, { S: style })
    last = style
  })
  const ref = doc.ref({ Nums: numbers })
  ;(ref as unknown as { end: () => void }).end()
  ;(doc as unknown as { _root: { data: Record<string, unknown> } })._root.data.PageLabels = ref
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0))
  let at = 0
  for (const part of parts) { out.set(part, at); at += part.length }
  return out
}
