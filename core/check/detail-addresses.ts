/** DOIs, ISBNs and web addresses that will not lead a reader to the source. */
import { isDoi, readIsbn, tidyDoi } from '../intake/identifiers'
import { textOf, withField, type Fields } from '../source/model'
import { isTracking } from '../source/values/addresses'
import type { DetailRule } from './detail-rule'

const doi: DetailRule = ({ source }) => {
  const value = textOf(source, 'doi')
  if (!value || (isDoi(value) && !/[.,;]$/u.test(value))) return []
  const tidy = tidyDoi(value)
  if (isDoi(tidy))
    return [
      {
        rule: 'doi-text',
        field: 'doi',
        says: /[.,;]$/u.test(value)
          ? 'The DOI ends with the stop of the sentence it was copied from.'
          : 'The DOI has words around it; only the part from “10.” is kept.',
        serious: true,
        fix: { label: 'Tidy it', shows: tidy, fields: withField(source.fields, 'doi', tidy) },
      },
    ]
  return [
    { rule: 'doi-wrong', field: 'doi', says: `“${value}” is no DOI: one begins with 10., four or more digits and a slash.`, serious: true },
  ]
}

const doiInUrl: DetailRule = ({ source }) => {
  const url = textOf(source, 'url')
  const found = /doi\.org\/(10\.\d{4,9}\/\S+)/iu.exec(url)?.[1] ?? (/^(?:doi:\s*)?10\.\d{4,9}\/\S+$/iu.test(url) ? url : undefined)
  if (!found) return []
  const fields: Fields = { ...withField(source.fields, 'url', undefined), doi: textOf(source, 'doi') || tidyDoi(found) }
  return [
    {
      rule: 'doi-in-url',
      field: 'url',
      says: 'The web address is a DOI.',
      fix: { label: 'Keep it as the DOI', shows: fields.doi!, fields },
    },
  ]
}

const PROXY_HOST = /^([\w-]+(?:[.-][\w-]+)*)\.(?:[\w-]*(?:proxy|idm|remotexs)[\w-]*)\.[\w.-]+$/iu
const SESSION = /^(?:sid|session(?:id)?|phpsessid|jsessionid|token|ticket|casa_token|accountid)$/iu
const SEARCH = /^(?:q|query|search|searchterm|keywords?|terms?|bquery)$/iu

/** The address behind a library's proxy and without the marks of a session; undefined where nothing was amiss. */
export function cleanUrl(address: string): { becomes: string, because: 'proxy' | 'session' } | undefined {
  let url: URL
  try { url = new URL(address) }
  catch { return undefined }
  const wrapped = url.searchParams.get('url') ?? url.searchParams.get('qurl')
  if (wrapped && /^https?:\/\//iu.test(wrapped) && /login|proxy|resolve/iu.test(url.pathname + url.hostname))
    return { becomes: wrapped, because: 'proxy' }
  const host = PROXY_HOST.exec(url.hostname)
  if (host) {
    // "www-journal-example.proxy.…": some proxies turn the dots of the host into hyphens, and hyphens into two.
    const real = host[1]!.includes('.') ? host[1]! : host[1]!.replaceAll('--', '\u0000').replaceAll('-', '.').replaceAll('\u0000', '-')
    if (real.includes('.')) {
      url.hostname = real
      return { becomes: url.href, because: 'proxy' }
    }
  }
  let touched = false
  for (const key of [...url.searchParams.keys()]) if (SESSION.test(key) || isTracking(key)) { url.searchParams.delete(key); touched = true }
  if (/;jsessionid=/iu.test(url.pathname)) { url.pathname = url.pathname.replace(/;jsessionid=[^/?#]*/iu, ''); touched = true }
  return touched ? { becomes: url.href, because: 'session' } : undefined
}

const address: DetailRule = ({ source }) => {
  const value = textOf(source, 'url')
  if (!value) return []
  if (/^(?:retrieved from|available (?:at|from)|from|url|accessed)\b:?\s*/iu.test(value)) {
    const becomes = value.replace(/^(?:retrieved from|available (?:at|from)|from|url|accessed)\b:?\s*/iu, '').replace(/[.,]$/u, '')
    return [
      {
        rule: 'url-words',
        field: 'url',
        says: 'The address begins with words that the style prints by itself.',
        fix: { label: 'Keep the address', shows: becomes, fields: withField(source.fields, 'url', becomes) },
      },
    ]
  }
  if (!/^[a-z][a-z0-9+.-]*:/iu.test(value)) {
    const becomes = `https://${value}`
    return /^[\w-]+(?:\.[\w-]+)+(?:\/\S*)?$/u.test(value)
      ? [
          {
            rule: 'url-scheme',
            field: 'url',
            says: 'The address lacks its beginning.',
            fix: { label: 'Add https://', shows: becomes, fields: withField(source.fields, 'url', becomes) },
          },
        ]
      : [{ rule: 'url-wrong', field: 'url', says: `“${value.slice(0, 60)}” is no web address.`, serious: true }]
  }
  const clean = cleanUrl(value)
  if (clean) {
    return [
      {
        rule: `url-${clean.because}`,
        field: 'url',
        serious: true,
        says:
          clean.because === 'proxy'
            ? 'The address goes through a library’s gate: no one else can follow it.'
            : 'The address holds a session or tracking mark that is yours alone.',
        fix: { label: 'Use the plain address', shows: clean.becomes, fields: withField(source.fields, 'url', clean.becomes) },
      },
    ]
  }
  try {
    const url = new URL(value)
    if ([...url.searchParams.keys()].some((key) => SEARCH.test(key)) && /search|find|results|catalog/iu.test(url.pathname + url.hostname))
      return [
        {
          rule: 'url-search',
          field: 'url',
          says: 'The address is that of a search, which will find other things tomorrow. Open the source and take the address from there.',
          serious: true,
        },
      ]
  }
  catch { return [{ rule: 'url-wrong', field: 'url', says: 'The web address cannot be read as one.', serious: true }] }
  return []
}

const isbn: DetailRule = ({ source }) => {
  const value = textOf(source, 'isbn')
  const digits = value.replace(/[^\dX]/giu, '')
  return value && [10, 13].includes(digits.length) && !readIsbn(value)
    ? [{ rule: 'isbn-wrong', field: 'isbn', says: 'The ISBN’s last digit does not fit the others: one of them is mistyped.' }]
    : []
}

export const ADDRESS_RULES: readonly DetailRule[] = [doi, doiInUrl, address, isbn]
