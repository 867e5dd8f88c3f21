import * as store from '~~/server/db/papers'

export default api(async event => store.changeSource(useDb(), pathId(event, 'id', 'source'), await parseBody(event, sourceChangeSchema)))
