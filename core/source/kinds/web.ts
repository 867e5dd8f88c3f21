/** Pages, posts and what stands on a site. */
import { WEB } from './hints'
import { kind } from './kind'

export const web = {
  'web-page': kind({
    label: 'Web page', pageless: true, inside: 'site', officialContainer: true,
    words: 'website, site, internet, page, online article, web site, home page, faq, help page',
    required: ['title', 'url'], usual: ['author', 'issued', 'container', 'accessed'],
    lead: ['author'], makers: [],
    called: { container: 'Site' },
    hints: WEB,
    csl: 'webpage', bibtex: 'online', ris: 'ELEC',
    reads: { csl: [{ type: 'document' }, { type: 'webpage' }], bibtex: ['online', 'electronic', 'www', 'webpage', 'misc'], ris: ['ELEC', 'GEN', 'ICOMM', 'WEB'] },
    said: [],
    number: 'number',
  }),
  'blog-post': kind({
    label: 'Blog post', pageless: true, like: 'web-page', inside: 'site', officialContainer: true,
    words: 'blog, newsletter, weblog',
    required: ['author', 'issued', 'title', 'container', 'url'], usual: ['accessed'],
    lead: ['author'], makers: [],
    called: { container: 'Blog' },
    hints: { ...WEB, container: 'the blog’s name' },
    csl: 'post-weblog', bibtex: 'online', ris: 'BLOG',
    reads: { csl: [{ type: 'post-weblog' }, { type: 'webpage', says: /\bblog/iu }], bibtex: [], ris: ['BLOG'] },
    said: [{ order: 23, words: /blog|web ?log post/iu }],
    number: 'issue',
  }),
  'social-post': kind({
    label: 'Social media post', pageless: true, like: 'web-page', officialContainer: true, plainTitle: true,
    words: 'social media, tweet, post, status, reel, story, message board, forum',
    required: ['author', 'issued', 'title', 'container', 'url'], usual: ['genre'],
    lead: ['author'], makers: [],
    called: { container: 'Service' },
    hints: { title: 'the first 20 words of the post', container: 'the service it was posted on' },
    csl: 'post', bibtex: 'online', ris: 'ICOMM',
    reads: { csl: [{ type: 'post' }], bibtex: [], ris: [] },
    said: [{ order: 15, words: /tweet|^post$|status update|facebook|thread/iu, into: 'genre' }],
    number: 'issue',
  }),
} as const
