/**
 * Names in titles: of several words ("Great Barrier Reef"), found by one walk through a tree of words in which the longest
 * match wins; then names made by rule (name-rules.ts).
 */
import { NAMES } from './data/names'
import { NAMES_OF_THINGS, NAMES_OF_WORKS } from './lists/names'
import { nameByRule, type Standing } from './name-rules'
import { factsOf, type WordFacts } from './title-words'

export type { Standing } from './name-rules'

/** What ends at a branch: for each word of the phrase whether it is raised. */
interface Branch { ends?: readonly boolean[], next: Map<string, Branch> }
const branch = (): Branch => ({ next: new Map() })

/** Phrases, to be found in a row of words. */
export class Phrases {
  private readonly root = branch()
  constructor(phrases: Iterable<string>) { for (const phrase of phrases) this.add(phrase) }

  /** @param phrase as it is written, words apart by one space */
  add(phrase: string): void {
    const words = phrase.split(' ')
    let at = this.root
    for (const word of words) {
      const key = word.toLowerCase()
      let next = at.next.get(key)
      if (!next) at.next.set(key, next = branch())
      at = next
    }
    at.ends = words.map(word => word !== word.toLowerCase())
  }

  /** The longest phrase that the words from `from` on make: for each of its words whether it is raised. */
  longest(words: readonly WordFacts[], from: number): readonly boolean[] | undefined {
    let at: Branch | undefined = this.root.next.get(words[from]!.lower) ?? this.root.next.get(words[from]!.stem)
    let found: readonly boolean[] | undefined
    for (let n = 1; at; n++) {
      found = at.ends ?? found
      const word = words[from + n]
      if (!word) break
      at = at.next.get(word.lower) ?? at.next.get(word.stem)
    }
    return found
  }
}

function* decoded(): Iterable<string> {
  let before = ''
  for (const coded of NAMES.replace(/\n/gu, '').split('|')) {
    before = before.slice(0, Number(coded[0])) + coded.slice(1)
    yield before
  }
  for (const own of [NAMES_OF_THINGS, NAMES_OF_WORKS]) yield* own.replace(/\n/gu, '').split('|')
}
let all: Phrases | undefined
const phrases = (): Phrases => (all ??= new Phrases(decoded()))

/** For each word of a title what it is where it stands. */
export function namesAmong(texts: readonly string[]): Standing[] {
  const words = texts.map(factsOf)
  const names = words.map((word): Standing => (word.proper ? 'name' : undefined))
  for (let i = 0; i < words.length;) {
    const phrase = phrases().longest(words, i)
    phrase?.forEach((raised, n) => { names[i + n] = raised ? 'name' : 'small' })
    i += phrase?.length ?? 1
  }
  nameByRule(words, names)
  return names
}
