/** The open paper's sources and their passages: as they are here, and how their changes are saved. */
import { computed, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import { writeDate, type SourceDate } from '~~/core/source/dates'
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { withField, type Fields, type Source } from '~~/core/source/model'
import { writeName, type Name } from '~~/core/source/names'
import type { PassageText } from '~~/core/source/passages'
import { meetSource, type SourceState } from '~/saving/policy'
import type { Job } from '~/saving/things'
import { request } from '~/utils/request'
import { useNotices } from './notices'
import { useSaving } from './saving'

export interface PaperSource extends Source {
  /** Values put aside because its kind has no place for them. */
  parked: Fields
  /** Ids of findings the writer chose to leave. */
  settled: string[]
  revision: number
  key: string
  listed: boolean
  leftOut: boolean
  annotation: string
  division: string
  useRevision: number
  addedAt: string
}
export interface Passage extends PassageText { id: string, sourceId: string, revision: number, createdAt: string, savedBy?: string | null }
type SourceChange = Partial<Pick<PaperSource, 'kind' | 'fields' | 'parked' | 'settled'>>
type UseChange = Partial<Pick<PaperSource, 'listed' | 'leftOut' | 'annotation' | 'division'>>

export const useSources = defineStore('sources', () => {
  const saving = useSaving()
  const notices = useNotices()
  /** Replaced when one of them changes, never changed in place: what is composed of a source is kept by its fields. */
  const sources = shallowRef<PaperSource[]>([])
  const passages = shallowRef<Passage[]>([])
  const byId = computed(() => new Map(sources.value.map(s => [s.id, s])))
  const passage = (id: string) => passages.value.find(p => p.id === id)
  const patch = (id: string, change: Partial<PaperSource>) => {
    sources.value = sources.value.map((source) => (source.id === id ? { ...source, ...change } : source))
  }
  const patchPassage = (id: string, change: Partial<Passage>) => {
    passages.value = passages.value.map((p) => (p.id === id ? { ...p, ...change } : p))
  }
  let paperId = ''

  function open(id: string, given: readonly PaperSource[], taken: readonly Passage[]) {
    paperId = id
    sources.value = [...given]
    passages.value = [...taken]
  }
  /** Takes over the sources as the server has them now; what is changed here and not saved keeps the revision it was made from. */
  function refresh(given: readonly PaperSource[], taken: readonly Passage[]) {
    const changed = new Set(saving.unsaved().map(({ id }) => id))
    sources.value = given.map(source => (changed.has(source.id) ? byId.value.get(source.id) ?? source : source))
    passages.value = taken.map(one => (changed.has(one.id) ? passage(one.id) ?? one : one))
  }

  /**
   * Capitals of these titles have been decided: the sources that have them are given anew, so that what is composed of
   * them is composed again. A title may have been cut or its spaces tidied before it was asked about.
   */
  function retitle(texts: ReadonlySet<string>) {
    const bare = (text: string) => text.replace(/[^\p{L}\p{N}]/gu, '').toLowerCase()
    const asked = texts.size > 50 ? [''] : [...texts].map(bare)
    const concerned = ({ fields }: PaperSource) => Object.values(fields).some((value) => {
      if (typeof value !== 'string') return false
      const own = bare(value)
      return asked.some(one => own.includes(one))
    })
    sources.value = sources.value.map(source => (concerned(source) ? { ...source, fields: { ...source.fields } } : source))
  }

  const changeSource = (id: string, change: SourceChange) => {
    const before = byId.value.get(id)
    if (!before) return
    patch(id, change)
    const { kind, fields, parked, settled } = byId.value.get(id)!
    saving.queue({ thing: 'source', id, change: { kind, fields, parked, settled }, base: before.fields })
  }
  const changeUse = (id: string, change: UseChange) => {
    patch(id, change)
    saving.queue({ thing: 'use', id, change })
  }
  const changePassage = (id: string, change: Partial<PassageText>) => {
    patchPassage(id, change)
    saving.queue({ thing: 'passage', id, change })
  }

  // How each is saved -----------------------------------------------------------------------------------------------
  interface Saved { revision: number }
  const sent = (path: string, revision: number, change: object) =>
    request<Saved>('PATCH', path, { revision, ...saving.signed(), ...change })
  const restored = (job: Job): Job[] => [job]

  saving.register('source', {
    revision: id => byId.value.get(id)?.revision,
    async send({ id, change }) {
      const source = byId.value.get(id)
      if (source) patch(id, { revision: (await sent(`/api/sources/${id}`, source.revision, change)).revision })
    },
    restore({ from, ...job }) {
      patch(job.id, { ...job.change, ...(from ? { revision: from } : {}) })
      return restored(job)
    },
    meet(job, current) {
      const source = byId.value.get(job.id)
      if (!source) return 'done'
      const theirs = current as SourceState
      const { both, ...joined } = meetSource(source, (job.base ?? {}) as Fields, theirs, saving.isOwn(theirs.savedBy))
      patch(job.id, { ...joined, revision: theirs.revision })
      both.forEach(name => offer(job.id, name, theirs.fields[name]))
      return { ...job, change: { ...job.change, ...joined }, base: theirs.fields }
    },
  })
  saving.register('use', {
    revision: id => byId.value.get(id)?.useRevision,
    async send({ id, change }) {
      const source = byId.value.get(id)
      if (source) patch(id, { useRevision: (await sent(`/api/papers/${paperId}/sources/${id}`, source.useRevision, change)).revision })
    },
    restore({ from, ...job }) {
      patch(job.id, { ...job.change, ...(from ? { useRevision: from } : {}) })
      return restored(job)
    },
    meet(job, current) {
      patch(job.id, { useRevision: (current as Saved).revision })
      return job
    },
  })
  saving.register('passage', {
    revision: id => passage(id)?.revision,
    async send({ id, change }) {
      const one = passage(id)
      if (one) patchPassage(id, { revision: (await sent(`/api/passages/${id}`, one.revision, change)).revision })
    },
    restore({ from, ...job }) {
      patchPassage(job.id, { ...job.change, ...(from ? { revision: from } : {}) })
      return restored(job)
    },
    meet(job, current) {
      const theirs = current as Passage
      const { words } = job.change as Partial<PassageText>
      patchPassage(job.id, { ...theirs, ...job.change, revision: theirs.revision })
      if (words !== undefined && words !== theirs.words && !saving.isOwn(theirs.savedBy)) {
        notices.say('Another tab changed this passage. What is typed here stays.', {
          bad: true,
          action: { label: 'Take the other', run: () => changePassage(job.id, { words: theirs.words }) },
        })
      }
      return job
    },
  })

  /** Both tabs filled one field: what was typed here stays, and the other is one step away. */
  function offer(id: string, name: FieldName, other: string | Name[] | SourceDate | undefined) {
    const words =
      other === undefined
        ? ''
        : typeof other === 'string'
          ? other
          : Array.isArray(other)
            ? other.map(writeName).join('; ')
            : writeDate(other)
    const label = FIELDS[name].label
    notices.say(
      words
        ? `Another tab gave ${label} as “${words}”. What is typed here stays.`
        : `Another tab emptied ${label}. What is typed here stays.`,
      {
        bad: true,
        action: { label: 'Take the other', run: () => changeSource(id, { fields: withField(byId.value.get(id)!.fields, name, other) }) },
      },
    )
  }
  return { sources, passages, byId, open, refresh, retitle, patch, changeSource, changeUse, changePassage }
})
