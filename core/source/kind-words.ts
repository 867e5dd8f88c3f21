/** Finding a kind of source by the words people use for it: "website", "online video", "handout from class". */
import { foldWords } from '../text/filing'
import { KIND_IDS, kindOf, type KindId } from './kinds'

/** Everyday words for each kind, beside its own label. */
const WORDS: Record<KindId, string> = {
  'journal-article': 'article, academic article, scholarly paper, peer reviewed, study, research paper, scientific paper',
  'magazine-article': 'magazine, weekly, monthly, glossy, feature',
  'newspaper-article': 'newspaper, news, news story, paper, daily, press, editorial, op-ed, column',
  'review': 'book review, film review, critique',
  'book': 'e-book, ebook, monograph, textbook, novel, paperback, audiobook, edited collection, anthology, manual',
  'classic': 'play, poem, scripture, bible, epic, drama, ancient text, holy book, sonnet',
  'brochure': 'leaflet, flyer, pamphlet, press release, booklet',
  'chapter': 'part of a book, essay in a book, short story, chapter in an edited book, poem in a collection',
  'foreword': 'introduction, preface, afterword, prologue',
  'encyclopedia-entry': 'encyclopaedia, wiki, reference work, encyclopedia article',
  'dictionary-entry': 'dictionary, definition, glossary, thesaurus, word',
  'conference-paper': 'proceedings, conference, symposium, workshop paper',
  'web-page': 'website, site, internet, page, online article, web site, home page, faq, help page',
  'blog-post': 'blog, newsletter, weblog',
  'social-post': 'social media, tweet, post, status, reel, story, message board, forum',
  'report': 'government report, technical report, white paper, policy paper, survey, annual report, official document',
  'working-paper': 'discussion paper, draft paper',
  'preprint': 'manuscript online, unreviewed paper, eprint',
  'thesis': 'dissertation, phd, master, doctoral, honours project',
  'talk': 'lecture, speech, presentation, slides, poster, powerpoint, keynote, seminar, webinar, class',
  'film': 'movie, documentary, cinema, dvd, motion picture',
  'tv-series': 'television, tv show, series, programme, program, streaming series',
  'tv-episode': 'episode, television, tv, programme, program, broadcast',
  'online-video': 'video, clip, vlog, video channel, streaming video, recorded lecture, animation',
  'podcast': 'podcast show, audio series, radio series',
  'podcast-episode': 'podcast, audio, radio, radio programme, interview on a podcast',
  'song': 'track, music, single, recording, lyrics',
  'album': 'record, cd, vinyl, music album',
  'artwork': 'painting, sculpture, drawing, art, museum object, print, installation',
  'photograph': 'photo, picture, image',
  'map': 'atlas, chart of a coast, plan',
  'figure': 'chart, graph, diagram, table, infographic, image from a book',
  'patent': 'invention',
  'dataset': 'data, data set, statistics, census, database',
  'software': 'app, program, code, package, game, video game, tool',
  'ai-output': 'ai, chatbot, artificial intelligence, generated text, language model, assistant, machine answer',
  'standard': 'norm, code of practice, specification',
  'case': 'law case, court, ruling, judgment, legal case, lawsuit',
  'statute': 'law, act, legislation, regulation, bill, constitution, treaty',
  'interview': 'conversation published, questions and answers',
  'personal-communication': 'e-mail, email, letter, phone call, conversation, text message, private message, own interview',
  'archival-item': 'archive, manuscript, diary, papers, letter in an archive, record office, primary source',
  'course-material': 'handout, handout from class, worksheet, reading pack, course pack, lecture notes, syllabus, class notes, module',
}

const SMALL = new Set(['a', 'an', 'the', 'of', 'from', 'in', 'on', 'or', 'and', 'my', 'by', 'for', 'to', 'with'])
const index: { id: KindId, phrases: string[], words: string[] }[] = KIND_IDS.map((id) => {
  const phrases = [kindOf(id).label, ...WORDS[id].split(',')].map(foldWords).filter(Boolean)
  return { id, phrases, words: phrases.flatMap(phrase => phrase.split(' ')).filter(word => !SMALL.has(word)) }
})

/** Kinds that fit what was typed, the best first; all of them, by label, for nothing typed. */
export function findKinds(typed: string): KindId[] {
  const wanted = foldWords(typed)
  if (!wanted) return [...KIND_IDS].sort((a, b) => kindOf(a).label.localeCompare(kindOf(b).label))
  const words = wanted.split(' ').filter((word, i, all) => !SMALL.has(word) || all.length === 1)
  return index.map(({ id, phrases, words: known }) => {
    const phrase = phrases.indexOf(wanted)
    const begun = phrases.findIndex(one => one.startsWith(wanted))
    const hits = words.filter(word => known.some(one => one.startsWith(word) || (word.length > 4 && word.startsWith(one) && one.length > 3))).length
    // The label first, then a whole everyday phrase, one that begins so, and single words.
    const score = phrase === 0 ? 100 : phrase > 0 ? 80 - phrase : begun >= 0 ? 60 - begun : hits === words.length && hits ? 40 : hits ? 10 * hits / words.length : 0
    return { id, score }
  }).filter(one => one.score > 0).sort((a, b) => b.score - a.score).map(one => one.id)
}
