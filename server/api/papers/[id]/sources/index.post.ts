import * as store from '~~/server/db/papers'

/** A new source, or one of the shelf by its id. */
export default api(async (event) => {
  const paper = pathId(event, 'id', 'paper')
  const given = await parseBody(event, newSourceSchema.or(attachSchema))
  setResponseStatus(event, 201)
  if ('sourceId' in given) {
    store.getPaper(useDb(), paper)
    return store.useSource(useDb(), paper, given.sourceId)
  }
  return store.addSource(useDb(), paper, given)
})
