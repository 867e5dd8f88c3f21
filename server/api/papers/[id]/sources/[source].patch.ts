import { changeUse } from '~~/server/db/sources'

export default api(async event =>
  changeUse(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'source', 'source'), await parseBody(event, useChangeSchema)))
