/** Short texts with faults in their citations. */
import { LONG, type Row } from './papers'

export const CITATIONS: Row[] = [
  {
    name: 'a cited work that is left out of the list',
    text: 'Still water has a price [ref: moss-2012], and eels pay it [ref: brandt-2020].',
    leftOut: ['brandt-2020'],
    finds: ['citations.left-out'],
  },
  {
    name: 'of a source that the paper no longer has',
    text: 'Sluices are older than mills [ref: tarn-1999, p. 4].',
    gone: ['tarn-1999'],
    finds: ['citations.unknown'],
  },
  { name: 'a place typed where words go', text: 'Still water has a price [ref: moss-2012, figs. 3].', finds: ['citations.place-in-words'] },
  { name: 'a key that no source has', text: 'Sluices are older than mills [ref: tarn-1999, p. 4].', finds: ['citations.unknown-key'] },
  { name: 'typed, and in the list', text: 'Sluices are older than mills (Quill, 2018, p. 4).', finds: ['citations.typed'] },
  { name: 'typed in the sentence', text: 'As Quill (2018) shows, sluices are older than mills.', finds: ['citations.typed'] },
  {
    name: 'typed, two works in the wrong order',
    text: 'Sluices are older than mills (Quill, 2018; Moss, 2012).',
    finds: ['citations.typed-order'],
  },
  { name: 'typed, spelt otherwise', text: 'Sluices are older than mills (Quilll, 2018).', finds: ['citations.misspelt'] },
  {
    name: 'the author’s name spelt otherwise beside a citation',
    text: 'As Quille argues, sluices are older than mills [ref: quill-2018, p. 4].',
    finds: ['citations.misspelt'],
  },
  {
    name: 'typed at second hand',
    text: 'Sluices are older than mills (Rabbitt, 1982, as cited in Quill, 2018).',
    finds: ['citations.secondary'],
  },
  {
    name: 'numbers typed where nothing is cited yet',
    style: 'ieee',
    text: 'Sluices are older than mills [1]. Weirs came later [2].',
    finds: ['citations.typed-unsure', 'citations.typed-unsure'],
  },
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
    name: 'a page of a page of a site',
    text: 'The gates work by night [ref: hollis-2023, p. 3].',
    finds: ['citations.page-of-none'],
  },
  {
    name: 'ibid. typed where the style names the source each time',
    text: 'Still water has a price [ref: moss-2012, p. 12]. It is paid in silt (ibid., p. 14).',
    finds: ['citations.looks-back'],
  },
  {
    name: 'op. cit. in a sentence, in MLA',
    style: 'mla-9',
    text: 'Still water has a price [ref: moss-2012, p. 12], and Moss (op. cit.) paid it in silt.',
    finds: ['citations.looks-back'],
  },
  {
    name: 'ibid. typed among numbers',
    style: 'ieee',
    text: 'Still water has a price [ref: moss-2012]. It is paid in silt (Ibid.).',
    finds: ['citations.looks-back'],
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
