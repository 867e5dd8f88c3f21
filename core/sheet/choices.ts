/**
 * What a style leaves to the writer about the page. A paper keeps its choices with its details, as words; what is no
 * choice any more, or never was, is what the style has.
 */
import type { Style } from '../styles/schema'

/** Faces that instructors ask for, the size each is set in (APA 7, 2.19), and the shipped face of the same widths. */
export const FACES = [
  { name: 'Times New Roman', twin: 'tinos', size: 12 },
  { name: 'Georgia', twin: 'gelasio', size: 11 },
  { name: 'Arial', twin: 'arimo', size: 11 },
  { name: 'Calibri', twin: 'carlito', size: 11 },
  { name: 'Courier New', twin: 'cousine', size: 10 },
] as const
export type Twin = (typeof FACES)[number]['twin']
/** The shipped face that has a face's widths; a face that is not known is set as Times. */
export const twinOf = (face: string): Twin => FACES.find(one => one.name === face)?.twin ?? 'tinos'

/** Points: US Letter, A4 (210 × 297 mm), and a screen of 16 to 9. */
export const PAPERS = {
  letter: { width: 612, height: 792 },
  a4: { width: 595.28, height: 841.89 },
  slide: { width: 960, height: 540 },
} as const

/** What a paper can be handed in as: whole, its list alone with annotations or without, its notes alone, its list on slides. */
export const PAPER_SORTS = ['paper', 'annotated', 'bibliography', 'notes', 'slides'] as const
export type PaperSort = (typeof PAPER_SORTS)[number]

/** The names under which a paper keeps its choices. */
export const CHOICES = [
  'paperSize', 'face', 'notes', 'titlePage', 'contents', 'figures', 'edges', 'hyphens', 'columns', 'lineNumbers', 'professional', 'sort', 'returning',
] as const

export interface Choices {
  paper: keyof typeof PAPERS
  face: string
  /** Of the text, in points. */
  size: number
  notesAt: 'foot' | 'end'
  titlePage: boolean
  contents: boolean
  /** A list of tables and figures. */
  figures: boolean
  justified: boolean
  /** Long words are divided at the ends of straight lines. */
  hyphens: boolean
  columns: number
  lineNumbers: boolean
  /** For a journal, not for a course. */
  professional: boolean
  sort: PaperSort
  /** Citations in the word-processor document are known again when it comes back. */
  returning: boolean
}

export function choicesOf({ page }: Style, details: Readonly<Record<string, string>>): Choices {
  const yes = (name: (typeof CHOICES)[number], otherwise: boolean) =>
    details[name] === 'yes' || (details[name] !== 'no' && otherwise)
  const sort = PAPER_SORTS.find(one => one === details.sort) ?? 'paper'
  const face = FACES.find(one => one.name === details.face)
  const { paperSize } = details
  return {
    paper: sort === 'slides' ? 'slide' : paperSize === 'a4' || paperSize === 'letter' ? paperSize : page.paper,
    face: face?.name ?? page.face,
    // A face is set in its own size, as far as the style's size is the one that Times is set in.
    size: face && face.name !== page.face ? page.size + face.size - 12 : page.size,
    notesAt: details.notes === 'endnotes' ? 'end' : 'foot',
    titlePage: yes('titlePage', page.titlePage),
    contents: yes('contents', false),
    figures: yes('figures', false),
    justified: details.edges === 'justified' || (details.edges !== 'ragged' && page.justified === true),
    hyphens: yes('hyphens', false),
    columns: sort === 'paper' && yes('columns', false) ? (page.columns ?? 1) : 1,
    lineNumbers: yes('lineNumbers', false),
    professional: page.professional !== undefined && yes('professional', false),
    sort,
    returning: yes('returning', false),
  }
}
