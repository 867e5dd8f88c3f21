/** How English words are derived from one another: plurals, tenses, comparisons, and endings that only common words have. */

/** Endings that make common words and hardly a name. */
const DERIVED =
  /.{2}(?:tions?|sions?|ments?|ness(?:es)?|ities|ity|olog(?:y|ies|ical|ically|ist|ists)|graph(?:y|ic|ical|ies)|isms?|ically|i[sz](?:e|ed|es|ing|ation|ations)|ful|fully|less|ously|ous|ability|ibility|able|ible|ably|ibly|ative|ively|ive|ances?|ences?|metr(?:y|ic|ics)|scop(?:y|ic)|os[ie]s|itis|a?emias?|oids?|ectom(?:y|ies))$/u
export const derived = (word: string): boolean => DERIVED.test(word)

const ENDINGS: readonly (readonly [RegExp, string])[] = [
  [/s$/u, ''],
  [/es$/u, ''],
  [/ies$/u, 'y'],
  [/ed$/u, ''],
  [/d$/u, ''],
  [/ied$/u, 'y'],
  [/(.)\1ed$/u, '$1'],
  [/ing$/u, ''],
  [/ing$/u, 'e'],
  [/(.)\1ing$/u, '$1'],
  [/ings$/u, ''],
  [/ly$/u, ''],
  [/ily$/u, 'y'],
  [/er$/u, ''],
  [/er$/u, 'e'],
  [/ers$/u, ''],
  [/ers$/u, 'e'],
  [/(.)\1ers?$/u, '$1'],
  [/iers?$/u, 'y'],
  [/est$/u, ''],
  [/iest$/u, 'y'],
]
/** What a word may be a form of, in small letters; not every one is a word. */
export const stemsOf = (word: string): string[] =>
  ENDINGS.map(([ending, put]) => word.replace(ending, put)).filter((stem) => stem !== word && stem.length > 2)
