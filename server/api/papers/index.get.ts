import * as store from '~~/server/db/papers'
import { api } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(() => store.listPapers(useDb()))
