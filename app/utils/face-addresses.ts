/** Where the shipped faces' files are found by a browser. */
import type { Twin } from '~~/core/sheet/choices'
import { filesOf, OTHERS } from '~~/core/sheet/pages/shipped'
import type { Shape } from '~~/core/sheet/pages/face'

const ADDRESSES = import.meta.glob<string>(
  [
    '/../node_modules/@expo-google-fonts/{tinos,gelasio,arimo,carlito,cousine}/{400Regular,700Bold,400Regular_Italic,700Bold_Italic}/*.ttf',
    '/../node_modules/@expo-google-fonts/{amiri,sawarabi-mincho,zcool-xiaowei,gowun-batang}/400Regular/*.ttf',
  ],
  { eager: true, query: '?url', import: 'default' },
)
const addressOf = (file: string): string => Object.entries(ADDRESSES).find(([path]) => path.endsWith(file))?.[1] ?? ''
export const faceAddresses = (twin: Twin): Record<Shape, string> =>
  Object.fromEntries(filesOf(twin).map(([shape, file]) => [shape, addressOf(file)])) as Record<Shape, string>
/** Of the faces for other letters, by their names. */
export const otherAddress = (name: string): string => addressOf(OTHERS.find(other => other.name === name)?.file ?? '?')
