import { getSource } from '~~/server/db/sources'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api((event) => {
  const { id, kind, fields, parked, settled, revision } = getSource(useDb(), pathId(event, 'id', 'source'))
  return { id, kind, fields, parked, settled, revision }
})
