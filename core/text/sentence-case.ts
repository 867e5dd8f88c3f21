/** Sentence capitals (APA 7, 6.17; Chicago 18, 8.159; Citing Medicine 2): the first word and names; what is uncertain is reported. */
import type { SentenceRule } from './capitals'
import { COMBINING } from './prefixes'
import { PREPOSITIONS } from './prepositions'
import { abbreviates } from './shouted'
import { isStateName } from './lists/states'
import { namesAmong, type Standing } from './title-names'
import { capital, factsOf, isCommonWord } from './title-words'
import type { Token } from './title-tokens'

/** Sets the words of a title in sentence capitals, in place; gives the words whose capital could not be decided. */
export function sentenceCase(tokens: readonly Token[], rule: SentenceRule, shouting: boolean): string[] {
  const words = tokens.filter(token => token.word)
  const texts = words.map(token => token.text)
  const titled = shouting || isHeadlined(words)
  const unsure: string[] = []
  // A title without any capital has lost those of its names too.
  const bare = !titled && words.length > 2 && words.every((token, n) => n === 0 || token.kept || !/\p{Lu}/u.test(token.text))
  let names: Standing[] | undefined
  let at = 0
  words.forEach((token, n) => {
    at = tokens.indexOf(token, at)
    if (token.kept) return
    const word = token.text
    const mustRise = token.unit === 'start' || token.unit === 'stop' || (token.unit === 'colon' && rule.afterColon === 'capital')
    let set = word
    if (titled) set = !shouting && isTownBefore(tokens, at) ? word : lowered(texts, n, names ??= namesAmong(texts), shouting, unsure)
    else if (bare) set = (names ??= namesAmong(texts))[n] === 'name' && !factsOf(word).hyphenated ? capital(word) : word
    else if (token.unit === 'colon' && rule.afterColon === 'lower' && word !== 'I' && factsOf(word).raised && !factsOf(word).ownCapitals) {
      // In a title already in sentence style a capital after the colon is there for the colon, unless it is a name.
      names ??= namesAmong(texts)
      set = names[n] === 'name' || !isCommonWord(factsOf(word).lower) ? word : word.toLowerCase()
    }
    token.text = mustRise && !/^\p{Ll}+\p{Lu}/u.test(set) ? capital(set) : set
  })
  return unsure
}

/** "Flint, Michigan": what a comma and a state stand behind is a town. */
function isTownBefore(tokens: readonly Token[], at: number): boolean {
  const state = tokens[at + 2]
  return tokens[at + 1]?.text === ', ' && state !== undefined && /^\p{Lu}/u.test(tokens[at]!.text) && isStateName(state.text, tokens[at + 4]?.text)
}

/** Second words of phrases of Latin, which have no capital: in vitro, in situ, a priori. */
const LATIN = new Set(['vitro', 'vivo', 'situ', 'silico', 'utero', 'priori', 'posteriori', 'facto', 'jure', 'hoc'])
/** Conjunctions that some leave small in headlines. */
const JOINING = new Set(['that', 'than', 'when', 'while', 'because', 'until', 'though', 'although', 'unless', 'whereas', 'since', 'where', 'whether', 'with', 'from'])

/** Whether a title has headline capitals: all its inner words of four letters and more begin with one. */
function isHeadlined(words: readonly Token[]): boolean {
  const inner = words.filter(token => !token.kept && !token.unit).map(token => token.text)
    .filter(word => word.length >= 4 && /^\p{L}/u.test(word) && !PREPOSITIONS.has(word.toLowerCase()) && !factsOf(word).ownCapitals)
  if (!inner.length) return words.length > 1 && words.some(token => !token.unit && /^\p{Lu}\p{Ll}/u.test(token.text))
  // One word of weight that would have a capital and has none: the others' capitals are those of names.
  if (!inner.every(word => factsOf(word).raised || JOINING.has(word.toLowerCase()) || !isCommonWord(word.toLowerCase()))) return false
  const onlyNames = inner.length > 1 && inner.every(word => factsOf(word).proper)
  return !(onlyNames && words.some(({ text }) => /^\p{Ll}{4,}/u.test(text) && !PREPOSITIONS.has(text)))
}

function lowered(words: readonly string[], n: number, names: readonly Standing[], shouting: boolean, unsure: string[]): string {
  const word = words[n]!
  const facts = factsOf(word)
  if (facts.fixed) {
    const meant = shouting ? abbreviates(words, n) : undefined
    if (meant !== undefined) unsure.push(word)
    return meant === false ? facts.lower : facts.fixed
  }
  if (facts.hyphenated && names[n] !== 'compound') {
    const parts = word.split('-')
    const own = namesAmong(parts)
    return parts.map((part, i) => {
      if (i < parts.length - 1 && COMBINING.has(part.toLowerCase())) return part.toLowerCase()
      return /^\p{L}/u.test(part) ? lowered(parts, i, own, shouting, unsure) : part
    }).join('-')
  }
  if (LATIN.has(facts.lower)) return facts.lower
  if (word === 'I' || /^I[’']/u.test(word)) return word
  if (!shouting && facts.ownCapitals) return word
  if (/^\p{Lu}$/u.test(word) && facts.lower !== 'a') return word
  if (names[n] === 'name' || names[n] === 'compound')
    return !shouting
      ? word
      : word
          .split('-')
          .map((part) => capital(part.toLowerCase()))
          .join('-')
  if (names[n] === 'small') return facts.lower
  // A word that no list knows is taken for a name, and said to be doubtful.
  const unknown = facts.raised && !isCommonWord(facts.lower)
  if (facts.raised && (unknown || facts.doubtful)) unsure.push(word)
  return unknown ? (shouting ? capital(facts.lower) : word) : facts.lower
}
