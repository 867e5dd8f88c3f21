/** The degree a thesis was written for, from what its title page calls it. */

export const DEGREE_LEVELS = ['doctoral', 'master', 'bachelor'] as const
export type DegreeLevel = (typeof DEGREE_LEVELS)[number]
export interface Degree {
  level: DegreeLevel
  /** The degree by its letters, without stops: PhD, MSc. */
  letters?: string
  word: 'thesis' | 'dissertation'
}

const LETTERS: Record<DegreeLevel, readonly string[]> = {
  doctoral: ['PhD', 'DPhil', 'EdD', 'DSc', 'ScD', 'DBA', 'DLitt', 'ThD'],
  master: ['MA', 'MS', 'MSc', 'MPhil', 'MEd', 'MBA', 'MEng', 'MFA', 'MRes', 'MLitt', 'MSt', 'MArch', 'MPH', 'MSW', 'MMus', 'MPA', 'LLM'],
  bachelor: ['BA', 'BS', 'BSc', 'BEd', 'BEng', 'BFA', 'BMus', 'LLB'],
}
const BY_LETTERS = new Map(
  DEGREE_LEVELS.flatMap((level) => LETTERS[level].map((letters) => [letters.toLowerCase(), { level, letters }] as const)),
)
const WORDS: readonly (readonly [RegExp, DegreeLevel])[] = [
  [/\bdoctor(?:al|ate|ates)?\b/iu, 'doctoral'],
  [/\bmaster[’']?s?[’']?(?=\s|$)/iu, 'master'],
  [/\bbachelor[’']?s?[’']?(?=\s|$)/iu, 'bachelor'],
]

/** Undefined for what is no thesis by its name ("Senior project") or does not say its degree ("Thesis"). */
export function readDegree(genre: string): Degree | undefined {
  const word = /thesis/iu.test(genre) || !/dissertation/iu.test(genre) ? 'thesis' : 'dissertation'
  for (const piece of genre.split(/[\s,()]+/u)) {
    const known = BY_LETTERS.get(piece.replace(/\./gu, '').toLowerCase())
    if (known) return { ...known, word }
  }
  const level = WORDS.find(([said]) => said.test(genre))?.[1]
  return level && { level, word }
}

/** "PhD" with its stops: Ph.D. */
export const degreeWithStops = (letters: string): string =>
  letters.startsWith('LL') ? `LL.${letters.slice(2)}.` : `${letters.split(/(?=\p{Lu})/u).join('.')}.`
