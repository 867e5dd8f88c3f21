/** Rules about the details of a source: what they are asked, what they answer, the few words for each. */
import { listEntry } from '../compose/entry'
import type { FieldName } from '../source/fields'
import { labelFor, type KindId } from '../source/kinds'
import type { Fields, Source } from '../source/model'
import type { Style } from '../styles/schema'
import type { TitleWords } from '../text/capitals'
import { rowOf } from '../text/lookup'
import { plain } from '../text/runs'
import { hash, type Finding } from './finding'

/** What a rule may ask: the source, the style it will be printed in, today. */
export interface Setting {
  source: Source
  style: Style
  /** Year, month, day. */
  today: readonly [number, number, number]
  /** Who decides the capitals of titles. */
  titles: TitleWords
}
/** What a rule says of a source. */
export interface DetailFound {
  rule: string
  field?: FieldName
  says: string
  serious?: boolean
  /** The words that it is about, where they are other than the field's. */
  about?: string
  fix?: { label: string, shows?: string, fields: Fields, kind?: KindId }
}

/** One rule about the details of a source. A rule family is a file that exports a list of these. */
export type DetailRule = (setting: Setting) => DetailFound[]

const BRIEF: Record<string, string> = {
  'as-typed': 'Could not be set',
  'page-undated': 'No date',
  'duplicate': 'Twice in this paper',
  'title-shouted': 'Title in capitals',
  'title-headline': 'Title capitalised for another style',
  'title-unsure': 'A name or a word?',
  'title-edges': 'Title with something left on it',
  'container-shouted': 'Name in capitals',
  'name-et-al': '“et al.” as a name',
  'name-swapped': 'Names swapped',
  'name-group': 'A group read as a person',
  'name-person': 'A person read as a group',
  'name-joined': 'Several names in one',
  'name-loud': 'Name in capitals',
  'name-twice': 'Named twice',
  'names-left-out': 'Authors left out',
  'places-swapped': 'Journal and publisher swapped',
  'publisher-as-journal': 'A publisher as the journal',
  'journal-as-publisher': 'A journal as the publisher',
  'retrieved-left': '“Retrieved” left in',
  'journal-short': 'Journal abbreviated',
  'stray-mark': 'A stray mark',
  'number-labelled': 'A label in a number',
  'pages-upside-down': 'Pages upside down',
  'edition-first': 'First edition',
  'edition-words': 'Words in the edition',
  'date-future': 'A date to come',
  'date-words': 'Date not understood',
  'date-either': 'Day or month first?',
  'dates-crossed': 'Dates crossed',
  'accessed-beside-doi': 'Day of reading not needed',
  'accessed-beside-date': 'Day of reading not needed',
  'doi-text': 'Words around the DOI',
  'doi-wrong': 'Not a DOI',
  'doi-in-url': 'A DOI as the address',
  'url-words': 'Words before the address',
  'url-scheme': 'Address without https://',
  'url-wrong': 'Not a web address',
  'url-proxy': 'A library’s own address',
  'url-session': 'Tracking in the address',
  'url-search': 'Address of a search',
  'isbn-wrong': 'ISBN mistyped',
}
const briefly = (rule: string, field: FieldName | undefined, kind: KindId): string =>
  rule === 'missing' && field ? `No ${labelFor(kind, field).toLowerCase()}` : (rowOf(BRIEF, rule) ?? 'To look at')

/** A finding with its id made from the rule, the source's field and the words it is about. */
export function identify(
  { about, serious = false, fix, field, ...found }: DetailFound,
  { source, style, titles }: Pick<Setting, 'source' | 'style' | 'titles'>,
): Finding {
  const value = about ?? (field ? JSON.stringify(source.fields[field] ?? '') : '')
  const typed = field ? source.fields[field] : undefined
  return {
    ...found,
    id: `${found.rule}:${field ?? ''}:${hash(value)}`,
    family: 'details',
    brief: briefly(found.rule, field, source.kind),
    source: '',
    excerpt: typeof typed === 'string' && typed ? typed : plain(listEntry(style, source, { titles }) ?? []),
    where: { at: 'field', source: source.id, ...(field ? { field } : {}) },
    certain: Boolean(fix),
    serious,
    ...(fix ? { fix: {
      label: fix.label,
      ...(fix.shows === undefined ? {} : { shows: fix.shows }),
      change: { on: 'source', source: source.id, fields: fix.fields, ...(fix.kind ? { kind: fix.kind } : {}) },
    } } : {}),
  }
}
