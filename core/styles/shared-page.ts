/** What the pages of several styles share. Lengths are points. */
import type { HeadLine, PageRules } from './page-schema'

const INCH = 72
/** A line of 12 points set single: the white of one blank line. */
export const BLANK_LINE = 13.8

export const numberAt = (place: HeadLine['place'], align: HeadLine['align'], on: HeadLine['on'] = 'every'): HeadLine => ({ on, place, align, says: '{n}' })

type Shared = Pick<
  PageRules,
  'paper' | 'margins' | 'face' | 'size' | 'heads' | 'date' | 'firstLineIndent' | 'noteNumber' | 'notesHeading' | 'appendix' | 'looks'
>
const SHARED: Shared = {
  paper: 'letter',
  margins: { top: INCH, right: INCH, bottom: INCH, left: INCH },
  face: 'Times New Roman',
  size: 12,
  heads: [numberAt('top', 'right')],
  date: 'month-day-year',
  firstLineIndent: 36,
  noteNumber: 'raised',
  notesHeading: 'Notes',
  appendix: { label: 'Appendix {A}', alone: 'Appendix', between: '\n', behindList: true },
  looks: {},
}

/** A paper as students hand it in: letters of 12 points, an inch of margin, the page's number at the top right; and what is other. */
export const manuscript = <Over extends Partial<PageRules>>(over: Over): Omit<Shared, keyof Over> & Over => ({ ...SHARED, ...over })

/** Appendices before notes and list (Chicago 18, 1.4; Turabian 9, A.2.3.2). */
export const APPENDIX_BEFORE: PageRules['appendix'] = { label: 'Appendix {A}', alone: 'Appendix', between: '\n' }

/** Paragraphs that are not set in have white between them, or nobody sees where one ends. */
export const spacedParagraphs = (white: number): PageRules['looks'] => ({
  'body': { after: white },
  'quotation': { after: white },
  'heading-1': { before: white },
})
