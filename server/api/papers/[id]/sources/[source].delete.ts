import { dropUse } from '~~/server/db/sources'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(event => dropUse(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'source', 'source')))
