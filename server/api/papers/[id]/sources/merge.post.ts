import { mergeSources } from '~~/server/db/sources'

export default api(async event => mergeSources(useDb(), pathId(event, 'id', 'paper'), await parseBody(event, mergeSchema)))
