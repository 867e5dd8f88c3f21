/**
 * Whether a paraphrase keeps too close to its original: runs of the same words. Manuals ask for the writer's own words
 * and structure (APA 7, 8.23; MLA Handbook 9, 4.6–4.8); a run of five is where teachers begin to circle.
 */
import { wordsOf } from '../text/words'
import { foldWords } from '../text/filing'

/** A stretch of the writer's text that stands word for word in the original. */
export interface SharedRun { from: number, to: number, words: number }
export interface Closeness { runs: SharedRun[], /** Of the writer's words, 0 to 1. */ share: number, tooClose: boolean }

const LEAST = 5

export function closeness(own: string, original: string): Closeness {
  const mine = wordsOf(own).map(({ word, at }) => ({ word: foldWords(word), from: at, to: at + word.length })).filter(one => one.word)
  const theirs = foldWords(original).split(' ').filter(Boolean)
  if (!mine.length || !theirs.length) return { runs: [], share: 0, tooClose: false }
  // Every run of LEAST words of the original, and where it begins.
  const starts = new Map<string, number[]>()
  for (let i = 0; i + LEAST <= theirs.length; i++) {
    const key = theirs.slice(i, i + LEAST).join(' ')
    const there = starts.get(key)
    if (there) there.push(i)
    else starts.set(key, [i])
  }
  const flat = mine.map(one => one.word.replace(/ /gu, ''))
  const runs: SharedRun[] = []
  let at = 0
  while (at + LEAST <= mine.length) {
    const found = starts.get(mine.slice(at, at + LEAST).map(one => one.word).join(' ')) ?? []
    let best = 0
    for (const start of found.slice(0, 20)) {
      let n = LEAST
      while (at + n < flat.length && start + n < theirs.length && flat[at + n] === theirs[start + n]) n++
      best = Math.max(best, n)
    }
    if (best) {
      runs.push({ from: mine[at]!.from, to: mine[at + best - 1]!.to, words: best })
      at += best
    }
    else at++
  }
  const share = runs.reduce((sum, run) => sum + run.words, 0) / mine.length
  return { runs, share, tooClose: runs.some(run => run.words >= 7) || share > 0.3 || (runs.length > 0 && mine.length < 12) }
}
