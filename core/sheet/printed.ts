/**
 * The paper as it prints: a tree of sections, blocks and runs, each with what it comes from, and the geometry of the page
 * as data. The sheet's pages, every document format and what is carried to a clipboard read it; where words stand is
 * decided in making it (`print.ts`), once. Lengths are points.
 */
import type { HeadLine, Look } from '../styles/page-schema'
import type { Role } from '../styles/roles'
import type { Detail } from '../styles/ids'

export interface PrintedMarks {
  italic?: boolean
  bold?: boolean
  underline?: boolean
  superscript?: boolean
  subscript?: boolean
  smallCaps?: boolean
}
export interface PrintedRun extends PrintedMarks {
  /** Its words; a line's end inside a paragraph is "\n". */
  text: string
  link?: string
  /** The mark of this note. */
  note?: number
  /** Of the citation at this place in the paper. */
  citation?: number
}

/** What a block comes from: a block of the document, a work of the list, a note, a detail of the paper. */
export type Origin = { block: number } | { source: string } | { note: number } | { detail: PrintedDetail }
export type PrintedDetail = Detail | 'title' | 'abstract' | 'keywords' | 'authorNote' | 'acknowledgements'

export interface PrintedParagraph {
  is: 'paragraph'
  role: Role
  runs: PrintedRun[]
  /** Before its words, which begin at a tab behind it: a list's number or point, an entry's number. */
  lead?: PrintedRun[]
  /** A list item: of which list, how deep from 0, its number in a numbered one. */
  item?: { list: number, level: number, n?: number }
  /** A heading at the head of its paragraph: its level, and how many of the runs are its own. */
  runIn?: { level: number, runs: number }
  /** Where it is other than its role has it. */
  look?: Partial<Look>
  /** What is not given and stands named in its place; never in what is handed in. */
  missing?: boolean
  /** Of a line of the contents: the anchor of what it names. */
  leads?: string
  /** It begins this note, whose number stands before its words (`noteLead`). */
  note?: number
  /** What contents, notes and bookmarks lead to. */
  anchor?: string
  from?: Origin
}
export interface PrintedTable {
  is: 'table'
  rows: PrintedParagraph[][][]
  headed: boolean
  name: string
  from?: Origin
}
export interface PrintedPicture {
  is: 'picture'
  /** A data address. */
  picture: string
  alt: string
  name: string
  look?: Partial<Look>
  from?: Origin
}
export interface PrintedBreak { is: 'break', from?: Origin }
export type PrintedBlock = PrintedParagraph | PrintedTable | PrintedPicture | PrintedBreak

export type SectionName = 'title-page' | 'abstract' | 'contents' | 'text' | 'appendix' | 'endnotes' | 'list'
export interface PrintedSection {
  is: SectionName
  /** It begins a page. */
  newPage: boolean
  /** How its pages are numbered. */
  numbers: 'arabic' | 'roman'
  blocks: PrintedBlock[]
}

export interface Geometry {
  width: number
  height: number
  margins: { top: number, right: number, bottom: number, left: number }
  /** The face's name as documents name it. */
  face: string
  columns: number
  hyphens: boolean
  lineNumbers: boolean
  looks: Readonly<Record<Role, Look>>
  heads: readonly HeadLine[]
  /** Before a note: its number small and raised, or full-size with a full stop. */
  noteNumber: 'raised' | 'full-size'
}

export interface PrintedPaper {
  geometry: Geometry
  /** For the document's properties. */
  title: string
  writer: string
  language: string
  sections: PrintedSection[]
  /** The words of each note, by its number from 1. */
  notes: PrintedParagraph[][]
  notesAt: 'foot' | 'end'
  /** For the words at the head of pages. */
  surname: string
  /** Details the style asks for that are not given. */
  missing: Detail[]
}

/** A run's marks in a paragraph of such a look: italics inside italics are set upright (APA 7, 6.23). */
export function marksIn(look: Pick<Look, 'bold' | 'italic' | 'underline' | 'smallCaps'>, run: PrintedMarks): PrintedMarks {
  return {
    ...(look.bold || run.bold ? { bold: true } : {}),
    ...(Boolean(look.italic) !== Boolean(run.italic) ? { italic: true } : {}),
    ...(look.underline || run.underline ? { underline: true } : {}),
    ...(look.smallCaps || run.smallCaps ? { smallCaps: true } : {}),
    ...(run.superscript ? { superscript: true } : {}),
    ...(run.subscript ? { subscript: true } : {}),
  }
}

/** What stands before a note's words. */
export const noteLead = ({ noteNumber }: Pick<Geometry, 'noteNumber'>, n: number): PrintedRun[] =>
  noteNumber === 'raised' ? [{ text: String(n), superscript: true }, { text: ' ' }] : [{ text: `${n}. ` }]

/** Every paragraph of some blocks in order, those in tables among them. */
export const paragraphsIn = (blocks: readonly PrintedBlock[]): PrintedParagraph[] =>
  blocks.flatMap(block => (block.is === 'paragraph' ? [block] : block.is === 'table' ? block.rows.flat(2) : []))

/** A paragraph's runs on one line; a stop behind the label of an appendix, where the style sets its title below it. */
export const onOneLine = ({ role, runs }: Pick<PrintedParagraph, 'role' | 'runs'>): PrintedRun[] =>
  runs.map((run, i) => (run.text.includes('\n') ? { ...run, text: run.text.replaceAll('\n', role === 'appendix-heading' && i === 0 ? '. ' : ' ') } : run))

/** What contents and bookmarks call a heading: its own runs without marks of notes, on one line. */
export const headingRuns = (paragraph: PrintedParagraph): PrintedRun[] =>
  onOneLine(paragraph)
    .slice(0, paragraph.runIn?.runs)
    .filter(run => run.note === undefined)
    .map(({ citation: _c, link: _l, ...run }) => run)

/** A paragraph's words. */
export const wordsOf = ({ lead = [], runs }: Pick<PrintedParagraph, 'lead' | 'runs'>): string =>
  [...lead, ...(lead.length ? [{ text: '\t' }] : []), ...runs].map(run => run.text).join('')
