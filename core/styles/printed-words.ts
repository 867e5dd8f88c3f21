/** Every word that a style prints of its own; kept by hand, for the eye that looks at a new one (spelling.ts). */
export const PRINTED_WORDS = `
Accessed Album Art Article Artwork Audio Australian Author Available B Bachelor’s BC BCE Bibliography British Brochure
C Canadian Chapter Chapters Chinese Cited Class Comp Compiler Compilers Composer Composers Comps Computer Course
Created Creator Creators D Data Dataset DC Directed Director Directors Dissertation Doctoral E Ed Eds Email Episode
Eur European Executive Fig Figure Figures Film Forthcoming French From Generated German Handout Host Hosts Illus
Illustrator Illustrators In Internet Interview Interviewed Interviewer Interviewers Japanese Korean Large Lecture
Letter Located M Map Master’s Mobile Motion MSc No Note On Online Original Paper Patent Performer Performers Ph PhD
Photograph Podcast Post Poster Preprint Producer Producers Publication Radio Recorded Reference References Rep Report
Reproduced Retrieved Rev Review S Sc Season Sect Section Sections Song Source States Table TABLE Tech Television
Thesis Trans Transl Translator Translators TV U United Unpublished Version Video Vol Vols Washington Web Working Works
World Writer Writers accessed act aired al and app article as at author bachelor’s be blog book broadcast by c
ca ch chap chaps chs circa cited communication comp compiled compiler compilers composer composers comps computer
course created creator creators d dataset date dir directed director directors dirs diss dissertation doi ed
edited editor editors edn eds email enl episode et fig figs figure file forthcoming from handout host hosted hosts
https illus illustrated illustrator illustrators in interview interviewed interviewer interviewers inventor inventors
issued language lecture letter line lines list log map master’s message model motion n no of on online org others p
paper par para paras pars patent perf performance performed performer performers perfs personal photograph picture
podcast post posted poster pp preprint presented press private prod prods produced producer producers program
programme published qtd quoted radio recorded ref review s scene season sec secs section series
session set software television text the thesis to trans transl translated translator translators unknown version video vol vols with work working writer writers written
`.trim()
