/**
 * The faces that ship with Dendle: one for each that instructors ask for, with its widths, in four shapes; and others, in
 * one shape, for letters that those lack.
 */
import { FACES, type Twin } from '../choices'
import { SHAPES, type Shape } from './face'

const FILE_OF: Readonly<Record<Shape, string>> = {
  'regular': '400Regular',
  'bold': '700Bold',
  'italic': '400Regular_Italic',
  'bold-italic': '700Bold_Italic',
}
const packaged = (folder: string, name: string, file: string): string => `@expo-google-fonts/${folder}/${file}/${name}_${file}.ttf`

export const TWINS = FACES.map(face => face.twin)
/** Every file of a face, each where it is among the packages: "@expo-google-fonts/tinos/400Regular/Tinos_400Regular.ttf". */
export const filesOf = (twin: Twin): [shape: Shape, file: string][] =>
  SHAPES.map(shape => [shape, packaged(twin, twin[0]!.toUpperCase() + twin.slice(1), FILE_OF[shape])])

export interface OtherFace {
  /** What it is called in `Faces`. */
  name: string
  file: string
  /** Letters that it is there for. */
  letters: RegExp
}
/** In the order in which they are asked. */
export const OTHERS: readonly OtherFace[] = [
  { name: 'tinos', file: packaged('tinos', 'Tinos', '400Regular'), letters: /[\u0250-\u058F\u0590-\u05FF\u1E00-\u1FFF\u2000-\u2BFF\uFB1D-\uFB4F]/u },
  { name: 'amiri', file: packaged('amiri', 'Amiri', '400Regular'), letters: /[\u0600-\u06FF\u0750-\u077F\u08A0-\u08FF\uFB50-\uFDFF\uFE70-\uFEFC]/u },
  { name: 'sawarabi', file: packaged('sawarabi-mincho', 'SawarabiMincho', '400Regular'), letters: /[\u3000-\u30FF\u3400-\u9FFF\uF900-\uFAFF\uFF00-\uFFEF]/u },
  { name: 'xiaowei', file: packaged('zcool-xiaowei', 'ZCOOLXiaoWei', '400Regular'), letters: /[\u3000-\u303F\u3400-\u9FFF\uF900-\uFAFF\uFF00-\uFFEF]/u },
  { name: 'gowun', file: packaged('gowun-batang', 'GowunBatang', '400Regular'), letters: /[\u1100-\u11FF\u3130-\u318F\uAC00-\uD7AF]/u },
]
/** The others that a text may need. */
export const othersFor = (text: string): OtherFace[] => OTHERS.filter(({ letters }) => letters.test(text))
