/** How far two texts are from each other in slips of the finger: letters put in, left out or taken for others. */

/** Whether no more than `allowed` slips lie between two texts; it gives up as soon as there are more. */
export function withinSlips(a: string, b: string, allowed: number): boolean {
  if (a === b) return true
  if (allowed <= 0 || Math.abs(a.length - b.length) > allowed) return false
  let row = Array.from({ length: b.length + 1 }, (_, i) => i)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    let least = i
    for (let j = 1; j <= b.length; j++) {
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1))
      least = Math.min(least, next[j]!)
    }
    if (least > allowed) return false
    row = next
  }
  return row[b.length]! <= allowed
}
