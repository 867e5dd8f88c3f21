import * as store from '~~/server/db/papers'

export default api(async event =>
  store.changeUse(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'source', 'source'), await parseBody(event, useChangeSchema)))
