/** The shipped faces' files, for what measures and writes pages away from the browser. */
import { existsSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join, resolve } from 'node:path'
import type { ShippedFaces } from '../core/handin/ways'
import type { Twin } from '../core/sheet/choices'
import { Face, Faces, type Shape } from '../core/sheet/pages/face'
import { filesOf, OTHERS, TWINS } from '../core/sheet/pages/shipped'

/** Beside the server's own files in what is built; among the packages elsewhere. */
function pathOf(file: string): string {
  const script = resolve(process.argv[1] ?? '.')
  // A thread's script stands in that folder itself.
  const beside = ['workers/faces', 'faces'].map(folder => join(dirname(script), folder, file)).find(existsSync)
  if (beside) return beside
  for (const from of [script, join(process.cwd(), 'here.js')]) {
    try { return createRequire(from).resolve(file) }
    catch { /* Not among the packages of this place. */ }
  }
  throw new Error(`The face ${file} is not where Dendle was installed; install it again.`)
}

const SHIPPED = new Set([...TWINS.flatMap(filesOf).map(([, file]) => file), ...OTHERS.map(other => other.file)])
/** Where a face's file is; none for what is no shipped face. */
export const facePath = (file: string): string | undefined => (SHIPPED.has(file) ? pathOf(file) : undefined)

/** A file read when it is first asked for. */
function lazily<T>(make: () => T): () => T {
  let kept: { value: T } | undefined
  return () => (kept ??= { value: make() }).value
}
const bytesOf = (file: string) => lazily(() => new Uint8Array(readFileSync(pathOf(file))))
const others = OTHERS.map(({ name, letters, file }) => {
  const bytes = bytesOf(file)
  return { name, letters, bytes, face: lazily(() => new Face(bytes())) }
})

const read = new Map<Twin, ShippedFaces>()

/** A face in its four shapes, with those for letters that it lacks: measured, and as files. Read once. */
export function shippedFaces(twin: Twin): ShippedFaces {
  const kept = read.get(twin)
  if (kept) return kept
  const files = new Map(filesOf(twin).map(([shape, file]) => [shape as string, bytesOf(file)]))
  const own = Object.fromEntries(filesOf(twin).map(([shape]) => [shape, new Face(files.get(shape)!())])) as Record<Shape, Face>
  const all = new Map([...files, ...others.map(({ name, bytes }) => [name, bytes] as const)])
  const out: ShippedFaces = { file: name => all.get(name)!(), faces: new Faces(own, others) }
  read.set(twin, out)
  return out
}
