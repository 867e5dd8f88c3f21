/** The open paper's sources and their passages, as they are here. */
import { computed } from 'vue'
import { defineStore } from 'pinia'
import type { PassageText } from '~~/core/source/passages'
import type { Passage, PaperSource } from '~/saving/held'
import { useSaving } from './saving'

export type { Passage, PaperSource } from '~/saving/held'

type SourceChange = Partial<Pick<PaperSource, 'kind' | 'fields' | 'parked' | 'settled'>>
type UseChange = Partial<Pick<PaperSource, 'listed' | 'leftOut' | 'annotation' | 'division'>>

export const useSources = defineStore('sources', () => {
  const saving = useSaving()
  const none: readonly never[] = []
  /** Replaced when one of them changes, never changed in place: what is composed of a source is kept by its fields. */
  const sources = computed<readonly PaperSource[]>({
    get: () => saving.current?.sources.value ?? none,
    set: (all) => { saving.current?.setSources(all) },
  })
  const passages = computed<readonly Passage[]>({
    get: () => saving.current?.passages.value ?? none,
    set: (all) => { saving.current?.setPassages(all) },
  })
  const byId = computed(() => new Map(sources.value.map(s => [s.id, s])))

  /** What the server has answered about a source; not a change of the writer's. */
  const patch = (id: string, change: Partial<PaperSource>) => {
    sources.value = sources.value.map((source) => (source.id === id ? { ...source, ...change } : source))
  }
  const changeSource = (id: string, change: SourceChange) => saving.current?.change({ thing: 'source', id }, change)
  const changeUse = (id: string, change: UseChange) => saving.current?.change({ thing: 'use', id }, change)
  const changePassage = (id: string, change: Partial<PassageText>) => saving.current?.change({ thing: 'passage', id }, change)
  return { sources, passages, byId, patch, changeSource, changeUse, changePassage }
})
