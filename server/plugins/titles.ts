import { BY_LIST } from '~~/core/text/by-list'
import { decideTitlesBy } from '~~/core/text/capitals'
import { listPapers } from '~~/server/db/papers'
import { useDb } from '~~/server/utils/db'
import { defineNitroPlugin } from 'nitropack/runtime'

/**
 * What the server composes and checks is decided by the word lists. The first page a writer opens does not wait for
 * what every page needs: once the server listens, a title is set and the page last written in is made, so that the lists
 * are unfolded and the scripts of pages read.
 */
export default defineNitroPlugin((nitro) => {
  decideTitlesBy(BY_LIST)
  if (import.meta.prerender || import.meta.dev) return
  setTimeout(() => {
    BY_LIST.capitalise('A title to begin with', { style: 'sentence', afterColon: 'capital' })
    const [last] = listPapers(useDb())
    void nitro.localFetch(last ? `/papers/${last.id}/write` : '/', { headers: { host: '127.0.0.1' } }).catch(() => undefined)
  }, 50).unref()
})
