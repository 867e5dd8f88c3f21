/** What the core makes of the open paper: its citations, notes and list as they print, and what they count. */
import { computed } from 'vue'
import { defineStore } from 'pinia'
import { Composer, composeAlone, filingOrder, type Composition } from '~~/core/compose/compose'
import { COUNTED, countParts, total, type Counted } from '~~/core/sheet/count'
import { listing } from '~~/core/sheet/listing'
import { plain } from '~~/core/text/runs'
import { usePaper } from './paper'
import { useSources } from './sources'
import { useText } from './text'

export const useComposition = defineStore('composition', () => {
  const paper = usePaper()
  const text = useText()
  const owned = useSources()
  const part = computed(() => listing(owned.sources, paper.paper?.details.headings))
  /** What is listed without being cited: kept so by the writer, or credited under a table or figure. */
  const alsoList = computed(() => [...new Set([...part.value.alsoList, ...text.credited])])
  const composer = new Composer()
  const composition = computed<Composition>(() =>
    composer.compose(paper.style, owned.sources, { ...part.value, citations: text.citations, alsoList: alsoList.value }),
  )
  /** What counts as words, as this paper's writer chose; papers from before quotations could be left out count them. */
  const counted = computed<Counted[]>(() => {
    const { countedParts, counted: before } = paper.paper?.details ?? {}
    const names = (countedParts ?? (before === undefined ? 'quoted,headings,blockQuotations' : `quoted,${before}`)).split(',')
    return COUNTED.filter(part => names.includes(part))
  })
  const counts = computed(() => countParts(text.body, composition.value))
  const words = computed(() => total(counts.value, counted.value))
  const citedTimes = computed(() => {
    const times = new Map<string, number>()
    for (const citation of text.citations) for (const { id } of citation.items) times.set(id, (times.get(id) ?? 0) + 1)
    return times
  })
  /** Sources in the order a list of all of them files them. */
  const filed = computed(() => filingOrder(paper.style, owned.sources).map(id => owned.byId.get(id)!))
  /** A source as a sentence of the paper would name it. */
  const nameOf = (id: string): string => {
    const source = owned.byId.get(id)
    return source ? plain(composeAlone(paper.style, source).narrative) : ''
  }
  return { nameOf, alsoList, composition, counted, counts, words, citedTimes, filed }
})
