import * as store from '~~/server/db/papers'

export default api(async (event) => {
  const kept = store.keepSnapshot(useDb(), pathId(event, 'id', 'paper'), await parseBody(event, snapshotSchema))
  setResponseStatus(event, 201)
  return kept
})
