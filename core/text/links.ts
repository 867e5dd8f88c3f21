/** What a link may lead to when a paper leaves Dendle: an address of the web, mail, a place in the paper itself. */
const SAFE = /^(?:https?:\/\/|mailto:|#)/iu

/** The address, or nothing where it would run something, read a file, or lead nowhere. */
export function safeLink(address: unknown): string | undefined {
  if (typeof address !== 'string') return undefined
  // A browser passes over spaces and control characters at its head: so is it read here.
  const plain = address.replace(/^[\p{Cc}\s\u200B]+/u, '')
  return SAFE.test(plain) && !/\p{Cc}/u.test(plain) ? plain : undefined
}
