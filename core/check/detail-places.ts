/** What is missing, and what was typed where something else belongs. */
import { TEXT_FIELDS } from '../source/fields'
import { hintFor, kindOf, labelFor } from '../source/kinds'
import { has, missing, textOf, withField, type Fields } from '../source/model'
import { stripRich } from '../text/rich'
import type { DetailRule } from './detail-rule'

const holes: DetailRule = ({ source, style }) => missing(source).map((field) => {
  const hint = hintFor(source.kind, field)
  const none = field === 'issued' ? style.terms.noDate : undefined
  return {
    rule: 'missing',
    field,
    serious: true,
    about: source.kind,
    says:
      field === 'issued'
        ? `No date.${typeof none === 'string' && none ? ` If the source gives none, ${style.short} prints ${none}` : ''}`
        : `No ${labelFor(source.kind, field).toLowerCase()}.${hint ? ` Look ${/^(?:in|on|at|near|beside|above|under|after|with|facing|by)\b/u.test(hint) ? hint : `for it: ${hint}`}.` : ''}`,
  }
})

const undated: DetailRule = ({ source }) =>
  kindOf(source.kind).inside === 'site'
  && !kindOf(source.kind).required.includes('issued')
  && !has(source, 'issued')
  && !has(source, 'accessed')
    ? [
        {
          rule: 'page-undated',
          field: 'accessed' as const,
          says: 'No date. Look near the title and at the foot of the page; if there is none, note the day you read it.',
          serious: true,
          about: '',
        },
      ]
    : []

const PUBLISHER = /\b(?:press|books|publish(?:er|ers|ing)|verlag|editions|éditions|house)\b/iu
const JOURNAL = /\b(?:journal|review|quarterly|annals|proceedings|bulletin|transactions|studies|letters|magazine)\b/iu
const crossed: DetailRule = ({ source }) => {
  const container = textOf(source, 'container')
  const publisher = textOf(source, 'publisher')
  const inPeriodical = Boolean(kindOf(source.kind).inside === 'periodical')
  const swap = { ...source.fields } as Fields
  if (
    container
    && publisher
    && PUBLISHER.test(container)
    && !JOURNAL.test(container)
    && JOURNAL.test(publisher)
    && !PUBLISHER.test(publisher)
  ) {
    return [
      {
        rule: 'places-swapped',
        field: 'container',
        serious: true,
        says: `“${container}” looks like a publisher and “${publisher}” like a journal.`,
        fix: { label: 'Swap them', fields: { ...swap, container: publisher, publisher: container } },
      },
    ]
  }
  if (inPeriodical && container && !publisher && PUBLISHER.test(container) && !JOURNAL.test(container)) {
    return [
      {
        rule: 'publisher-as-journal',
        field: 'container',
        serious: true,
        says: `“${container}” looks like a publisher; here goes the journal’s name.`,
        fix: { label: 'Move it to Publisher', fields: { ...withField(source.fields, 'container', undefined), publisher: container } },
      },
    ]
  }
  if (inPeriodical && !container && publisher && JOURNAL.test(publisher)) {
    return [
      {
        rule: 'journal-as-publisher',
        field: 'publisher',
        serious: true,
        says: `“${publisher}” looks like the journal; it was typed as the publisher.`,
        fix: { label: 'Move it to the journal', fields: { ...withField(source.fields, 'publisher', undefined), container: publisher } },
      },
    ]
  }
  if (kindOf(source.kind).whole && publisher && /\bjournal of\b/iu.test(publisher) && !PUBLISHER.test(publisher)) {
    return [
      {
        rule: 'journal-as-publisher',
        field: 'publisher',
        says: `“${publisher}” looks like a journal: is this an article?`,
        fix: {
          label: 'It is an article',
          fields: { ...withField(source.fields, 'publisher', undefined), container: publisher },
          kind: 'journal-article',
        },
      },
    ]
  }
  return []
}

const leftovers: DetailRule = ({ source }) => TEXT_FIELDS.filter(field => field !== 'url' && field !== 'title').flatMap((field) => {
  const value = textOf(source, field)
  const bare = value.replace(/[.,;]?\s*\b(?:retrieved|available|accessed)\b(?:\s+(?:on|from|at)\b)?.*$/iu, '').trim()
  return value && bare !== value && bare
    ? [
        {
          rule: 'retrieved-left',
          field,
          says: `“${value.slice(bare.length).trim()}” was left in; the style prints such words by itself.`,
          fix: { label: 'Take it out', shows: bare, fields: withField(source.fields, field, bare) },
        },
      ]
    : []
})

const abbreviated: DetailRule = ({ source, style }) => {
  const container = stripRich(textOf(source, 'container'))
  if (kindOf(source.kind).inside !== 'periodical' || style.shorten.journals || !container) return []
  const words = container.split(/\s+/u)
  const short = words.filter(word => /^\p{L}{1,8}\.$/u.test(word)).length
  return short > 0 && words.length > 1 && short * 2 >= words.length - 1
    ? [
        {
          rule: 'journal-short',
          field: 'container',
          serious: true,
          says: `“${container}” is abbreviated; ${style.short} prints the journal’s name in full.`,
        },
      ]
    : []
}

const punctuated: DetailRule = ({ source }) =>
  (['container', 'publisher', 'place', 'volume', 'issue', 'pages', 'series'] as const).flatMap((field) => {
    const value = textOf(source, field)
    const bare = value
      .replace(/[,;:]+$/u, '')
      .replace(/^[,;:.]+\s*/u, '')
      .trim()
    return value && bare !== value && bare
      ? [
          {
            rule: 'stray-mark',
            field,
            says: `“${value}” has a stray mark at its edge.`,
            fix: { label: 'Take it off', shows: bare, fields: withField(source.fields, field, bare) },
          },
        ]
      : []
  })

export const PLACE_RULES: readonly DetailRule[] = [holes, undated, crossed, leftovers, abbreviated, punctuated]
