/** Papers by their names, so that a verb knows what it was given before anything that reads one is loaded. */
import { readdirSync, statSync } from 'node:fs'
import { extname, join } from 'node:path'
import { PAPERS } from '../core/intake/draft/endings'

export const isFolder = (name: string): boolean => statSync(name, { throwIfNoEntry: false })?.isDirectory() ?? false
/** Whether a file is a paper itself, or a folder of them, and no job. */
export const isPaper = (name: string | undefined): name is string => name !== undefined && (PAPERS.test(name) || isFolder(name))

/** The papers named, those of folders among them in the order of their names; what lies deeper is not looked at. */
export function papersIn(names: readonly string[]): string[] {
  return names.flatMap(name => (isFolder(name)
    ? readdirSync(name).filter(one => PAPERS.test(one) && !/^[.~]/u.test(one)).sort().map(one => join(name, one))
    : [name]))
}

/** A name with another ending. */
export const withEnding = (name: string, ending: string): string => `${name.slice(0, name.length - extname(name).length)}.${ending}`
