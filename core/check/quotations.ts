/** Findings about quotations: their source, length, marks and stops, how they are led in, whether they say what was said. */
import { requoteText } from '../sheet/requote'
import { linesOf } from '../sheet/measure'
import { raisedFor } from '../sheet/placement'
import type { DocNode } from '../sheet/document'
import { foldWords } from '../text/filing'
import { matchesOf } from '../text/matches'
import { curlMarks, isMeasure } from '../text/quotes'
import { countOf } from '../text/words'
import { citationOf, QUOTATION } from './citation-rules'
import { typedIn } from './citation-sources'
import { blockBecomes, joined, sliceInline, splice, withLine } from './mending'
import { straysFrom } from './quoted'
import { blotted, citationsIn, lastCited, ofBlock, readable, sentenceAt, type BlockReading, type Line, type Quoted } from './reading'
import { cut, shown, wordsAt, type BlockRule, type BlockSetting, type Found, type RuleFamily, type WholeRule } from './setting'

const eachQuotation = ({ reading }: BlockSetting, visit: (line: Line, one: Quoted) => Found[]): Found[] =>
  reading.lines.flatMap((line) =>
    !line.quoted.length || line.kind === 'heading' || line.kind === 'caption'
      ? []
      : line.quoted.filter((one) => one.level === 0).flatMap((one) => visit(line, one)),
  )
const asQuoted = (line: Line, { from, to }: Quoted): string => readable(line.text.slice(from, to))

/** A work's own title in quotation marks, or one that reads like a title, is no quotation. */
function isTitle(setting: BlockSetting, { words }: Quoted): boolean {
  const folded = foldWords(words)
  if (setting.paper.titles().some(title => title.startsWith(folded))) return true
  const large = words.split(/\s+/u).filter(word => /^\p{L}{4,}/u.test(word))
  return large.length > 1 && large.every(word => /^\p{Lu}/u.test(word))
}

/** Nothing in its sentence, in the next or at the end of the last says whose it is. */
const withoutCitation: BlockRule = setting => eachQuotation(setting, (line, one) => {
  if (one.count < QUOTATION || isTitle(setting, one) || citationOf(line, one)) return []
  const [first, last] = [sentenceAt(line, one.from), sentenceAt(line, one.to - 1)]
  const near = (i: number) =>
    line.sentences[i] && citationsIn(line, line.sentences[i]!.from, line.sentences[i]!.to).length > 0
  // The sentence before names whose words these are, or the next says it.
  if (near(first - 1) || near(last + 1)) return []
  // One that is typed is told as that, which says the rest.
  const [from, to] = [line.sentences[first]!.from, line.sentences[last]!.to]
  if (typedIn(setting, line).some(typed => typed.from >= from && typed.from < to)) return []
  return [{ check: 'quotations.no-citation', excerpt: cut(asQuoted(line, one)), where: wordsAt(line, one.from, one.to) }]
})

// Length ---------------------------------------------------------------------------------------------------------------

interface Length { check: 'words' | 'lines', says: string, block: boolean }
/** How long a quotation is as the style measures it; undefined where the style sets no limit. */
function lengthOf({ paper }: BlockSetting, words: string): Length | undefined {
  const { words: most, lines } = paper.style.page.blockQuote
  if (most !== undefined) {
    const n = countOf(words)
    return { check: 'words', says: `${n} words`, block: n >= most }
  }
  if (lines === undefined) return undefined
  const n = linesOf(`“${words.trim()}”`)
  return { check: 'lines', says: n === 1 ? 'One line' : `${n} lines`, block: n > lines }
}

const long: BlockRule = setting => eachQuotation(setting, (line, one) => {
  if (line.kind !== 'paragraph') return []
  const length = lengthOf(setting, one.words)
  if (!length?.block) return []
  const blocks = setAsBlock(setting.block, line, one)
  return [{
    check: length.check === 'words' ? 'quotations.long' : 'quotations.long-lines',
    with: { length: length.says },
    excerpt: cut(asQuoted(line, one)),
    where: wordsAt(line, one.from, one.to),
    certain: blocks !== undefined,
    ...(blocks ? { fix: { label: 'Set it as a block', change: blockBecomes(...blocks) } } : {}),
  }]
})

/**
 * A paragraph as the words that lead the quotation in, the quotation as a block with its citation, and the words behind;
 * undefined where it stands in the middle of a sentence that goes on, which only the writer can take apart.
 */
function setAsBlock(block: DocNode, line: Line, { from, to }: Quoted): DocNode[] | undefined {
  if (line.path.length) return undefined
  const { text } = line
  const cited = /^\s*\uFFFC/u.exec(text.slice(to))
  const after = to + (cited?.[0].length ?? 0)
  const stop = /^[.,]?(?=\s|$)/u.exec(text.slice(after))
  const rest = text.slice(after + (stop?.[0].length ?? 0)).trimStart()
  const inside = /[.?!…]$/u.test(text.slice(from + 1, to - 1))
  if (!stop || stop[0] === ',' || (rest && !/^[\p{Lu}“‘\uFFFC]/u.test(rest)) || (!inside && stop[0] === '' && rest)) return undefined
  const content = block.content ?? []
  const words = sliceInline(content, from + 1, to - 1)
  const before = trimmed(sliceInline(content, 0, from))
  const behind = trimmed(sliceInline(content, text.length - rest.length, text.length))
  const quotation = joined([
    ...words,
    ...(inside ? [] : [{ type: 'text', text: '.' }]),
    ...(cited ? [{ type: 'text', text: ' ' }, ...sliceInline(content, after - 1, after)] : []),
  ])
  return [
    ...(before.length ? [{ ...block, content: before }] : []),
    { type: 'blockquote', content: [{ type: 'paragraph', content: quotation }] },
    ...(behind.length ? [{ ...block, content: behind }] : []),
  ]
}
function trimmed(content: readonly DocNode[]): DocNode[] {
  const out = joined(content)
  const [first, last] = [out[0], out.at(-1)]
  if (first?.type === 'text') out[0] = { ...first, text: first.text!.trimStart() }
  if (last?.type === 'text') out[out.length - 1] = { ...out.at(-1)!, text: out.at(-1)!.text!.trimEnd() }
  return out.filter(node => node.type !== 'text' || node.text)
}

/** The whole of a block quotation of one paragraph, without its citation. */
const blockWords = ({ reading }: BlockSetting): { line: Line, words: string } | undefined => {
  const [line] = reading.lines
  return reading.kind === 'quotation' && reading.lines.length === 1 && line ? { line, words: readable(line.text) } : undefined
}

const short: BlockRule = (setting) => {
  const one = blockWords(setting)
  if (!one?.words || one.line.text.includes('\n')) return []
  const length = lengthOf(setting, one.words)
  if (!length || length.block || setting.paper.style.page.blockQuote.shorterToo) return []
  return [{
    check: length.check === 'words' ? 'quotations.short-block' : 'quotations.short-block-lines',
    with: { length: length.says },
    excerpt: cut(one.words),
    where: { at: 'block', block: 0 },
  }]
}

/** Fixing it needs the paragraph before, so that it is offered by the whole paper's rule. */
const shortBlocks: WholeRule = ({ readings, doc, paper }) => readings.flatMap((reading, block): Found[] => {
  if (reading.kind !== 'quotation') return []
  const setting: BlockSetting = { paper, block: doc.content![block]!, reading, printed: () => '' }
  return short(setting).map((found) => {
    const lead = readings[block - 1]
    const before = doc.content![block - 1]
    const [line] = reading.lines
    const text = lead?.lines[0]?.text.trimEnd() ?? ''
    const into =
      lead?.kind === 'paragraph' && before && line && /[\p{L}\p{N}:,]$/u.test(text)
        ? runIn(before, doc.content![block]!, line, paper.style)
        : undefined
    return {
      ...found,
      where: { at: 'block', block },
      ...(into
        ? { fix: { label: 'Set it in the text', change: { on: 'text' as const, from: block - 1, to: block + 1, blocks: [into] } } }
        : {}),
    }
  })
})
/** A block quotation at the end of the paragraph that leads it in: in marks, its stop behind its citation. */
function runIn(before: DocNode, block: DocNode, line: Line, style: BlockSetting['paper']['style']): DocNode {
  const inner = line.path.reduce<DocNode>((node, step) => node.content![step]!, block)
  const all = inner.content ?? []
  const cited = lastCited(line.text)
  const end = cited ? cited.from : line.text.trimEnd().length
  const stop = /[.]$/u.test(line.text.slice(0, end)) ? end - 1 : end
  const [open, close] = style.quotes.outer
  const asks = /[?!]$/u.test(line.text.slice(0, end))
  const inside = style.stopsInside && !cited
  return withLine(before, [], content => [
    ...trimmed(content),
    { type: 'text', text: ` ${open}` },
    ...sliceInline(all, 0, stop),
    { type: 'text', text: `${inside && !asks ? '.' : ''}${close}${cited ? ' ' : ''}` },
    ...(cited ? sliceInline(all, cited.at, cited.at + 1) : []),
    ...(inside || (asks && !cited) ? [] : [{ type: 'text', text: '.' }]),
  ])
}

const blockMarks: BlockRule = (setting) => {
  const { reading, block } = setting
  const [line] = reading.lines
  if (reading.kind !== 'quotation' || !line) return []
  const last = reading.lines.at(-1)!
  const open = /^\s*[“"‘](?=\S)/u.exec(line.text)
  const end = last.text.trimEnd().replace(/[.,]$/u, '')
  const words = last.text.slice(0, lastCited(end)?.from ?? end.length).replace(/[.,]$/u, '')
  const close = /[”"’]$/u.exec(words)
  if (!open || !close) return []
  // Marks that close before the end are those of a quotation within.
  const inside = reading.lines.length === 1 ? line.text.slice(open[0].length, close.index) : ''
  if (/[”"]/u.test(inside) && !/[“"]/u.test(inside)) return []
  if ((inside.match(/[“"]/gu)?.length ?? 0) > 0 && inside.search(/”/u) >= 0 && inside.search(/”/u) < inside.search(/“/u)) return []
  const opened = splice(block, line.path, [{ from: 0, to: open[0].length, put: '' }])
  const at = last === line ? close.index - open[0].length : close.index
  return [{
    check: 'quotations.block-marks',
    excerpt: cut(readable(line.text)),
    where: { at: 'block', block: 0 },
    certain: true,
    fix: { label: 'Take them away', change: blockBecomes(splice(opened, last.path, [{ from: at, to: at + 1, put: '' }])) },
  }]
}

// Marks and stops ------------------------------------------------------------------------------------------------------

/** Quotations whose marks or stops another style would have, one each. */
const marks: BlockRule = (setting) => {
  const { style } = setting.paper
  return setting.reading.lines.flatMap((line): Found[] => {
    if (!line.quoted.length || /[\u{10000}-\u{10FFFF}]/u.test(line.text)) return []
    const stops = requoteText(line.text, { quotes: own(line), stopsInside: style.stopsInside })
    const both = requoteText(line.text, style)
    const found = (check: Found['check'], set: string, { from, to }: Quoted, label: string): Found => {
      const end = Math.min(line.text.length, to + 2)
      return {
        check,
        excerpt: cut(shown(line, setting.printed, from, end).trim()),
        where: wordsAt(line, from, to),
        certain: true,
        fix: { label, shows: cut(readable(set.slice(from, end))), change: blockBecomes(relettered(setting.block, line, set)) },
      }
    }
    const out: Found[] = []
    if (stops.changed) {
      const one = line.quoted.find(({ from, to }) => stops.text.slice(from, to + 2) !== line.text.slice(from, to + 2))
      if (one) out.push(found('quotations.stops', stops.text, one, style.stopsInside ? 'Put it inside' : 'Put it outside'))
    }
    const other = line.quoted.find(
      ({ from, level }) => level === 0 && /[“‘]/u.test(line.text[from]!) && line.text[from] !== style.quotes.outer[0],
    )
    if (other && both.changed) out.push(found('quotations.marks', both.text, other, 'Set the style’s'))
    return out
  })
}
/** The marks that a line has, whatever the style would have: its stops alone are looked at. */
function own(line: Line): { outer: readonly [string, string], inner: readonly [string, string] } {
  const pair = (level: number): readonly [string, string] => {
    const one = line.quoted.find(quoted => quoted.level % 2 === level)
    return one ? [line.text[one.from]!, line.text[one.to - 1]!] : level ? ['‘', '’'] : ['“', '”']
  }
  return { outer: pair(0), inner: pair(1) }
}
/** A line with other letters at its places; every piece keeps its length. */
const relettered = (block: DocNode, line: Line, text: string): DocNode => withLine(block, line.path, (content) => {
  let at = 0
  return content.map((node) => {
    if (node.type !== 'text') { at += 1; return node }
    const { length } = node.text ?? ''
    const letters = text.slice(at, at + length)
    at += length
    return node.marks?.some(mark => mark.type === 'remark') ? node : { ...node, text: letters }
  })
})

/** “… learns.” (Quill, 2018): the stop of the sentence comes behind its citation (APA 7, 8.27; MLA Handbook 9, 6.50). */
const stopBefore: BlockRule = (setting) => eachQuotation(setting, (line, one) => {
  const citation = line.citations.find(({ at }) => at >= one.to)
  const mark = line.text[one.to - 2]!
  if (!citation || !/^[ \u00A0]?$/u.test(line.text.slice(one.to, citation.at)) || !/[.,]/u.test(mark)) return []
  if (!citation.data.items.length || citation.data.form === 'narrative' || raisedFor(setting.paper.style, citation.data)) return []
  if (/\.\s?\.$|…$|\b\p{Lu}\.$/u.test(line.text.slice(0, one.to - 1))) return []
  const after = line.text.slice(citation.at + 1)
  // A citation that the stop ends with takes it behind itself: that is said as a citation behind its stop.
  if (!/^\s*[.,;:?!]/u.test(after) || lengthOf(setting, one.words)?.block) return []
  return [{
    check: 'quotations.before-citation',
    excerpt: cut(shown(line, setting.printed, Math.max(one.from, one.to - 40), citation.at + 2)),
    where: wordsAt(line, one.from, one.to),
    certain: true,
    fix: { label: 'Take it away', change: blockBecomes(splice(setting.block, line.path, [{ from: one.to - 2, to: one.to - 1, put: '' }])) },
  }]
})

/** “… a door”: no points at the beginning (APA 7, 8.31; Chicago 18, 12.60; MHRA 3, 9.7). */
const pointsFirst: BlockRule = (setting) => eachQuotation(setting, (line, one) => {
  const points = /^[“"‘](?:…|\.\s?\.\s?\.)\s*(?=\p{L})/u.exec(line.text.slice(one.from, one.to))
  if (!points || one.count < QUOTATION) return []
  return [{
    check: 'quotations.points-first',
    excerpt: cut(asQuoted(line, one)),
    where: wordsAt(line, one.from, one.to),
    certain: true,
    fix: { label: 'Take them away', change: blockBecomes(splice(setting.block, line.path, [{ from: one.from + 1, to: one.from + points[0].length, put: '' }])) },
  }]
})

const unclosed: BlockRule = setting => setting.reading.lines.flatMap((line, i): Found[] => {
  // A quotation of several paragraphs opens each and closes the last.
  const stray = line.stray.filter(one => !isMeasure(line.text, one))
  const [at] = stray
  if (at === undefined || stray.length % 2 === 0 || setting.reading.lines[i + 1]?.text.startsWith('“')) return []
  return [
    {
      check: 'quotations.unclosed',
      excerpt: cut(
        readable(line.text.slice(/[“"]/u.test(line.text[at]!) && at < line.text.length / 2 ? at : Math.max(0, at - 60)).slice(0, 90)),
      ),
      where: wordsAt(line, at, at + 1),
    },
  ]
})

const STRAIGHT = /["']/gu
const marksIn = ofBlock(({ lines }) => ({
  curly: lines.some((line) => /[“”‘’]/u.test(line.text)),
  straight: lines.flatMap((line) => matchesOf(line.text, STRAIGHT).map(({ 0: mark, index: at }) => ({ line, at, mark }))),
}))
/** One finding for the whole paper, mended block by block at once. Apostrophes alone count only among curly ones. */
const straight: WholeRule = ({ readings, doc }) => {
  const curly = readings.some((reading) => marksIn(reading).curly)
  const marks = readings.flatMap((reading, block) =>
    marksIn(reading).straight.flatMap(({ line, at, mark }) =>
      (curly || mark === '"') && !isMeasure(line.text, at) ? [{ line, block, at }] : [],
    ),
  )
  const [first] = marks
  if (!first) return []
  const from = first.block
  const to = marks.at(-1)!.block + 1
  const blocks = doc.content!.slice(from, to).map((block, i) =>
    readings[from + i]!.lines.reduce(
      (changed, line) => (/["']/u.test(line.text) ? relettered(changed, line, curlMarks(line.text)) : changed),
      block,
    ),
  )
  const said = readable(first.line.text.slice(Math.max(0, first.at - 20), first.at + 40))
  return [
    {
      check: 'quotations.straight',
      with: { count: marks.length === 1 ? 'one' : String(marks.length) },
      excerpt: cut(said),
      where: { at: 'words', block: first.block, path: first.line.path, from: first.at, to: first.at + 1 },
      certain: true,
      fix: { label: 'Curl them', change: { on: 'text', from, to, blocks } },
    },
  ]
}
const strays: BlockRule = (setting) => {
  const { paper, reading } = setting
  const held = (line: Line, words: string, ids: readonly string[], from: number, to: number): Found[] => {
    if (!ids.length) return []
    const passages = ids.flatMap(id => paper.passagesOf(id)).filter(one => one.form === 'quotation' || one.original)
    const all = passages.map(one => straysFrom(words, one.form === 'quotation' ? one.words : one.original))
    // What is near none of the passages was taken from elsewhere in the source.
    if (!all.length || all.includes(undefined)) return []
    // One that goes on where the passage taken ends was read in the source itself.
    if (passages.some(one => !straysFrom(one.words, words))) return []
    const nearest = passages.find(one => sharesMost(words, one.form === 'quotation' ? one.words : one.original))
    const stray = nearest && straysFrom(words, nearest.form === 'quotation' ? nearest.words : nearest.original)
    return stray ? [{ check: 'quotations.strays', with: { stray: stray.words }, excerpt: cut(words), where: wordsAt(line, from, to) }] : []
  }
  return reading.lines.flatMap((line) => {
    if (line.kind === 'quotation') {
      const words = readable(line.text.slice(0, lastCited(line.text)?.from))
      return held(line, words, (line.citations.at(-1)?.data.items ?? []).map(item => item.id), 0, line.text.length)
    }
    return line.quoted.filter(one => one.level === 0 && one.count >= QUOTATION).flatMap(one =>
      held(line, one.words, (citationOf(line, one)?.data.items ?? []).map(item => item.id), one.from, one.to))
  })
}
/** Most of the words stand in the passage: it is that one which is quoted. */
function sharesMost(words: string, passage: string): boolean {
  const there = new Set(foldWords(passage).split(' '))
  const mine = foldWords(words).split(' ').filter(Boolean)
  return mine.filter(word => there.has(word)).length >= mine.length * 0.6
}

// How they are led in --------------------------------------------------------------------------------------------------

const mostly: BlockRule = setting => setting.reading.lines.flatMap((line): Found[] => {
  const all = countOf(line.text)
  if (line.kind !== 'paragraph' || all < 25) return []
  // One that is to be a block will leave the paragraph.
  const quoted = line.quoted.filter(one => one.level === 0 && !lengthOf(setting, one.words)?.block).reduce((sum, one) => sum + one.count, 0)
  return quoted > all / 2
    ? [
        {
          check: 'quotations.mostly',
          with: { share: String(Math.round((quoted / all) * 100)) },
          excerpt: cut(readable(line.text)),
          where: { at: 'block', block: 0 },
        },
      ]
    : []
})

/** Words of a sentence that are not quoted. */
const ownWords = (line: Line, from: number, to: number): string => readable(blotted(line).slice(from, to))
const standsAlone = (line: Line, one: Quoted): boolean => {
  const [first, last] = [line.sentences[sentenceAt(line, one.from)]!, line.sentences[sentenceAt(line, one.to - 1)]!]
  // A citation that names who speaks is an introduction.
  if (citationsIn(line, first.from, one.from).some(({ data }) => data.form === 'narrative')) return false
  return one.count >= 6 && countOf(ownWords(line, first.from, last.to)) < 2
}

const droppedIn: BlockRule = (setting) =>
  eachQuotation(setting, (line, one) =>
    line.kind === 'paragraph'
    && standsAlone(line, one)
    // One that has no citation either is told so: that says the rest.
    && setting.reading.citations.length > 0
    && !isTitle(setting, one)
    && /^[“"‘]\s*\p{Lu}/u.test(line.text.slice(one.from, one.from + 3))
    && !leadsIn(line, one)
      ? [{ check: 'quotations.dropped-in', excerpt: cut(asQuoted(line, one)), where: wordsAt(line, one.from, one.to) }]
      : [],
  )
/** The sentence before ends with a colon, or says that somebody speaks. */
const leadsIn = (line: Line, { from }: Quoted): boolean => /[:,]$/u.test(line.text.slice(0, from).trimEnd())

/** A block quotation with nothing of the writer's behind it, and a paragraph that ends in someone else's sentence. */
const lastWord: WholeRule = ({ readings, doc }) => {
  const holds = (reading: BlockReading, block: number) =>
    doc.content![block]!.type !== 'pageBreak' && (reading.citations.length > 0 || reading.lines.some((line) => line.text.trim()))
  const kinds: BlockReading['kind'][] = []
  const bodies: number[] = []
  readings.forEach((reading, block) => { if (holds(reading, block)) { bodies.push(block); kinds.push(reading.kind) } })
  return bodies.flatMap((block, i): Found[] => {
    const reading = readings[block]!
    const next = kinds[i + 1]
    if (reading.kind === 'quotation') {
      return next === undefined || next === 'heading' || next === 'quotation'
        ? [{ check: 'quotations.last-word', excerpt: cut(readable(reading.lines.at(-1)!.text)), where: { at: 'block', block } }]
        : []
    }
    const ends = next === 'quotation' ? undefined : endsInQuotation(reading)
    return ends
      ? [{ check: 'quotations.last-word', excerpt: cut(asQuoted(ends.line, ends.one)), where: { at: 'words', block, path: ends.line.path, from: ends.one.from, to: ends.one.to } }]
      : []
  })
}
/** A paragraph whose last sentence is mostly someone else's; what is dropped in at the end is said once, as that. */
const endsInQuotation = ofBlock(({ kind, lines }): { line: Line, one: Quoted } | undefined => {
  const line = kind === 'paragraph' ? lines[0] : undefined
  const one = line?.quoted.filter(({ level }) => level === 0).at(-1)
  const last = line?.sentences.at(-1)
  if (!line || !one || !last || line.sentences.length < 2 || one.from < last.from || one.count < 8) return undefined
  if (/[\p{L}\p{N}]/u.test(line.text.slice(one.to)) || standsAlone(line, one)) return undefined
  return one.count >= countOf(line.text.slice(last.from, last.to)) * 0.6 ? { line, one } : undefined
})

export const QUOTATIONS: RuleFamily = {
  block: [withoutCitation, long, blockMarks, marks, stopBefore, pointsFirst, unclosed, strays, mostly, droppedIn],
  whole: [shortBlocks, straight, lastWord],
}
