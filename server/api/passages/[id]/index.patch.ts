import { changePassage } from '~~/server/db/passages'

export default api(async event => changePassage(useDb(), pathId(event, 'id', 'passage'), await parseBody(event, passageChangeSchema)))
