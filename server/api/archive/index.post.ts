import { getQuery } from 'h3'
import * as z from 'zod'
import { readArchive } from '~~/core/handin/archive/archive'
import { unpack } from '~~/server/db/archive'
import { api, ApiError } from '~~/server/utils/api'
import { readBytes, TooLong } from '~~/server/utils/body'
import { useDb } from '~~/server/utils/db'

const LIMIT = 200 * 1024 * 1024
const decisionsSchema = z.record(z.string().max(64), z.enum(['take', 'both']))

/**
 * A packed file comes in. What is here in another state is left as it is and named in the answer; ?decide= (JSON: by paper
 * "take" or "both") and ?sources=take say what is to be done with it.
 */
export default api(async (event) => {
  const bytes = await readBytes(event.node.req, event.node.res, LIMIT).catch((error: unknown) => {
    if (error instanceof TooLong) throw new ApiError(413, { code: 'too-large', message: 'The file is larger than 200 MB; take its papers away one by one.' })
    throw error
  })
  const { decide, sources } = getQuery(event)
  let decisions: z.infer<typeof decisionsSchema> = {}
  if (typeof decide === 'string') {
    try { decisions = decisionsSchema.parse(JSON.parse(decide)) }
    catch { throw new ApiError(422, { code: 'invalid', message: 'What is to be done with each paper is "take" or "both".', field: 'decide' }) }
  }
  const { archive, problems } = readArchive(new Uint8Array(bytes))
  if (!archive) throw new ApiError(422, { code: 'archive', message: problems[0]! })
  return { ...unpack(useDb(), archive, decisions, sources === 'take'), problems }
})
