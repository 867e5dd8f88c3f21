/** Texts in which a careful marker would circle nothing. */
import { ALL_DETAILS, LONG, taken, type Row } from './papers'
import { shelfWith } from './shelf'

export const CLEAN: Row[] = [
  { name: 'a plain citation', text: 'Still water has a price [ref: moss-2012, p. 12].' },
  {
    name: 'a bibliography that is a choice of what the notes cite',
    style: 'chicago-18-notes',
    text: 'Still water has a price.[ref: moss-2012] Eels pay it.[ref: brandt-2020]',
    leftOut: ['brandt-2020'],
  },
  {
    name: 'left out, in a style that numbers its list and so lists it all the same',
    style: 'ieee',
    text: 'Still water has a price [ref: moss-2012].',
    leftOut: ['moss-2012'],
  },
  {
    name: 'a narrative one',
    text: '[ref in-text: moss-2012] puts the price of still water at “one wet field in ten” (p. 12). That was before the drought.',
  },
  { name: 'a paragraph of a page of a site', text: 'The gates work by night [ref: hollis-2023, para. 3].' },
  { name: 'ibid. as a word', text: 'Most readers of notes know what “ibid.” stands for, and few could spell it [ref: moss-2012, p. 12].' },
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

/** One step from a fault, a rule a row: what tells the right text from the wrong one. */
export const NEAR: Row[] = [
  { name: 'unknown: a source that is there', text: 'Still water has a price [ref: moss-2012].' },
  { name: 'unknown-key: brackets that are no mark', text: 'Still water [sic] has a price [ref: moss-2012].' },
  {
    name: 'no-source: an event and its year',
    text: 'The flood (January 1953) took the gate, and still water has a price [ref: moss-2012].',
  },
  {
    name: 'misspelt: another author of nearly the name',
    text: 'As Quint argues, sluices are older than mills [ref: quill-2018; quint-2001].',
    sources: shelfWith({ id: 'quint-2001', author: 'Quint, Mary', year: 2001 }),
  },
  { name: 'typed: a year in brackets that says when', text: 'The gate was mended (2018) and left alone [ref: quill-2018, p. 4].' },
  { name: 'typed-order: works in the order of the list', text: 'Sluices are older than mills [ref: moss-2012; quill-2018].' },
  { name: 'repeated: two places of one source', text: 'Sluices are older than mills [ref: quill-2018, p. 4; quill-2018, p. 9].' },
  {
    name: 'listed-uncited: in a bibliography',
    style: 'chicago-18-notes',
    text: 'Still water has a price.[ref: moss-2012, p. 12]',
    alsoList: ['quill-2018'],
  },
  { name: 'no-page: a term of three words', text: 'They call it “the long sleep” [ref: quill-2018].' },
  {
    name: 'no-page: the page given with the author in the sentence',
    text: '[ref in-text: quill-2018, p. 9] calls it “a door that the water is taught to use.”',
  },
  {
    name: 'no-place: a paragraph of a page without pages',
    text: 'A lode is “cleared by hand and by patience” [ref: hollis-2023, para. 4], as every walker sees.',
  },
  {
    name: 'no-place: in MLA a page of the web has none',
    style: 'mla-9',
    text: 'A lode is “cleared by hand and by patience” [ref: hollis-2023], as walkers see.',
  },
  { name: 'page-outside: the first page and the last', text: 'Still water has a price [ref: moss-2012, pp. 11-29].' },
  { name: 'page-outside: a section', text: 'Still water has a price [ref: moss-2012, sec. 2].' },
  { name: 'named-twice: a name in the sentence before', text: 'Moss argues well. Still water has a price [ref: moss-2012].' },
  { name: 'named-twice: one of two authors', text: 'What Brandt counted was eels [ref: brandt-2020].' },
  {
    name: 'named-twice: a name inside a quotation',
    text: 'The keeper said that “old Moss knew it all along” [ref: moss-2012, p. 12], and he did.',
  },
  {
    name: 'again: another work between',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012, p. 12]. It is old [ref: quill-2018, p. 3]. It is paid in silt [ref: moss-2012, p. 14].',
  },
  {
    name: 'again: another paragraph',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012, p. 12].\n\nIt is paid in silt [ref: moss-2012, p. 14].',
  },
  {
    name: 'number-order: numbers that rise',
    style: 'ieee',
    text: 'Sluices are old [ref: quill-2018]. Weirs are older [ref: moss-2012]. Both leak [ref: quill-2018].',
  },
  { name: 'place-in-words: words behind the place', text: 'Still water has a price [ref: moss-2012, p. 12, on silt].' },
  {
    name: 'bracketed: brackets around more than the citation',
    text: 'Still water has a price (though [ref in-text: quill-2018] doubts it).',
  },
  { name: 'behind-stop: an abbreviation before it', text: 'Still water has its price, tolls etc. [ref: moss-2012].' },
  {
    name: 'before-stop: behind the stop of a block',
    text: `Nobody came:\n\n> ${LONG} [ref: quill-2018, p. 9]\n\nThe key was the whole of the law.`,
  },
  { name: 'no-space: no space is wanted before a raised number', style: 'ama-11', text: 'Still water has a price[ref: moss-2012].' },

  {
    name: 'no-citation: cited in the next sentence',
    text: 'One miller called it “the long sleep of the lower pond.” So says the only history of the place [ref: quill-2018, p. 9].',
  },
  {
    name: 'no-citation: a title in quotation marks',
    text: 'The song “The Miller and the Lower Pond” is older than the mill. Still water has a price [ref: moss-2012].',
  },
  {
    name: 'long: thirty-nine words',
    text: `He wrote that “${'the gate was shut and the water stood and '.repeat(4).trim()} nobody came” [ref: quill-2018, p. 9]. He shut the book on it, and it was forty years before anyone in the parish opened the gate again, or asked him why he had written it down at all, since everyone there had seen it.`,
  },
  {
    name: 'short-block: in Chicago a short one may stand so',
    style: 'chicago-18-notes',
    text: 'He says what a sluice is:\n\n> A door that the water is taught to use.[ref: quill-2018, p. 9]\n\nNothing in it is a machine.',
  },
  {
    name: 'block-marks: a quotation within the block',
    text: `Nobody came:\n\n> “Shut it,” he said. ${LONG} [ref: quill-2018, p. 9]\n\nThe key was the whole of the law.`,
  },
  {
    name: 'stops: a question of the writer’s own',
    text: 'Who called it “a door that the water learns”? Nobody knows [ref: quill-2018, p. 9].',
  },
  {
    name: 'stops: a semicolon stands outside everywhere',
    text: 'He called it “a door that the water learns”; then he left [ref: quill-2018, p. 9].',
  },
  { name: 'straight: feet and inches', text: 'The gate is 6\' 2" high and shut [ref: quill-2018].' },
  { name: 'straight: apostrophes where none are curly', text: 'The miller\'s gate and the miller\'s wheel are one thing [ref: quill-2018].' },
  {
    name: 'unclosed: an apostrophe at the end of a word',
    text: 'The millers’ gate was the town’s, and the millers’ wheel was theirs [ref: quill-2018].',
  },
  {
    name: 'strays: words left out and words put in, and both said',
    text: 'A sluice is “a door that [it] is taught … to use” [ref: quill-2018, p. 9].',
    passages: [taken('A sluice is a door that it is taught by the water to use.')],
  },
  {
    name: 'strays: a quotation that goes on where the passage ends',
    text: 'A sluice is “a door that the water is taught to use. Nobody asks who taught it” [ref: quill-2018, p. 9], he says.',
    passages: [taken('a door that the water is taught to use.')],
  },
  {
    name: 'dropped-in: led in with a colon',
    text: 'The gate mattered to everyone: “The gate is the only clock that the village has” [ref: quill-2018, p. 9]. It told them when to come.',
  },
  {
    name: 'last-word: a phrase at the end',
    text: 'The gate mattered to everyone in the parish and to their children after them. It was, in a word, “a door that the water learns” [ref: quill-2018, p. 9].',
  },

  { name: 'nothing-behind: studies that are cited', text: 'Studies show that ponds fill from below [ref: brandt-2020; adair-2016].' },
  {
    name: 'nothing-behind: a study of the writer’s own',
    text: 'This study asks what ponds are for. Still water has a price [ref: moss-2012].',
  },
  {
    name: 'no-source: a paragraph of reasons',
    text: `Still water has a price [ref: moss-2012].\n\n${'If the gate is shut the water stands, and if it stands it silts, and then there is less of it to shut in. '.repeat(3)}\n\nWhat is left is a choice.`,
  },
  {
    name: 'too-close: six words in a row',
    text: 'In that village the gate is the only clock there ever was [ref: quill-2018, p. 9].',
    passages: [taken('The gate is the only clock that anyone looks at.')],
  },
  {
    name: 'too-close: in quotation marks',
    text: 'He says that “the gate is the only clock that anyone looks at” [ref: quill-2018, p. 9], and so it is.',
    passages: [taken('The gate is the only clock that anyone looks at.')],
  },

  {
    name: 'twice: two editions are two works',
    text: 'Sluices are old [ref: quill-2018; quill-b].',
    sources: shelfWith({ id: 'quill-b', author: 'Quill, Aster', year: 2001, title: 'A history of sluices', edition: '1' }),
  },
  {
    name: 'given-names: initials are the style’s own',
    text: 'Sluices are old [ref: quill-2018; yarrow]. So are weirs [ref: moss-2012].',
    sources: shelfWith({ id: 'yarrow', author: 'Yarrow, P. K.', year: 2001 }),
  },
  {
    name: 'details: a magazine that names nobody',
    text: 'Still water has a price [ref: unsigned].',
    sources: [
      {
        id: 'unsigned',
        kind: 'magazine-article',
        fields: {
          title: 'The last miller',
          container: 'Coast & Country',
          issued: { start: { year: 2022, month: 6 } },
          volume: '18',
          issue: '6',
          pages: '44-49',
        },
      },
    ],
  },
  { name: 'indent: a single space', text: ' Still water has a price [ref: moss-2012].' },
  { name: 'spaces: a space on each side of a citation', text: 'Still water [ref: moss-2012] has a price, and a long one.' },
  {
    name: 'space-before: points that stand for words left out',
    text: 'He says that “still water . . . has a price that is paid in silt” [ref: moss-2012, p. 12], and it has.',
  },
  { name: 'no-space: a number with its comma', text: 'It cost 1,400 pounds and 12 shillings, not 3.5 per cent of it [ref: moss-2012].' },
  {
    name: 'number: a year alone in a sentence',
    text: 'Still water has a price [ref: moss-2012].\n\n1976 was the driest year, and everybody remembers who opened the gate [ref: quill-2018].',
  },
  {
    name: 'heading-skipped: back up by two',
    text: '# A\n\nStill water has a price [ref: moss-2012].\n\n## B\n\nIt is old.\n\n### C\n\nIt is paid.\n\n# D\n\nNobody asks.',
  },
  {
    name: 'heading-stop: one that begins its paragraph has its stop',
    style: 'apa-7',
    text: '# A\n\nStill water has a price [ref: moss-2012].\n\n## B\n\nOld.\n\n### C\n\nPaid.\n\n#### The gate.\n\nNobody asks.',
  },
  { name: 'appendix-typed: a heading that speaks of one', text: '# Appendix and Pond\n\nStill water has a price [ref: moss-2012].' },
  { name: 'heading-stop: a question', text: '# Who Pays?\n\nStill water has a price [ref: moss-2012].' },
  { name: 'heading-bold: a bold word in a sentence', text: '**Still water** has a price [ref: moss-2012].\n\nNobody likes to hear it.' },
  { name: 'title: a working title', text: 'Still water has a price [ref: moss-2012].', details: ALL_DETAILS },
  {
    name: 'details: what the style does not ask for',
    style: 'ieee',
    text: 'Still water has a price [ref: moss-2012].',
    details: { writer: 'A. Vale' },
  },
  {
    name: 'target: within a tenth',
    text: 'Still water has a price [ref: moss-2012].',
    details: { ...ALL_DETAILS, target: '1000' },
    words: 1090,
  },
  { name: 'backwards: a last page that is shortened', text: 'Still water has a price [ref: moss-2012, pp. 19-21].' },
  { name: 'side-by-side: a name in its sentence, then another work', text: 'As [ref in-text: moss-2012] has it, and others too [ref: quill-2018], it costs.' },
  { name: 'number-none: the last of the list', style: 'ieee', text: 'Still water costs [ref: moss-2012]. It always has [ref: quill-2018].' },
  { name: 'address: one that the sentence speaks of', text: 'They write at lodenotes.example every week [ref: hollis-2023].' },
  { name: 'before-citation: a number raised behind it', style: 'ama-11', text: 'He called it “a door that the water learns.”[ref: quill-2018, p. 9] Nobody minded.' },
  { name: 'points-first: words left out inside', text: 'He called it “a door … that the water learns” and left [ref: quill-2018, p. 9].' },
  { name: 'dash: words and numbers that hyphens join', text: 'Still-water has a well-known price [ref: moss-2012].' },
  { name: 'doubled: points of omission', text: 'He called it “a door . . . that the water learns” and left [ref: quill-2018, p. 9].' },
  { name: 'heading-capitals: a shout in a sentence', text: 'DANGER stood on the gate [ref: moss-2012].\n\nNobody likes to hear it.' },
]
