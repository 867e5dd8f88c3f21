/**
 * A catalogue that answers in CSL-JSON over HTTP: a DOI behind its address (content negotiation), an ISBN, an address or
 * a title as a question. What it may do is bounded: its size, its redirects, and where they lead; time is bounded by who asks.
 */
import { lookup as resolve, type LookupAddress } from 'node:dns'
import { request as overPlain, type IncomingMessage } from 'node:http'
import { request as overTls } from 'node:https'
import { BlockList, isIP, type LookupFunction } from 'node:net'
import type { Catalogue, CatalogueAnswer } from './index'

/** As long as an answer may be, in bytes: a record has a few thousand. */
const MAX_BYTES = 1024 * 1024
const MAX_REDIRECTS = 3
/** The registered media type of CSL-JSON, or any JSON. */
const ASKED_FOR = 'application/vnd.citationstyles.csl+json, application/json;q=0.9'

/** Addresses of this machine and of networks that only it sees (RFC 1918, 3927, 4193, 6598, 6890). */
const PRIVATE = new BlockList()
for (const [net, prefix] of [
  ['0.0.0.0', 8], ['10.0.0.0', 8], ['100.64.0.0', 10], ['127.0.0.0', 8], ['169.254.0.0', 16], ['172.16.0.0', 12], ['192.0.0.0', 24],
  ['192.168.0.0', 16], ['198.18.0.0', 15], ['224.0.0.0', 4], ['240.0.0.0', 4],
] as const) PRIVATE.addSubnet(net, prefix, 'ipv4')
for (const [net, prefix] of [['::', 128], ['::1', 128], ['fc00::', 7], ['fe80::', 10], ['ff00::', 8], ['64:ff9b::', 96]] as const)
  PRIVATE.addSubnet(net, prefix, 'ipv6')

export function isPrivate(address: string): boolean {
  const version = isIP(address)
  // An older address written as a newer one is the older one.
  const mapped = version === 6 ? /^::ffff:(\d+\.\d+\.\d+\.\d+)$/iu.exec(address)?.[1] : undefined
  if (mapped) return isPrivate(mapped)
  return version === 0 || PRIVATE.check(address, version === 4 ? 'ipv4' : 'ipv6')
}

/** Finds a host's addresses and refuses private ones at the moment of connecting, so that no name can lead there later. */
const publicOnly: LookupFunction = (hostname, options, found) => {
  resolve(hostname, { ...options, all: true }, (error, addresses: LookupAddress[]) => {
    const open = error ? [] : addresses.filter(({ address }) => !isPrivate(address))
    if (!open.length) { found(error ?? new Error(`${hostname} is no public address`), '', 4); return }
    if (options.all) found(null, open)
    else found(null, open[0]!.address, open[0]!.family)
  })
}

interface Options {
  /** Whether it may stand on this machine or in its own network. */
  allowPrivate?: boolean
}

/** @param base the service's address, with or without its last slash */
export function overHttp(base: string, { allowPrivate = false }: Options = {}): Catalogue {
  const root = base.endsWith('/') ? base.slice(0, -1) : base
  return {
    async look({ type, value }, signal) {
      const address = type === 'doi'
        ? `${root}/${value.split('/').map(encodeURIComponent).join('/')}`
        : `${root}?${type}=${encodeURIComponent(value)}`
      const { status, text } = await get(new URL(address), { signal, allowPrivate, left: MAX_REDIRECTS })
      if (status === 404 || status === 410 || status === 204) return { type: 'none' }
      if (status !== 200) throw new Error(`${status} from the catalogue`)
      let item: unknown
      try { item = JSON.parse(text) }
      catch { item = text }
      // A service that answers a question gives a list of what it found, the likeliest first.
      if (type === 'title') return { type: 'records', items: Array.isArray(item) ? item as unknown[] : [item] }
      if (Array.isArray(item)) return (item.length ? { type: 'record', item: item[0] as unknown } : { type: 'none' }) satisfies CatalogueAnswer
      return { type: 'record', item }
    },
  }
}

interface Asking { signal: AbortSignal, allowPrivate: boolean, left: number }

async function get(url: URL, asking: Asking): Promise<{ status: number, text: string }> {
  const { signal, allowPrivate, left } = asking
  if (url.protocol !== 'https:' && url.protocol !== 'http:') throw new Error(`${url.protocol} is no way to ask a catalogue`)
  const host = url.hostname.replace(/^\[|\]$/gu, '')
  if (!allowPrivate && isIP(host) && isPrivate(host)) throw new Error(`${host} is no public address`)
  const answer = await new Promise<IncomingMessage>((answered, failed) => {
    const ask = url.protocol === 'https:' ? overTls : overPlain
    const options = { signal, headers: { accept: ASKED_FOR, 'user-agent': 'Dendle' }, ...(allowPrivate ? {} : { lookup: publicOnly }) }
    ask(url, options, answered).on('error', failed).end()
  })
  const status = answer.statusCode ?? 0
  if (status >= 300 && status < 400 && answer.headers.location) {
    answer.destroy()
    if (left === 0) throw new Error('the catalogue sends on and on')
    return get(new URL(answer.headers.location, url), { ...asking, left: left - 1 })
  }
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of answer as AsyncIterable<Buffer>) {
    size += chunk.length
    if (size > MAX_BYTES) { answer.destroy(); throw new Error('the catalogue’s answer is larger than any record') }
    chunks.push(chunk)
  }
  return { status, text: Buffer.concat(chunks).toString('utf8') }
}
