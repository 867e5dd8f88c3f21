/**
 * Tables and figures with their number and title and the line beneath, set as the style wants and drawn by hand: the
 * number is Dendle's, a figure's caption is text of the paper, a table's title and the credit are given beside the sheet.
 */
import { mergeAttributes, Node } from '@tiptap/core'
import type { Node as PmNode } from '@tiptap/pm/model'
import type { EditorView, NodeView } from '@tiptap/pm/view'
import { Table } from '@tiptap/extension-table'
import { isAppendix } from '~~/core/sheet/appendices'
import { captionLines, creditLine, labelOf, type CaptionPlace } from '~~/core/sheet/captions'
import { isOwnPicture } from '~~/core/sheet/pictures'
import { richPieces, type InlinePiece } from '~~/core/sheet/blocks'
import type { Composition } from '~~/core/compose/compose'
import type { Source } from '~~/core/source/model'
import type { CaptionForm, Style } from '~~/core/styles/schema'
import type { Run } from '~~/core/text/runs'

export interface CaptionSight {
  now: () => { style: Style, sources: readonly Source[], list: Composition['list'] }
  /** Every view on the sheet, drawn again when the style, the list or the order changes. */
  views: Set<CaptionedView>
}
export interface CaptionAttrs { title?: string, credit: string, from: string, src?: string, alt?: string }

const element = (tag: string, name: string, text = ''): HTMLElement => {
  const one = document.createElement(tag)
  if (name) one.className = name
  if (text) one.textContent = text
  return one
}
const still = (one: HTMLElement): HTMLElement => { one.contentEditable = 'false'; return one }

/** Common to both: a frame, the caption above or below, the line beneath. */
abstract class CaptionedView implements NodeView {
  readonly dom: HTMLElement
  abstract readonly contentDOM: HTMLElement
  protected readonly credit = still(element('p', 'credit'))
  private shown = ''

  constructor(
    protected node: PmNode,
    private readonly view: EditorView,
    private readonly place: () => number | undefined,
    private readonly sight: CaptionSight,
    tag: string,
  ) {
    this.dom = element(tag, '')
    sight.views.add(this)
  }

  protected abstract what: 'table' | 'figure'
  protected abstract setCaption(form: CaptionForm, label: string, n: number): void

  /** Draws the number, the title and the credit; nothing is touched when they are as before. */
  draw() {
    const { style, sources, list } = this.sight.now()
    const form = style.page.captions[this.what]
    const number = this.number()
    const label = labelOf(style, this.what, number)
    const attrs = this.node.attrs as CaptionAttrs
    const credit = creditLine(style, attrs, sources, list)
    const signature = JSON.stringify([label, form, attrs.title, attrs.src, attrs.alt, credit, this.node.content.size === 0])
    if (signature === this.shown) return
    this.shown = signature
    this.dom.className = `captioned ${this.what} ${form.place}${form.centred ? ' centred' : ''}`
    this.setCaption(form, label, number.number)
    this.credit.replaceChildren(...credit.map(drawn))
    this.credit.hidden = !credit.length
  }

  /** Its place among those of its kind, in all the paper and in its appendix. */
  private number(): Required<CaptionPlace> {
    const at = this.place()
    const place = { number: 1, appendix: 0, numberThere: 1 }
    this.view.state.doc.descendants((node, pos) => {
      if (at === undefined || pos >= at) return false
      if (isAppendix({ type: node.type.name, attrs: node.attrs })) { place.appendix++; place.numberThere = 1 }
      if (node.isTextblock && node.type.name !== 'figure') return false
      if (node.type.name === this.what) { place.number++; place.numberThere++ }
      return true
    })
    return place
  }

  update(node: PmNode): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.draw()
    return true
  }

  ignoreMutation(mutation: { target: globalThis.Node, type: string }): boolean {
    return mutation.type === 'selection' ? false : !this.contentDOM.contains(mutation.target)
  }

  destroy() {
    this.sight.views.delete(this)
  }
}
const drawn = ({ text, italic, bold, superscript, smallCaps }: Run | InlinePiece): HTMLElement => {
  const one = element(superscript ? 'sup' : 'span', [italic ? 'italic' : '', bold ? 'font-bold' : ''].join(' ').trim(), text)
  if (smallCaps) one.style.fontVariant = 'small-caps'
  return one
}

class FigureView extends CaptionedView {
  protected what = 'figure' as const
  readonly contentDOM = element('span', 'title')
  private readonly picture = still(element('div', 'picture'))
  private readonly caption = element('figcaption', '')

  constructor(node: PmNode, view: EditorView, place: () => number | undefined, sight: CaptionSight) {
    super(node, view, place, sight, 'figure')
    this.dom.append(this.picture, this.caption, this.credit)
    this.draw()
  }

  protected setCaption(form: CaptionForm, text: string, n: number) {
    const { src, alt } = this.node.attrs as CaptionAttrs
    const label = still(
      element(
        'span',
        `label ${form.labelled === 'bold' ? 'font-bold' : form.labelled === 'italic' ? 'italic' : ''}`,
        captionLines(form, text, [])[0]![0]!.text + (form.between === '\n' ? '' : form.between),
      ),
    )
    if (form.between === '\n') label.classList.add('block')
    this.contentDOM.className = `title ${this.node.content.size ? '' : 'none '}${form.titled === 'italic' ? 'italic' : form.titled === 'bold' ? 'font-bold' : ''}`
    if (this.contentDOM.parentNode !== this.caption) this.caption.append(this.contentDOM)
    this.caption.querySelector('.label')?.remove()
    this.caption.prepend(label)
    const img = document.createElement('img')
    const own = isOwnPicture(src)
    if (own) { img.src = src; img.alt = alt || `Figure ${n} of this paper`; img.draggable = false }
    this.picture.replaceChildren(own ? img : element('div', 'no-picture', src ? 'A picture from elsewhere: put in its file.' : 'The picture goes here.'))
  }
}

class TableView extends CaptionedView {
  protected what = 'table' as const
  readonly contentDOM = document.createElement('tbody')
  private readonly caption = still(element('div', 'caption'))

  constructor(node: PmNode, view: EditorView, place: () => number | undefined, sight: CaptionSight) {
    super(node, view, place, sight, 'div')
    const table = document.createElement('table')
    table.append(this.contentDOM)
    this.dom.append(this.caption, table, this.credit)
    this.draw()
  }

  protected setCaption(form: CaptionForm, label: string) {
    const lines = captionLines(form, label, richPieces((this.node.attrs as CaptionAttrs).title ?? ''))
    this.caption.replaceChildren(...lines.map((line) => { const one = element('p', ''); one.append(...line.map(drawn)); return one }))
  }
}

const kept = (name: string) => ({
  default: '',
  parseHTML: (el: HTMLElement) => el.getAttribute(`data-${name}`) ?? '',
  renderHTML: (attrs: Record<string, unknown>) => (attrs[name] ? { [`data-${name}`]: String(attrs[name]) } : {}),
})

/** A picture with its caption. */
export const Figure = (sight: CaptionSight) =>
  Node.create({
    name: 'figure',
    group: 'block',
    content: 'inline*',
    defining: true,
    isolating: true,
    draggable: true,
    addAttributes: () => ({ src: kept('src'), alt: kept('alt'), credit: kept('credit'), from: kept('from') }),
    parseHTML: () => [{ tag: 'figure[data-figure]', contentElement: 'figcaption' }],
    renderHTML: ({ HTMLAttributes, node }) => [
      'figure',
      mergeAttributes(HTMLAttributes, { 'data-figure': '' }),
      ['img', { src: isOwnPicture(node.attrs.src) ? node.attrs.src : null, alt: (node.attrs as CaptionAttrs).alt }],
      ['figcaption', {}, 0],
    ],
    addNodeView:
      () =>
      ({ node, view, getPos }) =>
        new FigureView(node, view, getPos, sight),
    addKeyboardShortcuts() {
      const inside = () =>
        this.editor.state.selection.$from.parent.type.name === this.name ? this.editor.state.selection.$from : undefined
      return {
        // A caption is one paragraph: Enter goes on behind the figure, which is never made two.
        Enter: () => {
          const $from = inside()
          return $from
            ? this.editor
                .chain()
                .insertContentAt($from.after(), { type: 'paragraph' })
                .setTextSelection($from.after() + 1)
                .scrollIntoView()
                .run()
            : false
        },
        // Backspace where the caption begins chooses the figure; once more takes it out.
        Backspace: () => {
          const $from = inside()
          return $from && this.editor.state.selection.empty && $from.parentOffset === 0
            ? this.editor.commands.setNodeSelection($from.before())
            : false
        },
      }
    },
  })

export const CaptionedTable = (sight: CaptionSight) => Table.extend({
  addAttributes() { return { ...this.parent?.(), title: kept('title'), credit: kept('credit'), from: kept('from') } },
  addNodeView: () => ({ node, view, getPos }) => new TableView(node, view, getPos, sight),
}).configure({ resizable: false })
