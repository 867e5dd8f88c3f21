/** Title words and their standard abbreviations; a word ending in "-" stands for all that begin so; "–" leaves a word whole. */
export const TITLE_WORDS = `
abnormal=Abnorm. abstract-=Abstr. academic-=Acad. academy=Acad. accident-=Accid. account-=Account. acoustic-=Acoust. acquisition=Acquis.
act-=Act acta=Acta action=Action active=Act. activit-=Act. adapt-=Adapt. addict-=Addict. administration=Adm. administrative=Adm.
adolescen-=Adolesc. advanced=Adv. advances=Adv. advertising=Advert. aeronautic-=Aeronaut. aesthetic-=Aesthet. affair-=Aff.
affective=Affect. africa=Afr. african=Afr. agricultural=Agric. agriculture=Agric. agronom-=Agron. algebra=Algebra algebra-=Algebr.
allergic=Allerg. alternative=Altern. ambulatory=Ambul. america=Am. american=Am. anaesth-=Anaesth. analysis=Anal. analytical=Anal.
anatomy=Anat. ancient=Anc. anesthesia=Anesth. anesthesiolog-=Anesthesiol. animal=Anim. animals=Anim. annals=Ann. annual=Annu.
anthropolog-=Anthropol. antibiotic-=Antibiot. antimicrobial=Antimicrob. antiquary=Antiq. antiquities=Antiq. antiquity=Antiq.
applications=Appl. applied=Appl. aquatic=Aquat. archaeolog-=Archaeol. archeolog-=Archeol. architectur-=Archit. archive=Arch.
archives=Arch. art=Art artificial=Artif. arts=Arts asian=Asian assessment=Assess. association=Assoc. astronom-=Astron.
astrophys-=Astrophys. atlantic=Atl. atmospher-=Atmos. atomic=At. audiolog-=Audiol. auditing=Audit. australian=Aust. autom-=Autom.
aviation=Aviat. bacteriol-=Bacteriol. banking=Bank. behavior-=Behav. behaviour-=Behav. biochem-=Biochem. biodiversity=Biodivers.
bioengineering=Bioeng. bioethic-=Bioeth. biogeochem-=Biogeochem. biogeograph-=Biogeogr. biograph-=Biogr. bioinformatic-=Bioinform.
biolog-=Biol. biomaterial-=Biomater. biomechanic-=Biomech. biomedic-=Biomed. biophys-=Biophys. bioresource-=Bioresour. biosensor-=Biosens.
biotechnol-=Biotechnol. botan-=Bot. brain=Brain british=Br. broadcast-=Broadcast. building=Build. bulletin=Bull. business=Bus.
canadian=Can. cancer=Cancer cardiac=Card. cardiolog-=Cardiol. cardiovascular=Cardiovasc. catal-=Catal. cell=Cell cellular=Cell.
central=Cent. century=Century ceramic-=Ceram. chemical=Chem. chemistry=Chem. chemotherap-=Chemother. child=Child childhood=Child.
children=Child. chinese=Chin. christian=Chr. chronicle=Chron. circulation=Circ. citizenship=Citizsh. civil=Civ. classic-=Class.
clean=Clean. cleaner=Clean. climate=Clim. climatic=Clim. clinical=Clin. coast=Coast coastal=Coast. cognition=Cogn. cognitive=Cogn.
collect-=Collect. college=Coll. colonial=Colon. combustion=Combust. comment-=Comment. commerce=Commer. commercial=Commer.
communication-=Commun. communit-=Community comparative=Comp. compet-=Compet. complement-=Complement. composite-=Compos. compound-=Compd.
comprehensive=Compr. computation-=Comput. computer-=Comput. computing=Comput. conference=Conf. conflict=Confl. congress=Congr.
conservation=Conserv. constitutional=Const. construction=Constr. consult-=Consult. consumer=Consum. consumption=Consum.
contemporary=Contemp. continental=Cont. control=Control corporat-=Corp. correction-=Correct. corrosion=Corros. cosmolog-=Cosmol.
council=Counc. counsel-=Couns. creativ-=Creat. criminol-=Criminol. critical=Crit. criticism=Crit. crystal-=Cryst.
crystallograph-=Crystallogr. cultural=Cult. culture-=Cult. current=Curr. curricul-=Curric. cybernetic-=Cybern. cytolog-=Cytol. data=Data
decision-=Decis. defence=Def. defense=Def. democra-=Democr. demograph-=Demogr. dental=Dent. dentistry=Dent. dermatolog-=Dermatol.
design=Des. development-=Dev. diabetic=Diabet. diagnos-=Diagn. diet-=Diet. digest=Dig. digital=Digit. diplom-=Dipl. disabilit-=Disabil.
discovery=Discov. discussion-=Discuss. disease-=Dis. disorder-=Disord. distribut-=Distrib. divers-=Divers. dynamic-=Dyn. earth=Earth
eastern=East. ecclesiast-=Eccles. ecolog-=Ecol. econom-=Econ. ecosystem-=Ecosyst. education-=Educ. electric-=Electr.
electrochem-=Electrochem. electronic-=Electron. elementary=Elem. embryolog-=Embryol. emergenc-=Emerg. emotion-=Emot. empirical=Empir.
employ-=Employ. endocrin-=Endocrinol. energy=Energy engineer-=Eng. english=Engl. enterprise=Enterp. entomolog-=Entomol.
entrepreneur-=Entrep. environment-=Environ. enzym-=Enzym. epidemiol-=Epidemiol. ergonom-=Ergon. erosion=Eros. estuar-=Estuar.
estuary=Estuary ethic-=Ethics ethnic=Ethn. ethnograph-=Ethnogr. ethnolog-=Ethnol. ethology=Ethol. europe=Eur. european=Eur.
evaluation=Eval. evolution-=Evol. exceptional=Except. exercise=Exerc. experience=Exp. experiment-=Exp. explor-=Explor. extension=Ext.
facult-=Fac. famil-=Fam. federal=Fed. feminis-=Fem. fertil-=Fertil. fiction-=Fict. financial=Financ. fisher-=Fish. folklore=Folk.
food=Food forecast-=Forecast. forest-=For. foundation-=Found. fracture=Fract. french=Fr. freshwater=Freshw. frontier-=Front.
functional=Funct. fundamental-=Fundam. gastroenterolog-=Gastroenterol. gazette=Gaz. gender=Gend. general=Gen. generation-=Gener.
genetic-=Genet. geochem-=Geochem. geodesy=Geod. geograph-=Geogr. geolog-=Geol. geomorpholog-=Geomorphol. geophys-=Geophys.
geoscience-=Geosci. geotechn-=Geotech. geriatr-=Geriatr. german=Ger. gerontolog-=Gerontol. gifted=Gift. glaciolog-=Glaciol. global=Glob.
governance=Gov. government-=Gov. grassland=Grassl. gynaecol-=Gynaecol. gynecolog-=Gynecol. haematol-=Haematol. hazard-=Hazard.
health=Health hear-=Hear. hematolog-=Hematol. hepatolog-=Hepatol. heritage=Herit. herpetolog-=Herpetol. higher=High. hispanic=Hisp.
histolog-=Histol. historic-=Hist. histories=Hist. history=Hist. hormon-=Horm. horticultur-=Hortic. hospital-=Hosp. housing=Hous.
human=Hum. humanit-=Humanit. hydraul-=Hydraul. hydrobiolog-=Hydrobiol. hydrogen=Hydrog. hydrogeolog-=Hydrogeol. hydrolog-=Hydrol.
hygien-=Hyg. hypertension=Hypertens. ichthyolog-=Ichthyol. immun-=Immun. immunolog-=Immunol. implement-=Implement. inclusive=Incl.
indigenous=Indig. individual-=Individ. industr-=Ind. inequalit-=Inequal. infection=Infect. infectious=Infect. inflamm-=Inflamm.
informatic-=Inform. information=Inf. infrastructur-=Infrastruct. innovation-=Innov. inorganic=Inorg. inquir-=Inq. institut-=Inst.
instruct-=Instr. instrument-=Instrum. insurance=Insur. integrat-=Integr. intellectual=Intellect. intelligen-=Intell. interact-=Interact.
intercultural=Intercult. interdisciplinary=Interdiscip. internal=Intern. international=Int. interpersonal=Interpers. interpret-=Interpret.
intervention-=Interv. invertebrate-=Invertebr. investigation-=Investig. investment-=Invest. irish=Ir. irrigat-=Irrig. islam-=Islam.
italian=Ital. japanese=Jpn. jewish=Jew. journal=J. journalism=Journal. judicial=Judic. jurisprudence=Jurisprud. juvenile=Juv.
kinesiolog-=Kinesiol. kinetic-=Kinet. knowledge=Knowl. labor=Labor laboratory=Lab. land=Land landscape-=Landsc. language-=Lang. latin=Lat.
law=Law leadership=Leadersh. learning=Learn. legal=Leg. legislat-=Legis. leisure=Leis. letters=Lett. librar-=Libr. limnolog-=Limnol.
linguistic-=Linguist. liquid-=Liq. literacy=Lit. literary=Lit. literature=Lit. literatures=Lit. local=Local logic-=Log. logistic-=Logist.
machine-=Mach. macromolecul-=Macromol. magazine=Mag. magnet-=Magn. mammal-=Mammal. management=Manag. manufactur-=Manuf. mapping=Mapp.
marine=Mar. maritime=Marit. market=Mark. marketing=Mark. markets=Mark. material-=Mater. maternal=Matern. mathemat-=Math.
measurement-=Meas. mechan-=Mech. medic-=Med. medicinal=Med. medieval=Mediev. mediterranean=Mediterr. membran-=Membr. memor-=Mem.
memory=Mem. mental=Ment. metabol-=Metab. metallurg-=Metall. metals=Met. metaphys-=Metaphys. meteorolog-=Meteorol. method-=Methods
methodolog-=Methodol. microbiolog-=Microbiol. microscop-=Microsc. migration=Migr. military=Mil. mineral-=Miner. mining=Min. mobile=Mob.
mobilit-=Mobil. model-=Model. modern=Mod. molecular=Mol. monograph-=Monogr. morpholog-=Morphol. mountain-=Mt. movement-=Mov.
multicultural=Multicult. multidisciplin-=Multidiscip. multilingual=Multiling. multimedia=Multimed. multiphase=Multiph.
multivari-=Multivar. municipal=Munic. museum-=Mus. music-=Music musical=Music. musicolog-=Musicol. mycolog-=Mycol. nanopart-=Nanopart.
nanotechnolog-=Nanotechnol. narrative=Narrat. national=Natl. natural=Nat. nature=Nat. naval=Nav. navig-=Navig. neotropical=Neotrop.
nephrolog-=Nephrol. network-=Netw. neurochem-=Neurochem. neurolog-=Neurol. neurophysiol-=Neurophysiol. neuropsychol-=Neuropsychol.
neuroscience=Neurosci. neurosurg-=Neurosurg. newspaper-=Newsp. nordic=Nord. north=North northern=North. nuclear=Nucl. numerical=Numer.
nursing=Nurs. nutrition-=Nutr. obesity=Obes. observ-=Obs. obstetric-=Obstet. occupation-=Occup. ocean=Ocean oceanograph-=Oceanogr.
odontolog-=Odontol. official=Off. oncolog-=Oncol. operation-=Oper. ophthalmolog-=Ophthalmol. optic-=Opt. optimis-=Optim. optimiz-=Optim.
organic=Org. organisation-=Organ. organism-=Org. organization-=Organ. oriental=Orient. ornitholog-=Ornithol. orthod-=Orthod.
orthopaed-=Orthop. orthoped-=Orthop. pacific=Pac. paediatr-=Paediatr. palaeontol-=Palaeontol. paleontol-=Paleontol. palliative=Palliat.
paper-=Pap. parasit-=Parasitol. parent-=Parent. parliament-=Parliam. particle=Part. pathol-=Pathol. pedagog-=Pedagog. pediatric-=Pediatr.
percept-=Percept. performance=Perform. perinatal=Perinat. personal=Pers. personality=Pers. personnel=Pers. perspective-=Perspect.
pesticid-=Pestic. petroleum=Pet. petrology=Petrol. pharmac-=Pharm. pharmacolog-=Pharmacol. phenomen-=Phenomenol. philolog-=Philol.
philosoph-=Philos. phonet-=Phon. photochem-=Photochem. photograph-=Photogr. phylogen-=Phylogenet. physical=Phys. physics=Phys.
physiolog-=Physiol. phytochem-=Phytochem. phytopathol-=Phytopathol. planetary=Planet. planning=Plan. plant=Plant plastic-=Plast.
poet-=Poet. policing=Polic. policy=Policy polish=Pol. politic-=Polit. pollution=Pollut. polymer=Polym. population-=Popul. portuguese=Port.
positive=Posit. poultry=Poult. practical=Pract. practice=Pract. pragmat-=Pragmat. precision=Precis. prehistor-=Prehist.
preservation=Preserv. prevent-=Prev. primary=Prim. primatol-=Primatol. principle-=Princ. private=Priv. probability=Probab. problem-=Probl.
proceedings=Proc. process=Process processes=Process. processing=Process. product-=Prod. production=Prod. professional=Prof.
programming=Program. progress=Prog. project-=Proj. protect-=Prot. psychiatr-=Psychiatry psychiatric=Psychiatr. psychiatry=Psychiatry
psychoanal-=Psychoanal. psycholinguist-=Psycholinguist. psycholog-=Psychol. psychometr-=Psychom. psychopathol-=Psychopathol.
psychopharmacol-=Psychopharmacol. psychosomat-=Psychosom. psychotherap-=Psychother. public=Public publication-=Publ. pulmonary=Pulm.
qualitative=Qual. quality=Qual. quantitative=Quant. quarterly=Q. quaternary=Quat. question-=Quest. radiat-=Radiat. radiolog-=Radiol.
rational-=Ration. reaction-=React. reading=Read. reason-=Reason. recent=Recent recogn-=Recognit. reconstruct-=Reconstr. record-=Rec.
recreation-=Recreat. recycl-=Recycl. refriger-=Refrig. region=Reg. regional=Reg. regions=Reg. rehabilitation=Rehabil. relations=Relat.
relationship-=Relatsh. reliab-=Reliab. religio-=Relig. remediat-=Remediat. renaissance=Renaiss. renewable=Renew. report-=Rep.
reproduct-=Reprod. research=Res. residential=Resid. resist-=Resist. resource-=Resour. respir-=Respir. restoration=Restor. retail-=Retail.
review=Rev. reviews=Rev. rheolog-=Rheol. rhetoric-=Rhetor. rheumatolog-=Rheumatol. river-=River robot-=Robot. roman=Rom. romance=Rom.
romantic-=Romant. royal=R. rural=Rural russian=Russ. safety=Saf. sanit-=Sanit. satellite=Satell. schizophren-=Schizophr. school-=Sch.
science=Sci. sciences=Sci. scientific=Sci. scottish=Scott. security=Secur. sediment=Sediment sedimentolog-=Sedimentol. seismolog-=Seismol.
semantic-=Semant. semiotic-=Semiot. sensing=Sens. sensor-=Sens. separat-=Sep. series=Ser. service-=Serv. sexual-=Sex. shoreline=Shoreline
simulat-=Simul. slavic=Slav. slavonic=Slavon. social=Soc. societies=Soc. society=Soc. sociolog-=Sociol. software=Softw. solar=Sol.
solid=Solid solution-=Solut. southern=South. spanish=Span. spatial=Spat. special=Spec. spectrom-=Spectrom. spectrosc-=Spectrosc.
speech=Speech spiritual-=Spiritual. sport-=Sport sports=Sports stabilit-=Stab. standard-=Stand. statistic-=Stat. stochastic=Stoch.
strateg-=Strateg. structur-=Struct. student-=Stud. studies=Stud. study=Stud. substance-=Subst. suicid-=Suicid. surface=Surf. surger-=Surg.
survey-=Surv. sustainab-=Sustain. swedish=Swed. symbol-=Symb. symposium=Symp. synth-=Synth. system-=Syst. taxation=Tax. taxonom-=Taxon.
teacher-=Teach. teaching=Teach. techni-=Tech. technolog-=Technol. telecommun-=Telecommun. telemed-=Telemed. television=Telev.
tertiary=Tert. testing=Test. textile-=Text. theater=Theat. theatre=Theatre theolog-=Theol. theoretical=Theor. theory=Theory therap-=Ther.
thermal=Therm. thermodyn-=Thermodyn. thinking=Think. thorac-=Thorac. thromb-=Thromb. tissue=Tissue tobacco=Tob. topics=Top.
topolog-=Topol. tourism=Tour. toxicolog-=Toxicol. trade=Trade tradition-=Tradit. training=Train. transaction-=Trans. transfer=Transf.
transform-=Transform. transfus-=Transfus. translation-=Transl. transplant-=Transplant. transport-=Transp. traumatic=Trauma.
treatment=Treat. trends=Trends tribolog-=Tribol. tropical=Trop. turbulen-=Turbul. turkish=Turk. universit-=Univ. urban=Urban urolog-=Urol.
vascular=Vasc. vegetation=Veg. vehic-=Veh. venture-=Ventur. vertebrate-=Vertebr. veterinary=Vet. vibration=Vib. victorian=Vic.
virolog-=Virol. vision=Vis. visual=Vis. vocation-=Vocat. volcanolog-=Volcanol. voluntary=Volunt. water=Water weather=Weather welding=Weld.
welfare=Welf. western=West. wetland-=Wetl. wildlife=Wildl. wireless=Wirel. women=Women world=World writing=Writ. written=Writ.
yearbook=Yearb. zoolog-=Zool.
`
