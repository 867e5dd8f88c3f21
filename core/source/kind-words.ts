/** Finding a kind of source by the words people use for it: "website", "online video", "handout from class". */
import { foldWords } from '../text/filing'
import { KIND_IDS, kindOf, type KindId } from './kinds'

const SMALL = new Set(['a', 'an', 'the', 'of', 'from', 'in', 'on', 'or', 'and', 'my', 'by', 'for', 'to', 'with'])
const index: { id: KindId, phrases: string[], words: string[] }[] = KIND_IDS.map((id) => {
  const phrases = [kindOf(id).label, ...kindOf(id).words.split(',')].map(foldWords).filter(Boolean)
  return { id, phrases, words: phrases.flatMap(phrase => phrase.split(' ')).filter(word => !SMALL.has(word)) }
})

/** Kinds that fit what was typed, the best first; all of them, by label, for nothing typed. */
export function findKinds(typed: string): KindId[] {
  const wanted = foldWords(typed)
  if (!wanted) return [...KIND_IDS].sort((a, b) => kindOf(a).label.localeCompare(kindOf(b).label))
  const words = wanted.split(' ').filter((word, i, all) => !SMALL.has(word) || all.length === 1)
  return index.map(({ id, phrases, words: known }) => {
    const phrase = phrases.indexOf(wanted)
    const begun = phrases.findIndex(one => one.startsWith(wanted))
    const hits = words.filter(word => known.some(one => one.startsWith(word) || (word.length > 4 && word.startsWith(one) && one.length > 3))).length
    // The label first, then a whole everyday phrase, one that begins so, and single words.
    const score = phrase === 0 ? 100 : phrase > 0 ? 80 - phrase : begun >= 0 ? 60 - begun : hits === words.length && hits ? 40 : hits ? 10 * hits / words.length : 0
    return { id, score }
  }).filter(one => one.score > 0).sort((a, b) => b.score - a.score).map(one => one.id)
}
