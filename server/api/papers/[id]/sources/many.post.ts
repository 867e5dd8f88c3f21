import { setResponseStatus } from 'h3'
import { addSources } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { newSourcesSchema } from '~~/server/utils/schemas'

/** Many new sources at once, all or none. */
export default api(async (event) => {
  const { sources } = await parseBody(event, newSourcesSchema)
  setResponseStatus(event, 201)
  return addSources(useDb(), pathId(event, 'id', 'paper'), sources)
})
