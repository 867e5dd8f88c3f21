import { getSnapshot } from '~~/server/db/papers'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(event => getSnapshot(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'snapshot', 'earlier state')))
