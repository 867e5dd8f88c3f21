/** What the command says to people of the papers it looked at. */
import type { ReportedFinding } from '../core/check/job'
import type { CompareResult } from '../core/compare/job'
import { parseRich } from '../core/text/rich'
import type { DraftPaper } from '../core/intake/draft/paper'

const WIDE = 96
/** Lines of words, the ones behind the first set in. */
function wrapped(text: string, indent: string): string {
  const lines: string[] = []
  let line = ''
  for (const word of text.replace(/\s+/gu, ' ').trim().split(' ')) {
    if (line && line.length + word.length + 1 > WIDE) { lines.push(line); line = word }
    else line = line ? `${line} ${word}` : word
  }
  return [...lines, line].map(one => indent + one).join('\n')
}
const many = (n: number, one: string): string => `${n || 'no'} ${one}${n === 1 ? '' : 's'}`

/** What the paper is called and taken for, and what was found of its sources and citations. */
export function headed(name: string, { paper, guessed }: DraftPaper, found: string): string {
  const { style, sources, composition } = paper
  const took = guessed ? `${style.name}, as its list looks (name another with --style)` : style.name
  return `${name}: ${found}\n  ${took}; ${many(sources.length, 'source')} in its list, ${many(composition.citations.length, 'citation')} in its text.`
}

export const findingsTold = (findings: readonly ReportedFinding[]): string =>
  findings.map(({ paragraph, says, source, excerpt, fix }) => [
    wrapped(`${paragraph === null ? '-' : `Paragraph ${paragraph}.`} ${says}${source ? ` (${source})` : ''}`, '  '),
    ...(excerpt ? [wrapped(`“${excerpt}”`, '      ')] : []),
    ...(fix ? [wrapped(`→ ${fix}`, '      ')] : []),
  ].join('\n')).join('\n')

const bare = (markup: string): string => parseRich(markup).map(one => one.text).join('')
export const comparedTold = ({ entries, order, missing, extra, page }: CompareResult): string => [
  ...entries.filter(one => !one.right).map(({ given, wanted, differences }) => [
    wrapped(bare(given), '  '),
    wrapped(`→ ${bare(wanted)}`, '      '),
    ...differences.map(({ says, source }) => wrapped(`- ${bare(says)}${source ? ` (${source})` : ''}`, '      ')),
  ].join('\n')),
  ...order.map(({ says }) => wrapped(`Order: ${bare(says)}`, '  ')),
  ...missing.map(id => wrapped(`Missing: ${id} is cited and not in the list.`, '  ')),
  ...extra.map(given => wrapped(`Not read: ${bare(given)}`, '  ')),
  ...page.map(says => wrapped(says, '  ')),
].join('\n')
