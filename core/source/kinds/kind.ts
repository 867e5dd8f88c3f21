/** What a row in the table of kinds holds. Every key without a question mark must be there: forgetting one does not compile. */
import type { FieldName, FieldOf } from '../fields'

/** A CSL-JSON item that is of a kind: of this type, and as the rest says. */
export interface CslRule {
  type: string
  /** Words in its genre or medium. */
  says?: RegExp
  /** What its title must be. */
  titled?: RegExp
  /** Properties it must have, or must not. */
  has?: readonly string[]
  lacks?: readonly string[]
  /** Asked before the rules with higher numbers; otherwise the rule with more conditions is asked first. */
  order?: number
}

/** Words in the brackets of a formatted reference that tell a kind, and the field that keeps them. */
export interface SaidRule { order: number, words: RegExp, into?: 'genre' | 'medium' }

export interface Kind {
  label: string
  /** A kind whose layout a style may use when it has none for this one. */
  like?: string
  /** Everyday words for it, beside its label, apart by commas. */
  words: string
  /** Fields without which the reference has a hole. */
  required: readonly FieldName[]
  /** Fields most such sources have. */
  usual: readonly FieldName[]
  /** Roles that can lead the entry, the first one present wins. */
  lead: readonly FieldOf<'names'>[]
  /** What its author is, where that is another role: the author of an episode wrote it. */
  authorIs?: FieldOf<'names'>
  /** Its title may say no more than what it reviews. */
  reviewing?: boolean
  /** Who performs it leads; its author is then who wrote it (APA 7, 10.14; Chicago 18, 14.163). */
  performed?: boolean
  /** Its title may be no more than the word for what it is ("Introduction"): then it has none of its own. */
  namedByGenre?: boolean
  /** Its title may end in its year, which then is said once: "Estuaries Act 1997". */
  datedByTitle?: boolean
  /** Its title is never cut: the name of a case. */
  wholeTitle?: boolean
  /** What it is in goes by its short name: a reporter of cases. */
  shortContainer?: boolean
  /** Written for a degree, which its genre names. */
  forDegree?: boolean
  /** Its number may come with the words that name its office: "U.S. Patent No. 9,876,543". */
  patented?: boolean
  /** Who issues it, where a file gives that as an authority, is its author. */
  authorityLeads?: boolean
  /** Its number may come with what sort it is: "Working Paper 23-07". */
  numberedSort?: boolean
  /** Its number may hold its season too: "Season 2, Episode 5", S02E05. */
  episodic?: boolean
  /** Other makers named inside the entry, in this order. */
  makers: readonly FieldOf<'names'>[]
  /** Those of them who made the part and not the whole it is in: the translator of a chapter. */
  partMakers?: readonly FieldOf<'names'>[]
  /** What it calls a field that other kinds call otherwise: a journal article is inside a journal. */
  called: Partial<Record<FieldName, string>>
  /** Where on the source to look, by field; fields have a place of their own otherwise. */
  hints: Partial<Record<FieldName, string>>
  /** Its title names places (a map): what has a capital in it keeps it in sentence capitals. */
  placeTitle?: boolean
  /** The container is an official name (journal, site, show) and keeps its capitals. */
  officialContainer?: boolean
  /** The title is not a title but a text or a description: its capitals are left alone. */
  plainTitle?: boolean
  /**
   * How its container behaves: a scholarly periodical is abbreviated, proceedings too in their way, a site may be its
   * own author, a reference work is a name when online.
   */
  inside?: 'periodical' | 'proceedings' | 'site' | 'reference'
  /** The kind that it is set as where it is in nothing and an event is named: a paper that was given and not printed. */
  givenAs?: { kind: string, genre: string }
  /** Stands alone (book, film) rather than inside something. */
  whole?: boolean
  /** Pages are asked for in a citation of it. */
  paged?: boolean
  /** It has no pages at all: a film, a page of a site. */
  pageless?: boolean
  /** The types it is written as: CSL-JSON's, BibTeX's, RIS's. */
  csl: string
  bibtex: string
  ris: string
  /** The types that are read as it. */
  reads: { csl: readonly CslRule[], bibtex: readonly string[], ris: readonly string[] }
  said: readonly SaidRule[]
  /** What BibTeX's "number" is of it. */
  number: FieldName
  /** Its container is BibTeX's "booktitle", RIS's T2. */
  partOfBook?: boolean
  /** What BibTeX calls its publisher, if not that. */
  publisherKey?: string
}

export const kind = (row: Kind): Kind => row
