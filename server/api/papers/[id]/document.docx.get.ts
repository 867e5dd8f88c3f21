import { Packer } from 'docx'
import { buildWordDocument } from '~~/core/handin/word'
import { styleOf, STYLES } from '~~/core/styles'
import { divided } from '~~/core/sheet/divisions'
import type { DocNode } from '~~/core/sheet/document'
import type { Source } from '~~/core/source/model'
import { getWorkspace } from '~~/server/db/workspace'

/** The paper as a word-processor document; ?style= for another style than the paper's own. */
export default api(async (event) => {
  const { paper, sources } = getWorkspace(useDb(), pathId(event, 'id', 'paper'))
  const wanted = getQuery(event).style
  const style = styleOf(typeof wanted === 'string' ? wanted : paper.style)
  if (!style) throw new ApiError(422, { code: 'style', message: `There is no style "${String(wanted ?? paper.style)}". Dendle has ${STYLES.map(s => s.id).join(', ')}.`, field: 'style' })
  const document = buildWordDocument({
    style, title: paper.title, details: paper.details, body: paper.body as unknown as DocNode,
    sources: sources as unknown as Source[], alsoList: sources.filter(s => s.listed).map(s => s.id),
    ...divided(sources),
    annotations: new Map(sources.filter(s => s.annotation).map(s => [s.id, s.annotation])),
  })
  const name = paper.title.replace(/[^\p{L}\p{N} -]+/gu, '').trim().slice(0, 80) || 'paper'
  setResponseHeaders(event, {
    'content-type': 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
    'content-disposition': `attachment; filename="${name.normalize('NFKD').replace(/[^\x20-\x7e]/gu, '') || 'paper'}.docx"; filename*=UTF-8''${encodeURIComponent(name)}.docx`,
  })
  return Packer.toBuffer(document)
})
