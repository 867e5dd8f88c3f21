/** Begins a worker for one task. */
import { wrap, type Remote } from 'comlink'
import type { Task, TaskName } from './entry'

export interface Started<Name extends TaskName> { thread: Worker, remote: Remote<Task<Name>> }

/** @param broken told when the worker ends by a fault of its own */
export function startTask<Name extends TaskName>(name: Name, broken?: (says: string) => void): Started<Name> {
  const thread = new Worker(new URL('./entry.ts', import.meta.url), { type: 'module', name })
  if (broken) thread.addEventListener('error', event => broken(event.message || 'its worker ended'))
  return { thread, remote: wrap<Task<Name>>(thread) }
}
