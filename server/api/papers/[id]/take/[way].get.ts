import { getQuery, getRouterParam, setResponseHeaders } from 'h3'
import { WAY_IDS, WAYS, type Way } from '~~/core/handin/way-rows'
import { fileName } from '~~/core/handin/ways'
import { listing } from '~~/core/sheet/listing'
import { styleOf, STYLES } from '~~/core/styles'
import { getPaper } from '~~/server/db/papers'
import { getWorkspace } from '~~/server/db/workspace'
import { sendPacked } from '~~/server/packed/send'
import { api, ApiError, pathId } from '~~/server/utils/api'
import { useDb } from '~~/server/utils/db'
import { paperFile } from '~~/server/workers'

/**
 * The paper as a file, in one of its ways out, or packed with all that is its own; ?style= for another style than the
 * paper's own, ?day= for the file's name.
 */
export default api(async (event) => {
  const { day } = getQuery(event)
  const named = (title: string, ending: string) => {
    const name = fileName(title, typeof day === 'string' && /^\d{4}-\d{2}-\d{2}$/u.test(day) ? day : '', ending)
    return { name, plain: name.normalize('NFKD').replace(/[^\x20-\x7e]/gu, '') }
  }
  const send = (file: Uint8Array, title: string, { ending, type }: { ending: string, type: string }) => {
    const { name, plain } = named(title, ending)
    setResponseHeaders(event, {
      'content-type': type.startsWith('text/') ? `${type}; charset=utf-8` : type,
      'content-disposition': `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
    })
    return Buffer.from(file)
  }
  const way = getRouterParam(event, 'way') as Way | 'zip'
  // The paper with all that is its own, to come back.
  if (way === 'zip') {
    const id = pathId(event, 'id', 'paper')
    const { name, plain } = named(getPaper(useDb(), id).title, 'zip')
    return sendPacked(event, [id], name, plain)
  }
  const ways = `There are ${WAY_IDS.join(', ')} and zip.`
  if (!WAY_IDS.includes(way)) throw new ApiError(404, { code: 'way', message: `There is no way out "${way}". ${ways}` })
  const { paper, sources } = getWorkspace(useDb(), pathId(event, 'id', 'paper'))
  const wanted = getQuery(event).style
  const style = typeof wanted === 'string' ? wanted : paper.style
  if (!styleOf(style))
    throw new ApiError(422, {
      code: 'style',
      message: `There is no style "${style}". Dendle has ${STYLES.map((s) => s.id).join(', ')}.`,
      field: 'style',
    })
  const file = await paperFile({
    way, style,
    title: paper.title, details: paper.details, body: paper.body,
    sources,
    keys: new Map(sources.map(source => [source.id, source.key])),
    ...listing(sources, paper.details.headings),
    annotations: new Map(sources.filter(s => s.annotation).map(s => [s.id, s.annotation])),
  })
  return send(file, paper.title, WAYS[way])
})
