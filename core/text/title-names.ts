/**
 * Names in titles: of several words ("Great Barrier Reef"), found by one walk through a tree of words in which the longest
 * match wins; and names made by rule from a name and a common word beside it ("Lake Victoria", "Roman Empire").
 */
import { NAMES } from './data/names'
import { factsOf, isCommonWord, type WordFacts } from './title-words'

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

/** Names that the word lists lack, most of them the writer's daily bread. */
const OWN = `World War|United States|United Kingdom|United Nations|European Union|Middle Ages|Middle East|Cold War|Industrial Revolution|Civil War|North Sea|Black Sea|Red Sea|Dead Sea|New World|Old Testament
|New Testament|Great Depression|Great War|South Seas|Hong Kong|Los Angeles|New York|New York City|New Zealand|Black Death|Roman Empire|Great Barrier Reef|Berlin Wall|East India Company
|North Atlantic Treaty Organization|Latin America|Middle Kingdom|Ice Age|Bronze Age|Iron Age|Stone Age|Black Lives Matter|First World War|Second World War|Northern Ireland|West Bank|Gulf Stream
|Global South|Global North|Silk Road|Arab Spring|Big Bang|Supreme Court|Easter Island|Western Front|Eastern Front|Pacific Northwest|Midwest|Enlightenment|Reconquista|Third World|Far East|Near East|Wild West|Deep South|House of Commons|House of Lords|National Health Service|Declaration of Independence`

function* decoded(): Iterable<string> {
  let before = ''
  for (const coded of NAMES.replace(/\n/gu, '').split('|')) {
    before = before.slice(0, Number(coded[0])) + coded.slice(1)
    yield before
  }
  yield* OWN.replace(/\n/gu, '').split('|')
}
let all: Phrases | undefined
const phrases = (): Phrases => (all ??= new Phrases(decoded()))

/** Common words that belong to the name behind them. */
const BEFORE_NAME = new Set(['lake', 'mount', 'river', 'saint', 'st', 'cape', 'fort', 'port', 'san', 'santa', 'los', 'las', 'new', 'north', 'south', 'east', 'west', 'great', 'greater', 'upper', 'lower', 'outer', 'inner', 'king', 'queen', 'pope', 'sir', 'lady', 'lord', 'prince', 'princess', 'president'])
/** Common words that belong to the name before them, where that is the name of a place or a people ("Roman Empire", "Easter Island"). */
const AFTER_NAME = new Set(`sea ocean river lake island islands desert mountains mountain peninsula gulf canal empire revolution republic war wars valley bay strait basin channel kingdom states dynasty
 treaty rebellion uprising famine genocide renaissance reformation enlightenment spring constitution parliament congress senate court university college cathedral abbey castle street road avenue square hospital museum`.split(/\s+/u))
/** Tests, scales and laws take the words between a name and them into the name: "Wechsler Memory Scale". */
const HEADS = new Set(['scale', 'inventory', 'questionnaire', 'battery', 'index', 'test'])

/** "Islam and the West": a part of the world, unless it is a part of something else ("the west of Ireland"). */
const POINTS = new Set(['west', 'east', 'north', 'south'])
const BEHIND_POINT = new Set(['and', 'or', 'in', 'since', 'after', 'before', 'from', 'to'])
/** A genus keeps its capital, its species has none ("Escherichia coli"). */
const EPITHET = /^\p{L}{2,}(?:i|a|us|um|is|ae|ens|ans|oides)$/u
const isGenus = (word: WordFacts): boolean => word.raised && !word.proper && !isCommonWord(word.lower) && /(?:a|us|um|is|es|on|ium|ella|bacter|myces)$/u.test(word.stem)

/** What a word is where it stands: a name, a small word of a name, or neither. */
export type Standing = 'name' | 'small' | undefined

/** For each word of a title what it is where it stands. */
export function namesAmong(texts: readonly string[]): Standing[] {
  const words = texts.map(factsOf)
  const names = words.map((word): Standing => (word.proper ? 'name' : undefined))
  for (let i = 0; i < words.length;) {
    const phrase = phrases().longest(words, i)
    phrase?.forEach((raised, n) => { names[i + n] = raised ? 'name' : 'small' })
    i += phrase?.length ?? 1
  }
  const may = (word: WordFacts | undefined): boolean => word !== undefined && (word.proper || word.doubtful)
  words.forEach((word, i) => {
    if (names[i]) return
    const before = words[i - 1]
    const next = words[i + 1]
    // A doubtful word behind "Lake" or "King" is a name; "Lake" before a name is part of it.
    if (before && BEFORE_NAME.has(before.stem) && word.raised && may(word)) names[i] = 'name'
    else if (BEFORE_NAME.has(word.stem) && next?.raised && (may(next) || !isCommonWord(next.lower))) names[i] = 'name'
    else if (AFTER_NAME.has(word.stem) && before?.proper && word.raised) names[i] = 'name'
    else if (HEADS.has(word.stem) && word.raised) nameBefore(words, names, i)
    else if (POINTS.has(word.stem) && word.raised && before?.stem === 'the' && (!next || BEHIND_POINT.has(next.stem))) names[i] = 'name'
    else if (before && EPITHET.test(word.stem) && isGenus(before) && !isCommonWord(word.lower)) names[i] = 'small'
  })
  return names
}

/** "Wechsler Memory Scale": from a name up to the head all are raised, if only raised words stand between, at most two. */
function nameBefore(words: readonly WordFacts[], names: Standing[], head: number): void {
  for (let at = head - 1; at >= Math.max(0, head - 3); at--) {
    const word = words[at]!
    if (!word.raised) return
    const named = names[at] === 'name' || (word.doubtful && words[head]!.stem !== 'index' && words[head]!.stem !== 'test') || !isCommonWord(word.lower)
    if (!named) continue
    for (let i = at; i <= head; i++) names[i] = 'name'
    return
  }
}
