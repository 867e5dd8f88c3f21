import { getQuery, setResponseHeaders } from 'h3'
import { listing } from '~~/core/sheet/listing'
import { styleOf, STYLES } from '~~/core/styles'
import { getWorkspace } from '~~/server/db/workspace'
import { api, ApiError, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { wordFile } from '~~/server/workers'

/** The paper as a word-processor document; ?style= for another style than the paper's own. */
export default api(async (event) => {
  const { paper, sources } = getWorkspace(useDb(), pathId(event, 'id', 'paper'))
  const wanted = getQuery(event).style
  const style = typeof wanted === 'string' ? wanted : paper.style
  if (!styleOf(style))
    throw new ApiError(422, {
      code: 'style',
      message: `There is no style "${style}". Dendle has ${STYLES.map((s) => s.id).join(', ')}.`,
      field: 'style',
    })
  const file = await wordFile({
    style, title: paper.title, details: paper.details, body: paper.body,
    sources,
    ...listing(sources, paper.details.headings),
    annotations: new Map(sources.filter(s => s.annotation).map(s => [s.id, s.annotation])),
  })
  const name = paper.title.replace(/[^\p{L}\p{N} -]+/gu, '').trim().slice(0, 80) || 'paper'
  setResponseHeaders(event, {
    'content-type': 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
    'content-disposition': `attachment; filename="${name.normalize('NFKD').replace(/[^\x20-\x7e]/gu, '') || 'paper'}.docx"; filename*=UTF-8''${encodeURIComponent(name)}.docx`,
  })
  return Buffer.from(file)
})
