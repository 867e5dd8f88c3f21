/** Where the shipped faces' files are found by a browser. */
import type { Twin } from '~~/core/sheet/choices'
import { filesOf } from '~~/core/sheet/pages/shipped'
import type { Shape } from '~~/core/sheet/pages/face'

const ADDRESSES = import.meta.glob<string>(
  [
    '/../node_modules/@expo-google-fonts/{tinos,gelasio,arimo,carlito,cousine}/{400Regular,700Bold,400Regular_Italic,700Bold_Italic}/*.ttf',
  ],
  { eager: true, query: '?url', import: 'default' },
)
export function faceAddresses(twin: Twin): Record<Shape, string> {
  const all = Object.entries(ADDRESSES)
  return Object.fromEntries(filesOf(twin).map(([shape, file]) => [shape, all.find(([path]) => path.endsWith(file))?.[1] ?? ''])) as Record<Shape, string>
}
