/** The open paper: its title, style and details; opening it, and what becomes of it when two windows change it. */
import { computed } from 'vue'
import { defineStore } from 'pinia'
import { STYLES, styleOf } from '~~/core/styles'
import type { PaperRecord, Workspace } from '~/saving/held'
import { useSaving } from './saving'
import { useUndo } from './undo'

export type { PaperRecord, Workspace } from '~/saving/held'

export const usePaper = defineStore('paper', () => {
  const saving = useSaving()
  const paper = computed(() => saving.current?.record.value)
  const style = computed(() => styleOf(paper.value?.style ?? '') ?? STYLES[0]!)
  const conflict = computed(() => saving.current?.conflict.value)

  async function open(id: string, workspace: Workspace) {
    useUndo().open(id)
    await saving.takeOverKept(await saving.open(id, workspace))
  }
  const changePaper = (change: Partial<Pick<PaperRecord, 'title' | 'style' | 'details' | 'left'>>) => {
    const { current } = saving
    current?.change({ thing: 'paper', id: current.id }, change)
  }
  /** Changes some details; the others stay as they are by then. */
  const changeDetails = (details: Record<string, string>) => changePaper({ details: { ...paper.value?.details, ...details } })
  const decide = async (keep: 'mine' | 'theirs') => saving.current?.decide(keep)
  return { paper, style, conflict, open, decide, changePaper, changeDetails }
})
