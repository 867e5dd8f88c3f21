/** The open paper's pages, as they print: set in a worker, and again when the writer rests. */
import { ref, shallowRef, watch } from 'vue'
import { defineStore } from 'pinia'
import type { Remote } from 'comlink'
import { startTask } from '~/workers/start'
import type { PagesWorker, ShownSheet } from '~/workers/pages.worker'
import { PaperFeed } from './feed'
import { usePaper } from './paper'
import { useSources } from './sources'
import { useText } from './text'

export type { ShownLine, ShownPage, ShownSheet } from '~/workers/pages.worker'

/** How long the writer rests before the pages are set again, in milliseconds. */
const REST = 300

export const usePages = defineStore('pages', () => {
  const store = usePaper()
  const owned = useSources()
  const written = useText()
  const sheet = shallowRef<ShownSheet>()
  const busy = ref(false)
  const failed = ref('')
  const feed = new PaperFeed()
  /** The block of a paper's text where the writer was last: Hand in opens at its page. */
  const lastPlace = ref<{ paper: string, block: number }>()
  let worker: Remote<PagesWorker> | undefined
  let thread: Worker | undefined
  let paperId = ''
  let timer: ReturnType<typeof setTimeout> | undefined
  let again = false

  /** Begins to set the pages, and goes on as the paper changes. */
  function start() {
    if (!import.meta.client) return
    if (!worker) {
      const started = startTask('pages')
      thread = started.thread
      worker = started.remote
    }
    void lay()
  }
  function fail(error: unknown) {
    failed.value = `The pages could not be set: ${(error as Error).message}. The paper itself is safe; try again.`
    busy.value = false
    again = false
    thread?.terminate()
    worker = undefined
    thread = undefined
    feed.forget()
  }
  function retry() {
    failed.value = ''
    start()
  }
  async function lay() {
    clearTimeout(timer)
    if (!worker || !store.paper) return
    if (busy.value) { again = true; return }
    if (store.paper.id !== paperId) {
      paperId = store.paper.id
      sheet.value = undefined
      feed.forget()
    }
    const change = feed.change()
    if (sheet.value && !Object.keys(change).length) return
    busy.value = true
    try { sheet.value = await worker.lay(change) }
    catch (error) { fail(error); return }
    busy.value = false
    if (again) {
      again = false
      await lay()
    }
  }
  if (import.meta.client)
    watch([() => written.body, () => owned.sources, () => store.style, () => store.paper?.title, () => store.paper?.details], () => {
      if (!worker) return
      clearTimeout(timer)
      timer = setTimeout(() => void lay(), REST)
    })
  return { sheet, busy, failed, lastPlace, start, retry }
})
