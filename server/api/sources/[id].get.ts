import * as store from '~~/server/db/papers'

export default api((event) => {
  const { id, kind, fields, revision } = store.getSource(useDb(), pathId(event, 'id', 'source'))
  return { id, kind, fields, revision }
})
