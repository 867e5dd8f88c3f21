import { movePassages } from '~~/server/db/passages'

export default api(async (event) => {
  const { ids, sourceId } = await parseBody(event, movePassagesSchema)
  return movePassages(useDb(), ids, sourceId)
})
