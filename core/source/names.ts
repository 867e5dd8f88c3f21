/**
 * Names of people and groups. Parts are kept as given; how they print is the style's affair.
 */
import * as z from 'zod'
import { GROUP_WORDS } from '../text/lists/organisations'
import { PARTICLES } from '../text/lists/particles'

export const nameSchema = z.object({
  family: z.string().optional(),
  given: z.string().optional(),
  /** A particle that belongs to the surname: the "van der" of Sanne van der Berg. */
  particle: z.string().optional(),
  /** A particle that the surname drops when it stands alone: the "von" of many German names. */
  droppingParticle: z.string().optional(),
  suffix: z.string().optional(),
  /** A group, a username, a name of one word: printed as it stands. */
  literal: z.string().optional(),
  /** The name used on a service, with its @. */
  username: z.string().optional(),
  /** Initials where the given name does not show them all: "Hans (H.-W.)". */
  initials: z.string().optional(),
  /** The abbreviation of a group's name, used after its first citation. */
  short: z.string().optional(),
})
export type Name = z.infer<typeof nameSchema>

/** A name with something in it. */
export const isNamed = (name: Name): boolean =>
  Boolean((name.literal ?? '').trim() || (name.family ?? '').trim() || (name.given ?? '').trim())

/** The surname as it stands in running text, with the particle that belongs to it; a group's whole name. */
export function surname(name: Name): string {
  if (name.literal) return name.literal.trim()
  return joinParticle(name.particle, name.family ?? name.given ?? '')
}

/** A particle stands apart from its surname unless it ends in a hyphen or an apostrophe: "al-Masri", "d'Aubigny", "van der Berg". */
const joinParticle = (particle: string | undefined, family: string): string =>
  (particle ? `${particle.trim()}${/[-\u2010'’]$/u.test(particle.trim()) ? '' : ' '}${family}` : family).trim()

/** Given name, natural order, with a dropping particle behind it. */
export const givenName = (name: Name): string =>
  name.literal || !name.family ? '' : [name.given, name.droppingParticle].filter(Boolean).join(' ').trim()

/** The whole name in natural order, suffix included. */
export const wholeName = (name: Name): string => [givenName(name), surname(name), name.suffix].filter(Boolean).join(' ')

/** Two names that print alike everywhere. */
export const sameName = (a: Name, b: Name): boolean => wholeName(a).toLowerCase() === wholeName(b).toLowerCase()
export const sameNames = (a: readonly Name[], b: readonly Name[]): boolean =>
  a.length === b.length && a.every((name, i) => sameName(name, b[i]!))

export interface InitialStyle {
  /** After each initial: "." or nothing. */
  stop: string
  /** Between initials: " " (A. R.), or nothing (A.R., AR). */
  space: string
  /** Whether J.-L. keeps its hyphen. */
  hyphen: boolean
}

/**
 * Initials of given names: "Adaeze R." A. R.; "Jean-Luc" J.-L.; "J.R." J. R.; "JR" (two capitals) J. R.
 * A lower-case particle among the given names ("Maria de") is kept as it stands.
 * Source: APA 7, 9.8; NLM Citing Medicine 2, Appendix F.
 */
export function initials(given: string, style: InitialStyle): string {
  const known = keptInitials.get(given)
  if (known?.style === style) return known.text
  const text = setInitials(given, style)
  if (keptInitials.size >= 10_000) keptInitials.clear()
  keptInitials.set(given, { style, text })
  return text
}
/** The same given names come again and again: what they became in the style that asked last is kept. */
const keptInitials = new Map<string, { style: InitialStyle, text: string }>()

function setInitials(given: string, style: InitialStyle): string {
  const words = given.trim().replace(/\.(?=\p{L})/gu, '. ').split(/\s+/u).filter(Boolean)
  const out: string[] = []
  for (const word of words) {
    const bare = word.replace(/\./gu, '')
    if (!bare) continue
    if (/^\p{Ll}/u.test(bare) && words.length > 1 && out.length) { out.push(` ${bare}`); continue }
    if (/^\p{Lu}{2,3}$/u.test(bare) && !word.includes('-')) {
      for (const letter of bare) out.push(letter + style.stop)
      continue
    }
    const parts = bare.split(/[-\u2010\u2011]/u).filter(Boolean).map(part => [...part][0]!.toUpperCase() + style.stop)
    out.push(parts.join(style.hyphen ? '-' : ''))
  }
  return out.join(style.space).replace(/\s+/gu, ' ').trim()
}

const SUFFIX = /^(?:jr|sr|[ivx]{2,4}|esq|ph\.?d|m\.?d)\.?$/iu
/**
 * Reads a name as a person types it: "Okonjo, Adaeze R.", "Adaeze R. Okonjo", "Whitlock, Samuel J., Jr.",
 * "van der Berg, Sanne". Names that look like groups stay whole; a name in braces is a group: "{Northmere Museums}".
 */
export function readName(typed: string): Name {
  const text = typed.trim().replace(/\s+/gu, ' ')
  // A name with the username it goes by: "Fenn, Walter [@tidelines]".
  const behind = inBrackets(text)
  if (behind && /^@\S+$/u.test(behind.inside)) return { ...readName(behind.before), username: behind.inside }
  const braced = /^\{(.*)\}$/u.exec(text)
  if (braced) return { literal: braced[1]!.trim() }
  // A group with its abbreviation: "Marine Planning Agency [MPA]".
  if (behind && !behind.before.includes(',')) return { literal: behind.before.replace(/^\{(.*)\}$/u, '$1'), short: behind.inside.trim() }
  if (text.startsWith('@')) return { literal: text }
  const pieces = text.split(',').map(piece => piece.trim()).filter(Boolean)
  if (pieces.length >= 2) {
    const suffix = pieces.slice(1).find(piece => SUFFIX.test(piece))
    const given = pieces.slice(1).filter(piece => piece !== suffix).join(' ')
    if (!given && !suffix) return { literal: text }
    return { ...splitParticle(pieces[0]!), ...(given ? { given } : {}), ...(suffix ? { suffix } : {}) }
  }
  const words = text.split(' ')
  if (words.length === 1 || looksLikeGroup(text)) return { literal: text }
  let suffix: string | undefined
  if (words.length > 2 && SUFFIX.test(words.at(-1)!)) suffix = words.pop()
  let at = words.length - 1
  while (at > 1 && (PARTICLES.has(words[at - 1]!) || HEADS.has(words[at - 1]!))) at--
  return {
    ...splitParticle(words.slice(at).join(' ')),
    given: words.slice(0, at).join(' '),
    ...(suffix ? { suffix } : {}),
  }
}

/** A name as `readName` would read it again. */
export function writeName({ username, ...name }: Name): string {
  if (username) return `${writeName(name)} [${username}]`
  if (name.literal !== undefined && name.short) return `${name.literal} [${name.short}]`
  if (name.literal !== undefined) return looksLikeGroup(name.literal) || !/[\s,]/u.test(name.literal) ? name.literal : `{${name.literal}}`
  return [[name.particle, name.family].filter(Boolean).join(' '), name.given, name.suffix].filter(Boolean).join(', ')
}

/** What stands in brackets at the end of a name, and what before them. */
function inBrackets(text: string): { before: string, inside: string } | undefined {
  if (!text.endsWith(']')) return undefined
  const open = text.indexOf('[', Math.max(1, text.lastIndexOf(']', text.length - 2) + 1))
  const inside = open > 0 ? text.slice(open + 1, -1) : ''
  return inside ? { before: text.slice(0, open).trimEnd(), inside } : undefined
}

/**
 * Several names typed in one line, separated by semicolons or "and"; by "and" only behind the last semicolon, and where
 * a comma follows.
 */
export function readNames(typed: string): Name[] {
  const [semicolon, comma] = [typed.lastIndexOf(';'), typed.lastIndexOf(',')]
  const apart = typed.replace(/(?<=\s)(?:and|&)(?=\s)/gu, (word, at: number) => (at > semicolon && at < comma ? '\n' : word))
  return apart.split(/[;\n]/u).map(part => part.trim()).filter(Boolean).map(readName)
}

function splitParticle(family: string): Pick<Name, 'family' | 'particle'> {
  const words = family.split(' ')
  let at = 0
  while (at < words.length - 1 && PARTICLES.has(words[at]!)) at++
  return at ? { particle: words.slice(0, at).join(' '), family: words.slice(at).join(' ') } : { family }
}

/** Words with a capital that a surname begins with: "Ruth Le Fay", "Cathal Ó Briain". */
const HEADS: ReadonlySet<string> = new Set(['Ó', 'Ua', 'Uí', 'Ní', 'Nic', 'Le', 'La', 'De', 'Du', 'Van', 'Von', 'St.', 'Ste.'])
const IS_GROUP = new RegExp(`\\b(?:${GROUP_WORDS})\\b`, 'iu')
/** Whether words name an organisation rather than a person. */
export const looksLikeGroup = (text: string): boolean => IS_GROUP.test(text) || /\s(?:of|for)\s/u.test(text)
