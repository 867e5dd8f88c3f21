import { listAsHtml, listAsText, type Carried } from '~~/core/sheet/carry'
import { citedPlaces } from '~~/core/sheet/walking'
import { copyRich } from '~/utils/clipboard'
import { count } from '~/utils/words'

/** A block where a source is cited, to be gone to by its first citation there. */
interface Shown { under: string, begins: string, citation: string, times: number }

/** What the view of the list asks and does: its entries in their order, where each is cited, which are chosen, copying. */
export function useListView() {
  const store = usePaper()
  const composed = useComposition()
  const owned = useSources()
  const written = useText()
  const notices = useNotices()

  /** The entry whose details are open. While they are, entries keep their places, so that nothing moves under the writer's hand. */
  const open = ref<string>()
  const held = shallowRef<readonly string[]>([])
  const list = computed(() => composed.composition.list)
  const entries = computed(() => {
    if (!open.value) return list.value
    const place = new Map(held.value.map((id, i) => [id, i]))
    return [...list.value].sort((a, b) => (place.get(a.id) ?? 1e9) - (place.get(b.id) ?? 1e9))
  })
  function toggle(id: string) {
    held.value = list.value.map(entry => entry.id)
    open.value = open.value === id ? undefined : id
  }
  const moves = computed(() => Boolean(open.value) && entries.value.some((entry, i) => list.value[i]?.id !== entry.id))

  const places = computed(() => {
    const all = new Map<string, Shown[]>()
    for (const { under, begins, sources } of citedPlaces(written.body)) {
      for (const [id, one] of sources) all.set(id, [...(all.get(id) ?? []), { under, begins, ...one }])
    }
    return all
  })
  const annotation = (id: string) => owned.byId.get(id)?.annotation ?? ''

  const chosen = ref(new Set<string>())
  function choose(id: string) {
    const next = new Set(chosen.value)
    if (!next.delete(id)) next.add(id)
    chosen.value = next
  }
  const chooseNone = () => { chosen.value = new Set() }
  const carried = (ids?: ReadonlySet<string>): Carried => ({
    entries: ids ? list.value.filter(entry => ids.has(entry.id)) : list.value,
    annotation,
  })
  /** One, several or all: what is pasted keeps face, size, spacing, italics, indents, heading and order. */
  const copy = (ids?: ReadonlySet<string>) => notices.attempt(async () => {
    const what = carried(ids)
    const heading = !ids
    await copyRich(listAsHtml(store.style, what, heading), listAsText(store.style, what, { heading }))
    const [named, is, it] = heading
      ? ['The list', 'is', 'it']
      : [count(what.entries.length, 'reference'), what.entries.length === 1 ? 'is' : 'are', what.entries.length === 1 ? 'it' : 'them']
    notices.say(`${named} ${is} on the clipboard, as the page prints ${it}.`)
  })
  const copyPlain = () => notices.attempt(async () => {
    await navigator.clipboard.writeText(listAsText(store.style, carried(), { heading: true, wrapped: true }))
    notices.say('The list is on the clipboard as plain text, its lines set in by spaces.')
  })

  /** Sources that the list does not have; all of them can be listed without being cited. */
  const unlisted = computed(() => owned.sources.filter(source => !source.listed && !list.value.some(entry => entry.id === source.id)))
  function listAll() {
    const ids = unlisted.value.map(source => source.id)
    for (const id of ids) owned.changeUse(id, { listed: true })
    notices.say(`${count(ids.length, 'source')} listed without being cited.`, {
      action: { label: 'Take it back', run: () => { for (const id of ids) owned.changeUse(id, { listed: false }) } },
    })
  }
  return { entries, open, toggle, moves, places, annotation, chosen, choose, chooseNone, copy, copyPlain, unlisted, listAll }
}
