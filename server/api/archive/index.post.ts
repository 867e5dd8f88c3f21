import { getQuery } from 'h3'
import * as z from 'zod'
import { jobOf, receive, temporary } from '~~/server/packed/temporary'
import { api, ApiError, ARCHIVE_LIMIT, tooLarge } from '~~/server/utils/api'
import { TooLong } from '~~/server/utils/body'
import { archiving } from '~~/server/workers/archives'

const decisionsSchema = z.record(z.string().max(64), z.enum(['take', 'both']))

/**
 * A packed file comes in. What is here in another state is left as it is and named in the answer; ?decide= (JSON: by paper
 * "take" or "both"), ?sources=take and ?removed=back say what is to be done with it. ?job= to ask how far it is.
 */
export default api(async (event) => {
  const { decide, sources, removed } = getQuery(event)
  let decisions: z.infer<typeof decisionsSchema> = {}
  if (typeof decide === 'string') {
    try { decisions = decisionsSchema.parse(JSON.parse(decide)) }
    catch { throw new ApiError(422, { code: 'invalid', message: 'What is to be done with each paper is "take" or "both".', field: 'decide' }) }
  }
  const { file, remove } = temporary()
  try {
    await receive(event, file, ARCHIVE_LIMIT).catch((error: unknown) => {
      if (error instanceof TooLong) throw new ApiError(413, { code: 'too-large', message: tooLarge(event.path) })
      throw error
    })
    const wishes = { decisions, takeSources: sources === 'take', bringBack: removed === 'back' }
    const taken = await archiving(event, jobOf(event), { work: 'unpack', file, wishes })
    if ('refused' in taken) throw new ApiError(422, { code: 'archive', message: taken.refused })
    return taken
  }
  finally { remove() }
})
