import { headingsOf, writeHeadings } from '~~/core/sheet/listing'
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
  const undo = useUndo()

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
    details: store.paper?.details ?? {},
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

  /** A numbered list has an entry for every number: nothing that is cited can be left out of it. */
  const mayLeaveOut = computed(() => store.style.citation.system !== 'numbers')
  /** Cited, and kept out of the list by the writer. */
  const leftOut = computed(() =>
    mayLeaveOut.value ? owned.sources.filter(source => source.leftOut && !source.listed && composed.citedTimes.has(source.id)) : [])
  /** Sources that the list does not have; all of them can be listed without being cited. */
  const unlisted = computed(() => {
    const there = new Set([...list.value, ...leftOut.value].map(one => one.id))
    return owned.sources.filter(source => !source.listed && !there.has(source.id))
  })
  function listAll() {
    const ids = unlisted.value.map(source => source.id)
    for (const id of ids) owned.changeUse(id, { listed: true })
    notices.say(`${count(ids.length, 'source')} listed without being cited.`, {
      action: { label: 'Take it back', run: () => { for (const id of ids) owned.changeUse(id, { listed: false }) } },
    })
  }
  /** Takes entries out of the list: those that are cited with a word about it, since readers look for them there. */
  function leaveOut(ids: Iterable<string>) {
    const taken = [...ids].flatMap(id => owned.byId.get(id) ?? [])
    const before = taken.map(({ id, listed, leftOut: out }) => [id, { listed, leftOut: out }] as const)
    for (const { id } of taken) owned.changeUse(id, { listed: false, leftOut: composed.citedTimes.has(id) })
    const cited = taken.filter(({ id }) => composed.citedTimes.has(id))
    const [one] = cited
    undo.did(
      !one
        ? `${count(taken.length, 'entry', 'entries')} taken out of the list.`
        : cited.length === 1
          ? `${composed.nameOf(one.id)} is left out, though the text cites it: readers look for it in the list.`
          : `${cited.length} works are left out, though the text cites them: readers look for them in the list.`,
      async () => { for (const [id, change] of before) owned.changeUse(id, change) },
    )
  }
  const putBack = (ids: Iterable<string>) => { for (const id of ids) owned.changeUse(id, { leftOut: false }) }

  // Headings that divide the list ----------------------------------------------------------------------------------------

  const headings = computed(() => headingsOf(owned.sources, store.paper?.details.headings))
  const keepHeadings = (next: readonly string[]) =>
    store.changeDetails({ headings: writeHeadings(next) })
  /** Entries under a heading, which is made where it is not there yet; under none where it is empty. */
  function moveUnder(ids: Iterable<string>, heading: string) {
    const moved = [...ids].flatMap(id => owned.byId.get(id) ?? [])
    const before = moved.map(({ id, division }) => [id, division ?? ''] as const)
    const words = heading.trim()
    if (words && !headings.value.includes(words)) keepHeadings([...headings.value, words])
    for (const { id } of moved) owned.changeUse(id, { division: words })
    undo.did(
      words
        ? `${count(moved.length, 'entry', 'entries')} under “${words}”.`
        : `${count(moved.length, 'entry', 'entries')} under no heading.`,
      async () => {
        for (const [id, division] of before) owned.changeUse(id, { division })
      },
    )
  }
  function renameHeading(from: string, to: string) {
    const words = to.trim()
    if (!words || words === from) return
    keepHeadings(headings.value.map(one => (one === from ? words : one)))
    for (const { id, division } of owned.sources) if (division === from) owned.changeUse(id, { division: words })
  }
  function orderHeading(heading: string, by: -1 | 1) {
    const all = [...headings.value]
    const at = all.indexOf(heading)
    const to = at + by
    if (at < 0 || to < 0 || to >= all.length) return
    all.splice(at, 1)
    all.splice(to, 0, heading)
    keepHeadings(all)
  }
  function dropHeading(heading: string) {
    const under = owned.sources.filter(source => source.division === heading).map(source => source.id)
    const before = headings.value
    keepHeadings(before.filter(one => one !== heading))
    for (const id of under) owned.changeUse(id, { division: '' })
    undo.did(`The heading “${heading}” is taken out; its entries stand under none.`, async () => {
      keepHeadings(before)
      for (const id of under) owned.changeUse(id, { division: heading })
    })
  }
  return {
    headings,
    moveUnder,
    renameHeading,
    orderHeading,
    dropHeading,
    entries,
    open,
    toggle,
    moves,
    places,
    annotation,
    chosen,
    choose,
    chooseNone,
    copy,
    copyPlain,
    unlisted,
    listAll,
    mayLeaveOut,
    leftOut,
    leaveOut,
    putBack,
  }
}
