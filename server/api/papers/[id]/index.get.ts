import { getWorkspace } from '~~/server/db/workspace'

export default api(event => getWorkspace(useDb(), pathId(event, 'id', 'paper')))
