/** The passages taken for this paper: made, changed as one writes, taken away and brought back. */
import { computed } from 'vue'
import { defineStore } from 'pinia'
import { foldWords } from '~~/core/text/filing'
import { plainText } from '~~/core/sheet/walking'
import { readPassage, standsIn, type PassageText } from '~~/core/source/passages'
import { request } from '~/utils/request'
import { useNotices } from './notices'
import { useSources, type Passage } from './sources'
import { useSaving } from './saving'
import { useText } from './text'
import { useUndo } from './undo'

export const usePassages = defineStore('passages', () => {
  const saving = useSaving()
  const owned = useSources()
  const written = useText()
  const bySource = computed(() => {
    const map = new Map<string, Passage[]>()
    for (const passage of owned.passages) map.set(passage.sourceId, [...(map.get(passage.sourceId) ?? []), passage])
    return map
  })
  const of = (sourceId: string): readonly Passage[] => bySource.value.get(sourceId) ?? []
  const folded = computed(() => foldWords(plainText(written.body)))
  /** Ids of passages whose words stand in the paper. */
  const used = computed(() => new Set(owned.passages.filter(p => standsIn(p.words, folded.value)).map(p => p.id)))
  const put = (passage: Passage) => { owned.passages = [...owned.passages.filter(p => p.id !== passage.id), passage] }

  async function take(sourceId: string, text: PassageText): Promise<Passage> {
    const sync = saving.current!
    const made = await request<Passage>('POST', `/api/papers/${sync.id}/passages`, { sourceId, ...text })
    sync.setPassages([...sync.passages.value.filter(p => p.id !== made.id), made])
    return made
  }
  /** What is on the clipboard, as a quotation. */
  async function takeFromClipboard(sourceId: string): Promise<Passage | undefined> {
    const text = (await navigator.clipboard.readText()).trim()
    if (!text) {
      useNotices().say('There is no text on the clipboard. Copy the words from the source first.', { bad: true })
      return undefined
    }
    return take(sourceId, readPassage(text))
  }

  async function remove(passage: Passage) {
    await saving.flush()
    await request('DELETE', `/api/passages/${passage.id}`)
    owned.passages = owned.passages.filter(p => p.id !== passage.id)
    useUndo().did(
      'The passage is taken away.',
      async () => put(await request<Passage>('POST', `/api/passages/${passage.id}/restore`)),
      'Bring it back',
    )
  }
  return { of, used, take, takeFromClipboard, change: owned.changePassage, remove }
})
