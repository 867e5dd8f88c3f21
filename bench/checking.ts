/** What checking costs: a paper of 90,000 words whole, after one letter, after one more citation; against splitting its text into words. */
import { Checker } from '../core/check/checker'
import { Composer } from '../core/compose/compose'
import { fromCsl } from '../core/source/csl'
import type { DocNode } from '../core/sheet/document'
import { citationsOf } from '../core/sheet/walking'
import { styleOf } from '../core/styles'
import { wordsOf } from '../core/text/words'
import { least, ms } from './median'
import { mixed } from './mixed'

const SENTENCES = [
  'The pond fills from the seaward side, and the gates that hold the water back hold back the current as well. ',
  'Most of what is known of it was written down by people who were paid to do something else. ',
  'A keeper wrote that “the water does not come when it is called” and shut the book. ',
  'Nothing in the accounts of 1861 or of 1880 says who opened the sluice, how often, or why. ',
]
const PARAGRAPHS = 1100

/** A paper of so many paragraphs, each with a citation. */
export function longPaper(paragraphs = PARAGRAPHS): DocNode {
  const block = (i: number): DocNode => ({
    type: 'paragraph',
    content: [
      { type: 'text', text: SENTENCES.join('').trimEnd().replace('1861', String(1600 + (i % 300))).slice(0, -1) },
      { type: 'citation', attrs: { id: `c${i}`, data: { items: [{ id: `s${i % 200}`, locator: { label: 'page', place: String(i) } }], form: 'parenthetical' } } },
      { type: 'text', text: `. Paragraph ${i} goes on for a while about silt.` },
    ],
  })
  return { type: 'doc', content: Array.from({ length: paragraphs }, (_, i) => block(i)) }
}

export function checking() {
  const sources = mixed(200).map(fromCsl)
  console.log('style                     whole / words of the text   after a letter / whole   after a citation / whole')
  for (const id of ['apa-7', 'mla-9', 'chicago-18-notes', 'ieee']) {
    const style = styleOf(id)!
    let doc = longPaper()
    const text = JSON.stringify(doc)
    const composer = new Composer()
    let checker = new Checker()
    const run = (from: Checker, of: DocNode) => from.check({
      style, sources, doc: of, composition: composer.compose(style, sources, { citations: citationsOf(of) }), alsoList: [], passages: [], title: 'Silt', today: [2026, 11, 28],
    })
    let n = 0
    const typed = (of: DocNode, piece: DocNode): DocNode => {
      const content = [...of.content!]
      const at = Math.floor(PARAGRAPHS / 2)
      content[at] = { ...content[at]!, content: [...content[at]!.content!, piece] }
      return { ...of, content }
    }
    run(checker, doc)
    const [words, whole, letter, citation] = least(
      5,
      { make: () => text, run: (one: string) => wordsOf(one) },
      { make: () => structuredClone(doc), run: (one: DocNode) => { checker = new Checker(); run(checker, one); doc = one } },
      { make: () => typed(doc, { type: 'text', text: ` ${n++}` }), run: (one: DocNode) => { doc = one; run(checker, one) } },
      {
        make: () => typed(doc, { type: 'citation', attrs: { id: `n${n++}`, data: { items: [{ id: `s${n % 200}` }], form: 'parenthetical' } } }),
        run: (one: DocNode) => { doc = one; run(checker, one) },
      },
    ) as [number, number, number, number]
    console.log(`${id.padEnd(24)}  ${`${(whole / words).toFixed(1)} (${ms(whole)})`.padStart(25)}   ${`1/${Math.round(whole / letter)} (${ms(letter)})`.padStart(22)}   ${`1/${Math.round(whole / citation)}`.padStart(24)}`)
  }
}
