import { removePassage } from '~~/server/db/passages'
import { api, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

export default api(event => removePassage(useDb(), pathId(event, 'id', 'passage'), false))
