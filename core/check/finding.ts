/** What a careful marker would circle: words, the reason, and a fix where one is certain. */
import { rowOf } from '../text/lookup'
import type { FieldName } from '../source/fields'
import { labelFor, type KindId } from '../source/kinds'
import type { Fields, Source } from '../source/model'
import type { Style } from '../styles/schema'

export interface Fix {
  /** What the button says. */
  label: string
  /** What the value would be, to be seen before it is done. */
  shows?: string
  fields: Fields
  kind?: KindId
}

export interface Finding {
  /** Stable for the same words: "leave it" holds until they change. */
  id: string
  rule: string
  field?: FieldName
  says: string
  /** In a few words, for the line beside a slip: "Title in capitals". */
  brief: string
  fix?: Fix
  /** Another source that it is about. */
  other?: string
  /** The reference has a hole, or would be marked wrong, without it. */
  serious: boolean
}

/** What a rule may ask: the source, the style it will be printed in, today. */
export interface Setting {
  source: Source
  style: Style
  /** Year, month, day. */
  today: readonly [number, number, number]
}

/** One rule about the details of a source. A rule family is a file that exports a list of these. */
export type DetailRule = (setting: Setting) => (Omit<Finding, 'id' | 'serious' | 'brief'> & { serious?: boolean, about?: string })[]

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

/** A finding with its id made from the rule, the field and the words it is about. */
export function identify({ about, serious = false, ...finding }: ReturnType<DetailRule>[number], source: Source): Finding {
  const value = about ?? (finding.field ? JSON.stringify(source.fields[finding.field] ?? '') : '')
  return {
    ...finding,
    serious,
    brief: briefly(finding.rule, finding.field, source.kind),
    id: `${finding.rule}:${finding.field ?? ''}:${hash(value)}`,
  }
}

/** FNV-1a, 32 bits: short and the same everywhere. */
function hash(text: string): string {
  let h = 0x811C9DC5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193) >>> 0
  return h.toString(36)
}
