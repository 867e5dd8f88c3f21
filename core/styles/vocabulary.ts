/**
 * What templates may say: every value, its filters, every condition. The engine has one printer for each value here
 * (core/compose/values) and one test for each condition; forgetting one is a type error.
 */
import { DATE_FIELDS, FIELDS, NAME_FIELDS, TEXT_FIELDS, type FieldName } from '../source/fields'
import { DATE_FORMS, NAME_FORMS } from './ids'

/** Filters of a value: words of its own, or the forms in which names or dates are set. */
export interface ValueSpec { says: string, filters?: readonly string[], forms?: 'names' | 'dates' }

const TITLE = ['asgiven', 'headline', 'cased', 'lower'] as const
const v = (says: string, more: Omit<ValueSpec, 'says'> = {}): ValueSpec => ({ says, ...more })

/** Values that are more than a field's own words. */
export const VALUES = {
  'lead': v('the names that lead the entry, with their role; "bare" without it', { forms: 'names', filters: ['bare'] }),
  'lead.book': v('the same before a title with no stop of its own: a stop unless a bracket ends them', { forms: 'names', filters: ['bare'] }),
  'makers': v('the other makers of the work, each with the role'),
  'inside.makers': v('the makers of the whole it is in, each with the role'),
  'note.makers': v('the other makers as a note names them'),
  'part.makers': v('the makers of a part, as its translator, each with the role'),
  'note.part.makers': v('the same as a note names them'),
  'note.inside.makers': v('the makers of the whole it is in, as a note names them'),
  'all.inside.makers': v('the makers of the part and of the whole together'),
  'crew': v('the makers of a part side by side, each with the role'),
  'allMakers': v('every maker who does not lead'),
  'date': v('the date of publication, or what stands for it', { forms: 'dates' }),
  'year': v('its year', { forms: 'dates' }),
  'monthday': v('its month and day', { forms: 'dates' }),
  'accessed': v('the day it was read, where it has no date', { forms: 'dates' }),
  'read': v('the day it was read, whether it has a date or not', { forms: 'dates' }),
  'first': v('when it was first published', { forms: 'dates' }),
  'title': v('its title; "first20" its first twenty words', { filters: [...TITLE, 'first20'] }),
  'short': v('its short title', { filters: TITLE }),
  'reviewedTitle': v('the title of the work reviewed', { filters: TITLE }),
  'series': v('the series', { filters: TITLE }),
  'volumeTitle': v('the title of the volume', { filters: TITLE }),
  'container': v('the whole it is in', { filters: [...TITLE, 'nothe', 'full'] }),
  'description': v('what sort of thing it is'),
  'description.lower': v('the same, beginning small'),
  'genre.lower': v('the source’s own word for what it is, beginning small'),
  'genre.series': v('the same as the name of a series that a number is given in: Technical Report'),
  'medium.lower': v('its medium, beginning small'),
  'edition': v('its edition, if not the first'),
  'edition.own': v('the edition of a newspaper, in its own words: national edition'),
  'publisher': v('its publisher'),
  'publisher.the': v('its publisher with its article, where its name is a description'),
  'publisher.other': v('its publisher where it is neither author nor site'),
  'publisher.self': v('what stands for a publisher who is the author'),
  'event.the': v('the event with its article, where it has one, and shortened as proceedings are'),
  'place': v('where it was published'),
  'eventPlace': v('where it was given'),
  'venue': v('where it was given: the place of the event, or the publisher’s'),
  'numberOfVolumes': v('the number of volumes'),
  'genre.sentence': v('the source’s own word for what it is, its first letter alone raised'),
  'authority.plain': v('the authority without the stops of its abbreviation'),
  'volume': v('the volume’s number'),
  'volume.roman': v('the volume’s number in Roman numerals'),
  'issue': v('the issue’s number'),
  'issue.labelled': v('the same with the style’s word for it, where it is a number'),
  'supplement': v('the supplement that the issue is, without stops'),
  'number': v('its number'),
  'number.country': v('the country of a patent’s number'),
  'number.bare': v('a patent’s number without its country', { filters: ['spaced'] }),
  'version': v('its version'),
  'pages': v('its pages'),
  'pp': v('its pages with the word for them'),
  'article': v('the number of an article without pages'),
  'sectionPage': v('its pages with the section of the newspaper apart'),
  'archivePlace.other': v('the town of the archive, where its name does not say it'),
  'archiveLocation.lower': v('where in the archive, beginning small'),
  'archiveLocation.caps': v('where in the archive, each part with a capital'),
  'locator': v('the place cited'),
  'doi': v('its DOI as the style prints one'),
  'url': v('its address, where it has no DOI'),
} as const satisfies Record<string, ValueSpec>
export type DerivedValue = keyof typeof VALUES
/** Fields that print as they are. */
export type PlainValue = Exclude<FieldName, DerivedValue>
export type ValueName = DerivedValue | PlainValue

const isField = (name: string): name is FieldName => Object.hasOwn(FIELDS, name)
export const isDerived = (name: string): name is DerivedValue => Object.hasOwn(VALUES, name)
export const isValue = (name: string): name is ValueName => isDerived(name) || isField(name)

/** What may stand behind the colon of a value. */
export function filtersOf(name: ValueName): readonly string[] {
  const spec: ValueSpec = isDerived(name) ? VALUES[name]
    : NAME_FIELDS.some(one => one === name) ? { says: '', forms: 'names' } : DATE_FIELDS.some(one => one === name) ? { says: '', forms: 'dates' } : { says: '' }
  return [...(spec.filters ?? []), ...(spec.forms === 'names' ? NAME_FORMS : spec.forms === 'dates' ? DATE_FORMS : [])]
}

/** Values that print something where the source has nothing ("n.d."). */
export const WITH_FALLBACK: readonly ValueName[] = ['date', 'year']

/** Conditions that are no value: whether the work is so. */
export const THINGS = {
  lead: 'names lead the entry',
  dated: 'it has a date',
  inpress: 'it has no date but is said to be on its way',
  online: 'it has an address or a DOI',
  link: 'it has an address and no DOI',
  locator: 'a place in it is cited',
  several: 'its author has other works in the paper',
  standIn: 'something stands in for its author',
  yeared: 'its title ends with its year',
  slides: 'it is slides or the like, shown at no event that is known',
  presentation: 'its sort says no more than that it was presented',
  sorted: 'it says what sort of thing it is, and its title does not say so already',
  unpublished: 'it calls itself unpublished',
  wiki: 'it is an entry of a wiki',
  presented: 'it is a paper, a poster or slides shown at an event',
} as const
export type Thing = keyof typeof THINGS
export const isThing = (name: string): name is Thing => Object.hasOwn(THINGS, name)

/** Conditions that compare: the kind of the source, the label of the place cited, the country of a patent. */
export const COMPARED = ['kind', 'label', 'country'] as const
export type Compared = (typeof COMPARED)[number]

export const PLAIN_FIELDS = TEXT_FIELDS.filter(name => !isDerived(name))
