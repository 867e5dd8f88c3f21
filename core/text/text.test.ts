import { describe, expect, it } from 'vitest'
import { STYLES } from '../styles'
import { abbreviateJournal, abbreviateProceedings, shortenPublisher } from './abbreviations'
import { capitalise, capitaliseText, type CapitalRule } from './capitals'
import { compareKeys, fold, foldTitle, ignoredArticle } from './filing'
import { inWords, ordinal } from './numbers'
import { DOUBLE_FIRST, SINGLE_FIRST, setQuotes } from './quotes'
import { isPlural, setRange, type RangeStyle } from './ranges'
import { parseRich, stripRich } from './rich'
import { toHtml, toMarkup, type Run } from './runs'

const SENTENCE: CapitalRule = { style: 'sentence', afterColon: 'capital' }
const LOWER: CapitalRule = { style: 'sentence', afterColon: 'lower' }
const MLA: CapitalRule = { style: 'headline', prepositions: 'all' }
const CHICAGO: CapitalRule = { style: 'headline', prepositions: 4 }
const ACS: CapitalRule = { style: 'headline', prepositions: 'all', infinitiveTo: true }

describe('number ranges', () => {
  it.each<[string, RangeStyle, string]>([
    ['101-119', 'full', '101–119'],
    ['101--119', 'full', '101–119'],
    ['101 – 119', 'full', '101–119'],
    ['101-9', 'full', '101–109'],
    ['101-119', 'two-digits', '101–19'],
    ['201-209', 'two-digits', '201–09'],
    ['95-99', 'two-digits', '95–99'],
    ['96-101', 'two-digits', '96–101'],
    ['1608-1774', 'two-digits', '1608–774'],
    ['3-10', 'chicago', '3–10'],
    ['71-72', 'chicago', '71–72'],
    ['96-117', 'chicago', '96–117'],
    ['100-104', 'chicago', '100–104'],
    ['1100-1113', 'chicago', '1100–1113'],
    ['101-108', 'chicago', '101–8'],
    ['808-833', 'chicago', '808–33'],
    ['1103-1104', 'chicago', '1103–4'],
    ['321-328', 'chicago', '321–28'],
    ['498-532', 'chicago', '498–532'],
    ['1087-1089', 'chicago', '1087–89'],
    ['12991-13001', 'chicago', '12991–3001'],
    ['880-902', 'minimal', '880–902'],
    ['44-49', 'minimal', '44–9'],
    ['412-413', 'minimal', '412–3'],
    ['xii-xx', 'chicago', 'xii–xx'],
    ['12-15, 20', 'full', '12–15, 20'],
    ['e0417', 'full', 'e0417'],
    ['A4', 'full', 'A4'],
    ['S12-S15', 'full', 'S12–S15'],
  ])('%s in %s: %s', (given, style, set) => expect(setRange(given, style, '–')).toBe(set))
  it.each([
    ['12', false],
    ['12-15', true],
    ['3, 7', true],
    ['xii-xv', true],
    ['A4', false],
    ['3.2.14', false],
    ['12 and 14', true],
  ])('%s is several places: %s', (place, many) => expect(isPlural(place as string)).toBe(many))
})

describe('sentence capitals', () => {
  it.each([
    ['The Tidal Mills of Brittany and Wales: A Survey', 'The tidal mills of Brittany and Wales: A survey'],
    ['COASTAL EROSION IN PORTUGAL', 'Coastal erosion in Portugal'],
    ['THE LAST MILLER OF THORNHAM', 'The last miller of Thornham'],
    ['Mending the Carewick Mill: Notes from Skerrow', 'Mending the Carewick mill: Notes from Skerrow'],
    ['Mending Carewick', 'Mending Carewick'],
    ['The Zostera Beds of Saltmarshes', 'The Zostera beds of saltmarshes'],
    ['Microplastics and Gentrification', 'Microplastics and gentrification'],
    ['Brackwater’s Oystercatchers', 'Brackwater’s oystercatchers'],
    ['Learning English as a Second Language', 'Learning English as a second language'],
    ['Lake Victoria and the Rise of East African Fishing', 'Lake Victoria and the rise of East African fishing'],
    ['Darwin’s Barnacles', 'Darwin’s barnacles'],
    ['What Do Bees Want? A Field Report', 'What do bees want? A field report'],
    ['iPhone Use Among Dutch Teenagers', 'iPhone use among Dutch teenagers'],
    ['The U.S. Navy and DNA Evidence', 'The U.S. navy and DNA evidence'],
    ['World War II Bunkers', 'World War II bunkers'],
    ['The History of the Roman Empire', 'The history of the Roman Empire'],
    ['New York City and the Great Depression', 'New York City and the Great Depression'],
    ['HIV and AIDS in South Africa', 'HIV and AIDS in South Africa'],
    ['Alzheimer’s Disease and Sleep', 'Alzheimer’s disease and sleep'],
    ['A Study of E. coli in Lake Michigan', 'A study of E. coli in Lake Michigan'],
    ['mRNA Vaccines in Practice', 'mRNA vaccines in practice'],
    ['Queen Victoria and the Railway', 'Queen Victoria and the railway'],
    ['Working-Class Life in Victorian London', 'Working-class life in Victorian London'],
    ['The American Civil War in Memory', 'The American Civil War in memory'],
    ['Mars and Venus: Planetary Weather', 'Mars and Venus: Planetary weather'],
    ['3D Printing in Schools', '3D printing in schools'],
    ['sediment budgets of restored ponds', 'Sediment budgets of restored ponds'],
    ['Sluice gates of the Arun', 'Sluice gates of the Arun'],
    ['A mill on the Arun: an account', 'A mill on the Arun: An account'],
  ])('%s', (given, set) => expect(capitaliseText(given, SENTENCE)).toBe(set))
  it('lowers after a colon where the style wants it, but not a name', () => {
    expect(capitaliseText('Ponds and gates: The anatomy of a mill', LOWER)).toBe('Ponds and gates: the anatomy of a mill')
    expect(capitaliseText('Ponds and gates: Portugal in winter', LOWER)).toBe('Ponds and gates: Portugal in winter')
  })
  it('never touches what the writer protected, or italics within', () => {
    expect(capitaliseText('Return of <i>Zostera Marina</i> To the <span class="nocase">Carewick</span> Flats', SENTENCE)).toBe(
      'Return of Zostera Marina to the Carewick flats',
    )
  })
  it('marks the words it could not decide', () =>
    expect(capitalise('The Reading of Hope Street in Skerrow', SENTENCE).unsure).toEqual(['Reading', 'Skerrow']))
  it('a name that no list knows keeps its capital behind a colon', () =>
    expect(capitaliseText('Tide mills: Carewick and after', { style: 'sentence', afterColon: 'lower' })).toBe(
      'Tide mills: Carewick and after',
    ))
})

describe('headline capitals', () => {
  it.each<[CapitalRule, string, string]>([
    [MLA, 'notes from between two shores', 'Notes from between Two Shores'],
    [CHICAGO, 'notes from between two shores', 'Notes from Between Two Shores'],
    [MLA, 'the low-cost mill: a do-it-yourself guide', 'The Low-Cost Mill: A Do-It-Yourself Guide'],
    [MLA, 'the river that turned around', 'The River That Turned Around'],
    [CHICAGO, 'what is it good for?', 'What Is It Good For?'],
    [ACS, 'tide mill to power village hall', 'Tide Mill To Power Village Hall'],
    [ACS, 'using light to map small rivers', 'Using Light To Map Small Rivers'],
    [ACS, 'how to model the sea', 'How To Model the Sea'],
    [ACS, 'from farm to market towns', 'From Farm to Market Towns'],
    [ACS, 'barriers to water use', 'Barriers to Water Use'],
    [ACS, 'a right to power and light', 'A Right to Power and Light'],
    [ACS, 'exposed to light for years', 'Exposed to Light for Years'],
    [ACS, 'to be or not to be', 'To Be or Not To Be'],
    [ACS, 'guide to the shore', 'Guide to the Shore'],
    [MLA, 'how to read a river', 'How to Read a River'],
    [CHICAGO, 'as you like it', 'As You Like It'],
    [MLA, 'the cat in the hat', 'The Cat in the Hat'],
    [MLA, 'a run-in with the law', 'A Run-In with the Law'],
    [{ ...CHICAGO, prefixes: true }, 're-emerging mills in anti-Roman Britain', 'Re-emerging Mills in Anti-Roman Britain'],
    [MLA, 'women through the ages', 'Women through the Ages'],
    [CHICAGO, 'women through the ages', 'Women Through the Ages'],
    [MLA, 'a history of DNA in forensic ecology', 'A History of DNA in Forensic Ecology'],
    [CHICAGO, 'THE LAST MILLER OF THORNHAM', 'The Last Miller of Thornham'],
  ])('%o %s', (rule, given, set) => expect(capitaliseText(given, rule)).toBe(set))
})

describe('quotation marks', () => {
  it.each([
    ['“Neither land nor sea”: Mudflats', 1, '‘Neither land nor sea’: Mudflats'],
    ['"Neither" he said', 0, '“Neither” he said'],
    ['The engineer\'s shore', 0, 'The engineer’s shore'],
    ['‘Tis the mill', 0, '’Tis the mill'],
    ['The sailors’ rest', 1, 'The sailors’ rest'],
    ['She said “the ‘old’ gate”', 0, 'She said “the ‘old’ gate”'],
  ])('%s at depth %i', (given, depth, set) => expect(setQuotes(given, DOUBLE_FIRST, depth)).toBe(set))
  it('alternates the British way', () => expect(setQuotes('“Neither land nor sea”', SINGLE_FIRST, 1)).toBe('“Neither land nor sea”'))
})

describe('filing', () => {
  it.each([
    ['The Harbour', 'harbour'],
    ['A Short Census', 'shortcensus'],
    ['1790 sluice gate', 'seventeenninetysluicegate'],
    ['Ångström’s mill', 'angstromsmill'],
    ['Theory of mills', 'theoryofmills'],
  ])('files %s under %s', (title, key) => expect(foldTitle(title)).toBe(key))
  it.each([
    ['van der Berg', 'vanderberg'],
    ['Sable Ortiz', 'sableortiz'],
    ['O’Neill', 'oneill'],
    ['Łódź', 'lodz'],
    ['St. John', 'stjohn'],
  ])('folds %s to %s', (name, key) => expect(fold(name)).toBe(key))
  it('puts nothing before something', () => {
    expect(compareKeys(['marsh'], ['marsh', 'aldous'])).toBeLessThan(0)
    expect(compareKeys(['marsh', 2015], ['marsh', 2018])).toBeLessThan(0)
  })
  it('names the article it ignores', () => expect(ignoredArticle('“The river”')).toBe('The'))
})

describe('numbers', () => {
  it.each([
    [1, '1st'],
    [2, '2nd'],
    [3, '3rd'],
    [4, '4th'],
    [11, '11th'],
    [12, '12th'],
    [21, '21st'],
    [113, '113th'],
  ])('%i is %s', (n, text) => expect(ordinal(n)).toBe(text))
  it.each([
    [7, 'seven'],
    [42, 'forty two'],
    [1790, 'seventeen ninety'],
    [1905, 'nineteen oh five'],
    [2001, 'two thousand one'],
    [350, 'three hundred fifty'],
  ])('%i in words', (n, text) => expect(inWords(n)).toBe(text))
})

describe('abbreviations', () => {
  it.each([
    ['Journal of Estuary Heritage', 'J. Estuary Herit.'],
    ['Coastal Engineering Letters', 'Coast. Eng. Lett.'],
    ['Nature', 'Nature'],
    ['Annals of the Royal Society', 'Ann. R. Soc.'],
    ['Studies in Coastal Literature', 'Stud. Coast. Lit.'],
    ['Remote Sensing of Environment', 'Remote Sens. Environ.'],
    ['Journal of Clinical Oncology', 'J. Clin. Oncol.'],
    ['Journal of Personality and Social Psychology', 'J. Pers. Soc. Psychol.'],
    ['Journal of Marriage and Family', 'J. Marriage Fam.'],
    ['Journal of Cleaner Production', 'J. Clean. Prod.'],
    ['Pattern Recognition Letters', 'Pattern Recognit. Lett.'],
    ['Health Affairs', 'Health Aff.'],
    ['Feminist Review', 'Fem. Rev.'],
    ['Journal of Consumer Research', 'J. Consum. Res.'],
    ['Archives of Internal Medicine', 'Arch. Intern. Med.'],
    ['Journal of Sports Sciences', 'J. Sports Sci.'],
    ['Teaching and Teacher Education', 'Teach. Teach. Educ.'],
    ['Software: Practice and Experience', 'Softw. Pract. Exp.'],
    ['Proceedings of the Royal Society B: Biological Sciences', 'Proc. R. Soc. B Biol. Sci.'],
    ['Renewable and Sustainable Energy Reviews', 'Renew. Sustain. Energy Rev.'],
    ['Behavioral and Brain Sciences', 'Behav. Brain Sci.'],
    ['Journal of Business Ethics', 'J. Bus. Ethics'],
    ['Studies in Higher Education', 'Stud. High. Educ.'],
    ['Urban Studies', 'Urban Stud.'],
    ['Energy Policy', 'Energy Policy'],
    ['Pediatrics', 'Pediatrics'],
    ['Diabetes Care', 'Diabetes Care'],
  ])('%s', (title, short) => expect(abbreviateJournal(title)).toBe(short))
  it('shortens universities as each style does', () => {
    expect(shortenPublisher('University of Northmere Press', 'Univ.')).toBe('Univ. Northmere Press')
    expect(shortenPublisher('University of Northmere Press', 'U')).toBe('U of Northmere P')
    expect(shortenPublisher('Meridian University Press', 'U')).toBe('Meridian UP')
    expect(shortenPublisher('Saltmarsh Press', 'U')).toBe('Saltmarsh Press')
    expect(shortenPublisher('Lowwater Publishing Company', 'U')).toBe('Lowwater')
  })
  it('shortens proceedings', () =>
    expect(abbreviateProceedings('Proceedings of the 6th Symposium on Small Hydropower', 'words')).toBe('Proc. 6th Symp. Small Hydropower'))
})

describe('rich text and runs', () => {
  it('reads tags, and leaves what is no tag', () => {
    expect(parseRich('a <i>b</i> 3 < 4')).toEqual([{ text: 'a ' }, { text: 'b', italic: true }, { text: ' 3 < 4' }])
    expect(stripRich('<span class="nocase">DNA</span> test')).toBe('DNA test')
  })
  const runs: Run[] = [
    { text: 'Silt ', part: 'what', rules: [] },
    { text: 'mill', italic: true, part: 'what', rules: [] },
    { text: ' & ', italic: true, part: 'glue', rules: [] },
    { text: '2', superscript: true, part: 'glue', rules: [] },
  ]
  it('writes markup and HTML', () => {
    expect(toMarkup(runs)).toBe('Silt *mill &* ^2^')
    expect(toHtml(runs)).toBe('Silt <i>mill &amp; </i><sup>2</sup>')
  })
})

describe('words that every object answers to', () => {
  const INHERITED = ['constructor', 'toString', 'valueOf', 'hasOwnProperty', '__proto__', 'prototype', 'isPrototypeOf']
  it.each(INHERITED)('“%s” in a title is a word like any other', (word) => {
    for (const style of STYLES) for (const place of ['roman', 'quoted', 'italic'] as const) {
      const set = capitaliseText(`The Theory of a ${word}: ${word.toUpperCase()} and Its Uses`, style.capitals[place])
      expect(set.toLowerCase()).toBe(`the theory of a ${word}: ${word} and its uses`.toLowerCase())
    }
  })
})
