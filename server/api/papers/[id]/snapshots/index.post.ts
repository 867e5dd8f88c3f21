import { setResponseStatus } from 'h3'
import * as store from '~~/server/db/papers'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { snapshotSchema } from '~~/server/utils/schemas'

export default api(async (event) => {
  const kept = store.keepSnapshot(useDb(), pathId(event, 'id', 'paper'), await parseBody(event, snapshotSchema))
  setResponseStatus(event, 201)
  return kept
})
