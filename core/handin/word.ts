/**
 * The paper as a word-processor document (OOXML): real footnotes, italics, hanging indents, line spacing, page numbers
 * in the header, the list on a page of its own. Lengths are twips (1/1440 inch).
 */
import {
  AlignmentType,
  BorderStyle,
  Document,
  EndnoteReferenceRun,
  ExternalHyperlink,
  FootnoteReferenceRun,
  Header,
  HeadingLevel,
  ImageRun,
  LevelFormat,
  LineRuleType,
  PageBreak,
  PageNumber,
  Paragraph,
  Tab,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
  type ISectionOptions,
  type ParagraphChild,
} from 'docx'
import { compose, type Composition, type Paper } from '../compose/compose'
import { captionLines, creditLine, labelOf } from '../sheet/captions'
import { blocksOf, raiseAfterPunctuation, type Block, type InlinePiece } from '../sheet/blocks'
import type { CitationData, DocNode } from '../sheet/document'
import { citationsOf, creditedIn } from '../sheet/walking'
import { raisedFor } from '../sheet/placement'
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import type { Run } from '../text/runs'
import { printable } from './printable'

export interface PaperToPrint {
  style: Style
  title: string
  /** writer, instructor, course, institution, date. */
  details: Record<string, string>
  body: DocNode
  sources: readonly Source[]
  alsoList: readonly string[]
  leftOut?: Paper['leftOut']
  /** By source: the part of a divided list. */
  divisions?: Paper['divisions']
  /** Paragraphs under entries, by source. */
  annotations?: ReadonlyMap<string, string>
}

const INCH = 1440
const HALF_INCH = 720
const FONT = 'Times New Roman'

export function buildWordDocument(given: PaperToPrint): Document {
  const { style } = given
  const { style: _, ...words } = given
  const paper: PaperToPrint = { style, ...printable(words) }
  const composition = compose(style, paper.sources, {
    citations: citationsOf(paper.body),
    alsoList: [...paper.alsoList, ...creditedIn(paper.body)],
    ...(paper.leftOut ? { leftOut: paper.leftOut } : {}),
    ...(paper.divisions ? { divisions: paper.divisions } : {}),
  })
  const spacing = { line: Math.round(style.page.lineSpacing * 240), lineRule: LineRuleType.AUTO, before: 0, after: 0 }
  const endnotes = paper.details.notes === 'endnotes'
  const citations = citationsOf(paper.body)
  const body = raiseAfterPunctuation(blocksOf(paper.body), at => raisedFor(style, citations[at]! as CitationData), style.stopsInside)
    .flatMap((block, i, all) => setBlock(block, { style, composition, spacing, endnotes, sources: paper.sources }, all[i - 1], all[i + 1]))
  const children = [...titleBlock(paper, spacing), ...body, ...listParagraphs(style, composition, paper.annotations)]
  const section: ISectionOptions = {
    properties: {
      page: { size: { width: 12240, height: 15840 }, margin: { top: INCH, right: INCH, bottom: INCH, left: INCH, header: HALF_INCH } },
    },
    headers: { default: runningHead(paper) },
    children,
  }
  return new Document({
    title: paper.title,
    creator: paper.details.writer ?? '',
    styles: { default: { document: { run: { font: FONT, size: 24 }, paragraph: { spacing } } } },
    [endnotes ? 'endnotes' : 'footnotes']: Object.fromEntries(
      composition.notes.map((note, i) => [
        i + 1,
        {
          children: [
            new Paragraph({
              children: runsToText(note, endnotes ? undefined : 20),
              spacing: { line: endnotes ? spacing.line : 240, after: endnotes ? 0 : 120 },
              indent: { firstLine: HALF_INCH },
            }),
          ],
        },
      ]),
    ),
    numbering: {
      config: [
        ...new Set(
          blocksOf(paper.body)
            .map((block) => block.numbered)
            .filter((n) => n !== undefined),
        ),
      ].map((n) => ({
        reference: `list-${n}`,
        levels: [0, 1, 2, 3].map((level) => ({
          level,
          format: [LevelFormat.DECIMAL, LevelFormat.LOWER_LETTER, LevelFormat.LOWER_ROMAN, LevelFormat.DECIMAL][level]!,
          text: `%${level + 1}.`,
          alignment: AlignmentType.START,
          style: { paragraph: { indent: { left: HALF_INCH * (level + 1), hanging: HALF_INCH / 2 } } },
        })),
      })),
    },
    sections: [section],
  })
}

interface Setting { style: Style, composition: Composition, spacing: Spacing, endnotes: boolean, sources: readonly Source[] }

type Spacing = { line: number, lineRule: (typeof LineRuleType)[keyof typeof LineRuleType], before: number, after: number }

const runsToText = (runs: readonly Run[], size?: number): TextRun[] =>
  runs.map(
    (run) =>
      new TextRun({
        text: run.text,
        ...(run.italic ? { italics: true } : {}),
        ...(run.bold ? { bold: true } : {}),
        ...(run.superscript ? { superScript: true } : {}),
        ...(run.smallCaps ? { smallCaps: true } : {}),
        ...(size ? { size } : {}),
      }),
  )

function setBlock(block: Block, setting: Setting, before?: Block, behind?: Block): (Paragraph | Table)[] {
  const { style, spacing } = setting
  const children = setPieces(block.pieces, setting)
  switch (block.type) {
    case 'heading':
      return [
        headingParagraph(block, setting, behind?.type === 'paragraph' && runsIn(block, style) ? setPieces(behind.pieces, setting) : []),
      ]
    case 'quotation':
      return [new Paragraph({ children, spacing, indent: { left: HALF_INCH } })]
    case 'verse':
      return [new Paragraph({ children, spacing, indent: { left: HALF_INCH } })]
    case 'page-break':
      return [new Paragraph({ children: [new PageBreak()] })]
    case 'table':
      return setCaptioned('table', block, [setTable(block, setting)], setting)
    case 'figure':
      return setFigure(block, setting)
    case 'list-item':
      return [
        new Paragraph({
          children,
          spacing,
          ...(block.numbered === undefined
            ? { bullet: { level: Math.min(3, block.level) } }
            : { numbering: { reference: `list-${block.numbered}`, level: Math.min(3, block.level) } }),
        }),
      ]
    default:
      return before && runsIn(before, style)
        ? []
        : [new Paragraph({ children, spacing, indent: { firstLine: style.page.firstLineIndent } })]
  }
}

const runsIn = (block: Block, { page }: Style): boolean =>
  block.type === 'heading' && Boolean(page.headings[Math.min(5, block.level) - 1]!.runIn)
const LEVELS = [HeadingLevel.HEADING_1, HeadingLevel.HEADING_2, HeadingLevel.HEADING_3, HeadingLevel.HEADING_4, HeadingLevel.HEADING_5]
/** A heading as its level is set. One that begins its paragraph (APA 7, 2.27) has the paragraph behind it on its line. */
function headingParagraph(block: Block, setting: Setting, behind: ParagraphChild[] = []): Paragraph {
  const { runIn, centred, indented, ...form } = setting.style.page.headings[Math.min(5, block.level) - 1]!
  const marked = (piece: InlinePiece): InlinePiece => ({ ...piece, ...form, ...(form.italic && piece.italic ? { italic: false } : {}) })
  const pieces = runIn ? withStop(block.pieces) : block.pieces
  return new Paragraph({
    children: [...setPieces(pieces.map(marked), setting), ...(behind.length ? [new TextRun(' '), ...behind] : [])],
    spacing: setting.spacing, keepNext: true, heading: LEVELS[block.level - 1] ?? HeadingLevel.HEADING_5,
    ...(centred ? { alignment: AlignmentType.CENTER } : {}), ...(indented ? { indent: { firstLine: HALF_INCH } } : {}),
  })
}
/** A heading at the head of its paragraph ends with a full stop, unless it has a mark of its own. */
function withStop(pieces: readonly InlinePiece[]): InlinePiece[] {
  const last = pieces.at(-1)
  return last && last.citation === undefined && !/[.?!:]$/u.test(last.text.trimEnd())
    ? [...pieces.slice(0, -1), { ...last, text: `${last.text.trimEnd()}.` }]
    : [...pieces]
}

/** A table with rules above, below and under its headings only, as every manual here asks. */
function setTable({ rows = [], headed }: Block, setting: Setting): Table {
  const rule = { style: BorderStyle.SINGLE, size: 6, color: '000000' }
  const none = { style: BorderStyle.NONE, size: 0, color: 'FFFFFF' }
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    borders: { top: rule, bottom: rule, left: none, right: none, insideHorizontal: none, insideVertical: none },
    rows: rows.map(
      (cells, i) =>
        new TableRow({
          tableHeader: i === 0 && Boolean(headed),
          children: cells.map(
            (cell) =>
              new TableCell({
                ...(i === 0 && headed ? { borders: { bottom: rule } } : {}),
                children: cell.length
                  ? cell.map((block) => new Paragraph({ children: setPieces(block.pieces, setting), spacing: { line: 240 } }))
                  : [new Paragraph('')],
              }),
          ),
        }),
    ),
  })
}

function setFigure(block: Block, setting: Setting): (Paragraph | Table)[] {
  const picture = /^data:image\/(png|jpeg|gif);base64,([A-Za-z0-9+/=]+)$/u.exec(block.picture ?? '')
  const size = picture ? pictureSize(picture[2]!) : undefined
  const name = labelOf(setting.style.page.captions.figure, block.number ?? 1)
  return setCaptioned(
    'figure',
    block,
    picture && size
      ? [
          new Paragraph({
            keepNext: true,
            children: [
              new ImageRun({
                type: picture[1] === 'jpeg' ? 'jpg' : (picture[1] as 'png' | 'gif'),
                data: picture[2]!,
                transformation: fitted(size),
                altText: { name, title: '', description: block.alt ?? '' },
              }),
            ],
          }),
        ]
      : [],
    setting,
  )
}
/** A table or figure with its caption above or below, as the style wants, and its credit line beneath. */
function setCaptioned(what: 'table' | 'figure', block: Block, thing: (Paragraph | Table)[], setting: Setting): (Paragraph | Table)[] {
  const { style, spacing, sources, composition } = setting
  const form = style.page.captions[what]
  const above = form.place === 'above'
  const lines = captionLines(form, block.number ?? 1, block.pieces)
  const caption = lines.map(
    (line, i) =>
      new Paragraph({
        children: setPieces(line, setting),
        spacing,
        ...(above || i < lines.length - 1 ? { keepNext: true } : {}),
        ...(form.centred ? { alignment: AlignmentType.CENTER } : {}),
      }),
  )
  const credit = creditLine(style, block, sources, composition.list)
  return [
    ...(above ? [...caption, ...thing] : [...thing, ...caption]),
    ...(credit.length ? [new Paragraph({ children: runsToText(credit), spacing })] : []),
  ]
}
/** Points, within six inches by eight. */
function fitted({ width, height }: { width: number, height: number }): { width: number, height: number } {
  const scale = Math.min(1, 576 / width, 768 / height)
  return { width: Math.round(width * scale), height: Math.round(height * scale) }
}
/** The size of a PNG, JPEG or GIF from its first bytes, in pixels; a square where they say nothing. */
function pictureSize(base64: string): { width: number, height: number } {
  const bytes = Uint8Array.from(atob(base64.slice(0, 400_000)), c => c.charCodeAt(0))
  const at = (i: number) => (bytes[i]! << 8) | bytes[i + 1]!
  if (bytes[0] === 0x89) return { width: at(18), height: at(22) }
  if (bytes[0] === 0x47) return { width: bytes[6]! | (bytes[7]! << 8), height: bytes[8]! | (bytes[9]! << 8) }
  for (let i = 2; i + 9 < bytes.length;) {
    if (bytes[i] !== 0xFF) break
    if (bytes[i + 1]! >= 0xC0 && bytes[i + 1]! <= 0xC3) return { width: at(i + 7), height: at(i + 5) }
    i += 2 + at(i + 2)
  }
  return { width: 400, height: 400 }
}

const setPieces = (pieces: readonly InlinePiece[], setting: Setting): ParagraphChild[] => pieces.flatMap((piece): ParagraphChild[] => {
  if (piece.citation !== undefined) return citationRuns(piece.citation, setting, piece.part)
  const runs = textRuns(piece.text, piece)
  return piece.link ? [new ExternalHyperlink({ link: piece.link, children: runs })] : runs
})

function textRuns(text: string, marks: Omit<InlinePiece, 'text'>): TextRun[] {
  return text
    .split('\n')
    .map(
      (line, i) =>
        new TextRun({
          text: line,
          ...(i ? { break: 1 } : {}),
          color: '000000',
          font: FONT,
          size: 24,
          ...(marks.italic ? { italics: true } : {}),
          ...(marks.bold ? { bold: true } : {}),
          ...(marks.superscript ? { superScript: true } : {}),
          ...(marks.subscript ? { subScript: true } : {}),
          ...(marks.underline ? { underline: {} } : {}),
          ...(marks.smallCaps ? { smallCaps: true } : {}),
        }),
    )
}

/** A citation as it prints; `part` leaves out its raised number, or all but that. */
function citationRuns(at: number, { composition, endnotes }: Setting, part?: InlinePiece['part']): ParagraphChild[] {
  const note = composition.noteNumbers[at]
  const runs = (composition.citations[at] ?? []).filter(run => !run.rules.includes('citation.note'))
  const cut = part ? runs.findLastIndex(run => !run.superscript) + 1 : 0
  const shown = part === 'words' ? runs.slice(0, cut) : runs.slice(cut)
  return [
    ...runsToText(shown),
    ...(note === undefined || part === 'words' ? [] : [endnotes ? new EndnoteReferenceRun(note) : new FootnoteReferenceRun(note)]),
  ]
}

function titleBlock({ style, title, details }: PaperToPrint, spacing: Spacing): Paragraph[] {
  const line = (text: string | undefined, options: { centred?: boolean, bold?: boolean, before?: number } = {}) =>
    text
      ? [
          new Paragraph({
            children: [new TextRun({ text, ...(options.bold ? { bold: true } : {}) })],
            spacing: { ...spacing, before: options.before ?? 0 },
            ...(options.centred ? { alignment: AlignmentType.CENTER } : {}),
          }),
        ]
      : []
  const { writer, institution, course, instructor, date } = details
  const bold = style.page.titleBold ?? false
  if (!style.page.titlePage) {
    return [...line(writer), ...line(instructor), ...line(course), ...line(date), ...line(title, { centred: true, bold })]
  }
  return [
    ...line(title, { centred: true, bold, before: 2880 }),
    ...[writer, institution, course, instructor, date].flatMap((text, i) => line(text, { centred: true, before: i === 0 ? 480 : 0 })),
    new Paragraph({ children: [new PageBreak()] }),
    ...line(title, { centred: true, bold }),
  ]
}

function listParagraphs(style: Style, composition: Composition, annotations: ReadonlyMap<string, string> = new Map()): Paragraph[] {
  if (!composition.list.length) return []
  const spacing = {
    line: style.list.doubleSpaced ? 480 : 240,
    lineRule: LineRuleType.AUTO,
    before: 0,
    after: style.list.doubleSpaced ? 0 : 120,
  }
  const bold = style.page.listHeadingBold ?? false
  return [
    new Paragraph({
      children: [new TextRun({ text: style.list.heading, color: '000000', font: FONT, size: 24, ...(bold ? { bold } : {}) })],
      pageBreakBefore: true,
      alignment: AlignmentType.CENTER,
      spacing,
      heading: HeadingLevel.HEADING_1,
    }),
    ...composition.list.flatMap((entry, i) => [
      ...divisionHeading(entry.division, composition.list[i - 1]?.division, spacing),
      new Paragraph({
        children: [
          ...(entry.number && style.list.number
            ? [new TextRun({ children: [style.list.number.replace('{n}', String(entry.number)), new Tab()] })]
            : []),
          ...runsToText(entry.runs),
        ],
        spacing,
        indent: { left: style.list.hanging, hanging: style.list.hanging },
      }),
      ...annotationOf(annotations.get(entry.id), style, spacing),
    ]),
  ]
}

/** The heading of a part of a divided list, where it begins. */
const divisionHeading = (division: string | undefined, before: string | undefined, spacing: Spacing): Paragraph[] =>
  division && division !== before
    ? [new Paragraph({ children: [new TextRun({ text: division, bold: true })], spacing, keepNext: true })]
    : []

/** An annotation: a paragraph of its own, indented under its entry. */
function annotationOf(text: string | undefined, style: Style, spacing: Spacing): Paragraph[] {
  return (text ?? '')
    .split(/\n+/u)
    .filter((line) => line.trim())
    .map(
      (line) => new Paragraph({ children: [new TextRun(line.trim())], spacing, indent: { left: Math.max(style.list.hanging, HALF_INCH) } }),
    )
}

function runningHead({ style, details }: PaperToPrint): Header {
  const surname = details.writer?.trim().split(/\s+/u).at(-1)
  const named = style.page.runningHead === 'surname-number' && surname
  return new Header({
    children: [new Paragraph({
      alignment: style.page.runningHead === 'number-centred' ? AlignmentType.CENTER : AlignmentType.RIGHT,
      spacing: { line: 240 },
      children: [new TextRun({ children: [...(named ? [`${surname} `] : []), PageNumber.CURRENT] })],
    })],
  })
}
