/**
 * The two dialects of one format, as far as they write otherwise; both are read alike.
 * Source: Patashnik, BibTeXing (1988); Kime, Wemheuer and Lehman, The biblatex Package, 2.1–2.2.
 */
export interface Dialect {
  /** Entry types and fields that have another name than BibTeX's. */
  types: Readonly<Record<string, string>>
  fields: Readonly<Record<string, string>>
  /** What a type of BibTeX's says of the work besides, said in the field “type”. */
  sorts: Readonly<Record<string, string>>
  /** Dates in one field, as ISO 8601-2 has them, seasons among them. */
  isoDates: boolean
}
export const BIBTEX: Dialect = { types: {}, fields: {}, sorts: {}, isoDates: false }
export const BIBLATEX: Dialect = {
  types: { phdthesis: 'thesis', mastersthesis: 'thesis', techreport: 'report', map: 'misc', preprint: 'online' },
  fields: { journal: 'journaltitle', address: 'location', school: 'institution' },
  sorts: { phdthesis: 'phdthesis', mastersthesis: 'mathesis' },
  isoDates: true,
}

/** Seasons by their numbers in dates: spring 21 to winter 24 (ISO 8601-2, 4.8). */
export const SEASON = 20
