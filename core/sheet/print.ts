/**
 * The printed paper, made from a paper and its style: what stands before the text, the text with its citations in their
 * places, notes, and the list.
 *
 *   opening.ts       title page or heading lines, abstract, contents
 *   print-text.ts    the document's blocks
 *   print-list.ts    the list of works
 */
import { compose, type Composition } from '../compose/compose'
import type { Run } from '../text/runs'
import { choicesOf, PAPERS, type Choices } from './choices'
import { looksOf } from './looks'
import { frontMatter, missingDetails, openingOf, surnamesOf, writersOf } from './opening'
import { printList } from './print-list'
import { printText } from './print-text'
import type { PrintedBlock, PrintedParagraph, PrintedPaper, PrintedRun, PrintedSection } from './printed'
import { printedRuns, type PaperToPrint, type Printing } from './printing'
import { plainTitle } from './title'
import { citationsOf, creditedIn } from './walking'

export type { PaperToPrint } from './printing'

/** The paper composed as it is printed. */
export const composePaper = (paper: PaperToPrint): Composition =>
  compose(paper.style, paper.sources, {
    citations: citationsOf(paper.body),
    alsoList: [...new Set([...paper.alsoList, ...creditedIn(paper.body)])],
    ...(paper.leftOut ? { leftOut: paper.leftOut } : {}),
    ...(paper.divisions ? { divisions: paper.divisions } : {}),
  })

/** @param composition of this very paper, where one is at hand */
export function printPaper(paper: PaperToPrint, composition = composePaper(paper)): PrintedPaper {
  const { style, details } = paper
  const choices = choicesOf(style, details)
  const printing: Printing = { ...paper, choices, composition }
  const { page } = style
  const notes = composition.notes.map((runs, i) => printNote(runs, i + 1, choices.notesAt === 'end'))
  return {
    geometry: {
      ...PAPERS[choices.paper],
      margins: page.margins,
      face: choices.face,
      columns: choices.columns,
      hyphens: choices.hyphens && choices.justified,
      lineNumbers: choices.lineNumbers,
      looks: looksOf(style, choices),
      heads: choices.professional ? page.professional! : page.heads,
      noteNumber: page.noteNumber,
    },
    title: plainTitle(paper.title),
    writer: writersOf(details).join('; '),
    language: details.language || 'en',
    sections: sectionsOf(printing, notes),
    notes,
    notesAt: choices.notesAt,
    surname: surnamesOf(details),
    missing: missingDetails(printing),
  }
}

function sectionsOf(printing: Printing, notes: readonly PrintedParagraph[][]): PrintedSection[] {
  const { style, choices } = printing
  const arabic = { newPage: true, numbers: 'arabic' } as const
  const { front, roman } = frontMatter(printing)
  const text: PrintedSection = {
    is: 'text',
    ...arabic,
    newPage: front.length > 0,
    blocks: [...openingOf(printing, front), ...(choices.sort === 'paper' ? printText(printing) : [])],
  }
  const list: PrintedSection = { is: 'list', ...arabic, newPage: choices.sort === 'paper', blocks: choices.sort === 'notes' ? [] : printList(printing) }
  const atEnd = choices.notesAt === 'end' || choices.sort === 'notes'
  const endnotes: PrintedSection = { is: 'endnotes', ...arabic, newPage: choices.sort === 'paper', blocks: atEnd && notes.length && !isList(choices) ? endnotesOf(printing, notes) : [] }
  const behind = style.page.notesAfterList ? [list, endnotes] : [endnotes, list]
  const sections = [...front.map(section => ({ ...section, numbers: roman ? 'roman' as const : 'arabic' as const })), text, ...behind]
  return withContents(sections.filter(section => section.blocks.length || section === text))
}
const isList = ({ sort }: Choices): boolean => sort === 'bibliography' || sort === 'annotated'

function endnotesOf({ style }: Printing, notes: readonly PrintedParagraph[][]): PrintedBlock[] {
  return [{ is: 'paragraph', role: 'endnotes-heading', runs: [{ text: style.page.notesHeading }], anchor: 'notes' }, ...notes.flat()]
}

/** A note's paragraphs; the first begins with its number (`noteLead`), set by whoever sets it. */
function printNote(runs: readonly Run[], n: number, atEnd: boolean): PrintedParagraph[] {
  const role = atEnd ? 'endnote' : 'note'
  return inParagraphs(printedRuns(runs)).map((own, i) => ({ is: 'paragraph', role, runs: own, from: { note: n }, ...(i ? {} : { note: n, anchor: `note-${n}` }) }))
}

/** Runs in paragraphs, divided where lines end. */
function inParagraphs(runs: readonly PrintedRun[]): PrintedRun[][] {
  const out: PrintedRun[][] = [[]]
  for (const run of runs)
    run.text.split(/\n+/u).forEach((text, i) => {
      if (i) out.push([])
      if (text) out.at(-1)!.push({ ...run, text })
    })
  return out.filter((paragraph, i) => i === 0 || paragraph.length)
}

/** The lines of the contents name every heading of the sections behind it; the pages are known when they are laid out. */
function withContents(sections: PrintedSection[]): PrintedSection[] {
  const at = sections.findIndex(section => section.is === 'contents')
  if (at < 0) return sections
  const lines = sections.slice(at + 1).flatMap(section => section.blocks).flatMap((block): PrintedParagraph[] => {
    if (block.is !== 'paragraph' || !block.anchor) return []
    const heading = /^heading-([1-3])$/u.exec(block.role)
    if (!heading && block.role !== 'list-heading' && block.role !== 'endnotes-heading') return []
    const left = heading ? (Number(heading[1]) - 1) * 18 : 0
    const runs = block.runs.filter(run => run.note === undefined).map(({ citation: _c, link: _l, ...run }) => run)
    return [{ is: 'paragraph', role: 'contents-line', runs, leads: block.anchor, look: { left: left + 18, first: -18 } }]
  })
  return sections.map((section, i) => (i === at ? { ...section, blocks: [...section.blocks, ...lines] } : section))
}
