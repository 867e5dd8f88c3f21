/** What a paper rests on, in words: along it, a paragraph at a time, and by source. */
import { withoutAppendices } from '../sheet/appendices'
import type { DocNode } from '../sheet/document'
import { kindOf, type KindId } from '../source/kinds'
import { dateOf, type Source } from '../source/model'
import { countOf } from '../text/words'
import { blotted, citationsIn, readable, readBlock, type Line } from './reading'

/** Words of one paragraph or block quotation by what they rest on. */
export interface ParagraphEvidence {
  /** From 1; headings do not count. */
  paragraph: number
  block: number
  begins: string
  quoted: number
  /** The writer's words in sentences that cite a source. */
  retold: number
  own: number
  /** Ids of the sources that it cites, in the order of their first place. */
  sources: readonly string[]
}

export function evidenceAlong(doc: DocNode): ParagraphEvidence[] {
  let paragraph = 0
  return (withoutAppendices(doc).content ?? []).flatMap((node, block): ParagraphEvidence[] => {
    const { kind, lines, citations } = readBlock(node)
    if (kind === 'heading' || kind === 'page-break' || !(lines.some(line => line.text.trim()) || citations.length)) return []
    paragraph++
    const begins = readable(lines[0]!.text).split(' ').slice(0, 8).join(' ')
    const parts = lines.map(evidenceIn)
    const sum = (of: 'quoted' | 'retold' | 'own') => parts.reduce((all, one) => all + one[of], 0)
    const sources = [...new Set(citations.flatMap(({ data }) => data.items.map(item => item.id)))]
    return [{ paragraph, block, begins, quoted: sum('quoted'), retold: sum('retold'), own: sum('own'), sources }]
  })
}

function evidenceIn(line: Line): Pick<ParagraphEvidence, 'quoted' | 'retold' | 'own'> {
  const all = countOf(line.text)
  if (line.kind === 'quotation') return { quoted: all, retold: 0, own: 0 }
  const quoted = line.quoted.filter(one => one.level === 0).reduce((sum, one) => sum + one.count, 0)
  const text = blotted(line)
  const retold = line.sentences
    .filter(({ from, to }) => citationsIn(line, from, to).some(({ data }) => data.items.length))
    .reduce((sum, { from, to }) => sum + countOf(text.slice(from, to)), 0)
  return { quoted, retold, own: Math.max(0, all - quoted - retold) }
}

/** How often each source is cited, the most first; those that are never cited at the end. */
export function weightOfSources(doc: DocNode, sources: readonly Source[]): { source: Source, times: number }[] {
  const times = new Map<string, number>()
  for (const node of doc.content ?? [])
    for (const { data } of readBlock(node).citations) for (const { id } of data.items) times.set(id, (times.get(id) ?? 0) + 1)
  return sources.map(source => ({ source, times: times.get(source.id) ?? 0 })).sort((a, b) => b.times - a.times)
}

/** Sources by the year, or the ten years, they are from, and by kind; those without a date stand by themselves. */
export interface SourcesByYear {
  spans: readonly string[]
  kinds: readonly { kind: KindId, label: string, counts: readonly number[] }[]
}
/** More years than this are shown by decades. */
const MOST_YEARS = 16

export function sourcesByYear(sources: readonly Source[]): SourcesByYear {
  const years = sources.map(source => dateOf(source, 'issued')?.start?.year)
  const known = [...new Set(years.filter(year => year !== undefined))].sort((a, b) => a - b)
  const [first, last] = [known[0], known.at(-1)]
  const decades = first !== undefined && last !== undefined && last - first >= MOST_YEARS
  const spanOf = (year: number | undefined) => (year === undefined ? 'no date' : decades ? `${Math.floor(year / 10) * 10}s` : String(year))
  const all = decades
    ? [...new Set(known.map(spanOf))]
    : first === undefined
      ? []
      : Array.from({ length: last! - first + 1 }, (_, i) => String(first + i))
  const spans = years.includes(undefined) ? [...all, 'no date'] : all
  const kinds = new Map<KindId, number[]>()
  sources.forEach((source, i) => {
    const counts = kinds.get(source.kind) ?? spans.map(() => 0)
    counts[spans.indexOf(spanOf(years[i]))]!++
    kinds.set(source.kind, counts)
  })
  const total = (counts: readonly number[]) => counts.reduce((sum, n) => sum + n, 0)
  return {
    spans,
    kinds: [...kinds]
      .map(([kind, counts]) => ({ kind, label: kindOf(kind).label, counts }))
      .sort((a, b) => total(b.counts) - total(a.counts)),
  }
}
