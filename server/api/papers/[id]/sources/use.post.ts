import { useSources } from '~~/server/db/sources'

/** Sources of the shelf into this paper, or back into it. */
export default api(async event => useSources(useDb(), pathId(event, 'id', 'paper'), (await parseBody(event, sourceIdsSchema)).ids))
