import { dropUse } from '~~/server/db/sources'

export default api(event => dropUse(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'source', 'source')))
