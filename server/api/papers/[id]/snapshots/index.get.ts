import * as store from '~~/server/db/papers'

export default api(event => store.listSnapshots(useDb(), pathId(event, 'id', 'paper')))
