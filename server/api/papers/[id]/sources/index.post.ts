import { addSource, useSource } from '~~/server/db/sources'

/** A new source, or one of the shelf by its id. */
export default api(async (event) => {
  const paper = pathId(event, 'id', 'paper')
  const given = await parseBody(event, newSourceSchema.or(attachSchema))
  setResponseStatus(event, 201)
  return 'sourceId' in given ? useSource(useDb(), paper, given.sourceId) : addSource(useDb(), paper, given)
})
