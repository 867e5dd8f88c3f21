/**
 * The paper as a word-processor document (OOXML): real footnotes, italics, hanging indents, line spacing, page numbers
 * in the header, the list on a page of its own. Lengths are twips (1/1440 inch).
 */
import {
  AlignmentType, Document, FootnoteReferenceRun, Header, HeadingLevel, LineRuleType, PageBreak, PageNumber, Paragraph, Tab, TextRun, type ISectionOptions, type ParagraphChild,
} from 'docx'
import { compose, type Composition, type Paper } from '../compose/compose'
import { blocksOf, citationsOf, raiseAfterPunctuation, type Block, type DocNode } from '../sheet/document'
import type { Source } from '../source/model'
import type { Style } from '../styles/types'
import type { Run } from '../text/runs'

export interface PaperToPrint {
  style: Style
  title: string
  /** writer, instructor, course, institution, date. */
  details: Record<string, string>
  body: DocNode
  sources: readonly Source[]
  alsoList: readonly string[]
  /** By source: the part of a divided list. */
  divisions?: Paper['divisions']
  /** Paragraphs under entries, by source. */
  annotations?: ReadonlyMap<string, string>
}

const INCH = 1440
const HALF_INCH = 720
const FONT = 'Times New Roman'

export function buildWordDocument(paper: PaperToPrint): Document {
  const { style } = paper
  const composition = compose(style, paper.sources, { citations: citationsOf(paper.body), alsoList: paper.alsoList, ...(paper.divisions ? { divisions: paper.divisions } : {}) })
  const spacing = { line: Math.round(style.page.lineSpacing * 240), lineRule: LineRuleType.AUTO, before: 0, after: 0 }
  const raised = style.citation.system === 'notes' || style.citation.numbers?.afterPunctuation
  const blocks = blocksOf(paper.body)
  const body = (raised ? raiseAfterPunctuation(blocks, at => Boolean(composition.citations[at]?.[0]?.superscript)) : blocks).map(block => blockParagraph(block, style, composition, spacing))
  const children = [...titleBlock(paper, spacing), ...body, ...listParagraphs(style, composition, paper.annotations)]
  const section: ISectionOptions = {
    properties: { page: { size: { width: 12240, height: 15840 }, margin: { top: INCH, right: INCH, bottom: INCH, left: INCH, header: HALF_INCH } } },
    headers: { default: runningHead(paper) },
    children,
  }
  return new Document({
    title: paper.title, creator: paper.details.writer ?? '',
    styles: { default: { document: { run: { font: FONT, size: 24 }, paragraph: { spacing } } } },
    footnotes: Object.fromEntries(composition.notes.map((note, i) => [i + 1, {
      children: [new Paragraph({ children: runsToText(note, 20), spacing: { line: 240, after: 120 }, indent: { firstLine: HALF_INCH } })],
    }])),
    sections: [section],
  })
}

type Spacing = { line: number, lineRule: (typeof LineRuleType)[keyof typeof LineRuleType], before: number, after: number }

const runsToText = (runs: readonly Run[], size?: number): TextRun[] => runs.map(run => new TextRun({
  text: run.text, ...(run.italic ? { italics: true } : {}), ...(run.bold ? { bold: true } : {}), ...(run.superscript ? { superScript: true } : {}),
  ...(run.smallCaps ? { smallCaps: true } : {}), ...(size ? { size } : {}),
}))

function blockParagraph(block: Block, style: Style, composition: Composition, spacing: Spacing): Paragraph {
  const children = block.pieces.flatMap(piece => piece.citation === undefined ? textRuns(piece.text, piece) : citationRuns(piece.citation, composition))
  switch (block.type) {
    case 'heading': {
      const centred = style.page.headings === 'centred-bold' && block.level === 1
      return new Paragraph({
        children: block.pieces.flatMap(piece => piece.citation === undefined ? textRuns(piece.text, { ...piece, bold: true, italic: Boolean(piece.italic) || block.level > 2 }) : citationRuns(piece.citation, composition)),
        spacing, keepNext: true, heading: [HeadingLevel.HEADING_1, HeadingLevel.HEADING_2, HeadingLevel.HEADING_3][block.level - 1] ?? HeadingLevel.HEADING_3,
        ...(centred ? { alignment: AlignmentType.CENTER } : {}),
      })
    }
    case 'quotation': return new Paragraph({ children, spacing, indent: { left: HALF_INCH } })
    case 'list-item': return new Paragraph({ children, spacing, bullet: { level: 0 } })
    default: return new Paragraph({ children, spacing, indent: { firstLine: style.page.firstLineIndent } })
  }
}

function textRuns(text: string, marks: { italic?: boolean, bold?: boolean, superscript?: boolean }): TextRun[] {
  return text.split('\n').map((line, i) => new TextRun({
    text: line, ...(i ? { break: 1 } : {}), color: '000000', font: FONT, size: 24,
    ...(marks.italic ? { italics: true } : {}), ...(marks.bold ? { bold: true } : {}), ...(marks.superscript ? { superScript: true } : {}),
  }))
}

function citationRuns(at: number, composition: Composition): ParagraphChild[] {
  const note = composition.noteNumbers[at]
  const runs = composition.citations[at] ?? []
  if (note === undefined) return runsToText(runs)
  return [...runsToText(runs.filter(run => !run.rules.includes('citation.note'))), new FootnoteReferenceRun(note)]
}

function titleBlock({ style, title, details }: PaperToPrint, spacing: Spacing): Paragraph[] {
  const line = (text: string | undefined, options: { centred?: boolean, bold?: boolean, before?: number } = {}) => text
    ? [new Paragraph({ children: [new TextRun({ text, ...(options.bold ? { bold: true } : {}) })], spacing: { ...spacing, before: options.before ?? 0 }, ...(options.centred ? { alignment: AlignmentType.CENTER } : {}) })]
    : []
  const { writer, institution, course, instructor, date } = details
  if (!style.page.titlePage) {
    return [...line(writer), ...line(instructor), ...line(course), ...line(date), ...line(title, { centred: true, bold: style.list.order === 'appearance' })]
  }
  return [
    ...line(title, { centred: true, bold: true, before: 2880 }),
    ...[writer, institution, course, instructor, date].flatMap((text, i) => line(text, { centred: true, before: i === 0 ? 480 : 0 })),
    new Paragraph({ children: [new PageBreak()] }),
    ...line(title, { centred: true, bold: true }),
  ]
}

function listParagraphs(style: Style, composition: Composition, annotations: ReadonlyMap<string, string> = new Map()): Paragraph[] {
  if (!composition.list.length) return []
  const spacing = { line: style.list.doubleSpaced ? 480 : 240, lineRule: LineRuleType.AUTO, before: 0, after: style.list.doubleSpaced ? 0 : 120 }
  const bold = style.page.headings === 'centred-bold'
  return [
    new Paragraph({ children: [new TextRun({ text: style.list.heading, color: '000000', font: FONT, size: 24, ...(bold ? { bold } : {}) })], pageBreakBefore: true, alignment: AlignmentType.CENTER, spacing, heading: HeadingLevel.HEADING_1 }),
    ...composition.list.flatMap((entry, i) => [...divisionHeading(entry.division, composition.list[i - 1]?.division, spacing), new Paragraph({
      children: [...(entry.number && style.list.number ? [new TextRun({ children: [style.list.number.replace('{n}', String(entry.number)), new Tab()] })] : []), ...runsToText(entry.runs)],
      spacing, indent: { left: style.list.hanging, hanging: style.list.hanging },
    }), ...annotationOf(annotations.get(entry.id), style, spacing)]),
  ]
}

/** The heading of a part of a divided list, where it begins. */
const divisionHeading = (division: string | undefined, before: string | undefined, spacing: Spacing): Paragraph[] => division && division !== before
  ? [new Paragraph({ children: [new TextRun({ text: division, bold: true })], spacing, keepNext: true })]
  : []

/** An annotation: a paragraph of its own, indented under its entry. */
function annotationOf(text: string | undefined, style: Style, spacing: Spacing): Paragraph[] {
  return (text ?? '').split(/\n+/u).filter(line => line.trim()).map(line => new Paragraph({ children: [new TextRun(line.trim())], spacing, indent: { left: Math.max(style.list.hanging, HALF_INCH) } }))
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
