/** How the paper's page sets every sort of paragraph: what the sheet, List and Hand in show is what is printed. */
import { choicesOf } from '~~/core/sheet/choices'
import { looksOf } from '~~/core/sheet/looks'

/** CSS pixels a point: the page is shown as large as it prints. */
export const PX = 4 / 3

export function usePageLooks() {
  const store = usePaper()
  const choices = computed(() => choicesOf(store.style, store.paper?.details ?? {}))
  const looks = computed(() => looksOf(store.style, choices.value))
  return { choices, looks }
}
