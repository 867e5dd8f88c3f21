/**
 * The rules of Check, a row each: the family a finding stands in, its few words, its sentence and the manual's topic that
 * it comes from. A sentence may ask the style, as those of `styles/rules.ts` do ({page.blockQuote.words}), and the rule
 * itself ([pages]). Findings about a source's details have their words in their own rules (`detail-*.ts`).
 */
import { sayIn } from '../styles/sentence'
import type { Topic } from '../styles/ids'
import type { Style } from '../styles/schema'
import { rowOf } from '../text/lookup'
import type { Family } from './finding'

export interface CheckRow {
  family: Family
  brief: string
  says: string
  topic?: Topic
  /** A question to the writer, where others are faults. */
  asks?: boolean
}
const fault = (family: Family, brief: string, says: string, topic?: Topic): CheckRow => ({
  family,
  brief,
  says,
  ...(topic ? { topic } : {}),
})
const question = (family: Family, brief: string, says: string, topic?: Topic): CheckRow => ({
  ...fault(family, brief, says, topic),
  asks: true,
})

export const CHECKS = {
  // Citations
  'citations.unknown': fault(
    'citations',
    'No such source',
    'This citation names a source that the paper does not have. Add it in Gather, or cite another.',
    'correspondence',
  ),
  'citations.unknown-key': fault('citations', 'A mark without its source', 'No source of the paper has the key [key].', 'correspondence'),
  'citations.no-source': fault(
    'citations',
    'No such source',
    'Nothing in the paper’s sources is [who]. A reader will look for it in the list.',
    'correspondence',
  ),
  'citations.misspelt': fault('citations', 'Name or year differs', 'The list has [listed]; the text says [typed].', 'correspondence'),
  'citations.typed': fault(
    'citations',
    'Typed by hand',
    'This citation is typed, so it does not follow the list or the style. It is [listed].',
    'form',
  ),
  'citations.typed-unsure': question(
    'citations',
    'Typed by hand',
    'This citation is typed, so it does not follow the list or the style. It may be [listed].',
    'form',
  ),
  'citations.typed-order': fault('citations', 'Works in another order', 'Works in one citation stand in the order of the list.', 'order'),
  'citations.repeated': fault('citations', 'Named twice in one citation', 'The same place of the same source stands in it twice.', 'order'),
  'citations.listed-uncited': fault(
    'citations',
    'Listed, never cited',
    'It stands in the list, and the text does not cite it.',
    'correspondence',
  ),
  'citations.left-out': fault(
    'citations',
    'Cited, not listed',
    'The text cites it, and it is left out of the list, where readers look for it.',
    'correspondence',
  ),
  'citations.no-page': fault('citations', 'A quotation without its page', 'A quotation gives its page.', 'place'),
  'citations.no-place': fault(
    'citations',
    'A quotation without its place',
    'A quotation gives its place: where there are no pages, a paragraph, a section or a time.',
    'place',
  ),
  'citations.page-outside': fault('citations', 'A page outside the source', 'The [kind] runs from [first] to [last].', 'place'),
  'citations.backwards': fault('citations', 'A range that runs backwards', '[range]: the lower page comes first.', 'place'),
  'citations.side-by-side': fault(
    'citations',
    'Two citations side by side',
    'Works that are cited for the same words stand in one citation.',
    'form',
  ),
  'citations.number-none': fault('citations', 'A number that the list does not have', 'The list has [count], and nothing in it is [given].', 'correspondence'),
  'citations.address': fault(
    'citations',
    'An address for a citation',
    'An address stands in the list. The text says who wrote it, as every citation does.',
    'form',
  ),
  'citations.page-of-none': question('citations', 'A page of what has none', 'A [kind] has no pages: give a paragraph, a heading or a time.', 'place'),
  'citations.looks-back': fault('citations', 'A word that only looks back', '“[word]” is not used here: the source is named again.', 'form'),
  'citations.named-twice': fault('citations', 'Named already', 'The sentence names [who] already.', 'narrative'),
  'citations.again': fault(
    'citations',
    'The same work again',
    'The citation before it in the paragraph names the same work: the page is enough.',
    'again',
  ),
  'citations.number-order': fault(
    'citations',
    'Numbers out of order',
    'Works are numbered as they are first cited: [wanted] would come here, not [given].',
    'order',
  ),
  'citations.secondary': question(
    'citations',
    'Quoted at second hand',
    'What is quoted was read in another’s work. Cite the original if it can be had.',
    'secondary',
  ),
  'citations.place-in-words': fault(
    'citations',
    'A place among the words',
    '“[words]” is a place in the source, typed as words of your own.',
    'place',
  ),
  'citations.bracketed': fault('citations', 'Brackets around brackets', 'The citation brings its own brackets.', 'form'),
  'citations.behind-stop': fault(
    'citations',
    'Behind the full stop',
    'A citation in the text belongs to its sentence: the full stop comes after it.',
    'form',
  ),
  'citations.before-stop': fault(
    'citations',
    'Before the full stop',
    'A block quotation ends with its own stop, and the citation comes after it.',
    'block',
  ),
  'citations.no-space': fault('citations', 'No space before it', 'The citation stands against the word before it.', 'form'),

  // Quotations
  'quotations.no-citation': fault(
    'quotations',
    'A quotation without a citation',
    'These words are in quotation marks and nothing near them says whose they are.',
    'quoting',
  ),
  'quotations.long': fault(
    'quotations',
    'Long enough for a block',
    '[length]: from {page.blockQuote.words} on a quotation stands as a block, without marks.',
    'block',
  ),
  'quotations.long-lines': fault(
    'quotations',
    'Long enough for a block',
    '[length]: a quotation of more than {page.blockQuote.lines} lines stands as a block, without marks.',
    'block',
  ),
  'quotations.short-block': fault(
    'quotations',
    'Too short for a block',
    '[length]: a quotation of fewer than {page.blockQuote.words} words stands in the text, in quotation marks.',
    'short',
  ),
  'quotations.short-block-lines': fault(
    'quotations',
    'Too short for a block',
    '[length]: a quotation of up to {page.blockQuote.lines} lines stands in the text, in quotation marks.',
    'short',
  ),
  'quotations.block-marks': fault(
    'quotations',
    'Marks around a block',
    'The indent says that it is quoted; quotation marks say it twice.',
    'block',
  ),
  'quotations.stops': fault(
    'quotations',
    'A stop on the wrong side',
    'Commas and full stops stand {stopsInside?true=inside|false=outside} the closing quotation mark.',
    'stops',
  ),
  'quotations.marks': fault(
    'quotations',
    'Another style’s marks',
    'Quotations stand in {quotes.outer.0}such{quotes.outer.1} marks, those inside them in {quotes.inner.0}such{quotes.inner.1}.',
    'marks',
  ),
  'quotations.straight': fault(
    'quotations',
    'Straight marks',
    'Straight quotation marks and apostrophes are for typewriters and code: [count] in the paper.',
    'marks',
  ),
  'quotations.before-citation': fault(
    'quotations',
    'A stop before the citation',
    'Where a citation follows the closing quotation mark, the sentence’s stop comes after the citation.',
    'short',
  ),
  'quotations.points-first': fault(
    'quotations',
    'Points at the beginning',
    'A quotation begins with its first word: that something stands before it goes without saying.',
    'accuracy',
  ),
  'quotations.unclosed': fault(
    'quotations',
    'A mark without its other half',
    'This quotation mark has no other half in its paragraph.',
    'marks',
  ),
  'quotations.strays': fault(
    'quotations',
    'Not as its source has it',
    'The passage you took does not say “[stray]”. What is left out takes points, what is changed takes brackets.',
    'accuracy',
  ),
  'quotations.mostly': question(
    'quotations',
    'Mostly quotation',
    '[share] of every hundred words of this paragraph are someone else’s. What do you make of them?',
    'quoting',
  ),
  'quotations.dropped-in': question(
    'quotations',
    'Dropped in',
    'The quotation is a sentence by itself. Who says it, and why here?',
    'introducing',
  ),
  'quotations.last-word': question(
    'quotations',
    'The quotation has the last word',
    'Nothing of yours follows it. What does it show?',
    'introducing',
  ),

  // Your own words
  'own-words.no-source': question(
    'own-words',
    'No source in the paragraph',
    'Nothing in this paragraph says where this comes from. Is it known to everyone?',
    'citing',
  ),
  'own-words.nothing-behind': question('own-words', 'Nobody behind it', '“[words]”: whose? Nothing is cited for it.', 'citing'),
  'own-words.too-close': fault(
    'own-words',
    'Too close to its source',
    '[count] words in a row are the source’s own. Quote them, or say it in words and an order of your own.',
    'paraphrase',
  ),

  // List
  'list.given-names': question(
    'list',
    'Given names in two forms',
    '[short] has initials where others have the whole given name.',
    'entries',
  ),
  'list.accessed': question('list', 'Days of reading on some', 'Some pages give the day they were read, and this one does not.', 'entries'),
  'list.doi': question('list', 'DOIs on some', 'Other articles of the list give a DOI, and this one does not. Has it one?', 'entries'),
  'list.twice': fault('list', 'One source twice', 'This looks like [other]: the same [by].', 'correspondence'),
  'list.typed': fault(
    'list',
    'A list typed in the text',
    'The paper has its list typed in the text, and Dendle prints its own after it.',
    'correspondence',
  ),

  // Page
  'page.indent': fault('page', 'Indented by hand', 'The paragraph begins with [what]. The style indents it.', 'indents'),
  'page.empty': fault('page', 'Empty lines', '[count] between paragraphs. The style sets the space.', 'spacing'),
  'page.spaces': fault('page', 'Doubled spaces', 'One space between words, and one after a full stop.', 'spacing'),
  'page.space-before': fault('page', 'A space before a mark', 'No space stands before [mark].', 'spacing'),
  'page.no-space': fault('page', 'No space after a mark', 'A space follows [mark].', 'spacing'),
  'page.dash': fault('page', 'Hyphens for a dash', 'Two hyphens are a typewriter’s dash.', 'spacing'),
  'page.doubled': fault('page', 'A mark twice', '[mark] stands twice.', 'spacing'),
  'page.number': fault(
    'page',
    'A page number in the text',
    'Page numbers are printed at the head of every page by themselves.',
    'pageNumbers',
  ),
  'page.running-head': fault(
    'page',
    'A running head in the text',
    'This line comes again and again, as a running head does. Dendle prints that by itself.',
    'pageNumbers',
  ),
  'page.heading-skipped': fault('page', 'A level skipped', '[after], the next heading is of level [wanted], not [given].', 'headings'),
  'page.heading-stop': fault('page', 'A stop after a heading', 'A heading on a line of its own ends without a full stop.', 'headings'),
  'page.heading-bold': fault(
    'page',
    'A heading in bold type',
    'This line looks like a heading and is a paragraph in bold. As a heading it is set by its level.',
    'headings',
  ),
  'page.heading-capitals': fault(
    'page',
    'A heading in capitals',
    'This line looks like a heading and is a paragraph in capitals. As a heading it is set by its level.',
    'headings',
  ),
  'page.appendix-typed': fault(
    'page',
    'An appendix lettered by hand',
    'Marked as an appendix, it is lettered by itself, begins its page and stands where the style has it.',
  ),
  'page.title': fault('page', 'No title', 'The paper has no title yet.', 'title'),
  'page.title-again': fault('page', 'The title again', 'The paper’s title is printed above the text already.', 'title'),
  'page.details': fault('page', 'Details missing', 'The first page asks for [missing].', 'details'),
  'page.too-short': question('page', 'Under the target', '[words] of [target] words: [by] to go.'),
  'page.too-long': question('page', 'Over the target', '[words] words where [target] are asked for: [by] too many.'),
} as const satisfies Record<string, CheckRow>
export type CheckId = keyof typeof CHECKS

export const checkRow = (id: CheckId): CheckRow => CHECKS[id]
export const isCheck = (id: string): id is CheckId => rowOf(CHECKS, id) !== undefined

/** A rule's sentence in a style, with what the rule itself found; what fills a slot is printed as it stands. */
export const sayCheck = (style: Style, id: CheckId, filled: Readonly<Record<string, string>> = {}): string =>
  sayIn(style, checkRow(id).says)
    .map(piece => piece.text)
    .join('')
    .split(/(\[\w+\])/u)
    .map(part => (part.startsWith('[') ? (rowOf(filled, part.slice(1, -1)) ?? '') : part))
    .join('')
    .replace(/^\p{Ll}/u, first => first.toUpperCase())

/** The manual's section behind a rule. */
export const sectionOf = (style: Style, id: CheckId): string => {
  const { topic } = checkRow(id)
  return topic ? (style.sections[topic] ?? style.manual) : ''
}
