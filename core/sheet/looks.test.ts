/** How each style's page is set, by its manual: lines, indents, white, in points. */
import { describe, expect, it } from 'vitest'
import { styleOf, STYLES } from '../styles'
import type { Look } from '../styles/page-schema'
import { ROLES, type Role } from '../styles/roles'
import { choicesOf } from './choices'
import { looksOf } from './looks'

const looks = (style: string, details: Record<string, string> = {}) => {
  const own = styleOf(style)!
  return looksOf(own, choicesOf(own, details))
}

describe('the page', () => {
  it.each<[string, Role, Partial<Look>]>([
    // APA 7: 2.21 double lines everywhere, 2.24 half an inch, 2.4 title bold, 8.27 block quotations, 9.43 the list.
    ['apa-7', 'body', { size: 12, leading: 2, first: 36, align: 'left', before: 0, after: 0 }],
    ['apa-7', 'title', { align: 'centre', bold: true, leading: 2 }],
    ['apa-7', 'title-page-title', { align: 'centre', bold: true, before: 82.8, after: 27.6 }],
    ['apa-7', 'quotation', { left: 36, first: 0, leading: 2, before: 0, after: 0 }],
    ['apa-7', 'list-heading', { align: 'centre', bold: true }],
    ['apa-7', 'entry', { left: 36, first: -36, leading: 2, after: 0 }],
    ['apa-7', 'note', { size: 10, leading: 1 }],
    ['apa-7', 'abstract', { first: 0 }],
    ['apa-7', 'keywords', { first: 36 }],
    ['apa-7', 'heading-1', { align: 'centre', bold: true, keepNext: true }],
    // APA 6: 2.01 the title plain, 8.03 the heading of the list plain.
    ['apa-6', 'title', { bold: false, align: 'centre' }],
    ['apa-6', 'list-heading', { bold: false }],
    // IEEE: headings over what ends the paper are primary ones without a number.
    ['ieee', 'list-heading', { align: 'centre', smallCaps: true }],
    ['ieee', 'appendix-heading', { align: 'centre', smallCaps: true }],
    // MLA 9: 1.2–1.5 double lines, half an inch, nothing bold; 6.35 block quotations.
    ['mla-9', 'opening-line', { align: 'left', leading: 2, first: 0 }],
    ['mla-9', 'title', { align: 'centre', bold: false }],
    ['mla-9', 'list-heading', { align: 'centre', bold: false }],
    ['mla-9', 'entry', { left: 36, first: -36, leading: 2 }],
    ['mla-9', 'annotation', { left: 36, leading: 2 }],
    // Turabian 9, A.2: text double; quotations, notes, captions and the list single with a blank line between.
    ['chicago-18-notes', 'body', { leading: 2, first: 36 }],
    ['chicago-18-notes', 'quotation', { leading: 1, before: 13.8, after: 13.8, left: 36 }],
    ['chicago-18-notes', 'note', { leading: 1, first: 36 }],
    ['chicago-18-notes', 'caption', { leading: 1 }],
    ['chicago-18-notes', 'entry', { leading: 1, after: 13.8, first: -36 }],
    ['chicago-17-author-date', 'entry', { leading: 1, after: 13.8 }],
    // Where nothing is set in, white stands between paragraphs.
    ['harvard', 'body', { first: 0, after: 12, leading: 1.5 }],
    ['harvard', 'entry', { left: 0, first: 0, leading: 1 }],
    ['vancouver', 'body', { first: 0, after: 12 }],
    ['mhra-3', 'body', { first: 36, leading: 2 }],
    // IEEE: small letters, straight edges, small capitals over first sections.
    ['ieee', 'body', { size: 10, align: 'justified', first: 18 }],
    ['ieee', 'heading-1', { align: 'centre', smallCaps: true }],
    ['ieee', 'title', { size: 16, align: 'centre' }],
    ['ieee', 'entry', { left: 21.6, first: -21.6, leading: 1 }],
    ['nature', 'opening-line', { align: 'centre' }],
  ])('%s: %s', (style, role, wanted) => {
    expect(looks(style)[role]).toMatchObject(wanted)
  })
  it.each(STYLES.map(style => style.id))('%s has a look for every role, its paragraphs told apart by an indent or white', (style) => {
    const all = looks(style)
    expect(Object.keys(all).sort()).toEqual([...ROLES].sort())
    expect(all.body.first + all.body.after).toBeGreaterThan(0)
    // What is smaller or larger than the text says so of every face.
    const other = looks(style, { face: 'Calibri' })
    expect(other.body.size - other.note.size).toBeCloseTo(all.body.size - all.note.size)
  })
  it.each(['heading-1', 'title', 'list-heading', 'division', 'abstract-heading'] as const)('a %s never ends a page, in any style', (role) => {
    for (const style of STYLES) expect(looks(style.id)[role].keepNext, style.id).toBe(true)
  })
})
