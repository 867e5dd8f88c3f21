/**
 * A saved web page: its own tags and what stands on it, merged by trust and shown with their origin.
 * Sources: the tags scholarly indexes ask publishers for (citation_*), DCMI Metadata Terms, the Open Graph protocol,
 * schema.org as JSON-LD, and HTML's own <title>, <time>, rel=author and rel=canonical.
 */
import { withoutSite } from '../../text/site-name'
import type { CheerioAPI } from 'cheerio/slim'
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'
import type { SourceDate } from '../../source/dates'
import type { Fields } from '../../source/model'
import { htmlTree, treeOf } from '../html-tree'
import { readIsbn } from '../identifiers'
import { readLinked } from './linked'
import { languageOf, pageDate, pageDoi, pageNames, setter, splitTogether } from './values'
import type { Intake, Proposal, Trust } from '../proposal'
import { rowOf } from '../../text/lookup'

/** What one way of tagging says. Earlier readers are trusted more. */
export interface Reading { by: Trust, says: string, kind?: KindId, fields: Fields }

/** Longest page read, in characters; beyond it only the beginning, where the tags are. */
const MAX_PAGE = 3_000_000

/** Reads a saved page into one proposal. `address` is where it was saved from, if known. Never throws. */
export function readPage(html: string, address?: string): Intake {
  const $ = htmlTree(html.slice(0, MAX_PAGE))
  const readings = [scholarly($), linked($), dublinCore($), openGraph($), visible($), titleTag($)].filter(r => r !== undefined)
  const url = tidyUrl(
    $('link[rel="canonical"]').attr('href') ?? $('meta[property="og:url"]').attr('content') ?? savedFrom(html) ?? address ?? '',
    address,
  )
  const fields: Fields = {}
  const from: Proposal['from'] = {}
  for (const reading of readings) {
    for (const [name, value] of Object.entries(reading.fields) as [FieldName, Fields[FieldName]][]) {
      if (value === undefined || value === '' || (Array.isArray(value) && !value.length)) continue
      // A finer date of the same year is worth more than a coarse one from a better tag.
      const finer =
        name === 'issued'
        && fields.issued?.start
        && !fields.issued.start.month
        && (value as SourceDate).start?.month
        && (value as SourceDate).start?.year === fields.issued.start.year
      if (fields[name] !== undefined && !finer) continue
      Object.assign(fields, { [name]: value })
      from[name] = { by: reading.by, says: reading.says }
    }
  }
  if (url && !fields.url && !fields.doi) { fields.url = url; from.url = { by: 'page', says: 'the page’s own address' } }
  const kindBy = readings.find(r => r.kind)
  const kind = kindBy?.kind ?? 'web-page'
  from.kind = kindBy ? { by: kindBy.by, says: kindBy.says } : { by: 'guessed', says: 'nothing on the page says what it is' }
  const doubts = tidy(kind, fields, from)
  if (!fields.title)
    return { proposals: [], problems: [{ where: 'page', what: 'no title and no tags were found on it; type its title instead.' }] }
  return { proposals: [{ kind, fields, from, where: 'page', doubts }], problems: [] }
}

/** Browsers note where a page was saved from. */
const savedFrom = (html: string): string | undefined => /<!--\s*saved from url=(?:\(\d+\))?(\S+)\s*-->/u.exec(html.slice(0, 3000))?.[1]

function tidyUrl(url: string, base: string | undefined): string {
  try {
    const parsed = new URL(url, base)
    if (!/^https?:$/u.test(parsed.protocol)) return ''
    for (const key of [...parsed.searchParams.keys()]) if (/^(?:utm_\w+|fbclid|gclid)$/u.test(key)) parsed.searchParams.delete(key)
    return parsed.href
  }
  catch { return '' }
}

// The ways of tagging ------------------------------------------------------------------------------------------------

const squash = (text: string | undefined): string => (text ?? '').replace(/\s+/gu, ' ').trim()

function metas($: CheerioAPI): (name: string) => string[] {
  const found = new Map<string, string[]>()
  $('meta').each((_, element) => {
    const name = ($(element).attr('name') ?? $(element).attr('property') ?? $(element).attr('itemprop') ?? '')
      .toLowerCase()
      .replaceAll(':', '.')
    const value = squash($(element).attr('content'))
    if (name && value) found.set(name, [...(found.get(name) ?? []), value])
  })
  return name => found.get(name.toLowerCase().replaceAll(':', '.')) ?? []
}

function scholarly($: CheerioAPI): Reading | undefined {
  const all = metas($)
  const first = (...names: string[]) => names.map(name => all(`citation_${name}`)[0]).find(Boolean) ?? ''
  const fields: Fields = {}
  const set = setter(fields)
  set('title', first('title'))
  if (!fields.title) return undefined
  set(
    'author',
    pageNames(all('citation_author').length ? all('citation_author') : all('citation_authors').flatMap((list) => list.split(/\s*;\s*/u))),
  )
  set('editor', pageNames(all('citation_editor')))
  set('issued', pageDate(first('publication_date', 'cover_date', 'date', 'online_date', 'year')))
  set('volume', first('volume'))
  set('issue', first('issue'))
  const [start, end] = [first('firstpage'), first('lastpage')]
  set('pages', start && end && start !== end ? `${start}-${end}` : start)
  set('doi', pageDoi([first('doi'), ...all('dc.identifier'), ...all('prism.doi')]))
  set('isbn', readIsbn(first('isbn')))
  set('issn', first('issn'))
  set('language', languageOf(first('language')))
  const journal = first('journal_title')
  const book = first('inbook_title', 'book_title')
  const meeting = first('conference_title', 'conference')
  const school = first('dissertation_institution')
  const office = first('technical_report_institution')
  set('container', journal || book || meeting)
  set('containerShort', first('journal_abbrev') !== journal ? first('journal_abbrev') : '')
  set('publisher', school || office || (journal ? '' : first('publisher')))
  set('number', first('technical_report_number') || (journal && !fields.pages ? first('article_number', 'elocation_id') : ''))
  const kind: KindId = journal
    ? 'journal-article'
    : meeting
      ? 'conference-paper'
      : book
        ? 'chapter'
        : school
          ? 'thesis'
          : office
            ? 'report'
            : fields.isbn
              ? 'book'
              : first('publisher') && !first('public_url') && all('citation_isbn').length
                ? 'book'
                : 'journal-article'
  return {
    by: 'page',
    says: 'the page’s citation tags',
    ...(journal || meeting || book || school || office || fields.isbn ? { kind } : {}),
    fields,
  }
}

function linked($: CheerioAPI): Reading | undefined {
  const blocks = $('script[type="application/ld+json"]').toArray().map(element => $(element).text())
  const read = readLinked(blocks)
  return read && { by: 'page', says: 'the page’s structured data', ...read }
}

function dublinCore($: CheerioAPI): Reading | undefined {
  const all = metas($)
  const get = (...names: string[]) => names.flatMap(name => [...all(`dc.${name}`), ...all(`dcterms.${name}`), ...all(`prism.${name}`)])
  const fields: Fields = {}
  const set = setter(fields)
  set('title', get('title')[0])
  set('author', pageNames(get('creator')))
  set('issued', pageDate(get('date.issued', 'issued', 'publicationdate', 'date', 'created')[0] ?? ''))
  set('publisher', get('publisher')[0])
  set('doi', pageDoi(get('identifier', 'identifier.doi', 'doi')))
  set('container', get('publicationname', 'source', 'ispartof')[0])
  set('volume', get('volume')[0])
  set('issue', get('number')[0])
  set('language', languageOf(get('language')[0] ?? ''))
  if (!fields.title && !fields.author) return undefined
  const type = (get('type')[0] ?? '').toLowerCase()
  const kind: KindId | undefined = get('publicationname').length
    ? 'journal-article'
    : /thesis|dissertation/u.test(type)
      ? 'thesis'
      : /report/u.test(type)
        ? 'report'
        : /dataset/u.test(type)
          ? 'dataset'
          : /article/u.test(type) && fields.doi
            ? 'journal-article'
            : /book/u.test(type)
              ? 'book'
              : undefined
  // A site names itself as publisher of its own pages.
  return { by: 'page', says: 'the page’s Dublin Core tags', ...(kind ? { kind } : {}), fields }
}

const OG_KINDS: Record<string, KindId> = {
  'video.other': 'online-video',
  'video.movie': 'film',
  'video.episode': 'tv-episode',
  'video.tv_show': 'tv-series',
  'music.song': 'song',
  'music.album': 'album',
  'book': 'book',
}
function openGraph($: CheerioAPI): Reading | undefined {
  const all = metas($)
  const fields: Fields = {}
  const set = setter(fields)
  const site = all('og:site_name')[0] ?? ''
  set('title', withoutSite(all('og:title')[0] ?? all('twitter:title')[0] ?? '', site))
  set(
    'author',
    pageNames(
      [
        ...all('article:author'),
        ...all('book:author'),
        ...all('author'),
        ...all('parsely-author'),
        ...all('sailthru.author'),
        ...all('byl'),
      ].map((name) => name.replace(/^by\s+/iu, '')),
    ),
  )
  set(
    'issued',
    pageDate(
      [
        ...all('article:published_time'),
        ...all('book:release_date'),
        ...all('video:release_date'),
        ...all('og:published_time'),
        ...all('datepublished'),
        ...all('pubdate'),
        ...all('date'),
        ...all('publish-date'),
      ][0] ?? '',
    ),
  )
  set('container', site || all('application-name')[0])
  set('isbn', readIsbn(all('book:isbn')[0] ?? ''))
  const kind = rowOf(OG_KINDS, (all('og:type')[0] ?? '').replace(':', '.'))
  return Object.keys(fields).length ? { by: 'page', says: 'the page’s sharing tags', ...(kind ? { kind } : {}), fields } : undefined
}

function visible($: CheerioAPI): Reading | undefined {
  const fields: Fields = {}
  const set = setter(fields)
  const main = $('article, main, [role=main]').first()
  const within = treeOf((main.length ? main : $('body'))[0])
  const by = within(
    '[rel~=author], [itemprop=author], .byline, .by-line, .author, .post-author, .entry-author, .article-author, address.author',
  )
    .toArray()
    .map((element) => squash($(element).text()))
    .filter((text) => text && text.length < 200)
  const line =
    by[0]
    ?? within('p, div, span')
      .toArray()
      .slice(0, 60)
      .map((element) => squash($(element).text()))
      .find((text) => /^by\s+\p{Lu}[\p{L}'’.-]+(?:\s+\p{Lu}[\p{L}'’.-]*){1,4}(?:$|\s*[,|·•–-])/iu.test(text) && text.length < 120)
  if (line)
    set(
      'author',
      pageNames(
        [
          line
            .replace(/^(?:written\s+|posted\s+|words\s+)?by:?\s+/iu, '')
            .replace(/\s*(?:[|·•]|,\s*(?:staff|correspondent|editor|reporter)|\s[–-]\s).*$/iu, ''),
        ].flatMap(splitTogether),
      ),
    )
  const time = within('time[datetime]').first().attr('datetime') ?? within('[itemprop=datePublished]').first().attr('content') ?? ''
  const said =
    time
    || (/(?:published|posted|updated)(?:\s+on)?:?\s+((?:\d{1,2}\s+\p{L}+|\p{L}+\s+\d{1,2}),?\s+\d{4}|\d{4}-\d{2}-\d{2})/iu.exec(
      squash(within.root().text()).slice(0, 20_000),
    )?.[1]
      ?? '')
    || squash(within('time').first().text())
  set('issued', pageDate(said))
  set('title', squash(within('h1').first().text()))
  return Object.keys(fields).length ? { by: 'read', says: 'read from the page itself', fields } : undefined
}

function titleTag($: CheerioAPI): Reading | undefined {
  const title = squash($('title').first().text())
  if (!title) return undefined
  // "Page title | Site": the site is the shorter piece at the end.
  const parts = title.split(/\s+[|–—·»:]\s+|\s+-\s+/u)
  const site = parts.length > 1 && parts.at(-1)!.length < 60 ? parts.at(-1)! : ''
  return {
    by: 'guessed',
    says: 'guessed from the window title',
    fields: site ? { title: withoutSite(title, site), container: site } : { title },
  }
}

/** What no reader alone can see: a site that is its own author, a publisher that is the site, a title with the site behind it. */
function tidy(kind: KindId, fields: Fields, from: Proposal['from']): string[] {
  const doubts: string[] = []
  const webby = ['web-page', 'blog-post', 'newspaper-article', 'online-video'].includes(kind)
  const drop = (name: FieldName) => { Reflect.deleteProperty(fields, name); Reflect.deleteProperty(from, name) }
  if (webby && !fields.container && fields.publisher) {
    fields.container = fields.publisher
    if (from.publisher) from.container = from.publisher
    drop('publisher')
  }
  if (webby && fields.publisher && fields.publisher === fields.container) drop('publisher')
  if (kind === 'journal-article' && fields.publisher) drop('publisher')
  if (fields.container && typeof fields.title === 'string') fields.title = withoutSite(fields.title, fields.container)
  if (fields.container && fields.author && fields.author.length > 1)
    fields.author = fields.author.filter((name) => name.literal !== fields.container)
  if (webby && !fields.author && !fields.issued)
    doubts.push('Neither an author nor a date was found on the page; look for both near its title and at its foot.')
  return doubts
}
