import * as store from '~~/server/db/papers'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(event => store.removePaper(useDb(), pathId(event, 'id', 'paper'), true))
