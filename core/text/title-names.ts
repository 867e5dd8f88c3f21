/**
 * Names in titles: of several words ("Great Barrier Reef"), found by one walk through a tree of words in which the longest
 * match wins; then names made by rule (name-rules.ts).
 */
import { NAMES } from './data/names'
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

/** Names that the word lists lack, most of them the writer's daily bread. */
const OWN = `World War|United States|United Kingdom|United Nations|European Union|Middle Ages|Middle East|Cold War|Industrial Revolution|Civil War|North Sea|Black Sea|Red Sea|Dead Sea|New World|Old Testament
|New Testament|Great Depression|Great War|South Seas|Hong Kong|Los Angeles|New York|New York City|New Zealand|Black Death|Roman Empire|Great Barrier Reef|Berlin Wall|East India Company
|North Atlantic Treaty Organization|Latin America|Middle Kingdom|Ice Age|Bronze Age|Iron Age|Stone Age|Black Lives Matter|First World War|Second World War|Northern Ireland|West Bank|Gulf Stream
|Global South|Global North|Silk Road|Arab Spring|Big Bang|Supreme Court|Easter Island|Western Front|Eastern Front|Pacific Northwest|Midwest|Enlightenment|Reconquista|Third World|Far East|Near East|Wild West|Deep South|House of Commons|House of Lords|National Health Service|Declaration of Independence
|Dust Bowl|Iron Curtain|Trail of Tears|Boxer Rebellion|Southern Ocean|Great Gatsby|Salt March|Dead Sea Scrolls|Tower Hamlets|Magna Carta|Peasants Revolt|Meiji Restoration|Rosie the Riveter|Central Asia|Central America|Big Five|Big Four|Ivy League|New Deal|Great Recession|No Child Left Behind|Every Student Succeeds|Bill of Rights|Good Friday Agreement|Square Mile|Global Compact|Green New Deal|Belt and Road Initiative|Sustainable Development Goals|Me Too|Occupy Wall Street|Windrush|Highland Clearances|Scottish Highlands|Home Counties|Great Fire of London|Google Scholar|Star Wars|Sydney Opera House|Good Samaritan|Wellcome Trust|Microsoft Excel|Microsoft Word|Rust Belt|Bible Belt|Gold Coast|Ivory Coast`

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
