/** What decides capitals by the word lists (`data/`): the only file that brings them in. */
import type { Capitalised, CapitalRule, TitleWords } from './capitals'
import { isCommon } from './common'
import { looksForeign } from './foreign'
import { headlineCase } from './headline-case'
import { PREPOSITIONS } from './prepositions'
import { stripRich } from './rich'
import { sentenceCase } from './sentence-case'
import { hasMixedCase, isShouted } from './shouted'
import { joined, segmentsOf, tokenise } from './title-tokens'
import { isProperNoun } from './title-words'

/** Titles set before, by rule: the same title is set by the list, the note and the citation. */
const kept = new WeakMap<CapitalRule, Map<string, Capitalised>>()
const LIMIT = 20_000

/** Sets the capitals of a title given as rich text. */
function capitalise(title: string, rule: CapitalRule): Capitalised {
  let known = kept.get(rule)
  if (!known) kept.set(rule, known = new Map())
  const before = known.get(title)
  if (before) return before
  if (known.size >= LIMIT) known.clear()
  const set = setCapitals(title, rule)
  known.set(title, set)
  return set
}

/** U.S., D.C. */
const INITIALS = /^(?:\p{Lu}\.)+\p{Lu}?\.?$/u
const CERTAIN: readonly string[] = []

function setCapitals(title: string, rule: CapitalRule): Capitalised {
  const segments = segmentsOf(title)
  if (rule.style === 'as-given' || looksForeign(stripRich(title), isCommon)) return { segments, unsure: CERTAIN }
  const tokens = tokenise(segments)
  const shouting = isShouted(title)
  for (const token of tokens) if (shouting ? hasMixedCase(token.text) || INITIALS.test(token.text) : token.glued) token.kept = true
  if (rule.style === 'headline') headlineCase(tokens, rule, shouting)
  const unsure = rule.style === 'sentence' ? sentenceCase(tokens, rule, shouting) : CERTAIN
  return { segments: joined(tokens, segments), unsure }
}

const SMALL = new Set([...PREPOSITIONS, 'a', 'an', 'the', 'and', 'but', 'or', 'nor', 'so', 'yet', 'as', 'if'])

const wordsOf = (title: string): string[] => stripRich(title).match(/\p{L}[\p{L}’'-]*/gu) ?? []

/** Most words of weight begin with a capital though they are no names: headline case. */
function isHeadline(title: string): boolean {
  const words = wordsOf(title).filter((word, i) => i > 0 && !SMALL.has(word.toLowerCase()) && word.length > 2)
  // A subtitle's first word has a capital in both.
  const starts = new Set([...stripRich(title).matchAll(/[:?!—–]\s+[“‘"']?(\p{L}[\p{L}’'-]*)/gu)].map(match => match[1]!))
  const open = words.filter(
    (word) => !starts.has(word) && !isProperNoun(word) && isCommon(word) && !/^\p{L}?\p{Lu}+$|\p{Ll}\p{Lu}/u.test(word),
  )
  return open.length >= 2 && open.filter(word => /^\p{Lu}/u.test(word)).length >= open.length * 0.75
}

export const BY_LIST: TitleWords = { capitalise, isHeadline, isCommon, version: 0 }
