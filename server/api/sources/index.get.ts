import { listShelf } from '~~/server/db/sources'
import { api } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(() => listShelf(useDb()))
