/** Check's findings beside the lines that they are about, for those who wish it: nothing is marked in the text itself. */
import { useLocalStorage } from '@vueuse/core'
import type { ShownFinding } from '~/stores/findings'
import { rangeOf } from './going'
import type { PaperEditor } from './usePaperEditor'

/** Kept in the browser: a way of working, not a part of the paper. */
export const useFindingsWished = () => useLocalStorage('dendle-findings-in-margin', false, { initOnMounted: true })

/** The line over the sheet says it already, with what can be done (`MarksLeft.vue`). */
const SAID_ABOVE = 'citations.unknown-key'

export function useMarginFindings(paper: PaperEditor) {
  const found = useFindings()
  const wished = useFindingsWished()
  watch(wished, (on) => { if (on) found.start() }, { immediate: true })
  const byBlock = computed(() => {
    const map = new Map<number, ShownFinding[]>()
    if (wished.value)
      for (const one of found.standing)
        if ('block' in one.where && one.rule !== SAID_ABOVE) map.set(one.where.block, [...(map.get(one.where.block) ?? []), one])
    return map
  })
  /** How far below the top of the window the words of a finding stand, in px; nothing where they are not in the text any more. */
  function topOf({ where }: ShownFinding, block: Element): number | undefined {
    if (where.at === 'citation') return block.querySelector(`[data-cid="${where.citation}"]`)?.getBoundingClientRect().top
    if (where.at === 'block') return block.getBoundingClientRect().top
    const view = paper.editor.value?.view
    const range = where.at === 'words' && view && rangeOf(view.state.doc, where)
    return range ? view!.coordsAtPos(range.from).top : undefined
  }
  /** Shows the words: as on coming from Check. */
  function show({ where }: ShownFinding) {
    const editor = paper.editor.value
    if (!editor) return
    if (where.at === 'citation') return paper.select(where.citation)
    const range = 'block' in where && rangeOf(editor.state.doc, where)
    if (range) editor.chain().focus(undefined, { scrollIntoView: false }).setTextSelection(range).run()
  }
  return { wished, byBlock, topOf, show, fix: found.fix, leave: found.leave }
}
