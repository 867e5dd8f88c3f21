/** A page's own memory of titles, one for as long as it is open. */
import type { Remote } from 'comlink'
import { decideTitlesBy } from '~~/core/text/capitals'
import { startTask } from '~/workers/start'
import type { TitlesWorker } from '~/workers/titles.worker'
import { TitleMemory } from './memory'

let memory: TitleMemory | undefined
let worker: Remote<TitlesWorker> | undefined

/** In a page titles are set by what is known of them; the lists are in a worker that is begun when it is first asked. */
export function pageTitles(): TitleMemory {
  if (memory) return memory
  memory = new TitleMemory(async (questions) => {
    worker ??= startTask('titles').remote
    try { return await worker.answer(questions) }
    catch (error) {
      // It is begun anew for what is asked next.
      worker = undefined
      throw error
    }
  })
  decideTitlesBy(memory)
  return memory
}
