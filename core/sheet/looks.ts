/** How every sort of paragraph is set on a style's page. Lengths are points. */
import type { Look } from '../styles/page-schema'
import { ROLES, type Role } from '../styles/roles'
import type { Style } from '../styles/schema'
import type { Choices } from './choices'

/** Block quotations, verse and annotations are set in by half an inch (APA 7, 8.27; MLA Handbook 9, 6.35, 5.132; Turabian 9, 25.2.2). */
const HALF_INCH = 36
/** A footnote that a style says nothing of: as the text, in lines set close. */
const NOTE_SIZE = 10

/** Points around what stands on a slide, and its letters: read from the last row, so larger than a page's and set close. */
export const SLIDE_MARGINS = { top: 48, right: 60, bottom: 42, left: 60 } as const
const SLIDE = { entry: { size: 18, leading: 1.1, after: 10 }, heading: { size: 28, leading: 1.1, before: 0, after: 14 } } as const

function onSlides(looks: Readonly<Record<Role, Look>>): Record<Role, Look> {
  const set = (role: Role): Look =>
    ({ ...looks[role], ...(role === 'list-heading' ? SLIDE.heading : role === 'division' ? { ...SLIDE.entry, before: 6, after: 6 } : SLIDE.entry) })
  return Object.fromEntries(ROLES.map(role => [role, set(role)])) as Record<Role, Look>
}

/**
 * Every role's look: what all text has, what its role has everywhere, what the style's page says of headings, list and
 * spacing, and last what the style says of that one role. A size is said for Times and goes with the face that is chosen.
 */
export function looksOf(style: Style, choices: Choices): Record<Role, Look> {
  const { page, list } = style
  const plain: Look = {
    size: choices.size, align: 'left', leading: page.lineSpacing, before: 0, after: 0, left: 0, right: 0, first: 0,
    bold: false, italic: false, underline: false, smallCaps: false, keepNext: false, newPage: false,
  }
  const text = choices.justified ? 'justified' : 'left'
  const smaller = choices.size - page.size
  const { after = 0 } = page.looks.body ?? {}
  const centred = { align: 'centre' } as const
  const overText = { ...centred, bold: page.listHeadingBold ?? false, keepNext: true }
  const entry = { leading: list.doubleSpaced ? 2 : 1, left: list.hanging, first: 0 - list.hanging, after: list.doubleSpaced ? 0 : 6 }
  const roles: Partial<Record<Role, Partial<Look>>> = {
    'title': { ...centred, bold: page.titleBold ?? false, keepNext: true },
    'title-page-title': { ...centred, bold: page.titleBold ?? false },
    'title-page-line': centred,
    'title-page-note': { align: 'left', first: HALF_INCH },
    'opening-line': page.titleFirst ? centred : {},
    'abstract-heading': overText,
    'keywords': { first: HALF_INCH },
    'contents-heading': overText,
    'contents-line': { leading: Math.min(page.lineSpacing, 1.5) },
    'body': { align: text, first: page.firstLineIndent },
    'quotation': { left: HALF_INCH, align: text, ...(after ? { after } : {}) },
    'verse': { left: HALF_INCH },
    'list-item': { align: text },
    'table': { leading: 1, before: 2, after: 2 },
    'picture': { leading: 1, keepNext: true },
    'credit': {},
    'note': { size: NOTE_SIZE + smaller, leading: 1, first: page.firstLineIndent },
    'notes-heading': overText,
    'note-at-end': { first: page.firstLineIndent },
    'appendix-heading': { ...overText, ...page.looks['list-heading'] },
    'list-heading': overText,
    'division': { bold: true, keepNext: true, leading: entry.leading },
    'entry': entry,
    'annotation': { leading: entry.leading, after: entry.after, left: Math.max(list.hanging, HALF_INCH) },
    'head': { leading: 1 },
  }
  page.headings.forEach(({ runIn: _, centred: middle, indented, ...marks }, i) => {
    const first = indented ? { first: page.firstLineIndent || HALF_INCH } : {}
    roles[`heading-${i + 1}` as Role] = { ...marks, ...(middle ? centred : {}), ...first, keepNext: true }
  })
  const own = (role: Role): Partial<Look> => {
    const said = page.looks[role] ?? {}
    return said.size === undefined ? said : { ...said, size: said.size + smaller }
  }
  const looks = Object.fromEntries(ROLES.map(role => [role, { ...plain, ...roles[role], ...own(role) }])) as Record<Role, Look>
  return choices.sort === 'slides' ? onSlides(looks) : looks
}
