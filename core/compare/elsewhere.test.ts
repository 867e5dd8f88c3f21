import { describe, expect, it } from 'vitest'
import { readListElsewhere, type ListParagraph } from './elsewhere'

const MOSS = 'Moss, I. (2012). The price of still water. Journal of Weirs, 7(1), 11–29.'
const VANE = 'Vane, C. (2015). Eels at night. Heron Press.'
const words = ({ pieces }: ListParagraph) => pieces.map(one => `${one.italic ? '*' : ''}${one.bold ? '_' : ''}${one.text}`)
const first = (html: string) => readListElsewhere(html, 'html').entries[0]!

describe('what a page says of how its list is set', () => {
  it.each<[string, string, object]>([
    ['nothing', `<p>${MOSS}</p>`, {}],
    ['a hanging indent in points', `<p style="margin-left:36pt;text-indent:-36pt">${MOSS}</p>`, { hanging: 36 }],
    ['in pixels', `<p style="padding-left:48px;text-indent:-48px">${MOSS}</p>`, { hanging: 36 }],
    ['in inches', `<p style="margin-left:.5in;text-indent:-.5in">${MOSS}</p>`, { hanging: 36 }],
    ['a first line set in', `<p style="text-indent:36pt">${MOSS}</p>`, { hanging: -36 }],
    ['double spacing as a number', `<p style="line-height:2">${MOSS}</p>`, { spacing: 2 }],
    ['double spacing in hundredths', `<p style="line-height:200%">${MOSS}</p>`, { spacing: 2 }],
    ['a face and a size', `<p style="font-family:'Times New Roman',serif;font-size:12pt">${MOSS}</p>`, { face: 'times new roman', size: 12 }],
    ['centred by its attribute', `<p align="center">${MOSS}</p>`, { centred: true }],
    ['by the page’s own sheet, by class', `<style>p.Ref, li.Ref {text-indent:-36pt; margin-left:36pt}</style><p class="Ref">${MOSS}</p>`, { hanging: 36 }],
    ['by the page’s own sheet, by element', `<style>p {line-height:2}</style><p>${MOSS}</p>`, { spacing: 2 }],
    ['the paragraph’s word before the sheet’s', `<style>p {line-height:2}</style><p style="line-height:1">${MOSS}</p>`, { spacing: 1 }],
    ['from what is around it', `<div style="line-height:2"><div><p>${MOSS}</p></div></div>`, { spacing: 2 }],
  ])('%s', (_, html, look) => {
    const found = first(html).look
    expect(Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined && value !== false))).toEqual(look)
  })
})

describe('what is italic and bold', () => {
  it.each<[string, string, string[]]>([
    ['i and em', '<p><i>Journal</i> of <em>Weirs</em> and more</p>', ['*Journal', ' of ', '*Weirs', ' and more']],
    ['by style', '<p>A <span style="font-style:italic">Journal</span> of Weirs</p>', ['A ', '*Journal', ' of Weirs']],
    ['not in what takes it back', '<p><i>A Journal <span style="font-style:normal">of Weirs</span></i></p>', ['*A Journal ', 'of Weirs']],
    ['bold by its weight', '<p><span style="font-weight:700">Moss, I.</span> (2012).</p>', ['_Moss, I.', ' (2012).']],
    ['b that says normal is not', '<p><b style="font-weight:normal">Moss, Idris, 2012.</b></p>', ['Moss, Idris, 2012.']],
    ['spaces and line ends of the page are one space', '<p>Moss,\n   I. &nbsp; (2012).</p>', ['Moss, I. (2012).']],
    ['tags that say nothing leave one piece', '<p><span>Moss, </span><span>I. (2012).</span></p>', ['Moss, I. (2012).']],
  ])('%s', (_, html, pieces) => expect(words(first(html))).toEqual(pieces))
})

describe('where the list begins and what its entries are', () => {
  it.each<[string, string, 'html' | 'text', string | undefined, number]>([
    ['behind its heading', `<p>Some text of the paper.</p><h1>References</h1><p>${MOSS}</p><p>${VANE}</p>`, 'html', 'References', 2],
    ['behind the last of two', `<h1>References</h1><p>${MOSS}</p><h1>Works Cited</h1><p>${VANE}</p>`, 'html', 'Works Cited', 1],
    ['all of it without one', `<p>${MOSS}</p><p>${VANE}</p>`, 'html', undefined, 2],
    ['lines of a list', `<ol><li>${MOSS}</li><li>${VANE}</li></ol>`, 'html', undefined, 2],
    ['cells of a table', `<table><tr><td>${MOSS}</td></tr><tr><td>${VANE}</td></tr></table>`, 'html', undefined, 2],
    ['parted by br', `<p>${MOSS}<br>${VANE}</p>`, 'html', undefined, 2],
    ['what is too short for a reference is none', `<p>${MOSS}</p><p>p. 12</p>`, 'html', undefined, 1],
    ['scripts and styles are not read', `<script>${VANE}</script><p>${MOSS}</p>`, 'html', undefined, 1],
    ['text, a line each', `References\n\n${MOSS}\n${VANE}`, 'text', 'References', 2],
    ['text whose lines are set in', `Works Cited\nMoss, I. (2012). The price of still\n     water. Journal of Weirs.\n${VANE}`, 'text', 'Works Cited', 2],
    ['nothing', '', 'html', undefined, 0],
    ['no text at all', '   \n', 'text', undefined, 0],
  ])('%s', (_, given, form, heading, count) => {
    const list = readListElsewhere(given, form)
    expect([list.heading?.pieces[0]?.text, list.entries.length]).toEqual([heading, count])
  })
  it('a broken address goes on without a space', () => {
    const { entries } = readListElsewhere('Moss, I. (2012). Still water. https://weirs.example/\n     still-water\nVane, C. (2015). Eels.', 'text')
    expect(words(entries[0]!)).toEqual(['Moss, I. (2012). Still water. https://weirs.example/still-water'])
  })
  it.each([
    ['plain text shows no italics', MOSS, false],
    ['asterisks do', `Moss, I. (2012). The price. *Journal of Weirs*, 7.`, true],
    ['a star that multiplies is none', 'Moss, I. (2012). 2 * 3 * 4. Journal of Weirs.', false],
  ])('%s', (_, text, rich) => expect(readListElsewhere(text, 'text').rich).toBe(rich))
  it('items of a numbered list are known as that', () => {
    expect(first(`<ol><li>${MOSS}</li></ol>`).numbered).toBe(true)
    expect(first(`<ul><li>${MOSS}</li></ul>`).numbered).toBeUndefined()
  })
})
