/** The faces that ship with Dendle: one for each that instructors ask for, with its widths, in four shapes. */
import { FACES, type Twin } from '../choices'
import { SHAPES, type Shape } from './face'

const FILE_OF: Readonly<Record<Shape, string>> = { 'regular': '400Regular', 'bold': '700Bold', 'italic': '400Regular_Italic', 'bold-italic': '700Bold_Italic' }

/** Where a face's file is among the packages: "@expo-google-fonts/tinos/400Regular/Tinos_400Regular.ttf". */
export const packagedFace = (twin: Twin, shape: Shape): string => {
  const file = FILE_OF[shape]
  return `@expo-google-fonts/${twin}/${file}/${twin[0]!.toUpperCase()}${twin.slice(1)}_${file}.ttf`
}
export const TWINS = FACES.map(face => face.twin)
/** Every file that is needed for a face. */
export const filesOf = (twin: Twin): [shape: Shape, file: string][] => SHAPES.map(shape => [shape, packagedFace(twin, shape)])
