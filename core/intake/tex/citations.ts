/**
 * LaTeX's citation commands in pasted text: \cite[p. 4]{a,b}, \parencite[see][104]{a}, \textcite{a}, \citet, \citep,
 * \autocite, \footcite.
 */
import type { CitationData } from '../../sheet/document'
import { readLocator } from '../../source/locators'
import { fromLatex } from './latex'

const COMMAND =
  /\\(cite|citep|citet|citealp|citealt|citeauthor|citeyear|citeyearpar|parencite|textcite|autocite|footcite|footcitetext|smartcite|supercite|nocite)\*?((?:\s*\[[^\]]*\]){0,2})\s*\{([^{}]+)\}/gu
const NARRATIVE = new Set(['citet', 'textcite', 'citeauthor'])
const NO_NAME = new Set(['citeyear', 'citeyearpar'])

/** Splits text at its citation commands. A command with a key that `idOf` does not know stays as it was typed. */
export function readLatexCitations(text: string, idOf: (key: string) => string | undefined): (string | CitationData)[] {
  const out: (string | CitationData)[] = []
  let at = 0
  for (const match of text.matchAll(COMMAND)) {
    const [whole, command, options, keys] = match as unknown as [string, string, string, string]
    const ids = keys.split(',').map(key => idOf(key.trim()) ?? idOf(key.trim().toLowerCase()))
    if (ids.some(id => id === undefined) || command === 'nocite') continue
    const said = [...options.matchAll(/\[([^\]]*)\]/gu)].map(one => fromLatex(one[1]!))
    // One option is the place; of two the first stands before.
    const [before, behind] = said.length === 2 ? said : ['', said[0] ?? '']
    const last = ids.length - 1
    if (match.index > at) out.push(text.slice(at, match.index))
    at = match.index + whole.length
    out.push({
      items: ids.map((id, i) => {
        const isPlace = i === last && /^(?:pp?|ch|chap|sec|para|fig|l|ll|v|vol|§)?\.?\s*[\divxlc]+/iu.test(behind ?? '')
        return {
          id: id!,
          locator: isPlace ? readLocator(behind!) : undefined,
          ...(i === 0 && before ? { prefix: before } : {}),
          ...(i === last && behind && !isPlace ? { suffix: behind } : {}),
        }
      }),
      form: NARRATIVE.has(command) ? 'narrative' : NO_NAME.has(command) ? 'suppress-author' : 'parenthetical',
    })
  }
  if (at < text.length) out.push(text.slice(at))
  return out
}
