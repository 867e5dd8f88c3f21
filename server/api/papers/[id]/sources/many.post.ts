import { addSources } from '~~/server/db/sources'

/** Many new sources at once, all or none. */
export default api(async (event) => {
  const { sources } = await parseBody(event, newSourcesSchema)
  setResponseStatus(event, 201)
  return addSources(useDb(), pathId(event, 'id', 'paper'), sources)
})
