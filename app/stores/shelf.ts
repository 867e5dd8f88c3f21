/** What is done to the sources of a paper as wholes: in, out, merged, renamed. Every step can be undone. */
import { defineStore } from 'pinia'
import type { Finding } from '~~/core/check/finding'
import { replaceCited } from '~~/core/sheet/walking'
import { kindOf, type KindId } from '~~/core/source/kinds'
import { switchKind } from '~~/core/source/switching'
import type { Fields } from '~~/core/source/model'
import { request } from '~/utils/request'
import { count } from '~/utils/words'
import { useNotices } from './notices'
import { useSources, type PaperSource } from './sources'
import { useSaving } from './saving'
import { useText } from './text'
import { useUndo } from './undo'

export interface NewSource {
  /** Given where it may have to be sent twice: the second time it is the same source. */
  id?: string
  kind: KindId
  fields: Fields
  key?: string
  origin?: Record<string, unknown>
}
/** As many as one request takes in, well under the server's limit. */
const AT_ONCE = 400

export const useShelf = defineStore('shelf', () => {
  const saving = useSaving()
  const owned = useSources()
  const written = useText()
  const undo = useUndo()
  /** The paper that is open now: what is begun in it is finished in it, whichever is open by then. */
  function here() {
    const sync = saving.current!
    return {
      at: `/api/papers/${sync.id}/sources`,
      append(added: readonly PaperSource[]) {
        const ids = new Set(added.map(s => s.id))
        sync.setSources([...sync.sources.value.filter(s => !ids.has(s.id)), ...added])
      },
      without: (ids: ReadonlySet<string>) => sync.setSources(sync.sources.value.filter(s => !ids.has(s.id))),
    }
  }
  const inLots = async <T>(all: readonly T[], each: (lot: T[]) => Promise<void>) => {
    for (let i = 0; i < all.length; i += AT_ONCE) await each(all.slice(i, i + AT_ONCE))
  }

  /** New sources; those already in when `stop` says so stay in. */
  async function add(given: readonly NewSource[], progress?: (done: number) => boolean): Promise<PaperSource[]> {
    const added: PaperSource[] = []
    const { at, append } = here()
    await inLots(given, async (lot) => {
      if (progress && !progress(added.length)) return
      const lotAdded = await request<PaperSource[]>('POST', `${at}/many`, { sources: lot })
      added.push(...lotAdded)
      append(lotAdded)
    })
    return added
  }
  /** Puts sources of the shelf, or ones that were taken out, into the paper. */
  async function bringBack(ids: readonly string[]) {
    const { at, append } = here()
    await inLots(ids, async lot => append(await request<PaperSource[]>('POST', `${at}/use`, { ids: lot })))
  }
  async function letGo(ids: readonly string[]) {
    const { at, without } = here()
    await saving.flush()
    await inLots(ids, async (lot) => {
      await request('POST', `${at}/drop`, { ids: lot })
      without(new Set(lot))
    })
  }
  /** Out of this paper, with a way back. Citations of them stay in the text, marked as unknown. */
  async function remove(ids: readonly string[], says?: string) {
    await letGo(ids)
    undo.did(says ?? `${count(ids.length, 'source')} taken out of this paper; still on your shelf.`, () => bringBack(ids), 'Put back')
  }

  /** Makes one of two sources, the citations of the other with it. */
  async function merge(keep: PaperSource, drop: PaperSource, fields: Fields, kind: KindId = keep.kind) {
    const { at, without } = here()
    await saving.flush()
    const current = owned.byId.get(keep.id)!
    const before = { kind: current.kind, fields: current.fields }
    const body = written.body
    const done = await request<{ revision: number, moved: { id: string, revision: number }[] }>('POST', `${at}/merge`, {
      keep: keep.id,
      drop: drop.id,
      revision: current.revision,
      kind,
      fields,
    })
    owned.patch(keep.id, { kind, fields, revision: done.revision })
    const moved = new Map(done.moved.map(m => [m.id, m.revision]))
    owned.passages = owned.passages.map(p => (moved.has(p.id) ? { ...p, sourceId: keep.id, revision: moved.get(p.id)! } : p))
    without(new Set([drop.id]))
    const text = replaceCited(body, drop.id, keep.id)
    if (text !== body) written.replaceBody(text)
    undo.did('Two sources are one now.', async () => {
      await bringBack([drop.id])
      owned.changeSource(keep.id, before)
      if (moved.size) {
        const back = new Map(
          (
            await request<{ id: string, revision: number }[]>('POST', '/api/passages/move', { ids: [...moved.keys()], sourceId: drop.id })
          ).map((m) => [m.id, m.revision]),
        )
        owned.passages = owned.passages.map(p => (back.has(p.id) ? { ...p, sourceId: drop.id, revision: back.get(p.id)! } : p))
      }
      if (text === body) return
      // What was written since the merge is not undone with it.
      if (written.body === text) written.replaceBody(body)
      else useNotices().say('The text was changed since, so its citations still name the merged source.', { bad: true })
    })
  }

  /** Another kind; what has no place in it is put aside. */
  function changeKind(source: PaperSource, kind: KindId) {
    if (kind === source.kind) return
    const { kind: was, fields, parked } = source
    const next = switchKind(source, kind)
    owned.changeSource(source.id, next)
    const aside = Object.keys(next.parked).length - Object.keys(parked).length
    undo.did(`Now a ${kindOf(kind).label.toLowerCase()}${aside > 0 ? `; ${count(aside, 'value')} put aside, not lost` : ''}.`, async () =>
      owned.changeSource(source.id, { kind: was, fields, parked }),
    )
  }

  /** A change of fields that can be undone as one step, as a fix is. */
  function mend(source: PaperSource, change: Partial<Pick<PaperSource, 'kind' | 'fields' | 'parked'>>, says: string) {
    const before = { kind: source.kind, fields: source.fields, parked: source.parked }
    owned.changeSource(source.id, change)
    undo.did(says, async () => owned.changeSource(source.id, before))
  }

  const lower = (text: string) => text.replace(/^\p{Lu}(?!\p{Lu})/u, c => c.toLowerCase())
  /** Does what a finding offers. */
  const fix = (source: PaperSource, { brief, fix }: Finding) =>
    fix?.change.on === 'source'
    && mend(
      source,
      { fields: fix.change.fields, ...(fix.change.kind ? { kind: fix.change.kind } : {}) },
      `${brief}: ${lower(fix.label)}, done.`,
    )

  async function rename(source: PaperSource, key: string) {
    const { at } = here()
    await saving.flush()
    const current = owned.byId.get(source.id)!
    const saved = await request<{ key: string, revision: number }>('PATCH', `${at}/${source.id}`, { revision: current.useRevision, key })
    owned.patch(source.id, { key: saved.key, useRevision: saved.revision })
  }
  return { add, bringBack, letGo, remove, merge, changeKind, fix, rename }
})
