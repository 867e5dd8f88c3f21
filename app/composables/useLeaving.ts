import { citedWhere } from '~~/core/sheet/walking'
import { count } from '~/utils/words'

/** Taking sources out of the paper, with a word first about where they are cited. */
export function useLeaving(open: Ref<string | undefined>) {
  const composed = useComposition()
  const written = useText()
  const shelf = useShelf()
  const notices = useNotices()
  const leaving = ref<{ ids: string[], places: { id: string, words: string }[] }>()
  const { nameOf } = composed
  const uncited = computed(() => leaving.value?.ids.filter(id => !composed.citedTimes.has(id)) ?? [])
  function remove(ids: string[]) {
    const places = citedWhere(written.body, new Set(ids))
    if (places.length) leaving.value = { ids, places }
    else void letGo(ids)
  }
  const keep = () => { leaving.value = undefined }
  const letGo = (ids: string[]) => notices.attempt(async () => {
    const says = ids.length === 1 ? `${nameOf(ids[0]!)} is out of this paper and still on your shelf.` : undefined
    keep()
    await shelf.remove(ids, says)
    if (open.value && ids.includes(open.value)) open.value = undefined
  })
  /** How many of them are cited, and how often. */
  const says = computed(() => {
    if (!leaving.value) return ''
    const { ids, places } = leaving.value
    if (ids.length === 1) return `${nameOf(ids[0]!)} is cited ${count(places.length, 'time')}.`
    const cited = new Set(places.map(place => place.id)).size
    return `${count(cited, 'source')} of these ${ids.length} are cited, ${count(places.length, 'time')} in all.`
  })
  return { leaving, says, uncited, nameOf, remove, keep, letGo }
}
