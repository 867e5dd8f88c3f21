/**
 * The looks of a printed paper as a document's named styles: who wants block quotations otherwise changes one style, and all
 * of them follow. Lengths in OOXML are twips (1/20 point), sizes half-points.
 */
import {
  AlignmentType,
  LineRuleType,
  type IParagraphStyleOptions,
  type IParagraphStylePropertiesOptions,
  type IRunStylePropertiesOptions,
  type IStylesOptions,
} from 'docx'
import type { Look } from '../../styles/page-schema'
import type { Role } from '../../styles/roles'
import type { Geometry } from '../../sheet/printed'

export const twips = (points: number): number => Math.round(points * 20)
const halfPoints = (points: number): number => Math.round(points * 2)

/** Roles whose style the format has already: it is changed, not made. Its id, and what the package calls it. */
const GIVEN = {
  'title': ['Title', 'title'],
  'heading-1': ['Heading1', 'heading1'],
  'heading-2': ['Heading2', 'heading2'],
  'heading-3': ['Heading3', 'heading3'],
  'heading-4': ['Heading4', 'heading4'],
  'heading-5': ['Heading5', 'heading5'],
  'list-item': ['ListParagraph', 'listParagraph'],
  'note': ['FootnoteText', 'footnoteText'],
  'note-at-end': ['EndnoteText', 'endnoteText'],
} as const satisfies Partial<Record<Role, readonly [id: string, name: string]>>
/** Every other: its id in the file and the name that a writer reads. */
const MADE = {
  'title-page-title': ['TitlePageTitle', 'Title Page Title'],
  'title-page-line': ['TitlePageLine', 'Title Page Line'],
  'title-page-note': ['TitlePageNote', 'Title Page Note'],
  'opening-line': ['OpeningLine', 'Opening Line'],
  'abstract-heading': ['FrontHeading', 'Front Heading'],
  'abstract': ['Abstract', 'Abstract'],
  'keywords': ['Keywords', 'Keywords'],
  'contents-heading': ['ContentsHeading', 'Contents Heading'],
  'contents-line': ['ContentsLine', 'Contents Line'],
  'body': ['BodyText', 'Body Text'],
  'quotation': ['BlockQuotation', 'Block Quotation'],
  'verse': ['Verse', 'Verse'],
  'table': ['TableText', 'Table Text'],
  'caption': ['Caption', 'caption'],
  'picture': ['Figure', 'Figure'],
  'credit': ['CreditLine', 'Credit Line'],
  'notes-heading': ['NotesHeading', 'Notes Heading'],
  'appendix-heading': ['AppendixHeading', 'Appendix Heading'],
  'list-heading': ['ListOfWorksHeading', 'List of Works Heading'],
  'division': ['ListOfWorksPart', 'List of Works Part'],
  'entry': ['ListOfWorksEntry', 'List of Works Entry'],
  'annotation': ['Annotation', 'Annotation'],
  'head': ['Header', 'header'],
} as const satisfies Record<Exclude<Role, keyof typeof GIVEN>, readonly [id: string, name: string]>
/** The id of a role's style in the file. */
export const styleId = (role: Role): string => ({ ...GIVEN, ...MADE })[role][0]

export const ALIGN = {
  left: AlignmentType.LEFT,
  centre: AlignmentType.CENTER,
  right: AlignmentType.RIGHT,
  justified: AlignmentType.BOTH,
} as const

/** Headings that programs list and lead to: their depth. */
const OUTLINE: Partial<Record<Role, number>> = {
  'heading-1': 0, 'heading-2': 1, 'heading-3': 2, 'heading-4': 3, 'heading-5': 4, 'appendix-heading': 0, 'list-heading': 0, 'notes-heading': 0,
}

export const indentOf = ({ left, right, first }: Pick<Look, 'left' | 'right' | 'first'>) => ({
  left: twips(left),
  right: twips(right),
  ...(first < 0 ? { hanging: twips(-first) } : { firstLine: twips(first) }),
})
export const paragraphOf = (look: Look): IParagraphStylePropertiesOptions => ({
  alignment: ALIGN[look.align],
  spacing: { line: Math.round(look.leading * 240), lineRule: LineRuleType.AUTO, before: twips(look.before), after: twips(look.after) },
  indent: indentOf(look),
  ...(look.keepNext ? { keepNext: true, keepLines: true } : {}),
})
const runOf = (look: Look, face: string): IRunStylePropertiesOptions => ({
  font: face,
  size: halfPoints(look.size),
  color: '000000',
  bold: look.bold,
  italics: look.italic,
  ...(look.underline ? { underline: {} } : {}),
  ...(look.smallCaps ? { smallCaps: true } : {}),
})

export function documentStyles({ looks, face, noteNumber }: Geometry, language: string): IStylesOptions {
  const paragraphIn = (role: Role) => {
    const depth = OUTLINE[role]
    return { ...paragraphOf(looks[role]), ...(depth === undefined ? {} : { outlineLevel: depth }) }
  }
  const made = Object.entries(MADE).map(([name, [id, shown]]): IParagraphStyleOptions => {
    const role = name as keyof typeof MADE
    return {
      id,
      name: shown,
      basedOn: 'Normal',
      // Behind a quotation or a caption one goes on writing text.
      next: role === 'body' || role === 'entry' ? id : styleId('body'),
      quickFormat: true,
      run: runOf(looks[role], face),
      paragraph: paragraphIn(role),
    }
  })
  const changed = Object.fromEntries(
    Object.entries(GIVEN).map(([name, [, given]]) => {
      const role = name as keyof typeof GIVEN
      return [given, { run: runOf(looks[role], face), paragraph: paragraphIn(role) }]
    }),
  )
  return {
    default: {
      document: {
        run: { font: face, size: halfPoints(looks.body.size), language: { value: language } },
        paragraph: { spacing: { line: Math.round(looks.body.leading * 240), lineRule: LineRuleType.AUTO, before: 0, after: 0 } },
      },
      ...changed,
      hyperlink: { run: { color: '000000', underline: { type: 'none' } } },
    },
    paragraphStyles: made,
    characterStyles: [
      { id: 'RunInHeading', name: 'Run-in Heading', basedOn: 'DefaultParagraphFont', quickFormat: true },
      // The number before a note's words: the mark in the text stays raised.
      { id: 'NoteNumber', name: 'Note Number', basedOn: 'DefaultParagraphFont', run: noteNumber === 'raised' ? { superScript: true } : {} },
    ],
  }
}
