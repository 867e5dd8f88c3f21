/** The shipped faces' files, for what measures and writes pages away from the browser. */
import { existsSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { FaceFiles } from '../core/handin/pdf/pdf'
import type { Twin } from '../core/sheet/choices'
import { Face, Faces, type Shape } from '../core/sheet/pages/face'
import { filesOf } from '../core/sheet/pages/shipped'

/** Beside the running script in what is built; among the packages elsewhere. */
function pathOf(file: string): string {
  const beside = join(dirname(fileURLToPath(import.meta.url)), 'faces', file)
  return existsSync(beside) ? beside : createRequire(import.meta.url).resolve(file)
}

const read = new Map<Twin, { files: FaceFiles, faces: Faces }>()

/** A face in its four shapes: measured, and as files. Read once. */
export function shippedFaces(twin: Twin): { files: FaceFiles, faces: Faces } {
  const kept = read.get(twin)
  if (kept) return kept
  const files = Object.fromEntries(filesOf(twin).map(([shape, file]) => [shape, new Uint8Array(readFileSync(pathOf(file)))])) as Record<Shape, Uint8Array>
  const own = Object.fromEntries(Object.entries(files).map(([shape, bytes]) => [shape, new Face(bytes)])) as Record<Shape, Face>
  const out = { files, faces: new Faces(own) }
  read.set(twin, out)
  return out
}
