/** What a worker is told of the open paper: everything at first, after that what is other. */
import { toRaw } from 'vue'
import { changedBlocks } from '~~/core/sheet/changed-blocks'
import type { DocNode } from '~~/core/sheet/document'
import type { PaperChange } from '~/workers/fed-paper'
import { usePaper } from './paper'
import { useSources } from './sources'
import { useText } from './text'

export class PaperFeed {
  private given: { [K in 'style' | 'sources' | 'title' | 'details']?: unknown } & { doc?: DocNode } = {}
  private readonly store = usePaper()
  private readonly owned = useSources()
  private readonly written = useText()

  /** The worker that is told next knows nothing. */
  forget() {
    this.given = {}
  }

  change(): PaperChange {
    const { store, owned, written, given } = this
    const now = { style: store.style.id, sources: owned.sources, title: store.paper?.title ?? '', details: store.paper?.details ?? {} }
    const out: PaperChange = {}
    if (now.style !== given.style) out.style = now.style
    if (now.title !== given.title) out.title = now.title
    if (now.details !== given.details) out.details = { ...now.details }
    if (now.sources !== given.sources)
      out.sources = now.sources.map(({ id, kind, fields, listed, leftOut, annotation, division }) => ({
        id,
        kind,
        fields: plainly(fields),
        listed,
        leftOut,
        annotation,
        ...(division ? { division } : {}),
      }))
    const doc = written.body
    const blocks = given.doc && given.doc !== doc ? changedBlocks(given.doc, doc) : undefined
    if (!given.doc) out.doc = plainly(doc)
    else if (blocks) out.blocks = plainly(blocks)
    this.given = { ...now, doc }
    return out
  }
}

/** Without what makes it reactive: a worker takes plain objects. */
const plainly = <T extends object>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T
