/** What composing costs: how it grows, what one changed source costs, whether a keystroke is free. */
import { compose, type Citation } from '../core/compose/compose'
import { citationsOf, countWords, type DocNode } from '../core/sheet/document'
import type { Source } from '../core/source/model'
import { STYLES } from '../core/styles'
import { median, ms } from './median'

function paper(works: number): { sources: Source[], citations: Citation[], doc: DocNode } {
  const sources = Array.from({ length: works }, (_, i): Source => ({
    id: `s${i}`, kind: i % 3 === 0 ? 'book' : i % 3 === 1 ? 'journal-article' : 'web-page',
    fields: { author: [{ family: `Author${String.fromCharCode(97 + (i * 7) % 26)}${i % 40}`, given: 'Mary Ann' }], issued: { start: { year: 1990 + i % 30 } }, title: `A Study of the Tide: Part ${i} of the Survey of Mills`, container: 'Journal of Estuary Heritage', volume: '4', pages: '101-119', publisher: 'Saltmarsh Press', url: 'https://x.example/a' },
  }))
  const citations = Array.from({ length: works * 3 }, (_, i): Citation => ({ items: [{ id: `s${(i * 13) % works}`, locator: { label: 'page', place: String(i + 1) } }] }))
  const doc: DocNode = { type: 'doc', content: citations.map((data, i) => ({ type: 'paragraph', content: [{ type: 'text', text: 'The pond remembers what the mill forgot. '.repeat(5) }, { type: 'citation', attrs: { id: `c${i}`, data } }] })) }
  return { sources, citations, doc }
}

export function composing() {
  const small = paper(25)
  const large = paper(100)
  console.log('style                     100 works, 300 citations   growth x4   one source changed / all new   keystroke / compose')
  for (const style of STYLES) {
    const fresh = (p: ReturnType<typeof paper>) => () => compose(style, p.sources.map(s => ({ ...s, fields: { ...s.fields } })), p)
    const cold = median(fresh(large), 5)
    const coldSmall = median(fresh(small), 5)
    const warm = median(() => compose(style, [{ ...large.sources[0]!, fields: { ...large.sources[0]!.fields } }, ...large.sources.slice(1)], large))
    const key = median(() => JSON.stringify(citationsOf(large.doc)).length + countWords(large.doc))
    console.log(`${style.id.padEnd(24)}  ${ms(cold).padStart(24)}   ${(cold / coldSmall).toFixed(1).padStart(9)}   ${(warm / cold).toFixed(2).padStart(28)}   ${(key / cold).toFixed(2).padStart(19)}`)
  }
}
