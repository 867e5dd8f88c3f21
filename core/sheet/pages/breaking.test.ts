import { describe, expect, it } from 'vitest'
import { shippedFaces } from '../../../server/faces'
import type { Look } from '../../styles/page-schema'
import { hyphenate } from './hyphens'
import { linesOf } from './lines'

const { faces } = shippedFaces('tinos')
const LOOK: Look = {
  size: 12, align: 'left', leading: 1, before: 0, after: 0, left: 0, right: 0, first: 0,
  bold: false, italic: false, underline: false, smallCaps: false, keepNext: false, newPage: false,
}
const set = (text: string, width: number, over: Partial<Look> = {}) => linesOf([{ text }], { faces, look: { ...LOOK, ...over }, width })
const words = (text: string, width: number, over: Partial<Look> = {}) => set(text, width, over).map(line => line.texts.map(one => one.text).join('').trimEnd())

describe('where lines end', () => {
  it.each<[string, string, number, string[]]>([
    ['behind spaces', 'one two three', 45, ['one two', 'three']],
    ['behind a hyphen between words, which stays', 'tide-mill wheel', 40, ['tide-', 'mill', 'wheel']],
    ['behind a dash, never before one', 'mud—the pond', 40, ['mud—', 'the', 'pond']],
    ['not at a space that keeps words together', 'so p.\u00A058 it', 30, ['so', 'p.\u00A058', 'it']],
    ['not between p. and its number', 'in it, p. 58 on', 34, ['in it,', 'p. 58', 'on']],
    ['not before a number’s minus', 'level -500 now', 45, ['level', '-500', 'now']],
    ['where the writer ends one', 'one\ntwo three', 200, ['one', 'two three']],
    ['an address goes to a line of its own whole', 'see https://a.example/x now', 104, ['see', 'https://a.example/x', 'now']],
    ['and is divided where it may be when none holds it', 'https://mill.example/pond/gate.html', 110, ['https://mill.example', '/pond/gate.html']],
    ['a word that no line holds is cut', 'mmmmmmmmmm', 50, ['mmmmm', 'mmmmm']],
    ['letters of scripts without spaces', '水車小屋の池', 40, ['水車小', '屋の池']],
  ])('%s', (_, text, width, lines) => {
    expect(words(text, width)).toEqual(lines)
  })
  it.each<[string, Partial<Look>, number]>([
    ['the first line set in', { first: 36 }, 36], ['all lines set in', { left: 20 }, 20], ['hung', { left: 36, first: -36 }, 0],
  ])('%s', (_, look, first) => {
    const lines = set('The pond fills and the gate holds and the wheel turns again.', 120, look)
    expect(lines[0]!.texts[0]!.x).toBeCloseTo(first)
    expect(lines[1]!.texts[0]!.x).toBeCloseTo(look.left ?? 0)
  })
  it('centred and at the right', () => {
    const [line] = set('pond', 200, { align: 'centre' })
    const [text] = line!.texts
    expect(text!.x + text!.width / 2).toBeCloseTo(100)
    const right = set('pond', 200, { align: 'right' })[0]!.texts[0]!
    expect(right.x + right.width).toBeCloseTo(200)
  })
  it('straight at both edges but in the last line, its spaces alike', () => {
    const lines = set('The estuary keeps the work of three hundred years in its mud, and nobody who walks there can doubt it.', 160, { align: 'justified' })
    const ends = lines.map(line => line.texts.at(-1)!).map(text => text.x + text.width)
    for (const end of ends.slice(0, -1)) expect(end).toBeCloseTo(160, 1)
    expect(ends.at(-1)).toBeLessThan(160)
  })
  it('a number stands before its words, which begin at the tab', () => {
    const lines = linesOf([{ text: 'Tremayne, Working the tide, a book that goes on.' }], { faces, look: { ...LOOK, left: 21.6, first: -21.6 }, width: 120 }, [{ text: '[1]' }])
    expect(lines[0]!.texts.map(text => [text.text.slice(0, 3), Math.round(text.x * 10) / 10])).toEqual([['[1]', 0], ['Tre', 21.6]])
    expect(lines[1]!.texts[0]!.x).toBeCloseTo(21.6)
  })
  it('small capitals are capitals, smaller; raised numbers smaller and higher', () => {
    const [line] = linesOf([{ text: 'Mud', smallCaps: true }, { text: '1', superscript: true }], { faces, look: LOOK, width: 200 })
    expect(line!.texts.map(text => [text.text, Math.round(text.size * 10) / 10, text.rise > 0])).toEqual([['M', 12, false], ['UD', 9.6, false], ['1', 7.8, true]])
  })
})

it('long words are divided where they may be, with a hyphen that is set', () => {
  const given = { faces, look: { ...LOOK, align: 'justified' as const }, width: 70, hyphenate }
  const lines = linesOf([{ text: 'the sedimentation of estuaries' }], given).map(line => line.texts.map(one => one.text).join(''))
  expect(lines.some(line => line.endsWith('-'))).toBe(true)
  expect(lines.join('').replace(/-|\s/gu, '')).toBe('thesedimentationofestuaries')
})

describe('how wide words are', () => {
  it('pairs stand nearer than their letters alone', () => {
    const face = faces.of('regular')
    expect(face.width('AV')).toBeLessThan(face.width('A') + face.width('V'))
  })
  it('is the same for a line as for the whole of what it holds', () => {
    const text = 'AVA. Tide, “Yawl” and Water: To we V. A'
    const [line] = set(text, 2000)
    expect(line!.texts).toHaveLength(1)
    expect(line!.texts[0]!.width).toBeCloseTo(faces.of('regular').width(text) * 12, 3)
  })
  it('says which letters no face has, and sets what it can', () => {
    const { faces: own } = shippedFaces('gelasio')
    const [line] = linesOf([{ text: 'pond 水 мир שלום عين 국 门 \u{10480}' }], { faces: own, look: LOOK, width: 400 })
    expect(line!.texts.map(text => text.face)).toEqual(['regular', 'sawarabi', 'tinos', 'amiri', 'gowun', 'xiaowei', 'regular'])
    expect([...own.lacking]).toEqual(['\u{10480}'])
  })
})
