/** Words that say what sort of thing a work is. */
import type { FieldName } from '../../source/fields'
import type { Style } from '../../styles/schema'
import type { KindSetting, Work } from '../work'
import { asSeries } from '../../source/values/sorts'
import { degreeWithStops, readDegree } from '../../source/degrees'
import { fillPattern } from '../../styles/pattern'
import { curled } from '../../text/quotes'
import { beginSmall, printing, type Bind } from './setting'
import { rowOf } from '../../text/lookup'

/** The words, and the field they come from. */
function described(kind: KindSetting): (work: Work) => { words: string, field: FieldName } {
  const rule = kind.style.descriptions[kind.id]
  const { from, or = '', words: own } = typeof rule === 'string' ? { or: rule } : rule ?? {}
  const field = from === 'medium' ? 'medium' : 'genre'
  return (work) => {
    // The source's own word for what it is, where the style has a word for that.
    const genre = work.text('genre').toLowerCase().replace(/'/gu, '’')
    const known = genre ? rowOf(own, genre) ?? (kind.row.forDegree ? degree(genre, kind.style) : undefined) : undefined
    return { words: known ?? ((from ? work.text(from) : '') || or), field }
  }
}

/** What the style calls a thesis for such a degree. */
function degree(genre: string, { degrees, degreeStops }: Style): string | undefined {
  const read = readDegree(genre)
  const said = read && degrees?.[read.level]
  if (!said) return undefined
  const { letters, word } = read
  return letters && said.named
    ? fillPattern(said.named, { degree: degreeStops ? degreeWithStops(letters) : letters, word })
    : fillPattern(said.plain, { degree: '', word })
}

const description = (small: boolean): Bind => (_filters, kind) => {
  const say = described(kind)
  return (work, _telling, out) => {
    const { words, field } = say(work)
    if (!words) return false
    const text = curled(words)
    out.push({
      text: small ? beginSmall(text) : text,
      part: 'what',
      field,
      rules: ['description'],
      ...(small || /^\p{Ll}/u.test(words) ? { sentence: true } : {}),
    })
    return true
  }
}

/** "Technical Report": Technical report; what has capitals of its own keeps them. */
const sentenceStart = (text: string): string => text.split(' ').map((word, i) => (i ? beginSmall(word) : word)).join(' ')

export const WORDS = {
  'description': description(false),
  'description.lower': description(true),
  'genre.lower': printing('genre', work => work.text('genre').split(' ').map(beginSmall).join(' ')),
  'genre.series': printing('genre', work => asSeries(work.text('genre'))),
  'genre.sentence': printing('genre', work => sentenceStart(work.text('genre'))),
  'medium.lower': printing('medium', work => beginSmall(work.text('medium'))),
}
