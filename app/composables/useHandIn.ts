/** What Hand in shows and does: pages, places on them, what is other since the last look, and the ways out. */
import { useEventListener } from '@vueuse/core'
import { z } from 'zod'
import type { Way } from '~~/core/handin/way-rows'
import { hash } from '~~/core/check/finding'
import type { Origin } from '~~/core/sheet/printed'
import type { ShownLine, ShownSheet } from '~/stores/pages'

/** Where a line of a page is from, as a key that stays while the words change. */
export const keyOf = (from: Origin): string => JSON.stringify(from)

/** The words of everything on the pages, each by where it is from, as short keys. */
function wordsBy(sheet: ShownSheet): Map<string, string> {
  const all = new Map<string, string>()
  for (const page of sheet.pages)
    for (const { from, texts } of page.lines)
      if (from) all.set(keyOf(from), (all.get(keyOf(from)) ?? '') + texts.map(text => text.text).join(''))
  return all
}

/** What this browser showed of a paper's pages, and when: hashes of the words of each of its places. */
const shownSchema = z.object({ at: z.string(), words: z.array(z.string()) })
type Shown = z.infer<typeof shownSchema>

function seen(key: string): Shown | undefined {
  if (!import.meta.client) return undefined
  try { return shownSchema.parse(JSON.parse(remembered(key) ?? 'null')) }
  catch { return undefined }
}

/**
 * What is other since this browser last showed the paper's pages. What was moved is not other: its words are known by
 * themselves, wherever they stand.
 */
export function useSinceLastLook() {
  const store = usePaper()
  const pages = usePages()
  const key = `dendle-seen-${store.paper!.id}`
  const before = seen(key)
  const marked = ref(false)
  const changed = computed(() => {
    if (!before || !pages.sheet) return new Set<string>()
    const known = new Set(before.words)
    return new Set([...wordsBy(pages.sheet)].filter(([, words]) => words.trim() && !known.has(hash(words))).map(([key]) => key))
  })
  const isChanged = ({ from }: ShownLine) => marked.value && from !== undefined && changed.value.has(keyOf(from))
  // Written at once: what waits for the next tick is never written by a view that is being left.
  const keep = () => {
    if (!pages.sheet) return
    const shown: Shown = { at: new Date().toISOString(), words: [...new Set([...wordsBy(pages.sheet).values()].map(hash))] }
    // A browser that keeps nothing has nothing to mark, which is no reason to trouble the writer.
    remember(key, JSON.stringify(shown))
  }
  onBeforeUnmount(keep)
  useEventListener('pagehide', keep)
  return { since: before?.at, changed, marked, isChanged }
}

/** Takes the paper away as a file; long ones show that they are on their way, and can be stopped. */
export function useTaking() {
  const store = usePaper()
  const saving = useSaving()
  const notices = useNotices()
  const taking = ref<Way | 'zip'>()
  let stopper: AbortController | undefined

  async function take(way: Way | 'zip', what: string) {
    if (taking.value) return
    taking.value = way
    stopper = new AbortController()
    const { signal } = stopper
    await notices.attempt(async () => {
      await saving.flush()
      if (saving.hasUnsaved())
        throw new Error('Some of the paper is not saved yet, so the file would be out of date. Try again when the head says Saved.')
      const response = await fetch(`/api/papers/${store.paper!.id}/take/${way}?day=${today()}`, { signal }).catch((error: unknown) => {
        if (signal.aborted) return undefined
        throw new Error(`Dendle could not be reached, so there is no file yet. Try again. (${(error as Error).message})`)
      })
      if (!response) return
      if (!response.ok)
        throw new Error(((await response.json().catch(() => ({}))) as { message?: string }).message ?? 'The file could not be made. The paper is safe; try again.')
      const blob = await response.blob().catch(() => undefined)
      if (!blob || signal.aborted) return
      const name = /filename\*=UTF-8''([^;]+)/u.exec(response.headers.get('content-disposition') ?? '')?.[1]
      downloadBlob(name ? decodeURIComponent(name) : `paper.${way}`, blob)
      notices.say(`${what} is in your downloads.`)
    })
    taking.value = undefined
  }
  function stop() {
    stopper?.abort()
    taking.value = undefined
  }
  onBeforeUnmount(() => stopper?.abort())
  return { taking, take, stop }
}

/** The day as it is where the writer is. */
function today(): string {
  const now = new Date()
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()].map(part => String(part).padStart(2, '0')).join('-')
}
