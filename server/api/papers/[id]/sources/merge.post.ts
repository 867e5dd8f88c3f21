import { mergeSources } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { mergeSchema } from '~~/server/utils/schemas'

export default api(async event => mergeSources(useDb(), pathId(event, 'id', 'paper'), await parseBody(event, mergeSchema)))
