import { lookUp } from '~~/server/catalogue'
import { standIn } from '~~/server/catalogue/stand-in'
import { api, parseBody } from '~~/server/utils/api'
import { lookUpSchema } from '~~/server/utils/schemas'

/** How long a catalogue may take, in milliseconds. */
const LIMIT = Number(process.env.DENDLE_CATALOGUE_LIMIT ?? 6000)
const catalogue = standIn()

/** One identifier looked up; what cannot be found is an answer, in words, and no error. */
export default api(async event => lookUp(catalogue, await parseBody(event, lookUpSchema), LIMIT))
