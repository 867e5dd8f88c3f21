import { describe, expect, it } from 'vitest'
import { readDraft } from './draft'

const BODY = 'It was late in the year when the gates were opened, and nobody in the parish could say who had opened them or whether they would ever be shut again.'
const read = (html: string) => readDraft(html + `<p>${BODY}</p>`, { whole: true })

describe('the heading block at the top of a draft', () => {
  it.each<[string, string, object | undefined]>([
    [
      'as MLA wants it',
      '<p>Tamsin Vale</p><p>Professor Hume</p><p>English 210</p><p>3 March 2025</p><p>Keeping the Gate</p>',
      { details: { writer: 'Tamsin Vale', instructor: 'Professor Hume', course: 'English 210', date: '3 March 2025' }, title: 'Keeping the Gate', from: 0, to: 5 },
    ],
    [
      'typed in one paragraph',
      '<p>Tamsin Vale<br>Professor Hume<br>English 210<br>3 March 2025</p><p>Keeping the Gate</p>',
      { details: { writer: 'Tamsin Vale', instructor: 'Professor Hume', course: 'English 210', date: '3 March 2025' }, title: 'Keeping the Gate', from: 0, to: 2 },
    ],
    [
      'with a department, and no title',
      '<p>Tamsin Vale</p><p>Department of Geography, University of Northmere</p><p>GEO 214: Coasts</p><p>Instructor: Orla Nolan</p><p>May 12, 2025</p>',
      {
        details: { writer: 'Tamsin Vale', institution: 'Department of Geography, University of Northmere', course: 'GEO 214: Coasts', instructor: 'Orla Nolan', date: 'May 12, 2025' },
        from: 0,
        to: 5,
      },
    ],
    [
      'a page of its own, its title again over the text (APA 7, 2.3)',
      '<p>Silt and Salt: What the Ponds Remember</p><p>Tamsin Vale</p><p>Department of Geography, University of Northmere</p><p>GEO 214: Coasts</p><p>Dr. Orla Nolan</p><p>May 12, 2025</p><p><b>Silt and Salt: What the Ponds Remember</b></p>',
      {
        details: { writer: 'Tamsin Vale', institution: 'Department of Geography, University of Northmere', course: 'GEO 214: Coasts', instructor: 'Dr. Orla Nolan', date: 'May 12, 2025' },
        title: 'Silt and Salt: What the Ponds Remember', from: 0, to: 7,
      },
    ],
    [
      'a page whose title reads as a name',
      '<p>Working Tides</p><p>Tamsin Vale</p><p>University of Northmere</p><p>HIST 201</p><p>4 May 2025</p>',
      { details: { writer: 'Tamsin Vale', institution: 'University of Northmere', course: 'HIST 201', date: '4 May 2025' }, title: 'Working Tides', from: 0, to: 5 },
    ],
    [
      'a page in one paragraph, of two writers, under a running head',
      '<p>Running head: TIDES</p><p>Keeping the Gate</p><p>by Tamsin Vale and Ivo Reed<br>HIST 201<br>May 2025</p>',
      { details: { writer: 'Tamsin Vale; Ivo Reed', course: 'HIST 201', date: 'May 2025' }, title: 'Keeping the Gate', from: 0, to: 3 },
    ],
    ['a title, a name and a sentence', '<p>Keeping the Gate</p><p>Tamsin Vale</p><p>The gate is old, and so is the 1861 pond.</p>', undefined],
    ['a poem is none', '<p>The gate</p><p>falls</p><p>in the year 1861</p>', undefined],
    ['a first line that is a sentence', '<p>Mills Are Old.</p><p>3 March 2025</p>', undefined],
    ['a name without a date', '<p>Tamsin Vale</p><p>English 210</p>', undefined],
  ])('%s', (_, html, wanted) => expect(read(html).heading).toEqual(wanted))
  it('is looked for in whole drafts alone', () => {
    expect(readDraft('<p>Tamsin Vale</p><p>3 March 2025</p>').heading).toBeUndefined()
  })
})

it('straight marks of a whole draft come in curly; of a pasted piece they stay', () => {
  const words = (whole: boolean) => JSON.stringify(readDraft('<p>"It\'s late," he said of the gate.</p>', { whole }).doc)
  expect(words(true)).toContain('“It’s')
  expect(words(false)).toContain('It\'s')
})
