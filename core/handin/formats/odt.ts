/**
 * The paper as an OpenDocument text (ISO/IEC 26300): named styles, real notes, heads with their fields, lists, tables.
 * Lengths are points.
 */
import { strToU8, zipSync, type Zippable } from 'fflate'
import { headsOn, headWords } from '../../sheet/heads'
import { fitted } from '../../sheet/pages/pieces'
import { pictureBytes, pictureSize } from '../../sheet/pictures'
import type { PrintedPaper, PrintedParagraph, PrintedPicture, PrintedRun, PrintedTable } from '../../sheet/printed'
import { ROLES, type HeadLine, type Look } from '../../styles/page-schema'
import { escapeHtml } from '../../text/runs'
import { grouped, headingLevel, type Grouped } from '../grouped'

const SPACES = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" '
  + 'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" '
  + 'xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" '
  + 'xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:dc="http://purl.org/dc/elements/1.1/" '
  + 'xmlns:meta="urn:oasis:names:tc:opendocument:xmlns:meta:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0"'
const TYPE = 'application/vnd.oasis.opendocument.text'
const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n'

export function writeOdt(paper: PrintedPaper): Uint8Array {
  const writer = new OdtWriter(paper)
  const content = writer.content()
  const files: Zippable = {
    // The type comes first and is not packed, so that it can be read off the file (ODF 1.2, part 3, 3.3).
    'mimetype': [strToU8(TYPE), { level: 0 }],
    'content.xml': strToU8(content),
    'styles.xml': strToU8(writer.styles()),
    'meta.xml': strToU8(
      `${HEAD}<office:document-meta ${SPACES} office:version="1.2"><office:meta><dc:title>${escapeHtml(paper.title)}</dc:title>`
      + `<meta:initial-creator>${escapeHtml(paper.writer)}</meta:initial-creator><dc:language>${escapeHtml(paper.language)}</dc:language></office:meta></office:document-meta>`,
    ),
    ...Object.fromEntries(writer.pictures.map(({ name, bytes }) => [name, bytes])),
  }
  files['META-INF/manifest.xml'] = strToU8(
    `${HEAD}<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.2">`
    + `<manifest:file-entry manifest:full-path="/" manifest:version="1.2" manifest:media-type="${TYPE}"/>`
    + ['content.xml', 'styles.xml', 'meta.xml'].map(name => `<manifest:file-entry manifest:full-path="${name}" manifest:media-type="text/xml"/>`).join('')
    + writer.pictures.map(({ name, type }) => `<manifest:file-entry manifest:full-path="${name}" manifest:media-type="image/${type}"/>`).join('')
    + '</manifest:manifest>',
  )
  return zipSync(files, { level: 6 })
}

/** Roles by the names that programs of this format know; every other by its own. */
const STYLE_NAME: Partial<Record<(typeof ROLES)[number], string>> = {
  'title': 'Title', 'note': 'Footnote', 'endnote': 'Endnote', 'head': 'Header', 'quotation': 'Quotations', 'body': 'Text_20_body',
  'heading-1': 'Heading_20_1', 'heading-2': 'Heading_20_2', 'heading-3': 'Heading_20_3', 'heading-4': 'Heading_20_4', 'heading-5': 'Heading_20_5',
}
const styleName = (role: (typeof ROLES)[number]): string => STYLE_NAME[role] ?? role.replace(/(?:^|-)(\w)/gu, (_, letter: string) => letter.toUpperCase())
const shownName = (name: string): string => name.replaceAll('_20_', ' ')

class OdtWriter {
  readonly pictures: { name: string, type: string, bytes: Uint8Array }[] = []
  /** Looks other than their role's, each a style of its own. */
  private readonly own = new Map<string, string>()
  private readonly marks = new Map<string, string>()

  constructor(private readonly paper: PrintedPaper) {}

  content(): string {
    const { sections } = this.paper
    const body = sections.flatMap((section, at) => {
      if (section.is === 'endnotes') return []
      const groups = grouped(section.blocks)
      const written = groups.map((group, i) => this.group(group, at > 0 && section.newPage && i === 0))
      // Notes at the end stand behind the text, under their heading: at the end of a section that gathers them.
      const notes = section.is === 'text' ? sections.find(one => one.is === 'endnotes')?.blocks[0] : undefined
      if (notes?.is === 'paragraph') {
        const heading = this.paragraph(notes, true)
        return [`<text:section text:style-name="Gathering" text:name="Text">${written.join('')}${heading}</text:section>`]
      }
      return section.is === 'contents' ? [written[0] ?? '', this.contents()] : written
    })
    return `${HEAD}<office:document-content ${SPACES} office:version="1.2"><office:automatic-styles>${[...this.own.values(), ...this.marks.values()].join('')}`
      + `<style:style style:name="Ruled" style:family="table-cell"><style:table-cell-properties fo:border-top="0.75pt solid #000000" fo:border-bottom="0.5pt solid #000000" fo:padding="2pt"/></style:style>`
      + `<style:style style:name="Open" style:family="table-cell"><style:table-cell-properties fo:padding="2pt"/></style:style>`
      + `<style:style style:name="Closing" style:family="table-cell"><style:table-cell-properties fo:border-bottom="0.75pt solid #000000" fo:padding="2pt"/></style:style>`
      + '<style:style style:name="Gathering" style:family="section"><style:section-properties><text:notes-configuration text:note-class="endnote"/></style:section-properties></style:style>'
      + `</office:automatic-styles><office:body><office:text>${body.join('\n')}</office:text></office:body></office:document-content>`
  }

  // Blocks --------------------------------------------------------------------------------------------------------------

  private group(group: Grouped, newPage = false): string {
    switch (group.is) {
      case 'break': return `<text:p text:style-name="${this.styled('body', { first: 0 }, true)}"/>`
      case 'quotation':
      case 'verse': return group.paragraphs.map(one => this.paragraph(one)).join('')
      case 'list': {
        const items = group.items.map(item => `<text:list-item>${item.map(one => this.group(one)).join('')}</text:list-item>`).join('')
        return `<text:list text:style-name="${group.ordered ? 'Numbers' : 'Points'}">${items}</text:list>`
      }
      case 'captioned': {
        const own = group.thing?.is === 'table' ? this.table(group.thing) : group.thing ? this.picture(group.thing) : ''
        return [...group.above.map(one => this.paragraph(one)), own, ...group.below.map(one => this.paragraph(one))].join('')
      }
      default: return this.paragraph(group.paragraph, newPage)
    }
  }

  private paragraph(paragraph: PrintedParagraph, newPage = false): string {
    const { role, runs, lead, item, anchor, look } = paragraph
    const level = headingLevel(paragraph)
    const number = lead && !item ? `${this.runs(lead)}<text:tab/>` : ''
    const bookmark = anchor ? `<text:bookmark text:name="${escapeHtml(anchor)}"/>` : ''
    const style = newPage || (look && !item) ? this.styled(role, item ? {} : (look ?? {}), newPage) : styleName(role)
    const tag = level ? 'text:h' : 'text:p'
    return `<${tag} text:style-name="${style}"${level ? ` text:outline-level="${level}"` : ''}>${bookmark}${number}${this.runs(runs)}</${tag}>`
  }

  private table({ rows, headed, name }: PrintedTable): string {
    const count = Math.max(1, ...rows.map(row => row.length))
    const row = (cells: PrintedParagraph[][], style: string) =>
      `<table:table-row>${Array.from({ length: count }, (_, i) => `<table:table-cell office:value-type="string" table:style-name="${style}">${(cells[i] ?? []).map(one => this.paragraph(one)).join('') || '<text:p/>'}</table:table-cell>`).join('')}</table:table-row>`
    const [first, ...rest] = rows
    const body = headed ? rest : rows
    const head = headed && first ? `<table:table-header-rows>${row(first, 'Ruled')}</table:table-header-rows>` : ''
    const lines = body.map((cells, i) => row(cells, i === body.length - 1 ? 'Closing' : i === 0 && !headed ? 'Ruled' : 'Open')).join('')
    return `<table:table table:name="${escapeHtml(name)}"><table:table-column table:number-columns-repeated="${count}"/>${head}${lines}</table:table>`
  }

  private picture({ picture, alt, name, look }: PrintedPicture): string {
    const read = pictureBytes(picture)
    if (!read) return ''
    const { margins, width: page, height: high } = this.paper.geometry
    const { width, height } = fitted(pictureSize(read.bytes), page - margins.left - margins.right, high - margins.top - margins.bottom)
    const file = `Pictures/${this.pictures.length + 1}.${read.type}`
    this.pictures.push({ name: file, type: read.type, bytes: read.bytes })
    return `<text:p text:style-name="${look ? this.styled('picture', look) : styleName('picture')}"><draw:frame draw:name="${escapeHtml(name)}" text:anchor-type="as-char" `
      + `svg:width="${width.toFixed(2)}pt" svg:height="${height.toFixed(2)}pt"><draw:image xlink:href="${file}" xlink:type="simple" xlink:show="embed" xlink:actuate="onLoad"/>`
      + `<svg:desc>${escapeHtml(alt)}</svg:desc></draw:frame></text:p>`
  }

  private contents(): string {
    const lines = this.paper.sections.find(section => section.is === 'contents')?.blocks ?? []
    const own = lines.flatMap(line => (line.is === 'paragraph' && line.role === 'contents-line' ? [line] : []))
    const template = [1, 2, 3].map(level => `<text:table-of-content-entry-template text:outline-level="${level}" text:style-name="ContentsLine"><text:index-entry-text/><text:index-entry-tab-stop style:type="right" style:leader-char="."/><text:index-entry-page-number/></text:table-of-content-entry-template>`).join('')
    return `<text:table-of-content text:name="Contents" text:protected="false"><text:table-of-content-source text:outline-level="3">${template}</text:table-of-content-source>`
      + `<text:index-body>${own.map(one => `<text:p text:style-name="ContentsLine"><text:a xlink:type="simple" xlink:href="#${escapeHtml(one.leads ?? '')}">${this.runs(one.runs)}</text:a></text:p>`).join('')}</text:index-body></text:table-of-content>`
  }

  // Words ---------------------------------------------------------------------------------------------------------------

  private runs(runs: readonly PrintedRun[]): string {
    return runs.map(run => this.run(run)).join('')
  }

  private run(run: PrintedRun): string {
    if (run.note !== undefined) {
      const end = this.paper.notesAt === 'end'
      const body = (this.paper.notes[run.note - 1] ?? []).map(one => this.paragraph({ ...one, anchor: `note-${run.note}-${one.note ?? 'more'}` })).join('')
      return `<text:note text:id="ftn${run.note}" text:note-class="${end ? 'endnote' : 'footnote'}"><text:note-citation>${run.note}</text:note-citation><text:note-body>${body}</text:note-body></text:note>`
    }
    const css = [
      run.italic ? 'fo:font-style="italic"' : '',
      run.bold ? 'fo:font-weight="bold"' : '',
      run.underline ? 'style:text-underline-style="solid" style:text-underline-width="auto"' : '',
      run.smallCaps ? 'fo:font-variant="small-caps"' : '',
      run.superscript ? 'style:text-position="super 65%"' : '',
      run.subscript ? 'style:text-position="sub 65%"' : '',
    ].filter(Boolean).join(' ')
    const words = spaced(escapeHtml(run.text)).replace(/\n/gu, '<text:line-break/>')
    const out = css ? `<text:span text:style-name="${this.mark(css)}">${words}</text:span>` : words
    return run.link ? `<text:a xlink:type="simple" xlink:href="${escapeHtml(run.link)}">${out}</text:a>` : out
  }

  private mark(css: string): string {
    const name = `T${[...this.marks.keys()].indexOf(css) + 1 || this.marks.size + 1}`
    if (!this.marks.has(css)) this.marks.set(css, `<style:style style:name="${name}" style:family="text"><style:text-properties ${css}/></style:style>`)
    return name
  }

  // Styles --------------------------------------------------------------------------------------------------------------

  /** A look of one paragraph's own, as a style made for it under its role's. */
  private styled(role: (typeof ROLES)[number], look: Partial<Look>, newPage = false): string {
    const full = { ...this.paper.geometry.looks[role], ...look }
    const xml = `style:family="paragraph" style:parent-style-name="${styleName(role)}"><style:paragraph-properties ${paragraphCss(full)}${newPage ? ' fo:break-before="page"' : ''}/>`
    const at = [...this.own.keys()].indexOf(xml)
    const name = `P${at < 0 ? this.own.size + 1 : at + 1}`
    if (at < 0) this.own.set(xml, `<style:style style:name="${name}" ${xml}</style:style>`)
    return name
  }

  styles(): string {
    const { geometry } = this.paper
    const { looks, face, width, height, margins } = geometry
    const roles = ROLES.map((role) => {
      const name = styleName(role)
      const tabs = role === 'entry' && looks.entry.left ? `<style:tab-stops><style:tab-stop style:position="0pt"/></style:tab-stops>` : ''
      return `<style:style style:name="${name}" style:display-name="${shownName(name)}" style:family="paragraph" style:parent-style-name="Standard">`
        + `<style:paragraph-properties ${paragraphCss(looks[role])}>${tabs}</style:paragraph-properties><style:text-properties ${textCss(looks[role], face)}/></style:style>`
    }).join('')
    const list = (name: string, level: (at: number) => string) => `<text:list-style style:name="${name}">${[1, 2, 3, 4].map(level).join('')}</text:list-style>`
    const place = (at: number) => `<style:list-level-properties text:list-level-position-and-space-mode="label-alignment"><style:list-level-label-alignment text:label-followed-by="listtab" fo:text-indent="-18pt" fo:margin-left="${36 * at}pt"/></style:list-level-properties>`
    const full = geometry.noteNumber === 'full-size'
    const notes = (kind: string, style: string) => `<text:notes-configuration text:note-class="${kind}" text:default-style-name="${style}" text:citation-body-style-name="NoteMark" text:citation-style-name="NoteNumber" style:num-format="1" text:start-value="0"${kind === 'footnote' ? ' text:start-numbering-at="document" text:footnotes-position="page"' : ''}${full ? ' style:num-suffix=". "' : ' style:num-suffix=" "'}/>`
    return `${HEAD}<office:document-styles ${SPACES} office:version="1.2"><office:font-face-decls><style:font-face style:name="${face}" svg:font-family="'${face}'"/></office:font-face-decls>`
      + `<office:styles><style:style style:name="Standard" style:family="paragraph"><style:text-properties ${textCss(looks.body, face)} fo:language="${escapeHtml(this.paper.language.split('-')[0]!)}"/></style:style>${roles}`
      + headStyles(looks.head, width - margins.left - margins.right)
      + '<style:style style:name="NoteMark" style:family="text"><style:text-properties style:text-position="super 65%"/></style:style>'
      + `<style:style style:name="NoteNumber" style:family="text"><style:text-properties${full ? '' : ' style:text-position="super 65%"'}/></style:style>`
      + list('Numbers', at => `<text:list-level-style-number text:level="${at}" style:num-format="${['1', 'a', 'i', '1'][at - 1]}" style:num-suffix=".">${place(at)}</text:list-level-style-number>`)
      + list('Points', at => `<text:list-level-style-bullet text:level="${at}" text:bullet-char="${at % 2 ? '•' : '◦'}">${place(at)}</text:list-level-style-bullet>`)
      + `${notes('footnote', 'Footnote')}${notes('endnote', 'Endnote')}</office:styles>`
      + `<office:automatic-styles><style:page-layout style:name="Page"><style:page-layout-properties fo:page-width="${width}pt" fo:page-height="${height}pt" `
      + `fo:margin-top="36pt" fo:margin-bottom="36pt" fo:margin-left="${margins.left}pt" fo:margin-right="${margins.right}pt"/>`
      + `<style:header-style><style:header-footer-properties fo:min-height="${margins.top - 36}pt"/></style:header-style>`
      + `<style:footer-style><style:header-footer-properties fo:min-height="${margins.bottom - 36}pt"/></style:footer-style></style:page-layout></office:automatic-styles>`
      + `<office:master-styles><style:master-page style:name="Standard" style:page-layout-name="Page">${this.head('top', false)}${this.head('top', true)}${this.head('bottom', false)}${this.head('bottom', true)}</style:master-page></office:master-styles></office:document-styles>`
  }

  /** The words at the head or foot; those of the first page where they are other. */
  private head(place: HeadLine['place'], first: boolean): string {
    const { heads } = this.paper.geometry
    if (first && !heads.some(head => head.on !== 'every')) return ''
    const name = `style:${place === 'top' ? 'header' : 'footer'}${first ? '-first' : ''}`
    const own = headsOn(heads, first).filter(head => head.place === place)
    const words = (align: HeadLine['align']) => own.filter(head => head.align === align)
      .map(head => escapeHtml(headWords(head, this.paper, '\u0001')).replace('\u0001', '<text:page-number text:select-page="current"/>')).join(' ')
    if (own.length === 1) return `<${name}><text:p text:style-name="${own[0]!.align === 'left' ? 'Header' : own[0]!.align === 'right' ? 'HeadRight' : 'HeadCentre'}">${words(own[0]!.align)}</text:p></${name}>`
    return `<${name}><text:p text:style-name="HeadTabs">${own.length ? `${words('left')}<text:tab/>${words('centre')}<text:tab/>${words('right')}` : ''}</text:p></${name}>`
  }
}

/** Heads at the right or in the middle; and those of several parts, at tabs. */
const headStyles = (look: Look, measure: number): string =>
  (['HeadRight', 'HeadCentre'] as const).map(name => `<style:style style:name="${name}" style:family="paragraph" style:parent-style-name="Header"><style:paragraph-properties fo:text-align="${name === 'HeadRight' ? 'end' : 'center'}"/></style:style>`).join('')
  + `<style:style style:name="HeadTabs" style:family="paragraph" style:parent-style-name="Header"><style:paragraph-properties ${paragraphCss(look)}><style:tab-stops>`
  + `<style:tab-stop style:position="${measure / 2}pt" style:type="center"/><style:tab-stop style:position="${measure}pt" style:type="right"/></style:tab-stops></style:paragraph-properties></style:style>`

const ALIGN = { left: 'start', centre: 'center', right: 'end', justified: 'justify' } as const
const paragraphCss = (look: Look): string =>
  `fo:text-align="${ALIGN[look.align]}" fo:line-height="${Math.round(look.leading * 100)}%" fo:margin-top="${look.before}pt" fo:margin-bottom="${look.after}pt" `
  + `fo:margin-left="${look.left}pt" fo:margin-right="${look.right}pt" fo:text-indent="${look.first}pt" fo:orphans="2" fo:widows="2"${look.keepNext ? ' fo:keep-with-next="always"' : ''}`
const textCss = (look: Look, face: string): string =>
  `style:font-name="${face}" fo:font-size="${look.size}pt" fo:font-style="${look.italic ? 'italic' : 'normal'}" fo:font-weight="${look.bold ? 'bold' : 'normal'}"`
  + `${look.underline ? ' style:text-underline-style="solid"' : ''}${look.smallCaps ? ' fo:font-variant="small-caps"' : ''}`

/** Spaces in a row are one in this format, unless they are counted (ODF 1.2, 6.1.3). */
const spaced = (text: string): string => text.replace(/ {2,}/gu, all => ` <text:s text:c="${all.length - 1}"/>`).replace(/\t/gu, '<text:tab/>')
