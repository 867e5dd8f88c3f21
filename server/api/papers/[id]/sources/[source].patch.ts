import { changeUse } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { useChangeSchema } from '~~/server/utils/schemas'

export default api(async event =>
  changeUse(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'source', 'source'), await parseBody(event, useChangeSchema)))
