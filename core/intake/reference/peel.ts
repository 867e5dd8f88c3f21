/** The pieces of a formatted reference that say themselves what they are: addresses, dates of access, brackets, volumes, pages. */
import type { Fields } from '../../source/model'
import type { FieldName } from '../../source/fields'
import { readDate, SEASON } from '../../source/dates'
import { tidyDoi } from '../identifiers'
import { plainEdition } from '../bibtex/bibtex'
import type { Piece } from './text'

export interface Peeled {
  rest: Piece
  fields: Fields
  /** What stood in square brackets, and other words that tell the kind. */
  says: string[]
}

export const MONTH =
  '(?:Jan(?:uary)?|Feb(?:ruary)?|Mar(?:ch)?|Apr(?:il)?|May|June?|July?|Aug(?:ust)?|Sept?(?:ember)?|Oct(?:ober)?|Nov(?:ember)?|Dec(?:ember)?)(?![a-z])\\.?'
/** "(Studies in Urban Husbandry; vol. 7)", "(Studies in Urban Husbandry 7)": two words and more with capitals. */
const SERIES =
  /\((\p{Lu}[\p{L}’'-]+(?:\s(?:\p{Lu}[\p{L}’'-]+|of|in|and|the|on|for|&)){1,9})[;,]?\s(?:vol\.?\s*|no\.?\s*)?(\d{1,3})\)/u
/** "Studies in Urban Husbandry 7.", "Studies in Urban Husbandry; vol 7": a series is called one, or studies of something. */
export const SERIES_BEHIND =
  /(?<=[.;,\uE001]\s?)((?:(?:Studies|Series|Texts|Essays|Monographs|Contributions|Perspectives|Readings|Lectures|Topics|Advances)\s(?:in|on|of)\s[\p{Lu}][^.;,:()\uE001]{2,60}?)|(?:\p{Lu}[\p{L}’'-]+\s){1,6}(?:Series|Studies|Library|Monographs|Texts|Classics))[;,]?\s(?:[Vv]ol\.?\s*|[Nn]o\.?\s*)?(\d{1,3})(?=[.;,\s\uE001]|$)/u
/** "Handbooks in Energy 5.", "Handbooks in Energy; vol 5." */
export const SERIES_ALONE =
  /(?<=[.;\uE001]\s?)(\p{Lu}[\p{L}’'-]+(?:\s(?:\p{Lu}[\p{L}’'-]+|of|in|and|the|on|for|&)){1,6})[;,]?\s(?:[Vv]ol\.?\s*)?(\d{1,3})(?=[.;](?:\s|\uE001)|[.;]?\s*$)/u
/** What has a number and is no series. */
export const NUMBERED_OTHERWISE = /\b(?:Vols?|Nos?|Season|Report|Paper|Issue|Chapter|Part|Version|Episode|Article|Edition|Box|Folder)\b/u
const MONTH_OR_SEASON = `(?:${MONTH}|${SEASON})`
export const DAY = `(?:\\d{1,2}(?:st|nd|rd|th)?\\s+${MONTH},?\\s+\\d{4}|${MONTH}\\s+\\d{1,2}(?:st|nd|rd|th)?,?\\s+\\d{4}|\\d{4}-\\d{2}-\\d{2}|\\d{4}\\s+${MONTH}(?:\\s+\\d{1,2})?|\\d{1,2}/\\d{1,2}/\\d{4})`
const read = (typed: string) => readDate(typed.replace(/(\d{4}\s+\p{L}{3,})\.?(?=\s|$)/u, '$1'))

export class Peeler {
  readonly fields: Fields = {}
  readonly says: string[] = []
  constructor(public rest: Piece) {}

  set(name: FieldName, value: Fields[FieldName] | undefined) {
    if (value !== undefined && value !== '' && this.fields[name] === undefined) Object.assign(this.fields, { [name]: value })
  }

  /** Takes a pattern out and hands over what it found; says whether it did. */
  take(pattern: RegExp, then?: (match: RegExpExecArray, italic: boolean) => void): boolean {
    const found = this.rest.take(pattern)
    if (!found) return false
    this.rest = found.rest
    then?.(found.match, found.italic)
    return true
  }

  /** Addresses, DOIs, dates of access, and everything in square brackets. */
  outside() {
    // As MLA had it: "Web. 12 June 2024."
    this.take(new RegExp(`(?<=[.\\uE001\\d] )Web\\. (${DAY})\\.?$`, 'u'), match => this.set('accessed', read(match[1]!)))
    this.take(/(?<=[.\uE001] )(?:Print|Web)\.(?=\s|$)/u)
    this.take(/\[(?:internet|online)\]/iu, () => this.says.push('online'))
    const accessed = (match: RegExpExecArray) => this.set('accessed', read(match[1]!))
    for (const pattern of [
      new RegExp(`\\(?\\[?(?:last\\s+)?(?:accessed|visited|viewed|cited|checked):?(?:\\s+on)?\\s+(${DAY})\\]?\\)?[.,;]?`, 'iu'),
      new RegExp(`\\bRetrieved\\s+(?:on\\s+)?(${DAY}),?\\s+(?:from\\s+)?`, 'iu'),
    ]) this.take(pattern, accessed)
    this.take(
      /(?:\bavailable(?:\s+(?:at|from|online))?:?\s*|\bretrieved\s+from:?\s*)?(?:\bdoi:?\s*)?\(?(?:https?:\/\/(?:dx\.)?doi\.org\/|\bdoi:?\s*|\bdoi\.org\/)?\b(10\.\d{4,9}\/[^\s\uE001]+)/iu,
      (match) => this.set('doi', tidyDoi(match[1]!)),
    )
    this.take(
      /(?:\bavailable(?:\s+(?:at|from|online))?:?\s*|\bretrieved\s+from:?\s*|\bfrom:?\s*|\burl:?\s*)?<?(https?:\/\/[^\s<>\uE001]+)>?/iu,
      (match) => this.set('url', match[1]!.replace(/[.,;)]+$/u, '')),
    )
    // An address without its scheme, at the end, as MLA prints it.
    if (!this.fields.url)
      this.take(/(?:^|\s)((?:[a-z0-9-]+\.)+[a-z]{2,}(?:\/[^\s\uE001]*)?)\.?[\s\uE001]*$/u, (match) =>
        this.set('url', `https://${match[1]!.replace(/[.,;]+$/u, '')}`),
      )
    this.take(
      /\(?\b(?:original(?:ly)?(?: work)? published|first published)(?:\s+in)?\s+(?:ca?\.\s*)?(-?\d{3,4}(?:\s*BCE)?)\)?\.?/iu,
      (match) => this.set('originalDate', readDate(match[1]!)),
    )
    for (
      let guard = 0;
      guard < 6
      && this.take(/\[([^\][]{2,160})\]/u, match => this.said(match[1]!.trim()));
      guard++
    );
  }

  /** Words in square brackets; a date in a library's is one: "[ca. 1790]". */
  private said(words: string) {
    if (/^(?:c\.|ca\.?)?\s*\d{4}\??$/iu.test(words)) this.set('issued', readDate(words))
    else this.says.push(/^(?:date unknown|no date|n\.d\.)$/iu.test(words) ? 'no date' : words.replace(/ on the internet$/iu, ''))
  }

  /** The edition, before "ed." could be taken for an editor. */
  edition() {
    this.take(
      new RegExp(`\\(?\\b(\\d+)(?:st|nd|rd|th)?\\s+(?:rev\\.\\s+)?ed(?:n|ition)?\\b\\.?(?=[\\s,.;:)\\uE001]|$)\\)?`, 'iu'),
      (match) => this.set('edition', plainEdition(match[1]!)),
    )
    this.take(/\(?\b((?:rev(?:ised|\.)?|second|third|fourth|fifth|expanded|international)\s+)ed(?:n|ition)?\b\.?\)?/iu, (match) =>
      this.set('edition', plainEdition(match[1]!)),
    )
    // A newspaper's: "late ed.", "(national edition)".
    this.take(/[,(\s]\s?\(?\b((?:late|early|national|international|final|morning|evening|city|weekend|digital|print)) ed(?:n|ition|\.)\)?/u, match => this.set('edition', match[1]!))
  }

  /** Volumes, issues, numbers and pages, in every style's way of writing them. */
  places() {
    const pages = (match: RegExpExecArray) => this.set('pages', tidyPages(match[1]!))
    const RANGE = '(?:[A-Za-z]{0,2}\\d+[A-Za-z]?|[ivxlc]+\\b)(?:\\s*[-–—]\\s*(?:[A-Za-z]{0,2}\\d+[A-Za-z]?|[ivxlc]+\\b))?'
    this.take(/(?:^|[,.( \uE001]) ?\(?\b(?:season|series) (\d{1,3}),? (?:episode|ep\.) ?(\d{1,4})\)?/iu, (match) => {
      this.set('season', match[1]!)
      this.set('number', match[2]!)
      this.says.push('episode')
    })
    this.take(/,? ?\(?\bvols?\.? ?1 ?[-–] ?(\d{1,2})\b\)?/iu, match => this.set('numberOfVolumes', match[1]!))
    this.take(/[.,;( ] ?(\d{1,2}) vols?\b\.?/iu, match => this.set('numberOfVolumes', match[1]!))
    this.take(
      /[.,;(\uE001 ] ?\(?\b((?:working|discussion|occasional|policy|white) paper) ?(?:(?:no\.?:?|number|#) ?)?((?=[^\s,;.)]*\d)[^\s,;)\uE001]+)\)?/iu,
      (match) => {
        this.set('number', match[2]!.replace(/\.$/u, ''))
        this.set('genre', `${match[1]![0]!.toUpperCase()}${match[1]!.slice(1).toLowerCase()}`)
        this.says.push('working paper')
      },
    )
    this.take(/[;,]\s*Sect\.\s*([^:;,.\uE001]{1,30})(?=:)/u, match => this.set('section', match[1]!.trim()))
    this.take(/(?:^|[,.;(\uE001\s])\s?\b((?:[A-Z]{2,8}(?:\/[A-Z]{2,8})*)\s\d{2,6}(?:-\d{1,3})?:\d{4})\b\)?:?/u, (match) => {
      this.set('number', match[1]!)
      this.says.push('standard')
    })
    this.take(/[,.(\uE001]\s*(?:Standard No\.?:?\s*([A-Z]{2,8}[ -][\w:.-]*\d[\w:.-]*)|([A-Z]{2,8}) Standard No\.?:?\s*(\d[\w:.-]*))\)?/u, (match) => {
      this.set('number', (match[1] ?? `${match[2]!} ${match[3]!}`).replace(/\.$/u, ''))
      this.says.push('standard')
    })
    this.take(SERIES, (match) => {
      this.set('series', match[1]!.trim())
      this.set('seriesNumber', match[2]!)
    })
    this.take(/\(?\b(?:version\s+|v\.\s?(?=\d+\.\d))([\d.]*\d\w*)\)?/iu, match => this.set('version', match[1]!))
    this.take(/[,.(\uE001\s]\s?\(?\b((?:[Tt]echnical |[Rr]esearch )?[Rr]eport|[Tt]ech\. [Rr]ep\.|[Rr]ep\.) ?(?:[Nn]o\.?:?|[Nn]umber|#)? ?([A-Z]{1,8}[ -]\d[\w/-]*)\)?/u, (match) => {
      this.set('number', match[2]!)
      this.set('genre', /^tech/iu.test(match[1]!) ? 'Technical report' : /^research/iu.test(match[1]!) ? 'Research report' : 'Report')
      this.says.push('report')
    })
    this.take(
      /\(?\b((?:technical |research )?report|tech\. rep\.|(?<=[,;(\uE001] ?)rep\.) ?(?:(?:no\.?:?|number|#) ?)?((?=[^\s,;.)]*\d)[^\s,;)\uE001]+)\)?/iu,
      (match) => {
        this.set('number', match[2]!.replace(/\.$/u, ''))
        this.set('genre', /^tech/iu.test(match[1]!) ? 'Technical report' : /^research/iu.test(match[1]!) ? 'Research report' : 'Report')
        this.says.push('report')
      },
    )
    this.take(/\b(\d{1,4}(?:\.\d{1,2})? ?[×x] ?\d{1,4}(?:\.\d{1,2})? ?(?:cm|mm|in)\b)/u, match => this.set('dimensions', match[1]!))
    this.take(/\(Publication No\.?\s*((?=[\w-]*\d)[\w-]+)\)/iu, match => this.set('number', match[1]!))
    this.take(/\(?\b(?:U\.?S\.?|UK|European|EP|Eur\.|GB|United States)?\s*Patent\s+(?:No\.?\s*)?((?:(?:US|EP|GB)\s*)?\d[\d, ]{4,}\d(?:\s?[A-Z]\d?)?)\)?/iu, (match) => {
      this.set('number', match[1]!)
      this.says.push('patent')
    })
    // 14(2), 101–119 · 14 (2): 101–119 · 14, no. 2 (2021): 101–119 · 2021;14(2):101-19
    const JOURNAL: [RegExp, (m: RegExpExecArray) => void][] = [
      [
        new RegExp(
          `[;,]?\\s*(\\d{4})(?:\\s+${MONTH_OR_SEASON}(?:\\s+\\d{1,2})?)?\\s*;\\s*(\\d+)(?:\\s*\\(([^)]{1,12})\\)|\\s+(Suppl\\.?(?:\\s*\\w{1,4})?))?(?:\\s*:\\s*(${RANGE}))?`,
          'u',
        ),
        (m) => {
          this.set('issued', readDate(m[1]!))
          this.set('volume', m[2]!)
          this.set('issue', m[3] ?? m[4])
          this.pagesOrNumber(m[5])
        },
      ],
      [
        new RegExp(`[;,]? ?(\\d{4})(?: ${MONTH_OR_SEASON}(?: \\d{1,2})?)? ?; ?\\((\\d{1,4})\\)(?: ?: ?(${RANGE}))?`, 'u'),
        (m) => {
          this.set('issued', readDate(m[1]!))
          this.set('issue', m[2])
          this.pagesOrNumber(m[3])
        },
      ],
      [
        new RegExp(`,?\\s*\\bvol(?:ume|\\.)?\\s*([\\dIVXLC]+)(?:\\s*[,.]?\\s*(?:no|issue|iss|nr|is)\\.?\\s*([\\w–/-]+))?`, 'iu'),
        (m) => {
          this.set('volume', m[1]!)
          this.set('issue', m[2])
        },
      ],
      [
        new RegExp(`[,\\s]\\s*(\\d{1,4})\\s*,\\s*(?:no\\.\\s*([\\w–/-]+)|(suppl?\\.\\s*\\w{1,5}))(?:\\s*\\(([^)]{1,24})\\))?(?:\\s*:\\s*(${RANGE}))?`, 'u'),
        (m) => {
          this.set('volume', m[1]!)
          this.set('issue', m[2] ?? m[3])
          this.date(m[4])
          this.pagesOrNumber(m[5])
        },
      ],
      [
        /[, ] ?(\d{1,4}) ?, ?Article ((?=\w*\d)\w+)/u,
        (m) => {
          this.set('volume', m[1]!)
          this.set('number', m[2]!)
        },
      ],
      [
        /[, ;](\d{1,4}) ?[:,] ?(\d{6,}|e\d{2,})(?=[.\s\uE001]|$)/u,
        (m) => {
          this.set('volume', m[1]!)
          this.set('number', m[2]!)
        },
      ],
      // 14.2 (2018): 101–19, as MLA had it; 14.2 (2018), 101–19 (MHRA 3, 11.2.6)
      [
        new RegExp(`\\s(\\d{1,4})\\.(\\d{1,3}(?:[-–/]\\d{1,3})?) ?\\(((?:[^()]{0,20}\\s)?\\d{4})\\) ?[:,] ?(?:pp?\\. ?)?(${RANGE})`, 'u'),
        (m) => {
          this.set('volume', m[1]!)
          this.set('issue', m[2]!)
          this.date(m[3])
          this.pagesOrNumber(m[4])
        },
      ],
      // no. 44, 2015, pp. 90–92
      [
        new RegExp(`, ?no\\. ?(\\d[\\w–/-]*), ?((?:${MONTH_OR_SEASON} )?\\d{4}), ?pp?\\. ?(${RANGE})`, 'iu'),
        (m) => {
          this.set('issue', m[1]!)
          this.date(m[2])
          this.pagesOrNumber(m[3])
        },
      ],
      // A journal that has issues only: no. 47 (2019): 12–20 · no. 47, pp. 12–20
      [
        new RegExp(`,\\s*[Nn]o\\.\\s*(\\d[\\w–/-]*)(?:\\s*\\(([^)]{1,24})\\)\\s*:\\s*|\\s*,\\s*(?:pp?\\.\\s*|(?=\\d+\\s?[-–—])))(${RANGE})(?=[\\s.,;\\uE001]|$)`, 'u'),
        (m) => {
          this.set('issue', m[1]!)
          this.date(m[2])
          this.pagesOrNumber(m[3])
        },
      ],
      [
        new RegExp(
          `[,\\s]\\s*(\\d{1,4})\\s*\\((\\d{1,3}(?:[-–/]\\d{1,3})?|[A-Z][a-z]+\\.? \\d{1,3})\\)(?:\\s*[,:]\\s*(?:pp?\\.\\s*|(?=Article\\s)Article\\s+)?((?:e?\\d|[A-Z]\\d|[ivxl]+)[\\w]*(?:\\s*[-–—]\\s*\\w+)?))?`,
          'u',
        ),
        (m) => {
          this.set('volume', m[1]!)
          this.set('issue', m[2])
          if (m[3] && /\bArticle\s/u.test(m[0])) this.set('number', m[3])
          else this.pagesOrNumber(m[3])
        },
      ],
      [
        new RegExp(`[,\\s]\\s*(\\d{1,4})\\s*\\(((?:[^()]{0,20}\\s)?\\d{4})\\)\\s*[:,]\\s*(?:pp?\\.\\s*)?(${RANGE})`, 'u'),
        (m) => {
          this.set('volume', m[1]!)
          this.date(m[2])
          this.pagesOrNumber(m[3])
        },
      ],
      [
        new RegExp(`\\s(\\d{4})\\s*,\\s*(\\d{1,4})(?:\\s*\\((\\d{1,3}[-–]?\\d*)\\))?\\s*,\\s*(${RANGE})(?=[.\\s\\uE001]|$)`, 'u'),
        (m) => {
          this.set('issued', readDate(m[1]!))
          this.set('volume', m[2]!)
          this.set('issue', m[3])
          this.pagesOrNumber(m[4])
        },
      ],
      [
        new RegExp(`\\s(\\d{1,4})\\s*,\\s*([A-Za-z]?\\d+(?:\\s*[-–]\\s*[A-Za-z]?\\d+)?)\\s*\\((\\d{4})\\)`, 'u'),
        (m) => {
          this.set('volume', m[1]!)
          this.pagesOrNumber(m[2])
          this.set('issued', readDate(m[3]!))
        },
      ],
    ]
    JOURNAL.push([
      new RegExp(`[,\\s\\uE001]\\s*(?!(?:19|20)\\d{2}\\b)(\\d{1,4})\\s*[,:]\\s*(?:pp?\\.\\s*)?(\\d+\\s*[-–—]\\s*\\d+)`, 'u'),
      (m) => {
        this.set('volume', m[1]!)
        this.pagesOrNumber(m[2])
      },
    ])
    JOURNAL.push([
      new RegExp(`,\\s*no\\.\\s*(\\d{1,4})(?:\\s*\\(([^)]{1,24})\\))?\\s*:\\s*(${RANGE})`, 'u'),
      (m) => {
        this.set('issue', m[1]!)
        this.date(m[2])
        this.pagesOrNumber(m[3])
      },
    ])
    // An issue alone: "*Quarterly of Small Trades*, (47), 22–31".
    JOURNAL.push([
      new RegExp(`[,\\uE001]\\s*\\((?!(?:1[5-9]|20)\\d{2}\\))(\\d{1,4})\\)\\s*[,:]\\s*(?:pp?\\.\\s*)?(${RANGE})`, 'u'),
      (m) => {
        this.set('issue', m[1]!)
        this.pagesOrNumber(m[2])
      },
    ])
    // A magazine by its month: "2008 Nov:22-7", "November 2008:22-27", "22–27 (November 2008)".
    this.take(new RegExp(`(?<=[.,;\\uE001]\\s?)(\\d{4} ${MONTH}(?: \\d{1,2})?|${MONTH}(?: \\d{1,2},)? \\d{4}):(${RANGE})(?=[.\\s\\uE001]|$)`, 'u'), (m) => {
      this.set('issued', read(m[1]!))
      this.pagesOrNumber(m[2])
    })
    this.take(new RegExp(`(?<=\\p{L}) (\\d{1,4}[-–]\\d{1,4})(?= ?\\([^()]{0,80}\\d{4}\\))`, 'u'), pages)
    // Behind the name of a magazine in italics: "*Country Crafts*, 22–27."
    const slanted = this.rest.italicRun()
    const bare = slanted && /^,\s(\d{1,4}[-–]\d{1,4})(?=[.\s\uE001]|$)/u.exec(this.rest.text.slice(slanted.to))
    if (bare) { this.set('pages', tidyPages(bare[1]!)); this.rest = this.rest.without(slanted.to, slanted.to + bare[0].length) }
    for (const [pattern, then] of JOURNAL) if (this.take(pattern, then)) break
    if (!this.fields.issue && this.fields.volume)
      this.take(/,?\s*\b(?:no\.?|issue|iss\.?)\s*((?=[\w–/-]*\d)[\w–/-]+)/iu, (match) => this.set('issue', match[1]!))
    else if (!this.fields.volume)
      this.take(/,?\s*\(?\b(no\.|episode|ep\.)\s*((?=\S*\d)[\w–/-]+)\)?/iu, (match) => {
        this.set('number', match[2]!)
        this.says.push(match[1]!.toLowerCase())
      })
    this.take(
      new RegExp(`,?\\s*(?:\\(\\s*)?\\bpp?(?:\\.\\s*|\\s+(?=\\d))(${RANGE}(?:,\\s*(?!(?:1[5-9]|20)\\d{2}\\b)${RANGE})*)\\s*\\)?`, 'u'),
      pages,
    )
    this.take(/,?\s*\b(?:article|art\.)\s+(?:no\.\s*)?((?=\S*\d)[\w.-]+)/iu, match => this.set('number', match[1]!.replace(/\.$/u, '')))
    // Behind a volume or a year, bare: "14: 101–119", "2014:45-72", "14, 101–119".
    if (!this.fields.pages && !this.fields.number) this.take(/(?<=\d|\uE001)\s*[:,]\s*(\d+\s*[-–—]\s*\d+)(?=[\s.,;)\uE001]|$)/u, pages)
    if (!this.fields.pages) this.take(/(?<=; ?\d{4}):(\d{1,4})(?=\.|$)/u, pages)
    if (!this.fields.pages) this.take(/(?<=[\uE001)])\s+(\d+\s*[-–]\s*\d+)(?=\s*[(.\uE001])/u, pages)
    if (!this.fields.pages) this.take(/[:.,\s\uE001]\s*(?:p\s)?\b([A-Z]\d{1,2})\b(?=[.\s\uE001]|$)/u, pages)
  }

  /** A date in brackets; a month or season without its year says nothing new of one that is known. */
  private date(typed: string | undefined) { if (typed && /\d{4}/u.test(typed)) this.set('issued', readDate(typed.trim())) }
  private pagesOrNumber(typed: string | undefined) {
    if (!typed) return
    if (/^e\d+$|^\d{6,}$/iu.test(typed)) this.set('number', typed)
    else this.set('pages', tidyPages(typed))
  }
}

/** "101–19" is 101-119: the second number gets back the digits that the style dropped. */
export function tidyPages(typed: string): string {
  return typed
    .replace(/\s+/gu, ' ')
    .replace(/ ?[-–—] ?/gu, '-')
    .replace(/(?<![\dA-Za-z])([A-Za-z]{0,2})(\d+)-(\d+)/gu, (all, letters: string, from: string, to: string) => {
      const kept = from.length - to.length
      const whole = kept > 0 && Number(from.slice(kept)) <= Number(to) ? from.slice(0, kept) + to : to
      // "S41-58": the letters of the first number are the second's.
      return letters || whole !== to ? `${letters}${from}-${letters}${whole}` : all
    })
}
