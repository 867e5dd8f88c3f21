import * as store from '~~/server/db/papers'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { paperChangeSchema } from '~~/server/utils/schemas'

export default api(async (event) => {
  const saved = store.changePaper(useDb(), pathId(event, 'id', 'paper'), await parseBody(event, paperChangeSchema))
  return { revision: saved.revision, updatedAt: saved.updatedAt }
})
