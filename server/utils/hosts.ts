import { getRequestHeader, type H3Event } from 'h3'

const OWN = new Set(['localhost', '127.0.0.1', '[::1]', ...(process.env.DENDLE_HOSTS ?? '').split(',').filter(Boolean)])
export const FOREIGN_HOST = 'This address is not one that Dendle answers to. Open it as http://127.0.0.1, or name the host in DENDLE_HOSTS.'

/**
 * Whether the name that a request was sent to is this machine's own, or one that DENDLE_HOSTS gives. Dendle's calls to
 * itself have none.
 */
export function isOwnHost(event: H3Event): boolean {
  const host = getRequestHeader(event, 'host')
  return host !== undefined && OWN.has(host.replace(/:\d+$/u, '').toLowerCase())
}
