import { api, notFound } from '~~/server/utils/api'

/** Anything under /api that is no route. */
export default api(() => { throw notFound('such part of the API') })
