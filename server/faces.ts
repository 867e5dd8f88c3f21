/** The shipped faces' files, for what measures and writes pages away from the browser. */
import { existsSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join, resolve } from 'node:path'
import type { ShippedFaces } from '../core/handin/ways'
import type { Twin } from '../core/sheet/choices'
import { Face, Faces, type Shape } from '../core/sheet/pages/face'
import { filesOf } from '../core/sheet/pages/shipped'

/** Beside the server's own files in what is built; among the packages elsewhere. */
function pathOf(file: string): string {
  const script = resolve(process.argv[1] ?? '.')
  const beside = join(dirname(script), 'workers/faces', file)
  if (existsSync(beside)) return beside
  for (const from of [script, join(process.cwd(), 'here.js')]) {
    try { return createRequire(from).resolve(file) }
    catch { /* Not among the packages of this place. */ }
  }
  throw new Error(`The face ${file} is not where Dendle was installed; install it again.`)
}

const read = new Map<Twin, ShippedFaces>()

/** A face in its four shapes: measured, and as files. Read once. */
export function shippedFaces(twin: Twin): ShippedFaces {
  const kept = read.get(twin)
  if (kept) return kept
  const all = filesOf(twin).map(([shape, file]) => [shape, new Uint8Array(readFileSync(pathOf(file)))] as const)
  const files = Object.fromEntries(all) as Record<Shape, Uint8Array>
  const own = Object.fromEntries(Object.entries(files).map(([shape, bytes]) => [shape, new Face(bytes)])) as Record<Shape, Face>
  const out = { files, faces: new Faces(own) }
  read.set(twin, out)
  return out
}
