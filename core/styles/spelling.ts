/**
 * The words that styles print of their own: a slip in one is a fault that nobody sees before a reader does. A word new in
 * a style is added to the list after a look at it; house rules, which may print any word, are not held against it.
 */
import type { KindId } from '../source/kinds'
import { PRINTED_WORDS } from './printed-words'
import { parsePattern, SLOTS } from './pattern'
import type { Style } from './schema'
import { parseTemplate, type Node } from './template'
import type { StyleProblem } from './validate'

const KNOWN = new Set(PRINTED_WORDS.split(/\s+/u))

/** Every text that a style prints, with the place in its data. Sentences of rules are for people and read by them. */
export function printedTexts(style: Style): { key: string, text: string }[] {
  const out: { key: string, text: string }[] = []
  const add = (key: string, text: string) => { if (text) out.push({ key, text }) }
  const visit = (key: string, value: unknown, of: (key: string, text: string) => void) => {
    if (typeof value === 'string') of(key, value)
    else if (typeof value === 'object' && value !== null)
      for (const [step, inner] of Object.entries(value)) visit(`${key}.${step}`, inner, of)
  }
  const literal = (key: string, template: string) => wordsIn(parseTemplate(template)).forEach(text => add(key, text))
  const slotted = (slots: readonly string[]) => (key: string, pattern: string) =>
    parsePattern(pattern, slots).forEach((piece) => {
      if ('text' in piece) add(key, piece.text)
    })
  visit('frame', style.frame, literal)
  visit('noteFrame', style.noteFrame, literal)
  visit('parts', style.parts, literal)
  visit('credit.template', style.credit.template, literal)
  for (const [kind, layout] of Object.entries(style.kinds)) {
    const { yearOnly: _y, dateForm: _d, lead: _l, makers: _m, titleInText: _t, unlisted, ...templates } = layout
    if (unlisted) { literal(`kinds.${kind}.unlisted`, unlisted.parenthetical); literal(`kinds.${kind}.unlisted`, unlisted.narrative) }
    visit(`kinds.${kind}`, templates, literal)
  }
  const { locators, actWords, citedIn, inSentence, numbers } = style.citation
  for (const [key, value] of Object.entries({ locators, actWords, citedIn, inSentence })) visit(`citation.${key}`, value, add)
  visit('citation.numbers.locator', numbers?.locator, slotted(SLOTS.numberAndPlace))
  for (const key of ['roles', 'roleSets', 'kindRoles', 'roleJoins', 'countries'] as const) visit(key, style[key], add)
  visit('degrees', style.degrees, slotted(SLOTS.degree))
  const { editionWords, ...terms } = style.terms
  visit('terms', terms, add)
  visit('terms.editionWords', editionWords, add)
  for (const [kind, description] of Object.entries(style.descriptions)) {
    if (typeof description === 'string') add(`descriptions.${kind}`, description)
    else { add(`descriptions.${kind}.or`, description.or ?? ''); visit(`descriptions.${kind}.words`, description.words, add) }
  }
  for (const [set, { pattern }] of Object.entries(style.makers)) visit(`makers.${set}.pattern`, pattern, slotted(SLOTS.makers))
  for (const [id, form] of Object.entries(style.names)) {
    add(`names.${id}.pair`, form.pair)
    add(`names.${id}.last`, form.last)
    add(`names.${id}.etAl.text`, form.etAl?.text ?? '')
  }
  visit('url.doi', style.url.doi, slotted(SLOTS.doi))
  visit('url.address', style.url.address, slotted(SLOTS.address))
  visit('page.captions.table.label', style.page.captions.table.label, slotted(SLOTS.caption))
  visit('page.captions.figure.label', style.page.captions.figure.label, slotted(SLOTS.caption))
  visit('page.appendix.label', style.page.appendix.label, slotted(SLOTS.appendix))
  add('page.appendix.alone', style.page.appendix.alone)
  add('page.notesHeading', style.page.notesHeading)
  add('page.face', style.page.face)
  const { template: _t, numbered, ...credit } = style.credit
  visit('credit', credit, add)
  visit('credit.numbered', numbered, slotted(SLOTS.number))
  add('list.heading', style.list.heading)
  add('dates.bce', style.dates.bce)
  add('dates.circa', style.dates.circa)
  return out
}

function wordsIn(nodes: readonly Node[]): string[] {
  return nodes.flatMap((node) =>
    node.type === 'text'
      ? [node.text]
      : node.type === 'group' || node.type === 'mark'
        ? wordsIn(node.of)
        : node.type === 'first'
          ? node.of.flatMap(({ of }) => wordsIn(of))
          : [],
  )
}

export const printedWords = (style: Style): string[] => printedTexts(style).flatMap(({ text }) => text.match(/[\p{L}\p{M}’]+/gu) ?? [])

/** Marks that stand against a word where they never do: a stop or comma before a capital, an address without its colon. */
const MISPLACED = /(?<!\p{Lu})[.,;:](?=\p{Lu}\p{Ll})|(?<![\p{L}\d])[.,;:](?=\p{Ll}{3})|(?<=\p{L})[?!](?=\p{L})|\b(?:https?|doi)(?= ?\/)/gu

/** Words of a style that no other style prints and nobody has looked at, and marks where no style has them. */
export function checkSpelling(style: Style): StyleProblem[] {
  return printedTexts(style).flatMap(({ key, text }) => {
    const kind = /^kinds\.([a-z-]+)/u.exec(key)?.[1] as KindId | undefined
    const problem = (what: string): StyleProblem => ({ style: style.id, ...(kind ? { kind } : {}), key, what })
    return [
      ...(text.match(/[\p{L}\p{M}’]+/gu) ?? [])
        .filter(word => !KNOWN.has(word))
        .map(word => problem(`"${word}" is printed by no style so far; if it is right, add it to printed-words.ts`)),
      ...(text.match(MISPLACED) ?? []).map(mark => problem(`"${mark}" in "${text}" stands against the word behind it`)),
    ]
  })
}
