import { describe, expect, it } from 'vitest'
import { readBibtex, writeBibtex } from './bibtex'
import { BIBLATEX } from './dialects'
import { fromLatex, toLatex } from '../tex/latex'
import { asSources } from '../convert'
import { KIND_IDS } from '../../source/kinds'
import type { Source } from '../../source/model'

const one = (text: string) => readBibtex(text).proposals[0]!
const fields = (body: string, type = 'article') => one(`@${type}{k, ${body}}`).fields
const author = (said: string) => fields(`author = {${said}}`).author

describe('BibTeX values', () => {
  it.each<[string, string, unknown]>([
    ['braces', 'title = {A {Tide} Mill}', 'A <span class="nocase">Tide</span> Mill'],
    ['part of a word in braces', 'title = {The {T}ide}', 'The <span class="nocase">Tide</span>'],
    ['a whole title in braces is no protection', 'title = {{The Tide Mill}}', 'The Tide Mill'],
    ['quotation marks', 'title = "Of {"}mud{"} and men"', 'Of "mud" and men'],
    ['concatenation', 'title = "Tide " # "mills"', 'Tide mills'],
    [
      'accents in every spelling',
      'title = {Caf{\\\'e}, caf\\\'{e}, na{\\"\\i}ve, {\\o}re, \\L{}\\\'od\\\'z, Stra{\\ss}e, \\v{S}koda, \\c{c}a}',
      'Café, café, naïve, øre, Łódź, Straße, Škoda, ça',
    ],
    [
      'commands',
      'title = {On \\emph{Homarus} and \\textbf{bold} 10\\,000 H$_2$O}',
      'On <i>Homarus</i> and <b>bold</b> 10 000 H<sub>2</sub>O',
    ],
    ['dashes and quotes of TeX', 'title = {Mud---``old\'\' mud--now}', 'Mud—“old” mud–now'],
    ['escapes', 'title = {Reed \\& Heron: 5\\% of \\$3 \\#1 a\\_b}', 'Reed & Heron: 5% of $3 #1 a_b'],
    ['unknown commands keep their words', 'title = {A \\weird{tide} of {\\it mud}}', 'A tide of <i>mud</i>'],
  ])('%s', (_, body, title) => expect(fields(body).title).toBe(title))
  it('macros of months and of the file, in any case', () => {
    const read = readBibtex(
      '@STRING{JEH = {Journal of Estuary Heritage}}\n@article{a, journal = jeh, month = "14~" # mar, year = 2021}\n@Article(b, journal = JEH # { (online)}, month = sept, year = "2020")',
    )
    expect(read.proposals.map((p) => [p.fields.container, p.fields.issued])).toEqual([
      ['Journal of Estuary Heritage', { start: { year: 2021, month: 3, day: 14 } }],
      ['Journal of Estuary Heritage (online)', { start: { year: 2020, month: 9 } }],
    ])
    expect(read.problems).toEqual([{ where: 'line 3', what: 'month of b uses “sept”, which no @string names; it is taken as text.' }])
  })
  it.each<[string, unknown]>([
    ['Okonjo, Adaeze R. and Thorne, Gareth', [{ family: 'Okonjo', given: 'Adaeze R.' }, { family: 'Thorne', given: 'Gareth' }]],
    ['Adaeze R. Okonjo', [{ family: 'Okonjo', given: 'Adaeze R.' }]],
    ['Sanne van der Berg', [{ particle: 'van der', family: 'Berg', given: 'Sanne' }]],
    ['van der Berg, Sanne', [{ particle: 'van der', family: 'Berg', given: 'Sanne' }]],
    ['Whitlock, Jr., Samuel J.', [{ family: 'Whitlock', given: 'Samuel J.', suffix: 'Jr.' }]],
    ['{Mills and Weirs Trust} and Fell, T.', [{ literal: 'Mills and Weirs Trust' }, { family: 'Fell', given: 'T.' }]],
    ['{\\\'E}tienne L{\\\'e}ger', [{ given: 'Étienne', family: 'Léger' }]],
    ['Plato', [{ literal: 'Plato' }]],
  ])('names: %s', (said, names) => expect(author(said)).toEqual(names))
  it('“and others” names no one and is marked', () => {
    const read = one('@article{k, title={Mud}, author = {Fell, T. and others}}')
    expect(read.fields.author).toEqual([{ family: 'Fell', given: 'T.' }])
    expect(read.doubts).toEqual(['The file ends its authors with “and others”: the rest are missing.'])
  })
  it('takes what a part inherits from its whole', () => {
    const [part] = readBibtex(
      '@incollection{p, author={Sorensen, Pia}, title={Ponds}, pages={45--72}, crossref={w}}\n@book{w, title={Landscapes}, editor={Drummond, F.}, publisher={Saltmarsh}, year=2014}',
    ).proposals
    expect([part!.kind, part!.fields.container, part!.fields.editor, part!.fields.issued, part!.fields.pages]).toEqual([
      'chapter',
      'Landscapes',
      [{ family: 'Drummond', given: 'F.' }],
      { start: { year: 2014 } },
      '45-72',
    ])
  })
})

describe('BibTeX files that are broken', () => {
  it('are read entry by entry, each loss with its line', () => {
    const read = readBibtex(
      '@comment{nothing @book{no, title={No}}}\n@article{a, title={First}, year=2001}\nwords between\n@book{b, title={No end\n@misc{c, title={Third} year={2003}}\n@article{, title={No key}}\n@book{a, title={Again}}',
    )
    expect(read.proposals.map(p => p.fields.title)).toEqual(['First', 'No end', 'Third', 'No key', 'Again'])
    expect(read.problems.map(p => p.where)).toEqual(expect.arrayContaining(['line 4', 'line 5', 'line 6', 'line 7']))
  })
  it.each([
    '@',
    '@article',
    '@article{',
    '@article{k',
    '@article{k,',
    '@article{k, title',
    '@article{k, title=',
    '@article{k, title={',
    '}}}}',
    '@string{x}',
    '@article{k, title={a}}}',
    '{'.repeat(5000),
    `@a{k, title={${'{'.repeat(3000)}`,
  ])('nothing is thrown by %s', (text) => expect(() => readBibtex(text.slice(0, 9000))).not.toThrow())
})

describe('BibTeX kinds', () => {
  it.each<[string, string, string]>([
    ['article', 'journal={J}', 'journal-article'],
    ['inproceedings', 'booktitle={P}', 'conference-paper'],
    ['phdthesis', 'school={U}', 'thesis'],
    ['techreport', 'institution={I}', 'report'],
    ['misc', 'howpublished={\\url{https://x.example/a}}', 'web-page'],
    ['online', 'url={https://x.example}', 'web-page'],
    ['misc', 'eprint={2503.0117}, archiveprefix={OpenShore}', 'preprint'],
    ['unheardof', 'publisher={P}', 'book'],
    ['dataset', '', 'dataset'],
    ['patent', 'number={1}', 'patent'],
  ])('%s with %s is a %s', (type, body, kind) => expect(one(`@${type}{k, title={T}, ${body}}`).kind).toBe(kind))
})

describe('BibTeX out', () => {
  it('is stable, and keeps what Dendle has no field for', () => {
    const text =
      '@article{mud,\n  author  = {Abara, Ngozi and {Mud Trust} and others},\n  title   = {The {River} and \\emph{Mud}},\n  journal = {Coast \\& Country},\n  year    = {2022},\n  keywords = {silt, gates},\n}\n'
    const once = writeBibtex(asSources(readBibtex(text).proposals), s => s.id)
    expect(once).toContain('keywords = {silt, gates}')
    expect(once).toContain('and others}')
    expect(writeBibtex(asSources(readBibtex(once).proposals), s => s.id)).toBe(once)
  })
  it.each<[string, Source['kind'], Source['fields'], string]>([
    ['a thesis', 'thesis', { title: 'T', genre: 'Doctoral dissertation', publisher: 'U', issued: { start: { year: 2020 } } }, 'type        = {phdthesis}'],
    ['a report', 'report', { title: 'T', publisher: 'I', place: 'Carewick' }, '@report{k,'],
    ['a journal', 'journal-article', { title: 'T', container: 'J', issued: { start: { year: 2021, month: 3, day: 4 } } }, 'date         = {2021-03-04}'],
    ['a season', 'journal-article', { title: 'T', container: 'J', issued: { start: { year: 2021 }, season: 3 } }, '{2021-23}'],
    ['a span', 'journal-article', { title: 'T', container: 'J', issued: { start: { year: 2021, month: 3 }, end: { year: 2021, month: 5 } } }, '{2021-03/2021-05}'],
    ['a place', 'book', { title: 'T', place: 'Carewick' }, 'location = {Carewick}'],
    ['a preprint', 'preprint', { title: 'T', number: '12', publisher: 'Shore' }, '@misc{k,'],
  ])('of biblatex’s own: %s, and it is read back', (_, kind, fields, wanted) => {
    const written = writeBibtex([{ id: 'k', kind, fields }], () => 'k', BIBLATEX)
    expect(written).toContain(wanted)
    expect(readBibtex(written).proposals[0]).toMatchObject({ kind, fields })
  })
  it('every kind is read back from biblatex as what it was', () => {
    const sources = KIND_IDS.map((kind): Source => ({ id: kind, kind, fields: { title: 'Mud', issued: { start: { year: 2020, month: 2 } }, url: 'https://x.example' } }))
    const read = readBibtex(writeBibtex(sources, s => s.id, BIBLATEX)).proposals
    expect(read.map(({ kind, fields }) => [kind, fields])).toEqual(sources.map(({ kind, fields }) => [kind, fields]))
  })
  it.each([
    'a & b',
    '50% of {x}',
    'tilde ~ caret ^ under_score',
    'back\\slash',
    'Ünïcödé – dash — long',
    '<i>Slant</i> <b>bold</b> <sup>up</sup>',
  ])('reads back %s', (text) => expect(fromLatex(toLatex(text), { rich: true })).toBe(text.replace(/[{}]/gu, (c) => c)))
})

it('macros that double one another grow to a bound, which is said', () => {
  const lines = Array.from({ length: 60 }, (_, i) => `@string{a${i + 1} = a${i} # a${i}}`)
  const { proposals, problems } = readBibtex(`@string{a0 = "xxxxxxxxxx"}\n${lines.join('\n')}\n@book{k, title = a60}`)
  expect(JSON.stringify(proposals).length).toBeLessThan(1_000_000)
  expect(problems.filter(one => /many times the file/u.test(one.what))).toHaveLength(1)
})
