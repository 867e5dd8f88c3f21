/**
 * Findings about citations: whether each has its source (`citation-sources.ts`), its place (`citation-places.ts`) and its
 * form (`citation-forms.ts`).
 */
import type { RuleFamily } from './setting'
import { again, bracketed, looksBack, misplaced, namedTwice, repeated, secondary } from './citation-forms'
import { ofPageless, outside, placeInWords, withoutPage } from './citation-places'
import { leftOut, misnamed, numberOrder, typed, uncited, unknown, unknownMarks } from './citation-sources'

export const CITATIONS: RuleFamily = {
  block: [
    unknown,
    unknownMarks,
    typed,
    misnamed,
    repeated,
    outside,
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
