/**
 * The states and provinces that addresses of publishers name by two letters, with their country as manuals abbreviate it.
 * Without Newfoundland: "Delft, NL" is likelier the Netherlands.
 */
const STATES = `
USA|AL Alabama|AK Alaska|AZ Arizona|AR Arkansas|CA California|CO Colorado|CT Connecticut|DE Delaware|FL Florida|GA Georgia|HI Hawaii|ID Idaho|IL Illinois|IN Indiana
IA Iowa|KS Kansas|KY Kentucky|LA Louisiana|ME Maine|MD Maryland|MA Massachusetts|MI Michigan|MN Minnesota|MS Mississippi|MO Missouri|MT Montana|NE Nebraska|NV Nevada
NH New Hampshire|NJ New Jersey|NM New Mexico|NY New York|NC North Carolina|ND North Dakota|OH Ohio|OK Oklahoma|OR Oregon|PA Pennsylvania|RI Rhode Island
SC South Carolina|SD South Dakota|TN Tennessee|TX Texas|UT Utah|VT Vermont|VA Virginia|WA Washington|WV West Virginia|WI Wisconsin|WY Wyoming|DC District of Columbia
Canada|AB Alberta|BC British Columbia|MB Manitoba|NB New Brunswick|NS Nova Scotia|ON Ontario|PE Prince Edward Island|QC Quebec|SK Saskatchewan
`

interface State { code: string, country: string }
const byName = new Map<string, State>()
const fullNames = new Set<string>()
let country = ''
for (const row of STATES.trim().split(/[|\n]/u)) {
  const read = /^([A-Z]{2}) (.+)$/u.exec(row)
  if (!read) { country = row; continue }
  const state = { code: read[1]!, country }
  byName.set(read[1]!.toLowerCase(), state).set(read[2]!.toLowerCase(), state)
  fullNames.add(read[2]!.toLowerCase())
}
/** As it was abbreviated before there were two letters: "Mass.", "Calif.". */
for (const [short, code] of Object.entries({ 'mass': 'MA', 'calif': 'CA', 'conn': 'CT', 'ill': 'IL', 'mich': 'MI', 'minn': 'MN', 'wash': 'WA', 'tex': 'TX', 'fla': 'FL', 'd.c': 'DC', 'n.y': 'NY', 'n.j': 'NJ', 'n.c': 'NC', 'ont': 'ON' }))
  byName.set(short, byName.get(code.toLowerCase())!)

/** "Millbridge, VT", "Millbridge, Vermont", "Millbridge, VT, USA": the town, its state by two letters and the country. */
export function inState(place: string): { town: string, state: string, country: string } | undefined {
  const read = place.length < 120 ? /^([^,]+), ?([^,]+?)\.?(?:, ?(USA|U\.S\.A\.|United States|US|Canada))?$/u.exec(place) : null
  const state = read && byName.get(read[2]!.toLowerCase())
  return state ? { town: read[1]!, state: state.code, country: state.country } : undefined
}

/** "Michigan"; "North", where "Carolina" stands behind it. Short forms may be common words: "Wash". */
export const isStateName = (word: string, behind = ''): boolean =>
  fullNames.has(word.toLowerCase()) || fullNames.has(`${word} ${behind}`.toLowerCase())
