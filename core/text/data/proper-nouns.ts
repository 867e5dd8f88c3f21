/* Made by scripts/make-lexicon.mjs; do not edit. */
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
export const VERBS = `abandon abduct abet abide abolish abort abound abscond absolve absorb accelerate accept acclimate accommodate accompany
accomplish accost account accrue accuse accustom ache achieve acknowledge acquiesce acquire activate adapt add adjourn
adjust administer admit adopt adorn adsorb advance advertise affect affix afford age agonize agonze agree alarm align
allege allot allow allude alluring alter amalgamate amaze amuse analyse animate anneal announce annoy annul anticipate
appeal appear appease apply appoint appraise appreciate approach approve argue arise arm arouse arrange arrest arrive
aspire assail assemble assert assess assign associate assume assure astonish astound attach attain attest attract
augment authorize automate avert avoid await award babysit backfire baffle bake balance base bathe batter battle be
become befriend beg begin beguile behave behead behold believe belittle belong bequeath bestow betray bewilder bewitch
bias bide bind bitch blast bleed bless bloat blow blurt boat boggle boil bolster bomb bombard bookkeep boom borrow
bother bounce brake brand breastfeed breathe breathtake brighten bring broaden bruise bud build bulk bully bundle burp
burst bury bustle butt buy cage calculate camp cancel captivate care careen carry carve cater caulk cease celebrate
centralize certify challenge change chant charge charm chat cherish chew chill chirp choose chop circumvent cite clap
classify cleanse climb cling clone club clutter coach coalesce coat code coerce coexist cohabit coincide collect collide
collude coloring colour combine combust come comfort command commence communicate compel compete compile complain
complicate comply compose compromise conceal conceive concentrate concern conclude concur condemn condense condone
conduct confess confide configure confirm conflict conform confront confuse conjure connote conquer conserve consider
consist consolidate conspire constitute constrain construct consult consume contain continue contrast contribute control
convene converge convey convince cope correspond corrode cover craft cramp crave crawl create cripple crumble crush
cultivate cure curl curtail customize cycle dam damage dampen dance dare darken dash date daunt daze dazzle deafen
debark debate debilitate debrief debug debunk decay deceive decentralize decide decimate decipher declare decline decode
decommission decompose decorate decouple decrease decree decry decrypt dedicate deduct deepen deface defer define deform
defraud defy degrade delay delegate delight delimit deliver demand demean demolish demoralize denote denounce deny
depart depict deplore deploy deport depress derail derange derive deserve desist detach detail determine devastate
develop devolve devote diagnose die differ dig dignify diminish dine disable disappoint disarm disband disburse discard
discern discipline disclaim disclose discount discourage discover discuss disgruntle disgust dishearten dislodge
dismantle dispense disperse displace displease dispose disprove disrupt dissent dissolve dissuade distil distill
distinguish distort distract distress disturb dive diverge divert divest divulge do dole doubt drain draw dream dredge
dribble drift drink drive drown drum dump dwell dwindle earmark earn eat edify edit educate elapse elate elect electrify
elucidate elude emaciate embalm embark embarrass embody embrace embroider embroil emerge emphasize empower enable enact
enchant encircle enclose encourage encroach encrypt encumber endanger endear endorse endow endure energize enforce
engage engender engineer engrave engulf enhance enjoy enlarge enlist enliven enquire enrich enrol enroll ensue ensure
enter enthral entice entrain entrench entrust envelop envisage envision equip erase erupt escape eschew espouse
establish etch evaluate evoke evolve exaggerate exalt examine exasperate exceed excite exclaim exclude exercise exert
exhale exhaust exhilarate exhort exhume exist exit expand expect expedite expel experience expire explain explode
exploit explore expose expunge extend extinguish extol exude fade fail falter fascinate fasten fatten fear fend ferment
fess fetch fill finance find fix fizzle flatten flatter flavor flavour flee fling flirt float flood flow flower fluster
focus follow forbid foreboding foreclose forego foresee foreshadow forewarn forfeit forge forget forgive fork format
forsake forthcome fracture fragment frame freeze freshen frighten frolic frost frustrate fulfil fulfill fund fundraise
furnish gad garden gather generate get gift giggle give glare gleam glean glide go govern grab grapple grate gratify
graze greet grieve grill grip groundbreak grow gruel guard guide hammer hamper handle hang hanker happen harangue harass
harm harvest have heal hear heartwarm heighten hide hijack hike hinder hire hoist hone hook horrify howl humiliate
hunker hurry hurt hush ignore illuminate illustrate imagine imbue immerse impale impart imperil impinge implode imply
import impose impoverish impress imprison improve incite include incorporate increase indebt indicate indulge infect
infest inflate inform infuriate infuse ingest inhabit inhibit initiate injure innovate inquire insist inspect inspire
install instil instruct insult insure integrate intend intensify interact interest intern interpret interrupt interview
intimidate intoxicate intrigue introduce intrude inundate invade invent invert invest invigorate invite invoke involve
irk irritate isolate jag jog join jot judge juggle justify juxtapose keep kidnap kill knead kneel knit know lack lag
land languish lash launder lead learn lease leave lend lengthen lessen let license lifesave lift lighten like limit
linger liquefy liquidate list listen liven lodge loosen lose love lurk madden maim maintain make manage manifest
manufacture market marry meander meditate meet melt mend mesmerize message mimic mimick mince mine mingle minus misplace
mitigate model modify molest monitor motivate mount mourn mow muddle mull multiply mumble mystify nag nail navigate need
neglect negotiate network nourish nurse nurture obey observe obsess obtain occupy occur offend offer offset omit operate
opine oppose oppress opt organise organize outgo outgrow outly outnumber outpace outstand overarch overcome overlap
overlook overpower override oversee overshadow overturn overuse overwhelm ovulate owe package paint pamper parallel
paralyse park participate party past patrol pave peacekeep pend perceive perform perish permeate perplex persevere
persist persuade pervade pinpoint piss plan plummet plunge poach poison polish pollute portray position possess pour
prattle pray preach precede preclude predetermine predict prefer preoccupy prepare presuppose pretend prevail prevent
process proclaim procure prod produce profess prohibit prolong promise promote pronounce propose prosper protect
protrude prove provide provoke publish puke pull pump punish purport pursuant pursue put puzzle qualify quash quench
question quit quote rage rain rally ramble rap rate ratify rattle rave ravish react read realise realize reap reason
reassure reboot rebuff receive reckon reclaim recognize recommend reconcile record recoup recover recycle redact
redefine reduce refinance refine reflect refocus refract refresh refuel refurbish register regroup regulate rehearse
reheat reign reimburse rein reinforce reject rejoice rejuvenate relate relax release relent relieve relinquish relive
reload rely remain remember remove render renew renounce repeat repel rephrase replace replenish report represent
request require resemble resent reserve reside resign resist respect respond rest restock restore restrain restrict
restructrue restructure resurface retire retrieve retrofit reup revamp reveal revel revere revert revisit revitalise
revitalize revive revoke revolve reward rid ride ripen riveting roam roar roof rot rout rush rustle sadden satisfy
saturate save say scare scatter scavenge schedule scorch score scratch scream screech screen sculpt seal seat see seek
seem sell send sentence sequester settle sever sew shake share sharpen shatter shine ship shock shoot shop shorten shout
shrink shrivel shun sift signal simplify simulate sing sit skate skateboard skyrocket slam slay slide slope smile
smuggle snatch sneak sniff snowboard snuggle soak soar sober solicit solve sooth soothe sort sow sparkle spawn speak
specialize specify spellbind spend spice spit splay spoil spoof spot sprawl squander squish stab stage stagger stain
startle starve state stave steal stereotype stiffen stifle stimulate sting stir storytelling straighten strangle
strengthen strew strip strive struggle stuff stump stun sublimate submerge submit subside subsidize subsist subtract
subvert succeed succumb suck suffer suffice suggest summarise summon support suppose suppress surf surge surmount
surpass surprise surround survey survive suspend suss sustain swallow sway sweep sweeten swell swim tack tackle tailor
take tamper tan tantalize target tarnish taste tax teach tease tempt terrify test thank think threaten thrill thrive
thwart tighten topple touch toughen traffick train trample transact transform transpire transport trap travel tremble
trifle trim trouble trust try tuck tumble twist uncover undercut undergo understand undertake undervalue underwhelm undo
unearth unfold unfounded unify unite unleash unlock unnerve unplug unravel unsettle untie unveil update uphold uplift
upset use validate vanish vary verify vex vie visualize volunteer vote waive wake wander want warn warp weaken wean
weather weave wed weep weigh whack whisper widen wield withdraw wither wonder worry worsen wrap wreak wrestle wring
wrinkle write yammer yawn yearn yell yield zonk zoom power map study`
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
