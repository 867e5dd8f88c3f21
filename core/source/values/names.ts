/** Names as they come: in capitals, with initials that lack their stops. */
import type { Name } from '../names'

const SMALL = /^(?:van|von|de|der|den|del|della|di|da|dos|das|du|la|le|ter|ten|zu|zur|al|el|y|e)$/iu
/** Only capitals, and more than an initial. */
const isShouted = (text: string): boolean => /\p{Lu}{2}/u.test(text) && !/\p{Ll}/u.test(text)

/** "O'BRIEN-MCAVOY": O’Brien-McAvoy. */
const spoken = (word: string): string =>
  word.toLowerCase().replace(/(?<![\p{L}])\p{L}/gu, first => first.toUpperCase()).replace(/\bMc(\p{Ll})/gu, (_, letter: string) => `Mc${letter.toUpperCase()}`)

const familyOf = (family: string): string =>
  family.split(' ').map((word, i, all) => (i < all.length - 1 && SMALL.test(word) ? word.toLowerCase() : spoken(word))).join(' ')

/** Initials without stops have them: "AR" A. R., "Mary B" Mary B. What is shouted is a name where it is longer than that. */
function givenOf(given: string, shouted: boolean): string {
  return given
    .split(' ')
    .map((word) => {
      if (/^\p{Lu}$/u.test(word)) return `${word}.`
      if (/^(?:II|III|IV|VI{0,3})$/u.test(word)) return word
      if (/^\p{Lu}{2,3}$/u.test(word) && (!shouted || word.length === 2)) return [...word].map(letter => `${letter}.`).join(' ')
      if (/^\p{Lu}-\p{Lu}$/u.test(word)) return word.replace(/\p{Lu}/gu, '$&.')
      return shouted && isShouted(word) && !word.includes('.') ? spoken(word) : word
    })
    .join(' ')
}

/** The same object where nothing was to be done. */
export function cleanName(name: Name): Name {
  if (name.literal !== undefined || !name.family) return name
  const shouted = isShouted(name.family)
  const family = shouted && name.family.length > 1 ? familyOf(name.family) : name.family
  const given = name.given === undefined ? undefined : givenOf(name.given, shouted)
  if (family === name.family && given === name.given) return name
  return { ...name, family, ...(given === undefined ? {} : { given }) }
}
