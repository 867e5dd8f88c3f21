/**
 * Whether a title is in another language than English, where nobody has said so: by the small words among its own. Such a
 * title keeps the capitals it was given, since each language has its own rule for them (APA 7, 9.38; MLA Handbook 9, chapter 2;
 * Chicago 18, 11.8).
 */
const words = (text: string): ReadonlySet<string> => new Set(text.split(/\s+/u))

/** Small words of German, French, Spanish, Italian, Portuguese, Dutch, the Scandinavian languages and Latin. */
const SMALL = words(`der die das des dem den ein eine einer eines und zur zum von vom im am über für mit bei nach ohne zwischen
 le la les du de des un une et au aux sur dans pour par sans chez entre el los las del al y en una con por para sin sobre il lo gli
 della delle dello dei degli di nel nella sulla e o os do da dos ao à no na het een van voor op met och på av om til og af i ad ex`)
/** English ones that no such title has. */
const ENGLISH = words(`the of and for with from to or that this its their how what why when where which who are was were into onto
 between about after before during through against towards toward at be he if it my up us we by`)
/** Letters of words that English has not. */
const MARKED = /[àâäãåæçèêëìîïñòôöõøœùûüýÿß]/u

/** @param isCommon whether a word is a common one of English */
export function looksForeign(title: string, isCommon: (word: string) => boolean): boolean {
  const all = title.match(/(?:[ldj][’'](?=\p{L}))|\p{L}[\p{L}’'-]*/giu) ?? []
  const lowered = (word: string) => /^\p{Ll}/u.test(word)
  // Nothing but capitals says nothing, and what has no small letter behind its beginning is the same in either.
  if (all.length < 2 || all.length > 60 || !all.some((word, i) => i > 0 && lowered(word))) return false
  const small = all.filter(word => SMALL.has(word.toLowerCase()) || /^[ldj][’']$/iu.test(word)).length
  if (!small || all.some(word => ENGLISH.has(word.toLowerCase()))) return false
  const common = all.filter((word, i) => {
    const lower = word.toLowerCase()
    return word.length > 2 && !SMALL.has(lower) && !MARKED.test(lower) && isCommon(lower) && (i > 0 || all.length > 2)
  })
  // Some words are those of two languages; then most of the small ones must be the other's, and none raised as in English.
  return !common.length || (common.length < small && common.every(word => lowered(word) || word === all[0]))
}
