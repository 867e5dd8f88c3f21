/** The text of the open paper, and the citations in it. */
import { ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import type { Citation } from '~~/core/compose/compose'
import { emptyDocument, type DocNode } from '~~/core/sheet/document'
import { creditedIn, placedCitations } from '~~/core/sheet/walking'
import { useSaving } from './saving'

export const useText = defineStore('text', () => {
  const saving = useSaving()
  /** Replaced when it changes, never changed in place: blocks that stayed are the same objects. */
  const body = shallowRef<DocNode>(emptyDocument())
  /** Counts up when the text was replaced from outside the editor. */
  const bodyVersion = ref(0)
  // Typing changes the body at every key but the citations seldom: composing waits for those.
  const citations = shallowRef<Citation[]>([])
  /** The place of each citation, by the id of its node. */
  const citationPlaces = shallowRef(new Map<string, number>())
  /** Sources that tables and figures are taken from. */
  const credited = shallowRef<string[]>([])
  let paperId = ''
  let signature = ''
  function read(doc: DocNode) {
    body.value = doc
    const [all, from] = [placedCitations(doc), creditedIn(doc)]
    const [next, ids] = [all.map(({ citation }) => citation), all.map(({ id }) => id)]
    const now = JSON.stringify([next, ids, from])
    if (now === signature) return
    signature = now
    citations.value = next
    citationPlaces.value = new Map(ids.map((id, i) => [id, i]))
    credited.value = from
  }
  /** Shows a text that is not to be saved: a paper opened, or another window's. */
  function show(doc: DocNode) {
    read(doc)
    bodyVersion.value++
  }
  const open = (id: string, doc: DocNode) => {
    paperId = id
    show(doc)
  }
  /** What the editor has now. */
  const write = (doc: DocNode) => {
    saving.typing = false
    read(doc)
    saving.queue({ thing: 'paper', id: paperId, change: { body: doc } })
  }
  /** Gives the text from outside the editor: it is saved, and the editor takes it. */
  const replaceBody = (doc: DocNode) => {
    write(doc)
    bodyVersion.value++
  }
  return { body, bodyVersion, citations, citationPlaces, credited, open, show, write, replaceBody }
})
