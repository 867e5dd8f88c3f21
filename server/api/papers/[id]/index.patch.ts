import * as store from '~~/server/db/papers'

export default api(async (event) => {
  const saved = store.changePaper(useDb(), pathId(event, 'id', 'paper'), await parseBody(event, paperChangeSchema))
  return { revision: saved.revision, updatedAt: saved.updatedAt }
})
