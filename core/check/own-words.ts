/** Findings about the writer's own words: what rests on nothing, what is somebody's without a name, what is too close to its source. */
import { textEnds } from '../sheet/appendices'
import { matchesOf } from '../text/matches'
import { countOf } from '../text/words'
import { closeness } from './closeness'
import { blotted, citationsIn, ofBlock, quotedAt, readable, sentenceAt, type Line } from './reading'
import { cut, wordsAt, type BlockRule, type Found, type RuleFamily, type WholeRule } from './setting'

/** People and things that say something without anyone saying who. */
const NOBODY =
  /(?<![\p{L}-])(?:according to (?:a|one|some|many|several|recent|new|various|the latest|most) (?:(?:recent|new|major|\d{4}) ){0,2}(?:stud(?:y|ies)|surveys?|polls?|reports?|research|researchers|experts?|scientists?|scholars?|historians|critics|articles?|websites?|estimates|statistics)(?![\p{L}-])|(?:(?:many |most |some |several |numerous |countless |various |recent |previous |modern |the ){0,3}(?:studies|research|researchers|experts|scientists|scholars|historians|critics|economists|psychologists|surveys|statistics|data|evidence|reports|authorities|academics|sources)|it (?:is|has been|was) (?:widely |generally |commonly |often |well |long )?(?:known|believed|accepted|thought|said|agreed|argued|estimated|shown|proven|proved|established|demonstrated|suggested)|(?:many|some|most)(?: people)? (?:believe|argue|say|claim|think|agree))\s+(?:(?:have|has|had|also|often|clearly|consistently|long|now|generally|widely|repeatedly|shown|all)\s+){0,3}(?:shows?|shown|suggests?|suggested|finds?|found|proves?|proved|proven|agrees?|agreed|believes?|believed|says?|said|argues?|argued|indicates?|indicated|demonstrates?|demonstrated|reveals?|revealed|confirms?|confirmed|claims?|claimed|estimates?|estimated|reports?|reported|that)(?![\p{L}-]))/giu

const NOBODY_ONCE = new RegExp(NOBODY.source, 'iu')

const hasNear = (line: Line, from: number, sentences: number): boolean => {
  const i = sentenceAt(line, from)
  const [first, last] = [line.sentences[i]!, line.sentences[Math.min(line.sentences.length - 1, i + sentences)]!]
  return citationsIn(line, first.from, last.to + 1).some(({ data }) => data.items.length > 0)
}

const nothingBehind: BlockRule = ({ reading }) => reading.lines.flatMap((line): Found[] => {
  if (line.kind !== 'paragraph' && line.kind !== 'item') return []
  return matchesOf(line.text, NOBODY)
    .filter(match => !hasNear(line, match.index, 1) && !quotedAt(line, match.index))
    // “The surveys agree” of surveys that were cited a moment before are no strangers.
    .filter(match => !/^(?:the|these|those|both) /iu.test(match[0]) || !((line.citations[0]?.at ?? Infinity) < match.index))
    .map(match => {
      const sentence = line.sentences[sentenceAt(line, match.index)]!
      return {
        check: 'own-words.nothing-behind' as const,
        with: { words: match[0] },
        excerpt: cut(readable(line.text.slice(sentence.from, sentence.to))),
        where: wordsAt(line, match.index, match.index + match[0].length),
      }
    })
})

/** What a reader would ask the source of: numbers of things, years, shares, causes, “most”. */
const CLAIM =
  /\b(?:\d[\d,.]*\s?(?:%|per ?cent|percent|million|billion|thousand|years|people|tons|tonnes|kilomet|miles|metres|meters|hectares|acres|degrees|households|students|workers|deaths|cases)|(?:1[5-9]|20)\d{2}s?|one in (?:two|three|four|five|six|ten|\d+)|half of (?:all|the|them)|two thirds|three quarters|a (?:third|quarter|majority) of|(?:most|nearly all|almost all|the majority) (?:of (?:the )?)?\p{L}{3,}(?: \p{L}+)? (?:are|were|have|had|was|is|do|did)|increased by|decreased by|fell by|rose by|doubled|tripled|the (?:first|largest|oldest|highest|most \p{L}+) \p{L}+ (?:in|of) (?:the|all)|was (?:built|founded|invented|discovered|abolished|introduced|passed) (?:in|by))(?!\p{L})/giu
/** Shorter paragraphs lead in, lead over and sum up. */
const BODY = 35

/** The first sentence of a paragraph that claims something, where the paragraph is long enough to be one of the body and cites nothing. */
const claimIn = ofBlock(({ kind, lines, citations }) => {
  const [line] = lines
  if (kind !== 'paragraph' || !line || citations.length || countOf(line.text) < BODY) return undefined
  const first = matchesOf(line.text, CLAIM).find(match => !quotedAt(line, match.index))
  return first && !NOBODY_ONCE.test(line.text) ? { line, sentence: line.sentences[sentenceAt(line, first.index)]! } : undefined
})
/** A paragraph of the body that claims things and cites nothing; of more than two, the first and the last open and close. */
const noSource: WholeRule = ({ doc, readings, composition, paper }) => {
  if (!composition.citations.length && !paper.sources.length) return []
  const body = readings.slice(0, textEnds(doc)).flatMap((reading, block) => (reading.kind === 'paragraph' && reading.lines[0]!.text.trim() ? [{ reading, block }] : []))
  return (body.length > 2 ? body.slice(1, -1) : body).flatMap(({ reading, block }): Found[] => {
    const claim = claimIn(reading)
    if (!claim) return []
    const { line, sentence } = claim
    // Beside a block quotation it speaks of that, and a source named is a source.
    if (readings[block + 1]?.kind === 'quotation' || readings[block - 1]?.kind === 'quotation') return []
    if (paper.names().some(name => line.text.includes(name))) return []
    const excerpt = cut(readable(line.text.slice(sentence.from, sentence.to)))
    return [{ check: 'own-words.no-source', excerpt, where: { at: 'words', block, path: line.path, from: sentence.from, to: sentence.to } }]
  })
}

/** Words that stand in a row in a passage's original, outside quotation marks. */
const tooClose: BlockRule = ({ reading, paper }) => reading.lines.flatMap((line): Found[] => {
  if (line.kind !== 'paragraph' && line.kind !== 'item') return []
  const ids = new Set(line.citations.flatMap(one => one.data.items.map(item => item.id)))
  const own = blotted(line)
  for (const id of ids) {
    for (const passage of paper.passagesOf(id)) {
      const original = passage.form === 'quotation' ? passage.words : passage.original
      if (!original) continue
      const { runs } = closeness(own, original)
      const run = runs.find(one => one.words >= 7)
      if (!run) continue
      return [
        {
          check: 'own-words.too-close',
          with: { count: String(run.words) },
          excerpt: cut(readable(line.text.slice(run.from, run.to))),
          where: wordsAt(line, run.from, run.to),
        },
      ]
    }
  }
  return []
})

export const OWN_WORDS: RuleFamily = { block: [nothingBehind, tooClose], whole: [noSource] }
