/**
 * Findings about citations: whether each has its source (`citation-sources.ts`), its place (`citation-places.ts`) and its
 * form (`citation-forms.ts`).
 */
import type { RuleFamily } from './setting'
import { again, bracketed, looksBack, misplaced, namedTwice, repeated, secondary, sideBySide } from './citation-forms'
import { backwards, ofPageless, outside, placeInWords, withoutPage } from './citation-places'
import { aboveList, addresses, leftOut, misnamed, numberOrder, typed, uncited, unknown, unknownMarks } from './citation-sources'

export const CITATIONS: RuleFamily = {
  block: [
    unknown,
    unknownMarks,
    typed,
    misnamed,
    repeated,
    outside,
    backwards,
    sideBySide,
    aboveList,
    addresses,
    ofPageless,
    looksBack,
    withoutPage,
    namedTwice,
    again,
    secondary,
    placeInWords,
    bracketed,
    misplaced,
  ],
  whole: [numberOrder, uncited, leftOut],
}
