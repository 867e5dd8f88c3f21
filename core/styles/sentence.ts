/**
 * Sentences of rules: plain English in which what the style's data decides is a slot, so that a changed number changes
 * its sentence and House rules can show what may be changed. A slot names a path in the style:
 *
 *   {list.repeated}                     what stands there
 *   {names.lead.etAl.from:less-one}     a number less one; `words` in words, `less-one-words` both; `quoted` in quotation marks
 *   {dash?–=an en dash|-=a hyphen|*=…}  words for each value; * for any other, nothing at all for one that is not there
 */
import { inWords } from '../text/numbers'
import { PatternError } from './pattern'
import { valueAt } from './paths'
import type { Style } from './schema'

const FORMS = {
  'less-one': (value: unknown) => String(Number(value) - 1),
  'words': (value: unknown) => inWords(Number(value)),
  'less-one-words': (value: unknown) => inWords(Number(value) - 1),
  'quoted': (value: unknown) => `“${String(value)}”`,
}
type SentenceForm = keyof typeof FORMS
const isForm = (name: string): name is SentenceForm => Object.hasOwn(FORMS, name)

export interface SentenceSlot { path: string, form?: SentenceForm, choices?: ReadonlyMap<string, string> }
export type SentencePiece = { text: string } | { slot: SentenceSlot }

const parsed = new Map<string, readonly SentencePiece[]>()

/** @throws PatternError with the place, when a slot is malformed */
export function parseSentence(sentence: string): readonly SentencePiece[] {
  const known = parsed.get(sentence)
  if (known) return known
  const fail = (what: string, at: number): never => { throw new PatternError(`${what} at ${at} in "${sentence}"`) }
  const pieces: SentencePiece[] = []
  let at = 0
  while (at < sentence.length) {
    const open = sentence.indexOf('{', at)
    const text = sentence.slice(at, open < 0 ? undefined : open)
    if (text.includes('}')) fail('stray }', at + text.indexOf('}'))
    if (text) pieces.push({ text })
    if (open < 0) break
    const close = sentence.indexOf('}', open)
    if (close < 0) fail('unclosed {', open)
    const [, path, form, choices] =
      /^([A-Za-z][\w.-]*)(?::([a-z-]+)|\?(.*))?$/u.exec(sentence.slice(open + 1, close)) ?? fail('no slot', open)
    if (form !== undefined && !isForm(form)) fail(`no form "${form}"`, open)
    pieces.push({
      slot: {
        path: path!,
        ...(form ? { form: form as SentenceForm } : {}),
        ...(choices !== undefined ? { choices: readChoices(choices, (what) => fail(what, open)) } : {}),
      },
    })
    at = close + 1
  }
  parsed.set(sentence, pieces)
  return pieces
}

function readChoices(text: string, fail: (what: string) => never): ReadonlyMap<string, string> {
  return new Map(text.split('|').map((choice) => {
    const at = choice.indexOf('=')
    if (at < 0) fail(`no = in the choice "${choice}"`)
    return [choice.slice(0, at), choice.slice(at + 1)] as const
  }))
}

/** What a slot says in a style; undefined when the style has nothing there that the slot can say. */
export function fillSlot(style: Style, { path, form, choices }: SentenceSlot): string | undefined {
  const value = valueAt(style, path)
  if (choices) return choices.get(value === undefined ? '' : String(value)) ?? choices.get('*') ?? (value === undefined ? '' : undefined)
  if (value === undefined || typeof value === 'object') return undefined
  return form ? FORMS[form](value) : String(value)
}

/** A sentence as it reads in a style, in the pieces it is made of; a piece from the style's data names its path. */
export interface SaidPiece { text: string, path?: string }

export function sayIn(style: Style, sentence: string): SaidPiece[] {
  return parseSentence(sentence).map((piece, i): SaidPiece => {
    if ('text' in piece) return { text: piece.text }
    const text = fillSlot(style, piece.slot) ?? ''
    // A sentence begins with a capital, whatever stands there.
    return { text: i === 0 ? text.replace(/^\p{Ll}/u, c => c.toUpperCase()) : text, path: piece.slot.path }
  })
}
