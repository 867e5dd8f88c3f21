/** Passages: words or ideas taken from a source, with their place in it. */
import * as z from 'zod'
import { foldWords } from '../text/filing'

export const PASSAGE_FORMS = ['quotation', 'paraphrase', 'summary'] as const
export const passageFormSchema = z.enum(PASSAGE_FORMS)
export type PassageForm = z.infer<typeof passageFormSchema>

export const passageSchema = z.object({
  form: passageFormSchema,
  /** The passage as it would stand in the paper: the source's words, or the writer's own. */
  words: z.string().max(50_000, { error: 'A passage is longer than 50,000 characters; take a shorter one.' }),
  /** For a paraphrase or a summary: the source's own words beside it. */
  original: z.string().max(50_000).default(''),
  /** Where in the source, as typed: "104-6", "para 4". */
  locator: z.string().max(200).default(''),
  comment: z.string().max(20_000).default(''),
  tags: z.array(z.string().trim().min(1).max(40)).max(12).default([]),
})
export type PassageText = z.infer<typeof passageSchema>

/** Whether a passage's words stand in a text already: all of a short one, or any eight words in a row of a longer one. */
export function standsIn(words: string, foldedText: string): boolean {
  const wanted = foldWords(words).split(' ').filter(Boolean)
  if (wanted.length < 3) return wanted.length > 0 && ` ${foldedText} `.includes(` ${wanted.join(' ')} `)
  const size = Math.min(8, wanted.length)
  for (let i = 0; i + size <= wanted.length; i++) if (` ${foldedText} `.includes(` ${wanted.slice(i, i + size).join(' ')} `)) return true
  return false
}

/** Pasted words as a passage: a place written at the end ("… for its keep (p. 58)") is taken as its place. */
export function readPassage(pasted: string): PassageText {
  const text = pasted
    .replace(/\r\n?/gu, '\n')
    .replace(/[ \t\u00A0]+/gu, ' ')
    .replace(/-\n(?=\p{Ll})/gu, '')
    .replace(/(?<!\n)\n(?!\n)/gu, ' ')
    .trim()
  const place = /\s*[([](?:[^()[\]]*?,\s*)?((?:pp?|para|paras|ch|sec|fig|l|ll)\.?\s*[\divxlc]+(?:\s*[-–]\s*[\divxlc]+)?)[)\]]\.?$/iu.exec(
    text,
  )
  const bare = (place ? text.slice(0, place.index) : text).trim()
  const quoted = /^[“"](.+)[”"]([.,]?)$/su.exec(bare)
  const words = quoted && !/[“”"]/u.test(quoted[1]!) ? quoted[1]! + (quoted[2] === '.' && !/[.?!]$/u.test(quoted[1]!) ? '.' : '') : bare
  return { form: 'quotation', words, original: '', locator: place?.[1] ?? '', comment: '', tags: [] }
}
