/** The open paper as a worker has it: given whole at first, and after that only what is other. */
import { Composer, type Composition } from '~~/core/compose/compose'
import { sameList } from '~~/core/compose/paper'
import { withBlocks, type BlocksChange } from '~~/core/sheet/changed-blocks'
import { emptyDocument, type DocNode } from '~~/core/sheet/document'
import { listing, type ListPart } from '~~/core/sheet/listing'
import { citationsOf, creditedIn } from '~~/core/sheet/walking'
import type { Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'
import type { Style } from '~~/core/styles/schema'

export type GivenSource = Source & { listed: boolean, leftOut: boolean, annotation: string, division?: string }
/** What of the paper is other than at the last time; everything at the first. */
export interface PaperChange {
  style?: string
  sources?: readonly GivenSource[]
  doc?: DocNode
  blocks?: BlocksChange
  title?: string
  details?: Record<string, string>
}

export class FedPaper {
  sources: readonly GivenSource[] = []
  doc: DocNode = emptyDocument()
  title = ''
  details: Record<string, string> = {}
  private styleId = 'apa-7'
  private readonly composer = new Composer()
  /** What bears on the list, kept while the sources and headings are what they were: what is composed of it is kept by it. */
  private listed: { of: readonly GivenSource[], headings: string | undefined, part: ListPart } | undefined

  change({ style, sources, doc, blocks, title, details }: PaperChange) {
    if (style !== undefined) this.styleId = style
    if (sources) this.sources = sources.map(source => this.sameSource(source))
    if (doc) this.doc = doc
    if (blocks) this.doc = withBlocks(this.doc, blocks)
    if (title !== undefined) this.title = title
    if (details) this.details = details
  }

  get style(): Style {
    return styleOf(this.styleId)!
  }

  get listPart(): ListPart {
    const { headings } = this.details
    if (!this.listed || this.listed.headings !== headings || !sameList(this.listed.of, this.sources))
      this.listed = { of: this.sources, headings, part: listing(this.sources, headings) }
    return this.listed.part
  }

  compose(): Composition {
    return this.composer.compose(this.style, this.sources, {
      ...this.listPart,
      citations: citationsOf(this.doc),
      alsoList: [...new Set([...this.listPart.alsoList, ...creditedIn(this.doc)])],
    })
  }

  /** A source that says what it said is the object it was: what was made of it is not made again. */
  private sameSource(source: GivenSource): GivenSource {
    const before = this.sources.find(one => one.id === source.id)
    if (!before) return source
    const fields = JSON.stringify(before.fields) === JSON.stringify(source.fields) ? before.fields : source.fields
    return fields === before.fields && JSON.stringify(before) === JSON.stringify(source) ? before : { ...source, fields }
  }
}
