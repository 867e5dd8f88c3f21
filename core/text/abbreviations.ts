/**
 * Abbreviations: journal titles by the standard title words (ISO 4 practice), proceedings, universities.
 * The tables are data and may grow.
 */
import { TITLE_WORDS } from './data/title-words'

let table: Map<string, string> | undefined
const words = () => (table ??= new Map(TITLE_WORDS.trim().split('\n').map((line) => {
  const [word, short] = line.split('=') as [string, string]
  return [word.trim(), short.trim()] as const
})))

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
  return parts.map(abbreviateWord).join(' ')
}

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

const PROCEEDINGS: readonly [RegExp, string][] = [
  [/\bProceedings of the\b/giu, 'Proc.'], [/\bProceedings\b/giu, 'Proc.'],
]
const PROCEEDINGS_WORDS: readonly [RegExp, string][] = [
  ...PROCEEDINGS,
  [/\bSymposium\b/giu, 'Symp.'],
  [/\bConference\b/giu, 'Conf.'],
  [/\bInternational\b/giu, 'Int.'],
  [/\bAnnual\b/giu, 'Annu.'],
  [/\bWorkshop\b/giu, 'Workshop'],
  [/\bCongress\b/giu, 'Congr.'],
  [/\bMeeting\b/giu, 'Meeting'],
  [/\bNational\b/giu, 'Nat.'],
  [/\bEuropean\b/giu, 'Eur.'],
  [/\bAmerican\b/giu, 'Amer.'],
  [/\bEngineering\b/giu, 'Eng.'],
  [/\bTechnology\b/giu, 'Technol.'],
  [/\bTechnical\b/giu, 'Tech.'],
  [/\bScience\b/giu, 'Sci.'],
  [/\bSociety\b/giu, 'Soc.'],
  [/\bSystems\b/giu, 'Syst.'],
  [/\bApplications\b/giu, 'Appl.'],
  [/\bAdvances\b/giu, 'Adv.'],
  [/\bResearch\b/giu, 'Res.'],
  [/\bManagement\b/giu, 'Manage.'],
  [/\bEnvironmental\b/giu, 'Environ.'],
  [/\bEnvironment\b/giu, 'Environ.'],
  [/\bFirst\b/giu, '1st'],
  [/\bSecond\b/giu, '2nd'],
  [/\bThird\b/giu, '3rd'],
  [/\bFourth\b/giu, '4th'],
  [/\bFifth\b/giu, '5th'],
]

/** "Proceedings of the 6th Symposium on Small Hydropower": Proc. 6th Symp. Small Hydropower (IEEE Reference Guide, conferences). */
export function abbreviateProceedings(title: string, how: 'words' | 'proc'): string {
  const table = how === 'words' ? PROCEEDINGS_WORDS : PROCEEDINGS
  const set = table.reduce((text, [pattern, short]) => text.replace(pattern, short), title)
  return how === 'words' ? set.replace(/\s+/gu, ' ').replace(/ (?:on|of|the|for|in|and)(?= )/giu, '') : set
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
