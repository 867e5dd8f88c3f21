import { checkDetails } from '~~/core/check/details'
import { compose, composeAlone } from '~~/core/compose/compose'
import type { DocNode } from '~~/core/sheet/document'
import { listing } from '~~/core/sheet/listing'
import { citationsOf, creditedIn } from '~~/core/sheet/walking'
import type { Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'
import { BY_LIST } from '~~/core/text/by-list'
import { listen, type Answered } from '~~/core/text/title-answers'

interface Titled { sources: readonly (Source & { listed: boolean, revision: number })[], paper: { style: string, body: DocNode } }

/** What one source asks by itself, as long as it stands as it is; the oldest go first. */
const known = new Map<string, readonly Answered[]>()
const MOST = 20_000
/** After so many milliseconds of one page's work, others have their turn. */
const TURN = 15

/** All that a page will ask about the titles of these sources in their paper's style: it has no word lists of its own. */
export async function titleAnswers({ sources, paper }: Titled): Promise<Answered[]> {
  const style = styleOf(paper.style)
  if (!style) return []
  const now = new Date()
  const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()] as const
  const answers = new Map<string, Answered>()
  const add = (all: readonly Answered[]) => { for (const one of all) answers.set(one[0], one) }
  let begun = performance.now()
  for (const source of sources) {
    const key = [style.id, source.id, source.revision, ...today].join(' ')
    let own = known.get(key)
    if (!own) {
      own = listen(BY_LIST, (listening) => {
        composeAlone(style, source, undefined, listening)
        checkDetails({ source, style, today }, listening)
      })
      known.set(key, own)
      if (known.size > MOST) known.delete(known.keys().next().value!)
    }
    add(own)
    if (performance.now() - begun < TURN) continue
    await new Promise(resolve => setImmediate(resolve))
    begun = performance.now()
  }
  // In the paper a title may stand cut, or in other capitals, where a work has no author or shares one.
  const alsoList = [...listing(sources).alsoList, ...creditedIn(paper.body)]
  add(listen(BY_LIST, listening => void compose(style, sources, { citations: citationsOf(paper.body), alsoList }, listening)))
  return [...answers.values()]
}
