/** Addresses as they are copied: with what tracks who clicked, without their scheme. */

/** Parts of an address that say where a reader came from, and nothing of where the thing is. */
const TRACKING = /^(?:utm_\w+|fbclid|gclid|dclid|msclkid|mc_[ce]id|igshid|yclid|_ga)$/iu

/** An address without its tracking parts; the same where it has none. */
export function withoutTracking(address: string): string {
  const at = address.indexOf('?')
  if (at < 0) return address
  const [query, ...fragment] = address.slice(at + 1).split('#')
  const parts = query!.split('&')
  const kept = parts.filter(part => !TRACKING.test(part.split('=')[0]!))
  if (kept.length === parts.length) return address
  return address.slice(0, at) + (kept.length ? `?${kept.join('&')}` : '') + (fragment.length ? `#${fragment.join('#')}` : '')
}

/** "www.mill.example" is an address of the web. */
export const address = (given: string): string => withoutTracking(/^www\./iu.test(given) ? `https://${given}` : given)
