/**
 * Words that are not yet anybody's: typed into a field that gives them on only when asked (a list to be read, a heading to
 * be made). They are kept in this browser at each letter, and gone from it when the field is emptied or its words have
 * been taken.
 */
const PLACE = 'dendle-draft'

export interface Draft {
  read: () => string | undefined
  write: (text: string) => void
  drop: () => void
}

/** @param name of the field, its own within the paper; none keeps nothing */
export function useDraft(name: () => string | undefined): Draft {
  const route = useRoute()
  const paper = String(route.params.id ?? 'desk')
  const place = () => `${PLACE}:${paper}:${name()}`
  // A browser that keeps nothing loses what a closed page had in such a field; the field itself works as ever.
  const keep = (text: string | undefined) => { if (name() !== undefined) remember(place(), text) }
  return {
    read: () => (name() === undefined ? undefined : remembered(place())),
    write: text => keep(text || undefined),
    drop: () => keep(undefined),
  }
}
