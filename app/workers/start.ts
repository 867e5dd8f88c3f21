/** Begins a worker for one task. */
import { wrap, type Remote } from 'comlink'
import type { Task, TaskName } from './entry'

export interface Started<Name extends TaskName> { thread: Worker, remote: Remote<Task<Name>> }

export function startTask<Name extends TaskName>(name: Name): Started<Name> {
  const thread = new Worker(new URL('./entry.ts', import.meta.url), { type: 'module', name })
  return { thread, remote: orFault(thread, wrap<Task<Name>>(thread)) }
}

type Faulting = Pick<Worker, 'addEventListener'>
type Methods = Record<string, (...given: unknown[]) => Promise<unknown>>

/**
 * A worker that ends by a fault, or whose script never came, answers nothing any more: what was asked of it and what is
 * asked from then on is rejected, so that nobody waits for ever.
 */
export function orFault<Asked extends object>(thread: Faulting, asked: Asked): Asked {
  let fault: Error | undefined
  const waiting = new Set<(fault: Error) => void>()
  thread.addEventListener('error', (event) => {
    fault = new Error((event as ErrorEvent).message || 'its worker ended')
    for (const reject of waiting) reject(fault)
    waiting.clear()
  })
  return new Proxy(asked, {
    get(_, method) {
      // What is awaited is looked at for this.
      if (method === 'then' || typeof method === 'symbol') return undefined
      return (...given: unknown[]) => new Promise((resolve, reject) => {
        if (fault) { reject(fault); return }
        waiting.add(reject)
        void (asked as Methods)[method]!(...given).then(resolve, reject).finally(() => waiting.delete(reject))
      })
    },
  })
}
