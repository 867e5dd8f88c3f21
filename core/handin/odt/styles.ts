/** The styles of an open document: a look for every role, lists, notes, the page with its heads. Lengths are points. */
import { headsOn, headWords } from '../../sheet/heads'
import type { Geometry, PrintedPaper } from '../../sheet/printed'
import type { HeadLine, Look } from '../../styles/page-schema'
import { ROLES, type Role } from '../../styles/roles'
import { root, words, xml, type Xml } from './xml'

/** Roles by the names that programs of this format know; every other by its own. */
const KNOWN: Partial<Record<Role, string>> = {
  'title': 'Title',
  'note': 'Footnote',
  'head': 'Header',
  'quotation': 'Quotations',
  'body': 'Text_20_body',
  'heading-1': 'Heading_20_1',
  'heading-2': 'Heading_20_2',
  'heading-3': 'Heading_20_3',
  'heading-4': 'Heading_20_4',
  'heading-5': 'Heading_20_5',
}
export const styleName = (role: Role): string =>
  KNOWN[role] ?? role.replace(/(?:^|-)(\w)/gu, (_, letter: string) => letter.toUpperCase())

const ALIGN = { left: 'start', centre: 'center', right: 'end', justified: 'justify' } as const
const pt = (points: number): string => `${Math.round(points * 100) / 100}pt`

/** The heads' names where one line stands alone. */
const HEAD_STYLE = { left: 'Header', centre: 'HeadCentre', right: 'HeadRight' } as const

export const paragraphProperties = (look: Look, over: Record<string, string> = {}, ...inner: readonly Xml[]): Xml =>
  xml('style:paragraph-properties', {
    'fo:text-align': ALIGN[look.align],
    'fo:line-height': `${Math.round(look.leading * 100)}%`,
    'fo:margin-top': pt(look.before),
    'fo:margin-bottom': pt(look.after),
    'fo:margin-left': pt(look.left),
    'fo:margin-right': pt(look.right),
    'fo:text-indent': pt(look.first),
    'fo:orphans': 2,
    'fo:widows': 2,
    'fo:keep-with-next': look.keepNext ? 'always' : undefined,
    ...over,
  }, ...inner)

const textProperties = (look: Look, face: string, over: Record<string, string> = {}): Xml =>
  xml('style:text-properties', {
    'style:font-name': face,
    'fo:font-size': pt(look.size),
    'fo:font-style': look.italic ? 'italic' : 'normal',
    'fo:font-weight': look.bold ? 'bold' : 'normal',
    'style:text-underline-style': look.underline ? 'solid' : undefined,
    'fo:font-variant': look.smallCaps ? 'small-caps' : undefined,
    ...over,
  })

export function style(name: string, family: string, parent: string | undefined, ...inner: readonly Xml[]): Xml {
  const shown = name.replaceAll('_20_', ' ')
  return xml('style:style', { 'style:name': name, 'style:display-name': shown, 'style:family': family, 'style:parent-style-name': parent }, ...inner)
}

/** Raised letters, as this format says it. */
export const RAISED = 'super 65%'

/** Where notes of a class stand; alone inside a section, that the section gathers them. */
export const gathered = (where: 'foot' | 'end', attributes: Record<string, string> = {}): Xml =>
  xml('text:notes-configuration', { 'text:note-class': `${where}note`, ...attributes })

function notes(where: 'foot' | 'end', { noteNumber }: Geometry): Xml {
  const full = noteNumber === 'full-size'
  return gathered(where, {
    'text:default-style-name': styleName(where === 'foot' ? 'note' : 'note-at-end'),
    'text:citation-body-style-name': 'NoteMark',
    'text:citation-style-name': 'NoteNumber',
    'style:num-format': '1',
    'text:start-value': '0',
    'style:num-suffix': full ? '. ' : ' ',
    ...(where === 'foot' ? { 'text:start-numbering-at': 'document', 'text:footnotes-position': 'page' } : {}),
  })
}

/** Levels of lists, and how far each is set in. */
const LEVELS = [1, 2, 3, 4] as const
function list(name: string, level: (at: number, place: Xml) => Xml): Xml {
  const place = (at: number) => {
    const indents = { 'fo:text-indent': pt(-18), 'fo:margin-left': pt(36 * at) }
    const label = xml('style:list-level-label-alignment', { 'text:label-followed-by': 'listtab', ...indents })
    return xml('style:list-level-properties', { 'text:list-level-position-and-space-mode': 'label-alignment' }, label)
  }
  return xml('text:list-style', { 'style:name': name }, ...LEVELS.map(at => level(at, place(at))))
}
const FORMATS = ['1', 'a', 'i', '1'] as const
const numbers = list('Numbers', (at, place) =>
  xml('text:list-level-style-number', { 'text:level': at, 'style:num-format': FORMATS[at - 1], 'style:num-suffix': '.' }, place))
const points = list('Points', (at, place) =>
  xml('text:list-level-style-bullet', { 'text:level': at, 'text:bullet-char': at % 2 ? '•' : '◦' }, place))

const measureOf = ({ width, margins }: Geometry): number => width - margins.left - margins.right
const tab = (position: number, type: string, leader: Record<string, string> = {}): Xml =>
  xml('style:tab-stop', { 'style:position': pt(position), 'style:type': type, ...leader })
const POINTS = { 'style:leader-style': 'dotted', 'style:leader-text': '.' }

/** A role's paragraph; the numbers of pages stand behind points at the right of the contents. */
function roleProperties(role: Role, geometry: Geometry): Xml {
  const look = geometry.looks[role]
  if (role !== 'contents-line') return paragraphProperties(look)
  return paragraphProperties(look, {}, xml('style:tab-stops', {}, tab(measureOf(geometry), 'right', POINTS)))
}

/** What stands at the left, in the middle and at the right of a page's head, at tabs. */
function headTabs(look: Look, geometry: Geometry): Xml {
  const measure = measureOf(geometry)
  return paragraphProperties(look, {}, xml('style:tab-stops', {}, tab(measure / 2, 'center'), tab(measure, 'right')))
}

export function stylesFile(paper: PrintedPaper): string {
  const { geometry, language } = paper
  const { looks, face } = geometry
  const roles = ROLES.map(role =>
    style(styleName(role), 'paragraph', 'Standard', roleProperties(role, geometry), textProperties(looks[role], face)))
  const raised = xml('style:text-properties', { 'style:text-position': RAISED })
  const aligned = (align: 'end' | 'center') => xml('style:paragraph-properties', { 'fo:text-align': align })
  return root(
    'office:document-styles',
    xml('office:font-face-decls', {}, xml('style:font-face', { 'style:name': face, 'svg:font-family': `'${face}'` })),
    xml(
      'office:styles', {},
      style('Standard', 'paragraph', undefined, textProperties(looks.body, face, { 'fo:language': language.split('-')[0]! })),
      ...roles,
      style('HeadRight', 'paragraph', 'Header', aligned('end')),
      style('HeadCentre', 'paragraph', 'Header', aligned('center')),
      style('HeadTabs', 'paragraph', 'Header', headTabs(looks.head, geometry)),
      style('NoteMark', 'text', undefined, raised),
      style('NoteNumber', 'text', undefined, ...(geometry.noteNumber === 'raised' ? [raised] : [])),
      numbers, points, notes('foot', geometry), notes('end', geometry),
    ),
    xml('office:automatic-styles', {}, pageLayout(geometry)),
    xml('office:master-styles', {}, masterPage(paper)),
  )
}

/** Heads and feet stand half an inch from the paper's edge; the text begins where the margin ends. */
const HEAD_FROM_EDGE = 36
function pageLayout({ width, height, margins }: Geometry): Xml {
  const properties = xml('style:page-layout-properties', {
    'fo:page-width': pt(width),
    'fo:page-height': pt(height),
    'fo:margin-top': pt(HEAD_FROM_EDGE),
    'fo:margin-bottom': pt(HEAD_FROM_EDGE),
    'fo:margin-left': pt(margins.left),
    'fo:margin-right': pt(margins.right),
  })
  const room = (points: number) => xml('style:header-footer-properties', { 'fo:min-height': pt(points - HEAD_FROM_EDGE) })
  const [head, foot] = [xml('style:header-style', {}, room(margins.top)), xml('style:footer-style', {}, room(margins.bottom))]
  return xml('style:page-layout', { 'style:name': 'Page' }, properties, head, foot)
}

const masterPage = (paper: PrintedPaper): Xml =>
  xml('style:master-page', { 'style:name': 'Standard', 'style:page-layout-name': 'Page' }, ...heads(paper))

/** The words at the head and foot of pages; those of the first where they are other. */
function heads(paper: PrintedPaper): Xml[] {
  const { heads: all } = paper.geometry
  const other = all.some(head => head.on !== 'every')
  const pages = other ? [false, true] : [false]
  return (['top', 'bottom'] as const).flatMap(place => pages.map((first) => {
    const own = headsOn(all, first).filter(head => head.place === place)
    return xml(`style:${place === 'top' ? 'header' : 'footer'}${first ? '-first' : ''}`, {}, headParagraph(own, paper))
  }))
}

function headParagraph(own: readonly HeadLine[], paper: PrintedPaper): Xml {
  const [alone] = own
  const at = (align: HeadLine['align']) => own.filter(head => head.align === align).flatMap(head => fielded(headWords(head, paper, PAGE)))
  if (!alone) return xml('text:p', { 'text:style-name': 'Header' })
  if (own.length === 1) return xml('text:p', { 'text:style-name': HEAD_STYLE[alone.align] }, ...at(alone.align))
  const tab = xml('text:tab')
  return xml('text:p', { 'text:style-name': 'HeadTabs' }, ...at('left'), tab, ...at('centre'), tab, ...at('right'))
}

/** Stands for the number of a page until its field does. */
const PAGE = '\u0001'
const fielded = (text: string): Xml[] =>
  text.split(PAGE).flatMap((part, i) => [...(i ? [xml('text:page-number', { 'text:select-page': 'current' })] : []), words(part)])
