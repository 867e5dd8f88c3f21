/** Names as they come: in capitals, with initials that lack their stops. */
import { PARTICLES } from '../../text/lists/particles'
import { looksLikeGroup, readName, type Name } from '../names'
import { setDown } from './spoken'

/** Only capitals, and more than an initial. */
const isLoud = (text: string): boolean => /\p{Lu}{2}/u.test(text) && !/\p{Ll}/u.test(text)

/** "O'BRIEN-MCAVOY": O’Brien-McAvoy. */
const spoken = (word: string): string =>
  word.toLowerCase().replace(/(?<![\p{L}])\p{L}/gu, first => first.toUpperCase()).replace(/\bMc(\p{Ll})/gu, (_, letter: string) => `Mc${letter.toUpperCase()}`)

const familyOf = (family: string): string =>
  family.split(' ').map((word, i, all) => (i < all.length - 1 && PARTICLES.has(word.toLowerCase()) ? word.toLowerCase() : spoken(word))).join(' ')

/** Initials without stops have them: "AR" A. R., "Mary B" Mary B. What is shouted is a name where it is longer than that. */
function givenOf(given: string, shouted: boolean): string {
  return given
    .split(' ')
    .map((word) => {
      if (/^\p{Lu}$/u.test(word)) return `${word}.`
      if (/^(?:II|III|IV|VI{0,3})$/u.test(word)) return word
      if (/^\p{Lu}{2,3}$/u.test(word) && (!shouted || word.length === 2)) return [...word].map(letter => `${letter}.`).join(' ')
      if (/^\p{Lu}-\p{Lu}$/u.test(word)) return word.replace(/\p{Lu}/gu, '$&.')
      return shouted && isLoud(word) && !word.includes('.') ? spoken(word) : word
    })
    .join(' ')
}

const SUFFIX = /,? (jr\.?|sr\.?|II|III|IV)$/iu
/** Titles and degrees are no part of a name in a reference (APA 7, 9.8; Chicago 18, 13.75); a role is a field of its own. */
const TITLE = /^(?:(?:dr|prof|professor|mr|mrs|ms|mx|rev)\.? )+(?=\p{L})/iu
const BEHIND = /,? (?:ph\.?d|m\.?d|m\.?a|b\.?a|esq|dphil|msc|bsc|rn)\.?$/iu
/** As catalogues of libraries have names: "Ada, 1950-", "Ada M. (Ada Mary), approximately 1800-1871", "Ada, author". */
const YEARS = /, (?:(?:active|approximately|born|died|b\.|d\.|ca\.|fl\.) ?)?\d{4}\??(?: ?[-–] ?(?:\d{4}\??)?)?[.,]?$/iu
const RELATOR = /, (?:author|editor|translator|illustrator|compiler|contributor|director|producer|host)\.?$/iu
const FULLER = /(?<=\p{L}\.?) \((?:\p{Lu}\p{Ll}+ ?)+\)$/u
const ROLE = /,? ?[([](?:eds?|editors?|trans|translator|comp|illus|dir|director|author|host)\.?[)\]]$/iu

/** A name given whole as a person's: "Penhale, Mary"; a group with its abbreviation behind it: "Water Office (WO)". */
function fromLiteral(name: Name): Name {
  const given = name.literal!.trim()
  const literal = setDown(fromCatalogue(given))
  if (literal !== given) return fromLiteral({ ...name, literal })
  // "Carew Tides (@carewtides)": an account, by its name and its username.
  const account = /^([^@]{1,200}) [([](@[\p{L}\d._-]{1,60})[)\]]$/u.exec(literal)
  if (account && !name.username) return fromLiteral({ ...name, literal: account[1]!, username: account[2]! })
  const short = /^(.{4,200}) [([](\p{Lu}[\p{Lu}&.-]{1,9})[)\]]$/u.exec(literal)
  if (short && !name.short) return { ...name, literal: short[1]!, short: short[2]! }
  const parts = literal.split(', ')
  const isPerson = parts.length === 2 && !looksLikeGroup(literal) && !/[&@]|\b(?:and|inc|ltd|llc|co)\b/iu.test(literal)
    && parts.every(part => /^\p{Lu}/u.test(part) && part.split(' ').length <= 3)
  return isPerson ? { ...readName(literal), ...(name.username ? { username: name.username } : {}) } : name
}

/** "Hans (H.-W.)", "Hans ({H.-W.})": the name that is used, with the initials of all of them. */
const INITIALS_BEHIND = /^(\p{Lu}[\p{L}’'-]*) ?[([]\{?((?:\p{Lu}\.?[- ]?){1,5})\}?[)\]]$/u

const fromCatalogue = (text: string): string => {
  if (!/[,\d(]/u.test(text)) return text
  const bare = text.replace(RELATOR, '').replace(YEARS, '')
  return /^\p{Lu}\./u.test(bare) ? bare.replace(FULLER, '') : bare
}

/** A given name without titles and degrees, and the suffix that stood in it or behind the family name. */
function partsOf(name: Name): Name {
  let { family = '', given = '', suffix } = name
  given = fromCatalogue(given).replace(ROLE, '').replace(TITLE, '').replace(BEHIND, '')
  family = fromCatalogue(family).replace(ROLE, '').replace(BEHIND, '')
  for (const text of [given, family]) suffix ??= SUFFIX.exec(text)?.[1]
  if (suffix !== undefined && name.suffix === undefined) {
    given = given.replace(SUFFIX, '')
    family = family.replace(SUFFIX, '')
  }
  const both = INITIALS_BEHIND.exec(given)
  if (both) return { ...name, family, given: both[1]!, initials: both[2]!.trim(), ...(suffix === undefined ? {} : { suffix }) }
  if (family === name.family && given === (name.given ?? '')) return name
  return { ...name, family, ...(name.given === undefined ? {} : { given }), ...(suffix === undefined ? {} : { suffix }) }
}

/** Stands last among names where there are more that the source does not give: "Moss, Ada; et al.". */
export const OTHERS: Name = Object.freeze({ literal: 'et al.' })
const SAYS_OTHERS = /^(?:(?:and|&) )?(?:et\.? al\.?|et alii|others|and others|u\. ?a\.)$/iu

/** The names of one role; the same objects where nothing was to be done. */
export function cleanNames(names: readonly Name[]): readonly Name[] {
  const last = names.at(-1)!
  if (names.length > 1 && !last.given && SAYS_OTHERS.test((last.literal ?? last.family ?? '').trim())) return [...names.slice(0, -1).map(cleanName), OTHERS]
  return names.map(cleanName)
}

/** Most names are as they should be: "Okonjo", "Adaeze R.". */
const PLAIN_FAMILY = /^\p{Lu}[\p{Ll}’'-]+$/u
const PLAIN_GIVEN = /^\p{Lu}(?:\p{Ll}+|\.)(?: \p{Lu}\.)*$/u

/** The same object where nothing was to be done. */
export function cleanName(given: Name): Name {
  if (given.literal !== undefined) return fromLiteral(given)
  if (!given.family || (PLAIN_FAMILY.test(given.family) && PLAIN_GIVEN.test(given.given ?? ''))) return given
  // A whole name in the place of the surname.
  const whole = given.given === undefined && !given.particle && /^\p{Lu}\p{Ll}+ (?:\p{Lu}\.? )?\p{Lu}\p{Ll}+$/u.test(given.family) && !looksLikeGroup(given.family)
  return cleanParts(partsOf(whole ? readName(given.family) : given))
}

function cleanParts(name: Name): Name {
  if (!name.family) return name
  const shouted = isLoud(name.family)
  const family = shouted && name.family.length > 1 ? familyOf(name.family) : name.family
  const given = name.given === undefined ? undefined : givenOf(name.given, shouted)
  if (family === name.family && given === name.given) return name
  return { ...name, family, ...(given === undefined ? {} : { given }) }
}
