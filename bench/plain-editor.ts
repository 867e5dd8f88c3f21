/** The same editor without Dendle's parts: its common blocks and marks, a citation that is only its text. */
import { Editor, Node } from '@tiptap/core'
import StarterKit from '@tiptap/starter-kit'

const Citation = Node.create({
  name: 'citation', group: 'inline', inline: true, atom: true,
  addAttributes: () => ({ id: { default: '' }, data: { default: {}, rendered: false } }),
  parseHTML: () => [{ tag: 'cite' }],
  renderHTML: () => ['cite', {}, '(Author, 2001, p. 4)'],
})
;(window as unknown as { begin: (body: object) => void }).begin = (body) => {
  new Editor({ element: document.querySelector('#sheet')!, content: body, extensions: [StarterKit, Citation] })
}
