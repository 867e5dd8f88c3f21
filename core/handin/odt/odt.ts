/**
 * The paper as an OpenDocument text (ISO/IEC 26300): named styles (`styles.ts`), real notes, lists, tables with heading rows,
 * pictures. Lengths are points.
 */
import { strToU8, zipSync, type Zippable } from 'fflate'
import { fitted } from '../../sheet/pages/pieces'
import { pictureBytes, pictureSize } from '../../sheet/pictures'
import type { PrintedPaper, PrintedParagraph, PrintedPicture, PrintedRun, PrintedTable } from '../../sheet/printed'
import type { Look } from '../../styles/page-schema'
import type { Role } from '../../styles/roles'
import { grouped, headingLevel, type Grouped } from '../grouped'
import { gathered, paragraphProperties, RAISED, style, styleName, stylesFile } from './styles'
import { root, words, xml, type Xml } from './xml'

const TYPE = 'application/vnd.oasis.opendocument.text'

export function writeOdt(paper: PrintedPaper): Uint8Array {
  const writer = new OdtWriter(paper)
  const content = writer.content()
  const entry = (path: string, type: string) => xml('manifest:file-entry', { 'manifest:full-path': path, 'manifest:media-type': type })
  const manifest = xml(
    'manifest:manifest',
    { 'xmlns:manifest': 'urn:oasis:names:tc:opendocument:xmlns:manifest:1.0', 'manifest:version': '1.2' },
    entry('/', TYPE),
    ...['content.xml', 'styles.xml', 'meta.xml'].map(name => entry(name, 'text/xml')),
    ...writer.pictures.map(({ name, type }) => entry(name, `image/${type}`)),
  )
  const about = xml(
    'office:meta', {},
    xml('dc:title', {}, words(paper.title)),
    xml('meta:initial-creator', {}, words(paper.writer)),
    xml('dc:language', {}, words(paper.language)),
  )
  const files: Zippable = {
    // The type comes first and is not packed, so that it can be read off the file (ODF 1.2, part 3, 3.3).
    'mimetype': [strToU8(TYPE), { level: 0 }],
    'content.xml': strToU8(content),
    'styles.xml': strToU8(stylesFile(paper)),
    'meta.xml': strToU8(root('office:document-meta', about)),
    'META-INF/manifest.xml': strToU8(`<?xml version="1.0" encoding="UTF-8"?>\n${manifest}`),
    ...Object.fromEntries(writer.pictures.map(({ name, bytes }) => [name, bytes])),
  }
  return zipSync(files, { level: 6 })
}

const RULE = { heavy: '0.75pt solid #000000', light: '0.5pt solid #000000' } as const
/** Cells by the rules they bear: over and under the headings, under the table. */
const CELLS = {
  Ruled: { 'fo:border-top': RULE.heavy, 'fo:border-bottom': RULE.light },
  Opening: { 'fo:border-top': RULE.heavy },
  Open: {},
  Closing: { 'fo:border-bottom': RULE.heavy },
} as const

/** A run's marks as this format has them. */
const properties = (run: PrintedRun): Record<string, string> => ({
  ...(run.italic ? { 'fo:font-style': 'italic' } : {}),
  ...(run.bold ? { 'fo:font-weight': 'bold' } : {}),
  ...(run.underline ? { 'style:text-underline-style': 'solid', 'style:text-underline-width': 'auto' } : {}),
  ...(run.smallCaps ? { 'fo:font-variant': 'small-caps' } : {}),
  ...(run.superscript ? { 'style:text-position': RAISED } : {}),
  ...(run.subscript ? { 'style:text-position': 'sub 65%' } : {}),
})

class OdtWriter {
  readonly pictures: { name: string, type: string, bytes: Uint8Array }[] = []
  /** Looks and marks that no named style has, each a style of its own. */
  private readonly own = new Map<string, { name: string, style: Xml }>()

  constructor(private readonly paper: PrintedPaper) {}

  content(): string {
    const body = this.sections()
    const cells = Object.entries(CELLS).map(([name, rules]) =>
      style(name, 'table-cell', undefined, xml('style:table-cell-properties', { ...rules, 'fo:padding': '2pt' })))
    const gathering = style('Gathering', 'section', undefined, xml('style:section-properties', {}, gathered('end')))
    return root(
      'office:document-content',
      xml('office:automatic-styles', {}, ...[...this.own.values()].map(one => one.style), ...cells, gathering),
      xml('office:body', {}, xml('office:text', {}, ...body)),
    )
  }

  private sections(): Xml[] {
    const { sections } = this.paper
    const written = sections.map((section, at): Xml[] =>
      (section.is === 'endnotes' ? [] : grouped(section.blocks).map((group, i) => this.group(group, at > 0 && section.newPage && i === 0))))
    // Notes at the end stand under their heading, at the end of a section that gathers them: of the text, and what is before them.
    const from = sections.findIndex(section => section.is === 'text')
    const to = sections.findIndex(section => section.is === 'endnotes')
    const heading = sections[to]?.blocks[0]
    if (heading?.is !== 'paragraph') return written.flat()
    const gathers = sections.slice(from, to).some(section => section.is === 'list') ? from + 1 : to
    const gathered = [...written.slice(from, gathers).flat(), this.paragraph(heading, true)]
    return [
      ...written.slice(0, from).flat(),
      xml('text:section', { 'text:style-name': 'Gathering', 'text:name': 'Text' }, ...gathered),
      ...written.slice(gathers).flat(),
    ]
  }

  // Blocks --------------------------------------------------------------------------------------------------------------

  private group(group: Grouped, newPage = false): Xml {
    switch (group.is) {
      case 'break': return xml('text:p', { 'text:style-name': this.styled('body', { first: 0 }, true) })
      case 'quotation':
      case 'verse': return joined(group.paragraphs.map((one, i) => this.paragraph(one, newPage && i === 0)))
      case 'list': {
        const items = group.items.map(item => xml('text:list-item', {}, ...item.map(one => this.group(one))))
        return xml('text:list', { 'text:style-name': group.ordered ? 'Numbers' : 'Points' }, ...items)
      }
      case 'captioned': {
        const own = group.thing?.is === 'table' ? [this.table(group.thing)] : group.thing ? this.picture(group.thing) : []
        return joined([...group.above.map(one => this.paragraph(one)), ...own, ...group.below.map(one => this.paragraph(one))])
      }
      default: return this.paragraph(group.paragraph, newPage)
    }
  }

  private paragraph(paragraph: PrintedParagraph, newPage = false): Xml {
    const { role, runs, lead, item, anchor, look, leads } = paragraph
    const level = headingLevel(paragraph)
    const named = newPage || (look && !item) ? this.styled(role, item ? {} : (look ?? {}), newPage) : styleName(role)
    const own = this.runs(runs)
    return xml(
      level ? 'text:h' : 'text:p',
      { 'text:style-name': named, 'text:outline-level': level },
      ...(anchor ? [xml('text:bookmark', { 'text:name': anchor })] : []),
      ...(lead && !item ? [...this.runs(lead), xml('text:tab')] : []),
      // A line of the contents leads to what it names, whose page a reader's program knows.
      ...(leads ? [this.link(`#${leads}`, own), xml('text:tab'), pageOf(leads)] : own),
    )
  }

  private table({ rows, headed, name }: PrintedTable): Xml {
    const count = Math.max(1, ...rows.map(row => row.length))
    const row = (cells: PrintedParagraph[][], bearing: keyof typeof CELLS) =>
      xml('table:table-row', {}, ...Array.from({ length: count }, (_, i) => {
        const inner = (cells[i] ?? []).map(one => this.paragraph(one))
        const attributes = { 'office:value-type': 'string', 'table:style-name': bearing }
        return xml('table:table-cell', attributes, ...(inner.length ? inner : [xml('text:p')]))
      }))
    const [first, ...rest] = rows
    const body = headed ? rest : rows
    const lines = body.map((cells, i) => row(cells, i === body.length - 1 ? 'Closing' : i === 0 && !headed ? 'Opening' : 'Open'))
    return xml(
      'table:table', { 'table:name': name },
      xml('table:table-column', { 'table:number-columns-repeated': count }),
      ...(headed && first ? [xml('table:table-header-rows', {}, row(first, 'Ruled'))] : []),
      ...lines,
    )
  }

  private picture({ picture, alt, name, look }: PrintedPicture): Xml[] {
    const read = pictureBytes(picture)
    if (!read) return []
    const { margins, width: wide, height: high } = this.paper.geometry
    const { width, height } = fitted(pictureSize(read.bytes), wide - margins.left - margins.right, high - margins.top - margins.bottom)
    const file = `Pictures/${this.pictures.length + 1}.${read.type}`
    this.pictures.push({ name: file, type: read.type, bytes: read.bytes })
    const size = { 'svg:width': `${width.toFixed(2)}pt`, 'svg:height': `${height.toFixed(2)}pt` }
    const frame = xml(
      'draw:frame', { 'draw:name': name, 'text:anchor-type': 'as-char', ...size },
      xml('draw:image', { 'xlink:href': file, 'xlink:type': 'simple', 'xlink:show': 'embed', 'xlink:actuate': 'onLoad' }),
      xml('svg:desc', {}, words(alt)),
    )
    return [xml('text:p', { 'text:style-name': look ? this.styled('picture', look) : styleName('picture') }, frame)]
  }

  // Words ---------------------------------------------------------------------------------------------------------------

  private runs(runs: readonly PrintedRun[]): Xml[] {
    return runs.map(run => this.run(run))
  }

  private run(run: PrintedRun): Xml {
    if (run.note !== undefined) return this.note(run.note)
    const marks = properties(run)
    const own = Object.keys(marks).length ? xml('text:span', { 'text:style-name': this.mark(marks) }, words(run.text)) : words(run.text)
    return run.link ? this.link(run.link, [own]) : own
  }

  private link(address: string, inner: readonly Xml[]): Xml {
    return xml('text:a', { 'xlink:type': 'simple', 'xlink:href': address }, ...inner)
  }

  private note(n: number): Xml {
    const { notes, notesAt } = this.paper
    const body = (notes[n - 1] ?? []).map(one => this.paragraph(one))
    return xml(
      'text:note', { 'text:id': `ftn${n}`, 'text:note-class': `${notesAt}note` },
      xml('text:note-citation', {}, words(String(n))), xml('text:note-body', {}, ...body),
    )
  }

  // Styles of its own ---------------------------------------------------------------------------------------------------

  private mark(marks: Record<string, string>): string {
    return this.made('T', JSON.stringify(marks), name => style(name, 'text', undefined, xml('style:text-properties', marks)))
  }

  /** A look of one paragraph's own, as a style under its role's. */
  private styled(role: Role, look: Partial<Look>, newPage = false): string {
    const full = { ...this.paper.geometry.looks[role], ...look }
    return this.made('P', JSON.stringify([role, full, newPage]), name =>
      style(name, 'paragraph', styleName(role), paragraphProperties(full, newPage ? { 'fo:break-before': 'page' } : {})))
  }

  private made(letter: string, key: string, make: (name: string) => Xml): string {
    const there = this.own.get(letter + key)
    if (there) return there.name
    const name = `${letter}${this.own.size + 1}`
    this.own.set(letter + key, { name, style: make(name) })
    return name
  }
}

/** The number of the page that a bookmark stands on. */
const pageOf = (bookmark: string): Xml => xml('text:bookmark-ref', { 'text:reference-format': 'page', 'text:ref-name': bookmark })

const joined = (all: readonly Xml[]): Xml => all.join('') as Xml
