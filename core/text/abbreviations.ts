/**
 * Abbreviations: journal titles by the standard title words (ISO 4 practice), proceedings, universities.
 * The tables are data and may grow.
 */
import { PROCEEDINGS_WORDS } from './data/proceedings-words'
import { TITLE_WORDS } from './data/title-words'
import { rowOf } from './lookup'
import { ordinal, ORDINAL_WORDS } from './numbers'

let table: Map<string, string> | undefined
const words = () => (table ??= new Map(TITLE_WORDS.trim().split(/\s+/u).map(entry => entry.split('=') as [string, string])))

const SMALL = new Set([
  'a',
  'an',
  'the',
  'and',
  'of',
  'for',
  'in',
  'on',
  'to',
  'with',
  'at',
  'by',
  'from',
  '&',
  'de',
  'la',
  'le',
  'des',
  'du',
  'et',
  'der',
  'die',
  'das',
  'und',
  'für',
  'del',
  'y',
  'e',
])

/** "Journal of Estuary Heritage": J. Estuary Herit. A title of one word is never abbreviated (ISO 4, 4.3). */
export function abbreviateJournal(title: string): string {
  const parts = title.split(/\s+/u).filter(word => !SMALL.has(word.toLowerCase()))
  if (parts.length < 2) return title
  const stopless = parts.some(isStopless)
  return parts.map(word => (stopless && isShort(word) ? `${word}.` : abbreviateWord(word))).join(' ')
}

/** Abbreviations that are no words of their own. */
const NO_WORDS = new Set('j sci int soc res ecol biol chem phys med eng technol psychol hist educ econ environ proc rev appl ann am amer br brit eur adv clin mol stud bull geogr sociol philos neurosci nurs agric anthropol archaeol biochem comput manag q quart lett commun anal'.split(' '))
let shorts: ReadonlySet<string> | undefined
/** Whether a word, with a stop, is the abbreviation of another: "Ecol", and "Coast" too. */
const isShort = (word: string): boolean => /^\p{Lu}\p{Ll}*$/u.test(word)
  && (shorts ??= new Set([...words().values()].filter(short => short.endsWith('.')).map(short => short.toLowerCase()))).has(`${word.toLowerCase()}.`)
/** An abbreviation that has lost its stop and is no word of its own: "J", "Ecol". In such a title the others have lost theirs. */
const isStopless = (word: string): boolean => isShort(word) && NO_WORDS.has(word.toLowerCase())

function abbreviateWord(word: string): string {
  const known = words()
  const match = /^(.*?)([,:;]?)$/u.exec(word)!
  const bare = match[1]!
  const lower = bare.toLowerCase()
  const short = known.get(lower) ?? stem(lower, known)
  if (!short) return bare
  return short === '–' ? bare : /^\p{Lu}/u.test(bare) ? short[0]!.toUpperCase() + short.slice(1) : short
}

/** Entries ending in a hyphen stand for every word that begins so ("engineer-" Eng.). */
function stem(word: string, known: Map<string, string>): string | undefined {
  for (let n = word.length; n >= 4; n--) {
    const short = known.get(`${word.slice(0, n)}-`)
    if (short) return short
  }
  return undefined
}

const PROCEEDINGS = /\bProceedings(?: of the)?\b/giu
/** Words that the shortened title of proceedings leaves out. */
const LEFT_OUT = new Set(['on', 'of', 'the', 'for', 'in', 'and', '&'])

const CONFERENCE = /Proc\.|conference|conf\.|congress|symposi|symp\.|workshop|meeting|colloqui|convention|forum|summit|assembl|seminar|annual|international/iu
/**
 * "Proceedings of the 6th Symposium on Small Hydropower": Proc. 6th Symp. Small Hydropower (IEEE Reference Guide, conferences).
 * What is shortened already stays as it is.
 */
export function abbreviateProceedings(title: string, how: 'words' | 'proc'): string {
  const set = title.replace(PROCEEDINGS, 'Proc.')
  if (how === 'proc') return set
  // A course or a lecture is no conference, and its name is written out.
  if (!CONFERENCE.test(set)) return set
  const words = set.split(/\s+/u)
  return words
    .filter((word, i) => i === 0 || i === words.length - 1 || !LEFT_OUT.has(word.toLowerCase()))
    .map((word) => word.replace(/^([(“‘"]*)(\p{L}+)(?![\p{L}.’'])/u, (whole, open: string, bare: string) => {
      const lower = bare.toLowerCase()
      const ordinalAt = ORDINAL_WORDS.indexOf(lower)
      const short = ordinalAt >= 0 ? ordinal(ordinalAt + 1) : rowOf(PROCEEDINGS_WORDS, lower)
      return short === undefined ? whole : open + short
    }))
    .join(' ')
}

/**
 * Universities and presses: "University of Northmere Press" Univ. Northmere Press (IEEE), U of Northmere P (MLA 9, 5.62);
 * MLA leaves out business words as well (5.62).
 * @param institutes whether an Institute becomes Inst. too
 */
export function shortenPublisher(name: string, how: 'Univ.' | 'U', institutes = false): string {
  if (how === 'Univ.') {
    const short = name.replace(/\bUniversity of (?:the )?/gu, 'Univ. ').replace(/\bUniversity\b/gu, 'Univ.')
    return institutes ? short.replace(/^Institute (?:for|of) (?:the )?/u, 'Inst. ') : short
  }
  const university = /\bUniversity\b|\bUniversit(?:é|ät|y)\b/u.test(name)
  const business = name
    .replace(/\s+/gu, ' ')
    .replace(/,? (?:Company|Co\.|Corporation|Corp\.|Inc\.?|Incorporated|Limited|Ltd\.?|LLC|GmbH|Publishers?|Publishing(?: Company)?)$/u, '')
    .replace(/^The /u, '')
  if (!university) return business || name
  return business.replace(/\bUniversity Press\b/gu, 'UP').replace(/\bUniversity\b/gu, 'U').replace(/\bPress\b/gu, 'P')
}
