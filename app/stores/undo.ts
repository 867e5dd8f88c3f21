/** What was done to sources and passages, so that the last of it can be undone, one step at a time. */
import { ref, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import { useNotices } from './notices'

interface Step { says: string, undo: () => Promise<unknown> }

export const useUndo = defineStore('undo', () => {
  const steps = shallowRef<Step[]>([])
  const busy = ref(false)

  /** Remembers a step and says that it was done, with the way back beside it. */
  function did(says: string, undo: () => Promise<unknown>, label = 'Undo') {
    const step: Step = { says, undo }
    steps.value = [...steps.value.slice(-49), step]
    useNotices().say(says, { action: { label, run: () => take(step) } })
  }

  async function take(step: Step) {
    if (busy.value || !steps.value.includes(step)) return
    busy.value = true
    steps.value = steps.value.filter(other => other !== step)
    try { await step.undo() }
    catch (error) {
      // Still there to be tried again.
      steps.value = [...steps.value, step]
      throw error
    }
    finally { busy.value = false }
  }

  /** Undoes the last step; says so. */
  async function last() {
    const step = steps.value.at(-1)
    if (!step) { useNotices().say('There is nothing to undo here.'); return }
    await useNotices().attempt(async () => {
      await take(step)
      useNotices().say(`Undone: ${step.says.replace(/^\p{Lu}/u, c => c.toLowerCase())}`)
    })
  }
  const clear = () => { steps.value = [] }
  /** Steps were done to one paper, and are undone in that one alone. */
  let paperId = ''
  function open(id: string) {
    if (id === paperId) return
    paperId = id
    clear()
    useNotices().forgetActions()
  }
  return { steps, did, last, clear, open }
})
