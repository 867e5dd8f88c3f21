/**
 * A quotation that runs on from the writer's sentence ("writes that …") begins with a small letter; a changed capital
 * stands in brackets (APA 7, 8.31; MLA Handbook 9, 6.56; Chicago 18, 12.20).
 */
const STARTERS = new Set(
  'a an the we it in on at by to for from with as if when while where what who how why that this these those there they he she you our my his her its their your and but or so yet no not all some any many most more few each every one two three both such only then here now even still once after before since because although though until unless'.split(
    ' ',
  ),
)
const WORD = /^(\p{Lu})(\p{Ll}[\p{L}\p{M}’'-]*|(?=[\s,]))/u

/**
 * @param quotation without its marks; @param known words in small letters met elsewhere in the paper: a word among them is no name
 * @returns the quotation with its first letter changed in brackets; as it is where the word is a name, or may be one
 */
export function runOn(quotation: string, known: ReadonlySet<string>): string {
  const match = WORD.exec(quotation)
  if (!match) return quotation
  const word = match[0].toLowerCase().replace(/['’](?:s|ll|re|ve|d|t)?$/u, '')
  if (match[0] === 'I' || !(STARTERS.has(word) || known.has(word))) return quotation
  return `[${match[1]!.toLowerCase()}]${quotation.slice(match[1]!.length)}`
}

/** The words of texts that begin with a small letter. */
export function smallWords(texts: Iterable<string>): Set<string> {
  const out = new Set<string>()
  for (const text of texts) for (const [word] of text.matchAll(/(?<![\p{L}\p{N}’'-])\p{Ll}[\p{L}\p{M}-]*/gu)) out.add(word)
  return out
}
