import { createReadStream, statSync } from 'node:fs'
import { getRouterParam, sendStream, setResponseHeaders } from 'h3'
import { facePath } from '~~/server/faces'
import { api, notFound } from '~~/server/utils/api'

/** A shipped face's file; none but those. It is never another under one address, so that a browser asks once. */
export default api((event) => {
  const path = facePath(`@expo-google-fonts/${getRouterParam(event, 'file') ?? ''}`)
  if (!path) throw notFound('face')
  setResponseHeaders(event, {
    'content-type': 'font/ttf',
    'content-length': statSync(path).size,
    'cache-control': 'public, max-age=31536000, immutable',
  })
  return sendStream(event, createReadStream(path))
})
