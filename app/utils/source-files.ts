import type { Written } from '~~/core/intake/formats'

/** The formats that sources are written in: what each is called, its file's ending and type. */
export const SOURCE_FILES: Record<Written, readonly [word: string, ending: string, type: string]> = {
  'bibtex': ['BibTeX', 'bib', 'application/x-bibtex'],
  'biblatex': ['BibLaTeX', 'bib', 'application/x-bibtex'],
  'ris': ['RIS', 'ris', 'application/x-research-info-systems'],
  'csl-json': ['CSL-JSON', 'json', 'application/json'],
}
