import * as store from '~~/server/db/papers'

export default api(async (event) => {
  const paper = store.createPaper(useDb(), await parseBody(event, newPaperSchema))
  setResponseStatus(event, 201)
  return { id: paper.id, revision: paper.revision }
})
