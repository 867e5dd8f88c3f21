import { addPassage } from '~~/server/db/passages'

export default api(async (event) => {
  const given = await parseBody(event, newPassageSchema)
  setResponseStatus(event, 201)
  return addPassage(useDb(), pathId(event, 'id', 'paper'), given)
})
