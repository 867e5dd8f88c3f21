import { changePassage } from '~~/server/db/passages'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { passageChangeSchema } from '~~/server/utils/schemas'

export default api(async event => changePassage(useDb(), pathId(event, 'id', 'passage'), await parseBody(event, passageChangeSchema)))
