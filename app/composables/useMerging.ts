import { mergeFields } from '~~/core/source/merging'
import type { FieldName } from '~~/core/source/fields'
import type { Slips } from './useSlips'

/** Merging two sources that were chosen: which of the two stays, and what becomes of the slip that is open. */
export function useMerging(slips: Slips, open: Ref<string | undefined>) {
  const owned = useSources()
  const composed = useComposition()
  const shelf = useShelf()
  const notices = useNotices()
  const chosen = ref<readonly [keep: string, drop: string]>()
  /** The two as they are now; nothing once either has gone. */
  const pair = computed(() => {
    const [keep, drop] = (chosen.value ?? []).map(id => owned.byId.get(id))
    return keep && drop ? { keep, drop } : undefined
  })
  /** The one that is cited more keeps its key and its place. */
  function start([a, b]: readonly string[]) {
    if (!a || !b) return
    chosen.value = (composed.citedTimes.get(b) ?? 0) > (composed.citedTimes.get(a) ?? 0) ? [b, a] : [a, b]
  }
  const stop = () => { chosen.value = undefined }
  const merge = (take: ReadonlySet<FieldName>) => notices.attempt(async () => {
    if (!pair.value) return
    const { keep, drop } = pair.value
    stop()
    slips.chooseNone()
    if (open.value === drop.id) open.value = keep.id
    await shelf.merge(keep, drop, mergeFields(keep.fields, drop.fields, take))
  })
  return { pair, start, stop, merge }
}
