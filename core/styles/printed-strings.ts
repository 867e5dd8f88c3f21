/** What the strings of a style may hold: words printed as they stand, marks, words for one and for several, patterns, templates. */
import * as z from 'zod'
import { parsePattern } from './pattern'

/** A template in the notation of template.ts; what it names is checked against the whole style. */
export const template = z.string().max(2000)
/** Text printed as it stands: at least a letter or a mark, no notation in it. */
export const printed = z
  .string()
  .max(80)
  .refine((text) => !/[{}<>|⟦⟧*^]/u.test(text), { error: 'is printed as it stands and can hold no { } < > | * ^' })
  .refine(text => !text.includes('"'), { error: 'is printed as it stands; quotation marks are curly ones' })
export const sign = (says: string) => printed.describe(says)
export const shaped = (shape: RegExp, what: string) => printed.refine(text => shape.test(text), { error: what })
/** Marks and spaces alone. */
export const marks = (says: string) => shaped(/^[ ,;.:()[\]–—/-]{0,4}$/u, 'can hold only marks such as , ; . : ( ) and spaces').describe(says)
/** What joins names or works: a mark, a space, "and" or "&" if there is one. */
export const joint = shaped(/^[,;]? (?:(?:and|&) )?$/u, 'joins names: a comma or semicolon or neither, a space, and or & or neither')
export const joins = (says: string) => joint.describe(says)
/** A word or abbreviation behind a name. */
export const label = shaped(/^[\p{L}’]+\.?(?: [\p{L}’]+\.?)*$/u, 'is a word or an abbreviation')
export const quotationMark = shaped(/^[“”‘’«»„‚‹›「」"']$/u, 'is no quotation mark')
/** Both words end alike: with a space, or without. */
export const wordsBefore = oneAndSeveralOf(shaped(/^(?:[\p{L}§¶]+\.?(?: [\p{L}]+)* ?)?$/u, 'is a word or an abbreviation before a number')).refine(
  ([one, several]) => one.endsWith(' ') === several.endsWith(' ') && (one === '') === (several === ''),
  { error: 'one word ends otherwise than the other' },
)
/** A pattern in the notation of pattern.ts with these slots. */
export const pattern = (slots: readonly string[]) => z.string().max(200).superRefine((text, context) => {
  if (/\}\p{L}/u.test(text)) context.addIssue({ code: 'custom', message: `a word runs into what is before it in "${text}"` })
  if (/[.,;:] ?[,;:]/u.test(text)) context.addIssue({ code: 'custom', message: `two marks in a row in "${text}"` })
  try { parsePattern(text, slots) }
  catch (error) { context.addIssue({ code: 'custom', message: (error as Error).message }) }
})
export function oneAndSeveralOf<T extends z.ZodType>(word: T) { return z.tuple([word, word]).readonly() }
