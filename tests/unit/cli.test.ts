/** The `dendle` command as a script calls it: exit status, standard output, problems one a line on standard error. */
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'

const COMMAND = fileURLToPath(new URL('../../bin/dendle.mjs', import.meta.url))
const EXAMPLES = fileURLToPath(new URL('../conformance/sources.json', import.meta.url))
function dendle(args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(process.execPath, [COMMAND, ...args], { input, encoding: 'utf8' })
  return { status, stdout, problems: stderr.split('\n').filter(Boolean) }
}
const JOB = {
  style: 'apa-7',
  sources: [
    {
      id: 'art-one',
      type: 'article-journal',
      title: 'Silt and patience',
      author: [{ family: 'Okonjo', given: 'Adaeze R.' }],
      issued: { 'date-parts': [[2021]] },
      'container-title': 'Journal of Estuary Heritage',
      volume: '14',
    },
  ],
  citations: [
    { items: [{ id: 'art-one', locator: '104', label: 'page', prefix: 'see', suffix: '' }], form: 'parenthetical' },
    { items: [{ id: 'art-one' }], form: 'narrative' },
  ],
}

describe('dendle cite', () => {
  it('answers a job', () => {
    const { status, stdout, problems } = dendle(['cite'], JSON.stringify(JOB))
    expect([status, problems]).toEqual([0, []])
    expect(JSON.parse(stdout)).toEqual({
      style: 'apa-7',
      citations: ['(see Okonjo, 2021, p. 104)', 'Okonjo (2021)'],
      notes: [],
      list: ['Okonjo, A. R. (2021). Silt and patience. *Journal of Estuary Heritage*, *14*.'],
      sources: {
        'art-one': {
          reference: 'Okonjo, A. R. (2021). Silt and patience. *Journal of Estuary Heritage*, *14*.',
          parenthetical: '(Okonjo, 2021)',
          narrative: 'Okonjo (2021)',
          note: null,
          shortNote: null,
        },
      },
    })
  })
  it('answers several jobs, and does what can be done of them', () => {
    const { status, stdout, problems } = dendle(['cite'], JSON.stringify([JOB, { style: 'none', sources: [] }]))
    expect(status).toBe(1)
    expect((JSON.parse(stdout) as unknown[]).map(r => r === null)).toEqual([false, true])
    expect(problems).toHaveLength(1)
    expect(problems[0]).toMatch(/^job\[1\]\.style: there is no style "none"; use one of apa-7/u)
  })
  it('fills note and short note for note styles', () => {
    const { stdout } = dendle(['cite'], JSON.stringify({ ...JOB, style: 'chicago-18-notes', citations: [] }))
    expect((JSON.parse(stdout) as { sources: Record<string, unknown> }).sources['art-one']).toMatchObject({
      note: 'Adaeze R. Okonjo, “Silt and Patience,” *Journal of Estuary Heritage* 14 (2021).',
      shortNote: 'Okonjo, “Silt and Patience.”',
    })
  })
  it.each<[string, string[], string, number, RegExp]>([
    ['input that is no JSON', ['cite'], '{nonsense', 1, /^standard input: is not JSON/u],
    ['a file that is not there', ['cite', '/no/such/file'], '', 2, /cannot be read/u],
    ['an output it has not', ['cite', '--to', 'pigeon'], '{}', 2, /--to takes markup, html or text/u],
    ['no verb', [], '', 2, /a verb is missing/u],
    ['a verb it has not', ['sing'], '', 2, /there is no verb sing/u],
    ['an option it has not', ['styles', '--loud'], '', 2, /--loud/u],
  ])('names %s', (_, args, input, status, says) => {
    const done = dendle(args, input)
    expect(done.status).toBe(status)
    expect(done.problems[0]).toMatch(says)
    expect(done.problems.join('\n')).not.toMatch(/\n\s+at /u)
  })
})

describe('the other verbs', () => {
  it('tables the styles', () => {
    const rows = dendle(['styles']).stdout.trim().split('\n')
    expect(rows[0]).toMatch(/^id\s+name\s+edition\s+kind$/u)
    expect(
      rows
        .slice(1)
        .map((row) => row.split(' ')[0])
        .sort(),
    ).toEqual([
      'acs',
      'ama-11',
      'apa-6',
      'apa-7',
      'chicago-17-author-date',
      'chicago-17-notes',
      'chicago-18-author-date',
      'chicago-18-notes',
      'harvard',
      'ieee',
      'mhra-3',
      'mla-9',
      'nature',
      'vancouver',
    ])
  })
  it('sets the case of titles, one a line', () => {
    expect(dendle(['case', '--style', 'apa-7'], 'The Tidal Mills of Kenya\nWhat Do Bees Want? A Report\n').stdout).toBe(
      'The tidal mills of Kenya\nWhat do bees want? A report\n',
    )
  })
  it('checks a paper: what a marker would circle, with its paragraph and its fix', () => {
    const text = '# Mud\n\nPonds fill from the sea. [ref: art-one, p. 104]\n\nThey  silt [ref: nobody-1999].'
    const { stdout, status } = dendle(['check'], JSON.stringify({ ...JOB, citations: undefined, text }))
    expect(status).toBe(0)
    expect((JSON.parse(stdout) as { findings: object[] }).findings).toEqual([
      expect.objectContaining({
        rule: 'citations.behind-stop',
        family: 'citations',
        paragraph: 1,
        certain: true,
        source: 'APA 7, 8.10–8.11',
        fix: 'Put it before the stop',
      }),
      expect.objectContaining({ rule: 'citations.unknown-key', excerpt: '[ref: nobody-1999]', paragraph: 2, certain: false, fix: null }),
      expect.objectContaining({ rule: 'page.spaces', family: 'page', paragraph: 2, certain: true }),
    ])
    expect(
      dendle(['check'], JSON.stringify({ ...JOB, citations: undefined, text: 'Ponds fill from the sea [ref: art-one, p. 104].' })).stdout,
    ).toBe('{\n  "findings": []\n}\n')
    expect(dendle(['check'], JSON.stringify(JOB))).toMatchObject({
      status: 1,
      problems: ['job.text: is missing; give the paper as Markdown with marks.'],
    })
  })
  it('compares a list made elsewhere with a job’s own', () => {
    const list = join(mkdtempSync(join(tmpdir(), 'dendle-cli-')), 'list.html')
    writeFileSync(
      list,
      '<p>Okonjo, A. R. (2021). Silt and Patience. <i>Journal of Estuary Heritage</i>, <i>14</i>.</p><p>Moss, I. (2012). Water.</p>',
    )
    const { stdout, status } = dendle(['compare', '--list', list], JSON.stringify({ ...JOB, citations: [] }))
    expect(status).toBe(0)
    const result = JSON.parse(stdout) as { entries: { differences: object[] }[] }
    expect(result).toMatchObject({
      entries: [{ source: 'art-one', right: false }],
      missing: [],
      extra: ['Moss, I. (2012). Water.'],
      right: 0,
    })
    expect(result.entries[0]!.differences).toEqual([
      expect.objectContaining({ kind: 'capitals', of: 'mistake', given: 'Patience', wanted: 'patience', source: 'APA 7, 6.17' }),
    ])
    expect(dendle(['compare'], JSON.stringify(JOB)).status).toBe(2)
  })
  it('converts CSL-JSON to itself without loss', () => {
    const { stdout, status } = dendle(['convert', EXAMPLES, '--to', 'csl-json'])
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toEqual(JSON.parse(readFileSync(EXAMPLES, 'utf8')))
  })
})

describe('dendle export and import', () => {
  const folder = mkdtempSync(join(tmpdir(), 'dendle-export-'))
  const PAPER = JSON.stringify({
    style: 'mla-9', sources: JOB.sources, details: { title: 'On mud', authors: ['Ada Moss', 'Tam Vale'], date: '2026-03-14' },
    text: '# Gates\n\nIt silts [ref: art-one, p. 4].\n\n| A | B |\n|---|---|\n| 1 | 2 |\n',
  })
  const to = (way: string, input = PAPER, args: string[] = []) => {
    const out = join(folder, `paper.${way}`)
    const { status, problems } = dendle(['export', ...args, '--to', way, '--out', out], input)
    expect([status, problems], way).toEqual([0, []])
    return readFileSync(out)
  }
  it.each<[string, RegExp]>([
    ['docx', /^PK/u], ['odt', /^PK/u], ['pdf', /^%PDF-1\.7/u], ['zip', /^PK/u], ['html', /<h2[^>]*>Gates<\/h2>/u],
    ['md', /\n## Gates\n\nIt silts \(Okonjo 4\)\.\n/u], ['txt', /^Ada Moss\nTam Vale\n14 March 2026\n/u], ['tex', /\\begin\{document\}/u],
    ['marked', /\n# Gates\n\nIt silts \[ref: art-one, p\. 4\]\.\n/u],
  ])('writes %s', (way, what) => {
    expect(to(way).toString('latin1')).toMatch(what)
  })
  it('writes from a packed paper what it writes from its job, and reads the job back', () => {
    to('zip')
    const packed = join(folder, 'paper.zip')
    expect(to('txt', '', [packed]).toString()).toBe(to('txt').toString())
    const { status, stdout } = dendle(['import', packed])
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toMatchObject({ style: 'mla-9', details: { title: 'On mud', authors: ['Ada Moss', 'Tam Vale'] }, sources: [{ id: 'art-one' }] })
    expect((JSON.parse(stdout) as { text: string }).text).toContain('It silts [ref: art-one, p. 4].')
  })
  it.each<[string, string[], string, number, RegExp]>([
    ['a way there is not', ['export', '--to', 'rtf', '--out', 'x'], PAPER, 2, /--to takes docx, pdf/u],
    ['no place to write to', ['export', '--to', 'txt'], PAPER, 2, /--out takes/u],
    ['a place that is not there', ['export', '--to', 'txt', '--out', join(folder, 'no/x.txt')], PAPER, 1, /could not be written/u],
    ['what is no job', ['export', '--to', 'txt', '--out', join(folder, 'y.txt')], 'x', 1, /is not JSON/u],
    ['what is no packed file', ['import'], 'x', 1, /not packed/u],
  ])('%s is said', (_, args, input, wanted, says) => {
    const { status, problems } = dendle(args, input)
    expect(status).toBe(wanted)
    expect(problems[0]).toMatch(says)
  })
})

describe('papers as they are', () => {
  const dir = mkdtempSync(join(tmpdir(), 'dendle-papers-'))
  const sources = (JSON.parse(readFileSync(EXAMPLES, 'utf8')) as { id: string }[]).filter(({ id }) => ['art-one', 'art-two', 'book-one', 'chapter-one'].includes(id))
  const paper = (style: string) => JSON.stringify({
    style, sources,
    details: { title: 'What the Ponds Remember', authors: ['Tamsin Vale'], course: 'HIST 201', instructor: 'Dr. Orla Nolan', institution: 'University of Northmere', date: '2026-03-14' },
    text: 'The ponds have silted for a century, and nobody measured them [ref: art-one, p. 104]. Others disagree [ref: art-two; book-one, p. 12].\n\nWhat is left is told by those who kept the gates [ref: chapter-one, p. 50].',
  })
  const made = (style: string, to: string): string => {
    const job = join(dir, `${style}.json`)
    const out = join(dir, `${style}.${to}`)
    writeFileSync(job, paper(style))
    expect(dendle(['export', job, '--to', to, '--out', out])).toMatchObject({ status: 0, problems: [] })
    return out
  }

  it('a folder of them, for people and for programs', () => {
    const folder = mkdtempSync(join(tmpdir(), 'dendle-folder-'))
    const list = '\n\n# References\n\nOkonjo, A. (2021). Silt. *Journal of Estuary Heritage*, *14*(2), 101–119.\n'
    writeFileSync(join(folder, 'one.md'), `The pond silts (Okonjo, 2021).${list}`)
    writeFileSync(join(folder, 'two.md'), `The pond silts (Okonjo, 1921).${list}`)
    writeFileSync(join(folder, 'notes.json'), '{}')
    writeFileSync(join(folder, 'broken.docx'), 'no document')
    const { status, stdout, problems } = dendle(['check', folder, '--style', 'apa-7', '--json'])
    expect(status).toBe(1)
    expect(problems).toEqual([`${join(folder, 'broken.docx')}: is no .docx file, though its name says so; open it in a word processor and save it again as .docx.`])
    const all = JSON.parse(stdout) as { file: string, style: string, findings: { rule: string }[] }[]
    expect(all.map(({ file, style }) => [file, style])).toEqual([[join(folder, 'one.md'), 'apa-7'], [join(folder, 'two.md'), 'apa-7']])
    expect(all[0]!.findings).toEqual([])
    expect(all[1]!.findings.map(({ rule }) => rule)).toContain('citations.misspelt')
    const told = dendle(['check', folder, '--style', 'apa-7']).stdout
    expect(told).toContain('one.md: nothing to mend')
    expect(told).toMatch(/two\.md: \d to look at/u)
  })
  it('are written out again, and their lists as sources', () => {
    const file = made('mla-9', 'docx')
    const out = join(dir, 'again.txt')
    expect(dendle(['export', file, '--to', 'txt', '--out', out, '--style', 'apa-7'])).toMatchObject({ status: 0, problems: [] })
    expect(readFileSync(out, 'utf8').replace(/\s+/gu, ' ')).toContain('(Okonjo, 2021, p. 104)')
    const { stdout } = dendle(['convert', file, '--to', 'csl-json'])
    expect((JSON.parse(stdout) as unknown[]).length).toBe(4)
  })
})
