import { getQuery } from 'h3'
import { api } from '~~/server/utils/api'
import { progressOf } from '~~/server/workers/archives'

/** How far a job is that was begun with ?job=, from 0 to 1; null for one that is done, or not known. */
export default api((event) => {
  const { job } = getQuery(event)
  return { done: (typeof job === 'string' && progressOf(job)) ?? null }
})
