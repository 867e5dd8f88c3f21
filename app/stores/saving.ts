/** Saving behind the writer's back: the papers that are on their way, what is kept of them in this browser, and how it stands. */
import { computed, ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import type { Workspace } from '~/saving/held'
import { keep, keepAtOnce, openWindow, takeOver } from '~/saving/kept'
import { PaperSync, type SaveState, type Sight } from '~/saving/paper-sync'
import { request } from '~/utils/request'
import { useNotices } from './notices'

/** How long leaving a paper waits for what was typed last, in milliseconds; what is not saved by then goes on behind. */
const LEAVING = 1500

export const useSaving = defineStore('saving', () => {
  const notices = useNotices()
  /** The open paper; and the others that are not all at the server yet. */
  const opened = shallowRef<PaperSync>()
  const current = computed(() => opened.value)
  const others = new Map<string, PaperSync>()
  /** Something was typed that a field or the sheet has not yet handed over. */
  const typing = ref(false)
  const state = computed<SaveState>(() => {
    const now = current.value?.state.value ?? 'saved'
    return typing.value && now === 'saved' ? 'waiting' : now
  })
  const problem = computed(() => current.value?.problem.value ?? '')
  const savedAt = computed(() => current.value?.savedAt.value)
  const unkept = computed(() => Boolean(current.value?.unkept.value) && state.value !== 'saved')
  /** This window's name, and those of the windows whose work it took over: what they saved is its own. */
  let window = ''
  const own = new Set<string>()
  /** Ends when the open paper is shown no more. */
  let shows = new AbortController()

  // Fields and the sheet hold back what was just typed for a moment; they are asked for it before anything is saved,
  // left, or replaced from elsewhere.
  const holders = new Set<() => void>()
  /** @returns what ends it */
  function holdsBack(handOver: () => void): () => void {
    holders.add(handOver)
    return () => holders.delete(handOver)
  }
  let settling = false
  function settle() {
    if (settling) return
    settling = true
    try { for (const handOver of [...holders]) handOver() }
    finally { settling = false }
  }
  let shown: Sight['shown'] = () => undefined
  /** Whoever shows the text is told at once when it is replaced from elsewhere. */
  const onShown = (tell: Sight['shown']) => { shown = tell }

  /** Begins to save a paper, with what closed windows of this browser had not yet handed over. */
  async function open(id: string, workspace: Workspace): Promise<PaperSync> {
    if (current.value && current.value.id !== id) leave()
    if (!import.meta.server) window ||= openWindow()
    if (window) own.add(window)
    const left = others.get(id) ?? (current.value?.id === id ? current.value : undefined)
    others.delete(id)
    const sync = left?.hasUnsaved() ? left : new PaperSync(id, workspace, {
      request,
      keep: jobs => (window ? keep(id, window, jobs) : Promise.resolve()),
      signed: () => (window ? { by: window } : {}),
      isOwn: by => Boolean(by) && own.has(by!),
    }, (text, { offer, bad = Boolean(offer) } = {}) =>
      notices.say(text, { bad, ...(offer ? { lasting: true, action: offer } : {}) }))
    opened.value = sync
    shows.abort()
    shows = new AbortController()
    sync.show({ settle, shown: body => shown(body) })
    // What is here is newer than what was just loaded, and is joined with it.
    if (sync === left) sync.pull(workspace)
    return sync
  }
  /** When the paper is shown: what windows kept that are open no more. */
  async function takeOverKept(sync: PaperSync) {
    if (import.meta.server) return
    await takeOver(sync.id, window, {
      until: shows.signal,
      take: async ({ by, jobs }) => {
        own.add(by)
        for (const job of jobs) sync.restore(job, by)
        await sync.kept()
      },
      failed: (error) => {
        console.error(error)
        notices.say('What another window of this paper had not saved could not be read. It is left in this browser, and tried again when the paper is next opened.', { bad: true, lasting: true })
      },
    })
  }
  /** The open paper is shown no more; what of it is unsaved goes on. */
  function leave() {
    const sync = current.value
    if (!sync) return
    shows.abort()
    sync.show(undefined)
    if (sync.hasUnsaved()) {
      others.set(sync.id, sync)
      const again = () => void sync.flush().then(() => { if (!sync.hasUnsaved()) others.delete(sync.id) })
      again()
    }
    opened.value = undefined
  }
  /** Before the page of a paper gives way to another: waits a moment for the last save, and no longer. */
  async function leaving() {
    const sync = current.value
    if (!sync) return
    await Promise.race([sync.flush(), new Promise(resolve => setTimeout(resolve, LEAVING))])
    if (sync.hasUnsaved() && sync.state.value !== 'gone')
      notices.say(`“${sync.record.value.title}” is not saved yet. It is kept in this browser and sent as soon as Dendle’s server answers.`, { bad: true })
  }

  const flush = async () => {
    settle()
    await Promise.all([current.value?.flush(), ...[...others.values()].map(sync => sync.flush())])
    for (const [id, sync] of others) if (!sync.hasUnsaved()) others.delete(id)
  }
  const hasUnsaved = () => {
    settle()
    return Boolean(current.value?.hasUnsaved()) || [...others.values()].some(sync => sync.hasUnsaved())
  }
  /** The page is being left, and nothing can be waited for. */
  function keepNow() {
    settle()
    for (const sync of [current.value, ...others.values()]) if (sync) keepAtOnce(sync.id, window, sync.unsavedNow())
    void flush()
  }
  return {
    state,
    typing,
    problem,
    savedAt,
    unkept,
    current,
    holdsBack,
    settle,
    onShown,
    open,
    takeOverKept,
    leave,
    leaving,
    flush,
    hasUnsaved,
    keepNow,
  }
})
