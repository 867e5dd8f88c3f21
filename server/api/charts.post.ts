import { setResponseHeader } from 'h3'
import { barsSchema } from '~~/server/charts/bars'
import { drawBars } from '~~/server/charts/draw'
import { api, parseBody } from '~~/server/utils/api'

/** Numbers come, a picture of them goes: nothing is kept, and nothing asked of any paper. */
export default api(async (event) => {
  const bars = await parseBody(event, barsSchema)
  setResponseHeader(event, 'content-type', 'image/svg+xml')
  return drawBars(bars)
})
