/** Saving behind the writer's back: the queue, what is kept in this browser, and how it stands. */
import { computed, ref } from 'vue'
import { defineStore } from 'pinia'
import { keep, openWindow, takeOver } from '~/saving/kept'
import { Saver, type SaveState } from '~/saving/saver'
import type { Job, KeptJob, Thing, ThingName, Things } from '~/saving/things'

export const useSaving = defineStore('saving', () => {
  const saverState = ref<SaveState>('saved')
  /** Something was typed that the sheet has not yet handed over. */
  const typing = ref(false)
  const state = computed<SaveState>(() => (typing.value && saverState.value === 'saved' ? 'waiting' : saverState.value))
  const problem = ref('')
  const savedAt = ref<Date>()
  const things: Partial<Things> = {}
  let saver: Saver | undefined
  /** This window's name, and those of the windows whose work it took over: what they saved is its own. */
  let window = ''
  const own = new Set<string>()

  /** Each kind of thing gives its row once. */
  const register = (name: ThingName, thing: Thing) => { things[name] = thing }
  const rowOf = (job: Pick<Job, 'thing'>): Thing => things[job.thing]!

  // The sheet holds back what was just typed for a moment; it is asked for before anything is saved or left.
  let before: (() => void) | undefined
  const beforeFlush = (settle: (() => void) | undefined) => { before = settle }
  const settle = () => before?.()

  /** Begins to save a paper, with what closed windows of this browser had not yet handed over. */
  async function open(paperId: string, updatedAt: Date) {
    saverState.value = 'saved'
    savedAt.value = updatedAt
    own.clear()
    const kept = (jobs: readonly Job[]) =>
      keep(
        paperId,
        window,
        jobs.map((job): KeptJob => {
          const from = rowOf(job).revision(job.id)
          return { ...job, ...(from === undefined ? {} : { from }) }
        }),
      )
    const mine = saver = new Saver({
      send: job => rowOf(job).send(job),
      keep: jobs => void kept(jobs),
      state: (now, says) => {
        saverState.value = now
        problem.value = says ?? ''
        if (now === 'saved') savedAt.value = new Date()
      },
      conflict: (job, current) => rowOf(job).meet(job, current),
    })
    if (import.meta.server) return
    window ||= openWindow()
    own.add(window)
    await takeOver(paperId, window, async ({ by, jobs }) => {
      // Another paper is open by now: the work stays where it is.
      if (saver !== mine) throw new Error('this paper is open no more')
      own.add(by)
      settle()
      for (const job of jobs) if (job.thing in things) for (const left of rowOf(job).restore(job, by)) mine.queue(left)
      await kept(mine.unsaved())
    })
  }

  const queue = (job: Job) => saver!.queue(job)
  const unsaved = (): Job[] => saver?.unsaved() ?? []
  const flush = async () => {
    settle()
    await saver?.flush()
  }
  const hasUnsaved = () => {
    settle()
    return unsaved().length > 0
  }
  const resume = (drop?: Pick<Job, 'thing' | 'id'>) => saver!.resume(drop)
  /** What goes with each save, so that it is known again. */
  const signed = () => (window ? { by: window } : {})
  /** Whether a row was last saved by this window, or one whose work it took over. */
  const isOwn = (savedBy: string | null | undefined): boolean => Boolean(savedBy) && own.has(savedBy!)
  return { state, typing, problem, savedAt, register, beforeFlush, settle, open, queue, unsaved, flush, hasUnsaved, resume, signed, isOwn }
})
