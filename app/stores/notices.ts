/** Short messages at the foot of the window, with one thing to do about them. */
import { ref } from 'vue'
import { defineStore } from 'pinia'

export interface Notice {
  id: number
  text: string
  bad?: boolean
  /** It stays until it is read and closed: what it offers is to be had nowhere else. */
  lasting?: boolean
  action?: { label: string, run: () => unknown }
}

export const useNotices = defineStore('notices', () => {
  const list = ref<Notice[]>([])
  let next = 1
  function say(text: string, options: Omit<Notice, 'id' | 'text'> = {}) {
    const id = next++
    // Of those that pass by themselves the last three are enough.
    const passing = list.value.filter(one => !one.lasting).slice(-2)
    list.value = [...list.value.filter(one => one.lasting || passing.includes(one)), { id, text, ...options }]
    if (import.meta.client && !options.lasting) setTimeout(() => dismiss(id), options.action || options.bad ? 12_000 : 5000)
  }
  /** Another paper is opened: what could be done about the last one's is no longer offered; what is lasting is bound to its own. */
  const forgetActions = () => { list.value = list.value.filter(one => one.lasting || !one.action) }
  const dismiss = (id: number) => { list.value = list.value.filter(n => n.id !== id) }
  /** Runs something; what goes wrong is said. */
  async function attempt(what: () => Promise<unknown>) {
    try { await what() }
    catch (error) { say((error as Error).message, { bad: true }) }
  }
  return { list, say, dismiss, forgetActions, attempt }
})
