/** Whatever comes in: no reader throws, hangs or reaches outside what it was given. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { composeAlone } from '../compose/compose'
import { FIELDS, FIELD_NAMES } from '../source/fields'
import { KIND_IDS } from '../source/kinds'
import { fieldsSchema, type Fields } from '../source/model'
import { STYLES } from '../styles'
import { readForm } from './anything'
import { detect, FORMS } from './detect'
import { readBibtex } from './bibtex/bibtex'
import { decode } from './decode'
import { fromLatex } from './tex/latex'
import { readPastedNames } from './reference/pasted-names'
import { richLines } from './paste'
import { readIdentifiers } from './identifiers'
import { texToHtml } from './tex/draft'

const PIECES: Record<string, string[]> = {
  bibtex: [
    '@article{',
    '@string{a = "',
    '@comment{',
    'k1,',
    ' title = {',
    'author = "',
    ' and others',
    '}',
    '{',
    '"',
    '#',
    ',',
    '\\',
    '\\\'{e}',
    'crossref = {k1}',
    'month = jan',
    '=',
    '\n',
    '$x_2$',
    '__proto__',
    'constructor = {x}',
    '(',
    ')',
    '%',
  ],
  ris: [
    'TY  - JOUR',
    'ER  - ',
    'AU  - Fell, T.',
    'TI  - ',
    'PY  - 20',
    '\n',
    'XX  - y',
    'TY  -',
    '__proto__',
    'SP  - 9-',
    'C8  - constructor',
    '  more',
  ],
  'csl-json': [
    '[',
    ']',
    '{',
    '}',
    '"type":"book"',
    ',',
    '"title":',
    '"x"',
    '"__proto__":{"a":1}',
    '"issued":{"date-parts":[[2020]]}',
    '"author":[{"literal":1}]',
    'null',
    '"custom":{"dendle":{"kind":"constructor"}}',
    '1e999',
  ],
  page: [
    '<html>',
    '<meta name="citation_author" content="',
    '">',
    '<script type="application/ld+json">',
    '{"@type":"Article","author":{"name":"',
    '"}}',
    '</script>',
    '<title>',
    '</title>',
    '<p>By Una',
    '<!--',
    '-->',
    '&#x110000;',
    '<time datetime="9999-99-99">',
    '<link rel=canonical href="javascript:x">',
  ],
  references: [
    'Okonjo, A. R. ',
    '(2021). ',
    '“',
    '”',
    '<i>',
    '</i>',
    'In ',
    ' (Eds.), ',
    'et al. ',
    'pp. 4–',
    '14(2), ',
    'https://doi.org/10.5555/x.',
    '\n',
    '[1] ',
    '———. ',
    ' & ',
    'n.d. ',
    '. . . ',
    '(',
    ')',
    '‘',
    ', vol. ',
    'Retrieved from ',
  ],
}
const arbitrary = (form: string) =>
  fc.oneof(
    fc
      .array(fc.constantFrom(...PIECES[form]!, 'a', ' ', 'é', '😀', '\u0000', '\uE001', '\u202E'), { maxLength: 60 })
      .map((all) => all.join('')),
    fc.string({ maxLength: 300 }),
  )

describe.each(Object.keys(PIECES))('%s', (form) => {
  it('never throws, takes bounded time, gives only fields that can be kept, pollutes nothing', () => {
    fc.assert(fc.property(arbitrary(form), (text) => {
      const began = performance.now()
      const { proposals } = readForm(form as (typeof FORMS)[number], text)
      for (const { fields } of proposals) expect(fieldsSchema.safeParse(fields).success).toBe(true)
      expect(performance.now() - began).toBeLessThan(1500)
      expect(Object.keys(Object.prototype)).toEqual([])
    }), { numRuns: 400 })
  })
})
it('the other readers take anything', () => {
  fc.assert(fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (text) => {
    detect(text)
    fromLatex(text, { rich: true, protect: true })
    readPastedNames(text)
    richLines(text)
    readIdentifiers(text)
  }), { numRuns: 500 })
  fc.assert(fc.property(fc.uint8Array({ maxLength: 300 }), bytes => typeof decode(bytes).text === 'string'), { numRuns: 300 })
})
it.each([
  ['braces', '@a{k, title={'.concat('{'.repeat(60_000))],
  ['commas', '@a{k'.concat(','.repeat(200_000))],
  ['stops', 'A. '.repeat(30_000)],
  ['quotes', '“a” '.repeat(8000)],
  ['tags', '<i>'.repeat(30_000)],
  ['divs', '<div>'.repeat(20_000)],
  ['TY', 'TY  - '.repeat(20_000)],
])('a flood of %s ends soon', (_, text) => {
  const began = performance.now()
  for (const form of FORMS) readForm(form, text)
  richLines(text)
  expect(performance.now() - began).toBeLessThan(12_000)
})

describe('words that every object answers to', () => {
  const INHERITED = ['constructor', 'toString', 'valueOf', 'hasOwnProperty', '__proto__', 'prototype']
  it.each(INHERITED)('“%s” everywhere is read and printed as a word', (word) => {
    for (const kind of KIND_IDS) {
      const fields = Object.fromEntries(
        FIELD_NAMES.map((name) => [
          name,
          FIELDS[name].type === 'names' ? [{ family: word, given: word }] : FIELDS[name].type === 'date' ? { literal: word } : word,
        ]),
      ) as Fields
      for (const style of STYLES) {
        const { reference, parenthetical, note } = composeAlone(style, { id: word, kind, fields })
        for (const runs of [reference, parenthetical, note])
          if (runs) expect(runs.map((run) => run.text).join('')).not.toMatch(/native code|\[object|undefined/u)
      }
    }
    expect(
      readBibtex(
        `@${word.startsWith('_') ? 'book' : word}{${word}, title = {${word} \\${word}{x} \\begin{${word}}}, type = {${word}}, ${word} = {${word}}, editortype = {${word}}, editor = {${word}}}`,
      ).proposals[0]!.fields.title,
    ).toContain(word)
    expect(JSON.stringify(texToHtml(`\\begin{${word}}a\\end{${word}} \\${word}{b} \\section{${word}}`))).not.toMatch(
      /native code|undefined/u,
    )
  })
})
