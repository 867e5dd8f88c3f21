import { checkDetails } from '~~/core/check/details'
import { composeAlone } from '~~/core/compose/compose'
import type { Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'
import { BY_LIST } from '~~/core/text/by-list'
import { decideTitlesBy } from '~~/core/text/capitals'
import { listen, type Answered } from '~~/app/titles/answers'

/** All that a page will ask about the titles of these sources in their paper's style: it has no word lists of its own. */
export function titleAnswers(sources: readonly Source[], styleId: string): Answered[] {
  const style = styleOf(styleId)
  if (!style) return []
  const now = new Date()
  return listen(BY_LIST, (listening) => {
    decideTitlesBy(listening)
    try {
      for (const source of sources) {
        composeAlone(style, source)
        checkDetails({ source, style, today: [now.getFullYear(), now.getMonth() + 1, now.getDate()] })
      }
    }
    finally { decideTitlesBy(BY_LIST) }
  })
}
