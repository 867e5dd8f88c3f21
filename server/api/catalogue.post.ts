import { lookUp } from '~~/server/catalogue'
import { overHttp } from '~~/server/catalogue/over-http'
import { standIn } from '~~/server/catalogue/stand-in'
import { api, parseBody } from '~~/server/utils/api'
import { lookUpSchema } from '~~/server/utils/schemas'

/** How long a catalogue may take, in milliseconds. */
const LIMIT = Number(process.env.DENDLE_CATALOGUE_LIMIT ?? 6000)
/** A service of one's own, asked in the place of the stand-in; on this machine or in its network only where that is said. */
const { DENDLE_CATALOGUE_URL: address, DENDLE_CATALOGUE_PRIVATE: own } = process.env
const catalogue = address ? overHttp(address, { allowPrivate: own === '1' }) : standIn()

/** One identifier looked up; what cannot be found is an answer, in words, and no error. */
export default api(async event => lookUp(catalogue, await parseBody(event, lookUpSchema), LIMIT))
