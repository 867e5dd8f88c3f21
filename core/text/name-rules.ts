/**
 * Names made by rule: from a name and a common word beside it ("Lake Victoria", "Nile Delta", "Mill Street"), from what
 * acts, tests and agreements are called, and, for words that are a name in one place and a common word in another, from
 * their neighbours ("Trade Between China and Japan", "China Painting").
 */
import { isCommonWord, isGenus, isGivenName, isProperNoun, type WordFacts } from './title-words'

/** What a word is where it stands: a name, a compound that belongs to one with all its capitals, a small word of a name, or neither. */
export type Standing = 'name' | 'compound' | 'small' | undefined

const set = (words: string): ReadonlySet<string> => new Set(words.trim().split(/\s+/u))

/** Common words that belong to the name behind them. */
const BEFORE_NAME = set(
  'lake loch lough glen mount river saint st cape fort port san santa los las new north south east west great greater upper lower outer inner king queen pope sir lady lord prince princess president captain colonel admiral bishop archbishop cardinal professor senator governor emperor empress tsar sultan duke duchess earl baron baroness sergeant lieutenant chancellor',
)
/** Common words that belong to the name before them, where that is the name of a place or a people ("Roman Empire", "Easter Island"). */
const AFTER_NAME =
  set(`sea ocean river lake island islands desert mountains mountain peninsula gulf canal empire revolution republic war wars valley bay strait basin channel kingdom states dynasty
 treaty rebellion uprising famine genocide renaissance reformation enlightenment spring constitution parliament congress senate university college cathedral abbey castle street road avenue square hospital museum
 assembly midlands palace restoration delta highlands lowlands plateau archipelago`)
/** The same, where no other noun follows: "the Assam Railway", "Indian railway engineers". */
const LAST_AFTER_NAME = set('railway railroad airport station zoo')
/** Bodies are called by their reach and by what they are: "the International Criminal Court". */
const REACH = set('world international european national royal african inter-american pan-american')
const BODY = set(
  'court bank fund union commission parliament council society association organization organisation academy agency committee tribunal institute museum gallery library theatre theater opera service foundation',
)
/** Of them, those that make a name of a word that no list knows, too: "Leedside University". */
const AFTER_UNKNOWN = set(
  'university college cathedral abbey castle palace street road avenue square bridge river lake island islands county valley',
)
/** Of them, things that every people has: the Roman roads, Irish castles. */
const OF_EVERY_PEOPLE = set('university college cathedral abbey castle street road avenue square hospital museum palace')
/** Land and water, named by the word before them where that is no common word: "Thorpe Moor". */
const LAND = set(
  'marsh marshes hill hills creek bay forest moor moors fen fens downs heath harbour harbor falls ridge loch lough isle isles estuary lagoon reservoir levels beach cove dale dales glen fjord straits canyon gorge glacier',
)
/** What is named by the word behind "of": "the Isle of Harrow", "the Battle of Wendmere". */
const OF_NAME = set(
  'isle isles gulf strait straits cape bay vale kingdom republic duchy principality county university battle siege treaty peace council bishopric province bank church house duke earl',
)
/** Of them, those that are named so rather than of a thing: "the University of Reading", "the kingdom of heaven". */
const OF_SURE_NAME = set('university battle siege county duke earl')
/** Bodies and prizes take the words between a name and them into the name: "the Northmere Household Survey". */
const NAMED_BODIES = set(
  'trust survey board council commission company society institute foundation authority agency department ministry museum gallery library academy association fund prize award medal festival',
)
/** Of them, those that do so right behind a place that lists know: "the Chicago Council"; a "London society" may be any. */
const BODIES_OF_PLACES = set('council commission museum institute foundation authority prize festival')
/** Days and weeks that are kept are called by more than their name: "Māori Language Week". */
const DAYS = set('day week month')
/** Nouns that stand behind "river" and are no river's name. */
const OF_RIVERS = set('bank banks mouth basin bed beds valley delta system systems water waters flow crossing bridge trade port boats ice')
/** What states agree on is called by the place. */
const AFTER_PLACE = set('framework accords accord protocol agreement convention conventions declaration process summit consensus')
/** What happened, or stands, once and has an article for it: "the Crusades", "the Kremlin". */
const WITH_ARTICLE = set(
  'confederacy crusades restoration reformation inquisition pentagon kremlin louvre bastille renaissance enlightenment holocaust blitz raj',
)
/** What is counted has a capital before its number (APA 7, 6.19). */
const COUNTED = set('year grade part volume book chapter phase')
/** Tests, scales and laws take the words between a name and them into the name: "Wechsler Memory Scale". */
const HEADS = set('scale inventory questionnaire battery index test')
/** Of them, those that stay small right behind a name: the Rorschach test, the Likert scale. */
const PLAIN_HEADS = set('scale index test')

/** "Islam and the West": a part of the world, unless it is a part of something else ("the west of Ireland"). */
const POINTS = set('west east north south')
const BEHIND_POINT = set('and or in since after before from to')
/** A genus keeps its capital, its species has none ("Escherichia coli"). */
const EPITHET = /^\p{L}{2,}(?:i|a|us|um|is|ae|ens|ans|oides)$/u
const GENUS = /(?:a|us|um|is|es|on|ium|ella|bacter|myces)$/u

const DETERMINERS = set('the a an this that these those its his her their our your my some any every each no')
const LOCATIVES = set('in from to at near across throughout within outside around towards toward against via between of')
/** What may follow a noun that stands alone: no other noun does. */
const FUNCTION = set(
  'and or but nor in on at of to for from with without by as since after before during under over into between among through is are was were be and/or vs versus than',
)
/** Places that are common words too, in a text that has no article before them. */
const PLACES = set(
  'china turkey chad jordan georgia guinea hamburg cologne cork limerick bologna java jersey guernsey lima panama bath nice male victoria',
)
const MONTHS = set('march may august')
const BEFORE_MONTH = set('in of since until till from by early late mid mid- during')
const LANGUAGES_OF_MACHINES = set('python java ruby rust swift julia scratch perl basic')
const OF_PROGRAMS = set(
  'library libraries program programs programming code scripts script package packages toolkit module modules developers notebook notebooks',
)
/** What is polished, and what for. */
const BEFORE_POLISHING = set('to nail shoe floor furniture')
const POLISHED = set('remover removers coating coatings stone wood metal')
const EVANGELISTS = set('mark luke john matthew')
/** People whom a color of skin may be said of; APA 7, 5.7 gives Black and White a capital then. */
const PEOPLE =
  set(`people persons men women boys girls children youth adolescents teenagers adults students pupils teachers nurses doctors workers families mothers fathers parents communities neighborhoods neighbourhoods churches
 colleges schools voters citizens soldiers veterans writers authors artists musicians athletes scholars patients americans british canadians lives identity feminism feminist masculinity femininity power nationalism history studies`)
const CULTURAL = set(
  'music philosophy thought culture cultures art medicine civilization civilisation civilizations society societies democracies democracy powers science ideas values europe literature countries classical',
)

interface Around {
  words: readonly WordFacts[]
  names: Standing[]
  i: number
  word: WordFacts
  before: WordFacts | undefined
  next: WordFacts | undefined
}

const isProperOrDoubtful = (word: WordFacts | undefined): boolean => word !== undefined && (word.proper || word.doubtful)
const isUnknown = (word: WordFacts | undefined): boolean => word !== undefined && word.raised && !word.proper && !isCommonWord(word.lower)
/** "River mills", "let the river be": no name, though lists of names have one that is spelt so. */
const isOfRiver = (word: WordFacts, next: WordFacts): boolean =>
  FUNCTION.has(next.lower) || (word.stem === 'river' && (OF_RIVERS.has(next.lower) || isPlural(next.lower)))
const isPlural = (word: string): boolean => /[^su]s$/u.test(word) && isCommonWord(word) && isCommonWord(word.slice(0, -1))
/** Nothing, or a word that begins something else, stands behind. */
const endsPhrase = (word: WordFacts | undefined): boolean => word === undefined || FUNCTION.has(word.lower) || /^\d/u.test(word.lower)
/** A people or what is theirs ("Roman", "Dutch"), and no place. */
const isOfPeople = (word: WordFacts | undefined): boolean =>
  word?.proper === true && /(?:an|ish|ese|ic|i|ern)$|^(?:dutch|french|greek|welsh|swiss|czech|norse|saxon)$/u.test(word.lower)
/** A place that the lists know. */
const isPlaceName = (word: WordFacts | undefined): boolean => word?.proper === true && !isOfPeople(word)
const isAlone = ({ before, next }: Around): boolean => endsPhrase(next) && !(before && DETERMINERS.has(before.lower))

/** A rule about the words in `of`, or about any: whether one is a name, or what else it is, where it stands. */
interface NameRule { of?: ReadonlySet<string>, says: (at: Around) => Standing | boolean }

/** The rules, asked in this order; the first that answers decides. Each is about a word that has a capital. */
const RULES: readonly NameRule[] = [
  // A doubtful word behind "Lake" or "King" is a name; "Lake" before a name is part of it.
  {
    says: ({ word, before }) =>
      before !== undefined && BEFORE_NAME.has(before.stem) && isProperOrDoubtful(word) && !isOfRiver(before, word),
  },
  {
    of: BEFORE_NAME,
    says: ({ word, next }) => next?.raised === true && (isProperOrDoubtful(next) || !isCommonWord(next.lower)) && !isOfRiver(word, next),
  },
  { of: AFTER_NAME, says: ({ word, before }) => before?.proper === true && !(OF_EVERY_PEOPLE.has(word.stem) && isOfPeople(before)) },
  { of: LAND, says: ({ before, next }) => isUnknown(before) || (isPlaceName(before) && endsPhrase(next)) },
  { of: OF_NAME, says: ofName },
  { of: set('river'), says: river },
  { of: AFTER_UNKNOWN, says: ({ before }) => isUnknown(before) },
  { of: LAST_AFTER_NAME, says: ({ before, next }) => before?.proper === true && endsPhrase(next) },
  { of: REACH, says: body },
  { says: thoroughfare },
  { says: agreement },
  { of: set('act amendment'), says: act },
  { of: POINTS, says: ({ before, next }) => before?.stem === 'the' && (!next || BEHIND_POINT.has(next.stem)) },
  { says: species },
  { says: genus },
  { of: PLACES, says: coordinated },
  { of: PLACES, says: place },
  { of: MONTHS, says: ({ before, next }) => /^\d{1,4}$/u.test(next?.lower ?? '') || (before !== undefined && ((BEFORE_MONTH.has(before.lower) && endsPhrase(next)) || /^\d{1,2}$/u.test(before.lower))) },
  {
    of: set('polish'),
    says: ({ before, next }) => !endsPhrase(next) && !BEFORE_POLISHING.has(before?.lower ?? '') && !POLISHED.has(next!.stem),
  },
  { of: LANGUAGES_OF_MACHINES, says: language },
  {
    of: EVANGELISTS,
    says: ({ words, i, before }) =>
      [words[i - 2]?.stem, before?.lower].join(' ') === 'gospel of' || [words[i - 2]?.lower, before?.lower].join(' ') === 'according to',
  },
  { of: set('black white'), says: ({ next }) => PEOPLE.has(next?.lower ?? '') },
  { of: set('western'), says: ({ next }) => CULTURAL.has(next?.lower ?? '') },
  { of: WITH_ARTICLE, says: ({ before, next }) => before?.lower === 'the' && next?.lower !== 'of' && endsPhrase(next) },
  // "Harry Potter": a surname that is a common word, behind a given name.
  { says: ({ word, before, next }) => word.doubtful && before?.raised === true && isGivenName(before.lower) && !isOfPeople(before) && (endsPhrase(next) || /[’']s$/u.test(word.lower)) },
  // "by S. Peel": what stands behind an initial is a surname, but a species behind its genus ("E. coli").
  { says: ({ word, before }) => before?.raised === true && /^\p{L}\.$/u.test(before.lower) && (OF_SPECIES.test(word.stem) ? 'small' : 'name') },
  { of: COUNTED, says: ({ next }) => next !== undefined && /^\d{1,3}$/u.test(next.lower) },
  // A hamlet has an article; the prince has none.
  { of: set('hamlet'), says: (at) => isAlone(at) || (endsPhrase(at.next) && at.before?.lower.endsWith('ing') === true) },
]

/** Behind the initial of a genus. */
const OF_SPECIES = new RegExp(
  '^(?:coli|pylori|elegans|melanogaster|aureus|cerevisiae|sapiens|tuberculosis|subtilis|thaliana|falciparum|vivax|mellifera|musculus|norvegicus'
  + '|albicans|difficile|typhi|influenzae|aegypti|albopictus|rerio|catus|familiaris|monocytogenes|aeruginosa|faecalis|plantarum|japonica|alba|nigra)$'
  + '|(?:ii|ensis|iae|icola|oides|osum|osa|ifera|aceae)$', 'u')
const ANY = RULES.filter(({ of }) => !of)
const LIMIT = 20_000
const rulesOf = new Map<string, readonly NameRule[]>()
/** The rules that may have something to say of a word. */
function rulesFor({ lower, stem }: WordFacts): readonly NameRule[] {
  const known = rulesOf.get(lower)
  if (known) return known
  if (rulesOf.size >= LIMIT) rulesOf.clear()
  const own = RULES.filter(({ of }) => !of || of.has(lower) || of.has(stem))
  const kept = own.length === ANY.length ? ANY : own
  rulesOf.set(lower, kept)
  return kept
}

/** Fills in what the rules say of words that no list has decided. */
export function nameByRule(words: readonly WordFacts[], names: Standing[]): void {
  words.forEach((word, i) => {
    if (word.raised && !names[i] && HEADS.has(word.stem)) nameBefore(words, names, i)
    const body = NAMED_BODIES.has(word.stem) || DAYS.has(word.lower)
    if (body && word.raised && !names[i] && endsPhrase(words[i + 1])) bodyBefore(words, names, i)
    if (/^vs?\.?$/u.test(word.lower) && words[i - 1]?.raised) party(words, names, i)
  })
  words.forEach((word, i) => {
    if (names[i] || !word.raised) return
    const at: Around = { words, names, i, word, before: words[i - 1], next: words[i + 1] }
    for (const { says } of rulesFor(word)) {
      const standing = says(at)
      if (standing) { names[i] = standing === true ? 'name' : standing; return }
    }
  })
}

/** "The Isle of Harrow": an isle is always named so; the others where the word is no common one ("the republic of letters"). */
function ofName({ words, names, i, word, next }: Around): Standing {
  const named = words[i + 2]
  if (next?.lower !== 'of' || !named?.raised || DETERMINERS.has(named.lower)) return undefined
  const isle = /^isles?$/u.test(word.lower) && endsPhrase(words[i + 3])
  if (!isle && !named.proper && !isUnknown(named) && !(named.doubtful && OF_SURE_NAME.has(word.lower))) return undefined
  if (isle) names[i + 2] = 'name'
  return 'name'
}

/** "The River Tarn": what stands behind it is its name, unless it is a part of any river. */
function river({ words, names, i, word, before, next }: Around): Standing {
  if (before?.lower !== 'the' || !next?.raised || isOfRiver(word, next) || !endsPhrase(words[i + 2])) return undefined
  names[i + 1] = 'name'
  return 'name'
}

/** Behind the v. of a case, every word with a capital is of the party: "Brown v. Board of Education". */
function party(words: readonly WordFacts[], names: Standing[], v: number): void {
  for (let at = v + 1; at < words.length; at++) {
    if (words[at]!.raised) names[at] = inName(words[at]!)
    else if (words[at]!.lower !== 'of' || !words[at + 1]?.raised) return
  }
}

/** From a name up to the body, if only raised words stand between, at most three. */
function bodyBefore(words: readonly WordFacts[], names: Standing[], head: number): void {
  for (let at = head - 1; at >= Math.max(0, head - 4); at--) {
    const word = words[at]!
    if (!word.raised || DETERMINERS.has(word.lower) || FUNCTION.has(word.lower) || /[’']s?$/u.test(word.lower)) return
    const days = DAYS.has(words[head]!.lower)
    const named = isUnknown(word) || (isPlaceName(word) && (at < head - 1 || BODIES_OF_PLACES.has(words[head]!.stem)))
    if (days ? !word.proper || at === head - 1 : !named) continue
    for (let i = at; i <= head; i++) names[i] = inName(words[i]!)
    return
  }
}

/** Behind a genus, or a word that looks like one, what no list knows is the species. */
function species({ word, before, next }: Around): Standing {
  if (!before?.raised || !isUnknown(word) || isGivenName(before.lower)) return undefined
  const looks = isUnknown(before) && GENUS.test(before.stem) && (EPITHET.test(word.stem) || (before.stem.length > 5 && endsPhrase(next)))
  return looks || isGenus(before.lower) ? 'small' : undefined
}

/** A genus that has become a common word is one again before a species: "Plasmodium falciparum". */
function genus({ word, next, names, i }: Around): Standing {
  if (word.proper || !GENUS.test(word.stem) || !isUnknown(next) || next!.stem.length < 6 || !EPITHET.test(next!.stem)) return undefined
  names[i + 1] = 'small'
  return 'name'
}

const CODING = /^(?:cod(?:e|ing)|program(?:s|ming|mers?)?|games?)$/u
/** Python, where it is written: "a Python library", "in Python", "C and Python". */
const MACHINE_CODE = set('c r c++ java matlab sql')
function language({ words, i, word, before, next }: Around): boolean {
  if (OF_PROGRAMS.has(next?.lower ?? '')) return true
  if (before?.lower === 'and' && MACHINE_CODE.has(words[i - 2]?.lower ?? '')) return true
  if (!endsPhrase(next) || !/^(?:in|with|using)$/u.test(before?.lower ?? '')) return false
  return word.lower !== 'scratch' || words.some(one => CODING.test(one.lower))
}

const inName = (word: WordFacts): Standing => (word.hyphenated ? 'compound' : 'name')

/** "On Mill Street", "in Park Avenue": without an article even common words are a street's name. */
const STREETS = set('street road avenue lane square terrace crescent')
const ON = set('on in at along off from of')
function thoroughfare({ words, names, i, word, next }: Around): Standing {
  const of = (street: WordFacts | undefined, name: WordFacts | undefined, before: WordFacts | undefined): boolean =>
    street !== undefined
    && STREETS.has(street.lower)
    && street.raised
    && name !== undefined
    && name.raised
    && !/^(?:high|busy|public|residential|urban|rural|open|main|safe)$/u.test(name.lower)
    && before !== undefined
    && ON.has(before.lower)
  if (of(word, words[i - 1], words[i - 2])) return 'name'
  if (of(next, word, words[i - 1])) { names[i + 1] = 'name'; return 'name' }
  return undefined
}

/** "Kyoto Protocol", "Bologna Process": what states agreed on, by its place. */
function agreement({ names, i, word, before, next }: Around): Standing {
  const isPlace = (one: WordFacts | undefined): boolean =>
    one !== undefined && one.raised && (PLACES.has(one.lower) || (one.proper && !/(?:an|ish|ese|ic|i)$/u.test(one.lower)))
  if (AFTER_PLACE.has(word.lower) && word.raised && isPlace(before)) return 'name'
  if (next && AFTER_PLACE.has(next.lower) && next.raised && PLACES.has(word.lower) && word.raised) { names[i + 1] = 'name'; return 'name' }
  return undefined
}

/** "The Affordable Care Act", "the Fourteenth Amendment": laws by what they are called. */
const INSIDE_ACT = set('and of for with in to on')
const ORDINAL = /^(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|\p{L}*teenth|twentieth|twenty-\p{L}+)$/u
function act({ words, names, i, word, before }: Around): Standing {
  if (word.lower === 'amendment' && word.raised && before?.raised && ORDINAL.test(before.lower)) { names[i - 1] = 'name'; return 'name' }
  if (word.lower !== 'act' || !word.raised) return undefined
  let from = i
  while (from > 0 && i - from < 7 && (words[from - 1]!.raised || (INSIDE_ACT.has(words[from - 1]!.lower) && words[from - 2]?.raised)))
    from--
  // What begins the title has a capital for that; an article before it says that the name begins here.
  if (words[from] && DETERMINERS.has(words[from]!.lower)) from++
  const raised = words.slice(from, i).filter(one => one.raised).length
  const cited = /^(?:under|by|since|after|before|against|of)$/u.test(words[from - 2]?.lower ?? '') && words[from - 1]?.lower === 'the'
  if (raised < (cited ? 1 : 2) || !(from > 0 && (DETERMINERS.has(words[from - 1]!.lower) || FUNCTION.has(words[from - 1]!.lower))))
    return undefined
  for (let n = from; n < i; n++) names[n] = words[n]!.raised ? inName(words[n]!) : 'small'
  return 'name'
}

/** From the word for its reach, with an article before it, to what it is, at most four words on. */
function body({ words, names, i, word, before }: Around): Standing {
  if (!REACH.has(word.lower) || !word.raised || before?.lower !== 'the') return undefined
  let to = i + 1
  while (to < words.length && to - i < 5 && (words[to]!.raised || INSIDE_ACT.has(words[to]!.lower)) && !BODY.has(words[to]!.lower)) to++
  if (!words[to]?.raised || !BODY.has(words[to]!.lower)) return undefined
  for (let n = i + 1; n <= to; n++) names[n] = words[n]!.raised ? inName(words[n]!) : 'small'
  return 'name'
}

/** Side by side with a name by "and" or "or": "China and Japan". */
function coordinated({ words, i, word, before, next }: Around): Standing {
  if (!word.raised || !PLACES.has(word.lower)) return undefined
  const joins = (one: WordFacts | undefined): boolean => one?.lower === 'and' || one?.lower === 'or'
  return (joins(next) && words[i + 2]?.proper) || (joins(before) && words[i - 2]?.proper) ? 'name' : undefined
}

function place(at: Around): Standing {
  const { word, before } = at
  return word.raised
    && PLACES.has(word.lower)
    && before !== undefined
    && LOCATIVES.has(before.lower)
    && isAlone(at)
    && !/^(?:bath|nice|male)$/u.test(word.lower)
    ? 'name'
    : undefined
}

/** "Wechsler Memory Scale": from a name up to the head all are raised, if only raised words stand between, at most two. */
function nameBefore(words: readonly WordFacts[], names: Standing[], head: number): void {
  for (let at = head - 1; at >= Math.max(0, head - 3); at--) {
    const word = words[at]!
    if (!word.raised) return
    const named =
      names[at] === 'name' || (word.doubtful && words[head]!.stem !== 'index' && words[head]!.stem !== 'test') || !isCommonWord(word.lower)
      || (word.hyphenated && word.lower.split('-').every(isProperNoun))
    if (!named) continue
    if (at === head - 1 && PLAIN_HEADS.has(words[head]!.stem)) return
    for (let i = at; i <= head; i++) names[i] = inName(words[i]!)
    return
  }
}
