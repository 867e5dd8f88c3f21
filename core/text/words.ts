/** Words as they are counted and compared: letters and figures, with the apostrophes and hyphens inside them. */
const WORD = /[\p{L}\p{N}][\p{L}\p{M}\p{N}’'-]*/gu

/** Every word of a text with the place it begins at. */
export const wordsOf = (text: string): { word: string, at: number }[] =>
  [...text.matchAll(WORD)].map((match) => ({ word: match[0], at: match.index }))

export const countOf = (text: string): number => text.match(WORD)?.length ?? 0
