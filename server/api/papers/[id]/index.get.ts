import { getWorkspace } from '~~/server/db/workspace'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { titleAnswers } from '~~/server/utils/titles'

export default api((event) => {
  const workspace = getWorkspace(useDb(), pathId(event, 'id', 'paper'))
  return { ...workspace, titles: titleAnswers(workspace) }
})
