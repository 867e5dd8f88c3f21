import { getQuery, setResponseHeaders } from 'h3'
import { packedArchive } from '~~/server/db/archive'
import { api } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'

/** Everything that is kept, papers and shelf, as one packed file; ?day= for its name. */
export default api((event) => {
  const { day } = getQuery(event)
  const name = `Dendle${typeof day === 'string' && /^\d{4}-\d{2}-\d{2}$/u.test(day) ? ` ${day}` : ''}.zip`
  setResponseHeaders(event, { 'content-type': 'application/zip', 'content-disposition': `attachment; filename="${name}"` })
  return Buffer.from(packedArchive(useDb()))
})
