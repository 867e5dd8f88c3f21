import { getSource } from '~~/server/db/sources'

export default api((event) => {
  const { id, kind, fields, parked, settled, revision } = getSource(useDb(), pathId(event, 'id', 'source'))
  return { id, kind, fields, parked, settled, revision }
})
