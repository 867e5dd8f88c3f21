/**
 * The paper as a word-processor document (OOXML): every paragraph in a named style, real footnotes or endnotes, the words
 * at the head of pages with their fields, the list with hanging indents on a page of its own. Italics and bold of single
 * words are set on them, as every program that reads documents understands.
 */
import {
  AlignmentType,
  BorderStyle,
  Bookmark,
  Document,
  EndnoteReferenceRun,
  ExternalHyperlink,
  FootnoteReferenceRun,
  Footer,
  Header,
  ImageRun,
  InternalHyperlink,
  LevelFormat,
  NumberFormat,
  Packer,
  PageBreak,
  PageNumber,
  Paragraph,
  Tab,
  Table,
  TableCell,
  TableOfContents,
  TableRow,
  TabStopType,
  TextRun,
  WidthType,
  type IParagraphOptions,
  type ISectionOptions,
  type ParagraphChild,
} from 'docx'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { controlIds, writeReturning } from '../../sheet/returning'
import { choicesOf } from '../../sheet/choices'
import { headsOn, headWords } from '../../sheet/heads'
import { fitted } from '../../sheet/pages/pieces'
import { pictureBytes, pictureSize } from '../../sheet/pictures'
import { printPaper, type PaperToPrint } from '../../sheet/print'
import type {
  PrintedBlock,
  PrintedPaper,
  PrintedParagraph,
  PrintedPicture,
  PrintedRun,
  PrintedSection,
  PrintedTable,
} from '../../sheet/printed'
import type { HeadLine } from '../../styles/page-schema'
import { printable } from '../printable'
import { control, withReturning } from './controls'
import { ALIGN, documentStyles, indentOf, styleId, twips } from './styles'

/**
 * The paper as a document's bytes; its citations go with it where the writer wants them back.
 * @param keyOf a source's key by its id
 */
export async function writeWord({ style, ...words }: PaperToPrint, keyOf = (id: string) => id): Promise<Uint8Array> {
  const comesBack = choicesOf(style, words.details).returning
  const paper = { style, ...printable(words), everyCitation: comesBack }
  const printed: WordPaper = printPaper(paper)
  if (comesBack) printed.controls = controlIds(paper.body)
  const bytes = withNotesAsSet(new Uint8Array(await Packer.toArrayBuffer(wordDocument(printed))), printed)
  return comesBack ? withReturning(bytes, writeReturning(paper.body, paper.sources, keyOf)) : bytes
}
/** With the names of the controls that its citations stand in, if they do. */
interface WordPaper extends PrintedPaper { controls?: readonly string[] }

/**
 * What the package has no words for: numbers before notes in a style of their own (it sets them and the marks in the text in
 * one), and endnotes that stand at the end of their section (OOXML, 17.11.22: said once, for the whole document).
 */
function withNotesAsSet(bytes: Uint8Array, { geometry, notes, notesAt }: PrintedPaper): Uint8Array {
  if (!notes.length || (geometry.noteNumber === 'raised' && notesAt === 'foot')) return bytes
  const parts = unzipSync(bytes)
  const change = (name: string, how: (xml: string) => string) => {
    if (parts[name]) parts[name] = strToU8(how(strFromU8(parts[name])))
  }
  const styled = [['word/footnotes.xml', 'FootnoteReference'], ['word/endnotes.xml', 'EndnoteReference']] as const
  for (const [name, style] of styled)
    change(name, xml => xml.replaceAll(`<w:rStyle w:val="${style}"/>`, '<w:rStyle w:val="NoteNumber"/>'))
  const atSectionEnd = '<w:endnotePr><w:pos w:val="sectEnd"/><w:numFmt w:val="decimal"/></w:endnotePr>'
  if (notesAt === 'end') change('word/settings.xml', xml => xml.replace('<w:compat>', `${atSectionEnd}<w:compat>`))
  return zipSync(parts, { level: 6 })
}

export function wordDocument(printed: WordPaper): Document {
  const { geometry, notesAt } = printed
  return new Document({
    title: printed.title,
    creator: printed.writer,
    ...(geometry.hyphens ? { hyphenation: { autoHyphenation: true } } : {}),
    styles: documentStyles(geometry, printed.language),
    [notesAt === 'end' ? 'endnotes' : 'footnotes']: Object.fromEntries(
      printed.notes.map((note, i) => [i + 1, { children: noteParagraphs(note, printed) }]),
    ),
    numbering: { config: numberingOf(printed) },
    sections: groupsOf(printed.sections).map((group, i, all) => sectionOf(group, printed, all[i - 1])),
  })
}

// Sections --------------------------------------------------------------------------------------------------------------

/** Sections whose pages are numbered in one run; endnotes end theirs. */
function groupsOf(sections: readonly PrintedSection[]): PrintedSection[][] {
  const out: PrintedSection[][] = []
  for (const section of sections) {
    const last = out.at(-1)?.at(-1)
    if (last && last.numbers === section.numbers && last.is !== 'endnotes') out.at(-1)!.push(section)
    else out.push([section])
  }
  return out
}

type Group = readonly PrintedSection[]
function sectionOf(group: Group, printed: WordPaper, before: Group | undefined): ISectionOptions {
  const { geometry } = printed
  const { width, height, margins, columns, lineNumbers } = geometry
  const roman = group[0]!.numbers === 'roman'
  const parts = headersOf(printed, roman)
  return {
    properties: {
      page: {
        size: { width: twips(width), height: twips(height) },
        margin: {
          top: twips(margins.top),
          right: twips(margins.right),
          bottom: twips(margins.bottom),
          left: twips(margins.left),
          header: 720,
          footer: 720,
        },
        pageNumbers: {
          ...(before && before[0]!.numbers !== group[0]!.numbers ? { start: 1 } : {}),
          formatType: roman ? NumberFormat.LOWER_ROMAN : NumberFormat.DECIMAL,
        },
      },
      titlePage: !before && geometry.heads.some(head => head.on !== 'every'),
      ...(columns > 1 ? { column: { count: columns, space: 360 } } : {}),
      ...(lineNumbers ? { lineNumbers: { countBy: 1, restart: 'continuous' } } : {}),
    },
    ...parts,
    children: group.flatMap((section, i) => {
      // The notes themselves are put there by the program that opens the document.
      const own = section.is === 'endnotes' ? section.blocks.slice(0, 1) : section.blocks
      const blocks = own.flatMap((block, at) => setBlock(block, printed, section.newPage && i > 0 && at === 0))
      return section.is === 'contents' ? [blocks[0]!, contentsField()] : blocks
    }),
  }
}
const contentsField = () =>
  new TableOfContents('Contents', { hyperlink: true, headingStyleRange: '1-3', useAppliedParagraphOutlineLevel: true })

function headersOf(printed: PrintedPaper, roman: boolean): Pick<ISectionOptions, 'headers' | 'footers'> {
  // Front pages with roman numbers have them at their foot (Turabian 9, A.1.4.1).
  const heads: readonly HeadLine[] = roman ? [{ on: 'later', place: 'bottom', align: 'centre', says: '{n}' }] : printed.geometry.heads
  const set = (place: HeadLine['place'], on: 'first' | 'later') =>
    headParagraph(headsOn(heads, on === 'first').filter(head => head.place === place), printed)
  return {
    headers: { default: new Header({ children: [set('top', 'later')] }), first: new Header({ children: [set('top', 'first')] }) },
    footers: { default: new Footer({ children: [set('bottom', 'later')] }), first: new Footer({ children: [set('bottom', 'first')] }) },
  }
}

/** What stands at the left, in the middle and at the right of one line; alone it is set there, together by tabs. */
function headParagraph(heads: readonly HeadLine[], printed: PrintedPaper): Paragraph {
  const { width, margins } = printed.geometry
  const words = (head: HeadLine) => {
    const [before = '', after] = headWords(head, printed, '\u0000').split('\u0000')
    return after === undefined ? [before] : [before, PageNumber.CURRENT, after]
  }
  const style = styleId('head')
  if (heads.length < 2) {
    const [alone] = heads
    return new Paragraph(alone ? { style, alignment: ALIGN[alone.align], children: [new TextRun({ children: words(alone) })] } : { style })
  }
  const measure = width - margins.left - margins.right
  const at = (align: HeadLine['align']) => heads.filter(head => head.align === align).flatMap(words)
  return new Paragraph({
    style,
    tabStops: [{ type: TabStopType.CENTER, position: twips(measure / 2) }, { type: TabStopType.RIGHT, position: twips(measure) }],
    children: [new TextRun({ children: [...at('left'), new Tab(), ...at('centre'), new Tab(), ...at('right')] })],
  })
}

// Blocks ----------------------------------------------------------------------------------------------------------------

function setBlock(block: PrintedBlock, printed: WordPaper, newPage = false): (Paragraph | Table)[] {
  switch (block.is) {
    case 'break': return [new Paragraph({ children: [new PageBreak()] })]
    case 'table': return [setTable(block, printed)]
    case 'picture': return setPicture(block, printed)
    default: return block.role === 'contents-line' ? [] : [setParagraph(block, printed, newPage ? { pageBreakBefore: true } : {})]
  }
}

function setParagraph(paragraph: PrintedParagraph, printed: WordPaper, over: IParagraphOptions = {}): Paragraph {
  const { role, runs, lead, item, look, runIn, anchor } = paragraph
  const own = printed.geometry.looks[role]
  const set = setRuns(runs, printed, runIn?.runs)
  const number = lead && !item ? [new TextRun({ children: [...lead.map(run => run.text), new Tab()] })] : []
  const children: ParagraphChild[] = [...number, ...set]
  const indents = look && (look.left !== undefined || look.first !== undefined) && !item
  return new Paragraph({
    style: styleId(role),
    children: anchor ? [new Bookmark({ id: bookmark(anchor), children })] : children,
    ...(indents ? { indent: indentOf({ ...own, ...look }) } : {}),
    ...(look?.align ? { alignment: ALIGN[look.align] } : {}),
    ...(look?.keepNext ? { keepNext: true } : {}),
    ...(look?.before ? { spacing: { before: twips(look.before) } } : {}),
    ...(item ? { numbering: { reference: item.n === undefined ? 'points' : `list-${item.list}`, level: Math.min(3, item.level) } } : {}),
    ...over,
  })
}
/** Names of bookmarks are letters, digits and underscores, forty at most (OOXML, 17.13.6.2). */
const bookmark = (anchor: string): string => anchor.replace(/[^A-Za-z0-9_]/gu, '_').slice(0, 40)

/** Rules above, below and under the headings only, as every manual here asks. */
function setTable({ rows, headed }: PrintedTable, printed: WordPaper): Table {
  const rule = { style: BorderStyle.SINGLE, size: 6, color: '000000' }
  const none = { style: BorderStyle.NONE, size: 0, color: 'FFFFFF' }
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    borders: { top: rule, bottom: rule, left: none, right: none, insideHorizontal: none, insideVertical: none },
    rows: rows.map((cells, i) => {
      const heads = i === 0 && headed
      return new TableRow({
        tableHeader: heads,
        cantSplit: true,
        children: cells.map(cell => new TableCell({
          ...(heads ? { borders: { bottom: rule } } : {}),
          children: cell.map(paragraph => setParagraph(paragraph, printed)),
        })),
      })
    }),
  })
}

function setPicture({ picture, alt, name, look }: PrintedPicture, printed: PrintedPaper): Paragraph[] {
  const read = pictureBytes(picture)
  if (!read) return []
  const { margins, columns, ...page } = printed.geometry
  const [wide, high] = [(page.width - margins.left - margins.right) / columns, page.height - margins.top - margins.bottom]
  const { width, height } = fitted(pictureSize(read.bytes), wide, high)
  return [new Paragraph({
    style: styleId('picture'),
    ...(look?.align ? { alignment: ALIGN[look.align] } : {}),
    ...(look?.keepNext ? { keepNext: true } : {}),
    children: [new ImageRun({
      type: read.type === 'jpeg' ? 'jpg' : read.type,
      data: read.bytes,
      transformation: { width: Math.round(width / 0.75), height: Math.round(height / 0.75) },
      altText: { name, title: '', description: alt },
    })],
  })]
}

// Words -----------------------------------------------------------------------------------------------------------------

/** Runs in their order, those of one citation in its control where there are such. @param heading how many are a heading's */
function setRuns(runs: readonly PrintedRun[], printed: WordPaper, heading = 0): ParagraphChild[] {
  const out: ParagraphChild[] = []
  const seen = new Set<number>()
  for (let i = 0; i < runs.length;) {
    const { citation } = runs[i]!
    const id = citation === undefined ? undefined : printed.controls?.[citation]
    let end = i + 1
    while (id !== undefined && runs[end]?.citation === citation) end++
    const set = runs.slice(i, end).flatMap((run, at) => setRun(run, printed, i + at < heading))
    out.push(...(id === undefined ? set : [control(set, id, citation! + 1, seen.has(citation!))]))
    if (id !== undefined) seen.add(citation!)
    i = end
  }
  return out
}

function setRun(run: PrintedRun, { notesAt }: PrintedPaper, heading = false): ParagraphChild[] {
  if (run.note !== undefined) return [notesAt === 'end' ? new EndnoteReferenceRun(run.note) : new FootnoteReferenceRun(run.note)]
  const runs = run.text.split('\n').map((text, i) => new TextRun({
    text,
    ...(i ? { break: 1 } : {}),
    ...(heading ? { style: 'RunInHeading' } : {}),
    ...(run.italic ? { italics: true } : {}),
    ...(run.bold ? { bold: true } : {}),
    ...(run.superscript ? { superScript: true } : {}),
    ...(run.subscript ? { subScript: true } : {}),
    ...(run.underline ? { underline: {} } : {}),
    ...(run.smallCaps ? { smallCaps: true } : {}),
  }))
  if (!run.link) return runs
  if (run.link.startsWith('#')) return [new InternalHyperlink({ anchor: bookmark(run.link.slice(1)), children: runs })]
  return [new ExternalHyperlink({ link: run.link, children: runs })]
}

/** A note's paragraphs; its number is written by the program that opens the document. */
function noteParagraphs(note: readonly PrintedParagraph[], printed: WordPaper): Paragraph[] {
  const behind = printed.geometry.noteNumber === 'full-size' ? '. ' : ' '
  return note.map((paragraph, i) => setParagraph(i ? paragraph : { ...paragraph, runs: [{ text: behind }, ...paragraph.runs] }, printed))
}

const LEVELS = [LevelFormat.DECIMAL, LevelFormat.LOWER_LETTER, LevelFormat.LOWER_ROMAN, LevelFormat.DECIMAL] as const
function numberingOf({ sections }: PrintedPaper) {
  const starts = new Map<number, number>()
  for (const section of sections)
    for (const block of section.blocks)
      if (block.is === 'paragraph' && block.item?.n !== undefined && !starts.has(block.item.list)) starts.set(block.item.list, block.item.n)
  const level = (format: (typeof LevelFormat)[keyof typeof LevelFormat], text: string, at: number, start = 1) => ({
    level: at,
    format,
    start,
    text,
    alignment: AlignmentType.START,
    style: { paragraph: { indent: { left: 720 * (at + 1), hanging: 360 } } },
  })
  return [
    { reference: 'points', levels: ['•', '◦', '•', '◦'].map((point, at) => level(LevelFormat.BULLET, point, at)) },
    ...[...starts].map(([list, start]) => ({
      reference: `list-${list}`,
      levels: LEVELS.map((format, at) => level(format, `%${at + 1}.`, at, start)),
    })),
  ]
}
