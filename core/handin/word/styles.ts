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
import { ROLES, type Look, type Role } from '../../styles/page-schema'
import type { Geometry } from '../../sheet/printed'

export const twips = (points: number): number => Math.round(points * 20)
const halfPoints = (points: number): number => Math.round(points * 2)

/** Each role's style: its id in the file and the name that a writer reads. Those of headings and notes are the format's own. */
export const STYLE_OF: Readonly<Record<Role, { id: string, name: string }>> = {
  'title': { id: 'Title', name: 'Title' },
  'title-page-title': { id: 'TitlePageTitle', name: 'Title Page Title' },
  'title-page-line': { id: 'TitlePageLine', name: 'Title Page Line' },
  'title-page-note': { id: 'TitlePageNote', name: 'Title Page Note' },
  'opening-line': { id: 'OpeningLine', name: 'Opening Line' },
  'abstract-heading': { id: 'FrontHeading', name: 'Front Heading' },
  'abstract': { id: 'Abstract', name: 'Abstract' },
  'keywords': { id: 'Keywords', name: 'Keywords' },
  'contents-heading': { id: 'ContentsHeading', name: 'Contents Heading' },
  'contents-line': { id: 'ContentsLine', name: 'Contents Line' },
  'body': { id: 'BodyText', name: 'Body Text' },
  'quotation': { id: 'BlockQuotation', name: 'Block Quotation' },
  'verse': { id: 'Verse', name: 'Verse' },
  'list-item': { id: 'ListParagraph', name: 'List Paragraph' },
  'heading-1': { id: 'Heading1', name: 'heading 1' },
  'heading-2': { id: 'Heading2', name: 'heading 2' },
  'heading-3': { id: 'Heading3', name: 'heading 3' },
  'heading-4': { id: 'Heading4', name: 'heading 4' },
  'heading-5': { id: 'Heading5', name: 'heading 5' },
  'table': { id: 'TableText', name: 'Table Text' },
  'caption': { id: 'Caption', name: 'caption' },
  'picture': { id: 'Figure', name: 'Figure' },
  'credit': { id: 'CreditLine', name: 'Credit Line' },
  'note': { id: 'FootnoteText', name: 'footnote text' },
  'endnotes-heading': { id: 'NotesHeading', name: 'Notes Heading' },
  'endnote': { id: 'EndnoteText', name: 'endnote text' },
  'list-heading': { id: 'ListOfWorksHeading', name: 'List of Works Heading' },
  'division': { id: 'ListOfWorksPart', name: 'List of Works Part' },
  'entry': { id: 'ListOfWorksEntry', name: 'List of Works Entry' },
  'annotation': { id: 'Annotation', name: 'Annotation' },
  'head': { id: 'Header', name: 'header' },
}
/** Roles whose style the format has already: it is changed, not made. */
const GIVEN = {
  'title': 'title',
  'heading-1': 'heading1',
  'heading-2': 'heading2',
  'heading-3': 'heading3',
  'heading-4': 'heading4',
  'heading-5': 'heading5',
  'list-item': 'listParagraph',
  'note': 'footnoteText',
  'endnote': 'endnoteText',
} as const satisfies Partial<Record<Role, string>>

export const ALIGN = {
  left: AlignmentType.LEFT,
  centre: AlignmentType.CENTER,
  right: AlignmentType.RIGHT,
  justified: AlignmentType.BOTH,
} as const

/** Headings that programs list and lead to: their depth. */
const OUTLINE: Partial<Record<Role, number>> = {
  'heading-1': 0, 'heading-2': 1, 'heading-3': 2, 'heading-4': 3, 'heading-5': 4, 'list-heading': 0, 'endnotes-heading': 0,
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
  const made = ROLES.filter(role => !(role in GIVEN)).map((role): IParagraphStyleOptions => ({
    ...STYLE_OF[role],
    basedOn: 'Normal',
    // Behind a quotation or a caption one goes on writing text.
    next: role === 'body' || role === 'entry' ? STYLE_OF[role].id : 'BodyText',
    quickFormat: true,
    run: runOf(looks[role], face),
    paragraph: paragraphIn(role),
  }))
  const changed = Object.fromEntries(
    Object.entries(GIVEN).map(([role, given]) => [given, { run: runOf(looks[role as Role], face), paragraph: paragraphIn(role as Role) }]),
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
