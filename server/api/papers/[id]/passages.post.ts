import { setResponseStatus } from 'h3'
import { addPassage } from '~~/server/db/passages'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { newPassageSchema } from '~~/server/utils/schemas'

export default api(async (event) => {
  const given = await parseBody(event, newPassageSchema)
  setResponseStatus(event, 201)
  return addPassage(useDb(), pathId(event, 'id', 'paper'), given)
})
