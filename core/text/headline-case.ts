/** Headline capitals (Chicago 18, 8.160–8.162; MLA Handbook 9, 2.90–2.92; APA 7, 6.17; ACS Guide, title capitalization). */
import type { HeadlineRule } from './capitals'
import { PREFIXES } from './prefixes'
import { PREPOSITIONS } from './prepositions'
import { abbreviates } from './shouted'
import { capital, factsOf, isProperNoun, isSometimesVerb, isVerb } from './title-words'
import type { Token } from './title-tokens'
import { stemsOf } from './word-forms'
import { rowOf } from './lookup'

const ARTICLES = new Set(['a', 'an', 'the'])
const CONJUNCTIONS = new Set(['and', 'but', 'or', 'nor', 'for', 'so', 'yet'])
/** Prepositions that are as often adverbs or verbs ("turned around", "look up"): lowered only before a noun phrase. */
const ADVERBIAL = new Set([
  'around',
  'up',
  'down',
  'out',
  'off',
  'over',
  'along',
  'through',
  'by',
  'in',
  'on',
  'about',
  'across',
  'near',
  'past',
  'round',
  'under',
  'after',
  'before',
  'behind',
  'below',
  'above',
  'inside',
  'outside',
  'within',
  'without',
  'since',
  'like',
])
const LOWER_ALWAYS = new Set(['de', 'von', 'van', 'der', 'et', 'al.', 'v.', 'vs.'])
/** Behind a pronoun, a relative or a helping verb "like" is a verb: "As You Like It", "Plants That Like Shade". */
const BEFORE_VERB = new Set(
  `i you we they who which that would to not don’t doesn’t didn’t do does did can could may might must shall should will won’t
 really also people children some many most others`.split(/\s+/u),
)
/** Verbs whose particle is part of them: "Giving Up the Ghost", "Turned Away", "Logging In to the Archive". */
const PHRASAL = new Set(
  `act add back blow break bring build burn call calm care carry catch check cheer clean clear close come cool count cut dig dress drop eat end face fall figure fill find follow get give go grow
 hand hang hold hurry keep kick knock lay leave let lift light line lock log look make mess move open pass pay pick point pull push put rise round rule run sell send set settle shake show shut sign slow sort speak
 speed split stand start stay step stick stop sum take team tear tell think throw tidy tie try turn use wake warm wash watch wear wind wipe work wrap write zoom`.split(
    /\s+/u,
  ),
)
const PARTICLES = new Set(['up', 'out', 'off', 'down', 'away', 'back'])
/** Past forms that their verb cannot be told from by an ending. */
const PAST: Readonly<Record<string, string>> = {
  gave: 'give',
  given: 'give',
  took: 'take',
  taken: 'take',
  came: 'come',
  went: 'go',
  gone: 'go',
  made: 'make',
  broke: 'break',
  broken: 'break',
  brought: 'bring',
  built: 'build',
  caught: 'catch',
  found: 'find',
  fell: 'fall',
  fallen: 'fall',
  got: 'get',
  grew: 'grow',
  grown: 'grow',
  held: 'hold',
  kept: 'keep',
  left: 'leave',
  paid: 'pay',
  rose: 'rise',
  ran: 'run',
  sent: 'send',
  stood: 'stand',
  threw: 'throw',
  thrown: 'throw',
  wrote: 'write',
  written: 'write',
  shut: 'shut',
  thought: 'think',
  told: 'tell',
  tore: 'tear',
  torn: 'tear',
  woke: 'wake',
  wore: 'wear',
  worn: 'wear',
  wound: 'wind',
  laid: 'lay',
  spoke: 'speak',
}
const isPhrasal = (word: string): boolean => {
  const lower = word.toLowerCase()
  return PHRASAL.has(lower) || PHRASAL.has(rowOf(PAST, lower) ?? '') || stemsOf(lower).some(stem => PHRASAL.has(stem))
}
/** Behind a verb of the senses "like" belongs to it: "Dogs That Look Like Wolves". */
const SEEMING = /^(?:look|feel|sound|taste|smell|seem|act)(?:s|ed|ing)?$|^felt$|^smelt$/iu

/** Sets the words of a title in headline capitals, in place. */
export function headlineCase(tokens: readonly Token[], rule: HeadlineRule, shouting: boolean): void {
  const words = tokens.filter(token => token.word)
  words.forEach((token, n) => {
    if (token.kept) return
    const following = words[n + 1]
    const edge = token.unit !== undefined || following === undefined || following.unit !== undefined
    const facts = factsOf(token.text)
    if (!shouting && facts.ownCapitals && !facts.hyphenated) return
    const given = shouting
      ? abbreviates([words[n - 1]?.text ?? '', token.text, following?.text ?? ''], 1) === false
        ? facts.lower
        : (facts.fixed ?? facts.lower)
      : token.text
    const adjacent = following !== undefined && following.adjacent === true
    // "People like Us": before a pronoun in its object form it is a preposition.
    const verb =
      n > 0
      && given.toLowerCase() === 'like'
      && BEFORE_VERB.has(words[n - 1]!.text.toLowerCase().replace('\'', '’'))
      && !(
        /^(?:people|children|others|many|most|some)$/iu.test(words[n - 1]!.text)
        && OBJECT.test(following?.text ?? '')
        && words[n + 2] === undefined
      )
    // "From A to Z": an article stands before no preposition.
    const letter = given === 'a' && adjacent && /^(?:to|and|of|in|for)$/iu.test(following.text)
    const particle =
      n > 0 && belongsToVerb(given.toLowerCase(), words[n - 1]!.text, token.adjacent === true, adjacent ? following?.text : undefined)
    token.text =
      edge || verb || particle || letter
        ? capitalCompound(given, rule)
        : given.toLowerCase() === 'to'
          ? to(rule, words, n)
          : headlineWord(given, rule, adjacent)
  })
}

/** Whether a word that is else a preposition is part of the verb before it. */
function belongsToVerb(word: string, before: string, adjacent: boolean, next: string | undefined): boolean {
  if (!adjacent) return false
  if (word === 'like') return SEEMING.test(before)
  if (word === 'off' && /^(?:better|worse|well|badly)$/iu.test(before)) return true
  if (PARTICLES.has(word)) return isPhrasal(before)
  // Where no noun follows it is an adverb: "Holding On and Letting Go", "Coming In from the Cold".
  if ((word === 'in' || word === 'on') && next !== undefined && NO_NOUN.test(next) && isPhrasal(before)) return true
  // "Logging In to the Archive", "Moving On to College": in front of to they are adverbs.
  return (word === 'in' || word === 'on') && next?.toLowerCase() === 'to' && isPhrasal(before)
}

/** What stands behind an adverb and before no noun phrase of its own. */
const NO_NOUN = /^(?:and|or|but|from|to|with|for|without|regardless|anyway|again|now|together|alone|\p{L}{3,}ly)$/iu
const OBJECT = /^(?:us|me|him|her|them|you|it)$/iu
const QUESTION = /^(?:how|what|where|when|whether|which|who|whom)$/iu
const DETERMINER = /^(?:the|an?|its|his|her|their|our|your|my|this|that|these|those)$/iu
/** What is done "to" a thing: behind these it is a preposition ("barriers to water use", "exposed to light"). */
const TAKES_TO =
  /^(?:access|adaptation|addition|alternative|answer|approach|attitude|barrier|challenge|contribution|damage|exposure|gift|guide|introduction|key|letter|limit|link|objection|path|preface|reaction|relation|resistance|response|return|reply|right|risk|road|route|sensitivity|solution|threat|transition|tribute|visit|back|close|due|next|prior|similar|resistant|relative|sensitive|\p{L}+(?:ed|ing))s?$/iu

/**
 * "To", which takes a capital in some manuals where it makes an infinitive (ACS Guide, title capitalization): before a
 * verb, behind a question word ("how to power …"), and before a noun that is a verb now and then where it has an object
 * and nothing before asks for a preposition ("A mill to power a hall", but "From farm to market towns").
 */
function to(rule: HeadlineRule, words: readonly Token[], n: number): 'To' | 'to' {
  const [before, next, object] = [words[n - 1], words[n + 1], words[n + 2]]
  if (!rule.infinitiveTo || !next?.adjacent) return 'to'
  if (isVerb(next.text)) return 'To'
  if (!before || !words[n]!.adjacent) return 'to'
  if (QUESTION.test(before.text)) return 'To'
  const hasObject =
    object?.adjacent === true && !PREPOSITIONS.has(object.text.toLowerCase()) && !CONJUNCTIONS.has(object.text.toLowerCase())
  const preposition = TAKES_TO.test(before.text) || words.slice(0, n).some(word => word.text.toLowerCase() === 'from')
  return isSometimesVerb(next.text) && hasObject && (DETERMINER.test(object.text) || !preposition) ? 'To' : 'to'
}

function headlineWord(word: string, rule: HeadlineRule, adjacent: boolean): string {
  const lower = word.toLowerCase()
  if (ARTICLES.has(lower) || LOWER_ALWAYS.has(word)) return lower
  if (lower === 'as') return 'as'
  if (lower === 'so' || lower === 'yet') return rule.prepositions !== 'all' ? capital(word) : lower === 'yet' ? 'yet' : 'So'
  if (CONJUNCTIONS.has(lower)) return lower
  if (PREPOSITIONS.has(lower) && (rule.prepositions === 'all' || lower.replace('.', '').length <= rule.prepositions)) {
    return ADVERBIAL.has(lower) && !adjacent ? capital(word) : lower
  }
  return capitalCompound(word, rule)
}

/**
 * Hyphenated compounds: the first and last part, and between them all but articles, conjunctions and short prepositions
 * (Off-Grid, Do-It-Yourself; Chicago 18, 8.162).
 */
function capitalCompound(word: string, rule: HeadlineRule): string {
  if (!/[-\u2010\u2011]/u.test(word)) return factsOf(word).ownCapitals ? word : capital(word)
  const parts = word.split(/([-\u2010\u2011])/u)
  return parts.map((part, i) => {
    if (/^[-\u2010\u2011]?$/u.test(part) || factsOf(part).ownCapitals) return part
    const lower = part.toLowerCase()
    const edge = i === 0 || i === parts.length - 1
    if (rule.prefixes && i === 2 && PREFIXES.has(parts[0]!.toLowerCase()) && !isProperNoun(part)) return lower
    const small =
      ARTICLES.has(lower) || (CONJUNCTIONS.has(lower) && lower !== 'so') || (PREPOSITIONS.has(lower) && lower.length <= 4) || lower === 'to'
    if (small && !edge) return lower
    return capital(part)
  }).join('')
}
