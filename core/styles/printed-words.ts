/** Every word that a style prints of its own; kept by hand, for the eye that looks at a new one (spelling.ts). */
export const PRINTED_WORDS = `
Accessed Album Art Article Artwork Audio Australian Author Available B BC BCE Bibliography British Brochure C Canadian
Chapter Chapters Chinese Cited Class Comp Compiler Compilers Comps Composer Composers Computer Course Created D DC Data Dataset Directed Director
Directors Dissertation Doctoral E Ed Eds Email Episode Eur European Executive Fig Figure Figures Film Forthcoming
French From Generated German Handout Host Hosts Illus Illustrator Illustrators In Internet Interview Interviewer
Interviewers Japanese Korean Large Lecture Letter Located M MSc Map Master’s Mobile Motion No Note On Online Original
Paper Patent Ph PhD Photograph Podcast Post Poster Preprint Producer Producers Publication Reference References Rep
Report Reproduced Retrieved Rev Review S Sc Season Sect Section Sections Song Source States TABLE TV Table Tech
Television Thesis Trans Transl Translator Translators U United Unpublished Version Video Vol Vols Washington Web
Working Works World Writer Writers accessed act aired al and app article as at author be blog book by c ca ch chap
chaps chs circa cited comp compiled compiler compilers comps communication composer composers computer course d dataset date dir directed director directors
dirs diss dissertation doi ed edited editor editors edn eds email enl episode et fig figs figure file forthcoming from
handout host hosted hosts https illus illustrated illustrator illustrators in interview interviewed interviewer
interviewers inventor inventors issued language lecture letter line lines list log map master’s message model motion n
no of on online org others p paper par para paras pars patent performance performed performer performers personal
photograph picture podcast post posted poster pp preprint presented press private prod prods produced producer
producers program programme published qtd quoted ref review scene season sec secs section series session set software
television text the thesis to trans transl translated translator translators unknown version video vol vols with work
working writer writers written
`.trim()
