/** An open card and the open passages make room for each other in the margin: the one that was asked for last stays. */
export function useMakingRoom(selected: Ref<string | undefined>, passagesOpen: Ref<boolean>) {
  const covered = () => {
    const [card, panel] = [
      document.querySelector('[data-card].open')?.getBoundingClientRect(),
      document.querySelector('.passages')?.getBoundingClientRect(),
    ]
    return Boolean(card && panel && card.height && card.bottom > panel.top && card.top < panel.bottom)
  }
  /** Cards move to their line when they open: where they come to stand is known a moment later. */
  const SETTLED = 60
  let waiting: ReturnType<typeof setTimeout> | undefined
  const later = (makeRoom: () => void) => {
    clearTimeout(waiting)
    waiting = setTimeout(() => { if (covered()) makeRoom() }, SETTLED)
  }
  watch(selected, (id) => { if (id && passagesOpen.value) later(() => { passagesOpen.value = false }) })
  watch(passagesOpen, (open) => { if (open && selected.value) later(() => { selected.value = undefined }) })
  onBeforeUnmount(() => clearTimeout(waiting))
}
