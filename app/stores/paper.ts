/** The open paper: its title, style and details; opening it, and what becomes of it when two windows change it. */
import { computed, ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import { changedBlocks, joinTexts } from '~~/core/sheet/changed-blocks'
import type { DocNode } from '~~/core/sheet/document'
import { STYLES, styleOf } from '~~/core/styles'
import { meetPaper, type PaperChange, type PaperState } from '~/saving/policy'
import type { Job, KeptJob } from '~/saving/things'
import { request } from '~/utils/request'
import { useNotices } from './notices'
import { useSaving } from './saving'
import { useSources, type Passage, type PaperSource } from './sources'
import { useText } from './text'

/** A paper without its text, which has a store of its own. */
export interface PaperRecord {
  id: string
  title: string
  style: string
  details: Record<string, string>
  /** Ids of findings that the writer left as they are. */
  left: string[]
  revision: number
  updatedAt: string
}
export interface Workspace { paper: PaperRecord & { body: DocNode, savedBy?: string | null }, sources: PaperSource[], passages: Passage[] }

export const usePaper = defineStore('paper', () => {
  const saving = useSaving()
  const text = useText()
  const owned = useSources()
  const notices = useNotices()
  const paper = ref<PaperRecord>()
  const style = computed(() => styleOf(paper.value?.style ?? '') ?? STYLES[0]!)
  const conflict = shallowRef<PaperState>()
  /**
   * The text as the server has it at the paper's revision: what a save is the difference to. Not known where what is
   * here was made from an older one.
   */
  let saved: DocNode | undefined
  let savedBy: string | null | undefined
  /** The text as it was when this window opened the paper: what windows that closed before may have written on. */
  let opened: { revision: number, body: DocNode } | undefined
  const at = () => `/api/papers/${paper.value!.id}`
  const self = (): Pick<Job, 'thing' | 'id'> => ({ thing: 'paper', id: paper.value!.id })

  async function open(id: string, { paper: { body, savedBy: last, ...record }, sources, passages }: Workspace) {
    conflict.value = undefined
    paper.value = record
    saved = body
    savedBy = last
    opened = { revision: record.revision, body }
    owned.open(id, sources, passages)
    text.open(id, body)
    await saving.open(id, new Date(record.updatedAt))
  }

  const change = (given: Partial<Pick<PaperRecord, 'title' | 'style' | 'details' | 'left'>>) => {
    Object.assign(paper.value!, given)
    saving.queue({ ...self(), change: given })
  }

  // How it is saved -------------------------------------------------------------------------------------------------
  saving.register('paper', {
    revision: () => paper.value?.revision,
    async send({ change }) {
      const { body, ...rest } = change as PaperChange
      const blocks = body && saved && changedBlocks(saved, body)
      const text = blocks ? { blocks } : body && !saved ? { body } : {}
      if (!Object.keys({ ...text, ...rest }).length) return
      const { revision } = await request<{ revision: number }>('PATCH', at(), {
        revision: paper.value!.revision,
        ...saving.signed(),
        ...rest,
        ...text,
      })
      paper.value!.revision = revision
      if (body) saved = body
    },
    restore,
    meet,
  })
  saving.register('state', {
    revision: () => undefined,
    async send({ change }) { await request('POST', `${at()}/snapshots`, change) },
    restore: job => [job],
    meet: job => job,
  })

  /** What a closed window had not saved. Texts of several are one where they touch different blocks; else the later is an earlier state. */
  function restore({ from, ...job }: KeptJob, by: string): Job[] {
    const record = paper.value!
    const { body, ...rest } = job.change as PaperChange
    const mine = saving.unsaved().find(({ thing }) => thing === 'paper')?.change as PaperChange | undefined
    // Another closed window's words may stand here already, unsaved or saved: both were made from the text as it was opened.
    const sinceOpened = from !== undefined && from === opened?.revision && record.revision !== from
    const upToDate = from === undefined || from === record.revision || (savedBy === by && !mine)
    if (!mine?.body && !sinceOpened) {
      // Made from an older state: it goes out as that, and meets what the server has.
      if (!upToDate) {
        record.revision = from
        saved = undefined
      }
      Object.assign(record, rest)
      if (body) text.show(body)
      return [job]
    }
    Object.assign(record, rest)
    const here = mine?.body ?? text.body
    const left: Job[] = Object.keys(rest).length ? [{ ...job, change: rest }] : []
    if (!body || JSON.stringify(body) === JSON.stringify(here)) return left
    const base = sinceOpened ? opened?.body : upToDate ? saved : undefined
    const both = base && joinTexts(base, here, body)
    if (both) {
      text.show(both)
      return [{ ...job, change: { ...rest, body: both } }]
    }
    notices.say('Another window of this paper was closed before it could save. Its text is kept under Earlier states.', { bad: true })
    return [
      ...left,
      {
        thing: 'state',
        id: crypto.randomUUID(),
        change: { reason: 'Written in a window that was closed before it could save', title: record.title, body },
      },
    ]
  }

  async function meet(job: Job, current: unknown): Promise<Job | 'ask'> {
    const theirs = current as PaperState
    // What was typed last may still lie on the sheet: a text that is here alone is never taken for one that is there.
    saving.settle()
    const mine = (saving.unsaved().find(({ thing }) => thing === 'paper') ?? job).change as PaperChange
    const meeting = meetPaper(mine, theirs, saved, saving.isOwn(theirs.savedBy))
    if (meeting.what === 'ask') {
      conflict.value = theirs
      return 'ask'
    }
    if (meeting.what === 'own') {
      saved = theirs.body
      paper.value!.revision = theirs.revision
      return { ...job, change: { ...mine } }
    }
    const given: PaperChange = { ...mine, ...(meeting.what === 'join' ? { body: meeting.body } : {}) }
    await showTheirs(theirs, given.body ?? theirs.body)
    // A newer revision is taken over with all that it stands for; over it goes what was changed here.
    const { body: _, ...rest } = given
    Object.assign(paper.value!, {
      title: theirs.title,
      style: theirs.style,
      details: theirs.details,
      left: theirs.left,
      updatedAt: theirs.updatedAt,
      ...rest,
      ...(rest.left ? { left: [...new Set([...theirs.left, ...rest.left])] } : {}),
      revision: theirs.revision,
    })
    saved = theirs.body
    if (mine.title !== undefined && mine.title !== theirs.title) {
      notices.say(`Another tab named this paper “${theirs.title}”. The title typed here stays.`, {
        bad: true,
        action: { label: 'Take the other', run: () => change({ title: theirs.title }) },
      })
    }
    return { ...job, change: { ...given } }
  }

  /** Another window wrote in the paper: its words are shown here too, with the sources they may cite. */
  async function showTheirs(theirs: PaperState, body: DocNode) {
    const fresh = await request<Workspace>('GET', at()).catch(() => undefined)
    if (fresh) owned.refresh(fresh.sources, fresh.passages)
    if (JSON.stringify(body) === JSON.stringify(text.body)) return
    text.show(body)
    notices.say(
      body === theirs.body
        ? 'Another tab wrote in this paper meanwhile. Its text stands here now.'
        : 'Another tab wrote elsewhere in this paper meanwhile. Both texts stand here now.',
    )
  }

  /** Two tabs wrote the same place: keep this tab's text or take the other's; the one given up is kept as a snapshot. */
  async function decide(keep: 'mine' | 'theirs') {
    saving.settle()
    const theirs = conflict.value!
    const given = keep === 'mine' ? { title: theirs.title, body: theirs.body } : { title: paper.value!.title, body: text.body }
    await request('POST', `${at()}/snapshots`, {
      ...given,
      reason: keep === 'mine' ? 'The other tab’s text, when this one was kept' : 'This tab’s text, when the other was taken',
    })
    paper.value!.revision = theirs.revision
    saved = theirs.body
    conflict.value = undefined
    if (keep === 'mine') { saving.resume(); return }
    Object.assign(paper.value!, { title: theirs.title, style: theirs.style, details: theirs.details, left: theirs.left })
    text.show(theirs.body)
    saving.resume(self())
  }
  return { paper, style, conflict, open, decide, changePaper: change }
})
