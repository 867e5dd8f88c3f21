import * as store from '~~/server/db/papers'

export default api(event => store.removePaper(useDb(), pathId(event, 'id', 'paper'), true))
