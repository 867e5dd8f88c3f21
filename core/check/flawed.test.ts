/** Short texts with faults that a careful marker would circle, and the findings expected in each: these and no others. */
import { describe, expect, it } from 'vitest'
import { compose } from '../compose/compose'
import { readMarkdown } from '../intake/markdown'
import { citationsOf, plainText } from '../sheet/walking'
import type { Source } from '../source/model'
import { styleOf } from '../styles'
import { wordsOf } from '../text/words'
import { checkPaper } from './checker'
import { fixAll } from './fixing'
import { SHELF } from './papers'
import type { CheckedPassage, PaperToCheck } from './setting'

interface Row {
  name: string
  style?: string
  text: string
  finds?: readonly string[]
  details?: Record<string, string>
  title?: string
  alsoList?: string[]
  passages?: CheckedPassage[]
  sources?: Source[]
  words?: number
}
const paperOf = ({
  style: id = 'apa-7',
  text,
  details,
  title = 'Still Water',
  alsoList = [],
  passages = [],
  sources = SHELF,
  words,
}: Row): PaperToCheck => {
  const style = styleOf(id)!
  const ids = new Set(sources.map((source) => source.id))
  const doc = readMarkdown(text, (key) => (ids.has(key) ? key : undefined))
  const composition = compose(style, sources, { citations: citationsOf(doc), alsoList })
  return {
    style,
    sources,
    doc,
    composition,
    alsoList,
    passages,
    title,
    ...(details ? { details } : {}),
    ...(words ? { words } : {}),
    today: [2026, 11, 28],
  }
}
const find = (row: Row) => checkPaper(paperOf(row))
const LONG =
  'The water stood in the pond from the first frost to the last, and nobody opened the gate, because the man who had the key had gone to the coast for the winter and had told no one in the parish where he had put it or when he meant to come home again.'

const CITATIONS: Row[] = [
  { name: 'a key that no source has', text: 'Sluices are older than mills [ref: tarn-1999, p. 4].', finds: ['citations.unknown-key'] },
  { name: 'typed, and in the list', text: 'Sluices are older than mills (Quill, 2018, p. 4).', finds: ['citations.typed'] },
  { name: 'typed in the sentence', text: 'As Quill (2018) shows, sluices are older than mills.', finds: ['citations.typed'] },
  {
    name: 'typed, two works in the wrong order',
    text: 'Sluices are older than mills (Quill, 2018; Moss, 2012).',
    finds: ['citations.typed-order'],
  },
  { name: 'typed, spelt otherwise', text: 'Sluices are older than mills (Quilll, 2018).', finds: ['citations.misspelt'] },
  { name: 'the author’s name spelt otherwise beside a citation', text: 'As Quille argues, sluices are older than mills [ref: quill-2018, p. 4].', finds: ['citations.misspelt'] },
  { name: 'typed at second hand', text: 'Sluices are older than mills (Rabbitt, 1982, as cited in Quill, 2018).', finds: ['citations.secondary'] },
  { name: 'numbers typed where nothing is cited yet', style: 'ieee', text: 'Sluices are older than mills [1]. Weirs came later [2].', finds: ['citations.typed-unsure', 'citations.typed-unsure'] },
  { name: 'typed with another year', text: 'Sluices are older than mills (Quill, 2017).', finds: ['citations.misspelt'] },
  { name: 'typed and not in the list', text: 'Sluices are older than mills (Harrow, 1987).', finds: ['citations.no-source'] },
  {
    name: 'said in the sentence and not in the list',
    text: 'Harrow (1987) argues that sluices are older than mills.',
    finds: ['citations.no-source'],
  },
  { name: 'typed as MLA cites', style: 'mla-9', text: 'Sluices are older than mills (Quill 4).', finds: ['citations.typed'] },
  {
    name: 'a number typed by hand',
    style: 'ieee',
    text: 'Sluices are older than mills [1], and cheaper [ref: quill-2018].',
    finds: ['citations.typed'],
  },
  {
    name: 'numbers that do not rise',
    style: 'ieee',
    text: 'Sluices are older than mills [2]. Weirs came later [1].',
    finds: ['citations.number-order'],
    sources: [],
  },
  {
    name: 'one place of one source twice',
    text: 'Sluices are older than mills [ref: quill-2018, p. 4; quill-2018, p. 4].',
    finds: ['citations.repeated'],
  },
  {
    name: 'a quotation without its page',
    text: 'Quill wrote that a sluice is “a door that the water is taught to use” [ref no-name: quill-2018].',
    finds: ['citations.no-page'],
  },
  {
    name: 'a block quotation without its page',
    text: `Nobody came:\n\n> ${LONG} [ref: quill-2018]\n\nThe key was the whole of the law.`,
    finds: ['citations.no-page'],
  },
  {
    name: 'a quotation from a page of the web, in APA',
    text: 'A lode is “cleared by hand and by patience” [ref: hollis-2023], as every walker sees.',
    finds: ['citations.no-place'],
  },
  { name: 'a page before the article begins', text: 'Still water has a price [ref: moss-2012, p. 4].', finds: ['citations.page-outside'] },
  {
    name: 'pages that run on past its end',
    text: 'Still water has a price [ref: moss-2012, pp. 27-31].',
    finds: ['citations.page-outside'],
  },
  {
    name: 'the author named, then cited',
    text: 'According to Moss, still water has a price [ref: moss-2012].',
    finds: ['citations.named-twice'],
  },
  {
    name: 'the author named, then cited, in MLA',
    style: 'mla-9',
    text: 'According to Moss, still water has a price [ref: moss-2012, p. 12].',
    finds: ['citations.named-twice'],
  },
  {
    name: 'both authors named, then cited',
    text: 'Brandt and Vane counted the eels twice [ref: brandt-2020].',
    finds: ['citations.named-twice'],
  },
  {
    name: 'a group named, then cited',
    text: 'The Fen Trust found the lodes choked [ref: fen-trust-2021].',
    finds: ['citations.named-twice'],
  },
  {
    name: 'the same work again, in MLA',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012, p. 12]. It is paid in silt [ref: moss-2012, p. 14].',
    finds: ['citations.again'],
  },
  {
    name: 'listed and never cited',
    text: 'Still water has a price [ref: moss-2012].',
    alsoList: ['quill-2018'],
    finds: ['citations.listed-uncited'],
  },
  {
    name: 'quoted at second hand',
    text: 'Water is the cheapest labourer [ref: moss-2012, p. 12, quoted in a letter].',
    finds: ['citations.secondary'],
  },
  { name: 'brackets around brackets', text: 'Still water has a price ([ref: moss-2012]).', finds: ['citations.bracketed'] },
  { name: 'behind the full stop', text: 'Still water has a price. [ref: moss-2012]', finds: ['citations.behind-stop'] },
  {
    name: 'before the stop of a block',
    text: `Nobody came:\n\n> ${LONG.slice(0, -1)} [ref: quill-2018, p. 9].\n\nThe key was the whole of the law.`,
    finds: ['citations.before-stop'],
  },
  { name: 'no space before it', text: 'Still water has a price[ref: moss-2012].', finds: ['citations.no-space'] },
]

const QUOTATIONS: Row[] = [
  {
    name: 'a quotation of nobody’s',
    text: 'Still water has a price [ref: moss-2012]. The gates were left alone for years. One miller called it “the long sleep of the lower pond” and left.',
    finds: ['quotations.no-citation'],
  },
  {
    name: 'forty words and more in the text',
    text: `Nobody came: “${LONG}” [ref: quill-2018, p. 9]. The key was the whole of the law.`,
    finds: ['quotations.long'],
  },
  {
    name: 'more than four lines in the text',
    style: 'mla-9',
    text: `Nobody came: “${LONG} ${LONG}” [ref: quill-2018, p. 9]. The key was the whole of the law.`,
    finds: ['quotations.long-lines'],
  },
  {
    name: 'a block of eight words',
    text: 'Quill says what a sluice is:\n\n> A door that the water is taught to use. [ref no-name: quill-2018, p. 9]\n\nNothing in it is a machine.',
    finds: ['quotations.short-block'],
  },
  {
    name: 'marks around a block',
    text: `Nobody came:\n\n> “${LONG}” [ref: quill-2018, p. 9]\n\nThe key was the whole of the law.`,
    finds: ['quotations.block-marks'],
  },
  {
    name: 'a comma outside, in American style',
    text: 'He called it “a door that the water learns”, and left [ref: quill-2018, p. 9].',
    finds: ['quotations.stops'],
  },
  {
    name: 'a comma inside, in British style',
    style: 'mhra-3',
    text: 'He called it ‘a door that the water learns,’ and left.[ref: quill-2018, p. 9]',
    finds: ['quotations.stops'],
  },
  {
    name: 'American marks in British style',
    style: 'mhra-3',
    text: 'He called it “a door that the water learns” and left.[ref: quill-2018, p. 9]',
    finds: ['quotations.marks'],
  },
  {
    name: 'straight marks',
    text: 'He called it "a door that the water learns" and left [ref: quill-2018, p. 9].',
    finds: ['quotations.straight'],
  },
  {
    name: 'a straight apostrophe among curly ones',
    text: 'The miller’s gate and the miller\'s wheel are one thing [ref: quill-2018].',
    finds: ['quotations.straight'],
  },
  {
    name: 'a mark that is never closed',
    text: 'He called it “a door that the water learns and left [ref: quill-2018, p. 9].',
    finds: ['quotations.unclosed'],
  },
  {
    name: 'a word that the passage does not have',
    text: 'A sluice is “a door that the water is forced to use” [ref: quill-2018, p. 9].',
    passages: [
      {
        sourceId: 'quill-2018',
        form: 'quotation',
        words: 'A sluice is a door that the water is taught to use.',
        original: '',
        locator: '9',
      },
    ],
    finds: ['quotations.strays'],
  },
  {
    name: 'mostly quotation',
    text: 'He says that “the gate is the only clock that the village has, and when it falls the carts come down the hill to the mill” [ref: quill-2018, p. 9], which is odd. He says too that “the pond is its face” [ref: quill-2018, p. 10], and so it may be.',
    finds: ['quotations.mostly'],
  },
  {
    name: 'dropped in',
    text: 'The gate mattered to everyone. “The gate is the only clock that the village has” [ref: quill-2018, p. 9]. It told them when to bring the corn.',
    finds: ['quotations.dropped-in'],
  },
  {
    name: 'a block with the last word',
    text: `Nobody came:\n\n> ${LONG} [ref: quill-2018, p. 9]\n\n# What Followed\n\nThe pond froze over.`,
    finds: ['quotations.last-word'],
  },
  {
    name: 'a paragraph that ends in another’s sentence',
    text: 'The gate mattered to everyone. As one miller says, “the gate is the only clock that the village has” [ref: quill-2018, p. 9].',
    finds: ['quotations.last-word'],
  },
]

const REST: Row[] = [
  {
    name: 'studies that show',
    text: 'Still water has a price [ref: moss-2012].\n\nStudies show that ponds fill from below. Nobody likes to hear it.',
    finds: ['own-words.nothing-behind'],
  },
  {
    name: 'it has been shown',
    text: 'It has been shown that ponds fill from below. Still water has a price, and somebody always pays it in the end. That much is sure [ref: moss-2012].',
    finds: ['own-words.nothing-behind'],
  },
  {
    name: 'it is widely known',
    text: 'It is widely known that ponds fill from below. Still water has a price, and somebody always pays it in the end. That much is sure [ref: moss-2012].',
    finds: ['own-words.nothing-behind'],
  },
  {
    name: 'a paragraph of claims and no source',
    text: 'Still water has a price [ref: moss-2012].\n\nMost of the old mills were given up before 1900, and few of them have turned since. The ponds behind them filled within thirty years, and the towns that had grown up around them lost the only reason they had to look after the channels, the gates and the banks that kept the sea out of their fields.\n\nWhat is left is a choice.',
    finds: ['own-words.no-source'],
  },
  {
    name: 'seven words of the source in a row',
    text: 'In that village the gate is the only clock that anyone looks at [ref: quill-2018, p. 9].',
    passages: [
      {
        sourceId: 'quill-2018',
        form: 'quotation',
        words: 'The gate is the only clock that anyone looks at, and it is never wrong.',
        original: '',
        locator: '9',
      },
    ],
    finds: ['own-words.too-close'],
  },
  {
    name: 'one source twice',
    text: 'Still water has a price [ref: moss-2012; moss-b].',
    sources: [...SHELF, { ...SHELF[0]!, id: 'moss-b' }],
    finds: ['list.twice'],
  },
  {
    name: 'given names in two forms, where they are printed',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012; quill-2018; brandt-2020; short].',
    sources: [
      ...SHELF,
      {
        id: 'short',
        kind: 'book',
        fields: {
          author: [{ family: 'Yarrow', given: 'P. K.' }],
          issued: { start: { year: 2001 } },
          title: 'Gates',
          publisher: 'Heron Press',
        },
      },
    ],
    finds: ['list.given-names'],
  },
  {
    name: 'et al. typed as a name',
    style: 'chicago-18-notes',
    text: 'Still water has a price.[ref: loud, p. 3]',
    sources: [
      {
        id: 'loud',
        kind: 'book',
        fields: {
          author: [{ literal: 'ed. by Moss et al.' }],
          issued: { start: { year: 2001 } },
          title: 'Gates',
          publisher: 'Heron Press',
        },
      },
    ],
    finds: ['name-et-al'],
  },
  {
    name: 'no year',
    text: 'Still water has a price [ref: undated].',
    sources: [
      { id: 'undated', kind: 'book', fields: { author: [{ family: 'Yarrow', given: 'Pim' }], title: 'Gates', publisher: 'Heron Press' } },
    ],
    finds: ['missing'],
  },
  { name: 'a tab for an indent', text: '\tStill water has a price [ref: moss-2012].', finds: ['page.indent'] },
  {
    name: 'spaces for an indent',
    text: 'Still water has a price [ref: moss-2012].\n\n&nbsp;&nbsp;&nbsp;Nobody likes to hear it.',
    finds: ['page.indent'],
  },
  {
    name: 'an empty paragraph',
    text: 'Still water has a price [ref: moss-2012].\n\n&nbsp;\n\nNobody likes to hear it.',
    finds: ['page.empty'],
  },
  { name: 'lines left empty', text: 'Still water has a price [ref: moss-2012].\n\n\n\nNobody likes to hear it.', finds: ['page.empty'] },
  { name: 'a running head said to be one', text: 'Running head: STILL WATER\n\nStill water has a price [ref: moss-2012].', finds: ['page.running-head'] },
  { name: 'two spaces after a stop', text: 'Still water has a price [ref: moss-2012].  Nobody likes to hear it.', finds: ['page.spaces'] },
  { name: 'a space before a comma', text: 'Still water , as they say, has a price [ref: moss-2012].', finds: ['page.space-before'] },
  { name: 'no space after a comma', text: 'Still water,as they say, has a price [ref: moss-2012].', finds: ['page.no-space'] },
  {
    name: 'a page number in the text',
    text: 'Still water has a price [ref: moss-2012].\n\nPage 3\n\nNobody likes to hear it.',
    finds: ['page.number'],
  },
  {
    name: 'a running head in the text',
    text: 'Still water has a price [ref: moss-2012].\n\nVale 2\n\nNobody likes to hear it.',
    finds: ['page.running-head'],
  },
  {
    name: 'a level skipped',
    text: '# The Pond\n\nStill water has a price [ref: moss-2012].\n\n### The Gate\n\nNobody likes to hear it.',
    finds: ['page.heading-skipped'],
  },
  { name: 'first heading too low', text: '## The Pond\n\nStill water has a price [ref: moss-2012].', finds: ['page.heading-skipped'] },
  { name: 'a stop after a heading', text: '# The Pond.\n\nStill water has a price [ref: moss-2012].', finds: ['page.heading-stop'] },
  { name: 'bold for a heading', text: '**The Pond**\n\nStill water has a price [ref: moss-2012].', finds: ['page.heading-bold'] },
  { name: 'the title typed again', text: 'Still Water\n\nStill water has a price [ref: moss-2012].', finds: ['page.title-again'] },
  {
    name: 'no title and no course',
    text: 'Still water has a price [ref: moss-2012].',
    title: '',
    details: { writer: 'A. Vale', institution: 'Northmere', instructor: 'Dr. Hume', date: 'May 3, 2026' },
    finds: ['page.title', 'page.details'],
  },
  {
    name: 'a list typed at the end',
    text: 'Still water has a price [ref: moss-2012].\n\n# References\n\nMoss, I. (2012). The price of still water. *Journal of Weirs*, *7*(1), 11–29. https://doi.org/10.5555/jw.2012.11',
    finds: ['list.typed'],
  },
  {
    name: 'far over the target',
    text: 'Still water has a price [ref: moss-2012].',
    details: { writer: 'A', institution: 'B', course: 'C', instructor: 'D', date: 'May 3, 2026', target: '1000' },
    words: 1300,
    finds: ['page.too-long'],
  },
]

describe.each([['citations', CITATIONS], ['quotations', QUOTATIONS], ['own words, list and page', REST]] as const)('%s', (_, rows) => {
  it.each(rows.map(row => [row.name, row] as const))('%s', (_, row) => {
    expect(find(row).map(one => one.rule).sort()).toEqual([...row.finds!].sort())
  })
})

const CLEAN: Row[] = [
  { name: 'a plain citation', text: 'Still water has a price [ref: moss-2012, p. 12].' },
  {
    name: 'a narrative one',
    text: '[ref in-text: moss-2012] puts the price of still water at “one wet field in ten” (p. 12). That was before the drought.',
  },
  { name: 'a term in marks', text: 'What millers call “dead water” is the last to leave [ref: moss-2012, p. 12].' },
  { name: 'a title in marks', text: 'In “The Price of Still Water,” the argument begins with a ledger [ref: moss-2012, p. 11].' },
  {
    name: 'a block led in by its author',
    text: `[ref in-text: quill-2018] remembers the winter:\n\n> ${LONG} [ref no-name: quill-2018, p. 9]\n\nThe key was the whole of the law.`,
  },
  {
    name: 'years, figures and abbreviations',
    text: 'From 1861 to 1880 (see Figure 2) the rate rose by 3.5 points, e.g. in St. Ives, i.e. at 4 p.m. on most days [ref: brandt-2020, p. 203].',
  },
  {
    name: 'brackets that cite nothing',
    text: 'The Reform Act (1832) changed little here, and the drought (June 1976) changed everything (Chapter 3) [ref: moss-2012].',
  },
  {
    name: 'dialogue at the edge',
    text: '“The gate,” he said, “is the only clock that anyone looks at” [ref: quill-2018, p. 9]. Nobody looks at it now.',
  },
  {
    name: 'a question quoted',
    text: 'The miller asks, “Who would pay to look at a pond?” [ref: quill-2018, p. 9]. The council has no answer.',
  },
  {
    name: 'MLA, two works',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012, p. 12]. Its history is long [ref: quill-2018, p. 40].',
  },
  { name: 'MLA, the page alone', style: 'mla-9', text: 'Moss finds that still water has a price [ref no-name: moss-2012, p. 12].' },
  {
    name: 'MLA, again from another page of the web',
    style: 'mla-9',
    text: 'A lode is “cleared by hand and by patience” [ref: hollis-2023], as every walker sees.',
  },
  {
    name: 'Chicago notes behind the stop',
    style: 'chicago-18-notes',
    text: 'Still water has a price.[ref: moss-2012, p. 12] “A sluice is a door,” says the historian.[ref: quill-2018, p. 9] It opens seldom.',
  },
  {
    name: 'a footnote of one’s own',
    style: 'chicago-18-notes',
    text: 'Still water has a price.[^1]\n\n[^1]: I owe this to the keeper of the lock.',
  },
  { name: 'numbers', style: 'ieee', text: 'Still water has a price [ref: moss-2012], and its history is long [ref: quill-2018, p. 40].' },
  {
    name: 'headings in order',
    text: '# The Pond\n\nStill water has a price [ref: moss-2012].\n\n## The Gate\n\nIts history is long [ref: quill-2018].\n\n# The Wheel\n\nNobody has priced it.',
  },
  {
    name: 'a list and a table',
    text: 'Three things are wanted [ref: quill-2018]:\n\n- a gate\n- a pond\n- a wheel\n\n| Year | Eels |\n| --- | --- |\n| 2018 | 40 |\n\nNone of them is dear.',
  },
  {
    name: 'opening and closing without a source',
    text: 'Most of the ponds were dug before 1800, and half of them are gone. This paper asks who lost them and what it would cost to have them back, and it begins with a gate that has been shut for forty years and with the people who shut it.\n\nStill water has a price [ref: moss-2012].\n\nThe gate can be opened in a day. What comes after it takes ten years.',
  },
  {
    name: 'surveys that were named',
    text: '[ref in-text: brandt-2020] and [ref in-text: adair-2016] counted for ten years. The surveys agree that eels come back first [ref: brandt-2020, p. 203; adair-2016, p. 90].',
  },
  {
    name: 'British marks and stops',
    style: 'mhra-3',
    text: 'He called it ‘a door that the water is taught to use’, and left.[ref: quill-2018, p. 9]',
  },
  {
    name: 'a quotation within one',
    text: 'Quill’s miller says that “the word ‘patience’ was not one that we used” [ref no-name: quill-2018, p. 9], though he had it.',
  },
  {
    name: 'author–date in Chicago',
    style: 'chicago-18-author-date',
    text: 'Still water has a price [ref: moss-2012, p. 12], and a long history [ref: quill-2018].',
  },
  {
    name: 'letters and ellipses',
    text: 'What the ledger says ... is little, and Mr. A. B. Hale Jr. knew it; so did the U.S. engineers of 1911 [ref: moss-2012, p. 13].',
  },
  { name: 'a name that is no author here', text: 'Moss grows on the gate, and Moss Street runs beside it [ref: moss-2012, p. 13].' },
]
describe('texts in which a marker would circle nothing', () => {
  it.each(CLEAN.map(row => [row.name, row] as const))('%s', (_, row) => {
    expect(find(row).map(one => `${one.rule}: ${one.excerpt}`)).toEqual([])
  })
})

describe('every certain fix done', () => {
  const rows = [...CITATIONS, ...QUOTATIONS, ...REST].filter(row => find(row).some(one => one.certain))
  it.each(rows.map(row => [row.name, row] as const))('%s', (_, row) => {
    const given = paperOf(row)
    const before = checkPaper(given)
    const { doc, sources, alsoList } = fixAll(given, () => true)
    const composition = compose(given.style, sources, { citations: citationsOf(doc), alsoList })
    const after = checkPaper({ ...given, doc, sources, alsoList, composition })
    expect(after.filter(one => one.certain)).toEqual([])
    const left = before.filter(one => !one.certain).map(one => one.rule)
    expect(after.map(one => one.rule).filter(rule => !left.includes(rule))).toEqual([])
    // No word of the writer's is lost but what the fix takes away: a typed citation, a page number, a title printed twice.
    if (before.some(one => /^(?:citations\.typed|citations\.misspelt|page\.number|page\.title-again)/u.test(one.rule))) return
    const words = (node: typeof doc) => wordsOf(plainText(node)).map(({ word }) => word.toLowerCase().replace(/['’]/gu, ''))
    expect(words(doc)).toEqual(words(given.doc))
  })
})
