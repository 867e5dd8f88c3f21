/** Findings about the page: what is typed that the style sets by itself, headings, the title and what the first page asks for. */
import { noticedIn, REFERENCE_HEADING } from '../intake/draft/noticed'
import { isAppendix, typedLabel } from '../sheet/appendices'
import type { DocNode } from '../sheet/document'
import type { Detail } from '../styles/ids'
import { foldWords } from '../text/filing'
import { matchesOf } from '../text/matches'
import { blockBecomes, splice, spliceLines, type Splice } from './mending'
import { CITED, ofBlock, readable } from './reading'
import { cut, wordsAt, type BlockRule, type Found, type RuleFamily, type WholeRule } from './setting'

type Match = RegExpMatchArray
interface Sort { check: Found['check'], label: string, find: RegExp, put: (match: Match) => string, named?: (match: Match) => Record<string, string> }

/** What is found in the lines of a block as one finding, at the first of it: a paragraph full of doubled spaces is one thing to do. */
const spliced = ({ check, label, find, put, named }: Sort): BlockRule => ({ reading, block }) => {
  const lines = reading.lines.flatMap((line) => {
    const found = line.kind === 'verse' ? [] : matchesOf(line.text, find).filter((match) => match[0].length < line.text.length)
    return found.length ? [{ line, found }] : []
  })
  const [first] = lines
  if (!first) return []
  const [match] = first.found as [RegExpExecArray]
  const end = match.index + match[0].length
  const spliceOf = (one: RegExpExecArray): Splice => ({ from: one.index, to: one.index + one[0].length, put: put(one) })
  return [
    {
      check,
      ...(named ? { with: named(match) } : {}),
      excerpt: cut(first.line.text.slice(Math.max(0, match.index - 24), end + 30).replace(/[\uFFFC\u2060]/gu, '').trim()),
      where: wordsAt(first.line, match.index, end),
      certain: true,
      fix: {
        label,
        change: blockBecomes(spliceLines(block, lines.map(({ line, found }) => ({ path: line.path, splices: found.map(spliceOf) })))),
      },
    },
  ]
}
const indents = spliced({
  check: 'page.indent',
  label: 'Take it away',
  find: /^(?:[ \u00A0\u2002\u2003]*\t[\t \u00A0\u2002\u2003]*|[ \u00A0\u2002\u2003]{2,})/gu,
  put: () => '',
  named: (match) => ({ what: match[0].includes('\t') ? 'a tab' : `${match[0].length} spaces` }),
})
const doubled = spliced({ check: 'page.spaces', label: 'Make it one', find: /(?<=[^\s\u2060])[ \u00A0]{2,}(?=[^\s\u2060])/gu, put: () => ' ' })
const before = spliced({
  check: 'page.space-before',
  label: 'Take it away',
  find: /(?<=[\p{L}\p{N}”’)\]]) +(?=[,;:?!](?:\s|$)|\.(?![.\p{N}]|\s\.))/gu,
  put: () => '',
  named: (match) => ({ mark: `“${match.input![match.index! + match[0].length] ?? ''}”` }),
})
const dashes = spliced({
  check: 'page.dash',
  label: 'Make it a dash',
  find: /(?<=[\p{L}\p{N}”’)\uFFFC]) ?-{2,3} ?(?=[\p{L}\p{N}“‘(\uFFFC])/gu,
  put: (match) => (match[0].startsWith(' ') && match[0].endsWith(' ') ? ' – ' : '—'),
})
const twice = spliced({
  check: 'page.doubled',
  label: 'Make it one',
  find: /(?<!\.)\.\.(?!\.)|,{2,3}|;{2,3}|:{2,3}(?!\/)/gu,
  put: (match) => match[0][0]!,
  named: (match) => ({ mark: `“${match[0][0]}”` }),
})
const behind = spliced({
  check: 'page.no-space',
  label: 'Put one',
  find: /(?<=\p{Ll}{2})[,;](?=\p{L})|(?<=\p{Ll}{3}|\uFFFC)[.?!](?=\p{Lu}\p{Ll}+[\s,])/gu,
  put: (match) => `${match[0]} `,
  named: (match) => ({ mark: `“${match[0]}”` }),
})

const isEmpty = (node: DocNode): boolean =>
  (node.type === 'paragraph' || node.type === 'heading')
  && (node.content ?? []).every((child) => child.type === 'hardBreak' || (child.type === 'text' && !child.text!.trim()))

/** Rows of empty paragraphs, one finding a row; the one at the end is where the writer goes on. */
const empty: WholeRule = ({ doc }) => {
  const blocks = doc.content ?? []
  const out: Found[] = []
  for (let i = 0; i < blocks.length; i++) {
    if (!isEmpty(blocks[i]!)) continue
    const from = i
    while (i + 1 < blocks.length && isEmpty(blocks[i + 1]!)) i++
    if (i === blocks.length - 1) break
    const near = readable(textIn(blocks[i + 1]!))
    out.push({
      check: 'page.empty',
      with: { count: i === from ? 'An empty line' : `${i - from + 1} empty lines` },
      excerpt: cut(near, 60),
      where: { at: 'block', block: from },
      certain: true,
      fix: { label: 'Take them away', change: { on: 'text', from, to: i + 1, blocks: [] } },
    })
  }
  return out
}
const textIn = (node: DocNode): string => (node.type === 'text' ? (node.text ?? '') : (node.content ?? []).map(textIn).join(''))

/** A short line with a figure, or a heading as lists have: only where there are such is the paper looked through for them. */
const mayBeTyped = ofBlock(({ kind, lines: [line] }) =>
  line !== undefined && line.text.length < 70
  && (REFERENCE_HEADING.test(line.text.trim()) || /^running head:/iu.test(line.text)
    || (kind === 'paragraph' && /\d/u.test(line.text) && !/[.?!]$/u.test(line.text.trimEnd()))))
const typed: WholeRule = ({ doc, composition, readings }) => {
  if (!doc.content || !readings.some(mayBeTyped)) return []
  const checks = { 'page number': 'page.number', 'running head': 'page.running-head', 'reference list': 'list.typed' } as const
  return noticedIn(doc.content).flatMap(({ what, words, from, to }): Found[] => {
    const check = checks[what]
    if (what === 'reference list' && !composition.list.length) return []
    return [{
      check,
      excerpt: cut(words),
      where: { at: 'block', block: from },
      certain: what === 'page number',
      fix: { label: what === 'reference list' ? 'Take the typed one out' : 'Take it out', change: { on: 'text', from, to, blocks: [] } },
    }]
  })
}

// Headings -------------------------------------------------------------------------------------------------------------

const skipped: WholeRule = ({ doc, readings }) => {
  let last = 0
  let lastWords = ''
  return readings.flatMap(({ kind, level, lines }, block): Found[] => {
    if (isAppendix(doc.content![block]!)) last = 1
    if (kind !== 'heading' || !lines[0]?.text.trim()) return []
    const wanted = last + 1
    const words = readable(lines[0].text)
    const skips = level > wanted
    const after = last ? `After “${cut(lastWords, 40)}”` : 'Under the title'
    last = skips ? wanted : level
    lastWords = words
    return skips
      ? [
          {
            check: 'page.heading-skipped',
            with: { after, wanted: String(wanted), given: String(level) },
            excerpt: cut(words),
            where: { at: 'block', block },
            certain: true,
            fix: {
              label: 'Raise it',
              change: {
                on: 'text',
                from: block,
                to: block + 1,
                blocks: [{ ...doc.content![block]!, attrs: { ...doc.content![block]!.attrs, level: wanted } }],
              },
            },
          },
        ]
      : []
  })
}

const headingStop: BlockRule = ({ reading, block, paper }) => {
  const [line] = reading.lines
  if (reading.kind !== 'heading' || !line || paper.style.page.headings[Math.min(5, reading.level) - 1]!.runIn) return []
  const stop = /(?<=[^.]\p{L}|[”’)\d])[.:]\s*$/u.exec(line.text)
  if (!stop || /\b(?:\p{Lu}|etc|vs|ca|Inc|Ltd)\.\s*$/u.test(line.text)) return []
  return [{
    check: 'page.heading-stop',
    excerpt: cut(readable(line.text)),
    where: wordsAt(line, stop.index, stop.index + 1),
    certain: true,
    fix: { label: 'Take it away', change: blockBecomes(splice(block, line.path, [{ from: stop.index, to: line.text.length, put: '' }])) },
  }]
}

/** An appendix whose label is typed: marked as one it is lettered, begins its page and stands where the style has it. */
const typedAppendix: BlockRule = ({ reading, block }) => {
  const [line] = reading.lines
  const end = reading.kind === 'heading' && reading.level === 1 && line ? typedLabel(line.text) : 0
  if (!line || !end) return []
  const bare = splice(block, line.path, [{ from: 0, to: end, put: '' }])
  return [{
    check: 'page.appendix-typed',
    excerpt: cut(readable(line.text)),
    where: wordsAt(line, 0, end),
    fix: { label: 'Make it an appendix', change: blockBecomes({ ...bare, attrs: { ...bare.attrs, level: 1, appendix: true } }) },
  }]
}

/** A short line that is all bold, with text behind it. */
const boldHeading: WholeRule = ({ doc, readings }) => {
  let level = 1
  return readings.flatMap(({ kind, level: own, lines }, block): Found[] => {
    if (kind === 'heading') level = own
    const [line] = lines
    if (kind !== 'paragraph' || !line || line.text.length > 100) return []
    const node = doc.content![block]!
    const content = (node.content ?? []).filter(child => child.text?.trim())
    const bold = content.length > 0 && content.every(child => child.marks?.some(mark => mark.type === 'bold'))
    const shouted = !bold && line.text.length <= 60 && /\p{Lu}{3}/u.test(line.text) && !/\p{Ll}|\d/u.test(line.text)
    if (
      (!bold && !shouted)
      || /[.,;]\s*$/u.test(line.text)
      || line.text.includes(CITED)
      || readings[block + 1]?.kind !== 'paragraph'
    )
      return []
    const plain = (node.content ?? []).map((child) =>
      child.marks ? { ...child, marks: child.marks.filter((mark) => mark.type !== 'bold') } : child,
    )
    return [
      {
        check: shouted ? 'page.heading-capitals' : 'page.heading-bold',
        excerpt: cut(readable(line.text)),
        where: { at: 'block', block },
        fix: {
          label: 'Make it a heading',
          change: { on: 'text', from: block, to: block + 1, blocks: [{ type: 'heading', attrs: { level }, content: plain }] },
        },
      },
    ]
  })
}

// The first page -------------------------------------------------------------------------------------------------------

const WORDS: Record<Detail, string> = {
  writer: 'the writer’s name',
  instructor: 'the instructor',
  course: 'the course',
  institution: 'the institution',
  date: 'the date',
}
const details: WholeRule = ({ style, details: given, title, readings }) => {
  if (given === undefined) return []
  const out: Found[] = []
  if (/^(?:untitled(?: paper)?|new paper|title)?$/iu.test(title.trim()))
    out.push({ check: 'page.title', excerpt: title.trim(), where: { at: 'detail', detail: 'title' } })
  const missing = style.page.details.filter(detail => !given[detail]?.trim())
  if (missing.length && readings.some(({ lines }) => lines.some(line => line.text.trim()))) {
    const said = missing.map(detail => WORDS[detail])
    const words = said.length > 1 ? `${said.slice(0, -1).join(', ')} and ${said.at(-1)}` : said[0]!
    out.push({ check: 'page.details', with: { missing: words }, excerpt: words, where: { at: 'detail', detail: missing[0]! } })
  }
  return out
}

const titleAgain: WholeRule = ({ title, readings }) => {
  const wanted = foldWords(title)
  const first = readings.findIndex(({ lines }) => lines.some(line => line.text.trim()))
  const line = readings[first]?.lines[0]
  if (!wanted || !line || line.citations.length || foldWords(line.text) !== wanted) return []
  return [{
    check: 'page.title-again',
    excerpt: cut(readable(line.text)),
    where: { at: 'block', block: first },
    certain: true,
    fix: { label: 'Take it out of the text', change: { on: 'text', from: first, to: first + 1, blocks: [] } },
  }]
}

/** Instructors allow a tenth more or less. */
const target: WholeRule = ({ details: given, words }) => {
  const wanted = Number(given?.target) || 0
  if (!wanted || words === undefined) return []
  const off = words - wanted
  if (Math.abs(off) <= wanted / 10 || (off < 0 && words < wanted / 2)) return []
  const [n, of, by] = [words, wanted, Math.abs(off)].map(one => one.toLocaleString('en')) as [string, string, string]
  return [
    {
      check: off < 0 ? 'page.too-short' : 'page.too-long',
      with: { words: n, target: of, by },
      excerpt: `${n} words`,
      where: { at: 'detail', detail: 'target' },
    },
  ]
}

export const PAGE: RuleFamily = {
  block: [indents, doubled, before, behind, dashes, twice, headingStop, typedAppendix],
  whole: [empty, typed, skipped, boldHeading, titleAgain, details, target],
}
