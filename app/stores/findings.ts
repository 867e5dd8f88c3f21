/** What Check finds in the open paper: made in a worker, a moment behind the writer; what was left, and fixes done. */
import { computed, ref, shallowRef, watch } from 'vue'
import { defineStore } from 'pinia'
import type { Remote } from 'comlink'
import type { Family, Finding } from '~~/core/check/finding'
import { changedBlocks, withBlocks } from '~~/core/sheet/changed-blocks'
import { count } from '~/utils/words'
import { startTask } from '~/workers/start'
import type { CheckWorker, Given, MendedPaper, ShownFinding } from '~/workers/check.worker'
import { useComposition } from './composition'
import { PaperFeed } from './feed'
import { useNotices } from './notices'
import { usePaper } from './paper'
import { useSources, type PaperSource } from './sources'
import { useText } from './text'
import { useUndo } from './undo'

export type { ShownFinding } from '~/workers/check.worker'

/** How long the writer rests before the paper is read again, in milliseconds. */
const REST = 350

export const useFindings = defineStore('findings', () => {
  const store = usePaper()
  const owned = useSources()
  const written = useText()
  const composed = useComposition()
  const undo = useUndo()
  const notices = useNotices()

  const all = shallowRef<readonly ShownFinding[]>([])
  /** Whether the paper has been read at all; and whether it is being read now. */
  const known = ref(false)
  const busy = ref(false)
  const failed = ref('')
  /** Rules that came to grief, each with what happened to it. */
  const faults = shallowRef<readonly string[]>([])
  /** Ids of what was left; before papers kept that, each source did. */
  const left = computed(() => new Set([
    ...(store.paper?.left ?? []),
    ...owned.sources.flatMap(source => source.settled.map(id => idOf(source, { id }))),
  ]))
  /** Of a source's findings those that stand. */
  const standingOf = (source: Pick<PaperSource, 'id'>, findings: readonly Finding[]): readonly Finding[] =>
    left.value.size ? findings.filter(one => !left.value.has(idOf(source, one))) : findings
  const standing = computed(() => all.value.filter(one => !left.value.has(one.id)))
  const leftNow = computed(() => all.value.filter(one => left.value.has(one.id)))

  let worker: Remote<CheckWorker> | undefined
  let thread: Worker | undefined
  let paperId = ''
  /** What the worker was given last. */
  const feed = new PaperFeed()
  let given: { passages?: unknown, words?: unknown } = {}
  let timer: ReturnType<typeof setTimeout> | undefined
  let reading: Promise<void> | undefined

  /** Begins to read the paper, and goes on as it changes. */
  function start() {
    if (!import.meta.client || worker) return
    const started = startTask('check')
    thread = started.thread
    worker = started.remote
    void read()
  }
  function fail() {
    failed.value = 'The paper could not be read through. Nothing in it is lost; try again.'
    busy.value = false
    stop()
  }
  function stop() {
    thread?.terminate()
    worker = undefined
    thread = undefined
    feed.forget()
    given = {}
  }
  function again() {
    failed.value = ''
    start()
  }

  function whatChanged(): Given {
    const out: Given = feed.change()
    const [passages, words] = [owned.passages, composed.words]
    if (words !== given.words) out.words = words
    if (passages !== given.passages)
      out.passages = passages.map(({ sourceId, form, words, original, locator }) => ({ sourceId, form, words, original, locator }))
    given = { passages, words }
    return out
  }
  async function read() {
    clearTimeout(timer)
    if (!worker || !store.paper) return
    if (store.paper.id !== paperId) {
      paperId = store.paper.id
      feed.forget()
      given = {}
      known.value = false
      all.value = []
    }
    const change = whatChanged()
    if (known.value && !Object.keys(change).length) return
    busy.value = true
    const work = worker.check(change).then((read) => {
      all.value = read.found
      faults.value = read.faults
      known.value = true
      busy.value = false
    }, fail)
    await (reading = work)
  }
  /** Everything that was changed is read. */
  async function settle() {
    await read()
    await reading
  }
  if (import.meta.client) {
    watch(
      [
        () => written.body,
        () => owned.sources,
        () => owned.passages,
        () => store.style,
        () => store.paper?.title,
        () => store.paper?.details,
        () => composed.words,
      ],
      () => {
        if (!worker) return
        clearTimeout(timer)
        timer = setTimeout(() => void read(), REST)
      },
    )
  }

  // What is done about them ---------------------------------------------------------------------------------------------

  function leave({ id, brief }: Pick<ShownFinding, 'id' | 'brief'>) {
    store.changePaper({ left: [...store.paper!.left, id] })
    undo.did(`Left as it is: ${brief.toLowerCase()}.`, async () => takeUp({ id }))
  }
  const leaveOf = (source: Pick<PaperSource, 'id'>, finding: Finding) => leave({ ...finding, id: idOf(source, finding) })
  function takeUp({ id }: Pick<ShownFinding, 'id'>) {
    store.changePaper({ left: store.paper!.left.filter(one => one !== id) })
    const source = owned.sources.find(one => one.settled.some(kept => idOf(one, { id: kept }) === id))
    if (source) owned.changeSource(source.id, { settled: source.settled.filter(kept => idOf(source, { id: kept }) !== id) })
  }

  /** Puts what the worker mended into the paper as one undo. */
  function put({ blocks, sources, unlisted }: MendedPaper, says: string) {
    const body = written.body
    const next = blocks ? withBlocks(body, blocks) : body
    const before = sources.flatMap(({ id }) => owned.byId.get(id) ?? [])
    if (blocks) written.replaceBody(next)
    for (const { id, kind, fields } of sources) owned.changeSource(id, { kind, fields })
    for (const id of unlisted) owned.changeUse(id, { listed: false })
    void read()
    undo.did(says, async () => {
      for (const { id, kind, fields } of before) owned.changeSource(id, { kind, fields })
      for (const id of unlisted) owned.changeUse(id, { listed: true })
      if (blocks) {
        // What was written since stays: only the blocks that were mended become what they were.
        const back = changedBlocks(next, body)
        if (written.body === next) written.replaceBody(body)
        else if (back && written.body.content?.length === back.of) written.replaceBody(withBlocks(written.body, back))
        else notices.say('The text was changed since, so the fix stays in it.', { bad: true })
      }
      void read()
    })
  }
  /** What the worker answers, or nothing where it fails. */
  const answered = async <T>(work: Promise<T> | undefined): Promise<T | undefined> => {
    try { return await work }
    catch { fail(); return undefined }
  }
  async function fix(finding: ShownFinding) {
    await settle()
    const mended = await answered(worker?.mend(finding.id))
    if (failed.value) return
    if (mended) put(mended, `${finding.brief}: ${finding.fix!.label.replace(/^\p{Lu}(?!\p{Lu})/u, first => first.toLowerCase())}, done.`)
    else notices.say('The words have changed since, and it is no longer found.')
  }
  async function fixAll(family?: Family) {
    await settle()
    const mended = await answered(worker?.mendAll(family, [...left.value]))
    if (mended?.done) put(mended, `${count(mended.done, 'fix', 'fixes')} done.`)
  }
  const shown = { all, left, standingOf, standing, leftNow, known, busy, failed, faults }
  return { ...shown, leaveOf, start, stop, again, settle, leave, takeUp, fix, fixAll }
})

/** A finding about a source is one of the paper's by the source's id before its own. */
const idOf = (source: { id: string }, finding: { id: string }): string => `${source.id}:${finding.id}`
