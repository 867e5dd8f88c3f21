import { changeSource } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { sourceChangeSchema } from '~~/server/utils/schemas'

export default api(async event => changeSource(useDb(), pathId(event, 'id', 'source'), await parseBody(event, sourceChangeSchema)))
