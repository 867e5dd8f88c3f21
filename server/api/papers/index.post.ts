import { setResponseStatus } from 'h3'
import * as store from '~~/server/db/papers'
import { api, parseBody } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { newPaperSchema } from '~~/server/utils/schemas'

export default api(async (event) => {
  const paper = store.createPaper(useDb(), await parseBody(event, newPaperSchema))
  setResponseStatus(event, 201)
  return { id: paper.id, revision: paper.revision }
})
