import { movePassages } from '~~/server/db/passages'
import { api, parseBody } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { movePassagesSchema } from '~~/server/utils/schemas'

export default api(async (event) => {
  const { ids, sourceId } = await parseBody(event, movePassagesSchema)
  return movePassages(useDb(), ids, sourceId)
})
