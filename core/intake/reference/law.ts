/** Cases and statutes, whose references are no author's: "X v. Y, 212 F.2d 88 (Ct. App. 2014)", "Estuaries Act, 9 U.S.C. § 204 (2011)". */
import { readDate } from '../../source/dates'
import type { KindId } from '../../source/kinds'
import type { Fields } from '../../source/model'
import type { Peeler } from './peel'

const PARTY = String.raw`[^.,;(“”]{2,100}(?:\b(?:Co|Inc|Ltd|Bros)\.[^.,;(“”]{0,60})?`
/** A year in square brackets has been taken out before, and left a gap: "X v Y [2003] 4 ELR 19". */
const CASE = new RegExp(
  String.raw`^(${PARTY}?\svs?\.?\s${PARTY}?)(?:,\s+|\s*\((\d{4})\)\s+|\s*\uE001\s*)(\d{1,4})\s+(\p{Lu}[\p{L}.\d]{0,12}(?:\s[\p{L}.\d]{1,12}){0,3}?)\s+(\d{1,5})(?:\s*\(([^()]{0,80}?)\s*(\d{4})\))?`,
  'u',
)
const STATUTE =
  /^(\p{Lu}[^.,;(“”]{3,140}?\b(?:Act|Law|Ordinance|Statute)(?: of \d{4}| \d{4})?),\s+(\d{1,4})\s+(\p{Lu}[\p{L}. ]{0,40}?),?\s+(?:§+|section|sec\.)\s*([\w()-]{1,20}(?:\.[\w()-]{1,10}){0,4})(?:[,\s]+\(?(\d{4})\)?)?(?=[.,;\s\uE001]|$)/u
/** A British one, dated by its title: "Estuaries Act 1997, c. 23". */
const ACT_OF_YEAR = /^(\p{Lu}[^.,;(“”]{3,140}?\bAct\s+(\d{4}))(?:,\s*(c\.\s?\d{1,4}))?(?=[.,;\s\uE001]|$)/u

/** Reads a case or a statute at the head of what is left; the kind where it is one. */
export function readLaw(peeler: Peeler): KindId | undefined {
  const { text } = peeler.rest
  const put = (fields: Partial<Record<keyof Fields, Fields[keyof Fields] | undefined>>, end: number, kind: KindId): KindId => {
    for (const [name, value] of Object.entries(fields)) peeler.set(name as keyof Fields, value)
    peeler.rest = peeler.rest.slice(end)
    return kind
  }
  const one = CASE.exec(text)
  if (one) {
    const [all, title, before, volume, container, pages, authority, behind] = one
    const issued = readDate(behind ?? before ?? '')
    const said = { title: title!.trim(), volume, container: container!.trim(), pages, authority: authority?.trim() || undefined, issued }
    return put(said, all.length, 'case')
  }
  const act = STATUTE.exec(text)
  if (act) {
    const [all, title, volume, container, section, year] = act
    return put({ title, volume, container: container!.trim(), section, issued: readDate(year ?? '') }, all.length, 'statute')
  }
  const dated = ACT_OF_YEAR.exec(text)
  return dated ? put({ title: dated[1], issued: readDate(dated[2]!), number: dated[3] }, dated[0].length, 'statute') : undefined
}
