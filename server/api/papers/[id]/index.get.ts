import * as store from '~~/server/db/papers'

export default api(event => store.getWorkspace(useDb(), pathId(event, 'id', 'paper')))
