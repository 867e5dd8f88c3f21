/** Words by which a name is told to be an organisation's, a newspaper's, or of who keeps things. */
const alternatives = (words: string): string => words.trim().split(/\s+/u).join('|')

/** A newspaper is called by them. */
export const NEWSPAPER_WORDS = alternatives(`
  advertiser argus chronicle courier daily dispatch echo evening examiner express gazette guardian herald independent mirror news(?:paper)? observer
  post sentinel standard star telegraph times tribune
`)
/** They keep pictures, letters and theses. */
export const KEEPER_WORDS = alternatives('archives? librar(?:y|ies) museums? galler(?:y|ies) record\\soffice collection institute trust online dissertations theses')
/** An organisation is called by them, and hardly any person. */
export const GROUP_WORDS = alternatives(`
  academy agency alliance archives? assembly association authority bank board broadcasting bureau campaign cent(?:er|re) charity choir clinic club
  coalition collective college commission committee company consortium corporation council courier department directorate ensemble federation forum
  foundation fund gallery gazette government group guild herald heritage hospital inc initiative institute institution international journal labs?
  laboratory library ltd magazine media ministry movement museums? national network news observatory observer office orchestra organi[sz]ation
  parliament partnership police press productions programme project quartet radio records registry school secretariat service society standards
  statistics studios? survey team television theat(?:er|re) tribunal tribune trust union university volunteers weekly
`)
