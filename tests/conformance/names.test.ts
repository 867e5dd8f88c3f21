/** How many names each style prints, in the list and in the text, and what stands for the rest. */
import { describe, expect, it } from 'vitest'
import type { Source } from '../../core/source/model'
import { readName } from '../../core/source/names'
import { compose } from '../../core/compose/compose'
import { styleOf } from '../../core/styles'
import { toMarkup } from '../../core/text/runs'

const NAMES = [
  'Aalto, Eeva',
  'Birch, Colin J.',
  'Dahl, Erik',
  'Espino, Rosa',
  'Fenn, Jean-Luc',
  'Galt, Moira',
  'Hume, Alan',
  'Ibarra, Luis',
  'Joshi, Priya',
  'Kerr, Isla',
  'Lund, Axel',
  'Mbeki, Sipho',
]
const article = (authors: number): Source => ({
  id: 'a',
  kind: 'journal-article',
  fields: {
    author: NAMES.slice(0, authors).map(readName),
    issued: { start: { year: 2020 } },
    title: 'Tides',
    container: 'Shore',
    volume: '1',
  },
})

/** By style: how many authors, the beginning of the entry, the author in a sentence. */
const EXPECTED: Record<string, [number, string, string][]> = {
  'apa-7': [
    [1, 'Aalto, E.', 'Aalto (2020)'],
    [2, 'Aalto, E., & Birch, C. J.', 'Aalto and Birch (2020)'],
    [3, 'Aalto, E., Birch, C. J., & Dahl, E.', 'Aalto et al. (2020)'],
    [4, 'Aalto, E., Birch, C. J., Dahl, E., & Espino, R.', 'Aalto et al. (2020)'],
    [6, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., & Galt, M.', 'Aalto et al. (2020)'],
    [7, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., & Hume, A.', 'Aalto et al. (2020)'],
    [8, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., Hume, A., & Ibarra, L.', 'Aalto et al. (2020)'],
    [
      11,
      'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., Hume, A., Ibarra, L., Joshi, P., Kerr, I., & Lund, A.',
      'Aalto et al. (2020)',
    ],
    [
      12,
      'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., Hume, A., Ibarra, L., Joshi, P., Kerr, I., Lund, A., & Mbeki, S.',
      'Aalto et al. (2020)',
    ],
  ],
  'apa-6': [
    [1, 'Aalto, E.', 'Aalto (2020)'],
    [2, 'Aalto, E., & Birch, C. J.', 'Aalto and Birch (2020)'],
    [3, 'Aalto, E., Birch, C. J., & Dahl, E.', 'Aalto, Birch, and Dahl (2020)'],
    [4, 'Aalto, E., Birch, C. J., Dahl, E., & Espino, R.', 'Aalto, Birch, Dahl, and Espino (2020)'],
    [6, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., & Galt, M.', 'Aalto et al. (2020)'],
    [7, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., & Hume, A.', 'Aalto et al. (2020)'],
    [8, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., . . . Ibarra, L.', 'Aalto et al. (2020)'],
    [11, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., . . . Lund, A.', 'Aalto et al. (2020)'],
    [12, 'Aalto, E., Birch, C. J., Dahl, E., Espino, R., Fenn, J.-L., Galt, M., . . . Mbeki, S.', 'Aalto et al. (2020)'],
  ],
  'mla-9': [
    [1, 'Aalto, Eeva.', 'Aalto'],
    [2, 'Aalto, Eeva, and Colin J. Birch.', 'Aalto and Birch'],
    [3, 'Aalto, Eeva, et al.', 'Aalto and others'],
    [4, 'Aalto, Eeva, et al.', 'Aalto and others'],
    [6, 'Aalto, Eeva, et al.', 'Aalto and others'],
    [7, 'Aalto, Eeva, et al.', 'Aalto and others'],
    [8, 'Aalto, Eeva, et al.', 'Aalto and others'],
    [11, 'Aalto, Eeva, et al.', 'Aalto and others'],
    [12, 'Aalto, Eeva, et al.', 'Aalto and others'],
  ],
  'chicago-18-notes': [
    [1, 'Aalto, Eeva.', 'Aalto^1^'],
    [2, 'Aalto, Eeva, and Colin J. Birch.', 'Aalto and Birch^1^'],
    [3, 'Aalto, Eeva, Colin J. Birch, and Erik Dahl.', 'Aalto et al.^1^'],
    [4, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, and Rosa Espino.', 'Aalto et al.^1^'],
    [6, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, and Moira Galt.', 'Aalto et al.^1^'],
    [7, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al.^1^'],
    [8, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al.^1^'],
    [11, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al.^1^'],
    [12, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al.^1^'],
  ],
  'chicago-18-author-date': [
    [1, 'Aalto, Eeva.', 'Aalto (2020)'],
    [2, 'Aalto, Eeva, and Colin J. Birch.', 'Aalto and Birch (2020)'],
    [3, 'Aalto, Eeva, Colin J. Birch, and Erik Dahl.', 'Aalto et al. (2020)'],
    [4, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, and Rosa Espino.', 'Aalto et al. (2020)'],
    [6, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, and Moira Galt.', 'Aalto et al. (2020)'],
    [7, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al. (2020)'],
    [8, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al. (2020)'],
    [11, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al. (2020)'],
    [12, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, et al.', 'Aalto et al. (2020)'],
  ],
  'chicago-17-notes': [
    [1, 'Aalto, Eeva.', 'Aalto^1^'],
    [2, 'Aalto, Eeva, and Colin J. Birch.', 'Aalto and Birch^1^'],
    [3, 'Aalto, Eeva, Colin J. Birch, and Erik Dahl.', 'Aalto, Birch, and Dahl^1^'],
    [4, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, and Rosa Espino.', 'Aalto et al.^1^'],
    [6, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, and Moira Galt.', 'Aalto et al.^1^'],
    [7, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, and Alan Hume.', 'Aalto et al.^1^'],
    [8, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, Alan Hume, and Luis Ibarra.', 'Aalto et al.^1^'],
    [11, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, Alan Hume, et al.', 'Aalto et al.^1^'],
    [12, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, Alan Hume, et al.', 'Aalto et al.^1^'],
  ],
  'chicago-17-author-date': [
    [1, 'Aalto, Eeva.', 'Aalto (2020)'],
    [2, 'Aalto, Eeva, and Colin J. Birch.', 'Aalto and Birch (2020)'],
    [3, 'Aalto, Eeva, Colin J. Birch, and Erik Dahl.', 'Aalto, Birch, and Dahl (2020)'],
    [4, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, and Rosa Espino.', 'Aalto et al. (2020)'],
    [6, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, and Moira Galt.', 'Aalto et al. (2020)'],
    [7, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, and Alan Hume.', 'Aalto et al. (2020)'],
    [
      8,
      'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, Alan Hume, and Luis Ibarra.',
      'Aalto et al. (2020)',
    ],
    [11, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, Alan Hume, et al.', 'Aalto et al. (2020)'],
    [12, 'Aalto, Eeva, Colin J. Birch, Erik Dahl, Rosa Espino, Jean-Luc Fenn, Moira Galt, Alan Hume, et al.', 'Aalto et al. (2020)'],
  ],
  'harvard': [
    [1, 'Aalto, E.', 'Aalto (2020)'],
    [2, 'Aalto, E. and Birch, C.J.', 'Aalto and Birch (2020)'],
    [3, 'Aalto, E., Birch, C.J. and Dahl, E.', 'Aalto, Birch and Dahl (2020)'],
    [4, 'Aalto, E. *et al.*', 'Aalto *et al.* (2020)'],
    [6, 'Aalto, E. *et al.*', 'Aalto *et al.* (2020)'],
    [7, 'Aalto, E. *et al.*', 'Aalto *et al.* (2020)'],
    [8, 'Aalto, E. *et al.*', 'Aalto *et al.* (2020)'],
    [11, 'Aalto, E. *et al.*', 'Aalto *et al.* (2020)'],
    [12, 'Aalto, E. *et al.*', 'Aalto *et al.* (2020)'],
  ],
  'ieee': [
    [1, 'E. Aalto,', 'Aalto [1]'],
    [2, 'E. Aalto and C. J. Birch,', 'Aalto and Birch [1]'],
    [3, 'E. Aalto, C. J. Birch, and E. Dahl,', 'Aalto *et al.* [1]'],
    [4, 'E. Aalto, C. J. Birch, E. Dahl, and R. Espino,', 'Aalto *et al.* [1]'],
    [6, 'E. Aalto, C. J. Birch, E. Dahl, R. Espino, J.-L. Fenn, and M. Galt,', 'Aalto *et al.* [1]'],
    [7, 'E. Aalto *et al.*,', 'Aalto *et al.* [1]'],
    [8, 'E. Aalto *et al.*,', 'Aalto *et al.* [1]'],
    [11, 'E. Aalto *et al.*,', 'Aalto *et al.* [1]'],
    [12, 'E. Aalto *et al.*,', 'Aalto *et al.* [1]'],
  ],
  'vancouver': [
    [1, 'Aalto E.', 'Aalto (1)'],
    [2, 'Aalto E, Birch CJ.', 'Aalto and Birch (1)'],
    [3, 'Aalto E, Birch CJ, Dahl E.', 'Aalto et al. (1)'],
    [4, 'Aalto E, Birch CJ, Dahl E, Espino R.', 'Aalto et al. (1)'],
    [6, 'Aalto E, Birch CJ, Dahl E, Espino R, Fenn JL, Galt M.', 'Aalto et al. (1)'],
    [7, 'Aalto E, Birch CJ, Dahl E, Espino R, Fenn JL, Galt M, et al.', 'Aalto et al. (1)'],
    [8, 'Aalto E, Birch CJ, Dahl E, Espino R, Fenn JL, Galt M, et al.', 'Aalto et al. (1)'],
    [11, 'Aalto E, Birch CJ, Dahl E, Espino R, Fenn JL, Galt M, et al.', 'Aalto et al. (1)'],
    [12, 'Aalto E, Birch CJ, Dahl E, Espino R, Fenn JL, Galt M, et al.', 'Aalto et al. (1)'],
  ],
  'ama-11': [
    [1, 'Aalto E.', 'Aalto^1^'],
    [2, 'Aalto E, Birch CJ.', 'Aalto and Birch^1^'],
    [3, 'Aalto E, Birch CJ, Dahl E.', 'Aalto et al^1^'],
    [4, 'Aalto E, Birch CJ, Dahl E, Espino R.', 'Aalto et al^1^'],
    [6, 'Aalto E, Birch CJ, Dahl E, Espino R, Fenn JL, Galt M.', 'Aalto et al^1^'],
    [7, 'Aalto E, Birch CJ, Dahl E, et al.', 'Aalto et al^1^'],
    [8, 'Aalto E, Birch CJ, Dahl E, et al.', 'Aalto et al^1^'],
    [11, 'Aalto E, Birch CJ, Dahl E, et al.', 'Aalto et al^1^'],
    [12, 'Aalto E, Birch CJ, Dahl E, et al.', 'Aalto et al^1^'],
  ],
  'acs': [
    [1, 'Aalto, E.', 'Aalto^1^'],
    [2, 'Aalto, E.; Birch, C. J.', 'Aalto and Birch^1^'],
    [3, 'Aalto, E.; Birch, C. J.; Dahl, E.', 'Aalto et al.^1^'],
    [4, 'Aalto, E.; Birch, C. J.; Dahl, E.; Espino, R.', 'Aalto et al.^1^'],
    [6, 'Aalto, E.; Birch, C. J.; Dahl, E.; Espino, R.; Fenn, J.-L.; Galt, M.', 'Aalto et al.^1^'],
    [7, 'Aalto, E.; Birch, C. J.; Dahl, E.; Espino, R.; Fenn, J.-L.; Galt, M.; Hume, A.', 'Aalto et al.^1^'],
    [8, 'Aalto, E.; Birch, C. J.; Dahl, E.; Espino, R.; Fenn, J.-L.; Galt, M.; Hume, A.; Ibarra, L.', 'Aalto et al.^1^'],
    [
      11,
      'Aalto, E.; Birch, C. J.; Dahl, E.; Espino, R.; Fenn, J.-L.; Galt, M.; Hume, A.; Ibarra, L.; Joshi, P.; Kerr, I.; Lund, A.',
      'Aalto et al.^1^',
    ],
    [
      12,
      'Aalto, E.; Birch, C. J.; Dahl, E.; Espino, R.; Fenn, J.-L.; Galt, M.; Hume, A.; Ibarra, L.; Joshi, P.; Kerr, I.; Lund, A.; Mbeki, S.',
      'Aalto et al.^1^',
    ],
  ],
  'nature': [
    [1, 'Aalto, E.', 'Aalto^1^'],
    [2, 'Aalto, E. & Birch, C. J.', 'Aalto and Birch^1^'],
    [3, 'Aalto, E., Birch, C. J. & Dahl, E.', 'Aalto *et al.*^1^'],
    [4, 'Aalto, E., Birch, C. J., Dahl, E. & Espino, R.', 'Aalto *et al.*^1^'],
    [6, 'Aalto, E. *et al.*', 'Aalto *et al.*^1^'],
    [7, 'Aalto, E. *et al.*', 'Aalto *et al.*^1^'],
    [8, 'Aalto, E. *et al.*', 'Aalto *et al.*^1^'],
    [11, 'Aalto, E. *et al.*', 'Aalto *et al.*^1^'],
    [12, 'Aalto, E. *et al.*', 'Aalto *et al.*^1^'],
  ],
}

describe.each(Object.entries(EXPECTED))('%s', (id, rows) => {
  it.each(rows)('%i authors', (authors, entry, sentence) => {
    const composed = compose(styleOf(id)!, [article(authors)], { citations: [{ items: [{ id: 'a' }], form: 'narrative' }] })
    expect(toMarkup(composed.list[0]!.runs).slice(0, entry.length)).toBe(entry)
    expect(toMarkup(composed.citations[0]!)).toBe(sentence)
  })
})
