import { describe, expect, it } from 'vitest'
import type { DocNode } from '../sheet/document'
import { splice, type Splice } from './mending'

const bold = [{ type: 'bold' }]
const block: DocNode = { type: 'paragraph', content: [{ type: 'text', text: 'One two' }, { type: 'citation', attrs: { id: 'c' } }, { type: 'text', text: ' three', marks: bold }, { type: 'text', text: ' four' }] }
const shown = ({ content }: DocNode) => content!.map(node => (node.type === 'text' ? (node.marks ? `*${node.text}*` : node.text) : '@')).join('|')

describe('a line with stretches of it replaced', () => {
  it.each<[string, Splice[], string]>([
    ['nothing', [], 'One two|@|* three*| four'],
    ['within a piece', [{ from: 3, to: 4, put: '-' }], 'One-two|@|* three*| four'],
    ['at its start and its end', [{ from: 0, to: 0, put: '(' }, { from: 19, to: 19, put: ')' }], '(One two|@|* three*| four)'],
    ['the citation', [{ from: 7, to: 8, put: '' }], 'One two|* three*| four'],
    ['over a citation and into bold', [{ from: 4, to: 11, put: 'x' }], 'One x|*ree*| four'],
    ['over three pieces', [{ from: 6, to: 15, put: '' }], 'One twfour'],
    ['two beside each other', [{ from: 0, to: 3, put: 'A' }, { from: 3, to: 4, put: '_' }], 'A_two|@|* three*| four'],
    ['put in with the marks around it', [{ from: 12, to: 12, put: '!' }], 'One two|@|* thr!ee*| four'],
    ['a node', [{ from: 3, to: 3, put: [{ type: 'citation', attrs: { id: 'd' } }] }], 'One|@| two|@|* three*| four'],
  ])('%s', (_, splices, wanted) => expect(shown(splice(block, [], splices))).toBe(wanted))
})
