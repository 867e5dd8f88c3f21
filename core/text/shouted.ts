/**
 * Words of a title all in capitals that are an abbreviation and a common word alike: WHO, AIDS, STEM, IT, US. What stands
 * around them decides; an abbreviation is what the article, or the noun behind, makes one.
 */
import { rowOf } from './lookup'

/** By the word in small letters: whether it is the abbreviation between these two. */
const ABBREVIATES: Readonly<Record<string, (before: string, after: string) => boolean>> = {
  who: (before, after) =>
    /^the$/iu.test(before)
    || /^(?:guidelines?|reports?|recommendations?|classifications?|standards?|criteria|framework|strategy|surveillance|data)$/iu.test(
      after,
    ),
  us: (before, after) =>
    /^(?:the|from|of|in|across|post-war|contemporary|modern|early)$/iu.test(before)
      ? after === '' || !/^(?:and|all|to|the|a|what|how|who)$/iu.test(after)
      : /^(?:army|navy|senate|congress|history|policy|cities|economy|education|foreign|healthcare|law|politics|presidents?|schools?|states?|supreme|trade|elections?)$/iu.test(
          after,
        ),
  aids: (before, after) =>
    /^(?:and|of|with|hiv|hiv\/aids|the)$/iu.test(before)
    || /^(?:patients?|epidemic|crisis|care|prevention|research|activism|orphans?|policy)$/iu.test(after),
  it: (_before, after) =>
    /^(?:infrastructure|departments?|managers?|professionals?|projects?|security|services?|skills|strategy|systems?|outsourcing|governance)$/iu.test(
      after,
    ),
  stem: (before, after) =>
    !/^(?:brain|plant|main|flower|the|a)$/iu.test(before) && !/^(?:cells?|from|borers?|rust|length|density)$/iu.test(after),
}

/** Undefined where the word is no such one. */
export function abbreviates(words: readonly string[], n: number): boolean | undefined {
  const lower = words[n]!.toLowerCase()
  return rowOf(ABBREVIATES, lower)?.(words[n - 1] ?? '', words[n + 1] ?? '')
}
