import { getQuery } from 'h3'
import { sendPacked } from '~~/server/packed/send'
import { api } from '~~/server/utils/api'

/** Everything that is kept, papers and shelf, as one packed file; ?day= for its name, ?job= to ask how far it is. */
export default api((event) => {
  const { day } = getQuery(event)
  return sendPacked(event, undefined, `Dendle${typeof day === 'string' && /^\d{4}-\d{2}-\d{2}$/u.test(day) ? ` ${day}` : ''}.zip`)
})
