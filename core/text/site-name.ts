/** The name of a site beside a title, as windows and search results write it: "Mending the Pond | Carewick Notes". */

const alike = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase()
/**
 * Signs that part the two, with their spaces; a dash without any joins words ("Anti-Nature"). They are few letters, and no
 * more are looked at.
 */
const BEHIND = /(?:\s{0,8}[|:]\s{0,8}|\s{1,8}[–—·»-]\s{1,8})$/u
const BEFORE = /^\s*[|–—·»:-]\s+/u
const NEAR = 12

/** The title without the site's name behind it. @param colon whether a colon parts them as well */
export function withoutSiteBehind(title: string, site: string, colon = false): string {
  const text = title.trimEnd()
  const head = text.slice(0, Math.max(0, text.length - site.length))
  if (!site || !head || !alike(text.slice(head.length), site)) return title
  const sign = BEHIND.exec(head.slice(-NEAR))?.[0]
  return sign && (colon || !sign.includes(':')) ? head.slice(0, head.length - sign.length) : title
}

/** The title without the site's name behind or before it; a title that is nothing else stays. */
export function withoutSite(title: string, site: string): string {
  if (!site) return title
  const bare = withoutSiteBehind(title, site, true)
  const sign = alike(bare.slice(0, site.length), site) ? BEFORE.exec(bare.slice(site.length, site.length + NEAR))?.[0] : undefined
  return (sign ? bare.slice(site.length + sign.length) : bare).trim() || title
}
