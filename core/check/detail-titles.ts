/** Titles as databases hand them over: shouted, capitalised for another style, with stops, quotation marks and the site's name. */
import { withoutSiteBehind } from '../text/site-name'
import type { TitleWords } from '../text/capitals'
import { writeRich } from '../text/protection'
import { isShouted } from '../text/shouted'
import { kindOf } from '../source/kinds'
import { textOf, withField, type Source } from '../source/model'
import type { Style } from '../styles/schema'
import type { DetailRule } from './detail-rule'

/** The title in the sentence case that sources are stored in, names kept, a capital after a colon. */
const storedCase = (title: string, titles: TitleWords): string => writeRich(titles.capitalise(title, { style: 'sentence', afterColon: 'capital' }).segments)

/** Whether the style sets this source's title in sentence case, so that how it is stored shows. */
function wantsSentence(style: Style, source: Source): boolean {
  const rule = kindOf(source.kind).whole ? style.capitals.italic : style.capitals.roman
  return rule.style === 'sentence'
}

const capitals: DetailRule = ({ source, style, titles }) => {
  const title = textOf(source, 'title')
  if (!title || kindOf(source.kind).plainTitle) return []
  const loud = isShouted(title)
  if (!loud && !(titles.isHeadline(title) && wantsSentence(style, source))) return []
  const becomes = storedCase(title, titles)
  if (becomes === title) return []
  return [
    {
      rule: loud ? 'title-shouted' : 'title-headline',
      field: 'title',
      serious: loud,
      says: loud
        ? 'Every letter of it is a capital. Set like a sentence, its names need theirs back: click them.'
        : `The title is capitalised for another style; ${style.short} sets it like a sentence.`,
      fix: { label: 'Set like a sentence', shows: becomes, fields: withField(source.fields, 'title', becomes) },
    },
  ]
}

const containerCapitals: DetailRule = ({ source, titles }) => {
  const container = textOf(source, 'container')
  if (!isShouted(container)) return []
  const becomes = writeRich(titles.capitalise(container, { style: 'headline', prepositions: 3 }).segments)
  return [
    {
      rule: 'container-shouted',
      field: 'container',
      says: 'The name of what it is in is in capitals.',
      fix: { label: 'Set as a name', shows: becomes, fields: withField(source.fields, 'container', becomes) },
    },
  ]
}

const edges: DetailRule = ({ source }) => {
  const title = textOf(source, 'title')
  if (!title || kindOf(source.kind).plainTitle) return []
  let becomes = title.replace(/(?<![.\s]\p{L}|\.)\.$/u, '')
  const says: string[] = []
  if (becomes !== title) says.push('ends with a full stop, which the style adds by itself')
  const quoted = /^“([^“”]+)”$|^"([^"]+)"$/u.exec(becomes)
  if (quoted && !['review'].includes(source.kind)) {
    becomes = quoted[1] ?? quoted[2]!
    says.push('stands in quotation marks, which the style adds where it wants them')
  }
  const site = textOf(source, 'container')
  const bare = withoutSiteBehind(becomes, site)
  if (bare !== becomes) {
    becomes = bare
    says.push(`ends with the name of the site`)
  }
  if (/&(?:amp|quot|lt|gt|#39|apos|nbsp);/u.test(becomes)) {
    becomes = becomes
      .replaceAll('&quot;', '"')
      .replaceAll('&#39;', '’')
      .replaceAll('&apos;', '’')
      .replaceAll('&nbsp;', ' ')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&amp;', '&')
    says.push('holds codes of a web page')
  }
  if (/ {2,}/u.test(becomes)) {
    becomes = becomes.replace(/ {2,}/gu, ' ')
    says.push('has doubled spaces')
  }
  return says.length && becomes
    ? [
        {
          rule: 'title-edges',
          field: 'title' as const,
          says: `The title ${says.join(' and ')}.`,
          fix: { label: 'Tidy it', shows: becomes, fields: withField(source.fields, 'title', becomes) },
        },
      ]
    : []
}

export const TITLE_RULES: readonly DetailRule[] = [capitals, containerCapitals, edges]
