import { describe, expect, it } from 'vitest'
import { capitaliseText } from './capitals'
import { isCommon } from './common'
import { looksForeign } from './foreign'

describe('a title in another language is known by its small words', () => {
  it.each([
    'Der Müller und die Flut',
    'Die stille Flut',
    'Die neue Wassermühle im Wandel der Zeit',
    'La marée et les moulins',
    'Le moulin à marée',
    'L’eau et les moulins',
    'El molino de mareas',
    'Cien años de soledad',
    'La vida es sueño',
    'Il mulino e la marea',
    'O moinho de maré',
    'De getijdenmolen in Zeeland',
    'Tidvattenkvarnar på västkusten',
    'Leonardo da Vinci',
  ])('%s', title => expect(looksForeign(title, isCommon)).toBe(true))

  it.each([
    'The mill at Die',
    'Die hard with a vengeance',
    'Los Angeles and the sea',
    'El Niño returns to the delta',
    'Le Corbusier reconsidered',
    'Van Gogh at sea',
    'Du Bois reads mills',
    'De facto mills',
    'Ad hoc mills',
    'A priori tides',
    'Op art in Zeeland',
    'San Juan de la Cruz Reconsidered',
    'Mills in medias res',
    'Wuthering heights in y dimensions',
    'How a mill works',
    'Tides',
    'LE MOULIN À MARÉE',
    '',
  ])('English, or nobody can say: %s', title => expect(looksForeign(title, isCommon)).toBe(false))

  it.each([
    ['headline', { style: 'headline', prepositions: 'all' }],
    ['sentence', { style: 'sentence', afterColon: 'capital' }],
  ] as const)('it keeps its capitals in %s style', (_, rule) =>
    expect(capitaliseText('Der Müller und die Flut: eine Geschichte', rule)).toBe('Der Müller und die Flut: eine Geschichte'))
})

describe('what is put before a hyphen is a part of its word', () => {
  it.each([
    ['Effects of Silt: A Meta-Analysis', 'Effects of silt: A meta-analysis'],
    ['EFFECTS OF SILT: A META-ANALYSIS', 'Effects of silt: A meta-analysis'],
    ['Meta-Analysis of Eels', 'Meta-analysis of eels'],
    ['Socio-Economic and Bio-Based Mills', 'Socio-economic and bio-based mills'],
    ['Pre-Service Millers', 'Pre-service millers'],
    ['The Pre-Columbian Fens', 'The pre-Columbian fens'],
    ['Pan-African Voices and Afro-Caribbean Mills', 'Pan-African voices and Afro-Caribbean mills'],
    ['The Anti-Slavery Mill', 'The anti-slavery mill'],
    ['X-Ray Views of Mud', 'X-ray views of mud'],
  ])('%s', (title, set) => expect(capitaliseText(title, { style: 'sentence', afterColon: 'capital' })).toBe(set))
})
