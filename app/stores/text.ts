/** The text of the open paper, and the citations in it. */
import { computed, shallowRef, watch } from 'vue'
import { defineStore } from 'pinia'
import type { Citation } from '~~/core/compose/compose'
import { joinTexts } from '~~/core/sheet/changed-blocks'
import { emptyDocument, type DocNode } from '~~/core/sheet/document'
import { creditedIn, placedCitations } from '~~/core/sheet/walking'
import { useSaving } from './saving'

/** What a text is replaced by from outside the editor: as one step that Undo takes back, or as another window's words. */
export type Replaced = (body: DocNode, undoable: boolean) => void

export const useText = defineStore('text', () => {
  const saving = useSaving()
  const empty = emptyDocument()
  /** Replaced when it changes, never changed in place: blocks that stayed are the same objects. */
  const body = computed<DocNode>(() => saving.current?.body.value ?? empty)
  // Typing changes the body at every key but the citations seldom: composing waits for those.
  const citations = shallowRef<Citation[]>([])
  /** The place of each citation, by the id of its node. */
  const citationPlaces = shallowRef(new Map<string, number>())
  /** Sources that tables and figures are taken from. */
  const credited = shallowRef<string[]>([])
  let signature = ''
  function read(doc: DocNode) {
    const [all, from] = [placedCitations(doc), creditedIn(doc)]
    const [next, ids] = [all.map(({ citation }) => citation), all.map(({ id }) => id)]
    const now = JSON.stringify([next, ids, from])
    if (now === signature) return
    signature = now
    citations.value = next
    citationPlaces.value = new Map(ids.map((id, i) => [id, i]))
    credited.value = from
  }
  watch(body, read, { immediate: true, flush: 'sync' })

  let replaced: Replaced | undefined
  /** The editor is told at once when the text is replaced from outside it, so that no key can come between. */
  const onReplaced = (tell: Replaced | undefined) => { replaced = tell }
  saving.onShown(doc => replaced?.(doc, false))

  /**
   * What the editor has now.
   * @param from what it was shown, or gave, last: words that came since from elsewhere and that it never saw are joined
   * @returns the text that stands
   */
  function write(doc: DocNode, from = body.value): DocNode {
    saving.typing = false
    const { current } = saving
    const unseen = body.value === from ? undefined : body.value
    const joined = unseen ? joinTexts(from, doc, unseen) : doc
    if (!joined) current?.keepState('Words from elsewhere that the sheet did not show', unseen!)
    const next = joined ?? doc
    current?.change({ thing: 'paper', id: current.id }, { body: next })
    if (unseen && joined) replaced?.(next, false)
    return next
  }
  /** Gives the text from outside the editor: it is saved, and the editor takes it, as a step of its own. */
  function replaceBody(doc: DocNode) {
    const before = body.value
    saving.settle()
    // What was typed a moment ago, and had not been handed over when the text was made, stays where the two do not meet;
    // where they do, it is among the earlier states.
    const typed = body.value
    const joined = typed === before ? doc : joinTexts(before, doc, typed)
    if (!joined) saving.current?.keepState('Before the text was changed as a whole', typed)
    const next = joined ?? doc
    write(next)
    replaced?.(next, true)
  }
  return { body, citations, citationPlaces, credited, onReplaced, write, replaceBody }
})
