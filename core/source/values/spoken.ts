/** Names of journals, sites, publishers and groups that came in capitals, or without any. */
import { ACRONYMS } from '../../text/lists/acronyms'
import { isShouted } from '../../text/shouted'
import { asSeries } from './sorts'

/**
 * A name given in capitals ("JOURNAL OF MARSH ECOLOGY", "DEPARTMENT OF RIVERS") as names are written; one of short words
 * alone may be written so ("PLOS ONE").
 */
export function setDown(name: string): string {
  if (!/\p{Lu}{5}/u.test(name) || !isShouted(name)) return name
  return asSeries(name.toLowerCase()).replace(/[\p{L}\p{M}]+/gu, (word) => {
    const loud = word.toUpperCase()
    return ACRONYMS.has(loud) || (/^[BCDFGHJKLMNPQRSTVWXZ]{2,5}$/u.test(loud) && !/^(?:MR|MRS|DR|ST|LTD)$/u.test(loud)) ? loud : word
  }).replace(/^\p{Ll}/u, first => first.toUpperCase())
}

/** The name of a journal, a newspaper or a site without any capital has lost them. */
export const spokenName = (name: string): string => (/^\p{Ll}/u.test(name) && name.includes(' ') && !/\p{Lu}/u.test(name) ? asSeries(name) : setDown(name))
