import { setResponseStatus } from 'h3'
import { addSource, useSource } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { attachSchema, newSourceSchema } from '~~/server/utils/schemas'

/** A new source, or one of the shelf by its id. */
export default api(async (event) => {
  const paper = pathId(event, 'id', 'paper')
  const given = await parseBody(event, newSourceSchema.or(attachSchema))
  setResponseStatus(event, 201)
  return 'sourceId' in given ? useSource(useDb(), paper, given.sourceId) : addSource(useDb(), paper, given)
})
