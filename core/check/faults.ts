/**
 * A rule that comes to grief over something leaves the others theirs. It is named, so that whoever asked says that one rule
 * could not look; in tests it ends the test.
 */
const seen = new Set<string>()
let strict = false

/** In tests: a rule that throws is a fault, and not a paper without findings. */
export const rethrowFaults = (on = true) => { strict = on }

/** What a rule finds; nothing where it comes to grief. */
export function asked<T>(rule: { name: string }, look: () => T[]): T[] {
  try { return look() }
  catch (error) {
    if (strict) throw error
    seen.add(`${rule.name}: ${(error as Error).message}`)
    return []
  }
}

/** The rules that came to grief since this was asked last, each with what happened to it. */
export function takeFaults(): string[] {
  const all = [...seen]
  seen.clear()
  return all
}
export const sayFaults = (faults: readonly string[]): string =>
  faults.length === 1 ? 'One rule could not look at this paper; the others did.' : `${faults.length} rules could not look at this paper; the others did.`
