/** Whether a word is a common one: what is not, and begins with a capital in a title, is taken for a name. */
import { COMMON_WORDS } from './data/common-words'
import { derived, stemsOf } from './word-forms'

let words: Set<string> | undefined
function common(): Set<string> {
  if (words) return words
  words = new Set()
  let before = ''
  for (const [, shared, rest] of COMMON_WORDS.replace(/\n/gu, '').matchAll(/(\d)([a-z]*)/gu)) {
    before = before.slice(0, Number(shared)) + rest!
    words.add(before)
  }
  return words
}

/** What names of places and families end in: a compound with one of these is no common word unless the list has it. */
const NAMED =
  /(?:wick|wich|ham|mere|ton|ford|ley|leigh|by|bury|borough|burgh|worth|combe|stead|thorpe|bourne|burn|brook|haven|mouth|cliffe?|dale|field|gate|bridge|wood|well|hill|port|minster|chester|caster|hurst|holm|ness|side|head|end|croft|lock|man|son|sen|smith|wright)$/u
const PREFIX =
  /^(?:aero|agro|anti|astro|audio|auto|bio|cardio|chemo|counter|cyber|cyto|dis|eco|electro|ethno|geo|hetero|homo|hydro|hyper|immuno|infra|inter|intra|macro|meta|micro|mini|mis|mono|morpho|multi|nano|neo|neuro|non|over|palaeo|paleo|photo|poly|post|pre|proto|pseudo|psycho|quasi|radio|re|semi|socio|sub|super|tele|thermo|trans|ultra|un|under|up|video)(?=\p{L}{3})/u

const known = (word: string): boolean => common().has(word) || stemsOf(word).some(stem => common().has(stem))

/** @param word in any case; a possessive counts as its word; words of one and two letters are common */
export function isCommon(word: string): boolean {
  const lower = word.toLowerCase().replace(/[’'](?:s|ll|re|ve|d|t|m)?$/u, '')
  if (lower.length < 3 || !/^\p{Script=Latin}+$/u.test(lower) || derived(lower) || known(lower)) return true
  const rest = lower.replace(PREFIX, '')
  if (rest !== lower && (known(rest) || derived(rest))) return true
  // Two common words made one ("saltmarsh", "mudflat"), but no place's name ("Northmere").
  for (let i = 3; i <= lower.length - 4; i++)
    if ((i > 3 || lower.length > 7) && !NAMED.test(lower) && known(lower.slice(0, i)) && known(lower.slice(i))) return true
  return false
}
