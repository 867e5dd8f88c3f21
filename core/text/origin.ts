/** Where printed text comes from: the question it answers, and the rules behind it. */
export const QUESTIONS = ['who', 'when', 'what', 'inside', 'where'] as const
/** One of the five questions every reference answers. */
export type Question = (typeof QUESTIONS)[number]
/** A question, or the punctuation between answers. */
export type Part = Question | 'glue'

/** Every rule that a run can name; core/styles/rules.ts says of each what it rests on and how it is broken. */
export const RULE_IDS = [
  'names.inverted', 'names.initials', 'names.joined', 'names.shortened', 'names.surname', 'names.apart', 'names.repeated', 'role',
  'date', 'date.none', 'date.inpress', 'date.original', 'date.accessed', 'year.letter',
  'title', 'title.sentence', 'title.headline', 'title.asgiven', 'title.standsin', 'title.none',
  'container', 'container.abbreviated', 'volume', 'issue', 'pages.range', 'edition', 'publisher', 'publisher.shortened', 'description',
  'link.doi', 'link.url', 'locator',
  'author.shared', 'citation.number', 'citation.range', 'citation.note', 'citation.secondary', 'citation.unknown', 'as-typed',
  'note.full', 'note.short', 'note.ibid', 'words.own', 'words.note', 'caption',
] as const
export type RuleId = (typeof RULE_IDS)[number]
