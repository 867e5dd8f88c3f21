import { useSources } from '~~/server/db/sources'
import { api, parseBody, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { sourceIdsSchema } from '~~/server/utils/schemas'

/** Sources of the shelf into this paper, or back into it. */
export default api(async event => useSources(useDb(), pathId(event, 'id', 'paper'), (await parseBody(event, sourceIdsSchema)).ids))
