/** Short messages at the foot of the window, with one thing to do about them. */
import { ref } from 'vue'
import { defineStore } from 'pinia'

export interface Notice { id: number, text: string, bad?: boolean, action?: { label: string, run: () => unknown } }

export const useNotices = defineStore('notices', () => {
  const list = ref<Notice[]>([])
  let next = 1
  function say(text: string, options: Omit<Notice, 'id' | 'text'> = {}) {
    const id = next++
    list.value = [...list.value.slice(-2), { id, text, ...options }]
    if (import.meta.client) setTimeout(() => dismiss(id), options.action || options.bad ? 12_000 : 5000)
  }
  const dismiss = (id: number) => { list.value = list.value.filter(n => n.id !== id) }
  /** Runs something; what goes wrong is said. */
  async function attempt(what: () => Promise<unknown>) {
    try { await what() }
    catch (error) { say((error as Error).message, { bad: true }) }
  }
  return { list, say, dismiss, attempt }
})
