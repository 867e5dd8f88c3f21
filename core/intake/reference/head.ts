/** The head of a formatted reference: who made it, in which role, and when. */
import type { FieldName } from '../../source/fields'
import { readDate, SEASON } from '../../source/dates'
import { looksLikeGroup, type Name } from '../../source/names'
import { isCommonWord, isGivenName } from '../../text/title-words'
import { readHead, type Head } from './names'
import type { Peeler } from './peel'
import { DAY } from './peel'
import { GAP, Piece } from './text'

const YEARISH = '(?:ca?\\.\\s*)?\\d{4}[a-z]?(?:\\s*[-–/]\\s*\\d{2,4})?|(?:ca?\\.\\s*)?\\d{1,4}\\s*BCE|n\\.?\\s?d\\.?|no date|in press|forthcoming'
const IS_SEASON = new RegExp(`^(?:${SEASON})$`, 'iu')
const MONTH_WORD = '\\p{L}{3,9}\\.?'
const PAREN_DATE = new RegExp(
  `^[\\s.,${GAP}]*\\(((?:${YEARISH})(?:,\\s*${MONTH_WORD}(?:\\s+\\d{1,2})?(?:\\s*[-–]\\s*(?:${MONTH_WORD}\\s+)?\\d{1,2})?)?|\\d{1,2}\\s+${MONTH_WORD}\\s+\\d{4}|${MONTH_WORD}\\s+\\d{4})\\)[.,:]?\\s*`,
  'iu',
)
const BARE_YEAR = /^[.,]?\s+((?:ca?\. )?\d{4}[a-z]?(?:[-–]\d{2,4})?(?=\.)|n\.d(?=\.)|Forthcoming(?=\.))\.\s+/u
const ROLES: readonly [RegExp, FieldName][] = [
  [/^[,\s]*\(?\b(?:eds?|editors?)\b\.?\)?[.,]?/iu, 'editor'],
  [/^[,\s]*\(?\b(?:hosts?)\b\.?\)?[.,]?/iu, 'host'],
  [/^[,\s]*\(?\b(?:directors?|dirs?)\b\.?\)?[.,]?/iu, 'director'],
  [/^[,\s]*\binventors?\b\.?/iu, 'author'],
  [/^[,\s]*\(?\b(?:translators?|trans)\b\.?\)?[.,]?/iu, 'translator'],
  [/^[,\s]*\(?\b(?:compilers?|comps?)\b\.?\)?[.,]?/iu, 'compiler'],
  [/^[,\s]*\(?\b(?:executive )?producers?\b\)?[.,]?/iu, 'producer'],
  [/^[,\s]*\(?\bwriters?\b(?:\s*&\s*director)?\)?[.,]?/iu, 'scriptWriter'],
]

/** What stands behind a title, and never behind who made it. */
const MADE_BY = /^(?:Directed|Written|Edited|Translated|Performed|Hosted|Created|Produced|Illustrated|Narrated)\sby\s|^(?:(?:Technical|Research)\s)?[Rr]eport\s(?:[Nn]o\.\s)?[A-Z]{0,6}[ -]?\d|^Version\s\d|^\d+(?:st|nd|rd|th)\sed\b/u

const WITH_IMPRINT = /^[^()]{4,300}\([^()]{2,100},\s(?:ca?\.\s)?\d{4}\)|,\sUS\spatent\s\d/u

export function headAndDate(peeler: Peeler) {
  const { rest } = peeler
  const { text } = rest
  // An account, and a group that begins with The: in sentence style no title has all its capitals.
  const called = /^(@[\p{L}\d._-]{2,60}|The(?:\s\p{Lu}[\p{L}’'-]+){1,5})\.\s+(?=[\p{Lu}“‘"])/u.exec(text)
  if (called && !rest.slice(0, called[1]!.length).isItalic && !MADE_BY.test(text.slice(called[0].length)) && /[.?!]\s/u.test(text.slice(called[0].length))) {
    peeler.set('author', [{ literal: called[1]! }])
    peeler.rest = rest.slice(called[0].length)
    takeLeadingDate(peeler)
    return
  }
  // A name that is written small: "larch, tamsin. (1994)", "larch, t. Writing the shore."
  const small = /^(\p{Ll}[\p{L}’'-]+), (\p{L}\.(?: \p{L}\.)*|\p{Ll}[\p{L}’'-]*)\.?\s+(?=[(“"\p{Lu}])/u.exec(text)
  if (small && !rest.slice(0, small[1]!.length).isItalic) {
    const [, family, given] = small
    peeler.set('author', [{ family: family!, given: given! }])
    peeler.rest = rest.slice(small[0].length - (text[small[0].length] === '(' ? 1 : 0))
    takeLeadingDate(peeler)
    return
  }
  // One name alone: "Sorrel. To the drone in October. In: …".
  const alone = /^(\p{Lu}\p{Ll}{2,14})\.\s(?!In\b)(?=\p{Lu}[^.]{3,200}[.?!]\s\S)/u.exec(text)
  if (alone && !rest.slice(0, alone[1]!.length).isItalic && !looksLikeGroup(alone[1]!) && /^[^.]{3,200}[.?!]\s(?:In:|[^.]{2,60}, (?:translator|trans|editor|ed)\b)/u.test(text.slice(alone[0].length))) {
    peeler.set('author', [{ literal: alone[1]! }])
    peeler.rest = rest.slice(alone[0].length)
    return
  }
  const opensQuoted = /^[“"‘']/u.test(text)
  const opensItalic = rest.slice(0, Math.min(12, rest.length)).isItalic
  if (!opensQuoted && !opensItalic) {
    // Names are never italic and never in quotation marks: what is begins the title.
    const slantedAt = rest.italicRun(/^.{0,400}?\bet al\b/u.test(text) ? text.indexOf('et al') + 6 : 0)?.from ?? text.length
    const quotedAt = /[“"]|(?<=[\s(])[‘']/u.exec(text)?.index ?? text.length
    for (const head of readHead(text.slice(0, Math.min(slantedAt, quotedAt)))) {
      const after = afterHead(rest, head)
      if (!after) continue
      peeler.set(after.role, isGroupOfTwo(head) ? [{ literal: text.slice(0, head.end) }] : head.names)
      if (head.others) peeler.says.push('et al.')
      peeler.rest = after.rest
      otherHands(peeler)
      takeLeadingDate(peeler)
      return
    }
  }
  // "Carewick Ferries. New ferry times from Monday! [Internet]. Chirper; 2023": what stands before the title is who wrote it.
  const online = opensItalic ? null : /^([^“"‘'.,:()\uE001]{4,90})\.\s+(?=[^.\uE001]{4,240}\s?\uE001[.;]\s)/u.exec(text)
  if (online && isGroup(online[1]!, rest.slice(online[0].length))) {
    peeler.set('author', [{ literal: online[1]! }])
    peeler.rest = rest.slice(online[0].length)
    takeLeadingDate(peeler)
    return
  }
  // No person: a group or a title before the date.
  const dated =
    new RegExp(`^(.{3,240}?)[.,]?\\s+\\(((?:${YEARISH})(?:,\\s*${MONTH_WORD}(?:\\s+\\d{1,2})?)?)\\)(?=[.,:]?\\s|$)`, 'iu').exec(text)
    ?? /^([^.“"]{3,160})\.\s+(\d{4}[a-z]?|n\.d\.)\.\s/u.exec(text)
  if (dated && !/[“”"]|:\s.*\bno\.|\s\d+\s*$/u.test(dated[1]!) && !/^[,\s]*\bvol/iu.test(text.slice(dated[0].length))) {
    const lead = rest.slice(0, dated[1]!.length)
    const before = lead.text.replace(/\s*\((?:eds?|hosts?|directors?)\.?\)$/iu, '')
    if (!lead.isItalic && isGroup(before, rest.slice(dated[0].length))) {
      peeler.set('author', before.split(/\s*;\s*|,\s+&\s+/u).map(groupOrPerson))
      peeler.rest = rest.slice(dated[1]!.length)
      takeLeadingDate(peeler)
      return
    }
    // The title stands where the author would: "Visiting the old mill pond. (n.d.). Carewick Heritage Trail."
    peeler.rest = rest.slice(dated[1]!.length)
    takeLeadingDate(peeler)
    const tail = peeler.rest
    peeler.rest = new Piece(`${lead.text.replace(/\.$/u, '')}. ${tail.text}`, [
      ...lead.italic.slice(0, lead.text.replace(/\.$/u, '').length),
      false,
      false,
      ...tail.italic,
    ])
    return
  }
  if (opensQuoted || opensItalic) return
  // "Marine Planning Agency. *Small tidal schemes* …", "Marine Planning Agency, “Small tidal schemes,” …"
  const group = /^([^“"‘'.,:()]{4,90}(?:\[[^\]]+\])?)[.,]\s+/u.exec(text)
  // "Geological Map of the Lune Valley. Geological Office, 1987.": a title, and who published it.
  const published = /^([^.,:;]{3,60}),\s(?:1[4-9]|20)\d{2}\.(?:\s|$)/u.exec(text.slice(group?.[0].length ?? 0))
  if (group && !(published && looksLikeGroup(published[1]!)) && !MADE_BY.test(text.slice(group[0].length))) {
    const next = rest.slice(group[0].length)
    const run = next.italicRun()
    // Nothing but an address behind the italics: they are the container, and what stands first is the title.
    const lone =
      run && run.from <= 1 && !looksLikeGroup(group[1]!) && !/\p{L}{3}/u.test(next.text.slice(run.to).replace(new RegExp(DAY, 'giu'), ''))
    const titled = !lone && (/^[“"‘']/u.test(next.text) || next.slice(0, 8).isItalic)
    if ((titled || looksLikeGroup(group[1]!)) && isGroup(group[1]!, next) && (titled || /[.,]\s/u.test(next.text))) {
      peeler.set('author', [{ literal: group[1]!.trim() }])
      peeler.rest = next
      takeLeadingDate(peeler)
    }
  }
}

/**
 * In a list people stand with their surnames first or with initials: two words in the order of speech, of which the second is
 * a common one and the first no given name, are a group ("Carewick Ferries").
 */
function isGroupOfTwo({ grammar, names: [name, ...others] }: Head): boolean {
  if (grammar !== 'natural-full' || !name || others.length || !name.given || !name.family) return false
  return !isGivenName(name.given.toLowerCase()) && isCommonWord(name.family.toLowerCase())
}

/** "Tranter, B. (Writer), & Okell, D. (Director).": each hand of an episode with its role. */
function otherHands(peeler: Peeler) {
  for (let guard = 0; guard < 5; guard++) {
    const joined = /^[\s,;]*(?:(?:&|and)\s+|;\s*)/u.exec(peeler.rest.text)
    if (!joined) return
    const rest = peeler.rest.slice(joined[0].length)
    const found = readHead(rest.text).flatMap((head) => {
      const behind = rest.slice(head.end)
      const role = ROLES.map(([pattern, name]) => ({ match: pattern.exec(behind.text), name })).find(({ match }) => match?.[0].trim())
      return role ? [{ names: head.names, role: role.name, rest: behind.slice(role.match![0].length) }] : []
    })[0]
    if (!found) return
    peeler.set(found.role, found.names)
    peeler.rest = found.rest
  }
}

/** "Roth, A" among groups is a person. */
function groupOrPerson(one: string): Name {
  const person = /,\s\p{Lu}\.?$/u.test(one.trim()) ? readHead(`${one.trim().replace(/\.$/u, '')}.`)[0]?.names[0] : undefined
  return person ?? { literal: one.trim().replace(/\.$/u, '') }
}

/** Every word of weight has a capital, or a word says that it is an organisation; a title in sentence case has neither. */
export function isGroup(text: string, after: Piece): boolean {
  const words = text.trim().split(/\s+/u)
  if (words.length > 12 || /^[\s.,]*[Ii]n:?\s/u.test(after.text)) return false
  if (/^@/u.test(text)) return true
  if (/[?!:]/u.test(text)) return false
  const capital = words.every(
    (word, i) => /^[\p{Lu}\d&(]/u.test(word) || (i > 0 && /^(?:of|for|the|and|in|on|to|de|des|für|&)$/u.test(word)),
  )
  if (!capital) return false
  // What follows a lone title is its container: italic, or nothing but an address.
  const next = after.trim('\\s.,:;()\uE001')
  return words.length > 1 || next.length > 20 || looksLikeGroup(text) ? next.length > 3 : false
}

function afterHead(rest: Piece, head: Head): { rest: Piece, role: FieldName } | undefined {
  let after = rest.slice(head.end)
  let role: FieldName = 'author'
  let told = false
  for (const [pattern, name] of ROLES) {
    const match = pattern.exec(after.text)
    if (match && !/^\s*$/u.test(match[0])) { role = name; told = true; after = after.slice(match[0].length); break }
  }
  const next = after.text
  if (
    /^[\s.,]*In:?\s/u.test(next)
    || head.names.some((name) =>
      /^(?:The|A|An|How|Why|What|Who|When|Where|On|In|From|Toward|Towards)(?![.\p{L}])/u.test(name.given ?? name.literal ?? ''),
    )
  )
    return undefined
  if (PAREN_DATE.test(next) || BARE_YEAR.test(next) || /^[.,]?\s*\(\d{4}\)\s+\d{4}/u.test(next)) return { rest: after, role }
  if (told && /^[\s.,]*\S/u.test(next)) return { rest: after.trim('\\s,.:'), role }
  const opened = /^\s*(?:[.,:]\s*)?(?:(?:19|20)\d{2}[,.]\s+)?[“"‘']/u.test(next)
  if (opened) return { rest: after, role }
  const bare = after.trim('\\s,.:')
  if (/^[,.:]?\s/u.test(next) && bare.slice(0, 6).isItalic) return { rest: bare, role }
  // Plain: a stop ends the names; a comma only behind initials (IEEE, notes).
  const ended = /^(?:\.\s|(?<=\.)\s)/u.test(next) || (/[.]$/u.test(rest.text.slice(0, head.end)) && /^\s/u.test(next))
  if (ended && head.grammar !== 'natural-full') return { rest: bare, role }
  // "Iqbal, Hamza, review of *The Drowned Orchard*": what has no title of its own.
  if (/^,\s(?:book )?review of\s/iu.test(next)) return { rest: bare, role }
  // "Ruiz, Elena, Gardening by the Moon (Edinburgh: Thistle & Sons, 2003)": an imprint in brackets ends what a comma begins.
  if (/^,\s[\p{Lu}\d]/u.test(next) && head.grammar.startsWith('inverted') && WITH_IMPRINT.test(next)) return { rest: bare, role }
  if (head.grammar === 'natural-initials' && /^,\s/u.test(next)) return { rest: bare, role }
  if (ended && head.names.length > 1) return { rest: bare, role }
  return undefined
}

export function takeLeadingDate(peeler: Peeler) {
  const { text } = peeler.rest
  const both = /^[.,]?\s*\(((?:ca?\. )?\d{1,4}(?: BCE)?)\)\s+(\d{4}[a-z]?)\.\s+/u.exec(text)
  if (both) {
    peeler.set('originalDate', readDate(both[1]!))
    setDate(peeler, both[2]!)
    peeler.rest = peeler.rest.slice(both[0].length)
    return
  }
  const paren = PAREN_DATE.exec(text)
  if (paren) { setDate(peeler, paren[1]!); peeler.rest = peeler.rest.slice(paren[0].length); return }
  const comma = /^[,.]?\s*((?:19|20)\d{2})[,.]\s+(?=[“"‘'])/u.exec(text)
  if (comma) { setDate(peeler, comma[1]!); peeler.rest = peeler.rest.slice(comma[0].length); return }
  const bare = BARE_YEAR.exec(text)
  if (bare) {
    setDate(peeler, bare[1]!)
    peeler.rest = peeler.rest.slice(bare[0].length)
  }
  peeler.rest = peeler.rest.trim('\\s,.')
}

export function setDate(peeler: Peeler, typed: string) {
  const said = typed.trim()
  if (/^(?:n\.?\s?d\.?|no date)$/iu.test(said)) { peeler.says.push('no date'); return }
  if (/in press|forthcoming/iu.test(said)) { peeler.set('status', said.toLowerCase()); return }
  const order = /^(\d{4})[a-z]?,\s*(\p{L}+)\.?(?:\s+(\d{1,2}))?$/u.exec(said)
  const season = order && IS_SEASON.test(order[2]!)
  peeler.set(
    'issued',
    readDate(
      order
        ? season
          ? `${order[2]} ${order[1]}`
          : `${order[3] ? `${order[3]} ` : ''}${order[2]} ${order[1]}`
        : said.replace(/^(\d{4})[a-z]$/u, '$1'),
    ),
  )
}
