import { describe, expect, it } from 'vitest'
import { KIND_IDS } from '../source/kinds'
import { STYLES, styleOf, type Style } from '.'
import { withChanges } from './changes'
import { valueAt, withValues } from './paths'
import { parsePattern } from './pattern'
import { checkSpelling } from './spelling'
import { parseTemplate } from './template'
import { problemText, validateStyle } from './validate'

const apa = styleOf('apa-7')!
const faults = (style: Style, path: string, value: unknown) => validateStyle(withValues(style, [{ path, value }]).style).map(problemText)

describe('styles at the door', () => {
  it.each(STYLES.map(style => [style.id, style] as const))('%s is whole', (_, style) => {
    expect(validateStyle(style).map(problemText)).toEqual([])
    expect(checkSpelling(style).map(problemText)).toEqual([])
  })

  it.each<[string, unknown, string]>([
    ['kinds.book.what', '*{title}*{@extar}', 'apa-7, book: kinds.book.what: no part {@extar} at 9'],
    [
      'kinds.case.entry',
      '{title:asgivn}',
      'apa-7, case: kinds.case.entry: {title} at 0 takes no "asgivn"; it takes asgiven, headline, cased, lower',
    ],
    [
      'kinds.book.inside',
      '<%plases?{place}>',
      'apa-7, book: kinds.book.inside: no option %plases; there are ad, places, chapterPages, capitalEdition',
    ],
    ['kinds.book.inside', '<kind=bok?{place}>', 'apa-7, book: kinds.book.inside: no kind "bok"'],
    [
      'kinds.film.dateForm',
      'yeear',
      'apa-7, film: kinds.film.dateForm: Invalid option: expected one of "date"|"year"|"accessed"|"long"|"monthday"|"monthly"',
    ],
    ['kinds.book.inside', '{publisher}]', 'apa-7, book: kinds.book.inside: stray ] at 11 in {publisher}]'],
    ['kinds.book.inside', '{publisher}>', 'apa-7, book: kinds.book.inside: stray > at 11 in {publisher}>'],
    ['kinds.book.inside', '[{number}|{genre}]', 'apa-7, book: kinds.book.inside: stray | at 9 in [{number}|{genre}]'],
    ['kinds.book.inside', '[{publisher}', 'apa-7, book: kinds.book.inside: unclosed [ at 0 in [{publisher}'],
    ['kinds.book.inside', '({publisher}', 'apa-7, book: kinds.book.inside: 1 × ( but 0 × ) in ({publisher}'],
    ['kinds.book.inside', 'in{publisher}', 'apa-7, book: kinds.book.inside: "in" at 0 runs into {publisher}'],
    ['kinds.book.inside', 'in*{publisher}*', 'apa-7, book: kinds.book.inside: "n*{" at 1: a letter runs into what follows'],
    ['kinds.book.inside', 'by({publisher})', 'apa-7, book: kinds.book.inside: "y(" at 1: a letter runs into what follows'],
    [
      'kinds.book.inside',
      '{publisher!}',
      'apa-7, book: kinds.book.inside: {publisher!} at 0: only {date!} and {year!} print something for nothing',
    ],
    ['kinds.book.inside', '{editor:note}', 'apa-7, book: kinds.book.inside: the style has no name form "note"'],
    ['kinds.book.inside', '<volme?{volume}>', 'apa-7, book: kinds.book.inside: no condition "volme"'],
    ['kinds.book.inside', '<label=pge?{pages}>', 'apa-7, book: kinds.book.inside: no label "pge"'],
    ['kinds.book.parts', { extra: '{@extra}' }, 'apa-7, book: kinds.book.what: the part {@extra} is inside itself'],
    ['kinds.book.wat', '{title}', 'apa-7, book: kinds.book: there is no "wat" here'],
    ['kinds.bok', {}, 'apa-7: kinds: there is no "bok" here'],
    ['parts.spare', '{title}', 'apa-7: parts.spare: no template uses it'],
    ['names.lead.etAl.keep', 30, 'apa-7: names.lead.etAl.keep: 30 names cannot be kept of 21'],
    ['names.text', undefined, 'apa-7: citation.names: the style has no name form "text"'],
    ['citation.locators.page', ['p.', 'pp. '], 'apa-7: citation.locators.page: one word ends otherwise than the other'],
    [
      'makers.inside.pattern',
      '{names} ({lable})',
      'apa-7: makers.inside.pattern: no slot {lable} at 9 in "{names} ({lable})"; there are {names}, {label}, {verb}',
    ],
    ['dates.months.2', 'Marhc', 'apa-7: dates.months.2: "Marhc" is neither March nor its beginning'],
    [
      'rules.edition.says',
      'The word is {terms.editon}.',
      'apa-7: rules.edition.says: the slot {terms.editon} has nothing to say in this style',
    ],
    ['citation.close', ']', 'apa-7: citation.close: "(" is not closed by "]"'],
    ['ranges.pages', 'ful', 'apa-7: ranges.pages: Invalid option: expected one of "full"|"two-digits"|"chicago"|"minimal"'],
  ])('%s as %j is named', (path, value, problem) => expect(faults(apa, path, value).join('\n')).toContain(problem))

  it('a style of notes has notes for every kind', () => {
    const chicago = styleOf('chicago-18-notes')!
    expect(faults(withValues(chicago, [{ path: 'noteFrame', value: undefined }]).style, 'kinds.map.note', undefined)[0]).toBe(
      'chicago-18-notes, map: kinds.map.note: a style of notes needs one, or a noteFrame',
    )
  })

  it('a misspelt word of the style’s own is named', () => {
    const { style } = withValues(apa, [{ path: 'parts.link', value: '<doi|{doi}|accessed?[Retreived {accessed}, from {url}]|{url}>' }])
    expect(checkSpelling(style).map(problemText)).toEqual([
      'apa-7: parts.link: "Retreived" is printed by no style so far; if it is right, add it to printed-words.ts',
    ])
  })

  it('is not fooled by what every object has', () =>
    expect(faults(apa, 'kinds.book.inside', '{constructor}[{toString}]').join('\n')).toMatch(
      /no value \{constructor\} at 0[^]*no value \{toString\} at 14/u,
    ))
})

describe('a fault of one character anywhere in a style’s data', () => {
  // Sentences and titles of manuals are prose; everything else is printed or read by the engine.
  const PROSE = ['silent', 'sections', 'rules', 'id', 'name', 'edition', 'short', 'manual']
  const leaves = (value: unknown, path: readonly string[] = []): (readonly string[])[] =>
    typeof value === 'string'
      ? value
        ? [path]
        : []
      : typeof value === 'object' && value !== null
        ? Object.entries(value).flatMap(([key, inner]) => leaves(inner, [...path, key]))
        : []
  const SIGNS = 'abcdefghijklmnopqrstuvwxyz{}[]<>|*"@&?!:,. ()=%'

  it('is caught 95 times in a hundred, and each says the style, the kind and the place', () => {
    let seed = 20261128
    const below = (n: number) => { seed = (seed * 1103515245 + 12345) & 0x7FFFFFFF; return Math.floor(seed / 0x7FFFFFFF * n) }
    const TRIES = 300
    let caught = 0
    const missed: string[] = []
    for (let n = 0; n < TRIES; n++) {
      const style = STYLES[below(STYLES.length)]!
      const all = leaves(style).filter(path => !PROSE.includes(path[0]!))
      // Every character is as likely as any other.
      let at = below(all.reduce((sum, path) => sum + String(valueAt(style, path.join('.'))).length, 0))
      const path = all.find((one) => {
        const { length } = String(valueAt(style, one.join('.')))
        if (at < length) return true
        at -= length
        return false
      })!
      const text = String(valueAt(style, path.join('.')))
      const sign = SIGNS[below(SIGNS.length)]!
      const faulty = [
        text.slice(0, at) + text.slice(at + 1),
        text.slice(0, at) + sign + text.slice(at + 1),
        text.slice(0, at) + sign + text.slice(at),
      ][below(3)]!
      if (faulty === text) { n--; continue }
      const { style: mutated } = withValues(style, [{ path: path.join('.'), value: faulty }])
      const problems = [...validateStyle(mutated), ...checkSpelling(validateStyle(mutated).length ? style : mutated)]
      if (!problems.length) { missed.push(`${style.id} ${path.join('.')}: ${faulty}`); continue }
      caught++
      const kind = path[0] === 'kinds' ? path[1] : undefined
      for (const problem of problems) {
        expect(problem.style).toBe(style.id)
        expect(problem.key).not.toBe('')
        if (kind && problem.key.startsWith('kinds.')) expect(KIND_IDS).toContain(problem.kind)
      }
      if (kind)
        expect(
          problems.some((problem) => problem.kind === kind && problem.key.startsWith(`kinds.${kind}`)),
          problemText(problems[0]!),
        ).toBe(true)
    }
    expect(caught / TRIES, missed.join('\n')).toBeGreaterThanOrEqual(0.95)
  }, 60_000)
})

describe('house rules', () => {
  it('change a copy, in order', () => {
    const { style, refused } = withChanges(apa, [{ path: 'names.lead.etAl.from', value: 8 }, { path: 'names.lead.etAl.keep', value: 6 }])
    expect([refused.length, style.names.lead!.etAl!.keep, apa.names.lead!.etAl!.keep]).toEqual([0, 6, 19])
    const half = withChanges(
      apa,
      [
        { path: 'names.lead.etAl.from', value: 8 },
        { path: 'names.lead.etAl.text', value: '{x}' },
        { path: 'dash', value: '-' },
      ].slice(0, 2),
    )
    expect(half.refused.map(one => one.change.path)).toEqual(['names.lead.etAl.from', 'names.lead.etAl.text'])
  })
  it.each<[string, string | number | null, string]>([
    ['list.order', 'alphabet', 'apa-7: list.order: Invalid option: expected one of "filing"|"appearance"; it is "filing" now'],
    ['citation.notes.ibid', 'Ibid.', 'there is nothing there that can be changed'],
    ['citation.__proto__.x', 'y', 'there is nothing there that can be changed'],
    ['terms.edition', '{edition}', 'apa-7: terms.edition: is printed as it stands and can hold no { } < > | * ^; it is "ed." now'],
    ['list.order', 'appearance', 'apa-7: list.order: only numbered works are listed as they appear; it is "filing" now'],
  ])('%s cannot be %j', (path, value, what) => expect(withChanges(apa, [{ path, value }]).refused.map(one => one.what)).toEqual([what]))
})

describe('the notations', () => {
  it.each([
    ['a {b', 'unclosed { at 2'],
    ['a } b', 'stray } at 2'],
    ['{x}', 'no slot {x} at 0 in "{x}"; there are {n}'],
  ])('pattern %s: %s', (pattern, what) => expect(() => parsePattern(pattern, ['n'])).toThrow(what))
  it.each([
    ['{title', 'unclosed {'],
    ['<a?{title}', 'unclosed <'],
    ['*{title}', 'unclosed *'],
    ['{}', 'no value can be called ""'],
    ['{@1}', 'no part can be called'],
    ['{&}', 'a separator of nothing'],
    ['<a==b?x>', 'no condition "a==b"'],
    ['[]', 'empty group'],
    ['a*b"c*d"', '* inside *'],
  ])('template %s: %s', (template, what) => expect(() => parseTemplate(template)).toThrow(what))
})
