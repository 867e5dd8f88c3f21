import { describe, expect, it } from 'vitest'
import { readCitation, type DocNode } from '../sheet/document'
import { readMarkdown } from './markdown'

/** A document in one line: marks as tags, citations as their sources, what is empty as nothing. */
const say = (node: DocNode): string => {
  if (node.type === 'text') return (node.marks ?? []).reduce((text, { type }) => `<${type}>${text}</${type}>`, node.text ?? '')
  const inside = (node.content ?? []).map(say).join('')
  if (node.type === 'citation') {
    const { items, form, words } = readCitation(node)
    return `{${form[0]}${items.map(({ id, locator }) => ` ${id}${locator ? `@${locator.place}` : ''}`).join(';')}${words?.after ? ` “${words.after}”` : ''}}`
  }
  if (node.type === 'paragraph') return `[${inside}]`
  return node.type === 'doc' ? inside : `${node.type}${node.attrs?.level ?? ''}(${inside})`
}
const read = (text: string) => say(readMarkdown(text, key => (/^[a-z]+-\d{4}$/u.test(key) ? key : undefined)))

describe('Markdown, letter by letter', () => {
  it.each<[string, string, string]>([
    ['nothing', '', '[]'],
    ['a paragraph', 'One line.', '[One line.]'],
    ['two', 'One.\n\nTwo.', '[One.][Two.]'],
    ['lines of one paragraph are one', 'One\ntwo.', '[One two.]'],
    ['doubled spaces stay', 'One.  Two.', '[One.  Two.]'],
    ['lines left empty stay', 'One.\n\n\n\nTwo.', '[One.][][][Two.]'],
    ['line ends of any machine', 'One.\r\n\r\nTwo.', '[One.][Two.]'],
    ['headings by their level', '# One\n\n### Three', 'heading1(One)heading3(Three)'],
    ['a sixth level is the fifth', '###### Six', 'heading5(Six)'],
    ['italics and bold', 'A *b* **c**.', '[A <italic>b</italic> <bold>c</bold>.]'],
    ['italics in bold', '**a *b***', '[<bold>a </bold><italic><bold>b</bold></italic>]'],
    ['a block quotation', '> Words.', 'blockquote([Words.])'],
    ['lists', '- one\n- two', 'bulletList(listItem([one])listItem([two]))'],
    ['numbered lists', '1. one\n2. two', 'orderedList(listItem([one])listItem([two]))'],
    ['what stands before the paper about it', '---\ntitle: X\n---\nOne.', '[One.]'],
    ['a mark', 'Ponds fill [ref: moss-2012, p. 4].', '[Ponds fill {p moss-2012@4}.]'],
    ['several in one', '[ref: moss-2012; vane-2015]', '[{p moss-2012; vane-2015}]'],
    ['a mark whose key nobody has', '[ref: nobody]', '[[ref: nobody]]'],
    ['a note in the writer’s words', 'One.[^1]\n\n[^1]: See also this.', '[One.{p “See also this.”}]'],
    ['a note that goes on', 'One.[^a]\n\n[^a]: See\n  also this.', '[One.{p “See also this.”}]'],
    ['signs of the tongue that are escaped', 'A \\*star\\*.', '[A *star*.]'],
  ])('%s', (_, text, said) => expect(read(text)).toBe(said))

  it('a thousand quotations in one another are some, and no word is lost', () => {
    expect(read(`${'> '.repeat(5000)}Deep.`)).toContain('Deep.')
  })
})

describe('a picture', () => {
  const PIXEL = 'data:image/png;base64,iVBORw0KGgo='
  const read = (text: string) => {
    const left: string[] = []
    return { doc: readMarkdown(text, () => undefined, address => left.push(address)), left }
  }
  it('that travels in the text is a figure with its words', () => {
    expect(read(`Before.\n\n![A gate](${PIXEL} "The gate in 1904")`)).toEqual({
      doc: {
        type: 'doc',
        content: [
          { type: 'paragraph', content: [{ type: 'text', text: 'Before.' }] },
          { type: 'figure', attrs: { src: PIXEL, alt: 'A gate' }, content: [{ type: 'text', text: 'The gate in 1904' }] },
        ],
      },
      left: [],
    })
  })
  it('from elsewhere is named, and its words stay', () => {
    const { doc, left } = read('![A gate](gate.png) and ![a wheel](https://a.example/w.png)')
    expect([say(doc), left]).toEqual([expect.stringContaining('A gate and a wheel'), ['gate.png', 'https://a.example/w.png']])
  })
})

it('signs of emphasis that end nothing are letters', () => {
  const words = '*a '.repeat(400).trim()
  expect(readMarkdown(words, () => undefined)).toEqual({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }] })
})
