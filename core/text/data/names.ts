/* Made by scripts/make-names.mjs from WordNet 3.1 (names.licence.txt beside this file); do not edit. */
/** Names of several words, in order, each without the letters (their number first) that it shares with the one before. */
export const NAMES = `0A-scan ultrasonography|1CE inhibitor|1ND circuit|4gate|1are River|3on Burr|6Montgomery Ward|1bbe condenser|
2original Australian|2raham Stoker|2stract Expressionism|2u Hafs al-Masri Brigades|4Nidal Organization|
3kir Bay|3l-Walid Mohammed ibn-Ahmad Ibn-Mohammed ibn-Roshd|1cacia auriculiformis|7cambegei|9techu|7dealbata|
7farnesiana|7melanoxylon|7pycnantha|7xanthophloea|3demy Award|4ia National Park|3nthus mollis|2ts of the Apostles|
1dam Smith|4’s Peak|4s-Stokes syndrome|2ditions to Esther|2elie Coast|7Land|3n-Abyan Islamic Army|2irondack Mountains|
2lai Ewing Stevenson|2miral Byrd|8Dewey|8Nelson|9imitz|7ty Island|9 Islands|9 Metal|9 Range|9 brass|9 mile|
4ssion Day|2olf Loos|4phe Sax|2riatic Sea|2vanced Research and Development Activity|3ent Sunday|1egadean Islands|
9Isles|4tes Isles|3ean Sea|1fars and Issas|2rican American Vernacular English|7-American music|7ized bee|
9ed honey bee|1gave americana|7trovirens|6cantala|6sisalana|6tequilana|2e of Fishes|7Mammals|9n|7Reason|
9ptiles|3nt Orange|3ratum houstonianum|2riculture Department|9re Secretary|4ppina the Elder|9 the Younger|
1hmad Shah Masoud|1ir Combat Command|6rps|4Force|9 ISR|9 Research Laboratory|9 Space Command|4Medal|4National Guard|
3e River|1ksa Martyrs Brigades|1l Gore|2-Hasan ibn al-Haytham|3Jama’a al-Islamiyyah al-Muqatilah bi-Libya|
2abama River|3n Jay Lerner|3ska Native|7Peninsula|7Range|7Standard Time|6n Native|2ban Berg|3ers-Schonberg disease|
5t Szent-Gyorgyi|7von Szent-Gyorgyi|3ino Luciano|3right’s disease|2coholics Anonymous|2dous Huxley|7Leonard Huxley|
2eutian Islands|3x Boncayao Brigade|4ander Archipelago|9 Bell|9 Graham Bell|9 Melville Bell|9 Pope|9 the Great|
9 the Liberator|7re Emile Jean Yersin|4is Carrel|2fred Edward Woodley Mason|7Lord Tennyson|7North Whitehead|
7the Great|2i Baba|3ce Malsenior Walker|6Walker|5-Josephine Pons|2l Fools’ day|4Saints’ Day|5ouls’ Day|
3egheny Mountains|9 River|3hallows Eve|3ied Command Atlantic|9mmand Europe|4gator mississipiensis|9 sinensis|
2oe ferox|5vera|3ha State|2pha Centauri|7rucis|6Geminorum|6Orionis|2tai Mountains|4y Mountains|3on Glenn Miller|
1maryllis belladonna|3zon River|2brosia artemisiifolia|9psilostachya|9trifida|2erican Baptist Convention|
9Civil War|9Dream|9Falls|9Federalist Party|9Federation of Labor|9Indian Day|9Labor Party|9Legion|9Party|
9Revised Version|9Revolution|9Revolutionary War|9Revolutionary leader|9Standard Version|9Stock Exchange|
9Virgin Islands|9War of Independence|8-Indian language|2ur River|1ncient Greek|2daman Sea|3rew Dickson White|
7Fielding Huxley|7Jackson Downing|7Lloyd Webber|2emone Canadensis|8cylindrica|8ludoviciana|8nemorosa|
8occidentalis|8pulsatilla|8quinquefolia|8riparia|8sylvestris|8tetonensis|8virginiana|2gara River|3el Falls|
5ica Archangelica|3lesea Island|7y Island|4ican Church|9Communion|4o-German concertina|3ostura Bridge|
3us Frank Johnstone Wilson|2n Arbor|3a Pavlova|3e Sexton|3unciation Day|9ion lily|2tarctic Circle|9 Ocean|
9 Peninsula|9 Zone|3i-Imperialist International Brigade|5Masonic Party|4rrhinum coulterianum|9um filipes|
9um majus|3oine Domino|4nine Wall|6o Gaudi i Cornet|1palachicola River|2ostelic Father|5le Paul|8of Germany|
9f the Gentiles|2palachian Mountains|3ian Way|2ril Fools’|9ls’ day|1quarius the Water Bearer|1rab League|
5Republic of Egypt|7volutionary Brigades|4-Israeli War|4ian Desert|8Gulf|8Nights|9ights’ Entertainment|
8Peninsula|8Sea|3fura Sea|3guaia River|6ya River|3l Sea|3n Islands|2bor Day|3utus menziesii|8unedo|2ches National Park|
3tic Archipelago|7Circle|7Ocean|7Zone|2gentine Republic|3onne Forest|3un River|2ies the Ram|2k of the Covenant|
3ansas River|2mand Jean du Plessis|3ed Forces Day|6Islamic Group|4nian Apostolic Orthodox Church|9Church|
3inian Baptist|9Church|4stice Day|3y Intelligence|5National Guard|5of Muhammad|8the Confederacy|9he Pure|
9he Righteous|2no River|4ld Daniel Palmer|7Palmer|6-Chiari deformity|2t Tatum|3emision at Ephesus|5us Ward|
3hur Edwin Kennelly|7Garfield Hays|7Holly Compton|7Miller|7Neville Chamberlain|7Stanley Jefferson Laurel|
3icles of Confederation|2um maculatum|5palaestinum|1sa Gray|3ph Hall|2cension Day|9 of the Lord|2h Can|
4Wednesday|3can School|7school|2ia Minor|2k Jeeves|2paragus asparagoides|9 officinales|9 plumosus|9 setaceous|
3erger’s syndrome|3idistra elatio|2semblies of God|3ociate in Applied Science|9 in Arts|9 in Nursing|
8ion of Orangemen|9on of Southeast Asian Nations|3umption of Mary|3yrian Neo-Aramaic|2ter acuminatus|
7renosus|6cordifolius|6divaricatus|7umosus|6ericoides|6falcatus|6linarifolius|9osyris|6macrophyllus|6novae-angliae|
9i-belgii|6ptarmicoides|6shortii|6tripolium|7urbinellis|3ronomical Unit|2wan High Dam|1tacama Desert|
8Trench|2hanasian Creed|8us the Great|2lantic City|9Coast|9Ocean|9Standard Time|9Time|4s Mountains|6cedar|
2omic Energy Commission|2torney General|1ugsburg Confession|3ust Ferdinand Mobius|8riedrich Leopold Weismann|
7Strindberg|7Wilhelm von Hoffmann|7plum|7von Wassermann|6in Eugene Scribe|9Jean Fresnel|8e of Hippo|8ian Canons|
9an Hermits|6us Welby Northmore Pugin|2stin Friar|9iars|4ral Islands|7ian Aborigine|9n Desert|9n Labor Party|
5o-Asiatic language|2thorized Version|1yatollah Khomeini|9 Ruholla Khomeini|2n Rand|1zerbaijani Republic|
6jdzhan Republic|0B-complex vitamin|2flat clarinet|2scan ultrasonography|1B gun|3shot|1OLD FMRI|1W defence|
8se|1aader Meinhof Gang|6-Meinhof Gang|2bbitt metal|3e Didrikson|5Ruth|5Zaharias|3y Doc|4lonian Captivity|
2chelor of Arts|9of Arts in Nursing|9of Divinity|9of Laws|9of Literature|9of Medicine|9of Music|9of Naval Science|
9of Science|9of Science in Architecture|9of Science in Engineering|9of Theology|3illus anthracis|9globigii|
9subtilis|2d Lands|3ger State|3lands National Park|2ffin Bay|7Island|2hama Islands|3rain Island|4ein Island|
2learic Islands|3kan Mountain Range|9untains|7Peninsula|7Wars|3listic Missile Defense Organization|3moral Castle|
3tic Republic|7Sea|8tate|4o-Slavic language|2nd Aid|5of Partisans|3g’s disease|3k of England|8Japan|2ptist Church|
8denomination|2rbados-gooseberry vine|5ra Ward|6y Coast|3d of Avon|3ents Sea|3on Adrian|7lexander von Humboldt|
6Clive|9ve of Plassey|6Georges Cuvier|6Hugh Caswall Tremenheere Dowding|6Jean Baptiste Joseph Fourier|
6Karl Wilhelm von Humboldt|6Lister|7loyd Webber of Sydmonton|6Munchausen|6Olivier of Birghton|6Richard von Krafft-Ebing|
6Snow of Leicester|6Verulam|6Wilhelm von Humboldt|5ess Dudevant|9Emmusca Orczy|9Jackson of Lodsworth|
9Karen Blixen|9Thatcher of Kesteven|4que era|8period|3row’s goldeneye|2sic English|4l of Caesarea|6the Great|
3ket Maker|3que Fatherland and Liberty|7Homeland and Freedom|3tille Day|2ton Rouge|9ge Bridge|3tle Born State|
7of Britain|9 Bull Run|9 El Alamein|9 Flodden Field|9 Fontenoy|9 Fredericksburg|9 Gettysburg|9 Granicus River|
9 Guadalcanal|9 Jena|9 Kerbala|9 Lake Trasimenus|9 Lepanto|9 Little Bighorn|9 Magenta|9 Maldon|9 Midway|
9 Monmouth|9 Monmouth Court House|9 Naseby|9 Puebla|9 Pydna|9 Ravenna|9 Rocroi|9 Wake|9 Wake Island|9 Waterloo|
9 the Ardennes Bulge|9 the Bulge|9 the Little Bighorn|9 the Marne|9 the Somme|9 the Spanish Armada|2y State|
9r|4of Bengal|8iscay|7Campeche|7Fundy|7Naples|7Ob|3onne Bridge|1eacon Hill|3n Town|3rer of the Sword|
3u Brummell|4fort Sea|9scale|3ver State|2dloe’s Island|2ehive State|2gonia cheimantha|9occhinea|8dregei|
8erythrophylla|8feastii|8heracleifolia|8rex|8semperflorens|9ocotrana|8tuberhybrida|2l and the Dragon|
3le Isle cress|6Miriam Silverman|5au Wood|3mont Park|8Stakes|2n Hogan|3day process|3edictine order|3jamin Franklin Bridge|
9Ricketson Tucker|9Rush|9West|3ny Hill|2ring Sea|8tandard Time|9rait|7Time|3kshire Hills|3muda Triangle|
3nard Law Montgomery|2ssie Smith|3t and Greatest|2ta Centauri|6rucis|5Orionis|5vulgaris|9aris cicla|9aris rubra|
9aris vulgaris|2verly Hills|8Sills|1ible Belt|2g Ben|7d|8 National Park|5ill Haywood|9Tilden|5rother|
4Dipper|4Sioux River|5ur|3horn River|4t of Benin|2ll Clinton|5Gates|5Haley|5Mauldin|5Russell|5of Rights|
4ie Jean King|9an Moffitt King|7the Kid|4y Graham|6Mitchell|6Sunday|6Wilder|2net-Simon Scale|2rd Parker|
2scayne Bay|9National Park|3hop Berkeley|7Ulfila|9filas|7Wulfila|7of Rome|3marck Archipelago|9Sea|3on bison|
7onasus|1lack Africa|9ican|6Death|6English|9lish Vernacular|6Forest|7riar|6Hand|8wk|7ills|7ole of Calcutta|
6Jack Pershing|6Maria|7uslim|6Panther|9thers|7lague|7rince|6Rock Desert|6Sea|8ptember|9tember Movement|
6Tai|6Vernacular|9nacular English|6and Tan|3ise Pascal|3rney Stone|2essed Trinity|8Virgin|2oodless Revolution|
5y Mary|4msbury Group|2ue Mountain tea|5Nile|5Ridge|9e Mountains|4grass Country|9 Region|9 State|9 Stater|
1oard of Trade unit|2b Dylan|4Hope|4Marley|6thias|4Woodward|2er War|2hemian waxwing|2logna sausage|2mber Harris|
2nfire Night|2ok of Amos|8Baruch|8Common Prayer|8Daniel|9euteronomy|8Ecclesiastes|9sther|9xodus|9zekiel|
9zra|8Genesis|8Habakkuk|9aggai|9osea|8Isaiah|8Jeremiah|9ob|9oel|9onah|9oshua|9udges|9udith|8Lamentations|
9eviticus|8Malachi|9icah|9ormon|8Nahum|9ehemiah|9umbers|8Obadiah|8Proverbs|9salms|8Revelation|9uth|8Susanna|
8Tobit|8Zachariah|9ephaniah|8the Prophet Daniel|4er Taliaferro Washington|2rder collie|7terrier|2se-Einstein statistics|
3porus Bridge|3ton Harbor|7Tea Party|3worth Field|2tany Bay fig|2ugainville Trench|9llea glabra|3rbon dynasty|
3vet Island|2wling Green|3man’s capsule|2xing Day|2y Orator of the Platte|4Scout|9s|9s of America|1rahmaputra River|
3m Stoker|4ley’s Seedling|3xton-Hicks contraction|3zos River|2eed’s Hill|3nner Pass|3r Rabbit|3ughel the Elder|
3wer’s mountain heather|9spruce|2igham Young|5t’s disease|3stol Channel|3tish Cabinet|9ommonwealth|9rown|
8East Africa|9mpire|8House of Commons|9ouse of Lords|8Imperial System|9sles|8Labour Party|8Parliament|
8Virgin Islands|8West Africa|9est Indies|2onx-Whitestone Bridge|4ze Age|7Star|9ar Medal|3oklyn Bridge|
3wn Swiss|6University|5ing automatic rifle|9machine gun|2uce Lee|2yce Canyon National Park|1uckeye State|
4ingham Palace|4minster Fuller|2ddy Holly|2ena Vista|2ffalo Bill|9ill Cody|9ill’s Wild West Show|8Indian|
2ll Moose Party|5Run|4ock’s oriole|2nker Buster|7Hill|2reau of Customs|9 Diplomatic Security|9 Engraving and Printing|
9 Intelligence and Research|9 Justice Assistance|9 Justice Statistics|9 the Census|3gundy sauce|9wine|
3rhus Frederic Skinner|2sh administration|3ter Keaton|2tcher Cumberland|2zzards Bay|1yzantine Church|
9 Empire|0C-reactive protein|1AT scan|8ner|1D burner|3drive|3player|2-ROM drive|1N Tower|3gas|1S gas|
1abassous unicinctus|2iman sclerops|2lamity Jane|3edonian Canal|3ifornia Personality Inventory|4phate State|
3oosahatchee Canal|9tchee River|3vinistic Baptist|3ypso bulbosa|2m River|3brian Mountains|6dge University|
3ellia State|9japonica|9sinensis|3p David|4fire Girl|2nadian Falls|9Maritime Provinces|9River|9Security Intelligence Service|
9Shield|4l Zone|4ndaigua Lake|4ry Island hare’s foot fern|9lands|7wine|3cer borealis|7irroratus|7magister|
7the Crab|3dida albicans|4lemas Day|3is Major|7inor|3nabis indica|9sativa|3tabrian Mountains|4erbury Tales|
4icle of Canticles|9of Simeon|4on River|7crepe|7flannel|7ginger|3ute the Great|3yonlands National Park|
2pe Ann|5Breton Island|5Canaveral|6od|8 Bay|9Canal|7lony|5Fear|9 River|6lattery|6roward|5Girardeau|5Hatteras|
6orn|5Kennedy|5May|8 warbler|5Passero|6rovince|5Sable|5Town|6rafalgar|5Verde|9e Islands|9e escudo|9e monetary unit|
5York|9 Peninsula|5buffalo|5dagga|5hunting dog|5kafferboom|5lobster|5of Good Hope|9ood Hope Province|
5periwinkle|6rimrose|5tulip|3itol Building|8Hill|8Reef National Park|3ricorn the Goat|3sicum annuum cerasiforme|
9annuum conoides|9annuum grossum|9annuum longum|9baccatum|9frutescens|9frutescens baccatum|3tain Bligh|
9ob|8Cook|8Hicks|9oratio Hornblower|8James Cook|9ohn Smith|8Kidd|2rboniferous period|3digan Welsh corgi|
5nal Bellarmine|9Newman|9Richelieu|3ibbean Island|9 Sea|3l August Nielsen|5Clinton Van Doren|5Gustaf Mossander|
5Van Doren|4os the Jackal|4sbad Caverns|9Caverns National Park|3negie Mellon University|3oline Islands|
3pathian Mountains|3ry Amelia Moore Nation|6Nation|3son City|7Smith McCullers|3ter administration|3y Grant|
2scade Mountains|8Range|3hmere goat|3imir Funk|3pian Sea|3sia acutifolia|8lata|8ugustifolia|9riculata|
7fasciculata|8istula|7grandis|7javonica|7marginata|9rilandica|7occidentalis|7roxburghii|7tora|5us Clay|
8Marcellus Clay|3tor canadensis|7fiber|3ualty Care Research Center|2talina Island|5pa bignioides|8speciosa|
4ract Canyon|3herine the Great|4olic Church|9Pope|9Reaction Force|3skill Mountains|2ucasus Mountains|
3dine Forks|2yman Islands|9lands dollar|3uga Lake|1ebu City|2cil Frank Powell|6Scott Forester|2dar Rapids|
2lestial City|2nsus Bureau|3tennial State|4igrade thermometer|4ral Africa|9frican Republic|9frican Republic franc|
9merica|9merican|9merican country|9merican nation|9merican strap fern|8Dravidian|8Intelligence Agency|
9ntelligence Machinery|8Park|9owers|8Standard Time|8Thai|9ime|5e for International Crime Prevention|1h’in Shih Huang Ti|
6dynasty|5g dynasty|2abad Hasidism|3mps Elysees|3ncellor of the Exchequer|4g Kuo-lao|4nel Island|9slands National Park|
8Tunnel|3pel Hill|3rcot-Marie-Tooth disease|4i River|4les Augustin de Coulomb|8Bullfinch|8Camille Saint-Saens|
9hristopher Parker|8Dudley Warner|8Edward Berry|8Francis Hall|9rederick Worth|8Goodyear|9rey|8Hard Townes|
9erbert Best|8James Fox|8L’Enfant|9amb|8Martin Hall|8Percy Snow|8River|8Townes|8Watson-Wentworth|9illiam Post|
8the Bald|9he Great|7’s Wain|7town Navy Yard|5ie Parker|4tres Cathedral|3ttahoochee River|2echen Republic|
3mical Mace|9Weapons Convention|3sapeake Bay|9e Bay retriever|3valier de Bayard|9 de Lamarck|4iot Hills|
3yne-Stokes respiration|2iang Chung-cheng|7Kai-shek|3cken Little|3ef Constable|6Executive|6Joseph|6Secretary|
3huahuan Desert|3na aster|6fleece vine|6grass|6jute|6rose|6tree|4chilla laniger|4ese Revolution|8Wall|
4o-Japanese War|5ok Jargon|3sholm Trail|2lamydia psittaci|9 trachomatis|2ou En-lai|3w dynasty|2rist Within|
6’s Resurrection|6ian Church|9 Science|9 Scientist|6mas Day|9 Eve|6opher Fry|3ysanthemum balsamita|9emum cinerariifolium|
9emum coccineum|9emum coronarium|9emum coronarium spatiosum|9emum frutescens|9emum lacustre|9emum leucanthemum|
9emum maximum|9emum maximum maximum|9emum morifolium|9emum parthenium|9emum ptarmiciflorum|9emum segetum|
2u Kiang|3ck Berry|3kchi Peninsula|8Sea|3la Vista|3rch Father|7Slavic|7of Christ Scientist|9 England|
9 Ireland|9 Rome|9 Scientology|9 the Brethren|6ill Downs|1imarron River|2nchona calisaya|9cordifolia|
9lancifolia|9ledgeriana|9officinalis|9pubescens|4o de Mayo|3eraria maritima|2rcus Aeruginosus|7cyaneus|
7pygargus|2tizen Genet|7ship Day|3rus aurantifolia|9rantium|7bergamia|7decumana|7grandis|7limetta|9mon|
9monia|7maxima|8edica|7nobilis|7paradisi|7reticulata|7sinensis|7tangelo|3y of Bridges|9rotherly Love|
8God|8Light|9ondon|8Westminster|8the Angels|2udad Bolivar|2vil List|6Rights movement|1lare Booth Luce|
5nce Day|4k Gable|3ssical Greek|3ude Levi-Strauss|2ematis baldwinii|9crispa|9lasiantha|9ochreleuca|9tangutica|
9texensis|9versicolor|9verticillaris|9viorna|9virginiana|9vitalba|4ence Sophia Harned Lozier|6t Attlee|
8III|8Philibert Leo Delibes|8Richard Attlee|8VII|8XI|9IV|2inch River|3ve Staples Lewis|1o-operative Republic of Guyana|
2ast Mountains|6Range|3ts Land|2ca Cola|3cus hesperidum|3kcroft-Walton accelerator|9-Walton voltage multiplier|
3os nucifera|2eur d’Alene Lake|2la acuminata|3d War|3e Albert Porter|5Porter|4us amboinicus|8romaticus|
7blumei|3lege of Cardinals|4is Potter Huntington|3onel Blimp|4rado Desert|9Plateau|9River|9River hemp|
9Springs|4ssus of Rhodes|3umbia River|9University|6us Day|2ma Berenices|3bined DNA Index System|3er Vann Woodward|
3merce Department|9Secretary|4ission on Human Rights|9n on Narcotic Drugs|5ttee for State Security|4odore John Barry Bridge|
9 Perry|9 Vanderbilt|5n Market|7era|6wealth Day|9lth of Australia|9lth of Dominica|9lth of Independent States|
9lth of Nations|9lth of Puerto Rico|9lth of the Bahamas|4unications Security Establishment|7sm Peak|8t China|
9 Manifesto|9 Party|9 Party of Kampuchea|3oro Islands|3posite order|4troller General|9er of the Currency|
2ncord grape|3estoga wagon|4y Island|3federate Army|9te States|9te States of America|9te flag|9te rose|
9te rose mallow|9te soldier|3go River|4regation of the Inquisition|9ional Christian Church|9ional Church|
6ss of Industrial Organizations|9of Racial Equality|8ional Medal of Honor|9onal Record|3n’s syndrome|
4ecticut River|3rad Potter Aiken|3servative Jew|9ive Judaism|9ive Party|4tant Lambert|8ine the Great|
5itution State|9ion of the United States|9ional Convention|9ional Union Party|5rictor constrictor|3tinental Army|
9al Congress|6uity Army Council|9y Irish Republican Army|3volvulus arvensis|9us scammonia|9us sepium|
2ok Strait|3per Union|6’s hawk|3sa River|2ptic Church|2ral Sea|3dell Hull|3n Belt|4elia Otis Skinner|
6l University|4husker State|3ona Borealis|3pus Christi|3sican Army|3tone Acetate|2simo the Elder|2te d’Azur|
7Ivoire|9oire franc|4s de Provence|3swold Hills|2ulomb’s Law|3ncil Bluffs|8of Basel-Ferrara-Florence|
9f Chalcedon|9f Constance|9f Economic Advisors|9f Ephesus|9f Trent|9f Vienne|9n Environmental Policy|
4sel to the Crown|4t Alessandro Volta|9ssandro di Cagliostro|6Ferdinand von Zeppelin|7leet|6Lev Nikolayevitch Tolstoy|
6Maurice Maeterlinck|6Nikolaus Ludwig von Zinzendorf|6Rumford|5er Reformation|7terrorist Center|3rt of Saint James’s|
2x’s Orange Pippin|2yote State|1rab Nebula|3ter Lake National Park|3zy Glue|6Horse|2eek Confederacy|3taceous period|
3utzfeldt-Jakob disease|2imea-Congo hemorrhagic fever|6n War|4inal Intelligence Services of Canada|9Investigation Command|
3stobal Colon|2ock Pot|4odile River|4us sativus|3okes radiometer|8tube|3ss-Florida Waterway|3talaria sagitallis|
9a spectabilis|3wn Colony|6land|2ux Australis|1ub Scout|3an Revolution|2ltural Revolution|2mberland Gap|
9d Mountains|9d Plateau|9d River|2pid’s bow|8disease|8itch|2quenan Falls|2rrer Bell|2ster’s Last Stand|
4oms Bureau|8Service|1y Young|2clamen hederifolium|9neopolitanum|9purpurascens|2ril Northcote Parkinson|
3us Hall McCormick|6the Elder|9 Great|9 Younger|1zar Alexander I|9ander II|9ander III|5Nicholas I|5Peter I|
2ech Republic|0D’Oyly Carte|1IP switch|1alai Lama|3e Carnegie|3matian iris|9 laburnum|9 pyrethrum|2mask steel|
3e Agatha Mary Clarissa Christie|6lice Ellen Terry|9ia Markova|5Barbara Hepworth|5Daphne du Maurier|5Edith Louisa Sitwell|
9h Sitwell|6llen Terry|5Jean Iris Murdoch|6oan Sutherland|5Kiri Janette Te Kanawa|9 Te Kanawa|5Margot Fonteyn|
6uriel Spark|6yra Hess|5Nellie Melba|5Rebecca West|5Sybil Thorndike|4’s violet|2niel Garrison Brinton|
3ton True Young|3ube River|2r es Salaam|3ius the Great|3k Ages|3ling River|3tmouth College|3yacheh-ye Orumiyeh|
2vid Low|6Roland Smith|6Smith|4s Cup|5’ Birthday|2wson River salmon|2y of Atonement|7Judgement|9dgment|
3tona Beach|1e Forest|2ad Sea|8 scrolls|3n Acheson|5Gooderham Acheson|5Martin|5Swift|3th Valley|2claration of Independence|
3oration Day|2ems Taylor|3p South|2fender of the Faith|5se Advanced Research Projects Agency|8Department|
8Information Systems Agency|9ntelligence Agency|8Logistics Agency|8Reutilization and Marketing Service|
8Secretary|8Technical Information Center|2laware Bay|9Memorial Bridge|9River|3phinium ajacis|2mocratic Party|
9c People’s Republic of Korea|9c Republic of the Congo|9c-Republican Party|4tic script|2n Haag|3ali Fault|
7National Park|2partment of Agriculture|9t of Commerce|9t of Commerce and Labor|9t of Defense|9t of Defense Laboratory System|
9t of Education|9t of Energy|9t of Energy Intelligence|9t of Homeland Security|9t of Justice|9t of Justice Canada|
9t of Labor|9t of State|9t of Transportation|9t of Veterans Affairs|9t of the Interior|9t of the Treasury|
2r Fuhrer|2sert Fox|3mond Tutu|2troit River|2utsche Mark|2xamethasone Intensol|1iamond Jim|9im Brady|
8State|2ck Fosbury|5Turpin|5test|2es Irae|2gitalis lutea|9 purpurea|2n Land|2onysius the Elder|2rector of Central Intelligence|
8ate for Inter-Services Intelligence|2s Pater|3ciples of Christ|4overy Day|3sident Irish Republican Army|
3tinguished Conduct Medal|9shed Flying Cross|9shed Service Cross|9shed Service Medal|9shed Service Order|
4rict of Columbia|2vine Comedy|7Office|7Unity|2zzy Gillespie|1nieper River|1oberman pinscher|2ctor of Arts|
9 Dental Medicine|9 Dental Surgery|9 Divinity|9 Education|9 Fine Arts|9 Humane Letters|9 Humanities|9 Laws|
9 Medicine|9 Music|9 Musical Arts|9 Optometry|9 Osteopathy|9 Philosophy|9 Public Health|9 Sacred Theology|
9 Science|9 Theology|9 the Church|2dge City|2g Star|2ing Business As|2lomite Alps|2mesday Book|3inican Republic|
6on Day|2n Budge|4Juan|4Marquis|4Quixote|4River|3ald Duck|7Robert Perry Marquis|3ets Basin|3ner Pass|
2omsday Book|2ris Lessing|6May Lessing|3othy Leigh Sayers|8Mary Crowfoot Hodgkin|8Parker|8Rothschild Parker|
8Sayers|2s Passos|2uay Version|5-Rheims Bible|9ims Version|2w-Jones Industrial Average|3n Easter|5syndrome|
4’s syndrome|4ing Street|1rug Enforcement Administration|9rcement Agency|2yopithecus Rudapithecus hungaricus|
1uc de Sully|3hess of Ferrara|9f Windsor|2ke Ellington|5University|5Wayne|5of Argyll’s tea tree|8Cumberland|
8Edinburgh|8Lancaster|8Marlborough|8Wellington|9indsor|2mpy level|2ncan Grant|7James Corrow Grant|3geness crab|
3s Scotus|2tch East Indies|5-elm beetle|6processed cocoa|1wight Lyman Moody|0Eagle Scout|2rl Marshal|
5Russell|5Warren|5of Leicester|8Warwick|3th’s crust|8surface|5-received time|2st Africa|6nglia|5Chadic|
7ina Sea|6oast|5German|9anic|9anic language|9any|5India|9a Company|9a kino|9a rosewood|9an|9an fig tree|
9an rosebay|9an rosewood|9es|5Malaysia|6idland|5Pakistan|5River|5Saint Louis|6ea|6ussex|5Timor|6ocharian|
6urkestan Islamic Movement|9istan Islamic Movement|4er Day|6n Catholicism|9hurch|8Desert|8Highlands|8Malayo-Polynesian|
8Orthodox|9rthodox Church|8Roman Empire|8Samoa|9ioux|9tandard Time|8Time|9urki|8cottonwood|8hop hornbeam|
8pasque flower|8silvery aster|2ton-Lambert syndrome|1bro River|1chinus esculentus|2onomic Commission for Africa|
9Commission for Europe|9Commission for Latin America|9and Social Council|9and Social Council commission|
1ddy Merckx|2gar Albert Guest|6Degas|6Guest|6Lee Masters|6Rice Burroughs|3eworth-Kuiper belt|2ith Giovanna Gassion|
2mund Ironside|2na O’Brien|5Saint Vincent Millay|2sel Bryant Ford|2ucation Department|9 Secretary|2vard Munch|
2ward Durell Stone|7Estlin Cummings|8verett Hale|7George Earle Bulwer-Lytton|8ibbon|8oldenberg Robinson|
7Jean Steichen|7Lee Thorndike|7Teach|9ller|8hatch|7White|7Young|7the Confessor|9e Elder|9e Martyr|3in Herbert Land|
1gadi Islands|2yptian Empire|9Islamic Jihad|1iffel Tower|2ghteenth Amendment|1l Nino southern oscillation|
3Salvadoran colon|9oran monetary unit|2be River|2gin Marbles|2ia Kazanjoglous|3sabeth Vigee-Lebrun|4ha Graves Otis|
3zabeth Barrett Browning|9 Cleghorn Stevenson Gaskell|9 Cochrane Seaman|9 Palmer Peabody|9 River|9 Seaman|
2len Price Wood|3ice Islands|4s Island|2mer Leopold Rice|6Rice|2wyn Brooks White|2ysian Fields|1mber Day|
2erald Isle|4gency Alert System|2ily Post|7rice Post|2ma Hart Willard|2peror Francis II|8Napoleon III|
8of Rome|3ire State|9ate Building|9ate of the South|7day|2u novaehollandiae|1nderby Land|2ea Silvio Piccolomini|
3rgy Department|7Secretary|2glish Channel|9ivil War|8Revolution|7-Gothic architecture|2vironmental Protection Agency|
1olithic Age|1piphany of Our Lord|3scopal Church|9 Church of Scotland|4tle of James|9f Jeremiah|9f Jude|
8to Philemon|9o Titus|9o the Colossians|9o the Ephesians|9o the Galatians|9o the Hebrews|9o the Philippians|
9o the Romans|2silon Aurigae|3tein-Barr virus|1quality State|4torial Guinea|1rb-Duchenne paralysis|2gotrate Maleate|
2ie Canal|2nestine Schumann-Heink|3st Boris Chain|1skimo-Aleut language|2tates General|3her Hobart McQuigg Slack Morris|
1ternal City|2hel Merman|6Waters|5red the Unready|2ienne-Louis Arthur Fallot|2on College|1ucalypt grandis|
9gunnii|9ovata|9tereticornis|8us amygdalina|9s calophylla|9s camaldulensis|9s camphora|9s citriodora|
9s coriacea|9s delegatensis|9s dumosa|9s fraxinoides|9s globulus|9s maculata|9s maculata citriodora|9s pauciflora|
9s regnans|9s rostrata|9s viminalis|9sd eugenioides|2gene Gladstone O’Neill|7O’Neill|7Sue|7Victor Debs|
2onymous alatus|2phrates River|2ropean Central Bank|9Community|9Economic Community|9Law Enforcement Organisation|
9Recovery Program|9Union|2xine Sea|1vangelical United Brethren Church|9al and Reformed Church|2elyn Arthur Saint John Waugh|
3ning Prayer|3rglade State|9s National Park|5reen State|1wing’s sarcoma|8tumor|9umour|1xecutive Office of the President|
1ye of Ra|2re Peninsula|2senck Personality Inventory|1zra Loomis Pound|5Pound|0Fabian Society|2eroe Islands|
2lkland Islands|3l of Man|2nnie Farmer|7Merritt Farmer|4y Adams|6Wright|2r East|3m Credit System|4er-Labor Party|
3oe Islands|2st of Ab|9v|8Esther|8Gedaliah|8Tammuz|9evet|8the Firstborn|2t Tuesday|3ah Revolutionary Council|
3her Brown|7Christmas|7of Radio|9 the Church|9 the Submarine|6’s Day|3s Domino|5Waller|1east of Booths|
9Dedication|9Dormition|9Lights|9Sacrifice|9Tabernacles|9Weeks|9the Circumcision|9the Dedication|9the Unleavened Bread|
2bruary Revolution|2dayeen Saddam|3eral Aviation Administration|8Bureau of Investigation|9ureau of Prisons|
8Communications Commission|8Democratic Republic of Ethiopia|9eposit Insurance Corporation|8Emergency Management Agency|
8Home Loan Bank System|9ome Loan Mortgage Corporation|9ousing Administration|8Judiciary|8Law Enforcement Training Center|
8National Mortgage Association|8Party|9rotective Service|8Republic of Germany|9epublic of Nigeria|9epublic of Yugoslavia|
9eserve|9eserve Bank|9eserve Board|9eserve System|9eserve note|8Security Bureau|9ecurity Service|8Trade Commission|
8soldier|7ist Party|6ted States of Micronesia|7ion of Malaysia|8ve Republic of Brazil|2rdinand Victor Eugene Delacroix|
9 the Great|3mi-Dirac statistics|3nand Leger|3tile Crescent|2stival of Lights|1ifth Amendment|7venue|
6Crusade|6Lateran Council|2ghting French|9Joe Hooker|2ji Islands|2nancial Crimes Enforcement Network|
9 Management Service|3gal’s Cave|4er Lakes|2rst Amendment|6Baron Beveridge|9on Kelvin|9on Lytton|9on Macaulay|
9on Marks of Broughton|9on Passfield|9on Rutherford|9on Rutherford of Nelson|9on Tennyson|6Council of Constantinople|
9ncil of Lyons|9ncil of Nicaea|7rusade|6Duke of Marlborough|9e of Wellington|6Earl Kitchener of Khartoum|
9l Wavell|9l of Beaconsfield|9l of Chatham|9l of Orford|7pistle of John|9stle of Peter|9stle to Timothy|
9stle to the Corinthians|9stle to the Thessalonians|6Lateran Council|7ord of the Treasury|6Marquess Cornwallis|
6State|6Vatican Council|7iscount Haldane of Cloan|9count Nuffield|6World War|6of May|3th of Clyde|9Forth|
2ve Nations|1lag Day|3minian Way|3nnery O’Connor|2eet Street|2int River|2orence Nightingale|2ying Dutchman|
1oggy Bottom|2llowers of the Prophet|2od and Agriculture Organization|9Drug Administration|2rbidden City|
3ces of Umar Al-Mukhtar|3d Hermann Hueffer|5Madox Ford|3eign Intelligence Service|9ntelligence Surveillance Act|
9ntelligence Surveillance Court|8Office|8Service|3mer Armed Forces|3t George Gordon Meade|5Lauderdale|
5Meade|6yers|5Smith|5Ticonderoga|5Wayne|6orth|4h River|2unding Father|4tain of Youth|3r Horsemen|6undred|
4teenth Amendment|5h Council of Constantinople|8rusade|7Earl of Chesterfield|9rl of Orford|7Lateran Council|
7of July|2x River|4Talbot|1rances Wright|5is Bacon|8Crick|8Drake|8Ford Coppola|8Henry Compton Crick|8Scott Key|
9cott Key Fitzgerald|8Turner Palgrave|7co Villa|5o-Prussian War|6is-Marie Arouet|8e-Athenais de Rochechouart|
4k Baum|6Capra|7ooper|6Harris|6Lloyd Wright|6Morrison Spillane|6Norris|6Philip Stella|6Sinatra|7tella|
8ockton|6Whittle|7infield Woolworth|5furt on the Main|5lin Pierce|4z Seraph Peter Schubert|2ed Sanger|
6kinner|4die Mac|4erick Jackson Turner|9 Law Olmsted|9 North|9 Sanger|9 the Great|3e French|5Soil Party|
6tate|5World|4dom Party|3nch Academy|7Foreign Legion|9reign Office|7Guinea|7Republic|9volution|7West Indies|
7and Indian War|2iedrich August Kekule|9 August Kekule von Stradonitz|9 August Wolf|9 August von Hayek|
9 Max Muller|9 Wilhelm August Froebel|4ndly Islands|3gid Zone|3sian Islands|3uli-Venezia Giulia|2omental Halevy|
3st’s bolete|1uchsia coccinea|8excorticata|2erzas Armadas Revolucionarios de Colombia|2ngi imperfecti|
0GI hormones|3series|3tract|1P bomb|1abonese Republic|2lapagos Islands|3lant Fox|3veston Bay|9 Island|
3way Bay|2mbier Islands|2nges River|2rden State|9ater|7of Eden|6ia augusta|9jasminoides|3onne River|3y Cooper|
2teway to the West|2ucher’s disease|3di i Cornet|2y-Lussac’s law|2za Strip|1eiger-Muller counter|9ller tube|
2m State|3ini the Twins|2ne Kelly|5Sarazen|5Tunney|4ral Assembly|8Baptist|8Certificate of Secondary Education|
9harles de Gaulle|9uster|8Franco|8Security Services|9ervices Administration|8de Gaulle|4va Convention|
3tleman Jim|9 Johnny|2org Simon Ohm|5e Beadle|8urns|9sh|7Dibdin-Pitt|7Ellery Hale|7Fox|8rost Kennan|7Guess|
7Herbert Hitchings|9rbert Mead|9rbert Walker Bush|7Mason|8eany|7Orson Welles|7Sand|7Town|7Walker Bush|
9shington Bridge|9shington Carver|8ells Beadle|9stinghouse|6s de La Tour|2rald Ford|7Rudolph Ford|4nium maculatum|
9molle|9pratense|9richardsonii|9robertianum|9viscosissimum|3man Democratic Republic|3trude Stein|2stalt law of organization|
8principle of organization|9sychology|2ttysburg Address|1ibson Desert|2la Desert|5River|3bert Islands|
8and Ellice Islands|2nger Rogers|3kgo biloba|2ovanni Maria Mastai-Ferretti|9Mastai-Ferretti|2rl Scout|
9ts|1lacial epoch|3dys Smith|2en Canyon Dam|5Gebhard|4n Miller|2obal Positioning System|3omy Dean|3ria May Josephine Svensson|
5ous Revolution|1o Fish|2bi Desert|2d Almighty|3’s Will|8sdom|2lan Heights|3d Coast|4en Age|7Delicious|
7Fleece|7Gate|9te Bridge|7Horde|7Rule|7State|2od Friday|5Shepherd|2pher State|2re Vidal|3illa gorilla|
9orilla beringei|9orilla gorilla|9orilla grauri|2spel According to John|9cording to Luke|9cording to Mark|
9cording to Matthew|7of Luke|2ta Canal|3thold Ephraim Lessing|2vernment Accounting Office|9t Printing Office|
1race Ethel Cecile Rosalie Allen|6Kelly|6Patricia Kelly|3eco-Roman deity|3f Zeppelin|3m method|5stain|
4’s method|7procedure|7solution|8tain|4pus griseus|3n Santiago|4d Canal|9yon|9yon National Park|9yon State|
6Duchy of Luxembourg|6Guignol|6Inquisitor|7sland|6Lama|6Marnier|6National|6Prix|6Rapids|7iver|6Teton|
9on National Park|5ma Moses|4ite State|9tater|4ny Smith|4t Wood|5h Sahib|4ville Stanley Hall|3ves’ disease|
2eat Arabian Desert|7ttractor|7ustralian Bight|9tralian Desert|6Barrier Reef|7ear|7ritain|6Commoner|6Dane|
7epression|7ivide|9iding Range|7og|6Elector|6Falls|6Indian Desert|6Lakes|9es State|6Mendenhall Glacier|
7other|6Plains|9ins of North America|7roletarian Cultural Revolution|7yramid|9enees|6Revolt|7ift Valley|
7ussian|6Salt Desert|9t Lake|8ndy Desert|7chism|7lave Lake|7moky Mountains|9ky Mountains National Park|
6Victoria Desert|6Wall|9l of China|8r|7hite Way|5er Antilles|8London|8New Orleans Bridge|9ew York|8Sunda Islands|
9wiss Mountain dog|3co-Roman architecture|9an deity|9an wrestling|3ek Church|6Orthodox Church|4n Bay|
7eret|6Line|6Mountain State|9ntains|6Party|6River|5back Party|5land Sea|5wich Mean Time|9 Meridian|9 Time|
9 Village|3gory the Great|3sham’s Law|3y Friar|2im Reaper|4es’ golden|2oundhog Day|2ub Street|1uadalupe Island|
9 Mountains|9 Mountains National Park|3ira Falls|3ntanamo Bay|3temala City|2iana Highlands|3llain-Barre syndrome|
6ume de Grimoard|3nea corn|7grains|7pepper|7worm|9rm disease|6-Bissau monetary unit|9ssau peso|2lf Coast|
5States|5War|8 syndrome|5of Aden|9egina|9kaba|9laska|9ntalya|9qaba|8Bothnia|8California|9ampeche|9arpentaria|
9orinth|8Finland|8Guinea|8Lepanto|8Martaban|9exico|8Ob|9man|8Riga|8Saint Lawrence|9iam|9idra|9uez|8Tehuantepec|
9hailand|8Venice|5stream|2npowder Plot|3ter Grass|7Wilhelm Grass|2ru Nanak|2stav Hertz|7Ludwig Hertz|
6us Franklin Swift|2y Fawkes|9s Day|9s Night|4de Maupassant|4of Burgundy|1yps fulvus|4y Rose Lee|0HMG-CoA reductase|
1aber-Bosch process|3lot Knight Browne|2d crime|3rian’s Wall|2il Mary|2leakala National Park|3l of Fame|
4’s honeysuckle|2mburg parsley|3pton Roads|2nd-Schuller-Christian disease|4ies Peak|3ging Gardens of Babylon|
4zhou Bay|3k Aaron|5Williams|3seatic League|2rding grass|3e Krishna|3lan Fisk Stone|9ske Stone|7Stone|
4ean Carpenter|5m River|5y Granville-Barker|7Street|3old Hart Crane|7Pinter|3per’s Ferry|6s Ferry|3riet Beecher Stowe|
8Elizabeth Beecher Stowe|5s Tweed|4y Bridges|6Fitch Kleinfelter|6Lauder|6Stack Sullivan|3t Crane|3vard University|
4ey Wallbanger|2shemite Kingdom of Jordan|2tteras Island|2waii Island|7Standard Time|7Time|7Volcanoes National Park|
6an Islands|3keye State|1ealth and Human Services|3rt of Dixie|3venly City|9Jewel|2brew Scripture|4idean Islands|
9 Isles|2inrich Hertz|9Rudolph Hertz|3tor Villa-Lobos|2len Hunt Jackson|6Maria Fiske Hunt Jackson|6Newington Wills|
6Porter Mitchell|6Wills|9ls Moody|6of Troy|3ix aspersa|6hortensis|6pomatia|3l’s Half Acre|7Kitchen|4enic Republic|
2nri Toulouse-Lautrec|4y Clay|9y Frick|6Fielding|7ord|9d II|6Hubert Turner|6Lee|6Miller|6Sweet|6Valentine Miller|
6Ward Beecher|7heeler Shaw|6the Great|2rb Simon|4ert Clark Hoover|8George Wells|8Hoover|8Kitchener|3mann Goering|
9oring|8Joseph Muller|8Wilhelm Goring|3o of Alexandria|4d the Great|2ssian boot|8fly|1ibiscus cannabinus|
9elatus|9esculentus|9farragei|9heterophyllus|9moschatus|9moscheutos|9mutabilis|9rosa-sinensis|9sabdariffa|
9syriacus|9tiliaceus|9trionum|2gh Anglican Church|9icanism|5Church|6ommission|5Dam|5German|5Holiday|8y Day|
5Mass|5Renaissance|5Sierra|4er National Diploma|4land Scot|8s of Scotland|4way Code|2laire Germain Edgar Degas|
2malaya Mountains|2ndu Kush Mountains|5-Arabic numeral|2ppo Regius|5lyte Jean Giraudoux|5potamus amphibius|
2ram King Williams|6Ulysses Grant|2spanic American|1o Chi Minh|9nh City|2agy Carmichael|2lbein the Elder|
9he Younger|3man Hunt|3y City|6ommunion|5Eucharist|5Father|5Ghost|6rail|5Innocents’ Day|5Joe|5Land|5Order|
5Roller|7man Emperor|9n Emperor Frederick II|9n Empire|5Sacrament|7turday|6cripture|6ee|7pulcher|9lchre|
6pirit|5Thursday|6rinity|5War Warriors|6eek|6rit|5Year|2me Counties|5Loan Bank|5Office|5Secretary|4land Security|
4r Armstrong Thompson|6Thompson|3o erectus|5habilis|6eidelbergensis|5rhodesiensis|5sapiens|9ens neanderthalensis|
9ens sapiens|6oloensis|2nore-Gabriel Victor Riqueti|2ok of Holland|4er’s green|9onion|9orchid|3ray Henry|
3sier State|3ver Dam|2ratio Herbert Kitchener|9ornblower|3n of Africa|4er’s syndrome|3seshoe Falls|2t Springs|
9gs National Park|2usatonic River|4e of Burgesses|9Commons|9Hanover|9Islam|9Lancaster|9Lords|9Representatives|
9Tudor|9War|9Windsor|9York|5s of Parliament|4ing and Urban Development|2ward Carter|1ub of the Universe|
2ck Finn|4leberry Finn|2ddie Leadbetter|3son Bay|7River|9ver school|2go Junkers|5Wolf|2man Genome Project|
3ber Bridge|3phrey DeForest Bogart|2ndred Years’ War|2rler’s disease|9syndrome|1ydrangea anomala|9 arborescens|
9 macrophylla hortensis|9 paniculata|9 petiolaris|0I Chronicles|2Kings|2Timothy|1I Chronicles|3Kings|
3Timothy|1Q test|1an Douglas Smith|4Smith|1berian Peninsula|2is ibis|1d al-Adha|6Fitr|2aho Falls|2entikit picture|
2iom Neutral|3tarod Trail|9Trail Dog Sled Race|1guana iguana|4ssu Falls|4zu Falls|1l Duce|2es Marquises|
2linois River|1mmaculate Conception|3igration and Naturalization Service|2ogene Coca|2patiens capensis|
3erial capacity unit|9gallon|1nauguration Day|2dependence Day|9nce Hall|9nt State of Samoa|3ia-rubber fig|
9ber plant|9ber tree|5n Mutiny|7Ocean|4girka River|3o-European language|5Iranian language|3us River|5trial Revolution|
9l Workers of the World|2land Passage|7Revenue|7Sea|2ner Hebrides|6Light|6Mongolia|3ocent III|9VIII|9XI|
9XII|8s’ Day|2side Passage|3pector Maigret|2telligence Community|4r-Services Intelligence|5ior Department|
9Secretary|5nal Revenue Service|7tional Association of Lions clubs|9onal Atomic Energy Agency|9onal Civil Aviation Organization|
9onal Court of Justice|9onal Date Line|9onal Development Association|9onal Finance Corporation|9onal Grandmaster|
9onal Labor Organization|9onal Labour Organization|9onal Maritime Organization|9onal Monetary Fund|9onal Olympic Committee|
9onal Relations and Security Network|9onal Society for Krishna Consciousness|9onal System|9onal System of Units|
9onal Wanted Notice|6et Explorer|5state Commerce Commission|2vincible Armada|1onian Sea|4c dialect|6order|
1ran-Iraq War|3qi Intelligence Service|6National Congress|2ene Joliot-Curie|2is Murdoch|5cristata|5filifolia|
6lorentina|6oetidissima|5germanica|9anica florentina|5kaempferi|6ochii|5pallida|6ersica|6seudacorus|5tingitana|
5verna|8sicolor|6irginica|5xiphioides|9ium|4h National Liberation Army|6Republic|9ublican Army|6Sea|2on Age|
5Chancellor|5Duke|5Lady|3quois League|2rawaddy River|2tish River|3ysh River|1saac Bashevis Singer|6Hull|
6Mayer Wise|7errit Singer|6Stern|6Watts|2ere River|2idor Feinstein Stone|2lam Nation|5ic Army of Aden|
9rmy of Aden-Abyan|8Community|8Great Eastern Raiders-Front|9roup|9roup of Uzbekistan|8Jihad|8Party of Turkestan|
8Republic of Iran|9epublic of Mauritania|9epublic of Pakistan|9esistance Movement|8State of Afghanistan|
8Unity|3e Royal National Park|5of Man|8Skye|8Wight|4s of Scilly|2raeli Defense Force|2thmian Games|5us of Corinth|
9f Darien|9f Kra|9f Panama|9f Suez|9f Tehuantepec|1talian Peninsula|8Republic|5c language|2hiel Town|
1van the Great|9Terrible|2ory Coast|9st franc|2y League|9er|1z Al-Din Al-Qassam Battalions|0Jack Benny|
5Dempsey|5Frost|5Kennedy|7rouac|5Lemmon|6ondon|5Nicklaus|5Roosevelt Robinson|5William Nicklaus|5of all trades|
5the Ripper|3quard loom|5es Francois Fromental Elie Halevy|8Lucien Monod|8Monod|2kob Liebmann Beer|7udwig Felix Mendelssohn-Bartholdy|
5-Creutzfeldt disease|2mes Abbott McNeill Whistler|7lfred Van Allen|6Bay|7ond|7ranch Cabell|7utler Hickock|
7yron Dean|6Clerk Maxwell|7ook|6Dean|6Earl Carter|6Fenimore Cooper|6Henry Leigh Hunt|6Jerome Hill|6Leonard Farmer|
6Mason|7ill|6Neville Mason|6Prescott Joule|6Riddle Hoffa|8ver|6Usher|6Watt|7hitcomb Riley|2n Christian Smuts|
3e Doe|2pan Trench|5ese Archipelago|9Islands|9Red Army|2smine tobacco|3per Johns|2va finch|5man|5olives|
5pepper|5sparrow|2ws of Life|2y Cooke|4Gould|2zz Age|1ean Anouilh|7toine Watteau|6rp|6uguste Dominique Ingres|
5Baptiste Camille Corot|9iste Donatien de Vimeur|9iste Joseph Fourier|9iste Lully|9iste Racine|9iste de Lamarck|
6ernard Leon Foucault|9oulli|5Caulvin|8vin|6hauvin|6octeau|5Edouard Vuillard|5Francois Champollion|9cois Millet|
5Genet|6iraudoux|5Harlow|6onore Fragonard|5Laffite|8itte|6ouis Charles Garnier|9s Rodolphe Agassiz|6uc Godard|
5Martin Charcot|6onnet|5Nicholas Arthur Rimbaud|5Paul Marat|6iaget|5Racine|5Sibelius|5de La Fontaine|
4-Baptiste Poquelin|5Claude Duvalier|5Frederic Joliot|9eric Joliot-Curie|5Jacques Rousseau|5Louis Lebris de Kerouac|
5Paul Sartre|6hilippe Rameau|2fferson City|9 Davis’ Birthday|2hovah’s Witness|9 Witnesses|2lly Roll Morton|
2roboam I|3ry Lee Lewis|3sey City|7Lillie|7elm|7fern|7knapweed|7pine|3usalem Warriors|2wish New Year|
7Orthodoxy|1im Crow|3my Carter|1oan of Arc|2b’s comforter|6tears|2ckey shorts|2e Blow|3-Pye weed|3l Chandler Harris|
2han August Strindberg|5n Gottfried von Herder|7Muller|6es Peter Muller|3n Barleycorn|8rington Wain|6erry Hobbs|
6rown|6ull|5Cage|7sh|6onstable|5Doe|7nald Budge|7ry|7s Passos|6rew|6uns Scotus|5Edgar Hoover|5Ford|7ster Dulles|
5Greenleaf Whittier|5Hasbrouck Van Vleck|6eming|7nry O’Hara|6ope Franklin|5Jay|5Lackland|5Major|6ercer|
6ill|6oses Browning|5Reed|6ock|7derigo Dos Passos|7wlands|7y Major|6upert Firth|5Scopes|6inger Sargent|
9leton Copley|6mith|6tuart Mill|5Thomas Scopes|5Van Vleck|5Wain|7lker|6ilkes Booth|5of Gaunt|5the Baptist|
9Divine|9Evangelist|4ny Appleseed|7Cash|4son City|2int Chiefs|9efs of Staff|6Direct Attack Munition|2lly Roger|
2nathan Swift|2rdan River|2sef Albers|6von Sternberg|4ph Banks Rhine|8lack|7Deems Taylor|7Heller|8ooker|
7Lister|8ouis Barrow|9uis Gay-Lussac|7Mallord William Turner|9rie Jacquard|7Smith|7Warren Stilwell|3h Billings|
2yce Carol Oates|1uan Ponce de Leon|2dgement Day|4ment Day|3y Garland|2lia Evelina Smith|6Ward Howe|5n Bond|
7the Apostate|2nco hyemalis|2stice Department|5nian the Great|0K’ung Futzu|1O punch|1affir pox|2hoolawe Island|
2iser Bill|2lahari Desert|2mchatka Peninsula|3ehameha the Great|3mon Strait Bridge|2n River|3awha River|
3sas City|7River|2plan Group|2ra Sea|4koram Range|7um Range|3elian Isthmus|3l Alex Muller|5Jaspers|5Popper|
5Theodor Jaspers|2sai River|2tar Peninsula|3e O’Flaherty Chopin|5Smith|3herine Anne Porter|4leen Mansfield Beauchamp|
4ryn Elizabeth Smith|3mai National Park|2uai Island|2vir Desert|2w River|2yser-Fleischer ring|1elvin scale|
2mal Pasha|2n Elton Kesey|4Kesey|4Russell|3ai Fjords National Park|3nedy International|9nternational Airport|
5lly-Heaviside layer|5saw Mountain|3tucky Derby|2uka Lake|2y West|3stone State|9Stater|1hmer Rouge|2yber Pass|
1ing Arthur|9ur’s Round Table|5Camp Gilette|6harles spaniel|5Ferdinand|5Harold I|9ld II|6ussein|5James|
9s Bible|9s I|9s Version|6ohn|5Lear|5Oedipus|6liver|5William pine|5of England|8France|8Great Britain|
8Swing|8the Germans|4’s Counsel|7English|4dom of Belgium|9f Bhutan|9f Cambodia|9f Denmark|9f God|9f Lesotho|
9f Morocco|9f Nepal|9f Norway|9f Saudi Arabia|9f Spain|9f Swaziland|9f Sweden|9f Thailand|9f The Netherlands|
9f Tonga|4s Canyon National Park|5ton-upon Hull|2ssimmee River|2t Carson|3ty Litter|1lamath Falls|8River|
2ebs-Loeffler bacillus|1night Templar|7of the Round Table|2ow-Nothing Party|1obuk Valley National Park|
2diak Island|2la Peninsula|2ng the Master|2rea Bay|6Strait|5n Peninsula|7Strait|7War|1uan Yin|2enlun Mountains|
2kenaam Falls|2nd Johan Victor Rasmussen|3lun Mountains|2ra River|3distan Labor Pary|9 Workers Party|
2wait City|1yrgyz Republic|0LISP compiler|5program|1a Crosse|3Tour|2bor Day|7epartment|6Secretary|4ur Party|
3rador Peninsula|9Sea|8-Ungava Peninsula|3urnum alpinum|9anagyroides|3yrinth of Minos|2drone Islands|
3y Day|6iana Frances Spencer|5Emma Hamilton|5Godiva|5Jane Grey|5Peel|5with the Lamp|2g b’Omer|2ke Albert|
9rt Nyanza|6ral|5Baikal|7laton|7ykal|5Canandaigua|7yuga|6had|8mplain|7elan|6lark National Park|6onstance|
5District|5Edward|6rie|6yre|5Geneva|5Huron|5Ilmen|5Keuka|6ivu|5Ladoga|6eman|5Malawi|6ead|6ichigan|5Nasser|
6yasa|5Okeechobee|6nega|7tario|5Powell|5Saint Clair|6eneca|6uperior|5Tahoe|7na|8ganyika|6rasimenus|6sana|
5Urmia|5Vanern|6ictoria|6olta|5Winnipeg|2ma guanicoe|5pacos|6eruana|3bert-Eaton syndrome|3mas Day|2nai Island|
3d of Enchantment|8Lincoln|8Opportunity|3e’s Prince Albert|2o People’s Democratic Republic|2ptev Sea|
2rge Magellanic Cloud|2skar Jihad|3sen Volcanic National Park|3t Day|5Frontier|5Judgement|9ment|5Supper|
2te Greek|5Latin|4ran Council|8Palace|8Treaty|3in Quarter|3ter-Day Saint|2urel and Hardy|5ntian Highlands|
9n Plateau|3taro Popular Rebel Forces|8Youth Movement|2w of Moses|1e Chatelier principle|9ier’s law|9ier’s principle|
9ier-Braun principle|3Duc Tho|2ague of Iroquois|9 Nations|3ning Tower|9ower of Pisa|2banese Republic|
2ch Walesa|2e Buck Trevino|4De Forest|4Harvey Oswald|4Krasner|4Strasberg|4Trevino|4Yuen Kam|3’s Birthday|
3ward Islands|2ft Bank|2gionella pneumophilia|6naires’ disease|2high River|2igh Hunt|2mur catta|2na River|
3s culinaris|3t lily|4e Insulin|2o the Great|8Lion|3nard Constant Lambert|4tyne Price|2slie Howard Stainer|
7Richard Groves|7Townes Hope|3ser Antilles|7Sunda Islands|3ter Willis Young|2tter of Jeremiah|2v Davidovich Landau|
3i-Lorrain dwarf|2wis and Clark Expedition|2xington and Concord|2yte Island|1iam O’Flaherty|3odong Peninsula|
2beral Democrat Party|8Party|6tion Tigers of Tamil Eelam|5ty Bell|8Island|8Party|8ship|3ra the Balance|
9 Scales|3yan Desert|7Fighting Group|7Islamic Fighting Group|9lamic Group|2fe Saver|2ght Within|5horse Harry Lee|
5ning Hurler|3urian Sea|2lian Alicia Marks|3y Pons|2me disease spirochete|3nodium spongia|2ncoln Memorial|
7’s Birthday|3e of Control|4ar A|7B|3k trainer|3otype machine|2onel Trilling|4s Club|2quid Pred|2steria monocytogenes|
2tchi chinensis|3tle Bear|8ighorn|9ghorn River|7Corporal|7Dipper|8og|7Giant|7Horn|7Joe|9hn|7Lord Fauntleroy|
7Missouri|9ssouri River|8o Connolly|7Office|7Phoebe|7Red Riding Hood|8hody|8ock|7Sioux River|8parrow|
7Wabash|9bash River|1lano Estacado|2oyd Webber|1och Achray|5Linnhe|5Ness|9 monster|2ire River|6Valley|
2mbard Street|2ne-Star State|3g Beach|5Island|9nd Sound|2pe Felix de Vega Carpio|5de Vega|2rd Britten of Aldeburgh|
5Chancellor|5George Gordon Byron|5High Chancellor|5Macaulay|5Nelson|5Privy Seal|5Rayleigh|5Todd|5of Misrule|
4’s Day|7Prayer|7Resistance Army|7Supper|7table|4s Spiritual|6Temporal|3enz Hart|7Milton Hart|6o the Magnificent|
4tta Young|2s Angeles|3t Tribes|2t’s wife|3hian Region|3us americanus|6berthelotii|6corniculatus|6tetragonolobus|
2uis Braille|6Comfort Tiffany|6Harold Gray|6Victor de Broglie|6le Faineant|6the Bruiser|9 Far|9 Great|
9 Pious|9 Quarreller|9 Stammerer|9 Wideawake|5-Hector Berlioz|5a May Alcott|5iana Purchase|3vre Museum|
2w Archipelago|4Countries|4German|4Latin|4Mass|4Sunday|3er California|8rboniferous|9boniferous period|
6Egypt|6Paleolithic|7eninsula|6Saxony|6Tunguska|3land Scot|7s of Scotland|2yalist Volunteer Force|1ucille Ball|
4us Clay|7DuBignon Clay|7Tarquinius Superbus|3ky Lindy|3retia Coffin Mott|3y Craft Laney|5Stone|2dwig Mies Van Der Rohe|
2t Desert|3heran Church|2xembourg City|1yman Frank Brown|2nx canadensis|7racal|5lynx|5pardina|5rufus|
2onnaise sauce|0MOT test|1acadamia integrifolia|9 ternifolia|9 tetraphylla|3edonian War|3kenzie River|
4inac Bridge|7w blanket|9boat|9coat|2d Anthony Wayne|3ame Curie|7Tussaud|7de Maintenon|9 Stael|3eira Islands|
8River|2e West|2gdalena River|3ellanic Cloud|3ic Marker|4not Line|3na Mater|4olia State|9acuminata|9fraseri|
9grandiflora|9macrophylla|9soulangiana|9stellata|9tripetala|9virginiana|2hatma Gandhi|2lagasy Republic|
4y Archipelago|6Peninsula|5sia Militant Group|8n Mujahidin Group|3colm Little|3dive Islands|2mmoth Cave National Park|
2nassa Mauler|3hattan Island|9 Project|3ila Bay|5la hemp|3ta birostris|4is religioso|3uel Rodriquez Patriotic Front|
2rch King|6equinox|4o Polo|9o sheep|9o’s sheep|3garet Court|9Higgins Sanger|9Mead|9Sanger|4uerite Radclyffe Hall|
3ia Callas|6Meneghini Callas|5na Islands|4e Charlotte Carmichael Stopes|6Jean Antoine Nicolas Caritat|
6Louise Elisabeth Vigee-Lebrun|6Stopes|5-Strumpell disease|4ne Corps|9rps Intelligence Activity|4time Provinces|
3k Anthony|8ony|5Clark|5Hopkins|5Rothko|5Tobey|6wain|5Wayne Clark|3ne River|3quesas Islands|5is de Condorcet|
9e Lafayette|9e Laplace|9e Sade|7e de Maintenon|9de Montespan|9de Pompadour|3shal Saxe|8Tito|7l Islands|
9Plan|4ton Moor|3tha Beatrice Potter Webb|6’s Vineyard|4in Luther King|9ther King Day|9ther King Jr’s Birthday|
7Van Buren|4yrs of al-Aqsa|3x Brothers|3y Ashton Rice Livermore|6ugusta Arnold Ward|5Baker Eddy|5Flannery O’Connor|
5Leontyne Price|6udwig Hays McCauley|5Magdalen|6orse Baker Eddy|5Queen of Scots|2son City|6and Dixon line|
9 Dixon’s line|6jar|5-Dixon line|3s card|4achusetts Bay|9etts Bay Colony|9etts Institute of Technology|
4if Central|3ter in Business|9 Business Administration|9 Public Affairs|7of Architecture|9 Arts|9 Arts in Teaching|
9 Divinity|9 Education|9 Fine Arts|9 Laws|9 Library Science|9 Literature|9 Science|9 Science in Engineering|
9 Theology|2ter Turrita|3thew Walker|9alker knot|2ui Island|3rice Chevalier|8Ravel|3soleum at Halicarnasus|
2x Born|4Muller|3im Gorki|6gun|3well-Boltzmann distribution law|2y Day|4apple|4beetle|5lob|5ug|4lily|
4queen|4wine|1cGuffey Eclectic Readers|1ead’s milkweed|2dal of Honor|3gar Evers|7Wiley Evers|3icaid funds|
4eval Greek|9Latin|4terranean Sea|2iji Tenno|2kong River|2lville Bell|9Weston Fuller|2mber of Parliament|
3orial Day|2nachem Begin|4i Strait|3denhall Glacier|3nonite Church|2rcury program|3rimack River|2sa Verde National Park|
4bi Range|3olithic Age|2tasequoia glyptostrodoides|4urus River|3hodist Church|2use River|5-Argonne operation|
2xican Revolution|8War|5o City|1iami Beach|2chael Philip Jagger|7mas Day|4elson-Morley experiment|3k Jagger|
4ey Charles Mantle|7Finn|7Mantle|8ouse|7Spillane|2d-Atlantic Ridge|9tic states|3dle Ages|7East|8nglish|
7Greek|7High German|7Irish|7Low German|7Paleolithic|3summer Day|9 Eve|9 Night|9’s Day|3way Islands|2es Van Der Rohe|
2ghty Mouse|2ke Tyson|2le-High City|4s Davis|6Standish|3itant Tendency|3k River|4y Way|9 Galaxy|9 System|
2mosa pudica|7sensitiva|2namata Bay|4to Ohashi Bridge|3istry of Transportation test|3nesota Multiphasic Personality Inventory|
4ie Mouse|2ssissippi River|4ouri Compromise|9River|2thridates the Great|1obile Bay|7River|3uto Lake|2del T|
4rn English|7Greek|7Hebrew|4st Moussorgsky|8ussorgsky|7Petrovich Moussorgsky|9trovich Mussorgsky|2gul empire|
2have Desert|4wk River|2ira Shearer|2jave Desert|2lly Miller|6Pitcher|3okai Island|2ngolian People’s Republic|
3mouth Court House|3ongahela River|3roe Doctrine|3t Blanc|4ego Bay|5rey Bay|4gomery Ward|2ranzanist Patriotic Front|
4y Firth|3eau River|4ton Bay|9ay chestnut|9ay pine|9ay tulipwood|3gan City|7le Fay|3mon Church|7State|
7Tabernacle|3o Islamic Liberation Front|3rison Remick Waite|4ow’s honeysuckle|2saic law|3s Hart|2ther Carey’s chicken|
9rey’s hen|7Goose|7Hubbard|7Jones|7Seton|7Teresa|8heresa|6’s Day|3or City|2und Builder|4t Adams|7rarat|
7sama|7thos|6Bartle Frere|6Carmel|7ommunism|8ok lily|6Elbert|7tna|7verest|6Fuji|6Garmo|7odwin Austen|
6Hubbard|6Kanchenjunga|7ilimanjaro|6Logan|6McKinley|6Olympus|7rizaba|6Parnassus|7inatubo|6Rainier|9nier National Park|
7ushmore|9hmore State|6Saint Helens|7hasta|8erman|7inai|6Tacoma|6Vernon|8suvius|6Whitney|7ilson|5ain Standard Time|
9State|9Time|2vement for Revenge|9of Holy Warriors|2zambique Channel|1ujahedeen Khalq|9n Kompak|5idin-e Khalq Organization|
2llah Mohammed Omar|7Omar|2ngo Park|2riel Sarah Spark|8park|3phy’s Law|3ray Gell-Mann|7River|4umbidgee River|
2scat and Oman|3tagh Range|1ystic Jewel|0NADA daiquiri|1ag Hammadi|9di Library|2ha City|2mib Desert|3oi River|
2n Ling|4River|3cy Freeman Mitford|6Witcher Astor|2poleonic Wars|2rcissus jonquilla|9 papyraceus|9 pseudonarcissus|
3es Deep|3ragansett Bay|2sturtium amphibium|9m officinale|2t Turner|3alie Wood|3han Hale|6iel Currier|
3ion of Islam|6al Academy of Sciences|9Aeronautics and Space Administration|9Archives and Records Administration|
9Association of Realtors|9Baseball Hall of Fame|9Climatic Data Center|9Geospatial-Intelligence Agency|
9Guard|9Guard Bureau|9Institute of Justice|9Institutes of Health|9Intelligence Community|9Labor Relations Board|
9Liberation Army|9Liberation Front of Corsica|9Library of Medicine|9Oceanic and Atmospheric Administration|
9Park Service|9Reconnaissance Office|9Rifle Association|9Science Foundation|9Security Agency|9Security Council|
9Socialist German Workers’ Party|9Technical Information Service|9Trust|9Volunteers Association|9Weather Service|
8ist China|4ve Alaskan|8merican|7Hawaiian|2uru Island|2val Research Laboratory|6Special Warfare|7urface Warfare Center|
6Underwater Warfare Center|3y Cross|5Department|5SEAL|6ecretary|2zi Party|1eanderthal man|3r East|2ckar River|
2gev Desert|3ro spiritual|2mean Games|2olithic Age|3sho River|2stor Paz Zamora Commission|6ian Church|
2va River|3ille Chamberlain|2w Amsterdam|4Britain|6unswick|4Caledonia|9onian yew|4Deal|8er|6lhi|4England|
9nd aster|9nd boiled dinner|9nd clam chowder|9nder|8ish Bible|4Flower|5orest|4Greek|5uinea|4Hampshire|
9hirite|6ven|5ebrides|4Ireland|4Jersey|9yan|9yite|4Latin|5ondon|6ok|4Mexican|9o|4Netherland|5orwegian|
4Orleans|4People’s Army|4River|9 Gorge Bridge|4Scotland Yard|5iberian Islands|5outh Wales|5tone Age|6yle calendar|
4Testament|4Wave|8r|5orld|9 anteater|9 beaver|9 blackbird|9 chat|9 coral snake|9 flycatcher|9 goldfinch|
9 jay|9 least weasel|9 leishmaniasis|9 monkey|9 mouse|9 opah|9 oriole|9 porcupine|9 sparrow|9 tapir|9 vulture|
9 warbler|4Year|8’s|9s Day|9s Eve|5ork|8 Bay|9City|9State|9State Barge Canal|9Stock Exchange|9aster|9fern|
9minute|9strip|8er|4Zealand|9nd Dacryberry|9nd Islands|9nd beech|9nd cotton|9nd daisybush|9nd dollar|
9nd honeysuckle|9nd mountain pine|9nd spinach|9nd white pine|9nd wine berry|9nd wren|9nder|3port News|
3town Wonder|1gaio Marsh|2uyen Tat Thanh|1i-hard iron|3resist iron|2agara Falls|8River|2cene Creed|2emann-Pick disease|
2ger River|5-Kordofanian language|2hau Island|2kolai Andreyevich Rimski-Korsakov|9ndreyevich Rimsky-Korsakov|
2le River|3giri Hills|3o-Saharan language|2neteenth Amendment|3th of Ab|9Av|2obrara River|1oah and the Flood|
2b Hill|3el Laureate|2el Coward|2nproliferation Center|2rbert Wiener|3folk Island|3ma Jean Baker|5n Conquest|
7Mailer|3th Africa|7merica|9rican|9rican Free Trade Agreement|9rican country|9rican nation|7tlantic|9antic Council|
9antic Treaty|9antic Treaty Organization|6Borneo|6Carolina|9olinian|8scades National Park|7hannel|6Dakota|
9otan|7ravidian|6Equatorial Current|6Frigid Zone|6Germanic|9manic language|6Island|6Korea|9ean|9ean monetary unit|
9ean won|6Pacific|7eak|7latte|9tte River|7ole|6Sea|7tar|9r State|6Temperate Zone|6Vietnam|6Yorkshire|
5ern Alliance|9Baptist|9Baptist Convention|9Cross|9Ireland|9Mariana Islands|9Marianas|9Rhodesia|9Spy|
9Territory|9bedstraw|9dewberry|9lobster|9snow bedstraw|5west Passage|9 Territories|3wegian Sea|2uvelle Vague|
2va Lisboa|5Scotia|9ia lox|9ia salmon|9ian|5Zembla|5lox|5salmon|6tyle salmon|1ubian Desert|2clear Regulatory Commission|
2llarbor Plain|2tmeg State|0OR circuit|3gate|1ahu Island|2k Leaf Cluster|1b River|1ccam’s Razor|3upational Safety and Health Administration|
2ean State|2kham’s Razor|2tober Revolution|1dd Hassel|2er River|1edipal complex|1ffice of Inspector General|
9 Intelligence Support|9 Management and Budget|9 Naval Intelligence|9 the Dead|1hio River|5State University|
2m’s law|1keechobee Waterway|3fenokee Swamp|2lahoma City|1ld Bailey|5ulgarian|7lion|4Catholic|9lic Church|
5hurch Slavic|9h Slavonic|5olony|4Dominion|9ion State|4English|9sh sheepdog|4Faithful|5rench|6isian|4Glory|
4Hickory|6gh German|4Icelandic|5rish|6onsides|5talian|4Latin|5ine State|4Nick|5orse|7th French|9 State|
4Prussian|4Saxon|5outh|5tyle calendar|4Testament|4World|9 beaver|9 buffalo|9 chat|9 coot|9 coral snake|
9 crayfish|9 flycatcher|9 hop hornbeam|9 jay|9 least weasel|9 leishmaniasis|9 mistletoe|9 monkey|9 oriole|
9 porcupine|9 quail|9 rabbit|9 robin|9 scops owl|9 vulture|9 warbler|9 yew|4world white pelican|3uvai Gorge|
2iver Goldsmith|7Hardy|9zard Perry|7Stone|2ympian Games|6c Games|8National Park|1mega Centauri|1pen University|
3ration Desert Storm|1racle of Apollo|3l Roberts|3nge Free State|7Group|7Order|7River|2der Osteoglossiformes|
6of the Purple Heart|3nance Survey|2egon Jargon|2ganization of American States|9ion of Petroleum-Exporting Countries|
2iental Studies|9arborvitae|9beetle|9black mushroom|9garlic|9scops owl|3noco River|2kney Islands|2lando di Lasso|
3y Group|2son Welles|2thodox Catholic Church|9Church|9Jew|9Judaism|2ville Wright|1sage River|3ka Bay|
3ma bin Laden|2car Fingal O’Flahertie Wills Wilde|6Palmer Robertson|1tis Skinner|2to the Great|4man Empire|
1uachita River|2r Lady’s bedstraw|9s mild thistle|5ord’s candle|2se River|2ter Hebrides|6Mongolia|1val Office|
2en Stuffer|9fer Roaster|1xford English Dictionary|7University|1zark Mountains|6Plateau|0PA system|1C board|
1ET scanner|1IN number|1O Box|6 No|3box number|2W camp|1R man|1T boat|1achysandra procumbens|9ra terminalis|
3ific Coast|8Northwest|8Ocean|8Standard Time|8Time|2inted Desert|2lace of Versailles|4u Islands|3eo-American culture|
9rind culture|6Indian culture|5lithic Age|4stine Authority|9 Islamic Jihad|9 Liberation Front|9 Liberation Organization|
9 National Authority|8ian Islamic Jihad|9an National Authority|3l Mall|3m Beach|5Sunday|4er Peninsula|
5tto State|3o Alto|2mir Mountains|2n American Day|9can Union|4paniscus|4troglodytes|9odytes schweinfurthii|
9odytes troglodytes|9odytes verus|3ama Canal|9nal Zone|8ity|7hat|7redwood|9dwood tree|7tree|3chen Lama|
5o Villa|3danus tectorius|2p smear|4test|3a Doc|4l States|3ua New Guinea|2ra River|4llel Lives|4na River|
3is University|3k Avenue|4er House roll|3ry manzanita|5’s penstemon|9inyon|3sons table|3ticular Baptist|
4y of Democratic Kampuchea|9God|2s de Calais|3chal Lamb|8celery|3ser domesticus|7montanus|6o Cape|4ion Sunday|
8Week|8of Christ|8play|3tor roseus|7sturnus|2tagonian Desert|3ella vulgata|4nt Office|7and Trademark Office Database|
3rick Victor Martindale White|8White|5ot’s Day|2ul Hermann Muller|5Revere|5Vernier|5the Apostle|4-Henri Thiry|
4o Afonso Falls|3motu Archipelago|2ys de la Loire|1eace Corps|6Garden State|6of Westphalia|4h State|3rl Bailey|
7uck|6Harbor|6Mae Bailey|6River|6Sydenstricker Buck|3sant’s Revolt|2cos River|2e Dee|7 River|3ping Tom|
2lican State|3oponnesian Peninsula|9sian War|2ninsular Malaysia|3nine Chain|3obscot Bay|9 River|3tagon Gang|
2ople against Gangsterism and Drugs|6’s Liberation Army|9Mujahidin of Iran|9Party|9Republic of Bangladesh|
9Republic of China|9Republican Army|2pin the Short|3si Cola|2rry Mason|3sian Empire|8Gulf|9ulf War|9ulf illness|
2ter Cooper|6Mark Roget|6O’Toole|6Pan|9 collar|6Seamus O’Toole|8llers|6the Great|5sburg Campaign|3rified Forest National Park|
4onas Towers|6ius Arbiter|3unia axillaris|8hybrida|8integrifolia|1hallus impudicus|8ravenelii|3raoh of Egypt|
7’s chicken|2ilip Dormer Stanhope|7Warren Anderson|6pine Islands|9e Sea|2lox bifida|6stellaria|7ubulata|
2oenix dactylifera|3tostat machine|1ica pica|9 hudsonia|3k’s disease|2ed Piper|9r of Hamelin|3r Luigi Nervi|
4re Charles L’Enfant|7Laporte Bridge|6-Paul Broca|3ter Brueghel the Elder|2ke’s Peak|2lgrim Father|7’s Progress|
3lars of Hercules|2ne Bluff|5Tree State|3g River|3ot Chardonnay|2per betel|6cubeba|6longum|6nigrum|2sces the Fishes|
2tot-static tube|3t the Elder|9Younger|4sburgh of the South|1lains Indian|3ntation walking horse|3smodium vivax|
3ta River|4o’s Academy|4t National Park|5e River|9ver penstemon|2easant Island|2imsoll line|9mark|3ny the Elder|
9 Younger|2ymouth Colony|9Rock|1o River|2beda Peak|5y Peak|2inciana gilliesii|9 pulcherrima|9 regia|2laroid Land camera|
9camera|3ish monetary unit|7notation|2mpey the Great|2nce de Leon|2p Art|3e Alexander VI|3lar Bluff|3py Day|
3ular Struggle Front|6tion Commission|5ist Party|2rt Arthur|5Jackson fig|9son heath|9son pine|5Louis|
5Moresby|5Orford cedar|5Sudan|5Vila|5of Spain|4uguese Guinea|9e Republic|5laca grandiflora|9 oleracea|
2st Office|4-Office box|4al Rate Commission|2tomac River|3sdam Conference|1raetorian Guard|3irie State|
2emium Bond|3s Young|4byterian Church|4ident Abraham Lincoln|9 Adams|9 Andrew Johnson|9 Arthur|9 Benjamin Harrison|
9 Buchanan|9 Bush|9 Carter|9 Cleveland|9 Clinton|9 Coolidge|9 Eisenhower|9 Fillmore|9 Ford|9 Franklin Roosevelt|
9 Garfield|9 Grant|9 Harding|9 Harrison|9 Hayes|9 Hoover|9 Jefferson|9 John Adams|9 John Quincy Adams|
9 Johnson|9 Kennedy|9 Lincoln|9 Lyndon Johnson|9 Madison|9 McKinley|9 Monroe|9 Nixon|9 Pierce|9 Polk|
9 Reagan|9 Roosevelt|9 Taft|9 Taylor|9 Theodore Roosevelt|9 Truman|9 Tyler|9 Van Buren|9 Washington|9 William Henry Harrison|
9 Wilson|9 of the United States|9ial Directive|9s’ Day|2ime Minister|4ula auricula|8elatior|8polyantha|
8sinensis|8veris|9ulgaris|3nce Albert|9bert yew|9bert’s yew|7Charles|7Edward|9ward Island|8ugene of Savoy|
7Fumimaro Konoe|9mimaro Konoye|7Otto von Bismarck|7Peter Kropotkin|8hilip|7Rupert|7of Darkness|9 Smolensk|
9 Wales|9 Wales heath|6-of-Wales feather|9-Wales fern|9-Wales plume|6ss Diana|9Grace of Monaco|9of Wales|
6ton University|5ipality of Andorra|9ity of Liechtenstein|9ity of Monaco|2ogressive Party|3hibition Party|
3mised Land|3sper Meniere|3tector of Boundaries|5stant Church|9t Episcopal Church|4o-Indo European|3visional IRA|
9al Irish Republican Army|2udhoe Bay|1ublius Cornelius Scipio Africanus Major|2get Sound|2ka Inti|2nic War|
3ta Arenas|2rple Heart|3us River|1yramids of Egypt|3enees daisy|3rhic victory|2thian Games|4on molurus|
7reticulatus|7sebae|7variegatus|0QWERTY keyboard|1assam Brigades|2tar Peninsula|1uaternary period|2ebec Bridge|
7City|3en Anne’s lace|6Charlotte Sound|7ity|6Isabella|6Maud Land|6Victoria|6of England|5’s Counsel|8English|
8crape myrtle|5sboro Bridge|3zon City|0RAM disk|1ICO Act|1abbi Moses Ben Maimon|2dclyffe Hall|2ffia farinifera|
7ruffia|7taedigera|7vinifera|2meses the Great|5ses the Great|3say Hunt syndrome|4es the Great|2pid City|
3pahannock River|2y Bradbury|4Cattell|4Douglas Bradbury|4Robinson|3mond Chandler|8Thornton Chandler|1ead method|
9od of childbirth|3l Estate Investment Trust|5IRA|6rish Republican Army|2becca West|2ceived Pronunciation|
4nt epoch|3onstruction Period|2d Army Faction|4Brigades|4China|5loud|5ross|4Delicious|4Guard|4Hand Defenders|
4Notice|4Planet|4River|4Sea|5un|4Tai|3wood National Park|2form Jew|8udaism|2galecus glesne|3inald Marsh|
2ign of Terror|2joicing in the Law|9 of the Law|9 over the Law|2ligious Society of Friends|2membrance Day|
9ce Sunday|2ne-Robert Cavelier|2public of Albania|9of Angola|9of Armenia|9of Austria|9of Belarus|9of Benin|
9of Bolivia|9of Bosnia and Herzegovina|9of Botswana|9of Bulgaria|9of Burundi|9of Cameroon|9of Cape Verde|
9of Chad|9of Chile|9of China|9of Colombia|9of Costa Rica|9of Cote d’Ivoire|9of Croatia|9of Cuba|9of Cyprus|
9of Djibouti|9of Ecuador|9of El Salvador|9of Equatorial Guinea|9of Estonia|9of Fiji|9of Finland|9of Ghana|
9of Guatemala|9of Guinea|9of Guinea-Bissau|9of Haiti|9of Honduras|9of Hungary|9of Iceland|9of India|9of Indonesia|
9of Iraq|9of Ireland|9of Kazakhstan|9of Kenya|9of Kiribati|9of Korea|9of Latvia|9of Liberia|9of Lithuania|
9of Madagascar|9of Malawi|9of Maldives|9of Mali|9of Malta|9of Mauritius|9of Moldova|9of Mozambique|9of Namibia|
9of Nauru|9of Nicaragua|9of Niger|9of Palau|9of Panama|9of Paraguay|9of Peru|9of Poland|9of San Marino|
9of Senegal|9of Seychelles|9of Sierra Leone|9of Singapore|9of Slovenia|9of South Africa|9of Suriname|
9of Tajikistan|9of The Gambia|9of Trinidad and Tobago|9of Tunisia|9of Turkey|9of Uganda|9of Uzbekistan|
9of Vanuatu|9of Venezuela|9of Yemen|9of Zambia|9of Zimbabwe|9of the Congo|9of the Marshall Islands|9of the Philippines|
9of the Sudan|8an Guard|9n Party|9n River|2serve Officers Training Corps|3urrection of Christ|2verend Dodgson|
3ised Standard Version|8Version|3olutionary Armed Forces of Colombia|9nary Justice Organization|9nary Organization of Socialist Muslims|
9nary People’s Liberation Front|9nary People’s Liberation Party|9nary People’s Struggle|9nary Proletarian Army|
9nary Proletarian Initiative Nuclei|9nary Proletarian Nucleus|9nary United Front|9nary calendar|9nary calendar month|
1h antibody|3factor|3incompatibility|3negative|3positive|2-negative blood|9ve blood type|3positive blood type|
2eims-Douay Bible|9uay Version|3um australe|6cultorum|6emodi|6palmatum|6rhabarbarum|9ponticum|2ine River|
4oceros antiquitatis|9s unicornis|2ode Island|9and bent|9and red|4odendron californicum|9ron maxima|9ron viscosum|
5pe Mountains|3ne River|1ichard August Carl Emil Erlenmeyer|8Buckminster Fuller|8Coeur de Lion|8D’Oyly Carte|
8Henry Lee|9ooker|8Milhous Nixon|9orris Hunt|8Roe|8Wright|8the Lion-Hearted|9he Lionheart|8von Krafft-Ebing|
2der Haggard|2ft Valley fever|2ght Bank|2ley B King|2ng Lardner|4er solution|6’s solution|4gold Wilmer Lardner|
2o Bravo|3t Act|2p van Winkle|2ver Acheron|7dige|7ire|7rno|7von|6Cam|7ocytus|6Kasai|6Lethe|6Severn|7tyx|
6Thames|7rent|7yne|1ob Roy|3ert Brown|9owning|8urns|9rns Woodward|7Curl|7E Lee Day|9Lee’s Birthday|8dward Lee|
8mmet Sherwood|7Falcon Scott|8rost|7Graves|9ay|7Hutchings Goddard|7Jemison Van de Graaff|7King Merton|
7Lee Frost|7Mills|7Peel|9nn Warren|7Ranke Graves|7Treat Paine|8yre Jones|7Van de Graaff|7William Service|
6’s Rules of Order|3in Goodfellow|6Hood|2ck Cornish|9ish hen|5Island|5Springs|5fever|5of Gibraltar|4y Marciano|
7ountain National Park|9ntain bee plant|9ntain bighorn|9ntain bristlecone pine|9ntain dogbane|9ntain goat|
9ntain jay|9ntain sheep|9ntain spotted fever|9ntain whitefish|9ntains|9ntains cherry|6mountain pinon|
5-mountain maple|2d Laver|3ney George Laver|2gation Day|3er Bacon|6Eliot Fry|6Fry|6Huntington Sessions|
6Sessions|2man Catholic Church|9holic Pope|7hurch|6Emperor|9ire|6Inquisition|6Legion|6Republic|5ce language|
5tic Movement|3e Beauty|2sa Parks|3e Louise Hovick|5of China|4tta Stone|3s Sea|3tov on Don|2tary Club|
7International|2ugh Rider|3nd Table|2yal Academy|9demy of Arts|7ir Force|6Canadian Mounted Police|6National Eisteddfod|
6Society|1ub al-Khali|3e Goldberg|2dolf Christian Karl Diesel|7Diesel|2fous rubber cup|2hr River|5Valley|
2ssian Federation|8Orthodox Church|8Revolution|9iver|8Soviet Federated Socialist Republic|4o-Japanese War|
2th Saint Denis|1wandese Republic|1ydberg’s penstemon|2ukyu Islands|0SA node|2LT I|6I|1I system|3unit|
1WAT squad|5team|1aale River|2bbath school|3ine River|2cramento Mountains|9o River|4ed College|9llege of Cardinals|
7Trinity|2ddam’s Martyrs|2gebrush State|3ittarius the Archer|2hara Desert|2ilor King|3nt Agnes’s Eve|
7mbrose|7ndrew|9rew the Apostle|8selm|8thony’s fire|7thanasius|7ugustine|6Baeda|7eda|9e|8nedict|8rnard|
7oniface|7ride|9dget|9gid|8uno|6Christopher|9istopher-Nevis|7loud|7rispin|7yril|6David|7enis|7ominic|
6Edward the Confessor|9ard the Martyr|7lizabeth Ann Bayley Seton|8mo’s fire|9o’s light|7milion|7ustatius|
6Francis|9ncis River|9ncis Xavier|9ncis of Assisi|6George|7regory I|6Ignatius|9atius of Loyola|9atius’ itch|
7renaeus|6James|9es the Apostle|7erome|7oan|8hn|9n River|9n the Apostle|9n’s|9ns|9ns River|8seph|7ude|
6Kitts|9ts and Nevis|6Lawrence|9rence River|9rence Seaway|7ouis|7ucia|8ke|6Maarten|8rk|9tin|9tin’s summer|
8tthew|9thew the Apostle|6Nicholas|9k|6Olaf|9v|6Patrick|9rick’s Day|8ul|7eter|9er the Apostle|9er’s wreath|
9ersburg|7olycarp|6Teresa of Avila|7homas|9mas Aquinas|9mas a Becket|6Ulmo’s fire|9o’s light|6Valentine’s Day|
7incent|9cent and the Grenadines|8tus dance|5s Peter and Paul|2lafist Group|4h al-Din Battalions|5-ad-Din Yusuf ibn-Ayyub|
3ian Frank|3ly Lunn|3mon Portland Chase|7River|6ella enteritidis|9a typhi|9a typhimurium|9a typhosa|3t Lake City|
4on Sea|3vation Army|2mbre River|3oan Islands|3uel Barber|8utler|7Pierpoint Langley|7Wilder|2n Andreas Fault|
4Diego Bay|4Fernando Valley|5rancisco Bay|4Joaquin River|9in Valley|5uan Hill|9Mountains|3dwich Islands|
3son-Flamsteed projection|3ta Fe Trail|4iago de los Caballeros|2o Tiago Island|5ome|8 and Principe|9e Principe|
3ne River|2ran Wrap|4toga Springs|3gasso Sea|3onic Gulf|2ssafras albidum|2tchel Paige|2ul Bellow|5of Tarsus|
2vannah River|2xe-gothea conspicua|2y Hey Kid|3an Mountains|3eret Mat’kal|9atkal|1candinavian Peninsula|
2heldt River|3uller-Christian disease|2illy Islands|3pio Africanus Major|7the Elder|2opes trial|3rpio the Scorpion|
3tch and soda|8sphodel|7broom|9oth|7egg|7fir|7gale|7kiss|7laburnum|7malt whiskey|9lt whisky|9rigold|7pancake|
8ine|7tape|8errier|8histle|7whiskey|9isky|8oodcock|4land Yard|4t’s Spleenwort|5ish Highlander|9Lowlander|
3urge of God|9f the Gods|1ea Scout|4of Azof|9off|9ov|7Cortes|7Japan|7Marmara|9rmora|7Okhotsk|3n O’Casey|
3rs Tower|3ttle Slew|2cond Advent|9ventism|9ventist|7Coming|9ming of Christ|9uncil of Constantinople|
9uncil of Lyons|9uncil of Nicaea|8rusade|7Earl Grey|9rl of Chatham|9rl of Guilford|8mpire|8pistel of John|
9istle of Peter|9istle to Timothy|9istle to the Corinthians|9istle to the Thessalonians|7Lateran Council|
7Marquis of Rockingham|7Reich|7Vatican Council|7World War|3ret Intelligence Service|7Service|6ary General|
9 of Agriculture|9 of Commerce|9 of Commerce and Labor|9 of Defense|9 of Education|9 of Energy|9 of Labor|
9 of State|9 of Transportation|9 of Veterans Affairs|9 of War|9 of the Interior|9 of the Navy|9 of the Treasury|
3tion Eight|3urities and Exchange Commission|7y Council|9Intelligence Review Committee|9Service|2eing Eye dog|
2gway Human Transporter|2igneur de Bayard|3ne River|2lective Service|9 Service System|3kirk Mountains|
2neca Lake|3na alata|8exandrina|7uriculata|6marilandica|6obtusifolia|7ccidentalis|2poy Mutiny|2quoia National Park|
8Wellingtonia|8gigantea|8sempervirens|2rengeti National Park|9 Plain|3ge Koussevitzky|3mon on the Mount|
2ven Hills of Rome|6Wonders of the World|6Years’ War|5th Avenue|8Crusade|7-Day Adventism|4rn River|2ward Peninsula|
6’s Folly|2yhan River|1hah Jahan|5Pahlavi|5of Iran|3lom Asch|3ri River|2elton Jackson Lee|3nandoah National Park|
9h River|9h Valley|3rlock Holmes|4wood Forest|3tland Islands|2i’ite Muslim|3eld of David|3n Bet|4ing Path|
3rley Temple|9emple Black|2ort’s aster|3w Me State|1icilian Mafia|2donie-Gabrielle Claudine Colette|9abrielle Colette|
2ege Perilous|3rra Leone|9one monetary unit|9onean|7Madre Occidental|9dre Oriental|7Nevada|9vada Mountains|
7lodgepole pine|7plum|7redwood|2licon Valley|3k Road|3ver City|7Star|9ar Medal|9ate|2mon Bolivar|6Marks|
6the Zealot|3pson Desert|2nai Desert|6Peninsula|3bad the Sailor|3gapore Island|3o-Japanese War|5Tibetan language|
2oux City|6Falls|2r Alan Hodgkin|6ec Guinness|7xander Fleming|9nder Korda|9nder Mackenzie|9nder Robertus Todd|
6fred Charles Bernard Lovell|9d Hitchcock|5ngus Wilson|6thony Hopkins|9ny Philip Hopkins|9ny Vandyke|
5rthur Conan Doyle|9r John Evans|9r Stanley Eddington|9r Sullivan|9r Travers Harris|4Barton|5ernard Law Montgomery|
9rd Lovell|9rd Williams|4Charles Leonard Woolley|9es Scott Sherrington|9es Spencer Chaplin|9es Wheatstone|
9es William Siemens|6ristopher Wren|5live Marles Sinclair|4David Alexander Cecil Low|9 Bruce|9 Low|4Edmund Hillary|
9d Percival Hillary|6ward Elgar|9d Victor Appleton|9d William Elgar|7in Landseer Luytens|9 Lutyens|5rnst Boris Chain|
4Francis Bacon|9is Drake|9is Galton|8k Whittle|6ed Hoyle|8erick Ashton|9rick Gowland Hopkins|9rick Grant Banting|
9rick Handley Page|9rick William Herschel|4Galahad|6wain|5eoffrey Wilkinson|7rge Otto Trevelyan|9e Paget Thomson|
6raint|4Hans Adolf Krebs|6rold George Nicolson|9d Walter Kroto|7ry MacLennan Lauder|5enry Bessemer|9 Joseph Wood|
9 Maxmilian Beerbohm|9 Morgan|9 Morton Stanley|9 Percy|9 Rider Haggard|9 Wood|6rbert Beerbohm Tree|5iram Stevens Maxim|
5oward Walter Florey|5umphrey Davy|9rey Gilbert|4Isaac Newton|9 Pitman|4Jack Hobbs|7ob Epstein|6mes Augustus Henry Murray|
9 Augustus Murray|9 Clark Ross|9 Dewar|9 George Frazer|9 Matthew Barrie|9 Murray|9 Paget|9 Paul McCartney|
9 Young Simpson|5ohn Carew Eccles|9Cockcroft|9Cowdery Kendrew|9Douglas Cockcroft|9Everett Millais|9Falstaff|
9Frederick William Herschel|9Gielgud|9Hawkins|9Hawkyns|9Herschel|9Ross|9Suckling|9Tenniel|9Vanbrigh|6seph Banks|
9h John Thomson|9h Paxton|7hua Reynolds|4Karl Raimund Popper|4Lancelot|6urence Kerr Olivier|5eonard Hutton|
9rd Woolley|6slie Stephen|4Martin Frobisher|6tthew Flinders|5ortimer Wheeler|4Noel Pierce Coward|4Oliver Joseph Lodge|
9r Lodge|4Patrick Manson|6ul Gavrilovich Vinogradoff|5eter Brian Medawar|9 Paul Rubens|9 Ustinov|5hilip Sidney|
4Rabindranath Tagore|6lph David Richardson|5ex Harrison|5ichard Burton|9rd Francis Burton|9rd Owen|8rd Steele|
5obert Eric Mortimer Wheeler|9t Peel|9t Robinson|9t Walpole|6ger Gilbert Bannister|6nald Ross|4Sarvepalli Radhakrishnan|
5eretse Khama|5tephen Harold Spender|4Terence Mervyn Rattigan|5homas Gresham|9s Lawrence|9s Malory|9s More|
9s Raffles|9s Stamford Raffles|9s Wyat|9s Wyatt|5im Rice|5om Stoppard|4Walter Norman Haworth|9r Ralegh|
9r Raleigh|9r Scott|5illiam Alexander Craigie|9am Chambers|9am Crookes|9am Gerald Golding|9am Gilbert|
9am Herschel|9am Huggins|9am Rowan Hamilton|9am Turner Walton|9am Wallace|9am Walton|6nston Leonard Spenser Churchill|
4Yehudi Menuhin|2stine Chapel|2tting Bull|2x Day War|4Nations|3-Day War|3teen Personality Factor Questionnaire|
4h Baron Byron of Rochdale|6Crusade|1leeping Beauty|2oppy Joe|3vak Republic|1mall Business Administration|
6Magellanic Cloud|1nake River|1ocial Democratic Party|9velopment Commission|7Security|9curity Administration|
9curity number|6ist Labor Party|9 Party|9 People’s Libyan Arab Jamahiriya|9 Republic of Vietnam|4ety Islands|
8of Friends|9f Jesus|2d’s Law|2journer Truth|2l Hurok|4Rojo|3diers of God|3emnity of Mary|3o man|4mon Bellow|
8Islands|3way Firth|2mme River|2ng dynasty|5of Solomon|9ongs|3ny Liston|3oran Desert|2oner State|2phie Tucker|
2rghum bicolor|8halepense|8vulgare caudatum|9ulgare rosburghii|9ulgare technicum|2uth Africa|9ican|9ican monetary unit|
7merica|9rican|9rican Indian|9rican bullfrog|9rican country|9rican nation|9rican poison toad|9rican sea lion|
9rican staghorn|7tlantic|7ustralia|6Bend|6Carolina|9olinian|7hina Sea|6Dakota|9otan|7ravidian|6Equatorial Current|
6Frigid Zone|6Island|6Korea|9ean|9ean monetary unit|9ean won|6Pacific|7latte|9tte River|7ole|6Sea|9 Islands|
6Temperate Zone|6Vietnam|6West Africa|6Yorkshire|6of Houston|5-African yellowwood|6Central Dravidian|
5east Asia|6rn Baptist|9Baptist Convention|9Cross|9Rhodesia|9Tai|9Triangle|9crab apple|9dewberry|2viet Socialist Republic|
7Union|1pace Needle|3nish Armada|8Civil War|8Guinea|8Inquisition|8War|7-American War|3rrow Unit|2ecial Air Service|
8Branch|8Forces|8Olympics|8Weapons and Tactics squad|9eapons and Tactics team|2ice Islands|3elmeyer-Vogt disease|
3ke Lee|3ritual Jewel|1t Andrews’s cross|3John’s Day|9 Eve|9 Night|9 wort|9 wort family|3Martin’s Day|
3Patrick’s Day|4eter’s wort|3Valentine’s Day|2alin Peak|3mp Act|3n Laurel|5the Man|4dard and Poor’s|9and Poor’s Index|
4ford University|9White|8-Binet test|4ley Frank Musial|8Smith Stevens|9teamer|3r Chamber|5of David|4-Spangled Banner|
4s and Bars|9 Stripes|3te Department|6of Bahrain|9Eritrea|9Israel|9Katar|9Kuwait|9Qatar|9the Vatican City|
5n Island|5s General|6’ Rights Democratic Party|4ion of the Cross|7s of the Cross|5stical Commission|
4ue of Liberty|2egosaur stenops|3llar’s sea eagle|3phen Butler Leacock|8Collins Foster|9rane|8Foster|
8Hawking|8Jay Gould|8Samuel Wise|9pender|8William Hawking|2ill’s disease|2okes-Adams syndrome|3ne Age|
5wall Jackson|4y Tunguska|3rm Troops|2rait of Calais|9 Dover|9 Georgia|9 Gibraltar|9 Hormuz|9 Magellan|
9 Malacca|9 Messina|9 Ormuz|4tegic Arms Limitation Talks|4uss the Elder|9he Younger|3eptococcus anhemolyticus|
1ub-Saharan Africa|3lime Porte|2ez Canal|2gar Ray Robinson|2ltan of Swat|6ate of Oman|2n City|4King|4Myung Moon|
4River|4Valley|4Yat-sen|5ixian|3da Islands|3flower State|3g dynasty|3shine State|2perfund program|9 site|
3porters of Islam|3reme Allied Commander Atlantic|9llied Commander Europe|8Being|8Court|8Headquarters Allied Powers Europe|
8Truth|2rgeon General|3inam River|7e River|2squehanna River|3sex University|1vante August Arrhenius|1wan River daisy|
9r everlasting|2edish Nightingale|2iss Confederation|1ydney Harbor Bridge|7Pollack|2noptic Gospels|2rian Arab Republic|
7Desert|2steme International|9nternational d’Unites|0T-bar lift|3one steak|1V audience|3channel|3dinner|
3newsman|3program|3reporter|3show|4tar|6tion|1acoma Narrows Bridge|4nic Mountains|2gus River|2i Dam|4Long|
4Yuan|3myr Peninsula|2klamakan Desert|4imakan Desert|2lcott Parsons|3lapoosa River|2mil Tigers|3many Hall|
8Society|3pa Bay|2ng dynasty|2oist Trinity|2ppan Zee Bridge|2r Heel State|3abulus Al-Gharb|9 Ash-Sham|
3pon atlanticus|3quin the Proud|7ius Superbus|3zan of the Apes|2sman Sea|2urus the Bull|2y-Sachs disease|
3myr Peninsula|1eamsters Union|3pot Dome|9me scandal|2chnology Administration|2d Hughes|4Shawn|4Williams|
2l Aviv-Jaffa|9Yalo|2mperate Zone|4le of Apollo|9 Artemis|9 Jerusalem|9 Solomon|2n Commandments|3g Hsiao-ping|
3nessee River|2rritorial Army|3tiary period|2ton Range|2xas Independence Day|6Ranger|1hames River|3nksgiving Day|
3r Desert|2elonious Monk|9s Sphere Monk|3matic Apperception Test|3odore Dwight Weld|9Harold White|9Roosevelt Memorial National Park|
6sius the Great|2ird Baron Rayleigh|6Council of Constantinople|7rusade|6Epistel of John|6Lateran Council|
6Reich|6World|4ty Years’ War|2omas Decker|7Gray|7Hardy|9rt Benton|9stings|8unt Morgan|7Kid|7More|7Nelson Page|
7Sully|7Wright Waller|7Young|7the doubting Apostle|4pson Seedless|3rnton Niven Wilder|9Wilder|3usand Island dressing|
9and One Nights|2ree Kings’ Day|3ips tobaci|2under Bay|2ymus serpyllum|7vulgaris|1ibeto-Burman language|
2dewater region|2gris River|2mes Square|3or Sea|4thy Francis Leary|8Leary|8Miles Bindon Rice|2n Pan Alley|
2tus Oates|1ocantins River|2golese Republic|2ll House cookie|2m Bradley|4Collins|4Hanks|4Paine|4Sawyer|
5toppard|4Thumb|4Wolfe|4and Jerry|3bigbee River|2ny Blair|2rres Strait|4id Zone|2ur de France|2wer of Babel|
9London|9Pharos|1rafalgar Square|3nsfiguration Day|9ration of Jesus|5portation Secretary|9ation Security Administration|
3verse City|2easure State|7y Department|9Secretary|9bill|9bond|9note|9obligations|4ty of Versailles|3nt River|
5ino-Alto Adige|2ibes of Israel|3llium erectum|9recurvatum|9sessile|3nity River|8Sunday|3ple Frontier|
2oglodytes aedon|9es troglodytes|3jan Horse|7War|3ndheim Fiord|9 Fjord|3pic of Cancer|9 Capricorn|2usteeship Council|
2ygve Halvden Lie|7Lie|1sung Dao Lee|1uamotu Archipelago|2buai Islands|2gela Falls|2ileries Gardens|9 Palace|
2pac Amaru Revolutionary Movement|6Katari Guerrilla Army|3i-Guarani language|2rkestan Desert|5y red|4ish Delight|
8Empire|3ner’s syndrome|1welfth day|8night|4ve Tribes of Israel|2ilight of the Gods|3n Cities|5Falls|
2o Kettle|1yne River|2phoid Mary|2rannosaurus rex|3olean Alps|3rhenian Sea|0UN agency|1S Air Force|9rce Academy|
4rmy|7 Criminal Investigation Laboratory|4ttorney General|3Border Patrol|3Cabinet|4oast Guard|5ngress|
6stitution|3Fish and Wildlife Service|3Government|9ment Printing Office|3House|8 of Representatives|3Marine Corps|
6shals Service|4ilitary Academy|5nt|3Naval Academy|6y|3Post Office|7al Inspection Service|9 Service|3Secret Service|
5nate|3Trade Representative|2S Cole|1lster Defence Association|2ysses Grant|8Simpson Grant|1mar al-Mukhtar Forces|
2ma Tameer-e-Nau|1ncle Joe|6Remus|6Sam|6Tom|3ompahgre Peak|2derground Railroad|9nd Railway|2iat Church|
5e Church|3fication Church|3on Army|6Jack|6flag|6of Burma|9Serbia and Montenegro|9Soviet Socialist Republics|
6soldier|3tarian Church|4ed Arab Emirate dirham|9ab Emirate monetary unit|9ab Emirates|9ab Emirates’s capital|
9ab Republic|7Church of Christ|7Front|7Kingdom|7Methodist Church|9xican States|8ine Workers|9ne Workers of America|
7Nations|9tions Children’s Fund|9tions Day|9tions Secretariat|9tions agency|7Republic of Tanzania|7Self-Defense Force of Colombia|
9lf-Defense Group of Colombia|8tates|9ates Air Force|9ates Air Force Academy|9ates Army|9ates Army Rangers|
9ates Army Special Forces|9ates Attorney General|9ates Border Patrol|9ates Cabinet|9ates Civil War|9ates Coast Guard|
9ates Code|9ates Congress|9ates Constitution|9ates Customary System|9ates Department of Defense|9ates Department of State|
9ates Government Accounting Office|9ates Government Printing Office|9ates House of Representatives|9ates Intelligence Community|
9ates Marine Corps|9ates Marines|9ates Marshals Service|9ates Military Academy|9ates Mint|9ates Naval Academy|
9ates Navy|9ates Post Office|9ates Postal Inspection Service|9ates Postal Service|9ates President|9ates Public Health Service|
9ates Secret Service|9ates Senate|9ates Supreme Court|9ates Trade Representative|9ates Treasury|9ates Virgin Islands|
9ates dollar|9ates dry unit|9ates government|9ates intelligence agency|9ates liquid unit|9ates of America|
9ates waters|3versal Product Code|7ity of California at Berkeley|9y of Chicago|9y of Michigan|9y of Nebraska|
9y of North Carolina|9y of Paris|9y of Pennsylvania|9y of Pittsburgh|9y of Sussex|9y of Texas|9y of Vermont|
9y of Washington|9y of West Virginia|9y of Wisconsin|2known Soldier|1pper Avon|9n River|6Carboniferous|
9boniferous period|6Egypt|6Paleolithic|7eninsula|6Tunguska|6Volta|1ral Mountains|2ban II|6V|7I|8II|2sa Major|
6inor|2ubupunga Falls|3guay River|1sama bin Laden|1to-Aztecan language|0V-E Day|2J Day|1X gas|1alentine Day|
9’s Day|3le D’Aosta|2n Allen|9 belt|4Bogaert encephalitis|5uren|4Doren|5yck|4Vleck|4Wyck Brooks|4de Graaff|
9aaff generator|3couver Island|3essa Bell|3guards of Conquest|3illa planifolia|3nevar Bush|2sco Nunez de Balboa|
6da Gamma|2tican City|9ouncil|8Palace|1enus’-hair fern|2ronicastrum virginicum|3razano Narrows|9-Narrows Bridge|
3y Reverend|5light|5pistol|2terans Day|9of Foreign Wars|8’ Day|3luga River|1iburnum dentatum|9lantana|
9opulus|9prunifolium|9recognitum|9trilobum|2car of Christ|3tor Emanuel II|9anuel III|7Franz Hess|7Herbert|
9ss|8orta|8ugo|6-Marie Hugo|6ia Cross|9Day|9Falls|9Land|6y Day|2etnam War|2lla Hermosa|2na del Mar|3egar Joe Stilwell|
2ola arvensis|6blanda|6canadensis|9ina|7onspersa|8rnuta|6ocellata|7dorata|6pedata|7ubescens|6reichenbachiana|
7ostrata|6striata|7ylvatica|6tricolor|9color hortensis|2reo olivaceous|6solitarius|9itarius solitarius|
3gin Birth|7Islands|9lands National Park|7Mary|6ia Beach|9Wade|4o the Virgin|2sayan Islands|3count Nelson|
9Northcliffe|8ess Astor|3tula River|1olcano Islands|3ga River|3khov River|3unteer State|2yageurs National Park|
1ulgar Latin|0Wabash River|2iling Wall|2ke Island|2lker Percy|7Smith|7foxhound|7hound|4ing horse|3l Street|
3purgis Night|3t Disney World|5Whitman Bridge|4er John de la Mare|7Piston|7Reed|7de la Mare|2ndering Jew|
2r Admiral|4Department|4Secretary|4between the States|4of American Independence|7Greek Independence|7the Austrian Succession|
9e Grand Alliance|9e Roses|9e Spanish Succession|4to End War|3ren Burger|7Earl Burger|7Gamaliel Harding|
7Harding|3s of the Roses|2shington Monument|9n’s Birthday|2ter Bearer|5house-Friderichsen syndrome|2yland the Smith|
3s and Means Committee|1eary Willie|2b Map Server|9ervice|3er-Fechner law|2ddell Sea|2imar Republic|2lsh Black|
2n Ch’ang|2rdnig-Hoffman disease|2ser River|3leyan Methodist Church|3t Africa|9can|5Bank|6engal|7rlin|
9iner|5Chadic|6oast|7untry|5End|5Germanic|9anic language|9any|5Highland white terrier|5Indian|9an cherry|
9an jasmine|9an satinwood|9an smallpox|9an snowberry|9es|5Malaysia|6idland|5Nile encephalitis|9 encephalitis virus|
9 virus|5Pakistan|7lm Beach|6oint|5Saxon|6ussex|5Tocharian|5Virginia|9inian|5Yorkshire|4ern Australia|
9ustralia coral pea|8Church|8Empire|8Islands|9sles|8Malayo-Polynesian|8Roman Empire|8Sahara|9amoa|9amoan monetary unit|
8ax|9xe|8balsam poplar|9irch|9ox turtle|8civilization|9ulture|8diamondback|9iamondback rattlesnake|8honey mesquite|
8mountain ash|8paper birch|9asqueflower|8rattlesnake|9ibbon snake|8saddle|9and cherry|9ilvery aster|4minster Abbey|
1heeler Peak|2ig Party|3te Friar|6House|6Nile|6River|7ussia|9sian|6Sea|6Tai|6person|4ney Young|1ichita Falls|
2ener schnitzel|2ffle Ball|2lbur Wright|3d Bill Hickock|5West|9 Show|4erness Campaign|3ey Post|3helm Konrad Roentgen|
3kes Land|3l Durant|5Hays|5Keith Kellog|5Rogers|4amette River|5rd Frank Libby|8Huntington Wright|8Van Orman Quine|
4em de Sitter|4iam Benjamin Hogan|9utler Yeats|8Chambers|9hristopher Handy|9lark Gable|9rookes|8Dean Howells|
8Golding|9reen|8Harrison Hays|9enry Fox Talbot|9enry Gates|9enry Hoover|9olman Hunt|9oover|8Kidd|8Lawrence Shirer|
9e Baron Jenny|9loyd Garrison|8Makepeace Thackeray|8Rose Benet|8Sydney Porter|8Tell|8of Orange|8the Conqueror|
5e Mays|2nchester College|3d Cave National Park|4ward Islands|9Isles|9Passage|4y City|3slow Homer|3ter Olympic Games|
9ympics|2sconsin River|3dom of Solomon|3e Men|3teria chinensis|9floribunda|9frutescens|9venusta|1olverine State|
2men’s Army Corps|2od’s alloy|7metal|4en Horse|4y Allen|6Guthrie|6Herman|2rd of God|3ld Bank|6Council of Churches|
9rt|7up|6Health Organization|6Meteorological Organization|6Series|6Tamil Association|9il Movement|7rade Center|
9de Organization|6War I|9 II|7ide Web|1u dialect|0X-OR circuit|2linked SCID|9dominant inheritance|9gene|
9recessive inheritance|2ray diffraction|6film|6machine|6photograph|9tography|7icture|6therapy|7ube|1erox machine|
3xes the Great|1injiang Uighur Autonomous Region|0Y-linked gene|1agi aerial|2le University|3ta Conference|
3u River|2ng Chen Ning|4tze Kiang|8River|2rdbird Parker|2zoo River|1ellow Delicious|7River|7Sea|6stone National Park|
9ne River|2nisei River|6y River|1ogi Berra|2m Kippur War|2semite Falls|9National Park|2ung Turk|5’s modulus|
1uan dynasty|2catan Peninsula|3ca aloifolia|6baccata|7revifolia|6carnerosana|6elata|6filamentosa|6glauca|
8oriosa|6smalliana|6whipplei|2kon River|6Territory|7ime|2le log|0ZIP code|1aire River|2mbezi River|2ne Grey|
1hou En-lai|1iegfeld Follies|2nnia acerosa|7grandiflora|2on National Park|1ollinger-Ellison syndrome|
0al-Aksa Martyrs Brigades|3Rashid Trust|1ngiotensin II|9in II inhibitor|1udio CD|0battle of Bunker Hill|
9 Hastings|9 Marathon|9 Marston Moor|9 Pittsburgh Landing|9 Soissons-Reims|9 Spotsylvania Courthouse|
9 St Mihiel|9 the Bismarck Sea|9 the Chemin-des-Dames|9 the Coral Sea|9 the Philippine Sea|1ill of Particulars|
2n Laden|1ouncing Bet|1undle of His|0caller ID|2pital of Cape Verde|9f Central Africa|9f Guinea|9f Guinea-Bissau|
9f New Hampshire|9f New Jersey|9f New Mexico|9f New York|9f New Zealand|9f North Carolina|9f North Dakota|
9f North Korea|9f Northern Ireland|9f Panama|9f Papua New Guinea|9f Red China|9f Rhode Island|9f Sierra Leone|
9f South Africa|9f South Carolina|9f South Dakota|9f South Korea|9f The Netherlands|9f Turkey|9f West Virginia|
9f Western Samoa|9f the Dominican Republic|9f the Russian Federation|9f the United Kingdom|9f the United States|
1lass Amphibia|7scomycetes|6Basidiomycetes|6Cyanobacteria|6Dicotyledones|6Gasteromycetes|9tromycetes|
6Monocotyledones|7yxomycetes|6Oligochaeta|6Polychaeta|2ever Dick|1olor TV|8 tube|4ur TV|9 tube|2mmon St John’s wort|
2ntempt of Congress|2quilles Saint-Jacques|1reeping St John’s wort|3pe de Chine|0da Gamma|1e la Mare|
1ivision Archaebacteria|9Eubacteria|9Lichenes|0eastern United States|0factor II|8V|8X|7XI|1ield-sequential color TV|
9uential color TV system|0genus Acacia|9nthus|7gave|8eratum|7lligator|8oe|7maryllis|8brosia|8oeba|7nemone|
8opheles|8tirrhinum|7rbutus|8um|7sparagus|9idistra|8ter|6Bacillus|8rtle-Frere|7egonia|8ta|7ison|7ougainvillea|
7rontosaurus|6Cabassous|8iman|8lypso|8mellia|8ncer|9dida|9nabis|8psicum|8ssia|9tor|8talpa|7hinchilla|
8lamydia|8rysanthemum|7icada|8nchona|8rcus|8trus|7lematis|7occus|9os|8la|9eus|8nvolvulus|8smos|7rocus|
9talaria|7yclamen|6Delphinium|7igitalis|6Eucalyptus|6Forsythia|7reesia|7uchsia|6Gardenia|7eranium|7inkgo|
7ladiolus|7orilla|7rampus|7yps|6Halcyon|7elix|7ibiscus|8ppopotamus|7omo|7ydra|9rangea|6Ibero-mesornis|
8is|7guana|7mpatiens|7ris|6Junco|6Laburnum|8ma|7emur|8ns|7isteria|8tchi|7otus|7ynx|6Macadamia|8gnolia|
8nta|9tis|8stodon|7etasequoia|7imosa|6Narcissus|8sturtium|8utilus|6Octopus|6Pachysandra|8n|9danus|8ramecium|
8sser|8tella|7etunia|7halanger|9llus|8ilodendron|8lox|8oenix|7ica|8per|8tta|7lasmodium|7ortulaca|7rimula|
8oconsul|7ython|6Raffia|7egalecus|7heum|8inoceros|8ododendron|6Salmonella|8ssafras|8xe-gothea|7enna|8pia|
8quoia|7iren|7orghum|7phagnum|7taphylococcus|8egosaurus|8reptococcus|6Tarpon|7hrips|8ymus|7riceratops|
9llium|8oglodytes|7uber|7yrannosaurus|6Vanilla|7erbena|7iburnum|8ola|8reo|6Wisteria|6Yucca|6Zinnia|1ravida II|
2eat Solomon’s-seal|7t John’s wort|2oup AB|0island of Jersey|0kingdom Fungi|0lieutenant JG|1ow St Andrew’s cross|
0mainland China|2rsh St-John’s wort|1idwestern United States|0nimble Will|1ortheastern United States|
5western United States|0order Actinaria|9inomycetales|7garicales|7spergillales|7uriculariales|6Carnivora|
7harales|7oniferales|7ycadales|6Gentianales|7inkgoales|6Insessores|6Laminariales|7ichenales|6Myxobacterales|
9obacteria|6Naiadales|6Orchidales|6Palmales|8ndanales|8rietales|7iperales|7olygonales|7rimates|8oteales|
7seudomonadales|9udoscorpiones|6Raptores|7ickettsiales|6Tuberales|6of Saint Benedict|0phase II|8 clinical trial|
7V|8 clinical trial|2ylum Platyhelminthes|8rotozoa|0queen of the May|0reverse Polish notation|0satellite TV|
1hrubby St John’s wort|1outheastern United States|5western United States|1paghetti Western|2otted Joe-Pye weed|
1ubclass Discomycetes|9Heterobasidiomycetes|9Homobasidiomycetes|3genus Azalea|9Azaleastrum|9Calliopsis|
9Pastor|9Poinciana|3order Oscines|9Pachycephalosaurus|9Passeres|9Serpentes|1weet Fanny Adams|0type AB|
5II diabetes|6V allergic reaction|0varied Lorikeet|1itamin Bc|1on Sternberg|0western United States|1hite Burgundy|
1ild China tree|2tches’ Sabbath`
