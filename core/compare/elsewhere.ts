/**
 * A list made elsewhere as it stands there: its heading, its entries with italics and bold, and what its page says of
 * indents, spacing, face and size. From HTML of any word processor or web page, from a document's paragraphs, from text.
 */
import { REFERENCE_HEADING } from '../intake/draft/noticed'
import { htmlTree } from '../intake/html-tree'
import { splitReferences } from '../intake/reference/split'
import { parseRich } from '../text/rich'

export interface Lettered { text: string, italic?: boolean, bold?: boolean }
/** How a paragraph is set, as far as it says; measures in points. */
export interface ParagraphLook {
  /** How far the lines behind the first are set in from it; below nothing where the first is the one set in. */
  hanging?: number
  /** Lines, as a share of single spacing. */
  spacing?: number
  face?: string
  size?: number
  centred?: boolean
}
export interface ListParagraph {
  pieces: readonly Lettered[]
  look: ParagraphLook
  /** It is an item of a numbered list. */ numbered?: boolean
}
export interface ListElsewhere {
  heading?: ListParagraph
  entries: readonly ListParagraph[]
  /** Whether italics could be seen at all: plain text has none. */
  rich: boolean
}

const textOf = ({ pieces }: ListParagraph): string => pieces.map(piece => piece.text).join('')

/** @param form html is looked at for its tags, text for its lines */
export function readListElsewhere(input: string, form: 'html' | 'text'): ListElsewhere {
  return form === 'html' ? fromParagraphs(htmlParagraphs(input), true) : fromText(input)
}

/** Paragraphs of a document or page: those behind the heading of the list, if there is one, else all. */
export function fromParagraphs(paragraphs: readonly ListParagraph[], rich: boolean): ListElsewhere {
  const filled = paragraphs.filter(one => textOf(one).trim())
  const at = filled.findLastIndex(one => REFERENCE_HEADING.test(textOf(one).trim()))
  const heading = filled[at]
  const entries = filled.slice(at + 1).filter(one => /\p{L}{2}/u.test(textOf(one)) && textOf(one).trim().length >= 12)
  return { ...(heading ? { heading } : {}), entries, rich }
}

/** Plain text, light markup or the text of a page: italics where asterisks say so, hanging indents where lines are set in. */
function fromText(text: string): ListElsewhere {
  const lines = text.replace(/\r\n?/gu, '\n').split('\n')
  const headed = lines.findLastIndex(line => REFERENCE_HEADING.test(line.trim()))
  const body = lines.slice(headed + 1)
  const marked = /(?<![\w*])\*(?=\S)[^*\n]+(?<=\S)\*(?![\w*])|<i>/u.test(text)
  const setIn = body.filter(line => /^(?:\t| {2,})\S/u.test(line)).length
  const look: ParagraphLook = setIn > 0 && body.some(line => /^\S/u.test(line)) ? { hanging: 36 } : {}
  const hanging = look.hanging !== undefined
  const entries = (hanging ? hungEntries(body) : splitReferences(body.join('\n'))).map((one): ListParagraph => ({
    pieces: fromMarkup(one),
    look,
  }))
  return { ...(headed >= 0 ? { heading: { pieces: [{ text: lines[headed]!.trim() }], look: {} } } : {}), entries, rich: marked }
}
/** Where the lines behind the first are set in, one that is not begins an entry. */
function hungEntries(lines: readonly string[]): string[] {
  const out: string[] = []
  let open = false
  for (const line of lines) {
    if (!line.trim()) { open = false; continue }
    // An address that was broken goes on without a space.
    if (open && /^\s/u.test(line)) out[out.length - 1] += (/https?:\/\/\S*[/-]$/u.test(out.at(-1)!) ? '' : ' ') + line.trim()
    else out.push(line.trim())
    open = true
  }
  return out
}
function fromMarkup(text: string): Lettered[] {
  const tagged = text
    .replace(/\*\*(?=\S)([^*\n]+)(?<=\S)\*\*/gu, '<b>$1</b>')
    .replace(/(?<![\w*])\*(?=\S)([^*\n]+)(?<=\S)\*(?![\w*])/gu, '<i>$1</i>')
  return parseRich(tagged).map(({ text, italic, bold }) => ({ text, ...(italic ? { italic } : {}), ...(bold ? { bold } : {}) }))
}

// HTML -----------------------------------------------------------------------------------------------------------------

interface Html { type: string, name?: string, data?: string, attribs?: Record<string, string>, children?: Html[] }
type Declared = ReadonlyMap<string, string>
const BLOCKS = new Set('p div li h1 h2 h3 h4 h5 h6 tr td blockquote dd dt section article body html ul ol table tbody'.split(' '))
/** Longer pages are no lists. */
const MOST = 3_000_000

export function htmlParagraphs(html: string): ListParagraph[] {
  const page = htmlTree(html.slice(0, MOST))
  const sheet = readSheet(page('style').text())
  page('script, style, head, title, template, noscript').remove()
  const out: ListParagraph[] = []
  let line: Lettered[] = []
  const flush = (declared: Declared, numbered: boolean) => {
    const pieces = squashed(line)
    if (pieces.length) out.push({ pieces, look: lookOf(declared), ...(numbered ? { numbered } : {}) })
    line = []
  }
  const walk = (node: Html, declared: Declared, state: { italic: boolean, bold: boolean, numbered: boolean }, depth: number) => {
    if (depth > 380) return
    if (node.type === 'text') {
      const text = (node.data ?? '').replace(/[\s\u00A0\u200B\uFEFF]+/gu, ' ')
      if (text) line.push({ text, ...(state.italic ? { italic: true } : {}), ...(state.bold ? { bold: true } : {}) })
      return
    }
    const name = node.name ?? ''
    if (name === 'br') { flush(declared, state.numbered); return }
    const own = declaredBy(node, sheet)
    const inherited: Declared = own.size ? new Map([...declared, ...own]) : declared
    const style = own.get('font-style')
    const weight = own.get('font-weight')
    const next = {
      italic: style ? /italic|oblique/u.test(style) : state.italic || /^(?:i|em|cite)$/u.test(name),
      bold: weight ? /bold|[6-9]00/u.test(weight) : state.bold || /^(?:b|strong|h[1-6])$/u.test(name),
      numbered: name === 'ol' ? true : name === 'ul' ? false : state.numbered,
    }
    const block = BLOCKS.has(name)
    if (block) flush(declared, state.numbered)
    for (const child of node.children ?? []) walk(child, inherited, next, depth + 1)
    if (block) flush(inherited, next.numbered)
  }
  for (const node of page.root().toArray() as unknown as Html[]) walk(node, new Map(), { italic: false, bold: false, numbered: false }, 0)
  return out
}

function squashed(line: readonly Lettered[]): Lettered[] {
  const out: Lettered[] = []
  for (const piece of line) {
    const last = out.at(-1)
    const text = !last || last.text.endsWith(' ') ? piece.text.replace(/^ /u, '') : piece.text
    if (!text) continue
    if (last && !last.italic === !piece.italic && !last.bold === !piece.bold) last.text += text
    else out.push({ ...piece, text })
  }
  const last = out.at(-1)
  if (last) last.text = last.text.trimEnd()
  return out.filter(piece => piece.text)
}

/** The rules of a page's own style sheet, by class and by element: word processors put their indents there. */
function readSheet(css: string): ReadonlyMap<string, Declared> {
  const out = new Map<string, Declared>()
  for (const match of css.slice(0, 400_000).matchAll(/([^{}]{1,600})\{([^{}]{0,4000})\}/gu)) {
    const declared = readDeclarations(match[2]!)
    for (const selector of match[1]!.split(',')) {
      const key = /(\.[\w-]+|(?<![\w.#-])(?:p|li|div|body|span))\s*$/u.exec(selector.trim())?.[1]
      if (key) out.set(key, new Map([...(out.get(key) ?? []), ...declared]))
    }
  }
  return out
}
function readDeclarations(css: string): Declared {
  return new Map(css.split(';').flatMap((one) => {
    const at = one.indexOf(':')
    return at > 0 ? [[one.slice(0, at).trim().toLowerCase(), one.slice(at + 1).trim().toLowerCase()] as const] : []
  }))
}
function declaredBy({ name = '', attribs = {} }: Html, sheet: ReadonlyMap<string, Declared>): Declared {
  const classes = (attribs.class ?? '').split(/\s+/u).filter(Boolean).slice(0, 8)
  return new Map([
    ...(sheet.get(name) ?? []),
    ...classes.flatMap(one => [...(sheet.get(`.${one}`) ?? [])]),
    ...(attribs.style ? readDeclarations(attribs.style) : []),
    ...(attribs.align ? [['text-align', attribs.align.toLowerCase()] as const] : []),
  ])
}

const POINTS: ReadonlyMap<string, number> = new Map([
  ['pt', 1],
  ['px', 0.75],
  ['in', 72],
  ['cm', 28.35],
  ['mm', 2.835],
  ['em', 12],
  ['rem', 12],
  ['pc', 12],
])
function points(value: string | undefined): number | undefined {
  const match = /^(-?\d{0,6}(?:\.\d{1,6})?)(pt|px|in|cm|mm|em|rem|pc)\b/u.exec(value ?? '')
  return match?.[1] ? Number(match[1]) * POINTS.get(match[2]!)! : undefined
}
function lookOf(declared: Declared): ParagraphLook {
  const indent = points(declared.get('text-indent'))
  const height = declared.get('line-height') ?? ''
  const size = points(declared.get('font-size'))
  const share = height.endsWith('%') ? Number.parseFloat(height) / 100 : /^\d+(?:\.\d+)?$/u.test(height) ? Number(height) : undefined
  const absolute = points(height)
  const spacing = share ?? (absolute ? absolute / ((size ?? 12) * 1.15) : undefined)
  const face = declared.get('font-family')?.split(',')[0]!.replace(/["']/gu, '').trim()
  return {
    ...(indent === undefined ? {} : { hanging: -indent }),
    ...(spacing ? { spacing } : {}),
    ...(face ? { face } : {}),
    ...(size ? { size } : {}),
    ...(declared.get('text-align') === 'center' ? { centred: true } : {}),
  }
}
