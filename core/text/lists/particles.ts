/** Small words before a surname that belong to it: "Sanne van der Berg", "Inés de la Cueva". */
const WORDS = 'van von de der den del della di da dos das du la le ter ten zu zur zum al el af av bin ibn y'.split(' ')

export const PARTICLES: ReadonlySet<string> = new Set(WORDS)
/** The same as alternatives of an expression; "y" by itself stands in too many other places. */
export const PARTICLE = WORDS.filter(word => word !== 'y').join('|')
