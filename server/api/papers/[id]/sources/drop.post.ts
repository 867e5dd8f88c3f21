import { dropUses } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { sourceIdsSchema } from '~~/server/utils/schemas'

/** Several sources out of this paper at once. */
export default api(async event => dropUses(useDb(), pathId(event, 'id', 'paper'), (await parseBody(event, sourceIdsSchema)).ids))
