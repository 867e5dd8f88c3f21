/**
 * Marks: citations typed as plain text, for drafts written anywhere.
 * `[ref: okonjo-2021, p. 104]`, `[ref in-text: okonjo-2021]`, `[ref no-name: okonjo-2021, p. 104]`,
 * `[ref: see okonjo-2021, p. 104, on silt; thorne-2019]`.
 */
import type { CitationData } from '../sheet/document'
import { readLocator } from '../source/locators'

const MARK = /\[ref(?:\s+(in-text|no-name|place))?:\s*([^\][]+)\]/gu
const FORMS = { 'in-text': 'narrative', 'no-name': 'suppress-author', 'place': 'place-alone' } as const
const KEY = /[a-z0-9][a-z0-9-]*/gu

/** Splits text at its marks. A mark with a key that `idOf` does not know stays in the text as it was typed. */
export function readMarks(text: string, idOf: (key: string) => string | undefined): (string | CitationData)[] {
  const out: (string | CitationData)[] = []
  let at = 0
  for (const match of text.matchAll(MARK)) {
    const items = match[2]!.split(';').map(part => readItem(part.trim(), idOf))
    if (items.some(item => item === undefined)) continue
    if (match.index > at) out.push(text.slice(at, match.index))
    at = match.index + match[0].length
    out.push({ items: items as CitationData['items'], form: FORMS[match[1] as keyof typeof FORMS] ?? 'parenthetical' })
  }
  if (at < text.length) out.push(text.slice(at))
  return out
}

const ANY_MARK = /\[ref(?:\s+(?:in-text|no-name|place))?:\s*([^\][]+)\]|\\[a-z]*cite[a-z]*\*?(?:\s*\[[^\]]*\]){0,2}\s*\{([^{}]+)\}/giu

/** Marks and citation commands in a text, each with the keys it names, whoever has them. */
export const marksIn = (text: string): { typed: string, at: number, keys: string[] }[] =>
  [...text.matchAll(ANY_MARK)].map((match) => ({
    typed: match[0],
    at: match.index,
    keys: (match[2]
      ? match[2].split(',')
      : match[1]!.split(';').flatMap((part) => /[a-z0-9][a-z0-9-]*-\d{4}[a-z]?|[a-z][a-z0-9-]*-[a-z0-9-]+/u.exec(part)?.[0] ?? [])
    )
      .map((key) => key.trim())
      .filter(Boolean),
  }))

function readItem(part: string, idOf: (key: string) => string | undefined): CitationData['items'][number] | undefined {
  for (const match of part.matchAll(KEY)) {
    const id = idOf(match[0])
    if (!id) continue
    const prefix = part.slice(0, match.index).trim()
    const rest = part.slice(match.index + match[0].length).replace(/^\s*,\s*/u, '')
    const [place = '', ...words] = splitPlace(rest)
    return { id, locator: readLocator(place), ...(prefix ? { prefix } : {}), ...(words.length ? { suffix: words.join(', ') } : {}) }
  }
  return undefined
}

/** "p. 104, on silt": the place, then words. What does not begin as a place is words. */
function splitPlace(rest: string): string[] {
  if (!rest) return ['']
  const parts = rest.split(/\s*,\s*/u)
  const isPlace = (text: string) =>
    /^(?:pp?\.?\s*)?[\divxlc]+(?:[-–:.]\w+)*$|^(?:pp?|ch|chap|para?s?|sec|fig|lines?|v|vol)\b\.?\s*\S+$|^[A-Z]\d+/iu.test(text)
  let n = 0
  while (n < parts.length && isPlace(parts[n]!)) n++
  return [parts.slice(0, n).join(', '), ...parts.slice(n)]
}
