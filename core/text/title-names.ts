/**
 * Names in titles: of several words ("Great Barrier Reef"), found by one walk through a tree of words in which the longest
 * match wins; and names made by rule from a name and a common word beside it ("Lake Victoria", "Roman Empire").
 */
import { factsOf, type WordFacts } from './title-words'

interface Branch { ends: boolean, next: Map<string, Branch> }
const branch = (): Branch => ({ ends: false, next: new Map() })

/** Phrases, to be found in a row of words. */
export class Phrases {
  private readonly root = branch()
  constructor(phrases: Iterable<string>) { for (const phrase of phrases) this.add(phrase) }

  /** @param phrase in small letters, words apart by one space */
  add(phrase: string): void {
    let at = this.root
    for (const word of phrase.split(' ')) {
      let next = at.next.get(word)
      if (!next) at.next.set(word, next = branch())
      at = next
    }
    at.ends = true
  }

  /** How many words from `from` on make the longest phrase; 0 for none. */
  longest(words: readonly WordFacts[], from: number): number {
    let at: Branch | undefined = this.root.next.get(words[from]!.lower) ?? this.root.next.get(words[from]!.stem)
    let found = 0
    for (let n = 1; at; n++) {
      if (at.ends) found = n
      const word = words[from + n]
      if (!word) break
      at = at.next.get(word.lower) ?? at.next.get(word.stem)
    }
    return found
  }
}

const PHRASES = new Phrases(`world war|united states|united kingdom|united nations|european union|middle ages|middle east|cold war|industrial revolution|civil war|north sea
|black sea|red sea|dead sea|new world|old testament|new testament|great depression|great war|south seas|hong kong|los angeles|new york|new york city|new zealand|black death|roman empire
|barrier reef|great barrier reef|great barrier|berlin wall|east india|east india company|india company|north atlantic treaty organization|latin america|middle kingdom|ice age|bronze age|iron age|stone age`
  .replace(/\n/gu, '').split('|'))

/** Common words that belong to the name behind them. */
const BEFORE_NAME = new Set(['lake', 'mount', 'river', 'saint', 'st', 'cape', 'fort', 'port', 'san', 'santa', 'los', 'las', 'new', 'north', 'south', 'east', 'west', 'great', 'king', 'queen', 'pope', 'sir', 'lady', 'lord', 'prince', 'princess', 'president'])
/** Common words that belong to the name before them, where that is the name of a place or a people. */
const AFTER_NAME = new Set(['sea', 'ocean', 'river', 'lake', 'island', 'islands', 'desert', 'mountains', 'peninsula', 'gulf', 'canal', 'empire', 'revolution', 'republic', 'war', 'act', 'valley', 'bay', 'strait', 'basin', 'channel', 'kingdom', 'states'])

/** For each word of a title whether it is a name, or part of one, where it stands. */
export function namesAmong(texts: readonly string[]): boolean[] {
  const words = texts.map(factsOf)
  const names = words.map(word => word.proper)
  for (let i = 0; i < words.length;) {
    const many = PHRASES.longest(words, i)
    for (let n = 0; n < many; n++) names[i + n] = true
    i += Math.max(1, many)
  }
  const may = (word: WordFacts | undefined): boolean => word !== undefined && (word.proper || word.doubtful)
  words.forEach((word, i) => {
    if (names[i]) return
    const before = words[i - 1]
    const next = words[i + 1]
    // A doubtful word behind "Lake" or "King" is a name; "Lake" before a name is part of it.
    if (before && BEFORE_NAME.has(before.stem) && word.raised && may(word)) names[i] = true
    else if (BEFORE_NAME.has(word.stem) && next?.raised && may(next)) names[i] = true
    else if (AFTER_NAME.has(word.stem) && before?.proper && word.raised) names[i] = true
  })
  return names
}
