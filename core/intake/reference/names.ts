/** The names at the head of a formatted reference, in the orders and punctuations of the styles. */
import type { Name } from '../../source/names'
import { looksLikeGroup, readName } from '../../source/names'
import { PARTICLE as SMALL } from '../../text/lists/particles'

const PARTICLE = `(?:(?:${SMALL}|Van|Von|De)\\s+)*`
/** "Okonjo", "O’Dowd", "al-Rashidi". */
const WORD = '(?:(?:al|el|an|ar|as|ash|at|az)[‐-]|[dl][’\'])?(?:\\p{Lu}[\\p{L}\\p{M}]*[’\'‐-])*\\p{Lu}[\\p{L}\\p{M}’\'‐-]+'
/** What stands before a surname and is too short, or has too much of a stop, to be a word of it: "Ó Briain", "St. Aubyn". */
const SHORT_HEAD = '(?:(?:Ó|Ua|Uí|Ní|Nic|St\\.?|Ste\\.?)\\s)?'
const SURNAME = `${PARTICLE}${SHORT_HEAD}${WORD}(?:\\s(?!(?:Jr|Sr|II|III|IV)\\b)${WORD}){0,2}`
const INITIAL = '(?!St\\.|Ste\\.)\\p{Lu}\\p{Ll}?\\.'
/** The second of two with a hyphen may be small: "J.-w.". */
const BARE_INITIALS = `${INITIAL}(?:\\s?[-‐‑]\\s?\\p{L}\\p{Ll}?\\.|\\s?${INITIAL}|\\s\\p{Ll}\\.(?=,|\\s[&(]|\\sand\\s))*`
const INITIALS = `${BARE_INITIALS}(?:\\s(?:${SMALL}))*`
const GIVEN = `(?:${WORD}|${INITIAL})(?:[\\s-](?:${WORD}|${INITIAL}|\\p{Lu}(?![\\p{L}.])))*(?:\\s(?:${SMALL}))?`
/**
 * Behind a surname: names first, then initials. What is a word behind an initial and its stop begins the title ("Harrow,
 * Edith M. Locks of …").
 */
const GIVEN_BEHIND = `(?:(?:${INITIAL}[\\s-])?${WORD}(?:[\\s-]${WORD})*(?:[\\s-](?:${INITIAL}|\\p{Lu}(?![\\p{L}.])))*|${INITIAL}(?:[\\s-]${INITIAL})*)(?:\\s(?:${SMALL}))?`
const SUFFIX = '(?:,?\\s(?:Jr|Sr|II|III|IV|2nd|3rd)\\b\\.?)?'

interface Grammar {
  id: 'inverted-initials' | 'compressed' | 'natural-initials' | 'inverted-full' | 'natural-full'
  first: RegExp
  next: RegExp
  read: (text: string) => Name
}
const pattern = (source: string) => new RegExp(`^${source}`, 'u')

const inverted = (text: string): Name => {
  const [family, ...rest] = text.split(/,\s*/u)
  const suffix = rest.find(part => /^(?:Jr|Sr|II|III|IV|2nd|3rd)\.?$/u.test(part))
  const givens = rest.filter(part => part !== suffix)
  // "Sato, E. Jr."
  const last = givens.join(' ')
  const tail = /\s(Jr|Sr|II|III|IV)\.?$/u.exec(last)
  return clean({ ...particle(family!), given: tail ? last.slice(0, tail.index) : last, suffix: suffix ?? tail?.[1] })
}
const natural = (text: string): Name => {
  const tail = /,?\s(Jr|Sr|II|III|IV|2nd|3rd)\.?$/u.exec(text)
  const body = tail ? text.slice(0, tail.index) : text
  const initials = new RegExp(`^(${BARE_INITIALS})\\s+(\\S.*)$`, 'u').exec(body)
  const name = initials ? { given: initials[1]!, ...particle(initials[2]!) } : readName(body)
  return clean({ ...name, suffix: tail?.[1] })
}
const compressed = (text: string): Name => {
  const match = COMPRESSED.exec(text)!
  // "Brandt U von": the particle goes with the given name, and is dropped with it.
  return clean({ ...particle(match[1]!), given: `${match[2]!.replace(/\p{Lu}(?!-)/gu, '$&. ').replace(/\p{Lu}(?=-)/gu, '$&.').trim()}${match[3] ?? ''}`, suffix: match[4] })
}
const COMPRESSED = new RegExp(`^(.+?)\\s(\\p{Lu}(?:-?\\p{Lu}){0,3})(\\s(?:${SMALL}))?(?:\\s(Jr|Sr|II|III|IV|2nd|3rd))?$`, 'u')
const WITH_PARTICLE = new RegExp(`^((?:(?:${SMALL}) )+)(\\S.*)$`, 'u')
function particle(family: string): Pick<Name, 'family' | 'particle'> {
  const match = WITH_PARTICLE.exec(family)
  return match ? { particle: match[1]!.trim(), family: match[2]! } : { family }
}
const clean = (name: Name): Name =>
  Object.fromEntries(
    Object.entries(name)
      .map(([key, value]) => [key, key === 'given' ? (value as string).replace(/(?<=\p{Lu}\. )\p{Ll}(?=\.)/gu, small => small.toUpperCase()) : key === 'suffix' && /^(?:jr|sr)$/iu.test(value as string) ? `${value}.` : value])
      .filter(([, value]) => value),
  ) as Name

const GRAMMARS: readonly Grammar[] = [
  {
    id: 'inverted-initials',
    first: pattern(`${SURNAME},\\s?${INITIALS}${SUFFIX}(?!\\p{L})`),
    next: pattern(`${SURNAME},\\s?${INITIALS}${SUFFIX}(?!\\p{L})`),
    read: inverted,
  },
  {
    id: 'natural-initials',
    first: pattern(`${BARE_INITIALS}\\s?${SURNAME}${SUFFIX}`),
    next: pattern(`${BARE_INITIALS}\\s?${SURNAME}${SUFFIX}`),
    read: natural,
  },
  {
    id: 'compressed',
    first: pattern(`${SURNAME}\\s(?!III?\\b)\\p{Lu}(?:-?\\p{Lu}){0,2}(?:\\s(?:${SMALL}))?(?:\\s(?:Jr|Sr|II|III|IV|2nd|3rd))?(?=[.,;:(]|\\s\\(|\\s*$)`),
    next: pattern(`${SURNAME}\\s(?!III?\\b)\\p{Lu}(?:-?\\p{Lu}){0,2}(?:\\s(?:${SMALL}))?(?:\\s(?:Jr|Sr|II|III|IV|2nd|3rd))?(?=[.,;:(]|\\s\\(|\\s*$)`),
    read: compressed,
  },
  {
    id: 'inverted-full',
    first: pattern(`${SURNAME},\\s${GIVEN_BEHIND}${SUFFIX}`),
    next: pattern(
      `(?:${GIVEN}\\s${PARTICLE}${SHORT_HEAD}${WORD}${SUFFIX}(?=\\s(?:and|&)|[,;.:(]|\\s|$)|${SURNAME},\\s${GIVEN_BEHIND}${SUFFIX}(?=\\s(?:and|&)|[,;.]\\s))`,
    ),
    read: (text) => (/^[^,]+,\s*(?!\s|(?:Jr|Sr|II|III|IV)\b)/u.test(text) ? inverted(text) : natural(text)),
  },
  {
    id: 'natural-full',
    first: pattern(`${GIVEN}\\s${PARTICLE}${SHORT_HEAD}${WORD}${SUFFIX}`),
    next: pattern(`${GIVEN}\\s${PARTICLE}${SHORT_HEAD}${WORD}${SUFFIX}`),
    read: natural,
  },
]

const GROUP_FIRST = /^(?:\p{Lu}[\p{L}\d’'&-]*\s){1,6}(?:Group|Consortium|Collaboration|Team|Network|Committee|Investigators|Initiative|Trialists)(?=[,;]\s|\s(?:&|and)\s)/u
const SEPARATOR = /^(?:\s*,\s*(?:and|&)\s+|\s*;\s*(?:and\s+|&\s+)?|\s+(?:and|&)\s+|\s*,\s*(?:\.\s?\.\s?\.|…)\s*,?\s*(?:&\s+)?|\s*,\s+)/u
const ET_AL = /^\s*(?:[,;]\s*)?(?:et\s+al\.?|and others|\[?et al\]?\.?)/u

/** No head of a reference is longer, in characters: 200 names. */
const LONGEST = 8000

export interface Head { names: Name[], grammar: Grammar['id'], end: number, others: boolean }

/**
 * The names that a text begins with, by each order that can read them, the longest first.
 * `end` is where they end; what must follow (a stop, a bracket, a quotation mark) is the caller's to judge.
 */
export function readHead(text: string): Head[] {
  const head = text.slice(0, LONGEST)
  return GRAMMARS.map((grammar) => consume(head, grammar))
    .filter((head) => head !== undefined)
    .sort((a, b) => rank(a) - rank(b) || b.end - a.end || b.names.length - a.names.length)
}

/** Initials are surer evidence of an order than whole words. */
const rank = ({ grammar }: Head): number => (grammar === 'inverted-full' || grammar === 'natural-full' ? 1 : 0)

function consume(text: string, grammar: Grammar): Head | undefined {
  // "ELDERSAFE Study Group, Roth A.": a group that leads people, by the word that ends its name.
  const group = GROUP_FIRST.exec(text)
  const first = group ?? grammar.first.exec(text)
  if (!first || (group && !grammar.next.test(text.slice(group[0].length + /^[,;\s&]*(?:and\s)?/u.exec(text.slice(group[0].length))![0].length)))) return undefined
  let end = first[0].length
  const names = [group ? { literal: group[0] } : grammar.read(first[0].trim())]
  let others = false
  let beforeLast: number | undefined
  for (let guard = 0; guard < 200; guard++) {
    const etAl = ET_AL.exec(text.slice(end))
    if (etAl) { end += etAl[0].length; others = true; break }
    const separator = SEPARATOR.exec(text.slice(end))
    if (!separator) break
    const at = end + separator[0].length
    const rest = text.slice(at)
    const etAlNext = /^(?:et\s+al\.?|others\b)/u.exec(rest)
    if (etAlNext) { end = at + etAlNext[0].length; others = true; break }
    const name = grammar.next.exec(rest)
    if (name) {
      // A title in quotation marks or a lower-case word is no name.
      if (/\s\.\s?\.\s?\.|…/u.test(separator[0])) others = true
      names.push(grammar.read(name[0].trim()))
      beforeLast = /^\s*,\s+$/u.test(separator[0]) ? end : undefined
      end = at + name[0].length
      continue
    }
    // A group among people, only behind an "and": "& Marine Planning Agency."
    const group = /&|and/u.test(separator[0])
      ? /^(\p{Lu}[\p{L}’'-]+(?:\s(?:\p{Lu}[\p{L}’'-]+|of|for|the|and))+)(?=\.\s|\s\()/u.exec(rest)
      : undefined
    // "Le Roux, J. R., and Siobhan O’Hara": a person, in the order of speech.
    if (group) { names.push(looksLikeGroup(group[1]!) || group[1]!.split(' ').length > 3 ? { literal: group[1]! } : natural(group[1]!)); end = at + group[1]!.length }
    break
  }
  // The last of several whole names has an "and" before it: what only a comma sets off begins the title ("Moss, Ada, Working Tides").
  if (beforeLast !== undefined && !others && grammar.id === 'inverted-full' && /^(?:\s\((?!\d{4})|,\s)/u.test(text.slice(end))) {
    names.pop()
    end = beforeLast
  }
  return { names, grammar: grammar.id, end, others }
}

/** Names of editors and translators inside an entry: whatever order they are in. All of the text must be names. */
export function readInnerNames(text: string): Name[] | undefined {
  const bare = text.trim().replace(/^by\s+/iu, '').replace(/[,;]$/u, '')
  const head = readHead(bare).find(h => h.end >= bare.length - 1)
  if (head) return head.names
  return /^\p{Lu}[\p{L}’'.-]+(?:\s(?:\p{Lu}[\p{L}’'.-]+|of|for|the|and|&))*$/u.test(bare) && bare.length < 80 ? [readName(bare)] : undefined
}
