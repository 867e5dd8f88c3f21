/** Letters a line of plain text has, where one is wanted. */
export const WIDTH = 78

/**
 * A text in lines of so many letters at most; a word or an address that is longer stands alone.
 * @param first before the first line @param rest before the others
 */
export function wrapped(text: string, first: string, rest: string, width = WIDTH): string[] {
  const lines: string[] = []
  let line = first
  let begun = false
  for (const word of text.split(/[^\S\u00A0]+/u).filter(Boolean)) {
    if (begun && line.length + 1 + word.length > width) {
      lines.push(line)
      line = rest
      begun = false
    }
    line += begun ? ` ${word}` : word
    begun = true
  }
  return [...lines, line]
}
