import { dropUses } from '~~/server/db/sources'

/** Several sources out of this paper at once. */
export default api(async event => dropUses(useDb(), pathId(event, 'id', 'paper'), (await parseBody(event, sourceIdsSchema)).ids))
