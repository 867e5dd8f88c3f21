/**
 * How each rule is broken when everything is typed by hand: short texts by the manuals' chapters on citing, quoting and
 * setting a page, each with what a marker would circle in it and nothing else.
 */
import { LONG, type Row } from './papers'

type Line = readonly [name: string, style: string, text: string, finds: readonly string[]]

const LINES: readonly Line[] = [
  // Author–date, typed
  ['two works in one bracket, typed in order', 'apa-7', 'Still water costs (Moss, 2012; Quill, 2018).', ['citations.typed']],
  ['two authors joined by a word in brackets', 'apa-7', 'Eels are counted twice (Brandt and Vane, 2020).', ['citations.typed']],
  ['two authors joined by a sign in the sentence', 'apa-7', 'Brandt & Vane (2020) counted the eels twice.', ['citations.typed']],
  ['three authors all named', 'apa-7', 'Reeds hold more than silt (Adair, Bly, & Cade, 2016).', ['citations.typed']],
  ['et al. without its stop', 'apa-7', 'Reeds hold more than silt (Adair et al, 2016).', ['citations.typed']],
  ['no comma before the year', 'apa-7', 'Sluices are older than mills (Quill 2018).', ['citations.typed']],
  ['a page with a colon', 'apa-7', 'Sluices are older than mills (Quill, 2018: 4).', ['citations.typed']],
  ['a page by its whole word', 'apa-7', 'Sluices are older than mills (Quill, 2018, page 4).', ['citations.typed']],
  ['initials before the surname', 'apa-7', 'Sluices are older than mills (A. Quill, 2018).', ['citations.typed']],
  ['an organisation, typed', 'apa-7', 'The lodes are choked (Fen Trust, 2021).', ['citations.typed']],
  ['an organisation with the article', 'apa-7', 'The lodes are choked (The Fen Trust, 2021).', ['citations.typed']],
  ['a comma before the bracket', 'harvard', 'Quill, (2018) holds that sluices are older than mills.', ['citations.typed']],
  ['square brackets around a year', 'apa-7', 'Quill [2018] holds that sluices are older than mills.', ['citations.typed']],
  ['see before the name', 'apa-7', 'Sluices are older than mills (see Quill, 2018, p. 4).', ['citations.typed']],
  ['e.g. before several', 'apa-7', 'Still water costs (e.g., Moss, 2012; Quill, 2018).', ['citations.typed']],
  ['a year that is another’s', 'apa-7', 'Eels are counted twice (Brandt & Vane, 2016).', ['citations.misspelt']],
  ['one letter wrong in an organisation', 'apa-7', 'The lodes are choked (Fenn Trust, 2021).', ['citations.misspelt']],
  ['the possessive in the sentence', 'apa-7', 'Quill’s (2018) history begins with the gate.', ['citations.typed']],
  ['a letter behind the year that nothing has', 'apa-7', 'Sluices are older than mills (Quill, 2018a).', ['citations.typed']],
  ['n.d. for a work that has its year', 'apa-7', 'Lodes are cleared by hand (Hollis, n.d.).', ['citations.misspelt']],
  ['a second author left out', 'apa-7', 'Eels are counted twice (Brandt, 2020).', ['citations.typed']],
  ['someone who is nowhere, among one who is', 'apa-7', 'Still water costs (Moss, 2012; Tarn, 1999).', ['citations.no-source']],
  ['a website’s address for a citation', 'apa-7', 'Lodes are cleared by hand (https://lodenotes.example/clearing).', ['citations.address']],
  ['second hand in Harvard’s words', 'harvard', 'Sluices are older than mills (Rabbitt, 1982, cited in Quill, 2018, p. 4).', ['citations.secondary']],

  // MLA, typed
  ['a comma between name and page', 'mla-9', 'Sluices are older than mills (Quill, 4).', ['citations.typed']],
  ['p. before the page', 'mla-9', 'Sluices are older than mills (Quill p. 4).', ['citations.typed']],
  ['a year in MLA', 'mla-9', 'Sluices are older than mills (Quill, 2018, p. 4).', ['citations.typed']],
  ['two authors by the sign', 'mla-9', 'Eels are counted twice (Brandt & Vane 203).', ['citations.typed']],
  ['the page alone behind the author’s name', 'mla-9', 'Quill holds that “sluices are older than mills” (4), and he may be right.', ['citations.typed-unsure']],
  ['a title for a name', 'mla-9', 'Lodes are cleared by hand (“How a Lode Is Cleared”).', ['citations.typed-unsure']],

  // Numbers, typed
  ['two numbers as two citations', 'ieee', 'Still water costs [1], [2], as many say [ref: moss-2012; quill-2018].', ['citations.typed']],
  ['a number above the list’s', 'ieee', 'Still water costs [ref: moss-2012]. It always has [7].', ['citations.number-none']],
  ['author and year in a numbered style', 'ieee', 'Still water costs (Moss, 2012).', ['citations.typed']],
  ['author and year in a style of notes', 'chicago-18-notes', 'Still water costs (Moss 2012, 14).', ['citations.typed']],

  // Places
  ['a page range backwards', 'apa-7', 'Still water costs [ref: moss-2012, pp. 20-14].', ['citations.backwards']],
  ['p. with several pages, typed', 'apa-7', 'Still water costs (Moss, 2012, p. 14-16).', ['citations.typed']],
  ['the same work twice, its first mention a citation', 'apa-7', 'According to [ref in-text: moss-2012], still water costs money [ref: moss-2012].', ['citations.named-twice']],
  ['two brackets side by side', 'apa-7', 'Still water costs [ref: moss-2012] [ref: quill-2018].', ['citations.side-by-side']],

  // Looking back
  ['idem. in author–date', 'harvard', 'Still water has a price [ref: moss-2012]. It is paid in silt (idem, p. 14).', ['citations.looks-back']],
  ['loc. cit. in APA', 'apa-7', 'Still water has a price [ref: moss-2012, p. 12]. It is paid in silt (loc. cit.).', ['citations.looks-back']],

  // Quoting
  ['single marks in American style', 'apa-7', 'He called it ‘a door that the water learns’ and left [ref: quill-2018, p. 9].', ['quotations.marks']],
  ['a full stop inside before the citation', 'apa-7', 'He called it “a door that the water learns.” [ref: quill-2018, p. 9].', ['quotations.before-citation']],
  ['a comma inside before the citation', 'mla-9', 'He called it “a door that the water learns,” [ref no-name: quill-2018, p. 9].', ['quotations.before-citation']],
  ['a full stop outside, in American style', 'mla-9', 'Quill called it “a door that the water learns”. Nobody [ref no-name: quill-2018, p. 9] minded.', ['quotations.stops']],
  ['double hyphens for a dash', 'apa-7', 'Still water -- as they say -- has a price [ref: moss-2012].', ['page.dash']],
  ['points of omission at the beginning', 'apa-7', 'He called it “… a door that the water learns” and left [ref: quill-2018, p. 9].', ['quotations.points-first']],
  ['marks around a block, straight', 'mla-9', `Nobody came:\n\n> "${LONG} ${LONG}" [ref: quill-2018, p. 9]\n\nThe key was the whole of the law.`, ['quotations.block-marks', 'quotations.straight']],

  // Own words
  ['research shows', 'apa-7', 'Still water has a price [ref: moss-2012].\n\nResearch shows that ponds fill from below. Nobody likes to hear it.', ['own-words.nothing-behind']],
  ['experts agree', 'apa-7', 'Still water has a price [ref: moss-2012].\n\nExperts agree that ponds fill from below. Nobody likes to hear it.', ['own-words.nothing-behind']],
  ['many scholars have argued', 'mla-9', 'Still water has a price [ref: moss-2012, p. 12].\n\nMany scholars have argued that ponds fill from below. Nobody likes to hear it.', ['own-words.nothing-behind']],
  ['according to a study', 'apa-7', 'Still water has a price [ref: moss-2012].\n\nAccording to a recent study, ponds fill from below. Nobody likes to hear it.', ['own-words.nothing-behind']],
  ['statistics without a source', 'apa-7', 'Still water has a price [ref: moss-2012].\n\nSome 43% of all mill ponds in the county were filled by 1990, and the water that had stood in them went down to the coast within a year or two, so that nobody who lives there now can say where the old banks were or who had dug them.', ['own-words.no-source']],

  // The page
  ['a heading in capitals that is a paragraph', 'apa-7', 'THE POND\n\nStill water has a price [ref: moss-2012].', ['page.heading-capitals']],
  ['a colon after a heading', 'apa-7', '# The Pond:\n\nStill water has a price [ref: moss-2012].', ['page.heading-stop']],
  ['no space after a full stop', 'apa-7', 'Still water has a price [ref: moss-2012].Nobody likes to hear it.', ['page.no-space']],
  ['a space before a question mark', 'apa-7', 'Has still water a price ? It has [ref: moss-2012].', ['page.space-before']],
  ['works cited, typed', 'mla-9', 'Still water has a price [ref: moss-2012, p. 12].\n\n# Works Cited\n\nMoss, Idris. “The Price of Still Water.” *Journal of Weirs*, vol. 7, no. 1, 2012, pp. 11–29, https://doi.org/10.5555/jw.2012.11.', ['list.typed']],
  ['a list typed under another style’s heading', 'apa-7', 'Still water has a price [ref: moss-2012].\n\n# Works Cited\n\nMoss, Idris. “The Price of Still Water.” *Journal of Weirs*, vol. 7, no. 1, 2012, pp. 11–29.', ['list.typed']],
  ['a semicolon twice', 'apa-7', 'Still water has a price;; it is paid in silt [ref: moss-2012].', ['page.doubled']],
  ['a dash of two hyphens without spaces', 'apa-7', 'Still water has a price--it is paid in silt [ref: moss-2012].', ['page.dash']],
  ['an address behind “retrieved from”', 'mla-9', 'Lodes are cleared by hand (retrieved from www.nowhere.example/lodes), and so are ponds.', ['citations.address']],
  ['a given name before the surname', 'apa-7', 'Sluices are older than mills (Aster Quill, 2018).', ['citations.typed']],
  ['a comma inside before the citation, in Harvard', 'harvard', 'He called it ‘a door that the water learns,’ [ref: quill-2018, p. 9], and left.', ['quotations.before-citation', 'quotations.stops']],
  ['a heading’s colon at the second level', 'mla-9', '# The Pond\n\n## The Gate:\n\nStill water has a price [ref: moss-2012, p. 12].', ['page.heading-stop']],
  ['two full stops', 'apa-7', 'Still water has a price [ref: moss-2012].. Nobody likes to hear it.', ['page.doubled']],
  ['two commas', 'apa-7', 'Still water,, as they say, has a price [ref: moss-2012].', ['page.doubled']],
]

export const BY_HAND: Row[] = LINES.map(([name, style, text, finds]) => ({ name, style, text, finds }))
