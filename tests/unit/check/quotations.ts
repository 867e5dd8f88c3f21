/** Short texts with faults in their quotations. */
import { LONG, type Row } from './papers'

export const QUOTATIONS: Row[] = [
  {
    name: 'a block of one line, where lines count',
    style: 'mla-9',
    text: 'Quill says what a sluice is:\n\n> A door that the water is taught to use. [ref no-name: quill-2018, p. 9]\n\nNothing in it is a machine.',
    finds: ['quotations.short-block-lines'],
  },
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
