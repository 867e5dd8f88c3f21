/**
 * How a citation looks on the sheet. Drawn by hand: a paper has thousands, and each must cost nothing while a letter is
 * typed elsewhere.
 */
import type { Node as PmNode } from '@tiptap/pm/model'
import type { Decoration, NodeView } from '@tiptap/pm/view'
import { plain, type Run } from '~~/core/text/runs'

export interface Drawn {
  runs: readonly Run[]
  /** Of a note: its number and its text, for those who hear the page. */
  note?: { number: number, text: string }
}
export interface CitationSight {
  drawn: (id: string) => Drawn
  /** Every view on the sheet, to be drawn again when what is composed changes. */
  views: Set<CitationView>
}

export class CitationView implements NodeView {
  readonly dom = document.createElement('span')
  private shown = ''
  private ahead = ''

  constructor(private node: PmNode, decorations: readonly Decoration[], private readonly sight: CitationSight) {
    this.dom.className = 'citation'
    this.dom.contentEditable = 'false'
    this.dom.setAttribute('role', 'group')
    this.dom.setAttribute('aria-roledescription', 'citation')
    this.ahead = aheadOf(decorations)
    sight.views.add(this)
    this.draw()
  }

  update(node: PmNode, decorations: readonly Decoration[]): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.ahead = aheadOf(decorations)
    this.draw()
    return true
  }

  /** Draws what is composed now; nothing is touched when it is the same as before. */
  draw() {
    const id = String(this.node.attrs.id)
    const { runs, note } = this.sight.drawn(id)
    const signature = `${id} ${this.ahead} ${note?.number ?? ''} ${runs.map((run) => `${run.text}${run.italic ? 1 : 0}${run.superscript ? 1 : 0}${run.smallCaps ? 1 : 0}`).join('\u0000')}`
    if (signature === this.shown) return
    this.shown = signature
    this.dom.dataset.cid = id
    const text = plain(runs)
    this.dom.setAttribute('aria-label', note ? `Note ${note.number}: ${note.text}` : `Citation: ${text || 'nothing to print'}`)
    this.dom.classList.toggle('raised', Boolean(runs[0]?.superscript))
    // The mark that the raised number stands behind comes before the raised end of the runs.
    const cut = this.ahead ? runs.findLastIndex(run => !run.superscript) + 1 : runs.length
    const pieces = runs.slice(0, cut).map(element)
    if (this.ahead) pieces.push(document.createTextNode(this.ahead), ...runs.slice(cut).map(element))
    if (!text.trim()) {
      const none = document.createElement('span')
      none.className = 'text-soft'
      none.textContent = '[nothing to print]'
      pieces.push(none)
    }
    this.dom.replaceChildren(...pieces)
  }

  selectNode() { this.dom.classList.add('selected') }
  deselectNode() { this.dom.classList.remove('selected') }
  ignoreMutation = (): boolean => true
  destroy() { this.sight.views.delete(this) }
}

const aheadOf = (decorations: readonly Decoration[]): string =>
  (decorations as readonly { spec?: { ahead?: string } }[]).find((one) => one.spec?.ahead)?.spec?.ahead ?? ''

function element(run: Run): Node {
  const span = document.createElement(run.superscript ? 'sup' : 'span')
  if (run.italic) span.classList.add('italic')
  if (run.bold) span.classList.add('font-bold')
  if (run.smallCaps) span.style.fontVariant = 'small-caps'
  span.textContent = run.text
  return span
}
