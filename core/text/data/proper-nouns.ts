/* Made by scripts/make-lexicon.mjs, the verbs partly from WordNet 3.1 (names.licence.txt beside this file); do not edit. */
/** Words that keep their capital in a sentence: places, peoples, languages, faiths, names, days. Lower case, by spaces. */
export const PROPER_NOUNS = `aada aadya aaiún aalborg aaliyah aaradhya aarav aarhus aaron aasha ababa abagail abbas abbi abbie abbotsford abby
abdallah abdel abdoulaye abdul abdullah abdullo abdulrahman abel abid abidjan abie abigail abingdon abraham abram abril
abubakr abuja abulfazl accra acosta acton adaline adalyn adam adama adams adamstown adan addie addilyn addis addison
adel adela adelaide adele adelene adelia adelina adeline adelynn adler adolf adolfo adolph adreanna adriadic adrian
adriana adrianna adrianne adriano adrien adriena adriene adrienne advik adygea afghan afghanistan afghans afonso africa
african africans afrikaans agartala agarwal agatha aggie agincourt agnes aguascalientes aguilar agustin agustina ahmad
ahmed ahmedabad ahmet aicha aida aidan aiden aileen aimar aimee aina aino ainsley aires aisha aishah aisling aislinn
aislynn aizawl ajani ajax ajla akhtar akira alabama aladdin alain alaina alan alana alanis alanna alannah alanoud alaska
alastair alayah alayna alba albania albanian albanians albert alberta alberto alberton albrecht albuquerque alden
aldershot alec alecia aleisha alejandra alejandro aleksandar aleksander aleksandr aleksandra aleksei aleksejev alena
aleppo alesia alessandra alessandro alex alexa alexander alexandra alexandre alexandria alexandros alexandru alexei
alexia alexis alfie alfonso alfred algeria algerian algerians algiers alhambra alia alice alicia alicja alina aline
alisa alise alisha alison alissa alistair aliyev aliza allah allan allen allie allison alliston allyson almaty almeida
alofi alois alonso alonzo alphonse alphonso alpine alps altai althea alton alvarez alvaro alves alvin alya alycia alysa
alyson alyssa alzheimer amahle amaia amaira amalia amalie amanda amar amaravati amazon amazonian amberly amelia amelija
america american americans americas amharic amie amilia amina aminata amir amit amman ammanuel ammar amos amsterdam
anabel anadyr anaheim anamaria anapolis anas anastasia anastasija anatoli anatoliy anatoly anaya ancaster ancona
andalusia ander anders andersen anderson andersson andes andi andjela andorra andorran andov andover andra andre andrea
andreas andreassen andrei andrej andrejev andres andrew andrews andrey android andrzej andy aneta anette angela angelia
angelica angelina angeline angelique angelo angelov angelova angie anglican anglo-saxon angola angolan angolans anguilla
anguillian anika anisa anissa anita anja anjelica ankara anna annabel annabella annabelle annalisa annamaria anne
annemarie annett annette annie annika annmarie anohito ansari antananarivo antarctic antarctica antarctican anthony
antigua antiguan antoine antoinette anton antonella antoni antonia antonio antony antwerp anwar anya apia aputsiaq aqaba
arabia arabian arabic aramaic arata araujo araya archibald archie archimedes arctic argentina argentine argentines
ariana arianna arianne ariel arielle ariki aristotelian aristotle arizona arjun arkansas arleen arlena arlene arlette
arlington armaan armand armando armenia armenian armenians armin armstrong arnaud arnav arno arnold aroha aron arpita
arslan artem arthur artie artur arturo aruba aruban aryan asahi ascension asha ashanti ashcroft ashdod ashgabat ashlee
ashleigh ashley ashli ashlie ashly ashlyn ashraqat ashton asia asian asians asiya asja aslan asmara asmita assam assil
assyrian astana astrid asuncion asunción ataahua atchison athena athens atkinson atlanta atlantic aubrey auckland audra
audrey audri audry augustina augustine augusto augustus aurelia aussie aussies austeja austen austin australia
australian australians austria austrian austrians austro avarua avery avigail ayaan ayala ayana ayanna aydin ayesha
aygun aykhan aylesford aylin aymara ayse aysel azerbaijan azerbaijani aziz azores azra aztec aztecs azuna babic
babylonian bach baez baghdad bahamas bahamian bahia bahk bahng bahrain bahraini bailey bakary bakersfield bakker baku
balazs baldwin balkan balkans balkaria baltic baltimore bamako bandar bandara bandile bandung bandyopadhyay banele
bangalore bangkok bangladesh bangladeshi bangladeshis bangui banik banjul banksy bantu baotou barbadian barbados barbara
barbie barbieri barbora barbosa barbra barbuda barbudan barcelona bari barnes barney barnier barnsley barranquilla
barrett barry bart bartholomew barthélemy bartlett barua basel bashir bashkortostan basque basrah basse basseterre bator
battersea bauer bavaria bavarian bayarmaa bayes bayesian beaconsfield beatrice beatriz becca becker beckham becky
bedford beethoven beeton begawan begu beijing beirut bektashi belarus belarusian belarusians belfast belgian belgians
belgium belgrade belinay belinda belize belizean bellingham belmopan bengal bengali bengaluru benghazi bengtsson benin
beninese benita benitez benito benjamin bennett bennie benny benson bentley berat berber bergen berger bergman bergmann
berisha berkeley berlin bermuda bermudian bern bernadette bernadine bernard bernardo bernasconi berndsen bernhard
bernice bernie bert bertha bertie bertil bertram bertrand berwick beryl beshoi bess bessie beth bethanie bethany betsy
bette bettie bettina betty bettye beula beulah beverley beverly bexhill beyonce bhak bhang bhatt bhopal bhoumik bhowmik
bhubaneshwar bhuiyan bhutan bhutanese bianca bianchi bibek bible biblical biff bihar bilal biljana billie bingley binita
bintou birmingham bishal bishkek bishwas bislama bismah bissau bissauan bjorn blackburn blackpool blackwall blaine blair
blake blanca blanche blanco blazevic bloemfontein blondal blythe bobbi bobbie bobby bogdan bogdanov boglarka bogota
bogotá bokmål bolivia bolivian bolivians bolormaa bolshevik bolton boltzmann bonaire bondarenko bonik bonita bonnie bono
boolean boris boruya bosnia bosnian bosnians boston bosu botswana bouchard bouvet boyd boyko bozic bozinov bracebridge
brad bradford bradley brady bramley brampton branden brandi brandie brandon branislav brankov brasilia brasília
bratislava brazil brazilian brazilians brazzaville breanna bree bremen brenda brendan brendon brenna brent brenton bret
breton brett brexit brian briana brianna brianne brice bridgenorth bridget bridgetown bridgett bridgette briem brigham
brighton brigid brigitte brisbane bristol brit britain british britney brits britt brittany brittney brittni brittny
brock brockton bronte brontë bronwyn bronx brooke brooklyn brooks brookside brookstone browne bruce brunei bruneian
bruno brussels bryan bryanna bryant bryce brynn bryon buchanan bucharest buckingham buckinghamshire budapest buddha
buddhism buddhist buenos bulgaria bulgarian bulgarians burgas burke burkina burkinabe burma burmese bursa burt burton
burundi burundian buryatia busan butuan byrne byron bytyqi byzantine caceres cagliari caicos cairo caitlin caitlyn
calderon caldwell caleb caledonia caledonian calgary california californian californians calista callie calvin calvinism
calvinist camayenne cambodia cambodian cambodians cambridge cambridgeshire cameron cameroon cameroonian cameroonians
camila camile camilla camille camillo camilo campbell campbellford campeche canada canadian canadians canberra cancun
candace candice cantonese cara caracas cardiff cardoso cardozo carey caribbean carina carissa carl carla carlene
carleton carley carlie carling carlisle carlo carlos carlota carlotta carlsson carlton carly carmel carmela carmella
carmen carole carolina caroline carolinian carolyn carr carrie carrol carroll carson cartesian caruso carvalho cary
casandra casey cassandra cassidy cassie castillo castries castro catalan catalina catalonia catania catarina caterina
catherina catherine cathleen catholic catholicism cathryn cathy catrina caucasian caucasus cavadini caversham cayla
cayman caymanian ceara ceban cebotari cebu cecelia cecil cecile cecilia cecily cedric celeste celia celik celina celine
celtic cengic centerville cereghetti cerna cerny cesar chadian chadians chakma chakraborty chamorro chan chand chandra
chanelle chang changchun changsha changzhou chantal chantelle chapman charbel charis charissa charla charlena charlene
charles charlette charley charlie charlotte charlottetown charlton charmaine chas chatham chatterjee chattogram
chattopadhyay chaucer chaudhry chavez chechnya chedeline chelmsford chelsea chelsey cheltenham chen chengdu chengzhong
chennai cheon cheong cher cheri cherie cherkessia cherokee cheryl chesley chester chet cheung chewa cheyenne
chhattisgarh chiapas chibarwe chicago chihuahua chile chilean chileans chinatown chinese chineses chiricahua chittagong
chiu chișinău chloe choi chong chongqing chopin chopra choudhury choung chowdhury choy chris chrissy christ christa
christal christchurch christen christensen christi christian christiana christiane christianity christians christiansen
christie christina christine christmas christoph christophe christopher christos christy chrystal chung churchill chuuk
chuvashia chwe chyna ciara ciaran cierra cindi cindy ciobanu clair claire clara clare clarence clarice claris clarissa
clark clarke claude claudette claudia claudine claudio claus clayton clearwater clemens cleo cleopatra cletus cleveland
clifford clifton clint clinton clive clotilde clyde coahuila cockburn cody cohen colby colchester coleen coleman
coleridge colette colima colin collin collingwood collins colombia colombian colombians colombo colorado colton comoran
comorian comoros compton conakry conan concepcion confucian confucianism confucius congo congolese congoleses
connecticut connie connor conor conrad constanta constantin constanza consuelo conti contreras cooke coolio copenhagen
copernicus cora coralie corbyn cordelia cordoba corey cori corina corine corinna corinne cornelia cornelis cornelius
cornish cornwall correa correia corrine corsica cory costa courtney courtni courtny coventry covid craig craiova
crawford creole crimea crimean cristal cristiano cristina cristobal crivelli croat croatia croatian croatians croats
croydon cruz cthulhu cuba cuban cubans cumbria cunha cunningham curacao curaçao curaçaoan curie curitiba curtis cyndi
cynthia cypriot cyprus cyril cyrus czech czeches czechia daan dadonghai daegu daejeon dagestan dahl dahlia daina dakar
dalal dalhousie dalian dallas dalton damaris damascus damcevski damia damian damien damion damon dana dane danes danette
dani danica daniel daniela daniele daniella danielle daniels danielsen danika danilo danish daniz dankula danny dante
danube daphna daphne dara darby darcey darcie darcy daren dari daria darin dario darius darla darlena darlene darlington
darnell darrel darrell darren darrin darryl dartford dartmoor darwin darwinian darwinism daryl datta daugavpils dave
davi david davida davidov davidson davies davina davis dayle dayna deana deandra deandre deann deanna deanne debbie
debby debnath debora deborah debra debrah december dede deedee deena deepak dehradun deidre deirdre dejan dela delaware
delbert delgado delhi delia delic delilah della delores deloris delphine demetria demetrius demir demirovic dena denham
denice denis denise denmark dennis denny denver deon derbyshire derek derrick derrida derry dervishi descartes deshawn
desiree desmond detroit devan deven devi devin devon devonport dewan dewayne dewey dexter dhabi dhaka dhia diana diane
dianna dianne diarmuid dias diaz dickens dickensian dickinson diego dieter dietmar dietrich digby dili dillon dimitri
dimitris dimitrov dimitrova dina dinah dinesh dion dionne dirk dispur dissanayake diwali dixon diya djeneba djibouti
djurhuus dmitri dmitry dodoma dogan doha doherty dolores domingo dominguez dominic dominica dominican dominicans
dominick dominik dominique dominykas dona donald doncaster donev dongguan donna donnell donnie donny donovan dora
dorchester dordevic doreen dorian doris dorla dorothea dorothy dorset dorthy dortmund dottie dotto doug douglas dover
dovydas doyle dragan dresden driscoll dryden duane duarte dubai dublin dubois dudley duesseldorf dumfries dumitru duncan
dunkirk dunn dunstable durand durango durban durham duric durkheim dushanbe dustin dutch dutches dutta dutton dvorak
dvorakova dwayne dwight dylan dyllan dzongkha earlscourt easter ebenezer ecrin ecuador ecuadorean ecuadorian ecuadorians
eddie edel eden eder edgar edie edinburgh edison edith edmond edmonton edmund edna edoardo eduard eduardo edward
edwardian edwardo edwards edwin edwina eevi effie efrain efren eglinton egypt egyptian egyptians eileen eindhoven
einstein eisha eitan ekaterina ekta elaina elaine elana elbert eldon eleanor elen elena eleni eliana elias elicia elida
elie elif elijah elin elina elinor eliot elisa elisabeth elise elisha eliska eliza elizabete elizabeth elizabethan
elizaveta ella ellen ellie elliot elliott ellis elly elma elmer elmo elnora eloise elouise elsa elsie elton elva elvin
elvina elvira elvis elwood emanuel emanuela emelda emely emerson emil emile emilee emilia emiliano emilie emilija emilio
emilis emily emina emine eminem emirates emirati emiratis emirhan emma emmaline emmanuel emmanuelle emmeline emmett
emmie emmy enfield england english englishman englishmans enid enlightenment enoch enrico enrique enya enzo eoin epping
ergi eric erica erich erick ericka erik erika eriksen eriksson erin eritrea eritrean erma ernestina ernestine ernesto
ernie ernst errol ervin erwin eryn escobar esma esmeralda esperanza espinoza esposito essex esteban estela estele
estella estelle estere esther estonia estonian estonians estrada estrella eswatini ethan ethel ethiopia ethiopian
ethiopians etienne etta euclidean eugen eugene eugenia eugenie euler eunice euphrates europe european europeans eustace
euston evan evangelina evangeline evans evelin evelina evelyn everett everglades everton evgeny evie evita exeter exford
eymen ezekiel ezra faber fabian fabien fabio fabrice fabrizio facebook fadi fahd fairhaven fairview faisalabad fajr
fakaofo falkland fanta faraday farah farida faroe faroese farrah farrell farsi farzana faso fatemeh fatiha fatima fatin
fatma fatoumata faye february federico felecia felicia felipe felix feng fenna ferdinand ferdinando fergus ferguson
ferhatovic fernanda fernandes fernandez fernando ferrara ferrari ferreira fidel fien fiji fijian filip filipino
filipinos filipov filipovic finland finnish fiona fionn fischer fitzgerald fjeldsted flanders flemish fletcher flora
florence florencia flores florian florida floyd fontana forrest fortaleza fortin foshan foucault fourier fournier fowler
fozia frampton fran france frances francesca francesco francina francine francis francisca francisco franciszek franco
francois francoise frankfurt frankie franklin franklyn frans franz français fraser fred freda freddie freddy frederic
frederick frederik fredrick fredrik freetown freja frenches fresno freud freudian frida friday frieda friedman friedrich
frisia frisian frits fritz fuchs fuentes fujian fujita fukuyama funafuti futuna fyodor gabe gabi gabija gabon gabonese
gaborone gabreal gabriel gabriela gabriele gabrielius gabriella gabrielle gaby gaelic gagne gagnon galeano galen galileo
gallagher galli gallo galway gamage gamalat gambia gambian gambians gamila gandhi gandhinagar ganges gangtok gansu
garcia gardner gareth garrett garry garth gary garza gashi gaston gauss gaussian gauthier gavin gayle gaza gdansk gemma
gena geneva genevieve genna genoa geoff geoffrey georg george george's georges georgetown georgette georgi georgian
georgians georgie georgiev georgieva georgina georgios georgy gerald geraldina geraldine gerard gerardo gerhard geri
germaine german germans germany gerrit gerry gert gertrud gertrude ghana ghanaian ghanaians ghent gheorghe giacomo
gianna giannis gibraltar gibson gigi gilbert gilbertese gilberto gilda giles gilles gillian gimenez gina gino giordano
giorgi giorgio giorgis giovanna giovanni gisela gisele giselle gita gitega giuseppe giza gjonaj gjoni gladys glasgow
glena glenda glenn glenna gloria gloucestershire glynis god godavari godfrey goethe golda goldberg goldie goldstein
golubev gomes gomez goncalves gonzales gonzalez gonzalo goodman google googoosh goran gorbachev gord gordon gosford
gothenburg gottfried gotye gracie graciela grady graham gravenhurst grayling graz greece greek greeks greene greenfield
greenland greenlandic greenwich greg gregg gregor gregorio gregory grenada grenadian grenadines greta gretchen grgic
griffith griffiths grimsby griselda grover gruber guadalajara guadalupe guadeloupe guadeloupian guam guamanian
guanajuato guangdong guangzhou guaraní guatemala guatemalan guatemalans guayaquil guelph guernsey guernésiais guerra
guerrero guiana guianan guido guilherme guillaume guillermo guinean guizhou gujarat gujrat gunay gunel gunnar gunnarsson
gunter gunther gustaf gustafsson gustav gustave gustavia gustavo gutierrez guyana guyanese guzman gwen gwendolyn gwon
gwyneth gyorgy habib habiba hadzic hagen hagåtña haifa hailey haiti haitian haitians hala haley haliburton halifax halim
hallie halloween halvorsen hamalainen hamid hamilton hammond hampshire hampstead hampton hamza hana hanah hangzhou hanna
hannah hannover hanoi hans hansen hansson hanukkah haque harare harbin harford hariet hariette harlan harlem harley
harold harri harriet harriett harriette harris harrison harry haruhito haruki haruta haruto harvey haryana hasan hasani
hasanov hasanovic hashimoto hasnaa hassan hassaniya hasti hatice hattie haugen haung hausa havana hawa hawaii hawkins
hayashi hayato hayden hayek hayes hayley hebrew hector hedwig hefei hegel hegelian heidi heikkila heikkinen heinonen
heinrich heitor helen helena helene helenian helga helier helmi helsinki hemingway henderson hendrik henri henrietta
henrik henriksen henrique henry henryk heraklion herbert hereford herero herman hermann hermine hernandez herrera
hertford hertfordshire herzegovina herzegovinian hess hessa hester heywood hidalgo higgins highbury hilary hilda hilde
hildegard hillary hillcrest himalaya himalayan himalayas himari hinata hindi hindis hindu hinduism hinton hiri hitchcock
hitler hjaltalin hoang hobbes hoda hodgkin hodzic hofer hoffman hoffmann hofmann hojgaard hollie holmes holocaust holt
homeric homs honduran hondurans honduras hong honiara honolulu hopkins horace horacio horak horakova horatio hortense
horvat hosna hosniya hossein houston hovd hovenweep howard howe howie hoxha hristov hristova huaman huang huber hubert
hudson hugh hughes hugo humberto humboldt hume humphrey hunan hungarian hungarians hungary huntingdon husain huseyin
huseyn hussa hussain hussein huynh hydar hyderabad iain ibadan ibai ibrahim ibrahimovic iceland icelander icelandic
icelandics ichika idaho igbo iglesias ignacio igor ikeda iker ilene ilford iliana ilias iliev ilieva ilija ilina
illinois ilona ilse ilya imane imelda imogena imogene imphal inca incas incheon india indian indiana indianapolis
indians indira indochina indonesia indonesian indonesians indore ines inez inglewood ingrid ingushetia inji inoue
instagram inuit inuk inunnguaq inverness iona ionescu ionut iowa ipswich iran iranian iranians iraq iraqi iraqis irati
ireland irena irene irina irish irishman irishmans irkutsk irma irvin irving irwin isaac isabel isabela isabele isabell
isabella isabelle isadora isaiah isaias isfahan ishaan ishikawa isiah isidora isla islam islamabad islamic islande
islander islington ismael ismail isobel israel israeli israelis issac istanbul itai italian italians italy itanagar
itsuki ivaana ivalu ivan ivana ivanou ivanov ivanova ivorian ivorians iwona izaro izmir iztapalapa jacinda jacinta
jackie jackson jacky jaclyn jacob jacobean jacobs jacobsen jacquelina jacqueline jacquelyn jacques jada jaden jaime
jaipur jaka jakarta jake jakob jakobsson jakov jakub jalisco jamaica jamaican jamaicans jamal james jameson jamestown
jami jamie jamison jammie jana janae jane janele janelle janessa janet janette janice janie janina janine janis jankovic
jansen janssen janssens jansson january japan japanese japaneses japantown jaqueline jared jarod jaroslav jarrett jarrod
jarvinen jarvis jasmin jasmina jason javascript javier javiera jayden jayne jayson jazmin jazmine jeana jeane jeanette
jeanie jeanina jeanine jeanna jeanne jeannette jeannie jeannina jeannine jeddah jeff jefferson jeffery jeffrey jeffry
jelena jena jenelle jenifer jenkins jenna jennette jenni jennie jennifer jennings jenny jens jensen jerald jeremiah
jeremy jeri jermaine jerome jeronimo jerri jerry jerusalem jesica jess jesse jessica jessie jesus jew jewish jews jhang
jharkhand jian jiangxi jilian jilin jill jillian jimenez jimi jimmie jimmy jinan jing joan joana joane joann joanna
joanne joao joaquin jocelyn jodi jodie jody joel joelle joensen joesph joey johan johana johann johanna johannes
johannesburg johannesen johannessen johansen johansson john john's johnathan johnathon johnie johnnie johnny johnsen
johnson johnston jokubas joleen jolena jolene jonah jonas jonathan jonathon jones joni jonny jonsson jordanian
jordanians jordi jordon jorge jorgensen jose josef josefa josefina josefine joselyn joseph josephina josephine josh
joshua josiah josie josue josé joung jovana jovanovic joya joyce jozef juan juana juanita juba judaism jude judeline
judith judy julen jules julia julian juliana julianna julianne julie julien juliet julieta juliette julio julissa julius
july june jung jupiter juric justin justina justine jèrriais kabardino kabita kabul kacey kacper kadiatou kaduna kaede
kafkaesque kahn kaia kaitlin kaitlyn kajus kalanga kaleigh kali kallakurichi kalle kallie kalloe kalmykia kamal kamala
kamil kamila kamile kaminski kampala kanata kandahar kandy kane kano kanpur kansas kant kantian kanyakumari kaohsiung
kaplan kapoor kara karachay karachi karaj karelia karen kari karim karima karin karina karissa karjalainen karl karla
karlsen karlsson karly karnataka karolina karyn kasey kaspar kassandra kassie kastrati katarina kate katelyn katelynn
katerina katharina katharine kathem katherina katherine kathie kathleen kathmandu kathrine kathryn kathy kati katia
katie katlyn kato katrina katy kaunas kaur kauri kavita kawaguchi kaya kaye kayla kaylee kayleigh kayser kazakh kazakhs
kazakhstan kazakhstani kazlov keats kedah keeley keely keenan keir keira keisha keith kejsi kelantan keley keli keller
kelley kelli kellie kelly kelsey kelsie kely kendall kendra kendrick kenna kennedy kenneth kenny kensington kent kenton
kentucky kenya kenyan kenyans kenyatta kenza kepler kera kerala keri kermit kerri kerry kesha keswick keven kevin keynes
keynesian khadija khadije khakassia khaled khalid khan kharkiv khartoum khawla kheira khmer khoekhoe khoisan khongordzol
khulna kiana kiara kieffer kiera kieran kiersten kiev kigali kikongo kikuchi kiley kilic kimberlee kimberley kimberli
kimberly kimmernaq kimura kingsley kingston kingstown kinnunen kinshasa kinyarwanda kira kiran kirby kirghiz kiribati
kiril kirill kirk kirkuk kirollos kirsten kirstin kirundi kittitian kitts kizzy klaipeda klaus klea klein kluivert
knezevic kobayashi kobe koch kohima kolkata komi kong konger konrad konul kopavogur korea korean koreans koreatown
korhonen kori kosice koskinen kosovar kosovo kosrae kourtney kovac kovacevic kovacic kovacs koval kovalchuk kovalenko
kowalczyk kowalski kowloon kozlov krakow kralendijk kramer krasniqi krasnoyarsk kraus krause kravchenko kremer kris
krishna krista kristen kristensen kristi kristian kristiansen kristie kristin kristina kristine kristopher kristy
kristyna kryeziu krystal krzysztof kuala kucera kucerova kumar kumara kunming kunshan kurt kurtis kuwait kuwaiti
kuwaitis kuznetsov kvaran kwangali kwok kwon kyiv kyla kyle kylee kylie kyls kyoto kyra kyrgyz kyrgyzstan lacey lacie
ladona ladonna lagos lahore laia laila laine laitinen lakesha lamar lambert lambeth lamija lammy lamont lana lancashire
lancaster landon landsdowne lang langford langley langton lanka lankan lansing lanzhou laos laotian lara larisa larissa
larry lars larsen larsson lashawn laszlo latasha latifa latin latisha latonya latoya latvia latvian latvians laura
lauren laurence laurent laurie lauryn lausanne laverna laverne lavinia lavoie lawrence lawson laxmi layla leah leana
leandra leandro leane leann leanna leanne leaside lebanese lebaneses lebanon lebedev leda leeds leena leevi lefebvre
lefevre lehmann lehtinen lehtonen leia leicester leicestershire leif leigh leila leilani leipzig leitner leja lejla leka
lekaj lela leland lena lenin lennart lenny lenora lenore leola leon leona leonard leonardo leone leonean leonel leonid
leonie leonora leopold leora leroy lesedi lesley lesli leslie lesly lesotho leste lester lethabo leticia letitia lettie
levente levi lewes lewis lexie leyla liam lian liana lianne libbie libby liberace liberia liberian liberians libreville
libya libyan libyans lidia lidya liechtenstein liechtensteiner liege liepa lila lili lilia lilian liliana lilja lillia
lillian lillie lilly lilongwe lima limassol lina lincoln lincolnshire linda lindberg lindholm lindley lindsay lindsey
lindsi lindstrom lindsy lindy lingala linnaeus linus linux linz lionel lior lisa lisbon lisette lithuania lithuanian
lithuanians liverpool livia liyanage liza lizbeth lizette lizzie ljubljana lloyd lobamba locke logan lois lola lolita
lombardi lombardy lomé london longyearbyen lonnie lopes lopez lora loraina loraine lorelei loren lorena lorene lorenzo
loretta lori lorie lorna lorraina lorraine lorri lorrie lotte lottie louella louie louis louisa louise louisiana lovelie
lovric lovro lowe lowell lozi luanda luann luca lucas lucia lucian luciana luciano lucie lucien lucija lucile lucille
lucinda lucknow lucy ludhiana ludovic ludvig ludwig luela luella luigi luis luisa luise luiz luka lukas luke lukic lula
lulu lulwa lumpur luna lund lungu lupe lupita lusaka luther lutheran luuk luxembourg luxembourger luxembourgish lviv
lydia lyla lyle lyna lynda lyndhurst lyndon lyndsey lyne lynette lynn lynna lynne lynnette lynsey lyon maarten maartener
maayan mabel mable macanese macao macau macaulay macedonia macedonian macedonians machiavelli machiavellian macie maciej
mack macklemore macy madagascar madalyn maddie madeleine madelina madeline madelyn madison madonna madrid madsen maeda
magadan magda magdalena magdalene maggie magnus magnusson maha mahamadou mahammad maharashtra mahdi mahesh mahmoud
mahoran maia maidstone maier maine maire maisie maite maja majd majerus majuro makarov makassar makela makinen maksim
malabo malacca malachai malachy malagasies malagasy malak malawi malawian malay malaysia malaysian malaysians malcolm
maldivan maldives maldivian malen mali malia malian malibu malik malika malinda mallory malmo malta maltese malthusian
malton malvern malé mamadou mamani mammadov mamoudzou managua manaia manama manaus manchester mancini mandakranta
mandalay mandarin mandela mandy manfred manhattan manila manipur manish manitoba mann manny manon mansfield manuel
manuela manx maori maplewood maputo mara maracaibo maracay maranhao marc marcel marcela marcell marcella marcelle
marcello marcelo marci marcia marcie marcin marco marcos marcus marcy margaret margarette margarida margery margie margo
margot margret margrette marguerite mari maria mariah mariam mariamawit mariami marian mariana mariane mariani marianna
marianne mariano maribel maribor maric marie mariehamn mariela mariella marigot marija marilyn marin marino mario marion
marios maris marisa marisol marissa maritza marius marjorie markel markham marko markos markov markovic markus marla
marlena marlene marlin marlo marlon marnie marques marrakesh marroquin mars marseille marsha marshall marshallese marta
martha marti martim martin martina martine martinez martinican martinique martins marty marvin marwa marx marxism
marxist mary maryam maryan maryann marybeth maryjane maryland marylou maseru mashhad masoud masoumeh massachusetts mata
matei matej mateo matheus mathew mathias mathieu mathilde mathis matias matic matilda matilde matsumoto matt matteo
matthew matthews matthias matti mattia mattias mattie matty matus matyas maud maude maura maureen maurice mauricio
mauritania mauritanian mauritian mauritius mavis maxime maximilian maximiliano maxina maxine maxwell maya mayan maybell
mayen mayer mayotte mayr mayra maysoun mazie mccarthy mcdonald mcgill mckenzie mclaughlin mclean meagan mecca medan
medellin medina mediterranean megan meghalaya meghan mehdi mehmedovic mehmet mehmeti meier meijer mejia mekong melanesia
melanie melbourne melina melinda melisa melissa mellisa melnyk melo melokuhle melvin memphis mendel mendes mendez
mendoza mercedes mercier meredith meriem merissa merjem merle merlin meron merrill mervin mervyn meryem meryl
mesopotamia mesopotamian messi messiaen messier messina methodist mexican mexicans mexico meyer meyers miami micaela
micah michael michaela michal micheal michel michele michelle michigan michoacan micky micrachi micronesia micronesian
microsoft midori miguel mihai mihhailov mika mikaela mikaere mikel mikhail mikkelsen mikolaj mila milagros milan mildred
milena milhouse milica millicent millie millington milly milo milos milosevic milton miltonic milwaukee mimi mina minato
mindy minenhle minerva minh minik minnesota minnie minsk miquelon miquelonnais mira miral miranda miriam mirlande
miskolc mississauga mississippi missouri missy mitch mitchell mitzi miyar mizoram mobina moby modibo mogadishu mohamad
mohamed mohammad mohammed mohan moira moises moldavian moldova moldovan moliere molina moller mollie molly mona monaco
monday monegasque monet mongolia mongolian mongolians monica monika monique monroe monrovia montana monte montenegrin
montenegro montevideo montgomery montpellier montreal montserrat montserratian monty moore mora morales mordovia moreau
moreira morelos moreno moresby moretti morgan mori morin morina moritz mormon moroccan moroccans morocco moroni morozov
morris morrison morrissey mortensen morton moscow moser moses moshe mosotho mosul motswana motu moussa mozambican
mozambique mozart mrignayani mubarek muhamed muhammad muhammed mulder mumbai munich munoz munteanu murad murati
muratovic muriel murphy murray muslim muslims mussolini mustafa mustapha myanmar myers myles myra myriam myrlande myrna
myron māori n'djamena naasunnguaq nadene nadia nadina nadine nadya nagaland nagano nagasaki nagoya nagpur nagy nahia
nahom naima nairobi nakajima nakamura nakashima nalla namibia namibian namibians nanchang nanchong nancy nanette nanjing
nantes nantong naomi naomie naples napoleon napoleonic narayan narges nasa nashville nassau natalia natalie natalya
natasha nate nathalie nathan nathanael nathaniel nathy nato nauru nauruan navajo navan navarro nayarit naypyidaw nazi
nazis nazism ndau ndebele ndonga neal nebraska nehir neil neilson nela nelisa nellie nelson nemcova nemec nena nepal
nepalese nepali neptune nerissa nesreen netherlands nettie neuschwanstein nevada neville nevis nevisian newark newcastle
newfoundland newham newman newmarket newport newton newtonian ngerulmud nguyen niamey niamh nicaragua nicaraguan
nicaraguans nicholas nichole nichols nicholson nicki nickolas nicky nico nicola nicolas nicole nicolette nicosia niels
nielsen niemi nieminen nietzsche nigel niger nigeria nigerian nigerians nigerien nigeriens niharika niilo nika nikau
nikhil niki nikita nikki niklas niko nikola nikolai nikolay nikolic nikolov nikolova nikos nila nilay nile niles nils
nilsen nilsson nina ningbo nisanur nisha nita niue niuean nivi nixon noah noam noella noelle noemi nojus nolan nomaan
noor nora norah norbert noreen norfolk norfuk norma norman normandy norodahl norris norse northampton northamptonshire
northumberland norway norwegian norwegians norwich nostradamus nottingham nottinghamshire nouakchott nouf nouméa nour
novak novakova november novikov novo novosibirsk novotna novotny nowak nuka nuku'alofa nunavut nunes nunez nuray nurul
nuuk nyla nyman nynorsk oakland oakmont oakwood oaxaca obama obrien oceania oconnor octavia octavio october odelia
odessa odette odisha odval ofelia ogawa ohio oier oisha oklahoma oksana olaf olav oleg oleksandr olga oliveira oliver
olivia olivier oliynyk ollie olofsson olsen olson olsson oman omani omanis omar omer omsk ondrej oneill ontario opec
ophelia oran oranjestad ordos oregon orellana orford orinoco orlando ortega ortiz orville orwell orwellian osaka osama
osborne oscar oskar oslo osman ossetia osvaldo oswald otis ottawa otto ottoman ouagadougou oumar oumou owen owens oxford
oxfordshire oxley oyunbileg ozdemir ozturk pablo pacific padraig padua pago pahang pahk pahng paige pakistan pakistani
pakistanis palau palauan palermo palestine palestinian palestinians palikir pamela panaji panamanian panamanians pandora
paninnguaq paola paolo papadopoulos papahanaumokuakea papeetē papiamento papua paraguay paraguayan paraguayans
paramaribo parana paris parkinson parkwood parthenon parvati pascal pashto passover pasteur patel patna patois patras
patrica patrice patricia patrick patrik patterson patti pattie paul paula paulette paulie paulina pauline paulo paulos
pavel pavic pavlo pavlov pavlovic pearson pedersen pedro peeters peggy peking pele pelham pembroke pena penang penelope
penh pennington pennsylvania penzance perak percy pereira perera peretz perez peric perkins perla pernambuco perry
persian persson perth peru peruvian peruvians petar pete peter peters petersen peterson petr petra petro petros petrov
petrova petrovic pettersen pettersson phak pham phan phang phil philadelphia philip philipp philippe philippine
philippines philipsburg phillip phillips philomena phnom phoebe phylis phyllis picasso pichler picton piero pierrais
pierre pieter pietro pilar pilsen pinas pinecrest piotr pipaluk piraeus pisin pitcairn pittsburgh plato platonic pluto
plymouth pocahontas podgorica poland polina polishchuk polly polynesia polynesian pompeii popescu popov popovic portia
portillo portland porto portsmouth portugal portuguese portugueses poulsen powell poznan prague praia prakash prasad
prato pravit prem preston pretoria prifti priscila priscilla pristina priyamvada prochazka prochazkova protestant
protestantism prussia prussian príncipe ptolemy puebla puerto punjab punjabi puteri putin putnam puyang pyongyang pyotr
pythagoras pythagorean qatar qatari qataris qingdao qinghai quaker quebec quechua queenie queensland quentin queretaro
quezon quiana quincy quinn quinton quispe quito qur'an quran rabat rabina rachael rachel rachele rachelle rachid rachida
rachmaninoff radic radu rafael raffi rahul raina rainer raipur raisa rajasthan rajesh rajshahi raleigh ralf ralph
ramadan ramallah ramirez ramiro ramon ramona ramos ranchi randal randall randi randolph rangpur rania rantanen raoul
raphael raquel rashad rashid rasmus rasmussen raul ravelli rawalpindi rawiri rayan rayleigh raymond rayna reagan reanna
reba rebeca rebecca rebeka rebekah recep recife redcliffe redhill reece reem reema rees reformation regan reggie regina
reginald regis reid reihaneh reilley reilly reims reina reinhold reis reiter rembrandt rena renae renaissance renata
renee rennes reta reuben reuter reyansh reyes reykjavik reyna reynaldo reynolds reza rhea rhett rhiannon rhine rhoda
rhona rhonda ribeiro rica rican ricardo riccardo ricci richard richards richardson richelle richie richmond rickey ricki
rickie ricky rico riel ries riga rihanna rikki riko riley rimas rina rita rivaldo rivas rivera riverbend riya riyadh
rizzo robbie robbin robby robert roberta roberto roberts robertson robinson robyn rocco rocha rochele rochelle rochester
rocio roderick rodger rodney rodolfo rodrigo rodrigues rodriguez roel rogelio roger rogers roghayyeh rohan rojas roland
rolanda rolando rolf roman romania romanian romanians romano romans romansh rome romeo romero ronald ronaldinho ronaldo
ronan ronda roni ronna ronnie ronny roosevelt rory rosa rosalie rosalina rosalind rosalinda rosalyn rosanna rosanne
rosario roscoe roseann roseanne roseau rosella roselle rosemarie rosenberg rosetta rosie roslyn ross rossi rotari roth
rothko rothwell rotterdam rousseau roux rowan rowe rowena rowling roxana roxane roxanna roxanne roxie roxy royce ruben
rubin rubio rudolf rudolph rudy rufus ruiz rumi rupaul rupert russel russell russia russian russians russo rusu ruth
ruthie rwanda rwandan rwandans ryan ryang ryoo ryou réunion réunionese saanvi saarinen sabina sabine sabrina sacramento
sade sadie saeed sahar sahara saharan sahin sahrawi saida saipan saito sakamoto sakeena sakhalin sakineh sakura salas
salem salihovic salik sallie salma salminen salo salome salonen salvador salvadoran salvatore salzburg samantha samara
sami samir samira samkelo sammarinese sammie sammy samoa samoan samoans samuel sana'a sanaa sanchez sandberg sandeep
sanders sandra sandro sango sanjay sanskrit santana sante santiago santigold santino santo santos sanz sapporo saqib
sara sarah sarajevo sarawak saric sarina sasaki sasha saskatchewan sato satoshi saturday saturn saudi saudis saul
saunders savic saxon saxony scandinavia scandinavian scarlett scheving schiltz schmid schmidt schmit schmitt schmitz
schneider schroeder schubert schulz schwarz scot scotland scots scott scottie scottish scottishes scotty seaforth seamus
sean seaton seattle sebastian sebastien segura seine seinfeld sekou selangor selena selene selim selina selma semjonov
semyonov senegal senegalese senegaleses seoh seoul sepp september sepulveda serbia serbian serbians serena sergei sergey
sergio seri serife serrano setayesh seth sevda seville sevinj seychelles seychellois seymour shahd shahid shaikha shaim
shaimaa shakespeare shakespearean shakira shala shana shanaya shanda shane shanghai shania shanna shannon shanon shantou
shaquille shari sharlene sharma sharon sharron sharyn shaun shauna shawn shawna shay shayla shayma shayna shayne shea
sheba sheena sheffield shehu shelby sheldon shelia shelley shelly shelton shenyang shenzhen sherbrooke sheri sheridan
sherifa sherman sherri sherrie sherwood sheryl shevchenko shevchuk shijiazhuang shillong shiloh shimizu shimla shira
shirley shirli shirly shiyan shlomo shona shristi shyla siberia siberian sichuan sicilian sicily siddhartha sidney
siegfried sigmund sikh sikhism sikkim silas sillin silva silvia silvio simmons simon simona simone simonsen sinaloa
sinatra sinbad sinclair sindy singapore singaporean singaporeans singh sinhala sint siobhan sirbu sita siti siyabonga
skopje slobodan slovak slovakia slovaks slovene slovenia smirnov smit smyth snezana sobia socrates socratic sofia sofie
sofija soho sokolov solomon solovyov somali somalia somalian somalians somayyeh somerset sondra sonia sonja sonora sonya
sophia sophie sorani soren sorensen sosa sotho soto souleymane soung sousa souta southampton southwold soviet soviets
soweto spain spalding spaniard spaniards spanish spencer spiderman springhill springwood stacey staci stacie stacy
stafford staffordshire stalin stan stanislav stanislaw stanley starla starmer steele stefan stefanie stefano stefanos
steiner stela stella stephan stephane stephanie stephen stephens steve steven stevens stevenson stevie stewart stockholm
stockwell stoica stojanovic stoyanov stoyanova strasbourg stratford stroud stuart stuttgart suarez subotic sucre sudan
sudanese sudaneses sudbury suffolk suha sullivan sumayah sumerian sumit sunday sunderland sunita surabaya suraj surat
suresh suriname surinamer susan susana susane susanna susannah susanne susi susie sussex suva suzan suzana suzane
suzanna suzanne suzette suzhou suzie suzuki suzy svalbard sven svend svensson svoboda svobodova swahili swazi swaziland
swede sweden swedes swedish swiss swisses switzerland sybil sydenham sydney syed sylhet sylvester sylvia sylvie syria
syrian syrians szabo szymon tabasco tabatha tabitha tabriz tadgh tadzhik taha tahirovic tahiti taian taichi taichung
taika tainan taipei taiwan taiwanese taiwaneses taiyuan tajik tajikistan takahashi takashi tala talia talitha tallinn
talmud tamar tamara tamaulipas tamera tami tamika tamil tammi tammie tammy tampere tamra tanaka tangier tangshan tania
tanika tanisha tanya tanzania tanzanian taoism taoist tara tarana tarawa tareq tartu taryn tasha tashkent tasmania
tatarstan tate tatiana tatsuki tatum tatyana taunton tavares tawana tbilisi teddy tegan tegucigalpa tehran teixeira
telangana tennessee teodora teotihuacan terence teresa tereza teri terrance terre terrell terrence terri terrie tesla
tessa tessie tetum texan texans texas thad thaddeus thai thailand thais thalia thames thandolwethu thanksgiving thatcher
thea thelma theo theodor theodora theodore theresa therese thessaloniki thiago thill thimphu thom thomas thomasina
thompson thomsen thomson thor thorarensen thorlacius thornhill thursday tian tiana tianjin tianna tianshui tibet tibetan
tiffany tigrinya tigris tijuana tilburg timbaland timisoara timmy timor timorese tina tingting tirana tisha titus
tiverton tjin tkachenko tlaxcala tobago tobias toby todd todorov todorova togo togolese tokelau tokelauan tokyo tolstoy
tomas tomasz tomean tomic tommaso tommie tommy tomoharu tomsk tomé tonga tongan toni tonia tonto tonya tora torah tori
toronto torquay torres toth tottenham toulon toulouse tracey traci tracie tracy tran travis tremblay trent trenton
trevor tricia trieste trina trinidad trinidadian trinidadians tripoli tripp tripura trish trisha trista tristan
trondheim trudy truman truro tryniski tshiluba tsonga tsui tswana tudor tuesday tula tully tulsa tulum tunar tunis
tunisia tunisian tunisians tuominen turcan turin turing turki turkish turkmen turkmenistan turkmens turks turku turunen
tuscan tuscany tuva tuvalu tuvaluan tuzigoot twitter tyler tyra tyrone tyson tórshavn türkiye udmurtia uganda ugandan
ugandans ughur ugne ukraine ukrainian ukrainians ulaanbaatar ulan ulrich ulrik ulysses umberto unax unesco unicef upton
uranus urdu ursula urte uruguay uruguayan urumqi usha usman ussr utah utrecht uttarakhand uxbridge uxue uzbek uzbekistan
uzbekistani vaduz valencia valentin valentina valenzuela valeria valerie valery valletta valverde vance vancouver vanesa
vanessa vanuatu vargas varna vasily vasilyev vasquez vassiljev vatican vaughn vauxhall vazquez veda velasquez vella
velma venda venetian venezuela venezuelan venezuelans venice venus vera veracruz verde verdian vermont vern verna
vernice vernon verona veronica versailles vesela vesely vesna vicente vicki vickie vicky victorian vidal vidovic vienna
vientiane vietnam vietnamese vietnameses vihaan viking vikings vikky viktor viktoria viktorie viktorija vila villalba
villalobos vilnius vilte vince vincent vincentian vincenzo vinogradov violeta virgil virginia virtanen visser vivaan
vivaldi vivek vivian viviana vivien vivienne vlad vladimir vladislav vladivostok vogt vojtech volga volgograd volkov
volodymyr voltaire vorobyov vostok vukovic vusala waage wagner wagnerian wakana wakefield wales wallace wallis wally
walsh walt walter walters walton wanda warhol warsaw warwick warwickshire washington watanabe waterford watford watson
waylon wayne weber wednesday weedon weiss wellington welsh welshes wembley wendell wendi wendy wentworth werner wesley
weston wexford whitby whitchurch whitney whitni whitny wichita wickham wicklow widelene wikipedia wila wilbert wilbur
wiley wilfred wilfredo wilfrid wilfried wilhelm wilhelmina wilkinson willa willard willemstad william williams
williamson willie willis willowbrook willy wilma wilson wimmer winchester windhoek windsor winfried wingham winifred
winkler winnie winnifred winnipeg winona winslow winston winterthur wisconsin wisniewski wojciech wojcik woking wolff
wolfgang wolfram wong woodbridge woode woodrow woodside woodstock woolf woolwich wordsworth wout wouter wroclaw wuhan
wupatki wuxi wuzhou wyatt wycombe wyoming xavier xhoel xhosa xiamen xian xiao xiaomei xiaoyan ximena xinyang xinyi
xzibit yael yagmur yahli yakutia yakutsk yamada yamaguchi yamamoto yamasaki yamashita yamazaki yamoussoukro yangon
yangtze yanis yann yanni yannick yaoundé yaren yarin yaroslav yasmin yasmine yassin yassine yekaterinburg yelena yemen
yemeni yerevan yesenia yeun yeung yevgeni yevgeny yildirim yildiz yilmaz ying yokohama yokoyama yolanda yonas yonatan
yonathan yong york yorkshire yoruba yosef yoshida yousouf youssef youtube yucatan yuen yuina yuji yukon yuna yunfu yuri
yuriy yury yusif yusuf yuuma yuval yvan yves yvette yvona yvone yvonna yvonne zacatecas zach zachariah zachary zachery
zack zackary zada zagreb zahid zahra zainab zakaria zakharov zambia zambian zambians zane zanzibar zara zaytsev zealand
zealander zehra zeinab zelda zelma zena zeynab zeynep zhang zhangzhou zhao zhengzhou zhongshan zhou zibo zimbabwe
zimbabwean zimbabweans zimmermann zineb zoey zofia zola zora zoran zsofia zulu zurich åland ålandish`
/** Verbs, for telling an infinitive's To from the preposition. */
export const VERBS = `abandon abduct abet abhor abide abolish abort abound abridge abrogate abscond absent absolve absorb abstain abstract
abuse accede accelerate accentuate accept acclaim acclimate acclimatize accommodate accompany accomplish accord accost
accredit accrue acculturate accumulate accuse accustom ache achieve acknowledge acquaint acquiesce acquire acquit act
activate actuate adapt add address adhere adjoin adjourn adjust administer admire admit admix admonish adopt adore adorn
adsorb advance advertise advise advocate aerosolize affect affirm affix afford affront agglomerate aggravate agitate
agonize agonze agree aid aim alert alienate alight align allege alleviate allocate allot allow allude alluring
alphabetize alter alternate amalgamate amass amaze amble ambush amend amplify amputate amuse analyse analyze anchor
animate animize anneal annihilate announce annoy annul answer antagonise antagonize anticipate apologize appear appease
append applaud apply appoint apportion appraise appreciate apprehend approach appropriate approve approximate arbitrate
arch archaize argue arise arouse arraign arrange arrest arrive arrogate articulate ascend ascertain ascribe ask aspire
assail assault assay assemble assent assert assess assign assimilate assist associate assume assure astonish astound
atone attach attack attain attempt attend attest attract attribute attune audit audition augment augur authenticate
authorize automate avail avenge average avert avoid await awake awaken babble babysit backfire backstitch badger baffle
bait bake balk balkanize ban bandy bang banish bankrupt banter baptize bar barbecue bare base bask baste bat bathe
batter bawl be bear beat beautify beckon become bedamn befall befit befog befriend befuddle beg beget begin beguile
behave behead behold behoove belabor belch belie believe belittle bellow belong bemoan bend benefit bequeath berate
beseech beset besiege besmirch bespeak bestow bet bethink betray better bevel bewail beware bewilder bewitch bicker bid
bide bilk billow bind birdie bitch bite blab blacken blame blanch blare blaspheme blast blaze bleach bleat bleed blend
bless blight blind blink blister bloom blossom blow blubber blunder blunt blur blurt blush bluster boast bob bode bog
bogey boggle boil bolster bolt bombard boo bookkeep boom boomerang boost border bore borrow bother bounce bound bow
boycott brace brag braid brandish brave breach break breastfeed breathe breathtake breed bribe brief brighten bring
bristle broadcast broaden broil brood browbeat brown bruise bruit brush bubble buck buckle bud budge buff buffer buffet
bug build bulge bulletin bullshit bump bunker burgeon burn burp burrow burst bury bushwhack bust bustle busy butcher
butt buy buzz bypass cackle calcify calculate calibrate call calm calumniate camouflage campaign can cancel canonize
canter canvass caper capitalize capitulate captivate capture care careen caress caricature carry carve cascade cast
castigate catalogue catapult catch catechize categorize cater caucus caulk cause caution cavort caw cease celebrate
centralize centrifuge cerebrate certify chafe chaff challenge chandelle change chant characterize charge chart charter
chase chat chatter cheat check cherish chew chide chill chip chirp chivy choke choose chop choreograph chortle chronicle
chuck chuckle chuff chug churn cipher circulate circumscribe circumvent cite citrate claim clamber clamor clamp clang
clank clap clarify clasp classify clatter claw clean cleanse clear cleave clench click climb clinch cling clink clip
clobber clog clomp clone close clot clothe cluck cluster clutch clutter coagulate coalesce coax cock coddle codify
coerce coexist cohabit cohere coil coincide collaborate collapse collate collect collide collude colonize coloring
colour comb combine combust come command commandeer commemorate commence commend comment commiserate commit communicate
communize commute compare compel compensate compete compile complain complete complicate compliment comply compose
compound comprehend compress comprise compromise compute con conceal concede conceive concentrate concern conciliate
conclude concoct concur condemn condense condone conduct confer confess confide configure confine confirm confiscate
conform confound confront confuse congeal congratulate congregate conjecture conjoin conjure connect connote conquer
conscript consent conserve consider consign consist console consolidate consort conspire constitute constrain constrict
construct construe consult consume consummate contain contaminate contemplate contend continue contract contradict
contribute contrive control convene conventionalize converge converse convert convey convict convince convulse cook cool
cooperate coordinate cope corral correct correlate correspond corroborate corrode corrupt cosponsor cost cough counsel
count counter counteract counterattack counterbalance counterchallenge counterpoint cover covet cower crack crackle
cradle cram crane crash crave crawl creak crease create creep cremate cringe cripple crisscross criticise criticize
croak crochet croon cross crouch crow crown crucify cruise crumble crumple crunch crush cry crystallize cuddle culminate
cultivate cure curl curse curtail cushion cuss customize cut dab dabble dam damage damn dampen dance dangle dare darken
darn dart dash daunt daydream daze dazzle deaden deafen deal debark debilitate debrief debug debunk debut decay deceive
decelerate decentralize decertify decide decimate decipher declaim declare decline decode decommission decompose
decorate decouple decrease decree decry decrypt dedicate deduce deduct deem deepen deface default defeat defecate defend
defer define deform defraud defray defrost defy degas deglycerolize degrade deign delay delegate delight delimit deliver
delude delve demand demarcate demean democratize demolish demonstrate demoralize demote demur demythologize denote
denounce dent deny depart depend depersonalize depict deplore deploy deport depose deposit deprave depress deprive
derail derange deride derive descend describe desecrate desert deserve design designate desire desist despatch despise
despoil destine destroy detach detain detect deter deteriorate determine detest detonate detract detribalize devastate
develop deviate devise devolve devote devour diagnose dial dialyze dictate die differ differentiate diffuse dig digest
dignify digress dilate dilute diminish dine dip direct disable disabuse disagree disallow disappear disappoint
disapprove disarm disassemble disband disbelieve disburse discard discern discharge discipline disclaim disclose
disconnect discontinue discount discourage discover discredit discriminate discuss disdain disenfranchise disengage
disentangle disgrace disgruntle disguise disgust dishearten dishonor dishonour disintegrate disinter dislike dislodge
dismantle dismember dismiss dismount disobey disown dispatch dispel dispense disperse displace display displease dispose
disprove dispute disqualify disregard disrobe disrupt dissect dissemble disseminate dissent dissipate dissolve dissuade
distil distill distinguish distort distract distribute distrust disturb dive diverge divert divest divide divorce
divulge do dock docket document dodge dole dominate domineer don donate doom double doubt dovetail down downgrade doze
draft drag drain dramatize drape draw drawl dread dream dredge dress dribble drift drill drink drip drive droop drop
drown drowse dry dub duck dull dump dunk dupe duplicate dwarf dwell dwindle dye dynamite earmark earn ease eat ebb echo
eclipse economize eddy edify edit educate efface effectuate effloresce ejaculate eject elaborate elapse elate elect
electrify elevate elicit eliminate elongate elucidate elude elute emaciate emanate emancipate emasculate embalm embark
embarrass embed embellish embezzle embitter embody embolden emboss embrace embroider embroil emerge emigrate emit
emphasize employ empower empty emulate enable enact enamel encamp encase enchant encipher encircle enclose encompass
encounter encourage encroach encrust encrypt encumber end endanger endear endeavor endorse endow endure energize
enervate enforce engage engender engrave engross engulf enhance enjoin enjoy enlarge enlist enliven enmesh enquire
enrage enrich enrol enroll ensconce enshrine ensue ensure entail enter entertain enthral enthrall enthrone entice
entitle entomb entrain entrench entrust enumerate enunciate envelop envisage envision envy epitomize equal equate
equilibrate equip eradicate erase erect erode err erupt escape eschew escort espouse establish esteem estimate etch
eulogize europeanize evacuate evade evaluate evaporate eventuate evoke evolve exacerbate exact exaggerate exalt examine
exasperate exceed excel except exchange excise excite exclaim exclude excommunicate excoriate excuse execute exemplify
exempt exercise exert exhale exhaust exhibit exhilarate exhort exhume exile exist exonerate exorcise expand expect
expedite expel expend expiate expire explain explode exploit explore export expose expound express expunge extend
extenuate exterminate extinguish extirpate extol extract extrapolate extricate extrude exude facilitate fade fail faint
fair fake fall falsify falter fan fancy fare fascinate fasten fathom fatten favor faze fear feast federalize feed feel
feign feint felicitate fell fend ferry fertilize fess fetch fete fidget fight file fill filter finance find finish fire
fistfight fit fix fizzle flail flake flank flap flare flash flatten flatter flaunt flavour flee flex flick flicker
flinch fling flip flirt flit float flocculate flog flood flop flounce flounder flourish flout flow flub fluoresce flush
fluster flutter fly focus fold follow forbid force forecast foreclose forego foreknow foresee foreshadow foreshorten
forestall forewarn forfeit forge forget forgive forgo format formulate forsake forswear forthcome fortify forward foster
foul found fractionate fracture frame fraternize free freeze frequent freshen fret frighten frizzle frogmarch frolic
frost frown frustrate fry fulfil fulfill fullback fulminate fumble fume fundraise funnel furl furlough furnish furrow
further fuse fuss gabble gad gain gallop gamble gape garland garner garrison gash gasp gather gauge gawk gaze gear
generalize generate gentle germinate gesticulate get geyser giggle gild gird give glance glare glaze gleam glean glide
glimpse glint glisten glitter gloat glom glorify glow glower glue glut glycerolize gnash gnaw go goad gobble goof gore
gorge gouge govern grab graduate grant grapple grasp gratify graze greet grieve grill grimace grin grind grip groan
groom grope groundbreak grovel grow growl gruel grumble grunt guarantee guard guess guide gull gulp gush guzzle gyrate
hack haggle hail halt hammer hamper handicap handle hang hanker happen harangue harass harbor harden harness harp harrow
harry harshen harvest hasten hatch hate haul haunt have hawk heal hear heartwarm heave hedge heed heft heighten heist
help herald hesitate hibachi hibernate hide highlight hijack hike hinder hint hire hiss hit hitch hobble hock hog hoist
hold holler homogenize hone honeymoon honor honour hook hoot hop hope horrify hover huckster huddle hug hulk hum
humanize humble humiliate hunker hunt hurdle hurl hurry hurt hurtle hush hustle hypnotize hypothesize identify idle
idolize ignite ignore illuminate illumine illustrate imagine imbed imbibe imbue imitate immerse impair impale impart
impede impel imperil impersonate impinge implant implement implode implore imply import impose impoverish imprecate
impress imprint imprison improve improvise impute inaugurate incapacitate incarnate incise incite incline inclose
include incorporate increase incubate inculcate incur indebt index indicate indict indoctrinate indorse induce induct
indulge infect infer infest infiltrate inflame inflate inflect inflict influence inform infuriate infuse ingest inhabit
inherit inhibit initiate inject injure inlay innovate inquire inscribe insert insist inspect inspire instal install
instigate instil institute institutionalize instruct insulate insult insure integrate intend intensify inter interact
intercede intercept interconnect interfere interject interlace interlock intern internalize interpenetrate interpose
interpret interrupt intersect intertwine intervene interview interweave intimate intimidate intone intoxicate intrigue
introduce intrude intrust inundate inure invade invalidate inveigh invent invert invest investigate invigorate invite
invoke involve iodinate irk irrigate irritate isolate issue italicize itch itemize jab jabber jag jam jangle jar jeer
jeopardize jerk jest jig jilt jimmy jingle jive jockey jog joggle join jolt jostle judge juggle jump junk justify
juxtapose keep keynote kick kidnap kill kiss knead kneel knit knock know label lace lacerate lack lag lam lament
laminate lampoon languish lapse lash last latch laugh launch launder lavish lay laze lead leak lean leap learn lease
leave lecture leer legislate legitimize lend lengthen lessen let levy liberalize liberate lick lie lifesave lift lighten
like limit limp linger link lionize liquefy liquidate list listen live liven load loathe lob locate lock lodge loiter
long look loom loop loose loosen lope lose lounge love lower lug lull lunge lurch lure lurk lyophilize madden madrigal
magnetize magnify mail maim maintain major make malinger maltreat manage mandate maneuver manifest manipulate
manufacture map mar march marinate mark maroon marry marshal marvel mash mask masquerade massacre massage mastermind
match mate materialize matriculate mature maximize mean meander measure meddle mediate meditate meet melt memorize mend
mention merge merit mesh mesmerize metabolize metamorphose mew migrate militate mill mimic mimick mince mingle minimize
minus miscalculate miscarry misconstrue misfire misgauge misinterpret misjudge mislay mislead mismanage misname
misperceive misplace misquote misread misrepresent miss mistrust misunderstand misuse miter mitigate mix moan mobilize
mock moderate modernize modify moisten mold molest mollify monitor monopolize moo mop mortar motivate mottle mould mount
mourn move mow muck muffle mull multiply mumble murmur muse muster mutilate mutter mystify nab nag nail name narcotize
narrate narrow nasale nationalize naturalize navigate near necessitate need neglect negotiate nestle neutralize nickname
nip nod nominate notarize notch note notice notify nourish nucleate nudge nurse nurture nuzzle obey oblige obliterate
obscure observe obsess obstruct obtain occlude occupy occur offend offer officiate offsaddle offset ogle omit open
operate opine oppose oppress opt ordain order organise organize orient originate ornament ossify ostracize oust outclass
outdistance outdo outdraw outface outfight outgeneral outgo outgrow outlaw outline outlive outly outmaneuver outmode
outnumber outpace outplay outrage outrun outsmart outstand outstrip outweigh overarch overburden overcome overdrive
overeat overemphasize overestimate overexpose overfeed overfill overflow overhaul overhear overheat overindulge overlap
overlay overload overlook overpower overproduce overreach override overrun oversee overshadow overshoot overstep
overstrain overtake overthrow overturn overuse overwhelm overwork ovulate owe own oxidise pace pacify pack pad paddle
padlock paint pale pall pamper panel pant pantomime parade parallel paralyse paralyze paraphrase parcel parch pardon
pare park parlay parody parrot parry partake participate pass paste pat patronize pause pave paw pay peacekeep peck
peddle peel peep peer pelt penalize pend penetrate pepper perceive perch perfect perform perish permeate permit
perpetrate perpetuate perplex persecute persevere persist personalize personify persuade pertain perturb peruse pervade
pester pet petrify philosophize phone photograph pick picket pierce pile pilfer pillory pin pinch ping pinpoint pioneer
piss pitch pivot place plague plan plat play plead please pledge plod plow pluck plumb plummet plunder plunge plunk ply
poach poise poison poke polarize polish pollute pommel ponder pooch pop populate portend portray pose possess post
postpone postulate pounce pour practice practise praise prance prattle pray preach prearrange precede precipitate
preclude precondition predetermine predict predominate preempt preface prefer preisolate preoccupy prepare presage
prescribe present preserve preside press presume presuppose pretend prevail prevent prick prime print prise probe
proceed proclaim procrastinate procure prod produce profess proffer profit prohibit project prolong promise promote
prompt promulgate pronounce prop propel prophesy propose proscribe prosecute prosper prostrate protect protest protrude
prove provide provoke prowl pry publicize publish pucker puff pull pulsate pulse pulverize pummel pump punch punctuate
puncture punish punt pupate purchase purge purify purl purloin purport pursuant pursue push put putt puzzle pyramid
quadruple quail quake qualify quarrel quash quell quench query quicken quickstep quiet quip quirk quit quiver quote race
rack radiate raid raise rake rally ram ramble range ransack rap rape ratify rationalize rattle rave ravish reach react
reactivate read readapt readjust ready reaffirm realign realise realize reap reappear rearrange reassail reassemble
reassert reassign reassure reawaken rebel reboot rebound rebuff rebuild rebuke rebut recalculate recall recapitulate
recapture recede receive recess recite reckon reclaim reclassify recognize recoil recollect recommend reconcile
recondition reconnoiter reconsider reconstruct reconvene reconvert recopy record recount recoup recover recreate recruit
recur recycle redact redden redecorate rededicate redeem redefine redirect rediscover redistribute redouble redress
reduce reecho reek reel reelect reenact reenforce reestablish reevaluate reexamine refashion refer refill refinance
refine reflect refocus refract refresh refuel refurbish refuse refute regain regale regard register regret regroup
regulate rehabilitate rehash rehearse reheat reign reimburse reinforce reinstall reinstate reinterpret reissue reiterate
reject rejoice rejoin rejuvenate relace relate relax relay relearn release relegate relent relieve relinquish relish
relive reload rely relyric remain remake remand remark remarry remedy remember remind reminisce remit remodel
remonstrate remount remove rename rend render renew renounce rent reopen reorder reorganize repair repay repeal repeat
repel repent rephrase replace replant replenish reply report represent repress reprimand reprint reprobate reproduce
repudiate repulse repute request require requisition reread rerun reschedule rescind rescue reseal resemble resent
reserve reset resettle reshape reside resift resign resist resmudge resolve resort resound respect respond rest restate
restock restore restrain restrict restructrue restructure result resume resurface resurrect resuspend retail retain
retaliate retard retch rethink retie retire retort retrace retract retranslate retreat retrieve retrofit return reunite
reup reuse rev revamp reveal revel reverberate revere reverence reverse revert review revile revise revisit revitalise
revitalize revive revoke revolutionize revolve rewrite rhyme ricochet rid riddle ride ridicule riffle rig rim ring rinse
rip ripen ripple rise risk ritualize rival rive rivet riveting roam roar roast rob roleplay roll romanticize romp roost
rot rotate rough roughen rouse rout rove rub ruffle ruin rumble rummage run rupture rush rust rustle sack sacrifice
sadden safeguard sag sail salivate salute salvage sanction sap sashay satiate satisfy saturate saute save savor savvy
saw say scab scamper scan scandalize scare scarify scatter scavenge schedule scoff scold scoot scorch score scour scout
scowl scramble scrap scrape scratch scrawl scream screech scribble scribe scrimmage scrounge scrub scrutinize scud scuff
sculpt scurry scuttle seal sear search seat secede seclude secrete secularize secure see seek seem seep segregate seize
select sell send sensitize sentimentalize separate sequester serenade serve set settle sever sew shake shamble share
sharpen shatter shave shed sheer shelve shepherd shield shift shimmy shine shirk shiver shock shoot shop shorten shout
shove shovel show shower shriek shrill shrink shrivel shroud shrug shudder shuffle shun shut shuttle shy sicken sidestep
sidle sift sigh sign signify simmer simplify simulate sing singe single singsong sink sip sire sit situate sizzle skate
skateboard skedaddle skid skim skip skirt skulk skylark skyrocket slacken slam slant slap slash slate slaughter slaver
slay sleep slice slide slime sling slink slip slop slow slug sluice slumber slump slurp smack smart smash smell smile
smirk smite smolder smooth smother smuggle snag snap snare snarl snatch sneak sneer snicker sniff snigger snoop snore
snort snowball snowboard snub snuggle soak soar sob sober socialize sock soften solace solder solicit solve sooth soothe
sorb sound sour souse sow span spang spare spark sparkle spatter spawn speak spear spearhead specialize specify
speculate spell spellbind spend spice spill spin spit splash splay splice splinter split spoil sponge sponsor spoof spot
spotlight spout sprain sprawl spray spread spring sprinkle sprint sprout spur spurn sputter spy squall squander squash
squat squawk squeak squeal squeeze squelch squint squirm squirt squish stab stabilize stack stagger stain stake stalk
stammer stamp stampede stand standardize stare start startle starve stave stay steady steal steam steep steer stem step
sterilize stick stiffen stifle still stimulate sting stink stipulate stir stitch stoke stomp stoop stop store
storytelling stow straddle strafe straggle straighten strain strand strangle strap stratify stray streak strengthen
stretch strew strike strip strive stroke stroll strop struggle strum strut stud study stuff stumble stun stunt stutter
sub subcontract subdue subjugate sublimate sublime submerge submit subpoena subscribe subside subsidize subsist
substantiate substitute subtend subtitle subtract subvert succeed succumb suck sue suffer suffice suffocate suffuse
suggest suit sulphur summarise summarize summate summon sunder superimpose superintend supersede supervise supplant
supplement supplicate supply support suppose suppress surfeit surge surmise surmount surpass surprise surrender surround
survey survive suspect suspend suss sustain swab swagger swallow swamp swan swap swarm swathe sway swear sweep sweeten
swell swerve swim swindle swing swipe swirl swish switch swivel swoon swoop symbolize sympathize synchronize synthesise
synthesize systematize tabulate tack tackle tag tailor take talk tame tamper tantalize tap taper tarnish tarry taste tat
taunt teach tear tease teem teeter telegraph telephone telescope televise tell tempt tend tender terminate terrify
terrorize test testify tether thank thaw theorize thicken thin think thrash thread threaten thresh thrive throb throttle
throw thrust thud thump thwart tick tie tighten tilt tingle tinker tinkle tint tiptoe tire titter toast toil tolerate
toll topple torture toss total totter touch toughen tour trace traffick trail train tramp trample transact transcend
transcribe transfer transfix transform transgress translate transmit transmute transpirate transpire transplant
transport transpose trap travel traverse tread treat tremble trespass trickle trifle trigger trim triple trot trudge
trumpet trundle trust try tuck tug tumble tunnel turn tutor tweeze twiddle twig twine twinkle twirl twist twitch typify
unclasp uncork uncover uncurl undercut underestimate undergo underlie underline undermine underpin underrate underscore
understand understate undertake undervalue underwhelm underwrite undo undress undulate unearth unfasten unfold unfounded
unhitch unify unite universalize unlace unlash unleash unload unlock unmask unnerve unpack unplug unravel unscramble
unscrew unsettle unsheathe unsolder unteach unthaw untie unveil unwind unwire up update upgrade uphold upholster uplift
upraise uproot upset urbanize urge use usher usurp utilize utter vacate validate vanish vanquish vary veer veil venerate
vent ventilate venture verify vest veto vex vibrate victimize vie vindicate violate visit visualize vivify vocalize
volunteer vomit vote vouch vouchsafe vow wad wade waft wag waggle wail wait waive wake walk wallop wallow wander wane
wangle want warble warm warn warp warrant wash waste watch wave waver waylay weaken wean wear weary weatherstrip weave
wed wedge weep weigh welcome weld wend wet whack wheedle wheel wheeze whet whimper whine whinny whip whir whirl whisk
whisper whistle whiten whiz whoop widen wield wiggle wilt win wince wink winnow wipe wisecrack wish withdraw wither
withhold withstand witness wobble wonder woo woolgather work worry worsen worship wrack wrangle wrap wreak wreathe wreck
wrench wrestle wriggle wring wrinkle write writhe yammer yank yap yawn yearn yell yelp yield zigzag zip zonk
zoom`
/** Nouns that are verbs now and then ("to power a hall"). */
export const SOMETIMES_VERBS = `account adventure age air alarm amount anger angle appeal apprentice arm array award awe back bag balance ball band bank
bargain barge bark barricade battle bay beam beard belt bench best bias bill blanket bloat block board boat bomb bond
book box brake brand breakfast bridge brook budget bulk bull bully bum bunch bundle cable cage camp cane cap career cart
case cash cement center chamber champion chance channel charcoal charm cheer chin chorus circle clash class climax clock
cloud club coach coast coat code coin collar color combat comfort commission commune complement condition conflict
conjugate contact content contest contrast copy core corner costume couch couple court craft cramp credit crop crowd
cube cup curb curve cycle date dawn debate despair detail diagram din disk distress doctor dog dose dot drug drum dust
edge effect elbow engineer essay evidence exit experience experiment eye face factor farm fashion father fault feather
feature fence ferment field figure film finger fish flag flavor flock flower flurry foam foil fool foot foreboding fork
form fragment front fuel function fund gag garage garden gas general gesture ghost gift glory grace grade graph grass
grate grease ground group hand harm hat hazard head headline heap heat herd house howl humor hunch inch interest iron
jacket jail jaw jet joke jot journey jumble key kid knot labor land lap layer league letter level license light line
litter loaf loan lobby log loot lumber lump lunch man market mass master matter menace merchandise message meter milk
mind mine minister mirror mist mistake model mother motion motor mouth muddle murder needle nest net network nose number
object occasion officer oil orbit output package page pain pair palm pan panic part partner party past patch patent
patrol pattern peak pen people petition phrase picnic picture piece pilot pipe pit pity plane plank plant plaster plot
plug pocket point pole police poll pool pore position pot potter pound power pressure prey price pride prize process
program progress proposition provision puke purse quack question radio rage rail rain rank rate rear reason reform
refrain refund regiment rein repose reproach research revenge reward rifle robe rock roof room root round row rule rumor
saddle salt sample sand scale scheme school scorn screen sculpture seed sense sentence sequence service shade shadow
shame shape shear shell shelter ship shirt shoulder shred shunt sight signal silence silhouette sin sketch skirmish slit
slope slot smoke snake snow soil sort space spade speed spiral sport square stable staff stage stall star state station
steel stereotype stock stone storm stream stress string structure stump style subject subordinate sugar sun surf surface
sweat tan target tax taxi term thrill throng thumb thunder time tip title tool top torment tower track trade treasure
trick trip triumph trouble truck tune type vacation vacuum value vein view voice wage water wax weather weight well will
wind wing winter wire word wound wrong yellow`
/** Words that are sometimes names and sometimes not: never changed silently, always marked. */
export const DOUBTFUL_NOUNS = `abbey al amber amine an anchorage angel april aria art ash august autumn baker bank banks banner barb barber basil bates
bath bay beau beck bell bend bill billy birch bishop black blaze bloom blossom bo boardwalk bob bond boon booth branch
bray bright brook brown buck buddy burns bush buster butler cal cam camp carol carpenter carter case cat cayenne cedar
chad chambers chance charity chase china chow chuck church clay clement clerk cliff close cloud cocos coffee cole
colleen cologne colosseum colt combs constance cook cooper coral cork cove crane cross crow crystal curry curt daisy
dale dawn dean degas dell destiny di dick dolly don dot dove downs downtown drake drew duke dusty earl early ed em ember
emerald emery ernest ester euro eve evens ever everglade faith fern field fields finch finn fisher fleming fleur flint
flo flower flowers ford forest foster fox frank freed freeman french frost fry fuller gale gardener garland garnet gates
gay gem gene genesis genie georgia gill ginger ginny glass glen gold golden good goode goodwin grace grand grant gravel
gray green grey guinea guy hale hamburg hammer hand hank happy harding hardy harmony harper harrow hart harvest hastings
haven hawk hay hays hazel head heath heather heaven herb highland highlands hill hills holiday holly homer honey hood
hooks hope horn house huff hunter hyacinth ice io iris is ivory ivy jack jade jasmine jasper jay jean jersey jet jewel
jo jordan journey joy judge julienne justice kat kay keen kelp king kit kitchener knight la lacy lake lakefront lamb
lance land lane lark laurel law laws le lea leaf leaves lee less liberty light lily limerick lin little lo long lord lot
lou love lovely low lowland lowlands lucky lung lynch mac madge madrigal mads mae mai major man march margarita marge
marina marine mark marquis marsh marshal mason max may meadowlands melody mercer mercy merry mick mickey midlands
midtown mike miles miller mills miracle mo mobile moon moss mountain muller muscat myrtle nan nash nat near ned nell
nelly nice nick noble noel noon north nova oak oaks ocean olive opal orange orchid otter owl oz paddy page paisley
palmer pam panama para park parker parks parkside pat patience patty peace pearl peg penny person phoenix pickering
pierce pike pine pinto pip piper pitt plum polish polo pool pope poppy porter post pots potter power powers pratt
precious price prince princess pru prudence queen quill rain ran raven ray reading reed reef reeves regal remedy rene
rhodes rice rich rick river riverfront rivers riverside road roads roan robin rock rod rose rosemary ruby rush russ
rusty sage sailor saint sal sally salt sam sand sands sandy savage savanna savannah say scarlet sea seal sears serge
sharp sharps sheila shell shepherd sherry shore short si sid sierra silver singer six skinner skip sky skye small smith
snow so sol song sonny south sparks spike split spring squires star stark steel stein sterling stern stew stone storm
stout street strong su sue summer summers sun sunny superman surrey swallow swami swan swift tab tad taffy talon tan
tanner taylor teal ted temper temple terry tess thistle thorn tiara tide tiger tim timothy tod tom tony trace trey
trinity troy true truth tucker turkey turner tweed uptown val vale valentine van venture vi vic victor victoria viola
violet vivid von wade wagon walker wall walls wan wand ward warm warren waters watts weaver webb webster weeks wells
welter wes west wheat wheel white wild wilder wilds will willow win winter winters wise wolf wood woods woody wren
wright yang yard yarrow yen yo young zap zest`
