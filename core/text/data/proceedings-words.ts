/**
 * Common words of the titles of proceedings and how they are shortened (IEEE Reference Guide, Abbreviations; the words of
 * its conference titles). A word that is not here is not shortened. Add a word here, in small letters.
 */
export const PROCEEDINGS_WORDS: Readonly<Record<string, string>> = {
  'acoustics': 'Acoust.', 'administration': 'Admin.', 'advanced': 'Adv.', 'advances': 'Adv.', 'american': 'Amer.', 'analysis': 'Anal.', 'annals': 'Ann.', 'annual': 'Annu.',
  'applications': 'Appl.', 'applied': 'Appl.', 'architecture': 'Archit.', 'artificial': 'Artif.', 'association': 'Assoc.', 'automation': 'Automat.',
  'biomedical': 'Biomed.', 'business': 'Bus.', 'chemistry': 'Chem.', 'circuits': 'Circuits', 'colloquium': 'Colloq.', 'communication': 'Commun.', 'communications': 'Commun.',
  'computation': 'Comput.', 'computational': 'Comput.', 'computer': 'Comput.', 'computers': 'Comput.', 'computing': 'Comput.', 'conference': 'Conf.', 'congress': 'Congr.',
  'convention': 'Conv.', 'development': 'Develop.', 'digest': 'Dig.', 'distributed': 'Distrib.', 'education': 'Educ.', 'electrical': 'Elect.', 'electronic': 'Electron.', 'electronics': 'Electron.',
  'engineering': 'Eng.', 'environment': 'Environ.', 'environmental': 'Environ.', 'european': 'Eur.', 'exposition': 'Expo.', 'geoscience': 'Geosci.', 'industrial': 'Ind.', 'industry': 'Ind.',
  'information': 'Inf.', 'institute': 'Inst.', 'instrumentation': 'Instrum.', 'intelligence': 'Intell.', 'intelligent': 'Intell.', 'international': 'Int.', 'knowledge': 'Knowl.', 'learning': 'Learn.',
  'letters': 'Lett.', 'machine': 'Mach.', 'management': 'Manage.', 'manufacturing': 'Manuf.', 'materials': 'Mater.', 'mathematics': 'Math.', 'measurement': 'Meas.', 'mechanical': 'Mech.',
  'mechanics': 'Mech.', 'medicine': 'Med.', 'national': 'Nat.', 'network': 'Netw.', 'networks': 'Netw.', 'nuclear': 'Nucl.', 'optical': 'Opt.', 'optics': 'Opt.', 'parallel': 'Parallel',
  'pattern': 'Pattern', 'photonics': 'Photon.', 'physics': 'Phys.', 'processing': 'Process.', 'production': 'Prod.', 'recognition': 'Recognit.', 'record': 'Rec.',
  'reliability': 'Rel.', 'remote': 'Remote', 'report': 'Rep.', 'research': 'Res.', 'review': 'Rev.', 'robotics': 'Robot.', 'science': 'Sci.', 'sciences': 'Sci.', 'security': 'Secur.', 'sensing': 'Sens.',
  'social': 'Social', 'society': 'Soc.', 'software': 'Softw.', 'statistics': 'Statist.', 'structures': 'Struct.', 'studies': 'Stud.', 'symposium': 'Symp.', 'system': 'Syst.', 'systems': 'Syst.',
  'technical': 'Tech.', 'technologies': 'Technol.', 'technology': 'Technol.', 'telecommunications': 'Telecommun.', 'transactions': 'Trans.', 'transportation': 'Transp.', 'university': 'Univ.',
  'vehicular': 'Veh.', 'vision': 'Vis.', 'wireless': 'Wireless',
}
