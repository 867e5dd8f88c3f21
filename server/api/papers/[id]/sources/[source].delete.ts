import * as store from '~~/server/db/papers'

export default api(event => store.dropUse(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'source', 'source')))
