/** Which slips stand in Gather's column and in what order, and which are chosen. */
import { duplicateOf } from '~~/core/check/details'
import type { Finding } from '~~/core/check/finding'
import { Duplicates } from '~~/core/source/duplicates'
import { dateOf, textOf } from '~~/core/source/model'
import type { KindId } from '~~/core/source/kinds'
import { foldWords } from '~~/core/text/filing'
import { writeName } from '~~/core/source/names'
import { FIELDS, FIELD_NAMES } from '~~/core/source/fields'
import { kindOf } from '~~/core/source/kinds'
import { writeDate } from '~~/core/source/dates'
import type { PaperSource } from '~/stores/sources'
import { findingsOf } from '~/utils/findings'

export type Show = 'all' | 'ready' | 'look' | 'uncited'
export type Order = 'filed' | 'newest' | 'year'

/** More than these are drawn and looked through as they come in sight, and not by the server. */
export const MANY_SLIPS = 150

const texts = new WeakMap<object, string>()
/** Everything of a source that a search may meet, folded. */
function wordsOf(source: PaperSource): string {
  const known = texts.get(source.fields)
  if (known !== undefined) return known
  const text = foldWords(FIELD_NAMES.map((name) => {
    const value = source.fields[name]
    if (value === undefined) return ''
    return typeof value === 'string'
      ? value
      : Array.isArray(value)
        ? value.map(writeName).join(' ')
        : FIELDS[name].type === 'date'
          ? writeDate(value)
          : ''
  }).join(' '))
  texts.set(source.fields, text)
  return text
}

export function useSlips(open: Ref<string | undefined>) {
  const store = usePaper()
  const composed = useComposition()
  const owned = useSources()
  const passages = usePassages()
  const show = ref<Show>('all')
  const kind = ref<KindId | ''>('')
  const order = ref<Order>('filed')
  const find = ref('')

  // Findings of thousands of sources take a moment: they are made in pieces, between which the page answers.
  const standing = useFindings()
  const findings = shallowRef(new Map<string, Finding[]>())
  const counted = ref(false)
  let round = 0
  const nameOf = (source: PaperSource) => `“${textOf(source, 'title').replace(/<[^>]+>/gu, '').slice(0, 60) || source.key}”`
  async function look() {
    const mine = ++round
    const [sources, style] = [owned.sources, store.style]
    if (import.meta.server && sources.length > MANY_SLIPS) return
    const map = new Map<string, Finding[]>()
    const seen = new Duplicates<PaperSource>()
    let at = performance.now()
    for (const source of sources) {
      const found = [...findingsOf(source, style)]
      const twin = seen.find(source)
      seen.add(source)
      if (twin) {
        const finding = duplicateOf(source, { id: twin.source.id, name: nameOf(twin.source) }, twin.by, style)
        found.unshift(finding)
      }
      map.set(source.id, found)
      if (map.size > 200 && performance.now() - at > 12 && import.meta.client) {
        await new Promise(resolve => setTimeout(resolve))
        if (mine !== round) return
        at = performance.now()
      }
    }
    if (mine !== round) return
    findings.value = map
    counted.value = true
  }
  watch([() => owned.sources, () => store.style], () => void look(), { immediate: true })

  const of = (id: string): readonly Finding[] => standing.standingOf({ id }, findings.value.get(id) ?? [])
  const isReady = (id: string): boolean => !of(id).some(finding => finding.serious)
  const ready = computed(() => owned.sources.filter(s => isReady(s.id)).length)
  const uncited = computed(() => owned.sources.filter(s => !composed.citedTimes.has(s.id)).length)
  const kinds = computed(() => {
    const counts = new Map<KindId, number>()
    for (const source of owned.sources) counts.set(source.kind, (counts.get(source.kind) ?? 0) + 1)
    return [...counts].map(([id, n]) => ({ id, n, label: kindOf(id).label })).sort((a, b) => b.n - a.n || a.label.localeCompare(b.label))
  })

  // Slips keep their place while one is open: a surname half typed must not send it up and down the column.
  const sorted = computed((): PaperSource[] => {
    if (order.value === 'newest') return [...owned.sources].sort((a, b) => String(b.addedAt).localeCompare(String(a.addedAt)))
    if (order.value === 'year')
      return [...composed.filed].sort((a, b) => (dateOf(b, 'issued')?.start?.year ?? -1e6) - (dateOf(a, 'issued')?.start?.year ?? -1e6))
    return composed.filed
  })
  const held = shallowRef<string[]>([])
  watch([sorted, open, order], ([, , now], [, , before]) => {
    const ids = sorted.value.map(s => s.id)
    if (!open.value || !held.value.length || now !== before) { held.value = ids; return }
    const known = new Set(ids)
    const there = new Set(held.value)
    held.value = [...ids.filter(id => !there.has(id)), ...held.value.filter(id => known.has(id))]
  }, { immediate: true })

  const slips = computed(() => {
    const words = foldWords(find.value).split(' ').filter(Boolean)
    return held.value.map(id => owned.byId.get(id)).filter((source): source is PaperSource => {
      if (!source) return false
      if (source.id === open.value) return true
      if (kind.value && source.kind !== kind.value) return false
      if (show.value === 'ready' && !isReady(source.id)) return false
      if (show.value === 'look' && isReady(source.id)) return false
      if (show.value === 'uncited' && composed.citedTimes.has(source.id)) return false
      if (!words.length) return true
      const text = `${wordsOf(source)} ${foldWords(source.key)} ${foldWords(kindOf(source.kind).label)} ${passages
        .of(source.id)
        .map((p) => foldWords(`${p.words} ${p.comment} ${p.tags.join(' ')}`))
        .join(' ')}`
      return words.every(word => text.includes(word))
    })
  })
  const showAll = () => { show.value = 'all'; kind.value = ''; find.value = '' }

  // Choosing several -------------------------------------------------------------------------------------------------
  const chosen = ref(new Set<string>())
  let anchor: string | undefined
  /** Chooses one, or with `range` all from the last one chosen to this. */
  function choose(id: string, range: boolean) {
    const next = new Set(chosen.value)
    const ids = slips.value.map(s => s.id)
    const [from, to] = [anchor ? ids.indexOf(anchor) : -1, ids.indexOf(id)]
    if (range && from >= 0 && to >= 0) ids.slice(Math.min(from, to), Math.max(from, to) + 1).forEach(one => next.add(one))
    else if (next.has(id)) next.delete(id)
    else next.add(id)
    anchor = id
    chosen.value = next
  }
  const chooseAll = () => { chosen.value = new Set(slips.value.map(s => s.id)) }
  const chooseNone = () => { chosen.value = new Set() }
  // What left the paper is chosen no more.
  watch(
    () => owned.byId,
    (byId) => {
      if ([...chosen.value].some((id) => !byId.has(id))) chosen.value = new Set([...chosen.value].filter((id) => byId.has(id)))
    },
  )
  const chosenSources = computed(() => held.value.filter(id => chosen.value.has(id)).map(id => owned.byId.get(id)!).filter(Boolean))

  return {
    show,
    kind,
    order,
    find,
    findings: of,
    isReady,
    ready,
    uncited,
    counted,
    kinds,
    slips,
    showAll,
    chosen,
    chosenSources,
    choose,
    chooseAll,
    chooseNone,
  }
}
export type Slips = ReturnType<typeof useSlips>
