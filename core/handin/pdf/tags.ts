/** The tags of a PDF: what every piece of a page is, in the order of reading, for those who hear it or set it again. */
import type PDFDocument from 'pdfkit'
import type { PlacedLine } from '../../sheet/pages/pages'
import type { PrintedBlock, PrintedParagraph, PrintedPicture, SectionName } from '../../sheet/printed'
import type { Role } from '../../styles/roles'

type Doc = InstanceType<typeof PDFDocument>
type Element = PDFKit.PDFStructureElement

/** The standard types of PDF 1.7 (14.8.4) by role; every other is a paragraph. */
const TYPE_OF: Partial<Record<Role, string>> = {
  'title': 'H1', 'title-page-title': 'H1', 'abstract-heading': 'H2', 'contents-heading': 'H2', 'appendix-heading': 'H2', 'list-heading': 'H2', 'notes-heading': 'H2',
  'heading-1': 'H2', 'heading-2': 'H3', 'heading-3': 'H4', 'heading-4': 'H5', 'heading-5': 'H6', 'division': 'H3',
  'caption': 'Caption', 'contents-line': 'TOCI', 'note': 'Note', 'note-at-end': 'Note',
}
/** Elements that stand in one around them, for as long as they follow each other. */
const AROUND: Partial<Record<Role, string>> = {
  'contents-line': 'TOC', 'entry': 'L', 'annotation': 'L', 'quotation': 'BlockQuote', 'verse': 'BlockQuote',
}
/** A list that is open, and its last item, which lists within it stand in. */
interface OpenList { list: number, level: number, element: Element, item: Element }

export class Tags {
  private readonly root: Element
  private section: { is: SectionName, element: Element } | undefined
  private around: { key: string, element: Element } | undefined
  private lists: OpenList[] = []
  private readonly elements = new Map<unknown, Element>()
  private current: Element | undefined
  private open = false
  private readonly made: Element[] = []

  constructor(private readonly doc: Doc) {
    this.root = doc.struct('Document')
    doc.addStructure(this.root)
  }

  begin(is: SectionName) {
    if (this.section?.is === is) return
    this.section = { is, element: this.child(this.root, 'Sect') }
    this.apart()
  }

  /** What is drawn from here on is of this line's element. */
  mark(line: PlacedLine) {
    const element = this.elementOf(line)
    if (element === this.current && this.open) return
    this.close()
    element.add(this.doc.markStructureContent(String((element as unknown as { dictionary: { data: { S: string } } }).dictionary.data.S)))
    this.current = element
    this.open = true
  }

  /** What comes next stands in nothing that was before it. */
  private apart() {
    this.around = undefined
    this.lists = []
  }

  picture({ alt, name }: PrintedPicture) {
    this.close()
    this.apart()
    const element = this.child(this.section!.element, 'Figure', { alt: alt || name })
    element.add(this.doc.markStructureContent('Figure'))
    this.open = true
  }

  /** What is drawn from here on is of the page, not of the paper. */
  artifact() {
    this.close()
    this.doc.markContent('Artifact', { type: 'Pagination' })
    this.open = true
  }

  close() {
    if (this.open) this.doc.endMarkedContent()
    this.open = false
    this.current = undefined
  }

  end() {
    for (const element of this.made.reverse()) element.end()
    this.root.end()
  }

  private child(parent: Element, type: string, options: object = {}): Element {
    const element = this.doc.struct(type, options as never)
    parent.add(element)
    this.made.push(element)
    return element
  }

  private elementOf(line: PlacedLine): Element {
    if (line.is === 'note') return this.kept(`note-${line.note}`, () => this.child(this.section!.element, 'Note'))
    const { block, cell } = line
    if (cell) return this.cellOf(block!, cell)
    return this.kept(block, () => this.paragraphOf(block as PrintedParagraph))
  }

  private kept(key: unknown, make: () => Element): Element {
    const there = this.elements.get(key)
    if (there) return there
    const element = make()
    this.elements.set(key, element)
    return element
  }

  private paragraphOf(block: PrintedParagraph): Element {
    if (block.role === 'list-item') return this.child(this.itemOf(block), 'LBody')
    this.lists = []
    const around = AROUND[block.role]
    // Paragraphs of one quotation are of one block of the paper.
    const of = block.from && 'block' in block.from ? block.from.block : ''
    const key = around && `${block.role === 'annotation' ? 'entry' : block.role}${of}`
    if (!around) this.around = undefined
    else if (this.around?.key !== key) this.around = { key: key!, element: this.child(this.section!.element, around) }
    const parent = this.around?.element ?? this.section!.element
    if (around === 'L') return this.child(this.child(parent, 'LI'), 'LBody')
    return this.child(parent, TYPE_OF[block.role] ?? 'P')
  }

  /** The item that a paragraph is of: a new one, or the last where it is a further paragraph of it. */
  private itemOf({ item }: PrintedParagraph): Element {
    this.around = undefined
    const { list, level } = item ?? { list: -1, level: 0 }
    if (!item && this.lists.length) return this.lists.at(-1)!.item
    const behind = ({ level: its, list: own }: OpenList) => its > level || (its === level && own !== list)
    while (this.lists.length && behind(this.lists.at(-1)!)) this.lists.pop()
    const last = this.lists.at(-1)
    if (last?.level === level) return (last.item = this.child(last.element, 'LI'))
    const element = this.child(last?.item ?? this.section!.element, 'L')
    const first = this.child(element, 'LI')
    this.lists.push({ list, level, element, item: first })
    return first
  }

  private cellOf(table: PrintedBlock, { row, column, heading }: NonNullable<PlacedLine['cell']>): Element {
    this.apart()
    const whole = this.kept(table, () => this.child(this.section!.element, 'Table'))
    const line = this.kept(`${this.idOf(table)}-${row}`, () => this.child(whole, 'TR'))
    return this.kept(`${this.idOf(table)}-${row}-${column}`, () => this.child(line, heading ? 'TH' : 'TD', heading ? { scope: 'Column' } : {}))
  }

  private readonly ids = new Map<unknown, number>()
  private idOf(table: PrintedBlock): number {
    if (!this.ids.has(table)) this.ids.set(table, this.ids.size)
    return this.ids.get(table)!
  }
}
