import { checkDetails } from '~~/core/check/details'
import { compose, composeAlone } from '~~/core/compose/compose'
import type { DocNode } from '~~/core/sheet/document'
import { listing } from '~~/core/sheet/listing'
import { citationsOf, creditedIn } from '~~/core/sheet/walking'
import type { Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'
import { BY_LIST } from '~~/core/text/by-list'
import { listen, type Answered } from '~~/core/text/title-answers'

interface Titled { sources: readonly (Source & { listed: boolean })[], paper: { style: string, body: DocNode } }

/** All that a page will ask about the titles of these sources in their paper's style: it has no word lists of its own. */
export function titleAnswers({ sources, paper }: Titled): Answered[] {
  const style = styleOf(paper.style)
  if (!style) return []
  const now = new Date()
  return listen(BY_LIST, (listening) => {
    for (const source of sources) {
      composeAlone(style, source, undefined, listening)
      checkDetails({ source, style, today: [now.getFullYear(), now.getMonth() + 1, now.getDate()] }, listening)
    }
    // In the paper a title may stand cut, or in other capitals, where a work has no author or shares one.
    const alsoList = [...listing(sources).alsoList, ...creditedIn(paper.body)]
    compose(style, sources, { citations: citationsOf(paper.body), alsoList }, listening)
  })
}
