/** Every word that a style prints of its own; kept by hand, for the eye that looks at a new one (spelling.ts). */
export const PRINTED_WORDS = `
Suppl suppl supp nos vol Vols modified last Annu Res Memo Discussion White Unpublished composed case
Accessed Album Appendices Appendix Art Article Artwork Audio Australian Author Available B Bachelor’s BC BCE
Bibliography Book Books British Brochure C Canadian Chapter Chapters Chinese Cited Class Column Columns Comp Compiler
Compilers Composer Composers Comps Computer Course Created Creator Creators D Data Dataset DC Directed Director
Directors Dissertation Doctoral E Ed Eds Email Episode Equation Equations Eur European Executive Fig Figs Figure
Figures Film Footnote Footnotes Forthcoming French From Generated German Handout Host Hosts Illus Illustrator
Illustrators In Internet Interview Interviewed Interviewer Interviewers Japanese Korean Large Lecture Letter Located M
Map Master’s Mobile Motion MSc New No Note Notes On Online Original Paper Part Parts Patent Performer Performers Ph PhD
Photograph Plate Plates Podcast Post Poster Preprint Producer Producers Publication Radio Recorded Reference
References Rep Report Reproduced Retrieved Rev Review Roman S Sc Season Sec Secs Sect Section Sections Slide Slides Song
Source Stanza Stanzas States TABLE Table Tables Tech Television Thesis Times Trans Transl Translator Translators TV U United
Unpublished Version Video Vol Vols Washington Web Working Works World Writer Writers accessed act aired al and app
apps article as at author bachelor’s be bk bks blog book broadcast by c ca ch chap chaps chs circa cited col cols
communication comp compiled compiler compilers composer composers comps computer course created creator creators d
dataset date dir directed director directors dirs diss dissertation doctoral doi ed edited editor editors edn eds
email enl episode eq eqs et fig figs figure file fol fols forthcoming from given handout host hosted hosts https illus
illustrated illustrator illustrators in interview interviewed interviewer interviewers inventor inventors issued l
language lecture letter line lines list ll log map master’s message model motion n nn no of on online org others p
paper par para paras pars patent perf performance performed performer performers perfs personal photograph picture pl
pls podcast post posted poster pp preprint presented press private prod prods produced producer producers program
programme pt pts published qtd quoted radio recorded recording ref repr Reprint review s scene season sec secs section series
session set slide slides software stanza stanzas table tables television text the thesis to trans transl translated
translator translators unknown unpublished version video vol vols with work working writer writers written
`.trim()
