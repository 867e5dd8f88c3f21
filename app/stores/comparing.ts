/** A list made elsewhere, beside the paper's own: it stays for as long as the paper is open, and is compared again as that changes. */
import { ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import type { Remote } from 'comlink'
import type { Fields } from '~~/core/source/model'
import { count } from '~/utils/words'
import { startTask } from '~/workers/start'
import { within } from '~/workers/within'
import type { ComparedList, CompareWorker, GivenList } from '~/workers/compare.worker'
import { useComposition } from './composition'
import { usePaper } from './paper'
import { useSources } from './sources'
import { useUndo } from './undo'

/** Larger files are no lists, in bytes. */
const MOST = 20 * 1024 * 1024

export const useComparing = defineStore('comparing', () => {
  const store = usePaper()
  const owned = useSources()
  const composed = useComposition()
  const undo = useUndo()
  const given = shallowRef<GivenList>()
  const compared = shallowRef<ComparedList>()
  const busy = ref(false)
  const problem = ref('')
  let paperId = ''
  let thread: Worker | undefined
  let worker: Remote<CompareWorker> | undefined
  let round = 0

  function reader(): Remote<CompareWorker> {
    if (!worker) ({ thread, remote: worker } = startTask('compare'))
    return worker
  }
  function end() {
    thread?.terminate()
    thread = undefined
    worker = undefined
  }
  async function read() {
    if (!given.value) return
    const mine = ++round
    busy.value = true
    try {
      const plainly = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
      const sources = owned.sources.map(({ id, kind, fields }) => ({ id, kind, fields }))
      const work = reader().compare(given.value, store.style.id, plainly(composed.composition.list), plainly(sources))
      const answer = await within<ComparedList | { problem: string }>(work)
      if (mine !== round) return
      if ('problem' in answer) {
        problem.value = `The list ${answer.problem}`
        if (!compared.value) given.value = undefined
      }
      else {
        compared.value = answer
        problem.value = ''
      }
    }
    catch (error) {
      end()
      problem.value = `The list could not be read: ${(error as Error).message}. Paste a shorter one.`
    }
    finally { if (mine === round) busy.value = false }
  }
  async function take(list: GivenList) {
    problem.value = ''
    compared.value = undefined
    given.value = list
    await read()
  }
  async function takeFile(file: File) {
    if (file.size > MOST) { problem.value = `${file.name} is larger than 20 MB; no list is. It was not opened.`; return }
    await take({ bytes: new Uint8Array(await file.arrayBuffer()), name: file.name })
  }
  function putAway() {
    given.value = undefined
    compared.value = undefined
    problem.value = ''
    end()
  }
  /** Another paper has another list. */
  function open() {
    if (paperId !== store.paper?.id) putAway()
    paperId = store.paper?.id ?? ''
  }
  /** Takes values of the other list into sources, as one undo. */
  function takeDetails(details: readonly { source: string, fields: Fields }[]) {
    const before = details.flatMap(({ source }) => owned.byId.get(source) ?? [])
    for (const { source, fields } of details) {
      const now = owned.byId.get(source)
      if (now) owned.changeSource(source, { fields: { ...now.fields, ...fields } })
    }
    undo.did(`${count(details.length, 'detail')} taken from the other list.`, async () => {
      for (const { id, fields } of before) owned.changeSource(id, { fields })
    })
  }
  return { given, compared, busy, problem, open, read, take, takeFile, putAway, takeDetails }
})
