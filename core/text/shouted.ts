/**
 * Words of a title all in capitals that are an abbreviation and a common word alike: WHO, AIDS, STEM, IT, US. What stands
 * around them decides; an abbreviation is what the article, or the noun behind, makes one.
 */
import { rowOf } from './lookup'
import { stripRich } from './rich'

/** Capitals inside it are its own: NaCl, pH, mRNA, iOS. */
export const hasMixedCase = (word: string): boolean => /\p{Ll}/u.test(word) && /.\p{Lu}/u.test(word)

/**
 * Whether a title is given in capitals: all of it, or all its words of weight with the small ones left small ("THE ART of
 * WAR in the MARSHES"). Words with capitals of their own say nothing.
 */
export function isShouted(title: string): boolean {
  // Four small letters together are a word of weight in small letters.
  if (/\p{Ll}{4}/u.test(title) && !title.includes('<')) return false
  const words = (stripRich(title).match(/[\p{L}\p{M}\p{N}]+/gu) ?? []).filter(word => !hasMixedCase(word))
  if (words.length < 2) return false
  const letters = words.filter(word => /\p{L}/u.test(word))
  const isLoud = (word: string) => word === word.toUpperCase()
  if (letters.every(isLoud)) return letters.join('').replace(/[^\p{L}]/gu, '').length > 5
  const heavy = letters.filter(word => word.length > 2 && !/^(?:the|and|for|but|nor|its|from|with|into|over|upon)$/u.test(word))
  return heavy.length > 2 && heavy.every(isLoud) && heavy.some(word => word.length > 4)
}

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
