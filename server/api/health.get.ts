import { api } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(() => ({ ready: Boolean(useDb()) }))
