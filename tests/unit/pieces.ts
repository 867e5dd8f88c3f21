/** Pieces that people, programs and bad luck repeat: what makes an expression try the same letters again and again. */
export const PIECES = [
  ' ', '\n', '\t', '\u00A0', ' \n', '.', '. ', ',', ', ', ';', '; ', ':', '-', '–', '—', '\'', '’', '‘', '"', '”', '“', '“a” ', '‘a’ ',
  '(', ')', '()', '( ', '[', ']', '[a]', '{', '}', '{}', '<', '>', '<p>', '</p>', '<p>a</p>', '<i>', '&', '&amp;', '/', '//', '\\', '@', '#', '%', '$', '*', '_', '=', '^',
  'a', 'A', 'é', 'a ', 'A ', 'A. ', 'A.', 'A.-', 'A, ', 'Aa ', 'Aa, ', 'Aa, B. ', 'Aa, B., ', 'Aa B, ', 'AB ', 'ABCD ', 'and ', '& ', 'et al. ', 'von ', 'of the ', 'The ', 'In ', 'in ', 'ed. ', 'eds. ', '(Ed.) ', 'vol. ', 'no. ', 'pp. ', 'p. 1 ', 'University of ', 'Proceedings of the ',
  '1', '1 ', '1-', '1–2 ', '1, ', '(1) ', '[1] ', '2021', '(2021) ', '2021. ', '12(3) ', 'i', 'iv ', '1a', 'S1',
  '10.5555/', '10.5555/a ', 'https://', 'https://a.example/ ', 'www.', 'a.b.', 'a-b-', 'a@b.example ', 'DOI: ', 'ISBN ',
  '\\footnote{', '\\cite{a} ', '\\begin{a}', '\\a', '[ref: a] ', '[ref: ', '@book{a,', 'title = {', 'TY  - ', 'AU  - a\n', '. . . ', '… ', '[…] ', '\u{1F30A}', '\uFFFC', '\u0301',
]
