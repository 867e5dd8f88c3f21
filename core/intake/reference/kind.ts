/** What kind of source a formatted reference is of, from the words in it and the pieces it has. */
import { KIND_IDS, kindOf, type KindId } from '../../source/kinds'
import type { Peeler } from './peel'
import { readInnerNames } from './names'
import { NEWSPAPER } from './orders'
import { REVIEW_OF } from './title'
import type { Inside } from './rest'

/** Words in brackets, or behind the title, that name the kind; what they say is kept where the kind wants it. */
const SAYS = KIND_IDS.flatMap(kind => kindOf(kind).said.map(rule => ({ ...rule, kind }))).sort((a, b) => a.order - b.order)

const REVIEW_BY = new RegExp(`${REVIEW_OF}<?i?>?\\s*\\*?(.+?)\\*?,?\\s+by\\s+(.+)$`, 'iu')

export function decideKind({
  peeler,
  quoted,
  slanted,
  inside,
}: {
  peeler: Peeler
  quoted: boolean
  slanted: boolean
  inside: Inside
}): KindId {
  const { fields, says } = peeler
  if (says.includes('foreword')) return 'foreword'
  if (says.includes('newspaper')) return 'newspaper-article'
  if (fields.interviewer && !fields.editor) return 'interview'
  if (says.includes('episode') && fields.season && (inside.container ?? fields.container)) return fields.host ? 'podcast-episode' : 'tv-episode'
  if (fields.author?.[0]?.literal?.startsWith('@') && fields.url) return 'social-post'
  if (says.includes('standard') && fields.number) return 'standard'
  if (says.includes('working paper') && fields.number) return 'working-paper'
  for (const word of says) {
    for (const { words, kind, into: target } of SAYS) {
      if (!words.test(word)) continue
      if (kind === 'thesis') {
        const [genre, ...school] = word.split(/,\s*/u)
        peeler.set('genre', genre!)
        if (school.length) peeler.set('publisher', school.join(', '))
      } else if (kind === 'review') {
        const of = REVIEW_BY.exec(word)
        if (of) {
          peeler.set('reviewedTitle', of[1]!.trim())
          peeler.set('reviewedAuthor', readInnerNames(of[2]!) ?? [nameOf(of[2]!)])
        }
      } else if (target) peeler.set(target, word)
      // What it calls itself is kept, where it says more than the kind does.
      else if (!['interview', 'patent', 'personal-communication'].includes(kind)) peeler.set('genre', raised(word))
      // What is heard or seen whole is in italics, and in nothing.
      if (slanted && !inside.container) return kind === 'song' ? 'album' : kind === 'podcast-episode' ? 'podcast' : kind
      return kind
    }
  }
  const { text } = peeler.rest
  const container = inside.container?.text ?? ''
  const thesis =
    /\(?\b((?:PhD|Ph\.\s?D\.|Doctoral|Master[’']s|(?:M|B|D|Ed|LL)\.?\s?(?:A|Sc|S|D|M|Phil|Ed|Eng|Res|Litt)\.?|Bachelor[’']s|Undergraduate)\s+(?:dissertation|thesis|diss\.)|dissertation\b|thesis\b),?/iu.exec(
      text,
    )
  if (thesis) {
    peeler.take(new RegExp(thesis[0].replace(/[.*+?^${}()|[\]\\]/gu, '\\$&'), 'u'))
    peeler.set('genre', /^Ph/iu.test(thesis[1]!) ? 'Doctoral dissertation' : thesis[1]!.replace(/diss\.$/u, 'dissertation'))
    return 'thesis'
  }
  const degree = /(?<=[.,\uE001]\s?)\b(PhD|Ph\.\s?D|DPhil|MPhil|M\.?Sc|M\.?A|Ed\.?D)\.?(?=[.,;\s\uE001])/u.exec(text)
  if (degree && /\buniversit|\bcollege|\binstitute/iu.test(text)) {
    peeler.take(new RegExp(degree[0].replace(/[.*+?^${}()|[\]\\]/gu, '\\$&'), 'u'))
    peeler.set('genre', `${degree[1]!} thesis`)
    return 'thesis'
  }
  const whole = container || (quoted ? text.replace(/\uE001/gu, ' ') : '')
  if (/proceedings|proc\.|symposium|symp\.|conference|\bconf\.|congress|workshop/iu.test(whole)) return 'conference-paper'
  if (/pedia$|\bwiki/iu.test((container || (fields.container ?? '')).trim().replace(/[.,]$/u, ''))) return 'encyclopedia-entry'
  if (/\bdictionary\b/iu.test(whole) && !fields.volume) return 'dictionary-entry'
  if (/encyclop/iu.test(whole) && (!fields.volume || fields.editor || fields.edition)) return 'encyclopedia-entry'
  if (fields.director && !fields.author) return 'film'
  if (fields.producer && !fields.author && slanted) return 'tv-series'
  if (fields.host) return slanted && !inside.container ? 'podcast' : 'podcast-episode'
  const isData = /\bdata\b/iu.test(`${text} ${container}`)
  // "Open River Data", with nothing of an article's.
  if (fields.doi && !fields.volume && !fields.issue && !fields.pages && !fields.editor && HOLDS_DATA.test(`${text} ${container}`)) return 'dataset'
  const isPreprint = says.includes('preprint') || /rxiv\b/iu.test(`${text} ${container}`)
  if (fields.version && !fields.issue && !fields.pages && !fields.volume && !isPreprint && (isData || !quoted)) return isData ? 'dataset' : 'software'
  // Who holds it is named, and somebody made it.
  const isShown = /\b(?:museum|gallery|picture library)\b/iu.test(`${text} ${container}`)
  if (slanted && isShown && !fields.edition && !fields.pages && fields.author?.some(name => name.family))
    return /photograph|picture/iu.test(`${text} ${container}`) ? 'photograph' : 'artwork'
  if (slanted && !container && /\brecords\b/iu.test(text) && !/\boffice\b/iu.test(text)) return 'album'
  // A song is on a record: "In: Songs of Clay. Dustbowl Records; 1996".
  const onRecord = /\brecords\b/iu.test(text) && !/\boffice\b/iu.test(text) && !fields.pages && !fields.editor && !fields.volume
  if (onRecord && (quoted || inside.said)) return 'song'
  // A journal's article has no editor.
  if (fields.editor && !fields.issue && (quoted || inside.said)) return 'chapter'
  if (/\barxiv|rxiv\b|\bpreprint\b/iu.test(`${text} ${container}`)) return 'preprint'
  if (fields.status && !/\bpress\b|\bbooks\b|\p{L}:\s*\p{Lu}/iu.test(text) && /\p{L}{3}/u.test(`${text}${container}`))
    return 'journal-article'
  const part = quoted || (!slanted && Boolean(inside.container))
  if (inside.said && (fields.editor || fields.publisher || fields.pages || slanted === false) && !fields.issue) {
    if (fields.volume && !fields.editor && !/:\s*\p{Lu}|press|books|house/iu.test(text)) return 'journal-article'
    return 'chapter'
  }
  const news = NEWSPAPER.test(container || text)
  // Who translated it is said of a volume of a book.
  if (fields.translator && !fields.issue && !fields.pages && !container) return 'book'
  if (fields.volume || fields.issue) {
    if (fields.editor && fields.publisher) return 'chapter'
    // A journal has no editions.
    if (fields.edition && !fields.issue && !quoted) return 'book'
    // A volume of a book: italic title and no container.
    if (!quoted && !inside.container && !fields.issue && (slanted || (!fields.pages && /\bpress\b|\bbooks\b|\p{L}:\s*\p{Lu}/iu.test(text))))
      return 'book'
    if (!fields.doi && /\b(?:magazine|monthly|weekly|fortnightly)\b/iu.test(container || text)) return 'magazine-article'
    if (fields.issued?.start?.month && !fields.doi && fields.issue && container.includes('&')) return 'magazine-article'
    return 'journal-article'
  }
  if ((part || (!slanted && !container)) && news && !fields.doi && !/\bpress\b|\p{L}:\s*\p{Lu}/iu.test(text)) return 'newspaper-article'
  if (part && fields.editor) return 'chapter'
  if (fields.doi && part) return 'journal-article'
  const onItsDay = part && fields.url && fields.issued?.start?.day
  if (onItsDay && !fields.doi && /\b(?:weekly|monthly|magazine|fortnightly)\b/iu.test(container || text)) return 'magazine-article'
  // A page of a site has no pages.
  if (onItsDay && fields.pages) return 'newspaper-article'
  if (part && fields.url) return /\bblog\b|notes\b|diary\b/iu.test(container || text) ? 'blog-post' : 'web-page'
  if (part && container)
    return /press|books|house|:/iu.test(text) && fields.pages
      ? 'chapter'
      : fields.issued?.start?.month
        ? 'magazine-article'
        : 'journal-article'
  if (/patent/iu.test(fields.title ?? '') && /\d,\d{3}/u.test(fields.title ?? '')) return 'patent'
  if (/\breport\b/iu.test(says.join(' ')) || /\b(?:tech\.|technical) rep/iu.test(text)) return 'report'
  const office = /\b(?:institute|agency|office|cent(?:re|er)|trust|society|association|department|ministry|commission|council|bureau|government|authority|committee)\b/iu.test(text)
  if (office && !/\bpress\b/iu.test(text) && !fields.edition && !fields.translator && (fields.url || !quoted))
    return fields.issued?.start?.month && fields.url ? 'web-page' : 'report'
  const press =
    /\b(?:press|books|house|publish\w*|editions|verlag)\b/iu.test(text)
    || /\p{L}:\s*\p{Lu}/u.test(text)
    || Boolean(fields.edition)
    || Boolean(fields.translator)
  if (press) return 'book'
  // What stands in quotation marks is a part: of a magazine by its month, of a journal by its pages.
  if (quoted && !fields.url && !fields.doi && /\p{L}{3}/u.test(text)) {
    if (fields.issued?.start?.month) return 'magazine-article'
    if (fields.pages) return 'journal-article'
  }
  // Pages of a month, with its italics lost.
  if (!slanted && fields.pages && fields.issued?.start?.month && !fields.doi && !fields.url && /\p{L}{3}/u.test(text)) return 'magazine-article'
  if (fields.url) return /\bblog\b/iu.test(text) ? 'blog-post' : 'web-page'
  if (fields.doi) return slanted ? 'book' : 'journal-article'
  return container ? 'journal-article' : 'book'
}

const HOLDS_DATA = /\bdata(?:\s(?:archive|repository|library|service|centre|center|bank)|base|bank|verse|sets?)?(?=[.,;\s\uE001]*(?:$|\uE001))/iu
const raised = (word: string): string => `${word[0]!.toUpperCase()}${word.slice(1)}`
const nameOf = (text: string) => {
  const words = text.trim().split(/\s+/u)
  return words.length > 1 ? { given: words.slice(0, -1).join(' '), family: words.at(-1)! } : { literal: text.trim() }
}
