/**
 * The page as a style sets it: paper and margins, face, spacing, indents, the words at the head and foot of pages, and
 * the looks of every sort of paragraph where they are other than the usual. Lengths are points (1/72 inch).
 */
import * as z from 'zod'
import { DETAILS } from './ids'
import { SLOTS } from './pattern'
import { pattern } from './printed-strings'
import { ROLES } from './roles'

const length = z.number().min(0).max(400)
export const lookSchema = z.strictObject({
  size: z.number().min(6).max(36).describe('Of the letters, in points.'),
  align: z.enum(['left', 'centre', 'right', 'justified']),
  leading: z.number().min(0.8).max(3).describe('Lines: 1 single, 2 double.'),
  before: length.describe('White above it.'),
  after: length.describe('White below it.'),
  left: length.describe('Set in from the left margin.'),
  right: length.describe('Set in from the right margin.'),
  first: z.number().min(-400).max(400).describe('How much further its first line is set in; less than nothing for a hanging indent.'),
  bold: z.boolean(),
  italic: z.boolean(),
  underline: z.boolean(),
  smallCaps: z.boolean(),
  keepNext: z.boolean().describe('It stands on the page of what comes next.'),
  newPage: z.boolean().describe('It begins a page.'),
})
export type Look = z.infer<typeof lookSchema>

const heading = z.strictObject({
  bold: z.boolean().optional(),
  italic: z.boolean().optional(),
  underline: z.boolean().optional(),
  smallCaps: z.boolean().optional(),
  centred: z.boolean().optional(),
  indented: z.boolean().optional(),
  runIn: z.boolean().optional().describe('It stands at the head of its paragraph and ends with a full stop.'),
})
const caption = z.strictObject({
  label: pattern(SLOTS.caption).describe('{n} is the number, {N} the number in Roman capitals.'),
  labelled: z.enum(['bold', 'italic']).optional().describe('How the label is set.'),
  between: z.enum([' ', '\n', '. ', ': ']).describe('Between label and title; a line break sets each on a line of its own.'),
  titled: z.enum(['bold', 'italic']).optional().describe('How the title is set.'),
  place: z.enum(['above', 'below']).describe('Where it stands.'),
  centred: z.boolean().optional(),
})
const head = z.strictObject({
  on: z.enum(['every', 'first', 'later']).describe('The pages it stands on; the first is the title page, where there is one.'),
  place: z.enum(['top', 'bottom']),
  align: z.enum(['left', 'centre', 'right']),
  says: pattern(SLOTS.head).describe('{n} is the page’s number, {surname} the writer’s, {TITLE} the title in capitals, cut to fifty letters.'),
})

export const pageSchema = z.strictObject({
  titlePage: z.boolean(),
  titleAgain: z.boolean().optional().describe('Behind a title page the title stands over the text once more.'),
  professional: z.array(head).readonly().optional().describe('Heads of a paper handed in to a journal, where it differs from a student’s.'),
  titleFirst: z.boolean().optional().describe('Without a title page the title stands before who wrote the paper.'),
  details: z.array(z.enum(DETAILS)).readonly().describe('What the paper must say of itself besides its title.'),
  paper: z.enum(['letter', 'a4']),
  margins: z.strictObject({ top: length, right: length, bottom: length, left: length }),
  face: z.string().min(1).max(80).describe('The face’s name, as documents name it.'),
  size: z.number().min(6).max(36).describe('Of the text, in points.'),
  lineSpacing: z.number().min(1).max(3),
  heads: z.array(head).readonly().describe('What stands at the head and foot of pages.'),
  date: z.enum(['month-day-year', 'day-month-year']).describe('The order in which the paper’s own date is set.'),
  firstLineIndent: length,
  justified: z.boolean().optional().describe('Both edges of the text are straight; the right one is ragged otherwise.'),
  columns: z.number().int().min(1).max(2).optional().describe('Columns of the text, where the writer wants the printed form.'),
  noteNumber: z.enum(['raised', 'full-size']).describe('The number before a note: small and raised, or full-size with a full stop.'),
  notesAfterList: z.boolean().optional().describe('Notes at the end stand behind the list of works.'),
  frontRoman: z.boolean().optional().describe('Pages before the text are numbered i, ii, iii at their foot.'),
  notesHeading: z.string().min(1).max(80).describe('What stands over notes at the end.'),
  appendix: z
    .strictObject({
      label: pattern(SLOTS.appendix).describe('{A} is its letter, {I} its number in Roman capitals, {n} in figures.'),
      alone: z.string().min(1).max(40).describe('The label of an appendix that is the only one.'),
      between: z.enum([' ', '\n', '. ', ': ']).describe('Between label and title; a line break sets each on a line of its own.'),
      behindList: z.boolean().optional().describe('Appendices stand behind the list of works and the notes; before them otherwise.'),
      numbersAnew: z.boolean().optional().describe('Tables and figures in an appendix count anew, with its letter: Table A1.'),
    })
    .describe('Appendices, which each begin a page.'),
  blockQuote: z
    .strictObject({
      words: z.number().int().min(1).optional(),
      lines: z.number().int().min(1).optional(),
      shorterToo: z.boolean().optional().describe('A shorter one may be set so too, for weight or comparison.'),
    })
    .describe('Words, or lines, from which a quotation becomes a block.'),
  headings: z.tuple([heading, heading, heading, heading, heading]).readonly().describe('The five levels of headings.'),
  titleBold: z.boolean().optional().describe('The paper’s title is bold.'),
  listHeadingBold: z.boolean().optional().describe('The heading over the list is bold.'),
  captions: z.strictObject({ table: caption, figure: caption }),
  ellipsis: z.strictObject({
    points: z.enum(['.\u00A0.\u00A0.', '...', '…']).describe('The points that stand for words left out of a quotation.'),
    atEnd: z.boolean().optional().describe('They stand at its end too where it ends as a sentence.'),
  }),
  looks: z
    .partialRecord(z.enum(ROLES), lookSchema.partial())
    .readonly()
    .describe('Sorts of paragraph that are set otherwise than the rest of this page has them.'),
})

export type PageRules = z.infer<typeof pageSchema>
export type HeadLine = z.infer<typeof head>
export type HeadingForm = z.infer<typeof heading>
export type CaptionForm = z.infer<typeof caption>
