import type { PaperSort } from '~~/core/sheet/choices'

/** What a paper can be, as the Desk and Hand in call it. */
export const SORT_WORDS: readonly (readonly [PaperSort, string])[] = [
  ['paper', 'a paper'],
  ['annotated', 'an annotated bibliography'],
  ['bibliography', 'a list of works'],
  ['notes', 'notes alone'],
  ['slides', 'the list on slides'],
]
