import { getSnapshot } from '~~/server/db/papers'

export default api(event => getSnapshot(useDb(), pathId(event, 'id', 'paper'), pathId(event, 'snapshot', 'earlier state')))
