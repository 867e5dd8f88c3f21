/** Patents: the office that gave one, from the number as it was copied or from the authority (WIPO ST.3, codes of offices). */

/** "US 9,999,321": a patent's number begins with the code of its country. */
const CODE = /^([A-Z]{2})\s*(?=\d)/u
/** The offices by name, as numbers and authorities give them. */
const OFFICES: readonly (readonly [RegExp, string])[] = [
  [/^(?:U\.?\s?S\.?(?:\s?A\.?)?|United States)(?=\s|$)/iu, 'US'],
  [/^(?:European|EPO)\b/iu, 'EP'],
  [/^(?:British|UK|U\.K\.|GB|United Kingdom)(?=\s|$)/iu, 'GB'],
  [/^German\b/iu, 'DE'],
  [/^French\b/iu, 'FR'],
  [/^(?:Japan|Japanese)\b/iu, 'JP'],
  [/^(?:Chinese|China)\b/iu, 'CN'],
  [/^Canadian\b/iu, 'CA'],
  [/^Australian\b/iu, 'AU'],
  [/^Korean\b/iu, 'KR'],
  [/^(?:World Intellectual Property|WIPO|PCT)\b/iu, 'WO'],
]
const office = (words: string): string | undefined => OFFICES.find(([name]) => name.test(words.replace(/^the\s+/iu, '')))?.[1]

export interface PatentNumber { country?: string, bare: string }

/** The office's code and the number without it: "U.S. Patent No. 9,876,543" is US and 9,876,543. */
export function readPatent(number: string, authority = ''): PatentNumber {
  const said = number.replace(/^(?:(?:no|nr|number)\b\.?\s+)+/iu, '')
  if (said !== number) return readPatent(said, authority)
  const code = CODE.exec(number)?.[1]
  if (code) return { country: code, bare: number.replace(CODE, '') }
  const named = /^(?:(.{0,40}?)\s*)?\bpatent\b(?:\s+(?:application|publication))?\s*(?:(?:(?:no|nr|number)\b\.?)\s*)?(?=\S*\d)/iu.exec(
    number,
  )
  const bare = named ? number.slice(named[0].length) : number
  if (CODE.test(bare)) return readPatent(bare)
  const country = (named?.[1] ? office(named[1]) : undefined) ?? office(authority)
  return country ? { country, bare } : { bare: named?.[1] ? number : bare }
}
