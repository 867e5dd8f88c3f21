/**
 * Where a name may be split otherwise: which of its words are the surname is seldom certain where there are three and more,
 * or where the surname comes first (APA 7, 9.8; Chicago 18, 13.76–13.78; MLA Handbook 9, 2.73–2.76).
 */
import { PARTICLES } from '../text/lists/particles'
import { SURNAMES_FIRST } from '../text/lists/surnames-first'
import { givenName, surname, type Name } from './names'

/** An initial, with its stop or without: "R.", "JR". */
const INITIAL = /^(?:\p{Lu}\.?-?){1,3}$/u
/** Words that join two surnames of one person: "Ortega y Gasset". */
const JOINING = new Set(['y', 'e', 'i'])

/**
 * Other likely splits of a person's name, the likeliest first; none where the words leave no doubt.
 * @param elsewhere names of other sources: one of the same words that was split otherwise there comes first
 */
export function otherSplits(name: Name, elsewhere: readonly Name[] = []): Name[] {
  if (name.literal !== undefined || !name.family || !name.given || name.droppingParticle) return []
  const words = `${givenName(name)} ${surname(name)}`.split(/\s+/u)
  const rest = (from: number, family: string): Name => ({
    family, given: words.slice(0, from).join(' '), ...(name.suffix ? { suffix: name.suffix } : {}),
  })
  const out: Name[] = []
  const add = (one: Name) => { if (one.given && !sameParts(one, name) && !out.some(other => sameParts(other, one))) out.push(one) }
  for (const one of elsewhere)
    if (one.family && one.given && sameWords(one, words)) add({ ...one, ...(name.suffix ? { suffix: name.suffix } : {}) })
  const last = words.length - 1
  // "Kim Min-jun", "Nguyen Thi Lan": the surname before the given name.
  const first = words[0]!
  if (!INITIAL.test(first) && (SURNAMES_FIRST.has(first.toLowerCase()) || (words.length === 2 && /^\p{Lu}\p{Ll}+-\p{Ll}+$/u.test(words[1]!))))
    add({ family: first, given: words.slice(1).join(' '), ...(name.suffix ? { suffix: name.suffix } : {}) })
  if (words.length < 3) return out
  // "Inés Robles Ferrer": two surnames; "José Ortega y Gasset": joined.
  const joined = JOINING.has(words[last - 1]!.toLowerCase())
  const from = joined ? last - 2 : last - 1
  if (from > 0 && ![words[from - 1]!, words[from]!].some(word => PARTICLES.has(word)) && !INITIAL.test(words[from]!)) add(rest(from, words.slice(from).join(' ')))
  // "Robles Ferrer, Inés" may be Inés Robles Ferrer as well: a second given name.
  if (!joined && !PARTICLES.has(words[last - 1]!) && !name.particle) add(rest(last, words[last]!))
  return out.slice(0, 3)
}

/** The same words in whatever order: a surname that comes first is first in one and last in the other. */
const sameWords = (name: Name, words: readonly string[]): boolean => {
  const row = (all: readonly string[]) => all.map(word => word.toLowerCase()).sort().join(' ')
  return row(`${givenName(name)} ${surname(name)}`.split(/\s+/u)) === row(words)
}
const sameParts = (a: Name, b: Name): boolean =>
  givenName(a).toLowerCase() === givenName(b).toLowerCase() && surname(a).toLowerCase() === surname(b).toLowerCase()
