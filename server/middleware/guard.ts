/**
 * Only this machine's own pages may talk to the server: a foreign Host (a name that was made to point here) or a
 * cross-site Origin is refused, and so is a body larger than any paper. Nothing it says is kept by the browser.
 */
const OWN_HOSTS = new Set(['localhost', '127.0.0.1', '[::1]', ...(process.env.DENDLE_HOSTS ?? '').split(',').filter(Boolean)])

const nameOf = (host: string): string => host.replace(/:\d+$/u, '').toLowerCase()

export default defineEventHandler((event) => {
  setResponseHeaders(event, { 'x-content-type-options': 'nosniff', 'x-frame-options': 'DENY', 'referrer-policy': 'same-origin' })
  // A page carries its paper: Back and Forward must ask again, or they would show the text as it was.
  if (!event.path.startsWith('/_nuxt/')) setResponseHeader(event, 'cache-control', 'no-store')
  const host = getRequestHeader(event, 'host') ?? ''
  if (!OWN_HOSTS.has(nameOf(host))) return refuse(event, 403, 'host', 'This address is not one that Dendle answers to. Open it as http://127.0.0.1, or name the host in DENDLE_HOSTS.')
  const origin = getRequestHeader(event, 'origin')
  if (origin && !sameOrigin(origin, host)) return refuse(event, 403, 'origin', 'Another site asked Dendle to act; that is refused.')
  if (getRequestHeader(event, 'sec-fetch-site') === 'cross-site' && event.method !== 'GET') return refuse(event, 403, 'origin', 'Another site asked Dendle to act; that is refused.')
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > bodyLimit(event.path)) return refuse(event, 413, 'too-large', tooLarge(event.path))
})

function sameOrigin(origin: string, host: string): boolean {
  try { return new URL(origin).host.toLowerCase() === host.toLowerCase() }
  catch { return false }
}

function refuse(event: Parameters<typeof setResponseStatus>[0], status: number, code: string, message: string) {
  setResponseStatus(event, status)
  return { code, message }
}
