/** What rules about citations share: going through them, changing one, whose words a quotation and a sentence name. */
import { spokenNames } from '../sheet/placement'
import type { DocNode } from '../sheet/document'
import type { Source } from '../source/model'
import { isCommon } from '../text/capitals'
import type { Fix } from './finding'
import { blockBecomes, splice } from './mending'
import { citationsIn, sentenceAt, type Line, type LineCitation, type Quoted } from './reading'
import type { BlockSetting, Found } from './setting'

/** Each citation of a block, with the line it stands in. */
export const eachCitation = ({ reading }: BlockSetting, visit: (line: Line, citation: LineCitation) => Found[]): Found[] =>
  reading.citations.length ? reading.lines.flatMap(line => line.citations.flatMap(citation => visit(line, citation))) : []

/** The block with one citation's data changed. */
const recited = (block: DocNode, line: Line, { at, id }: LineCitation, data: LineCitation['data']): DocNode =>
  splice(block, line.path, [{ from: at, to: at + 1, put: [{ type: 'citation', attrs: { id, data } }] }])

/** What a change of a citation to another form would print is seen only when it is composed: the label says what it does. */
export const reform = (setting: BlockSetting, line: Line, citation: LineCitation, data: LineCitation['data'], label: string): Fix =>
  ({ label, change: blockBecomes(recited(setting.block, line, citation, data)) })

/** The citation that a quotation goes with: the next of its sentence, else the last before it there. */
export function citationOf(line: Line, { from, to }: Pick<Quoted, 'from' | 'to'>): LineCitation | undefined {
  const sentence = line.sentences[sentenceAt(line, from)]!
  const last = line.sentences[sentenceAt(line, to - 1)]!
  const here = citationsIn(line, sentence.from, last.to)
  return here.find(one => one.at >= to) ?? here.findLast(one => one.at < from)
}

/** Words shorter than this between marks are a term or a turn of phrase, not a quotation to be found again. */
export const QUOTATION = 4

export const SAYS =
  /^(?:[’']s?)?\s(?:\p{L}+ly\s)?(?:argu|claim|conclud|describ|demonstrat|examin|explain|f(?:i|ou)nd|identif|insist|maintain|measur|not|observ|point|propos|record|report|sa(?:y|id)|show|stat|suggest|th(?:ink|ought)|wr[io]t|h(?:as|ave|olds?|eld)|call|ask|count)/u

/** How a sentence names all the authors of a source; undefined where it does not, or not all of them. */
export function saidIn(text: string, source: Source): string | undefined {
  const ways = spokenNames(source)
  const whole = ways.length > 1 ? ways.slice(0, -1) : ways
  return whole.find((name) => {
    for (let at = text.indexOf(name); at >= 0; at = text.indexOf(name, at + 1)) {
      const before = text[at - 1] ?? ' '
      const behind = text.slice(at + name.length, at + name.length + 3)
      if (/[\p{L}\p{N}-]/u.test(before) || /^[\p{L}\p{N}-]/u.test(behind) || /^\s\p{Lu}/u.test(behind)) continue
      // Moss at the head of a sentence may be what grows on stones, unless it says something.
      if (at === 0 && !name.includes(' ') && isCommon(name) && !SAYS.test(text.slice(name.length))) continue
      return true
    }
    return false
  })
}
