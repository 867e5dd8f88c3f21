import { getQuery } from 'h3'
import { getWorkspace } from '~~/server/db/workspace'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { titleAnswers } from '~~/server/utils/titles'

/** A paper with all that is its own; ?titles=1 with what is known of its titles, which takes longer. */
export default api(async (event) => {
  const workspace = getWorkspace(useDb(), pathId(event, 'id', 'paper'))
  return getQuery(event).titles ? { ...workspace, titles: await titleAnswers(workspace) } : workspace
})
