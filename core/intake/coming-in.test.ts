import { describe, expect, it } from 'vitest'
import { STYLES, styleOf } from '../styles'
import { composeAlone } from '../compose/compose'
import { plain, toMarkup } from '../text/runs'
import { SOURCES } from '../../server/db/demo/sources'
import { detect } from './detect'
import { convert } from './convert'
import { decode } from './decode'
import { readIdentifiers, readIsbn, tidyDoi } from './identifiers'
import { readPastedNames } from './reference/pasted-names'
import { readPdf } from './pdf'
import { readReferences } from './reference/references'
import { splitReferences } from './reference/split'

describe('identifiers, in any spelling', () => {
  it.each<[string, string[] | undefined]>([
    ['https://doi.org/10.5555/JEH.2021.0142.', ['doi 10.5555/JEH.2021.0142']],
    ['doi:10.5555/a(b)c', ['doi 10.5555/a(b)c']],
    ['(10.5555/a.b)', ['doi 10.5555/a.b']],
    ['DOI 10.5555/x 10.5555/y; 10.5555/x', ['doi 10.5555/x', 'doi 10.5555/y']],
    ['http://dx.doi.org/10.5555%2Fx', ['doi 10.5555/x']],
    ['ISBN 978-9-99990-1086', ['isbn 9789999901086']],
    ['0-306-40615-2', ['isbn 0306406152']],
    ['0-306-40615-3', undefined],
    ['www.x.example/a', ['url https://www.x.example/a']],
    ['https://x.example/10.5555/y', ['url https://x.example/10.5555/y']],
    ['Working the tide', undefined],
    ['Okonjo (2021). Silt. https://doi.org/10.5555/x', undefined],
    ['', undefined],
  ])('%s', (typed, found) => expect(readIdentifiers(typed)?.map((one) => `${one.type} ${one.value}`)).toEqual(found))
  it('checks the last digit of an ISBN', () =>
    expect([readIsbn('9789999901086'), readIsbn('9789999901087')]).toEqual(['9789999901086', undefined]))
  it('takes the words off a DOI', () => expect(tidyDoi('Available at: https://doi.org/10.5555/x.1).')).toBe('10.5555/x.1'))
})

describe('what a text is', () => {
  it.each<[string, string, string?]>([
    ['@book{a, title={T}}', 'bibtex'],
    ['\n  TY  - BOOK\nER  - ', 'ris'],
    ['[{"type":"book","title":"T"}]', 'csl-json'],
    ['<!DOCTYPE html><html></html>', 'page'],
    ['10.5555/x', 'identifiers'],
    ['Working the tide', 'title'],
    ['1984', 'title'],
    ['Okonjo, A. R. (2021). Silt, salt, and patience. Journal of Estuary Heritage, 14(2), 101–119.', 'references'],
    ['Tremayne, Loveday. Working the Tide. 2nd ed., Saltmarsh Press, 2018.', 'references'],
    ['Sea, sand and silt: A history of the coast, 1700-1900', 'title'],
    ['nothing of it', 'bibtex', 'x.bib'],
  ])('%s', (text, form, name) => expect(detect(text, name)).toBe(form))
})

describe('bytes', () => {
  const text = '@book{a, title={Café – naïve}}'
  const utf16 = (big: boolean, mark: boolean) => {
    const units = [...((mark ? '\uFEFF' : '') + text)].map((c) => c.charCodeAt(0))
    return new Uint8Array(units.flatMap((u) => (big ? [u >> 8, u & 255] : [u & 255, u >> 8])))
  }
  it.each<[string, Uint8Array]>([
    ['UTF-8', new TextEncoder().encode(text)],
    ['UTF-8 with a mark', new TextEncoder().encode(`\uFEFF${text}`)],
    ['UTF-16 LE', utf16(false, true)],
    ['UTF-16 BE', utf16(true, true)],
    ['UTF-16 without a mark', utf16(false, false)],
    ['Latin-1 (Windows-1252)', new Uint8Array([...text].map((c) => (c === '–' ? 0x96 : c.charCodeAt(0))))],
  ])('%s', (_, bytes) => expect(decode(bytes).text).toBe(text))
  it('one kind of line end', () => expect(decode(new TextEncoder().encode('a\r\nb\rc')).text).toBe('a\nb\nc'))
})

describe('names pasted together', () => {
  const say = (text: string) =>
    readPastedNames(text).map((n) =>
      n.literal ? `{${n.literal}}` : [[n.particle, n.family].filter(Boolean).join(' '), n.given, n.suffix].filter(Boolean).join(', '),
    )
  it.each<[string, string[]]>([
    ['Alder, June; Baird, Tom', ['Alder, June', 'Baird, Tom']],
    ['June Alder and Tom Baird', ['Alder, June', 'Baird, Tom']],
    ['Alder, J., Baird, T., & Croft, U.', ['Alder, J.', 'Baird, T.', 'Croft, U.']],
    ['June Alder, Tom Baird and Una Croft', ['Alder, June', 'Baird, Tom', 'Croft, Una']],
    ['Alder, June, and Tom Baird', ['Alder, June', 'Baird, Tom']],
    ['Alder J, Baird T', ['Alder, J.', 'Baird, T.']],
    ['A. R. Okonjo, T. Baird, and U. Croft', ['Okonjo, A. R.', 'Baird, T.', 'Croft, U.']],
    ['June Alder\nTom Baird', ['Alder, June', 'Baird, Tom']],
    ['Alder, June, Baird, Tom', ['Alder, June', 'Baird, Tom']],
    ['Whitlock, Samuel J., Jr.', ['Whitlock, Samuel J., Jr.']],
    ['van der Berg, Sanne', ['van der Berg, Sanne']],
    ['National Council of Mills and Weirs', ['{National Council of Mills and Weirs}']],
    ['Okonjo, Adaeze R.', ['Okonjo, Adaeze R.']],
    ['', []],
  ])('%s', (text, names) => expect(say(text)).toEqual(names))
})

describe('formatted references', () => {
  it('of every style give back author, year and title of the demo’s sources', () => {
    const plainOf = (text: unknown) => String(text ?? '').toLowerCase().replace(/<[^>]+>/gu, '').replace(/[^\p{L}\p{N}]+/gu, ' ').trim()
    let right = 0
    let all = 0
    for (const style of STYLES) {
      for (const { key, kind, fields } of SOURCES) {
        const reference = composeAlone(style, { id: key, kind, fields }).reference
        if (!reference) continue
        all++
        const back = readReferences(toMarkup(reference).replaceAll('**', '').replace(/\*([^*]+)\*/gu, '<i>$1</i>')).proposals[0]?.fields
        const names = (of: typeof fields | undefined) => (of?.author ?? []).map(n => n.literal ?? n.family).join()
        if (
          back
          && plainOf(back.title) === plainOf(fields.title)
          && names(back) === names(fields)
          && back.issued?.start?.year === fields.issued?.start?.year
        )
          right++
      }
    }
    expect(right / all).toBeGreaterThan(0.9)
  })
  it.each<[string, string, string]>([
    [
      'lines that a PDF broke',
      'Okonjo, A. R. (2021). Silt, salt, and patience: Restor-\ning a tide mill. Journal of Estuary Heritage, 14(2), 101-\n119. https://doi.org/10.5555/x\nGill, R. (2023). How it works. Mill Trails.',
      '2',
    ],
    [
      'numbers that count up',
      '1. Okonjo AR. Silt. J Estuary Herit. 2021;14(2):101-19.\n2. Gill R. How it works. Mill\nTrails; 2023.\n3. Hale P. Ten years. Leeds: ILE; 2019.',
      '3',
    ],
    [
      'a number that does not',
      'Okonjo, A. R. (2021). Silt. Journal of Mud, 14(2), 101–119.\n[3] L. Vasquez, “Tidal range,” Coast. Eng. Lett., vol. 8, 2019.\nGill, R. (2023). How it works. Mill Trails.',
      '3',
    ],
    ['a heading over the list', 'Works Cited\n\nTremayne, Loveday. Working the Tide. Saltmarsh Press, 2018.', '1'],
    [
      'hanging lines with blank lines between',
      'Aldous, H. (2012). The engineer’s shore.\nLowwater Books.\n\nHale, P. (2019). Ten years. ILE.',
      '2',
    ],
    ...[
      'al-Khatib, Nadia. Gates of the Delta. 3rd ed. Leeds: Meridian University Press, 2011.', 'van der Berg, S. (2019). Polders. ILE.',
      'd’Aubigny, M. (2014). The ferry. Lowwater Books.', 'larch, tamsin. (1994). Writing the shore. ILE.', 'el-Masri H. Silt. J Mud. 2021;4:1-9.',
      'In the shadow of the mill. (2019). Coast & Country, 3(1), 4–9.', 'ibn Rashid, Omar. The salt road. Saltmarsh Press, 2003.',
    ].map((line): [string, string, string] => [`one that begins otherwise: ${line}`, `Gill, R. (2023). How it works. Mill Trails.\n${line}`, '2']),
    ...[
      'In P. Hale (Ed.), The pond book (pp. 3–9). ILE, 2019.', 'vol. 3, no. 2, 2019, pp. 3–9, and what stands behind.',
      'press, Oxford, 2011, with a line that is long enough to be one.', 'of the eastern shires, 1890–1914. Meridian University Press.',
      'al. (2019), and a line that is long enough to be one. ILE.',
    ].map((line): [string, string, string] => [`a line that goes on: ${line}`, `Gill, R. (2023). How it works. Mill Trails.\n${line}`, '1']),
  ])('are told apart: %s', (_, text, n) => expect(splitReferences(text)).toHaveLength(Number(n)))
  it('of a book without italics, the author’s last initial before the title', () =>
    expect(readReferences('Harrow, Edith M. Locks of the Lower Wend. Meridian UP, 2016.').proposals[0]!.fields).toMatchObject({
      author: [{ family: 'Harrow', given: 'Edith M.' }],
      title: 'Locks of the Lower Wend',
      publisher: 'Meridian UP',
    }))
  it('repeat the name before for a dash', () =>
    expect(
      readReferences('Tremayne, Loveday. *Working the Tide*. Saltmarsh Press, 2018.\n———. *Estuary People*. Saltmarsh Press, 2021.')
        .proposals[1]!.fields.author,
    ).toEqual([{ family: 'Tremayne', given: 'Loveday' }]))
  it('say how sure each detail is, keep the text, and name what found no place', () => {
    const exact = plain(composeAlone(styleOf('apa-7')!, { id: 'x', ...SOURCES[0]! }).reference!)
    const [sure] = readReferences(exact).proposals
    expect([sure!.from.title?.by, sure!.original]).toEqual(['read', exact])
    const [unsure] = readReferences('Okonjo 2021 silt and patience some journal maybe, volume fourteen, pp. 4-9').proposals
    expect(unsure ? [unsure.from.title?.by] : ['guessed']).toEqual(['guessed'])
    expect(readReferences('xxxxxxxx').problems[0]!.where).toBe('paragraph 1')
  })
})

describe('the first page of a PDF', () => {
  const page = (lines: [string, number, number][], info = {}) =>
    readPdf({ height: 800, info, lines: lines.map(([text, size, y]) => ({ text, size, y })) })
  it('gives title, authors, journal, year and DOI', () => {
    expect(
      page([
        ['Bird and Shore Journal 22(5), 2013, 510-522', 9, 40],
        ['Wader counts on a', 20, 90],
        ['silted pond', 20, 114],
        ['Edwin Marsh and Una Croft', 11, 140],
        ['University of Northmere', 9, 160],
        ['https://doi.org/10.5555/bsj.2013.2205', 9, 700],
      ]),
    ).toMatchObject({
      kind: 'journal-article',
      fields: {
        title: 'Wader counts on a silted pond',
        author: [
          { family: 'Marsh', given: 'Edwin' },
          { family: 'Croft', given: 'Una' },
        ],
        container: 'Bird and Shore Journal',
        volume: '22',
        issue: '5',
        pages: '510-522',
        doi: '10.5555/bsj.2013.2205',
        issued: { start: { year: 2013 } },
      },
    })
  })
  it('believes the file only where the page agrees', () => {
    expect(page([['Reading mud', 20, 90]], { title: 'untitled.indd' }).fields.title).toBe('Reading mud')
    expect(page([['Reading mud: An atlas', 20, 90]], { title: 'Reading mud: An atlas', author: 'Astrid Lindqvist' })).toMatchObject({
      fields: { author: [{ family: 'Lindqvist' }] },
      from: { title: { by: 'file' } },
    })
  })
  it('says so when there is nothing to read', () => expect(page([]).doubts[0]).toContain('pictures of text'))
})

describe('convert', () => {
  const BIB = '@article{mud,\n  author = {Abara, Ngozi},\n  year = {2022},\n  title = {Mud},\n  journal = {Estuarine Processes},\n}\n'
  it('reads what it is given, whatever it is, and writes what is asked', () => {
    expect(JSON.parse(convert(BIB, { to: 'csl-json' }).text)).toEqual([
      {
        'id': 'mud',
        'type': 'article-journal',
        'title': 'Mud',
        'author': [{ family: 'Abara', given: 'Ngozi' }],
        'issued': { 'date-parts': [[2022]] },
        'container-title': 'Estuarine Processes',
      },
    ])
    expect(convert(BIB, { to: 'ris' }).text).toContain('TY  - JOUR\r\nID  - mud\r\nAU  - Abara, Ngozi')
    expect(convert('Abara, N. (2022). Mud. Estuarine Processes, 47(6), 880–902.', { to: 'bibtex' }).text).toMatch(/^@article\{abara-2022,/u)
  })
  it('is stable there and back', () => {
    const there = convert(BIB, { to: 'csl-json' }).text
    const back = convert(there, { to: 'bibtex' }).text
    expect(convert(convert(back, { to: 'csl-json' }).text, { to: 'bibtex' }).text).toBe(back)
  })
  it('names what has no place, and what cannot be read', () => {
    expect(convert('@book{a, title={T}, scale={1:5}}', { to: 'ris' }).problems[0]).toEqual({
      where: 'a',
      what: 'RIS has no place for scale; left out.',
    })
    expect(convert('a picture of a cat', { to: 'ris' }).problems[0]!.what).toContain('--from')
    expect(convert('{', { to: 'ris', from: 'csl-json' }).problems[0]!.what).toContain('is not JSON')
  })
})
