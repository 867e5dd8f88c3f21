/** The paper and its list onto the clipboard, rich and plain together, as they print. */
import { copyRich } from '~/utils/clipboard'
import { listAsHtml, listAsText } from '~~/core/sheet/carry'

export function useCopying() {
  const store = usePaper()
  const owned = useSources()
  const written = useText()
  const composed = useComposition()
  const annotations = () => new Map(owned.sources.flatMap(source => (source.annotation ? [[source.id, source.annotation] as const] : [])))
  async function paper() {
    const [{ printPaper }, { paperAsHtml }, { writeText }] = await Promise.all([
      import('~~/core/sheet/print'), import('~~/core/handin/formats/carried'), import('~~/core/handin/formats/text'),
    ])
    const printed = printPaper({
      style: store.style, title: store.paper!.title, details: store.paper!.details, body: written.body,
      sources: owned.sources, alsoList: composed.alsoList, annotations: annotations(),
    }, composed.composition)
    await copyRich(paperAsHtml(printed), writeText(printed))
  }
  async function list() {
    const all = annotations()
    const carried = { entries: composed.composition.list, annotation: (id: string) => all.get(id) ?? '', details: store.paper?.details ?? {} }
    await copyRich(listAsHtml(store.style, carried, true), listAsText(store.style, carried, { heading: true }))
  }
  return { paper, list }
}
