/**
 * The open paper: its text, its sources, its style, and what the core makes of them. Everything changes here first and
 * is saved behind.
 */
import { defineStore } from 'pinia'
import { del, get, set } from 'idb-keyval'
import { Composer, filingOrder, type Citation, type Composition } from '~~/core/compose/compose'
import { countParts, COUNTED, total, type Counted } from '~~/core/sheet/count'
import { divided } from '~~/core/sheet/divisions'
import { emptyDocument, type DocNode } from '~~/core/sheet/document'
import { citationIdsOf, citationsOf, creditedIn } from '~~/core/sheet/walking'
import { withField, type Fields, type Source } from '~~/core/source/model'
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { STYLES, styleOf } from '~~/core/styles'
import { writeName, type Name } from '~~/core/source/names'
import { writeDate, type SourceDate } from '~~/core/source/dates'
import { joinFields } from '~~/core/source/joining'
import type { PassageText } from '~~/core/source/passages'
import { request } from '~/utils/request'
import { useNotices } from './notices'
import { Saver, type Job, type SaveState } from '~/utils/saver'

export interface PaperSource extends Source {
  /** Values put aside because its kind has no place for them. */
  parked: Fields
  /** Ids of findings the writer chose to leave. */
  settled: string[]
  revision: number
  key: string
  listed: boolean
  annotation: string
  division: string
  useRevision: number
  addedAt: string
}
export interface PaperRecord { id: string, title: string, style: string, body: DocNode, details: Record<string, string>, revision: number, updatedAt: string }
export interface Passage extends PassageText { id: string, sourceId: string, revision: number, createdAt: string }
interface Workspace { paper: PaperRecord, sources: PaperSource[], passages: Passage[] }
/** A job as it waits in the browser, with the revision it was made from: what changed elsewhere meanwhile is met, not overwritten. */
type KeptJob = Job & { from?: number | undefined }
interface Conflict { body: DocNode, title: string, style: string, details: Record<string, string>, revision: number, updatedAt: string }

export const usePaper = defineStore('paper', () => {
  const paper = ref<PaperRecord>()
  /** Replaced when one of them changes, never changed in place: what is composed of a source is kept by its fields. */
  const sources = shallowRef<PaperSource[]>([])
  const passages = shallowRef<Passage[]>([])
  const saverState = ref<SaveState>('saved')
  /** Something was typed that the sheet has not yet handed over. */
  const typing = ref(false)
  const saveState = computed<SaveState>(() => (typing.value && saverState.value === 'saved' ? 'waiting' : saverState.value))
  const saveProblem = ref('')
  const savedAt = ref<Date>()
  const conflict = shallowRef<Conflict>()
  /** Counts up when the text was replaced from outside the editor. */
  const bodyVersion = ref(0)
  let saver: Saver | undefined

  // What the core makes of it -------------------------------------------------------------------------------------
  const style = computed(() => styleOf(paper.value?.style ?? '') ?? STYLES[0]!)
  const body = shallowRef<DocNode>(emptyDocument())
  // Typing changes the body at every key but the citations seldom: composing waits for those.
  const citations = shallowRef<Citation[]>([])
  /** The place of each citation, by the id of its node. */
  const citationPlaces = shallowRef(new Map<string, number>())
  /** Sources that tables and figures are taken from. */
  const credited = shallowRef<string[]>([])
  let signature = ''
  function readCitations(doc: DocNode) {
    const next = citationsOf(doc)
    const ids = citationIdsOf(doc)
    const from = creditedIn(doc)
    const now = JSON.stringify([next, ids, from])
    if (now === signature) return
    signature = now
    citations.value = next
    citationPlaces.value = new Map(ids.map((id, i) => [id, i]))
    credited.value = from
  }
  /** What is listed without being cited: kept so by the writer, or credited under a table or figure. */
  const alsoList = computed(() => [...new Set([...sources.value.filter(s => s.listed).map(s => s.id), ...credited.value])])
  const composer = new Composer()
  const composition = computed<Composition>(() => composer.compose(style.value, sources.value, { citations: citations.value, alsoList: alsoList.value, ...divided(sources.value) }))
  /** What counts as words, as this paper's writer chose; papers from before quotations could be left out count them. */
  const counted = computed<Counted[]>(() => {
    const { countedParts, counted: before } = paper.value?.details ?? {}
    const names = (countedParts ?? (before === undefined ? 'quoted,headings,blockQuotations' : `quoted,${before}`)).split(',')
    return COUNTED.filter(part => names.includes(part))
  })
  const counts = computed(() => countParts(body.value, composition.value))
  const words = computed(() => total(counts.value, counted.value))
  const citedTimes = computed(() => {
    const times = new Map<string, number>()
    for (const citation of citations.value) for (const { id } of citation.items) times.set(id, (times.get(id) ?? 0) + 1)
    return times
  })
  const byId = computed(() => new Map(sources.value.map(s => [s.id, s])))
  /** Sources in the order a list of all of them files them. */
  const filed = computed(() => filingOrder(style.value, sources.value).map(id => byId.value.get(id)!))
  const patch = (id: string, change: Partial<PaperSource>) => { sources.value = sources.value.map(source => (source.id === id ? { ...source, ...change } : source)) }

  // The sheet holds back what was just typed for a moment; it is asked for before anything is saved or left.
  let before: (() => void) | undefined
  const beforeFlush = (settle: (() => void) | undefined) => { before = settle }

  // Loading and saving --------------------------------------------------------------------------------------------
  const shelfKey = (id: string) => `dendle-unsaved:${id}`

  function adopt(workspace: Workspace) {
    paper.value = workspace.paper
    sources.value = workspace.sources
    passages.value = workspace.passages
    body.value = workspace.paper.body
    readCitations(body.value)
    savedAt.value = new Date(workspace.paper.updatedAt)
    bodyVersion.value++
  }

  async function open(id: string, workspace: Workspace) {
    conflict.value = undefined
    saverState.value = 'saved'
    adopt(workspace)
    saver = new Saver({
      send,
      keep: jobs => void (jobs.length ? set(shelfKey(id), JSON.parse(JSON.stringify(jobs.map((job): KeptJob => ({ ...job, from: revisionOf(job.key) }))))) : del(shelfKey(id))).catch(() => undefined),
      state: (state, problem) => {
        saverState.value = state
        saveProblem.value = problem ?? ''
        if (state === 'saved') savedAt.value = new Date()
      },
      conflict: settle,
    })
    if (import.meta.server) return
    // What this browser had not yet handed over when it was last closed.
    const kept = await get<KeptJob[]>(shelfKey(id)).catch(() => undefined)
    kept?.forEach((job) => {
      apply(job)
      saver!.queue(job)
    })
  }

  function revisionOf(key: string): number | undefined {
    if (key === 'paper') return paper.value?.revision
    const id = key.slice(key.indexOf(':') + 1)
    if (key.startsWith('passage:')) return passages.value.find(p => p.id === id)?.revision
    const source = byId.value.get(id)
    return key.startsWith('use:') ? source?.useRevision : source?.revision
  }

  /** Puts a change that waited in the browser back into what is shown, with the revision it was made from. */
  function apply({ key, change: { base: _, ...change }, from }: KeptJob) {
    if (key === 'paper' && paper.value) {
      Object.assign(paper.value, change, from && { revision: from })
      if (change.body) { body.value = change.body as DocNode; readCitations(body.value); bodyVersion.value++ }
    }
    if (key.startsWith('source:')) patch(key.slice(7), { ...change, ...(from ? { revision: from } : {}) })
    if (key.startsWith('use:')) patch(key.slice(4), { ...change, ...(from ? { useRevision: from } : {}) })
    if (key.startsWith('passage:')) patchPassage(key.slice(8), { ...change, ...(from ? { revision: from } : {}) })
  }

  async function send({ key, change }: Job) {
    const at = `/api/papers/${paper.value!.id}`
    if (key === 'paper') {
      const saved = await request<{ revision: number }>('PATCH', at, { revision: paper.value!.revision, ...change })
      paper.value!.revision = saved.revision
      return
    }
    const [what, id] = key.split(':') as [string, string]
    if (what === 'passage') {
      const passage = passages.value.find(p => p.id === id)
      if (passage) patchPassage(id, { revision: (await request<Passage>('PATCH', `/api/passages/${id}`, { revision: passage.revision, ...change })).revision })
      return
    }
    const source = byId.value.get(id)
    if (!source) return
    const { base: _, ...given } = change
    if (what === 'source') patch(id, { revision: (await request<{ revision: number }>('PATCH', `/api/sources/${id}`, { revision: source.revision, ...given })).revision })
    else patch(id, { useRevision: (await request<{ revision: number }>('PATCH', `${at}/sources/${id}`, { revision: source.useRevision, ...given })).revision })
  }

  /** A change met a newer state. What differs in other places is joined; where both wrote, the writer decides. */
  async function settle(job: Job, current: unknown): Promise<boolean> {
    if (job.key === 'paper') {
      const theirs = current as Conflict
      // What was typed last may still lie on the sheet: a text that is here alone is never taken for one that is there.
      before?.()
      const mine = saver?.unsaved().find(({ key }) => key === 'paper')?.change ?? job.change
      const same = mine.body !== undefined && JSON.stringify(theirs.body) === JSON.stringify(mine.body)
      if (mine.body === undefined || same) {
        if (!same) await adoptElsewhere(theirs)
        // A newer revision is taken over with all that it stands for; over it goes what was changed here.
        Object.assign(paper.value!, { title: theirs.title, style: theirs.style, details: theirs.details, updatedAt: theirs.updatedAt, ...mine, revision: theirs.revision })
        const { title } = mine
        if (title !== undefined && title !== theirs.title) useNotices().say(`Another tab named this paper “${theirs.title}”. The title typed here stays.`, { bad: true, action: { label: 'Take the other', run: () => changePaper({ title: theirs.title }) } })
        return true
      }
      conflict.value = theirs
      return false
    }
    const [what, id] = job.key.split(':') as [string, string]
    if (what === 'passage') {
      const theirs = current as Passage
      patchPassage(id, { ...theirs, ...job.change, revision: theirs.revision })
      const { words } = job.change
      if (words !== undefined && words !== theirs.words) useNotices().say('Another tab changed this passage. What is typed here stays.', { bad: true, action: { label: 'Take the other', run: () => changePassage(id, { words: theirs.words }) } })
      return true
    }
    const source = byId.value.get(id)
    if (!source) return true
    if (what === 'source') {
      const theirs = current as Pick<PaperSource, 'revision' | 'fields' | 'parked' | 'settled'>
      const { fields: joined, both } = joinFields((job.change.base ?? {}) as Fields, job.change.fields as Fields, theirs.fields)
      const beside = { parked: { ...theirs.parked, ...source.parked }, settled: [...new Set([...theirs.settled, ...source.settled])] }
      patch(id, { revision: theirs.revision, fields: joined, ...beside })
      saver!.queue({ key: job.key, change: { ...job.change, ...beside, fields: joined, base: theirs.fields } })
      both.forEach(name => offer(id, name, theirs.fields[name]))
      return true
    }
    patch(id, { useRevision: (current as { revision: number }).revision })
    return true
  }

  /** The text of another tab is the paper's by now, and nothing was written here: it is shown here too, with the sources it may cite. */
  async function adoptElsewhere(theirs: Conflict) {
    const fresh = await request<Workspace>('GET', `/api/papers/${paper.value!.id}`).catch(() => undefined)
    if (fresh) {
      // What is changed here and not saved keeps the revision it was made from, so that it is joined and not laid over.
      const unsaved = new Set(saver?.unsaved().map(({ key }) => key.slice(key.indexOf(':') + 1)))
      sources.value = fresh.sources.map(source => (unsaved.has(source.id) ? byId.value.get(source.id) ?? source : source))
      passages.value = fresh.passages.map(passage => (unsaved.has(passage.id) ? passages.value.find(({ id }) => id === passage.id) ?? passage : passage))
    }
    if (JSON.stringify(theirs.body) === JSON.stringify(body.value)) return
    body.value = theirs.body
    readCitations(body.value)
    bodyVersion.value++
    useNotices().say('Another tab wrote in this paper meanwhile. Its text stands here now.')
  }

  /** Both tabs filled one field: what was typed here stays, and the other is one step away. */
  function offer(id: string, name: FieldName, other: string | Name[] | SourceDate | undefined) {
    const words = other === undefined ? '' : typeof other === 'string' ? other : Array.isArray(other) ? other.map(writeName).join('; ') : writeDate(other)
    const label = FIELDS[name].label
    useNotices().say(words ? `Another tab gave ${label} as “${words}”. What is typed here stays.` : `Another tab emptied ${label}. What is typed here stays.`, {
      bad: true,
      action: { label: 'Take the other', run: () => changeSource(id, { fields: withField(byId.value.get(id)!.fields, name, other) }) },
    })
  }

  /** Two tabs wrote the same paper: keep this tab's text or take the other's; the one given up is kept as a snapshot. */
  async function decide(keep: 'mine' | 'theirs') {
    before?.()
    const theirs = conflict.value!
    const given = keep === 'mine' ? { title: theirs.title, body: theirs.body } : { title: paper.value!.title, body: body.value }
    await request('POST', `/api/papers/${paper.value!.id}/snapshots`, { ...given, reason: keep === 'mine' ? 'The other tab’s text, when this one was kept' : 'This tab’s text, when the other was taken' })
    paper.value!.revision = theirs.revision
    conflict.value = undefined
    if (keep === 'mine') { saver!.resume(); return }
    Object.assign(paper.value!, { title: theirs.title, style: theirs.style, details: theirs.details })
    body.value = theirs.body
    readCitations(body.value)
    bodyVersion.value++
    saver!.resume('paper')
  }

  const changePaper = (change: Partial<Pick<PaperRecord, 'title' | 'style' | 'details'>>) => {
    Object.assign(paper.value!, change)
    saver!.queue({ key: 'paper', change })
  }
  const write = (doc: DocNode) => {
    typing.value = false
    body.value = doc
    readCitations(doc)
    saver!.queue({ key: 'paper', change: { body: doc } })
  }
  const changeSource = (id: string, change: Partial<Pick<PaperSource, 'kind' | 'fields' | 'parked' | 'settled'>>) => {
    const source = byId.value.get(id)
    if (!source) return
    const waiting = saver!.unsaved().find(job => job.key === `source:${id}`)
    const base = waiting?.change.base ?? source.fields
    patch(id, change)
    const { kind, fields, parked, settled } = byId.value.get(id)!
    saver!.queue({ key: `source:${id}`, change: { kind, fields, parked, settled, base } })
  }
  const changeUse = (id: string, change: { listed?: boolean, annotation?: string, division?: string }) => {
    patch(id, change)
    saver!.queue({ key: `use:${id}`, change })
  }
  const patchPassage = (id: string, change: Partial<Passage>) => { passages.value = passages.value.map(p => (p.id === id ? { ...p, ...change } : p)) }
  const changePassage = (id: string, change: Partial<PassageText>) => {
    patchPassage(id, change)
    saver!.queue({ key: `passage:${id}`, change })
  }
  /** Gives the text from outside the editor: it is saved, and the editor takes it. */
  const replaceBody = (doc: DocNode) => {
    write(doc)
    bodyVersion.value++
  }
  const flush = async () => {
    before?.()
    await saver?.flush()
  }
  const hasUnsaved = () => {
    before?.()
    return (saver?.unsaved().length ?? 0) > 0
  }

  return { paper, sources, passages, body, bodyVersion, style, counts, counted, words, citations, citationPlaces, composition, citedTimes, alsoList, byId, filed, typing, saveState, saveProblem, savedAt, conflict,
    open, decide, changePaper, write, replaceBody, changeSource, changeUse, changePassage, patch, beforeFlush, flush, hasUnsaved }
})
