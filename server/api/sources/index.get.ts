import { listShelf } from '~~/server/db/sources'

export default api(() => listShelf(useDb()))
