import { getWorkspace } from '~~/server/db/workspace'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(event => getWorkspace(useDb(), pathId(event, 'id', 'paper')))
