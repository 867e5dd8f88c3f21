import { defineEventHandler, getRequestHeader, setResponseHeader, setResponseHeaders, setResponseStatus } from 'h3'
import { bodyLimit, tooLarge } from '~~/server/utils/api'
import { FOREIGN_HOST, isOwnHost } from '~~/server/utils/hosts'

/**
 * Only this machine's own pages may talk to the server: a foreign Host (a name that was made to point here) or a
 * cross-site Origin is refused, and so is a body larger than any paper. Nothing it says is kept by the browser.
 */
export default defineEventHandler((event) => {
  setResponseHeaders(event, {
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
  })
  // A page carries its paper: Back and Forward must ask again, or they would show the text as it was.
  if (!/^\/(?:_nuxt|faces)\//u.test(event.path)) setResponseHeader(event, 'cache-control', 'no-store')
  const host = getRequestHeader(event, 'host') ?? ''
  if (!isOwnHost(event)) return refuse(event, 403, 'host', FOREIGN_HOST)
  const origin = getRequestHeader(event, 'origin')
  if (origin && !sameOrigin(origin, host)) return refuse(event, 403, 'origin', 'Another site asked Dendle to act; that is refused.')
  if (getRequestHeader(event, 'sec-fetch-site') === 'cross-site' && event.method !== 'GET')
    return refuse(event, 403, 'origin', 'Another site asked Dendle to act; that is refused.')
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > bodyLimit(event.path))
    return refuse(event, 413, 'too-large', tooLarge(event.path))
})

function sameOrigin(origin: string, host: string): boolean {
  try { return new URL(origin).host.toLowerCase() === host.toLowerCase() }
  catch { return false }
}

function refuse(event: Parameters<typeof setResponseStatus>[0], status: number, code: string, message: string) {
  setResponseStatus(event, status)
  return { code, message }
}
