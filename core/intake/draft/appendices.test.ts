import { describe, expect, it } from 'vitest'
import type { DocNode } from '../../sheet/document'
import { readDraft } from './draft'
import { withoutNoticed } from './noticed'

const words = ({ content = [] }: DocNode): string => content.map(piece => piece.text ?? '').join('')
/** A draft's blocks, those that begin appendices by that name. */
const shown = ({ content = [] }: DocNode): string =>
  content.map(one => `${one.attrs?.appendix ? 'appendix' : one.type}[${words(one)}]`).join(' | ')
const read = (html: string) => readDraft(html, { whole: true })

describe('appendices of a draft', () => {
  it.each<[string, string, string]>([
    ['a label and its title', '<p>Mud.</p><h1>Appendix A: What was asked</h1><p>Why?</p>', 'paragraph[Mud.] | appendix[What was asked] | paragraph[Why?]'],
    ['a title in italics', '<p>Mud.</p><h1>Appendix: <i>Scapha</i> ponds</h1><p>Why?</p>', 'paragraph[Mud.] | appendix[Scapha ponds] | paragraph[Why?]'],
    ['a title on the next line', '<p>Mud.</p><h1>APPENDIX 2<br>What was asked</h1>', 'paragraph[Mud.] | appendix[What was asked]'],
    ['a label alone', '<p>Mud.</p><h1>Appendix B</h1><p>Why?</p>', 'paragraph[Mud.] | appendix[] | paragraph[Why?]'],
    [
      'titles that are headings of their own, behind the list',
      '<p>Mud.</p><h1>References</h1><p>Fell, T. (2020). Mud.</p><h1>Appendix A</h1><h1>Asked</h1><p>Why?</p><h1>Appendix B</h1><h2>Counted</h2><p>7</p>',
      'paragraph[Mud.] | heading[References] | paragraph[Fell, T. (2020). Mud.] | appendix[Asked] | paragraph[Why?] | appendix[Counted] | paragraph[7]',
    ],
    [
      'none where the text goes on behind it',
      '<h1>Appendix A</h1><p>Why?</p><h1>Conclusion</h1><p>Mud.</p>',
      'heading[Appendix A] | paragraph[Why?] | heading[Conclusion] | paragraph[Mud.]',
    ],
    ['none where the word is no label', '<p>Mud.</p><h1>Appendix surgery</h1><p>Why?</p>', 'paragraph[Mud.] | heading[Appendix surgery] | paragraph[Why?]'],
  ])('are marked: %s', (_, html, wanted) => expect(shown(read(html).doc)).toBe(wanted))
  it('stay unmarked in what is pasted, which is a piece of something', () =>
    expect(shown(readDraft('<h1>Appendix A: Asked</h1><p>Why?</p>').doc)).toBe('heading[Appendix A: Asked] | paragraph[Why?]'))
  it('move up what was noticed behind one that took its title', () => {
    const { doc, noticed } = read('<p>Mud.</p><h1>Appendix</h1><h1>Asked</h1><p>Why?</p><h1>References</h1><p>Fell, T. (2020). Mud.</p>')
    expect(shown(withoutNoticed(doc, noticed))).toBe('paragraph[Mud.] | appendix[Asked] | paragraph[Why?]')
  })
})
