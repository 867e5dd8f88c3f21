import * as store from '~~/server/db/papers'

export default api(() => store.listShelf(useDb()))
