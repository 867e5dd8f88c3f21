/** The closed lists that a style's data is written in. A word that is in none of them is a fault, in types and at the door. */

/** Where a list of names is set: each place has a form of its own in the style's `names`. */
export const NAME_FORMS = [
  'lead',
  'inline',
  'inside',
  'note',
  'text',
  'short',
  'narrative',
  'apart',
  'apartNarrative',
  'whole',
  'later',
  'laterNarrative',
] as const
export type NameFormId = (typeof NAME_FORMS)[number]

export const DATE_FORMS = ['date', 'year', 'accessed', 'long', 'monthday', 'monthly', 'issue'] as const
export type DateFormId = (typeof DATE_FORMS)[number]

/** Where makers who do not lead are named: after a work's own title, after that of the whole it is in, in a note. */
export const MAKER_SETS = ['makers', 'inside', 'note'] as const
export type MakerSet = (typeof MAKER_SETS)[number]

/** What templates may ask of a style ("%places?"). */
export const OPTIONS = ['ad', 'places', 'chapterPages', 'capitalEdition'] as const
export type OptionId = (typeof OPTIONS)[number]

/** The parts of a layout that are templates. */
export const LAYOUT_TEMPLATES = ['what', 'inside', 'where', 'entry', 'note', 'short', 'standIn'] as const
export type LayoutTemplate = (typeof LAYOUT_TEMPLATES)[number]

export const SYSTEMS = ['author-date', 'author-page', 'numbers', 'notes'] as const
export type System = (typeof SYSTEMS)[number]

/** What a manual is asked about a paper's use of its sources, its quotations, its list and its page (`sections.ts`). */
export const TOPICS = [
  'correspondence',
  'citing',
  'form',
  'narrative',
  'order',
  'again',
  'place',
  'secondary',
  'quoting',
  'short',
  'block',
  'accuracy',
  'introducing',
  'stops',
  'marks',
  'paraphrase',
  'entries',
  'headings',
  'title',
  'details',
  'pageNumbers',
  'indents',
  'spacing',
] as const
export type Topic = (typeof TOPICS)[number]

/** What a paper says of itself besides its title, in the order that title pages and headings ask for it. */
export const DETAILS = ['writer', 'instructor', 'course', 'institution', 'date'] as const
export type Detail = (typeof DETAILS)[number]
