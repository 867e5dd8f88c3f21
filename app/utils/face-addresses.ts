/** Where the shipped faces' files are found by a browser: each once, as the server reads them too. */
import type { Twin } from '~~/core/sheet/choices'
import { filesOf, OTHERS } from '~~/core/sheet/pages/shipped'
import type { Shape } from '~~/core/sheet/pages/face'

const addressOf = (file: string): string => `/faces/${file.replace('@expo-google-fonts/', '')}`
export const faceAddresses = (twin: Twin): Record<Shape, string> =>
  Object.fromEntries(filesOf(twin).map(([shape, file]) => [shape, addressOf(file)])) as Record<Shape, string>
/** Of the faces for other letters, by their names. */
export const otherAddress = (name: string): string => addressOf(OTHERS.find(other => other.name === name)?.file ?? '?')
