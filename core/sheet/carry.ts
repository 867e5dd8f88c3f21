/**
 * A list of works to be carried into another program: as HTML that keeps face, size, spacing, italics, hanging indent,
 * heading and numbers when it is pasted (every word processor and web editor reads these few properties), and as plain
 * text with the same indents. Measures are those of the printed page (`looksOf`).
 */
import type { ListEntry } from '../compose/paper'
import type { Look } from '../styles/page-schema'
import type { Style } from '../styles/schema'
import { plain, toHtml } from '../text/runs'
import { wrapped } from '../text/wrapping'
import { choicesOf } from './choices'
import { looksOf } from './looks'

const ALIGN = { left: 'left', centre: 'center', right: 'right', justified: 'justify' } as const
/** A look as the few properties that every word processor and web editor keeps when it is pasted. */
export const cssOf = (look: Look, face: string): string => [
  `margin:${look.before}pt ${look.right}pt ${look.after}pt ${look.left}pt`,
  `text-indent:${look.first}pt`,
  `text-align:${ALIGN[look.align]}`,
  // Lines of a word processor are a seventh higher than its letters: single spacing there is this much here.
  `line-height:${Math.round(look.leading === 1 ? 115 : look.leading * 100)}%`,
  `font-family:'${face}',serif`,
  `font-size:${look.size}pt`,
  ...(look.bold ? ['font-weight:bold'] : []),
  ...(look.smallCaps ? ['font-variant:small-caps'] : []),
].join(';')
const escaped = (text: string): string => text.replace(/&/gu, '&amp;').replace(/</gu, '&lt;').replace(/>/gu, '&gt;')
const numbered = (style: Style, entry: ListEntry): string => (entry.number === undefined ? '' : (style.list.number ?? '{n}').replace('{n}', String(entry.number)))

export interface Carried {
  entries: readonly ListEntry[]
  annotation?: (id: string) => string
  /** The paper's, for its choices of the page. */
  details?: Readonly<Record<string, string>>
}

/** The entries, each a paragraph; with `heading` the style's own over them, and the headings that divide the list. */
export function listAsHtml(style: Style, { entries, annotation, details = {} }: Carried, heading = false): string {
  const choices = choicesOf(style, details)
  const looks = looksOf(style, choices)
  const paragraph = (role: 'list-heading' | 'division' | 'entry' | 'annotation', html: string) =>
    `<p style="${cssOf(looks[role], choices.face)}">${looks[role].bold ? `<b>${html}</b>` : html}</p>`
  const out: string[] = []
  if (heading) out.push(paragraph('list-heading', escaped(style.list.heading)))
  entries.forEach((entry, i) => {
    if (heading && entry.division && entry.division !== entries[i - 1]?.division) out.push(paragraph('division', escaped(entry.division)))
    const number = numbered(style, entry)
    // A tab that HTML keeps: what follows it begins at the hanging indent.
    const before = number ? `${escaped(number)}<span style="white-space:pre">\t</span>` : ''
    out.push(paragraph('entry', before + toHtml(entry.runs)))
    const notes = annotation?.(entry.id).trim()
    if (notes) out.push(...notes.split(/\n+/u).map(line => paragraph('annotation', escaped(line))))
  })
  return out.join('')
}

/** Letters that lines behind the first are set in. */
const INDENT = 4

/** The same as plain text. Without `wrapped` an entry is one line, as a form on a web page wants it. */
export function listAsText(style: Style, { entries, annotation }: Carried, { heading = false, wrapped: inLines = false } = {}): string {
  const out: string[] = heading ? [style.list.heading, ''] : []
  entries.forEach((entry, i) => {
    if (heading && entry.division && entry.division !== entries[i - 1]?.division) out.push(entry.division, '')
    const number = numbered(style, entry)
    const text = `${number ? `${number} ` : ''}${plain(entry.runs)}`
    out.push(...(inLines ? wrapped(text, '', ' '.repeat(INDENT)) : [text]))
    const notes = annotation?.(entry.id).trim()
    if (notes) out.push(...notes.split(/\n+/u).flatMap(line => (inLines ? wrapped(line, ' '.repeat(INDENT), ' '.repeat(INDENT)) : [line])))
    if (inLines) out.push('')
  })
  return out.join('\n').trimEnd()
}
