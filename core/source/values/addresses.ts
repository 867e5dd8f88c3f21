/** Addresses and DOIs as they are copied: with what tracks who clicked, without their scheme, in any spelling. */

/** Any spelling of a DOI reduced to 10.… */
export const bareDoi = (doi: string): string =>
  doi
    .trim()
    .replace(/^(?:https?:\/\/)?(?:dx\.|www\.)?doi\.org\//iu, '')
    .replace(/^doi:?\s*/iu, '')
    .replace(/^info:doi\//iu, '')
    .replace(/[.,;]$/u, '')

/** Parts of an address that say where a reader came from, and nothing of where the thing is. */
export const isTracking = (name: string): boolean => /^(?:utm_\w+|fbclid|gclid|dclid|msclkid|mc_[ce]id|igshid|yclid|_ga)$/iu.test(name)

/** An address without the parts of its query that are so called; the same where it has none. */
function without(address: string, isLeft: (name: string) => boolean): string {
  const at = address.indexOf('?')
  if (at < 0) return address
  const [query, ...fragment] = address.slice(at + 1).split('#')
  const parts = query!.split('&')
  const kept = parts.filter(part => !isLeft(part.split('=')[0]!))
  if (kept.length === parts.length) return address
  return address.slice(0, at) + (kept.length ? `?${kept.join('&')}` : '') + (fragment.length ? `#${fragment.join('#')}` : '')
}

/** "www.mill.example" is an address of the web. */
export const address = (given: string): string => given.startsWith('mailto:') ? given.slice('mailto:'.length) : without(/^www\./iu.test(given) ? `https://${given}` : given, isTracking)

/** An address for comparing: without scheme, www, trailing slash, fragment, and what says where the reader came from. */
export const comparableUrl = (url: string): string =>
  without(url.trim().toLowerCase().replace(/^https?:\/\//u, '').replace(/^www\./u, '').split('#')[0]!, name =>
    isTracking(name) || name === 'ref' || name === 'source').replace(/[?&]$/u, '').replace(/\/$/u, '')
