/**
 * The one script of every worker: it is told by its name which task it has, and loads that. What tasks share is built and
 * kept once. Titles are decided by the word lists here, never in a page.
 */
import { expose } from 'comlink'
import { BY_LIST } from '~~/core/text/by-list'
import { decideTitlesBy } from '~~/core/text/capitals'

const TASKS = {
  check: () => import('./check.worker'),
  compare: () => import('./compare.worker'),
  draft: () => import('./draft.worker'),
  intake: () => import('./intake.worker'),
  pages: () => import('./pages.worker'),
  titles: () => import('./titles.worker'),
} satisfies Record<string, () => Promise<{ api: object }>>
export type TaskName = keyof typeof TASKS
export type Task<Name extends TaskName> = Awaited<ReturnType<(typeof TASKS)[Name]>>['api']

decideTitlesBy(BY_LIST)

// What is asked before the task is there is asked again when it is.
const early: MessageEvent[] = []
const hold = (event: MessageEvent) => early.push(event)
addEventListener('message', hold)
void TASKS[self.name as TaskName]().then(({ api }) => {
  removeEventListener('message', hold)
  expose(api)
  for (const { data, ports } of early) dispatchEvent(new MessageEvent('message', { data, ports: [...ports] }))
// A task that could not be loaded is a fault of the worker, and told to the page as one.
}).catch(reportError)
