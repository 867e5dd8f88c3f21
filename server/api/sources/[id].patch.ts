import { changeSource } from '~~/server/db/sources'

export default api(async event => changeSource(useDb(), pathId(event, 'id', 'source'), await parseBody(event, sourceChangeSchema)))
