/** The families of findings as their headings say them. */
import type { Family } from '~~/core/check/finding'

export const FAMILY_WORDS: Record<Family, string> = {
  'citations': 'Citations',
  'quotations': 'Quotations',
  'own-words': 'Your own words',
  'list': 'List',
  'details': 'Source details',
  'page': 'Page',
}
