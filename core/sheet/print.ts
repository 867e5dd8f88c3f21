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
import { looksOf, SLIDE_MARGINS } from './looks'
import { frontMatter, missingDetails, openingOf, surnamesOf, writersOf } from './opening'
import { printList } from './print-list'
import { printText } from './print-text'
import { headingRuns, type PrintedBlock, type PrintedParagraph, type PrintedPaper, type PrintedRun, type PrintedSection } from './printed'
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
      margins: choices.sort === 'slides' ? SLIDE_MARGINS : page.margins,
      face: choices.face,
      columns: choices.columns,
      hyphens: choices.hyphens && choices.justified,
      lineNumbers: choices.lineNumbers,
      looks: looksOf(style, choices),
      heads: choices.sort === 'slides' ? [] : choices.professional ? page.professional! : page.heads,
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
  const [own = [], ...behindText] = choices.sort === 'paper' ? printText(printing) : []
  const text: PrintedSection = {
    is: 'text',
    ...arabic,
    newPage: front.length > 0,
    blocks: [...openingOf(printing, front), ...own],
  }
  const appendices = behindText.map((blocks): PrintedSection => ({ is: 'appendix', ...arabic, blocks }))
  const newPage = choices.sort === 'paper' || front.length > 0
  const list: PrintedSection = { is: 'list', ...arabic, newPage, blocks: choices.sort === 'notes' ? [] : printList(printing) }
  const atEnd = choices.notesAt === 'end' || choices.sort === 'notes'
  const gathered = atEnd && notes.length && !isList(choices) ? endnotesOf(printing, notes) : []
  const endnotes: PrintedSection = { is: 'endnotes', ...arabic, newPage, blocks: gathered }
  const { notesAfterList, appendix } = style.page
  const works = notesAfterList ? [list, endnotes] : [endnotes, list]
  const behind = appendix.behindList ? [...works, ...appendices] : [...appendices, ...works]
  const sections = [...front.map(section => ({ ...section, numbers: roman ? 'roman' as const : 'arabic' as const })), text, ...behind]
  // The text has its place where there is none of it yet, and none where the list is handed in by itself.
  const holds = (section: PrintedSection) => section.blocks.length > 0 || (section === text && !(isList(choices) && list.blocks.length))
  return withContents(sections.filter(holds))
}
const isList = ({ sort }: Choices): boolean => sort === 'bibliography' || sort === 'annotated' || sort === 'slides'

function endnotesOf({ style }: Printing, notes: readonly PrintedParagraph[][]): PrintedBlock[] {
  return [{ is: 'paragraph', role: 'notes-heading', runs: [{ text: style.page.notesHeading }], anchor: 'notes' }, ...notes.flat()]
}

/** A note's paragraphs; the first begins with its number (`noteLead`), set by whoever sets it. */
function printNote(runs: readonly Run[], n: number, atEnd: boolean): PrintedParagraph[] {
  const role = atEnd ? 'note-at-end' : 'note'
  const begins = { note: n, anchor: `note-${n}` }
  return inParagraphs(printedRuns(runs)).map((own, i) => ({ is: 'paragraph', role, runs: own, from: { note: n }, ...(i ? {} : begins) }))
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

/**
 * The lines of the contents name every heading behind them, those of the list of tables and figures every caption; the pages
 * are known when they are laid out.
 */
function withContents(sections: PrintedSection[]): PrintedSection[] {
  return sections.map((section, at) => {
    if (section.is !== 'contents') return section
    const [heading] = section.blocks
    const captions = heading?.is === 'paragraph' && heading.anchor === 'figures'
    const behind = sections.slice(at + 1).filter(one => one.is !== 'contents').flatMap(one => one.blocks)
    return { ...section, blocks: [...section.blocks, ...(captions ? captionLines(behind) : headingLines(behind))] }
  })
}

const lineTo = (leads: string, runs: PrintedRun[], left = 0): PrintedParagraph =>
  ({ is: 'paragraph', role: 'contents-line', leads, look: { left: left + 18, first: -18 }, runs })

const headingLines = (blocks: readonly PrintedBlock[]): PrintedParagraph[] => blocks.flatMap((block) => {
  if (block.is !== 'paragraph' || !block.anchor) return []
  const heading = /^heading-([1-3])$/u.exec(block.role)
  if (!heading && !['appendix-heading', 'list-heading', 'notes-heading'].includes(block.role)) return []
  return [lineTo(block.anchor, headingRuns(block), heading ? (Number(heading[1]) - 1) * 18 : 0)]
})

/** Number and title of each table and figure, on one line though they stand on two. */
const captionLines = (blocks: readonly PrintedBlock[]): PrintedParagraph[] => blocks.flatMap((block, i) => {
  if (block.is !== 'paragraph' || block.role !== 'caption' || !block.anchor) return []
  const next = blocks[i + 1]
  const goesOn = next?.is === 'paragraph' && next.role === 'caption' && !next.anchor ? [{ text: ' ' }, ...headingRuns(next)] : []
  return [lineTo(block.anchor, [...headingRuns(block), ...goesOn])]
})
