/* Made by scripts/make-lexicon.mjs, the verbs partly from WordNet 3.1 (names.licence.txt beside this file); do not edit. */
/** Words that keep their capital in a sentence: places, peoples, languages, faiths, names, days. Lower case, by spaces. */
export const PROPER_NOUNS = `aachen aada aadya aaiún aalborg aaliyah aalst aalto aaradhya aarav aarhus aaron aasha ababa abadan abagail abbas abbi
abbie abbotsford abby abdallah abdel abdias abdoulaye abdul abdullah abdullo abdulrahman abel abelard abenaki aberdare
aberdeen aberdonian abid abidjan abie abigail abilene abingdon abkhas abkhasian abkhaz abkhazia abkhazian abnaki abor
abraham abram abril abruzzi abubakr abuja abulfazl abydos abyssinia acadia acadian acapulco accho accra achaea achaean
achaian acheronian acherontic acheson achilles achomawi acores acosta acragas actium acton adad adaline adalyn adam
adama adams adamstown adan adana adapa addie addilyn addis addison adel adela adelaide adele adelene adelia adelina
adeline adelynn aden adenauer aditi adler adolf adolfo adolph adonic adreanna adriadic adrian adriana adrianna adrianne
adriano adrianople adrianopolis adrien adriena adriene adrienne advik adygea adzhar adzharia aegates aegean aegina
aegisthus aeneas aeneid aengus aeolia aeolian aeolic aeolis aeolus aeschylean aeschylus aesculapius aesop afghan
afghanistan afghanistani afghans afonso afrasian africa african africans afrikaans afrikander afrikaner afroasiatic aga
agamemnon agartala agarwal agassiz agatha agdistis agee aggeus aggie agha agincourt agnes agni agra agricola agrigento
agrippa agrippina aguascalientes aguilar agustin agustina ahab ahmad ahmed ahmedabad ahmet ahriman ahvenanmaa aicha aida
aidan aiden aidoneus aigina aiken aileen ailey aimar aimee aina aino ainsley aires aisha aishah aisling aislinn aislynn
aizawl ajani ajax ajla akaba akan aken akha akhbari akhenaten akhenaton akhtar akira akka akkadian akko akmola akron aku
alabama alabaman alabamian aladdin alain alaina alan alana alanis alanna alannah alanoud alaric alaska alaskan alastair
alayah alayna alba albania albanian albanians albany albee albert alberta alberti alberto alberton albigenses
albigensian albigensianism albion alborg albrecht albuquerque alcaeus alcaic alcibiades alcides alcott alcyone alden
aldershot alec alecia aleisha alejandra alejandro aleksandar aleksander aleksandr aleksandra aleksei aleksejev alena
alep aleppo alesia alessandra alessandro aleut aleutian aleutians alex alexa alexander alexandra alexandre alexandria
alexandrian alexandrine alexandros alexandru alexei alexia alexis alfie alfonso alfred alger algeria algerian algerians
algerie algiers algonkian algonkin algonquian algonquin algren alhacen alhambra alhazen ali alia alice alicia alicja
alina aline alisa alise alisha alison alissa alistair aliyev aliza allah allan allen allentown allie allison alliston
allyson almaty almeida alofi alois alonso alonzo alpena alphonse alphonso alpine alps alsace alsatia altai altaic althea
alton altoona alvarez alvaro alves alvin alya alycia alysa alyson alyssa alzheimer amaethon amahle amaia amaira amalia
amalie amanda amar amaravati amarillo amaterasu amati amazon amazonian amberly ambrose amelia amelija america american
americans americas amerind amerindian amerindic amharic amie amilia amina aminata amir amish amit amman ammanuel ammar
amon amor amos amoy amsterdam amun amundsen anabaptism anabel anadyr anaheim anamaria ananias anapolis anapurna anas
anasazi anastasia anastasija anatoli anatolia anatolian anatoliy anatoly anaxagoras anaximander anaximenes anaya
ancaster ancona andalucia andalusia andalusian andean ander anders andersen anderson andersson andes andi andjela
andorra andorran andov andover andra andre andrea andreas andreassen andrei andrej andrejev andres andrew andrews andrey
android andrzej andvari andy aneta anette angas angela angelia angelica angelina angeline angelique angelo angelov
angelova angie anglesea anglesey anglia anglian anglican anglicanism anglo-saxon anglophilic anglophobic angola angolan
angolans angolese angora anguilla anguillan anguillian angus anika anisa anissa anita anja anjelica ankara anna annaba
annabel annabella annabelle annalisa annam annamaria annamese annamite annapolis annapurna anne annemarie annett annette
annie annika annmarie anohito anouilh anpu ansari anselm anshar antakiya antakya antalya antananarivo antarctic
antarctica antarctican anthony antichrist antido antigone antigonus antigua antiguan antilles antioch antofagasta
antoine antoinette anton antonella antoni antonia antoninus antonio antonius antony antum antwerp antwerpen anu anubis
anunnaki anvers anwar anya anzio apeldoorn aphrodite apia apocrypha apollinaire apollo appalachia appalachian appleton
apsu apulia aputsiaq aqaba aquarius aquinas aquitaine aquitania arabia arabian arabic arafat aragon aram aramaean
aramaic aramean aranyaka arapaho arapahoe arata araujo arawak arawakan arawn araya arcadia arcadic archibald archie
archimedes arctic ardennes arendt areopagite areopagus arequipa argentina argentine argentines argentinian argive arhant
arhat arhus ariadne ariana arianism arianna arianne arianrhod arianrod aricara ariel arielle aries arikara ariki
aristarchus aristophanes aristotelean aristotelian aristotelianism aristotelic aristotle arizona arizonan arizonian
arjun arjuna arkansan arkansas arkansawyer arleen arlena arlene arlette arlington armaan armageddon armand armando
armenia armenian armenians armin arminian arminianism arminius armstrong arnaud arnav arnhem arno arnold aroha aron
arouet arp arpita arrhenius arslan artaxerxes artem artemis arthur arthurian artie artois artur arturo aruba aruban
arulo aruru aryan asahi asahikawa asama asamiya asanga ascension asch asclepius asha ashanti ashcroft ashdod ashe
asheville ashgabat ashir ashkenazi ashkhabad ashlee ashleigh ashley ashli ashlie ashly ashlyn ashraqat ashton ashtoreth
ashur ashurbanipal asia asian asians asiatic asimov asiya asja asklepios aslan asmara asmera asmita aspadana aspinwall
assam assamese assil assouan assuan assur assurbanipal assyria assyrian astaire astana astarte astor astrid asuncion
asunción asur asura asurbanipal aswan ataahua atakapa atakapan ataturk atayalic atchison aten athabascan athabaskan
athanasius athapascan athapaskan athelstan athena athenian athens athinai athos atkinson atlanta atlantic aton atreus
atropos atsugewi attacapa attacapan attica attila attlee aubrey auchincloss auckland auden audenesque audra audrey audri
audry audubon augean augeas augusta augustan augustina augustine augustinian augusto augustus aum aurelia aurelius
aussie aussies austeja austen austerlitz austin australasia australasian australia australian australians austria
austrian austrians austro austronesia austronesian auvergne avalokiteshvara avalokitesvara avarua averroes avery avesta
avestan avicenna avigail avignon avogadro ayaan ayala ayana ayanna aydin ayesha aygun aykhan aylesford aylin aymara ayr
ayse aysel ayurveda azerbaijan azerbaijani azerbajdzhan azeri aziz azores azra aztec aztecan aztecs azuna baal babar
babic babylon babylonia babylonian bacchus bach badaga bade baeda baez bagdad baghdad bahai bahaism bahamas bahamian
bahasa bahia bahk bahng bahrain bahraini bahrein bahreini bai baic bailey bairava bairiki bakary bakersfield bakker baku
bakunin balanchine balarama balazs baldr baldwin balenciaga balfour bali balinese balkan balkans balkaria balochi
balthasar balthazar baltic baltimore baluchi balzac balzacian bamako bandar bandara bandile bandung bandyopadhyay banele
banff bangalore bangkok bangla bangladesh bangladeshi bangladeshis bangor bangui banik banjul bankhead banksy bantoid
bantu baotou baptistic baptists baraka barany barbadian barbados barbara barbarossa barbary barbie barbieri barbora
barbosa barbra barbuda barbudan barcelona bardeen bari barish barkley barnes barney barnier barnsley barnum barranquilla
barrett barrie barry barrymore barstow bart barth barthelme bartholdi bartholin bartholomew barthélemy bartlesville
bartlett bartok barua baruch baryshnikov basel bashir bashkortostan basia basilicata basle basque basra basrah basse
basseterre basuto basutoland bata bathsheba batna bator battersea baudelaire bauer baum bavaria bavarian bayard bayarmaa
bayes bayesian bayonne bayrut beaconsfield beantown beatles beatrice beatriz beaumont beauvoir beaverbrook becca becker
beckett beckham beckley becky becquerel beda bede bedford beelzebub beerbohm beethoven beethovenian beeton begawan begu
behmen behrens behring beijing beira beirut bektashi bel belarus belarusian belarusians belau belem belfast belgian
belgians belgique belgium belgrade belinay belinda belisarius belize belizean bellarmino bellerophon bellingham bellini
belloc belmopan belorussia belorussian belshazzar bemidji benchley benelux benet bengal bengali bengaluru benghazi
bengtsson benin beninese benita benitez benito benjamin bennett bennie bennington benny benson bentham bentley benton
beograd beowulf berat berber berbers bergen berger bergman bergmann bergson beria bering berisha berkeley berkshire
berlage berlin berlioz bermuda bermudan bermudas bermudian bern bernadette bernadine bernard bernardo bernasconi
berndsen berne bernhard bernhardt bernice bernie bernini bernoulli bernstein berra bert bertha bertie bertil bertillon
bertolucci bertram bertrand berwick beryl berzelius beshoi bess bessel bessemer bessie beth bethanie bethany bethe
bethlehem bethune betsy bette bettie bettina betty bettye beula beulah beveridge beverley beverly bevin bexhill beyonce
bhaga bhagavadgita bhak bhang bharat bhatt bhopal bhoumik bhowmik bhubaneshwar bhuiyan bhutan bhutanese bhutani bianca
bianchi bibek bible biblical bida biedermeier bierce biff bigfoot bihar bihari bilal biljana billie biloxi binet
binghamton bingley binita bintou bioko birmingham bisayan bisayas bishal bishkek bishwas biskek bislama bismah bismarck
bismarckian bissau bissauan bithynia bizet bjorn blackbeard blackburn blackfoot blackpool blacksburg blackwall blaine
blair blake blanca blanche blanco blantyre blazevic bleriot blida bligh blighty blitzstein blixen bloch bloemfontein
blok blondal bloomfield bloomington bloomsbury bluebeard blythe boann bobbi bobbie bobby boccaccio boddhisatva
bodhisattva bodoni boehm boehme boell boeotia boeotian boer boethius bogart bogartian bogdan bogdanov boglarka bogota
bogotá bohme bohr boise bokkos bokmaal bokmal bokmål bolanci boleyn bolingbroke bolivia bolivian bolivians bollywood
bolormaa bolshevik bolshevist bolshevistic bolton boltzmann bolzano bombay bonaire bonaparte bondarenko bonhoeffer bonik
bonita bonn bonney bonnie bono bontemps boole boolean boone bordeaux borges borgia boris bornean borneo borodin boruya
bosch bose bosnia bosnian bosnians boston bostonian bosu boswell botswana botswanan botticelli bouchard bougainville
boulez bourgogne bouvet bouyei bowditch bowdler bowie boyd boyko boyle bozeman bozic bozinov bracebridge brad bradbury
bradford bradley bradstreet brady braga brage bragg bragi brahe brahma brahmana brahmanism brahmi brahminism brahms
brahui bramante bramley brampton brancusi branden brandenburg brandi brandie brandon brandt branislav brankov braque
brasil brasilia brasov brasília bratislava brattleboro braun braunschweig brazil brazilian brazilians brazzaville
breanna brecht bree breiz bremen bremerhaven brenda brendan brendon brenna brent brenton brescia breslau brest bret
bretagne breton brett breuer breughel brexit brezhnev brian briana brianna brianne brice bridgenorth bridgeport bridget
bridgetown bridgett bridgette briem brigham brighton brigid brigit brigitte brihaspati brindisi brinton brisbane bristol
brit britain britannic british britisher britney briton brits britt brittanic brittany britten brittney brittni brittny
brno broadway brobdingnagian broca brock brockhouse brockton broglie bromberg bronte brontë bronwyn bronx brooke
brooklyn brooks brookside brookstone browne brownsville bruce bruch bruckner bruegel brueghel bruges brummagem brummell
brunei bruneian brunelleschi brunhild brunn brunnhilde bruno brunswick brusa brussels brutus bruxelles bryan bryanna
bryant bryce brynhild brynn bryon brythonic buber buchanan bucharest bucharesti buchner buckingham buckinghamshire
bucuresti budapest buddha buddhism buddhist buddhistic buenos buganda bujumbura bukharin bulawayo bulgaria bulgarian
bulgarians bultmann bunche bundesbank bunuel bunyan bura burbage burbank burgas burgoyne burk burke burkina burkinabe
burlington burma burmese burnett burnham burroughs bursa burt burton burundi burundian buryatia busan bushido bushnell
butterfield butuan buyi byblos bydgoszcz byelarus byelorussia byelorussian byrd byrne byron bytyqi byzantine byzantinism
byzantium cabell cabot caceres caddo caddoan cadiz caesar caesarea cagliari cagliostro cagney cahita caicos cain cairo
caitlin caitlyn cakchiquel calabria calais calcutta calcuttan calder calderon caldwell caleb caledonia caledonian
calgary cali california californian californians caligula calista callie caloocan calpe calvin calvinism calvinist
calvinistic calvinistical calvino camayenne cambodia cambodian cambodians cambria cambrian cambridge cambridgeshire
camden camelot cameron cameroon cameroonian cameroonians cameroun camila camile camilla camille camillo camilo camlan
camorra campania campbell campbellford campeche camus canaan canaanite canaanitic canada canadian canadians canara
canarese canberra cancun candace candice canetti cannes cantabrigian canterbury cantonese canute capek capet capetian
capone cappadocia cappadocian capri capricorn cara caracas caravaggio carbondale cardiff cardoso cardozo carducci
carelian carew carey carib caribbean carina carissa carl carla carlene carleton carley carlie carling carlisle carlo
carlos carlota carlotta carlovingian carlsbad carlsson carlton carly carlyle carmel carmela carmelite carmella carmen
carmichael carnegie carnot carole carolean carolina carolinas caroline carolingian carolinian carolus carolyn carothers
carr carrere carrie carrol carroll carson cartagena cartesian carthage carthaginian carthusian cartier caruso carvalho
cary casablanca casals casandra casanova casey caspar casper cassandra cassidy cassie cassiopeia cassirer cassite
cassius castile castilian castilla castillian castillo castries castro castroism catalan catalina catalonia catania
catarina catawba caterina cathari catharism cathars cathay cather catherina catherine cathleen catholic catholicism
cathryn cathy catrina cattell catullus caucasia caucasian caucasic caucasoid caucasus cavadini cavell cavendish
caversham caxton cayla cayman caymanian cayuga ceara ceban cebotari cebu cebuan cebuano cecelia cecil cecile cecilia
cecily cedric celebes celeste celia celik celina celine cellini celtic cengic cenozoic centerville cepheus cereghetti
cerna cerny cervantes cesar ceylon ceylonese cezanne chabad chablis chadian chadians chadic chaga chagall chagatai
chagga chahta chakma chakraborty chalcedon chaldaea chaldaean chaldea chaldean chaldee chamorro champlain champollion
chan chancellorsville chand chandi chandra chanelle chang changan changchun changsha changzhou chantal chantelle chaplin
chapman charbel charcot charis charissa charla charlemagne charlena charlene charleroi charles charleston charlestown
charlette charley charlie charlotte charlottetown charlton charmaine chartism chartres chas chasidic chasidim chasidism
chassidic chassidim chassidism chateaubriand chatham chattanooga chatterjee chattogram chattopadhyay chaucer chaudhry
chavez chechen chechenia chechnya chedeline cheever chekhov chekov chelmsford chelsea chelsey cheltenham chelyabinsk
chemakuan chemakum chemnitz chemulpo chen chengdu chengzhong chennai cheon cheong cher cherbourg cheremis cheremiss
cherepovets cheri cherie cherkessia chernobyl cherokee cherubini cheryl chesley chester chesterton chet cheung cheviots
chewa cheyenne chhattisgarh chian chiapas chibarwe chicago chichewa chickasaw chico chihuahua chile chilean chileans
chiloe chimariko chinaman chinatown chinese chineses chingpo chinookan chios chipewyan chippendale chippewa chippewaian
chippewyan chiricahua chirico chishona chisinau chittagong chiu chiwere chișinău chloe choctaw choi chomsky chong
chongqing chopin chopra choudhury choung chowdhury choy chris chrissy christ christa christal christchurch christen
christendom christensen christi christian christiana christiane christiania christianity christians christiansen
christie christina christine christmas christological christology christoph christophe christopher christos christy
chrystal chukchi chung chungking churchill churchillian chuuk chuvash chuvashia chwe chyna ciara ciaran ciardi cierra
cimabue cimmerian cincinnati cincinnatus cinderella cindi cindy ciobanu circassian cistercian citlaltepetl clair claire
clara clare clarence clarice claris clarissa clark clarke clarksburg claude claudette claudia claudine claudio claudius
claus clausewitz clayton cleanthes clearwater clemenceau clemens cleo cleopatra cletus cleveland clichy clifford clifton
cline clint clinton clio clive clotho clotilde clovis clyde clytemnestra cnossos cnossus cnut coahuila cochimi cochise
cochran cockburn cockcroft cocopa cocopah cocteau cocus cody cohan cohen cohn colby colchester colchis coleen coleman
coleridge coleridgean coleridgian colette colima colin collin collingwood collins colombia colombian colombians colombo
coloradan colorado colossae colossian colossians colton columbia columbian columbus comanche comenius comoran comorian
comoros compton comstock comte conakry conan concepcion condorcet confucian confucianism confucius congo congolese
congoleses congregationalism congregationalist congreve connecticut connecticuter connie connolly connor connors conor
conrad constanta constantin constantina constantine constantinople constanza consuelo conti contras contreras cooke
coolidge coolio cooperstown copehan copenhagen copernican copernicus copland copley coppola coptic cora coralie corbett
corbyn corday cordelia cordoba cordova corelli corey cori corina corine corinna corinne corinth corneille cornelia
cornelis cornelius cornell cornish cornishman cornishwoman cornwall cornwallis corot correa correggio correia corrine
corse corsica corsican cortes cortez cory costa costanoan cotacachi cotonou cotopaxi cotswolds couperin courbet courtney
courtni courtny cousteau coventry covid cowper cracow craig craigie craiova crawford cree cremona creole creon cretan
crete crichton crimea crimean crispin cristal cristiano cristina cristobal crius crivelli croat croatia croatian
croatians croats crockett croesus crohn cromwell cromwellian cronus cronyn crosby crouse croydon cruz cthulhu cuba cuban
cubans culbertson culebra culiacan cumana cumberland cumbria cunha cunningham curacao curaçao curaçaoan curia curie
curitiba curtis curtiss cusco cushing cushitic custer cuvier cuzco cybele cyclades cymric cymru cyndi cynewulf
cynoscephalae cynthia cynwulf cypriot cypriote cyprus cyril cyrillic cyrus cytherea czech czeches czechia czechoslovakia
czechoslovakian czerny czestochowa daan daba dacca dadonghai daedalus daegu daejeon daffo dafla dagan dagda dagestan
dagestani dagon daguerre dahl dahlia dahna dahomey dail daina dairen dakar dakota dalal dalhousie dali dalian dallas
dalmatia dalton damaris damascus damcevski damgalnunna damia damian damien damion damkina damocles damon dana dane danes
danette dangaleat dangla dani danica daniel daniela daniele daniella danielle daniels danielsen danika danilo danish
daniz dankula danmark danny dante dantean dantesque danton danu danube danzig daphna daphne dara darby darcey darcie
darcy dard dardan dardanelles dardanian dardanus dardic daren darfur dari daria darin dario darius darla darlena darlene
darlington darnell darrel darrell darren darrin darrow darryl dartford dartmoor darwin darwinian darwinism daryl datta
daugavpils daumier dave davi david davida davidov davidson davies davina davis davy davys dawson dayan dayle dayna
dayton deana deandra deandre deann deanna deanne debbie debby debnath debora deborah debra debrah debussy decalogue
decatur december decius dede deedee deena deepak deere defoe dehradun deidre deirdre dejan dekker dela delacroix
delaware delawarean delawarian delbert delbruck delgado delhi delia delibes delic delilah delius della delores deloris
delorme delphi delphian delphic delphine demavend demeter demetria demetrius demir demirovic democritus demogorgon
demosthenes demosthenic dempsey dena denham denice denis denise denmark dennis denny denver deon depardieu derain
derbyshire derek derrick derrida derry dervishi descartes deshawn desiree desmond despoina detroit deuteronomy
deutschland devan devanagari deven devi devin devon devonport devonshire dewan dewar dewayne dewey deweyan dexter dhabi
dhahran dhaka dhegiha dhia dhodhekanisos diaghilev diana diane dianna dianne diarmuid dias diaz dickens dickensian
dickinson diderot didion dido didrikson diego diegueno dieter dietmar dietrich digby dijon dili dillon dimash dimitri
dimitris dimitrov dimitrova dina dinah dindymene dinesen dinesh dinka diocletian diogenes dion dionne dionysian
dionysius dionysus diophantus dior dipylon dirac dirk dis disneyland dispur disraeli dissanayake diwali dix dixiecrats
dixieland dixon diya djakarta djanet djeneba djibouti djiboutian djurhuus dmitri dmitry dneprodzerzhinsk dnipropetrovsk
dobrich doctorow dodecanese dodgson dodoma dogan doha doherty dolby dolores domingo dominguez dominic dominica dominican
dominicans dominick dominik dominique dominykas domitian dona donald donar donatello donatism donatist donatus donbas
donbass doncaster donetsk donetske donev dongguan donizetti donkin donna donne donnean donnell donnian donnie donny
donovan doolittle doppler dora dorchester dordevic doreen dorian doris dorla dorothea dorothy dorset dorthy dortmund
dostoevski dostoevskian dostoevsky dostoyevskian dostoyevsky dottie dotto douala doug douglas douglass dover dovydas
dowding dowland doyle dragan dravidian dravidic dreiser dresden dreyfus driscoll dryden duane duarte dubai dublin
dubliner dubois dubrovnik dubuque dubya dubyuh duchamp dudley duesseldorf dufy dukas duluth duma dumas dumfries dumitru
dumuzi duncan dunkerque dunkirk dunn dunstable durand durango durant durante durazzo durban durer durga durham duric
durkheim durrell durres dusanbe duse dushanbe dusseldorf dustin dutch dutches dutchman dutta dutton duvalier dvorak
dvorakova dwayne dwight dyaus dyirbal dylan dyllan dyushambe dzongkha eadwig eames earhart earlscourt easter eastman
ebenezer ebionite ebonics eccles ecclesiastes ecclesiasticus eck eckhart ecrin ecuador ecuadoran ecuadorean ecuadorian
ecuadorians eddie eddington edel eden eder ederle edgar edie edinburgh edirne edison edith edmond edmonton edmund edna
edo edoardo eduard eduardo edward edwardian edwardo edwards edwin edwina edwy eelam eevi effie efrain efren egbert
eglevsky eglinton egypt egyptian egyptians egyptology ehadhamen ehrenberg ehrlich eichmann eiffel eigen eijkman eileen
eindhoven einstein einsteinian einthoven eire eisenhower eisenstaedt eisenstein eisha eitan ekaterina ekman ekta elaina
elaine elam elamite elamitic elana elbert eldon eleanor electra elen elena eleni elgar elia eliana elias elicia elida
elie elif elijah elin elina elinor eliot elisa elisabeth elisabethville elise elisha eliska eliza elizabete elizabeth
elizabethan elizaveta ella ellas ellen elli ellie ellington elliot elliott ellis ellison ellsworth elly elma elmer elmo
elmont elnora eloise elouise elsa elsass elsie elton elva elvin elvina elvira elvis elwood emanuel emanuela emelda emely
emerson emil emile emilee emilia emiliano emilie emilija emilio emilis emily emina emine eminem emirates emirati
emiratis emirhan emma emmaline emmanuel emmanuelle emmeline emmett emmie emmy empedocles endecott endicott enesco enets
enfield engels england english englishman englishmans englishwoman enid eniwetok enki enkidu enlightenment enlil enoch
enrico enrique entebbe entsi entsy enuki enya enzo eoin eolian eolic eos ephesian ephesians ephesus epictetus epicurus
epirus episcopalian epona epping epstein erasmian erasmus erato eratosthenes erebus ereshkigal ereshkigel erewhon ergi
eric erica erich erick ericka erie erik erika eriksen eriksson erin erinyes eris eritrea eritrean erivan erlenmeyer erma
ernestina ernestine ernesto ernie ernst errol erse ervin erving erwin eryn esaki esau escobar esfahan eskimo esma
esmeralda espana esperantido esperanto esperanza espinoza espoo esposito esquimau esselen essen essene essex esteban
estela estele estella estelle estere esther esthonia esthonian estonia estonian estonians estrada estrella eswatini
ethan ethel ethelbert ethelred ethiopia ethiopian ethiopians etienne etonian etruria etruscan etta eucharistic euclid
euclidean eugen eugene eugenia eugenie euler eumenides eunice euphrates eurafrican eurasian eurasiatic euripides
eurobabble eurocentric europan europe european europeans europocentric europol eurydice eusebius eustace eustachio
euston evan evangelina evangeline evans evansville evelin evelina evelyn evenki everett everglades everton evgeny evie
evita ewenki exeter exford eyck eyeish eymen eysenck ezechiel ezekias ezekiel ezo ezra faber faberge fabian fabianism
fabien fabio fabrice fabrizio facebook fadi faeroes faeroese fafnir fagin fahd fairbanks fairhaven fairview faisal
faisalabad fajr fakaofo falange falkland falkner falla fallopio fallopius fallot falstaff falstaffian fanta faraday
farah fargo farida farmington faroe faroese farragut farrah farrell farsi farzana faso fatah fatemeh fatiha fatihah
fatima fatimah fatin fatma fatoumata faulkner faunus faust faustian faustus fawkes faye fayetteville february fechner
federico feifer felecia felicia felipe felix fellini feng fengtien fenna fennic fenrir ferber ferdinand ferdinando
fergus ferguson ferhatovic fermat fernanda fernandes fernandez fernando ferrara ferrari ferreira fes feynman fidel
fiedler fien fiji fijian fijis filip filipino filipinos filipov filipovic fillmore finland finnbogadottir finnic finnish
fiona fionn firenze fischer fitzgerald fjeldsted flaminius flanders flaubert flemish fletcher flodden flora florence
florencia florentine flores florey florian florida floridian florio flory floyd fomorian fonda fontana fontanne fonteyn
formosa formosan forrest forseti fortaleza fortin fortuna fosbury foshan foucault fourier fournier fowler fozia
fragonard frampton fran france frances francesca francesco francina francine francis francisca franciscan francisco
franciszek franck franco francois francoise frankenstein frankfort frankfurt frankie frankish franklin franklyn frans
franz français fraser frau fraulein frazer fred freda freddie freddy frederic frederick fredericksburg fredericton
frederik fredrick fredrik freetown freja fremont french frenches frenchman frenchwoman fresnel fresno freud freudian
frey freya freyja freyr frick frida friday frieda friedan friedman friedrich friesland frigg frigga frisch frisia
frisian frits fritz friuli friulian frobisher froebel frostian frunze frye fuchs fuego fuentes fugard fujian fujinoyama
fujita fujiyama fukien fukkianese fukuoka fukuyama ful fula fulani fulbright fulton funafuti fuqra furnivall futuna
fyodor gabe gabi gabija gabon gabonese gabor gaboriau gaborone gabreal gabriel gabriela gabriele gabrielius gabriella
gabrielle gabun gaby gadaba gaddafi gadsden gaea gaelic gafsa gagarin gagne gagnon gaia gainesville gainsborough
gaiseric gaius galahad galapagos galatea galatia galatian galatians galbraith galeano galen galeras galicia galician
galilaean galilean galilee galileo gallagher gallaudet galli gallia gallic gallican gallo galloway gallup galois
galsworthy galton galvani galveston galway galwegian gamage gamalat gambia gambian gambians gamila gamow ganapati gand
gandhi gandhian gandhinagar ganesa ganesh ganesha ganges gangtok gansu ganymede garbo garcia gardiner gardner gareth
garfield gargantua garnier garrett garrick garry garth gary garza gascogne gascony gashi gaskell gaspar gaston gathic
gatling gaudi gauguin gauguinesque gaul gauri gauss gaussian gautama gauthier gavin gawain gayle gaza gdansk geb gehrig
geiger geisel gemara gemini gemma gena geneva genevan geneve genevieve genf genna genoa genoese genova genovese genseric
geoff geoffrey georg george george's georges georgetown georgette georgi georgian georgians georgie georgiev georgieva
georgina georgios georgy geraint gerald geraldina geraldine gerard gerardo gerbert gerhard geri germaine german germanic
germans germany geronimo gerrit gerry gershwin gert gertrud gertrude gesell gesner gestapo gettysburg ghana ghanaian
ghanaians ghanese ghanian gheg ghent gheorghe giacometti giacomo gianna giannis gibbs gibraltar gibraltarian gibran
gibson gidar gide gielgud gigi gikuyu gilbert gilbertese gilbertian gilberto gilda giles gilgamesh gilgamish gilles
gillespie gillette gillian gilman gilmer gimenez gina gino ginsberg giordano giorgi giorgio giorgis giotto giovanna
giovanni girard giraudoux giriama gironde girru gisela gisele giselle gish gita gitega giuseppe giza gizeh gjellerup
gjonaj gjoni gladstone gladys glaser glasgow glaswegian glena glenda glendower glenn glenna glinka gloria gloucester
gloucestershire gluck glynis goa gobi god godard godavari goddard godel godfrey godhead godiva godunov goebbels
goeteborg goethals goethe goethean goethian gogh gogol goidelic golan golda goldberg goldie goldman goldmark goldoni
goldsboro goldstein goldwyn golgi golgotha golubev goma gombrowicz gomel gomes gomez gomorrah gomorrha gompers goncalves
goncourt gondi gongora gonne gonzales gonzalez gonzalo goodall goodman google googoosh goran gorbachev gord gordian
gordimer gordius gordon gorgas gorki gorkiy gorky gosford goteborg gothenburg gotterdammerung gottfried gotye goudy
gould gounod goya gracie graciela grady graecophile graecophilic graf graham grahame grainger granada granth grappelli
gravenhurst grayling graz grecian greco greece greek greeks greeley greenberg greene greenfield greenland greenlandic
greenpeace greensboro greenville greenwich greg gregg gregor gregorian gregorio gregory grenada grenadian grenadines
grenoble gresham greta gretchen gretzky grgic grieg griffith griffiths grimm grimsby gris griselda gromyko gronland
gropius grotius groucho grover grozny groznyy gruber guadalajara guadalcanal guadalupe guadeloupe guadeloupian
guallatiri guam guamanian guanajuato guangdong guangzhou guantanamo guaraní guarneri guarnerius guarnieri guatemala
guatemalan guatemalans guayaquil guelph guenevere guernsey guernésiais guerra guerrero guevara guggenheim guiana guianan
guido guilherme guillaume guillermo guinean guinevere guinness guizhou gujarat gujarati gujerat gujerati gujrat gulliver
gulu gunay gunel gunnar gunnarsson gunter gunther guomindang gur gustaf gustafsson gustav gustave gustavia gustavo
gustavus gutenberg guthrie gutierrez guyana guyanese guzman gwen gwendolyn gwon gwydion gwyn gwyneth gwynn gynne gyorgy
gywn habacuc habakkuk haber habib habiba habsburg hachiman hadean hades hadrian hadzic haeckel haftarah haftorah hagada
haganah hagen hagerstown haggada haggadah haggai hagiographa hagåtña hahn haida haifa hailey haiphong haiti haitian
haitians hakenkreuz hakham hakka hala halab halacha halaka halakah haldane halevy haley haliburton halicarnassus halifax
halim halle hallel halley hallie halloween hals halvorsen hamalainen haman hamas hamelin hameln hamid hamilton hamitic
hammarskjold hammerstein hammett hammond hammurabi hammurapi hampshire hampstead hampton hamsun hamza han hana hanah
hancock handel handelian hangchow hangzhou hani hanna hannah hannibal hannover hanoi hanover hanoverian hans hansard
hansen hansson hanukkah haphtarah haphtorah hapsburg haque harare harbin haredi harefoot harford hargeisa hargreaves
hariet hariette harijan harlan harlem harley harlow harmsworth harold harpo harri harriet harriett harriette harriman
harris harrisburg harrison harrod harry harte hartford hartley haruhito haruki haruta haruto harvard harvey haryana
hasan hasani hasanov hasanovic hasdrubal hasek hashimoto hasidic hasidim hasnaa hassam hassan hassaniya hassel hassidic
hassidim hasti hastinapura hathaway hatice hattie hattiesburg haugen haung hausa haussa havana havasupai havel hawa
hawaii hawaiian hawkins hawkyns haworth hawthorne hayashi hayastan hayato hayden haydn hayek hayes hayley hayti haywood
hazlitt hearst heaviside hebbel hebe hebei hebraic hebraical hebrew hebrews hebridean hebrides hecate hecht hector
hedjaz hedwig hefa hefei hegel hegelian heidegger heidi heikkila heikkinen heimdal heimdall heimdallr heinlein heinonen
heinrich heinz heisenberg heitor hejaz hel hela helen helena helene helenian helga helier helios hellenic hellenistic
hellenistical hellespont hellman helmholtz helmi heloise helsingfors helsinki helvetia helvetian helvetica hemingway
hemingwayesque hemminge henderson hendrik hendrix henri henrietta henrik henriksen henrique henry henryk henson hepburn
hephaestus hephaistos hepworth hera heracles heraclitus herakles heraklion herat herbart herbert herculaneum hercules
herculius hereford herero herman hermann hermaphroditus hermine hermosillo hernandez herodotus herr herrenvolk herrera
herrick herschel hershey hertford hertfordshire hertha hertzian herzberg herzegovina herzegovinian hesiod hesperian hess
hessa hesse hester hestia hevesy heyerdahl heyrovsky heyse heyward heywood hezbollah hezekiah hiawatha hibbing hibernia
hickock hidalgo hidatsa hieronymus higgins higginson highbury higi hijaz hilary hilbert hilda hilde hildebrand hildegard
hillary hillcrest hillel hilo himalaya himalayan himalayas himalayish himari himmler hinata hinault hinayana hindemith
hindenburg hindi hindis hindoo hindooism hindoostani hindostani hindu hinduism hindustan hindustani hinton hipparchus
hippocrates hippocratic hiri hirohito hiroshima hirschfeld hirschsprung hispaniola hispaniolan hitchcock hitchiti hitler
hitlerian hittite hizballah hizbullah hjaltalin hmong hoagland hoang hobart hobbes hobbs hoda hodeida hodgkin hodr hodur
hodzic hoenir hofer hoffa hoffman hoffmann hoffmannsthal hofmann hogarth hohenlinden hohenzollern hohhot hojgaard hoka
hokan hokkaido hokkianese hokusai holbein holland hollander hollerith hollie hollywood holmes holocaust holofernes holt
homel homeric homs homyel hondo honduran hondurans honduras honegger hong honiara honolulu honshu hooke hoosier hopeh
hopei hopi hopkins hopkinson horace horacio horak horakova horatio horne horney horowitz horta hortense horus horvat
hosea hosna hosniya hossein hotei hoth hothr hottentot houdini houghton housman houston houyhnhnm hovd hovenweep howard
howe howells howie hoxha hoyle hristov hristova hrolf hrvatska hsian huainaputina hualapai hualpai huaman huambo huang
hubbard hubble hubel huber hubert hudson huggins hugh hughes hugo hugoesque humberto humboldt hume humperdinck humphrey
hunan hungarian hungarians hungary hunkpapa huntingdon huntington huntsville hupa hurok hus husain husayn huseyin huseyn
huss hussa hussain hussein husserl hussite huston hutchins hutchinson hutton huxleian huxley huxleyan huygens huynh
hydar hyderabad hygeia hypatia hyperborean hyperion hypnos iago iain iapetus ibadan ibai iberia iberian ibert ibrahim
ibrahimovic ibsen ibsenian icarus iceland icelander icelandic icelandics ichika idaho idahoan ido idun igbo igigi
iglesias ignacio ignatius igor ike ikeda iker ikhanaton ilene ilford iliad iliana ilias iliev ilieva ilija ilina ilion
illinois illinoisan illyria illyrian ilona ilse ilya imane imelda imogena imogene imphal inanna inca incan incas incheon
inchon india indian indiana indianan indianapolis indians indic indira indochina indonesia indonesian indonesians indore
indra ines inez inge inger ingerman inglewood ingres ingrian ingrid ingushetia inji inka innsbruck inoue instagram
interahamwe interlaken interlingua internationale inuit inuk inunnguaq inverness iona ionesco ionescu ionia ionian ionut
iowa iowan ioway iphigenia ipswich irak iraki iran irani iranian iranians iraq iraqi iraqis irati ireland irelander
irena irenaeus irene irina irish irishman irishmans irishwoman irkutsk irma iroquoian iroquois irula irvin irving irwin
isaac isabel isabela isabele isabell isabella isabelle isadora isaiah isaias ischia iseult isfahan ishaan isherwood
ishikawa ishmael ishtar isiah isidora isis isla islam islamabad islamic islamism islande islander islington ismael
ismail ismaili ismailian ismailism isobel isocrates isolde israel israeli israelis israelite israelites issac issachar
istanbul itai italia italian italians italy itanagar ithaca ithaki ithunn itsuki ivaana ivalu ivan ivana ivanou ivanov
ivanova ives ivorian ivorians iwona izanagi izanami izaro izmir iztapalapa jabalpur jacinda jacinta jackie jackson
jacksonian jacksonville jacky jaclyn jacob jacobean jacobi jacobinic jacobinical jacobinism jacobite jacobs jacobsen
jacquelina jacqueline jacquelyn jacques jada jaden jafar jaffa jaffar jagannath jagannatha jagatai jagganath jaghatai
jahvey jahweh jaime jain jainist jaipur jaka jakarta jake jakob jakobson jakobsson jakov jakub jalalabad jalisco jamaica
jamaican jamaicans jamal james jamesian jameson jamestown jami jamie jamison jammie jana janae jane janele janelle
janessa janet janette janice janie janina janine janis jankovic jansen jansenism janssen janssens jansson january janus
japan japanese japaneses japantown japheth jaqueline jared jarod jaroslav jarrell jarrett jarrod jarvinen jarvis jasmin
jasmina jason javan javanese javascript javier javiera jayden jayne jayshullah jayson jazmin jazmine jeana jeane
jeanette jeanie jeanina jeanine jeanna jeanne jeannette jeannie jeannina jeannine jeddah jeff jeffers jefferson
jeffersonian jeffery jeffrey jeffry jehovah jelena jena jenelle jenifer jenkins jenna jenner jennette jenni jennie
jennifer jennings jenny jens jensen jerald jeremiah jeremy jerevan jerez jeri jericho jermaine jerome jeronimo jerri
jerry jerusalem jesica jespersen jess jesse jessica jessie jesuit jesuitic jesuitical jesuitism jesus jevons jew jewish
jewison jewry jews jhang jharkhand jian jiangxi jidda jiddah jilian jilin jill jillian jimenez jimi jimmie jimmy jinan
jing jinghpaw jinghpo jinja jinnah jirga jirrbal joachim joan joana joane joann joanna joanne joao joaquin jocasta
jocelyn jodi jodie jody joel joelle joensen joesph joey joffre joffrey johan johana johann johanna johannes johannesburg
johannesen johannessen johansen johansson john john's johnathan johnathon johnie johnnie johnny johnsen johnson johnston
johor johore jokubas joleen jolena jolene joliet joliot jolliet jolson jonah jonas jonathan jonathon jones jonesboro
jong joni jonny jonson jonsson joplin joppa jordanian jordanians jordi jordon jorge jorgensen jose josef josefa josefina
josefine joselyn joseph josephina josephine josephus josh joshua josiah josie josue josé joung jovana jovanovic jove
jovian jowett joya joyce jozef juan juana juanita juarez juba jubbulpore juda judaea judah judaic judaica judaical
judaism jude judea judeline judith judy jugoslavian jugoslavija julen jules julia julian juliana julianna julianne julie
julien juliet julieta juliette julio julissa julius july june juneau jung jungian juno junoesque jupiter jurassic juric
jussieu justin justina justine justinian jutish jutland juvenal jylland jèrriais kabardino kabita kabul kacey kach
kachaturian kachin kachinic kacper kadai kadiatou kadikoy kaduna kaede kafiri kafka kafkaesque kahn kahoolawe kaia
kaiser kaitlin kaitlyn kajus kalahari kalamazoo kalanga kalapooian kalapuyan kaleigh kali kalimantan kalinin kalka kalki
kallakurichi kalle kallie kalloe kalmykia kaluga kama kamal kamala kamarupan kamasutra kamba kami kamia kamil kamila
kamile kaminski kampala kampuchea kampuchean kananga kanara kanarese kanata kandahar kandinski kandinsky kandy kane
kannada kano kanpur kansa kansan kansas kansu kant kantian kanyakumari kaohsiung kaplan kapoor kapsiki kara karachay
karachi karaites karaj karakalpak karbala karelia karelian karen karenic kari karim karima karin karina karissa
karjalainen karl karla karlfeldt karloff karlsen karlsson karly karnataka karok karolina karpov karsavina kartikeya
karttikeya karyn kasey kashag kashmir kashmiri kaspar kasparov kassandra kassie kassite kastler kastrati katar katari
katarina kate katelyn katelynn katerina katharevusa katharina katharine kathem katherina katherine kathie kathleen
kathmandu kathrine kathryn kathy kati katia katie katlyn katmandu kato katowice katrina katsina katy kauai kaufman
kaunas kaunda kaur kauri kavita kawaguchi kaya kaye kayla kaylee kayleigh kayser kazak kazakh kazakhs kazakhstan
kazakhstani kazakstan kazan kazlov kean keaton keats keb keble kechua kechuan kedah keeley keely keenan keir keira
keisha keith kejsi kekchi kekule kelantan keley keli keller kelley kelli kellie kellogg kelly kelsey kelsie kely kendall
kendra kendrew kendrick kenna kennan kennedy kenneth kennewick kenny kensington kent kentish kenton kentuckian kentucky
kenya kenyan kenyans kenyata kenyatta kenza keokuk kepler kera kerala kerbala kerbela kerensky keri kermit kerouac kerri
kerry kesey kesha keswick kettering ketubim keven kevin keynes keynesian keynesianism khabarovsk khachaturian khadafy
khadija khadije khakassia khaled khalid khalka khalkha khalsa khama khamti khan khanty kharkiv kharkov khartoum khawla
kheira khepera khios khirghiz khmer khoekhoe khoikhoi khoikhoin khoisan khomeini khongordzol khowar khrushchev khuen
khulna kiana kiara kichaga kichai kickapoo kieffer kiera kieran kierkegaard kiersten kieslowski kiev kigali kikladhes
kikongo kikuchi kiley kilic kiliwa kiliwi kilroy kimberlee kimberley kimberli kimberly kimmernaq kimura kingsley
kingston kingstown kinnunen kinsey kinshasa kinyarwanda kiowa kipling kiplingesque kira kiran kirby kirchhoff kirchner
kirghiz kirghizia kirghizstan kirgiz kirgizia kirgizstan kiribati kiril kirill kirk kirkuk kirollos kirsten kirstin
kirundi kishar kishinev kisumu kiswahili kitakyushu kittitian kitts kizzy klaipeda klan klansman klaproth klaus klea
klee klein kleist klimt kline klinefelter klopstock klotho kluivert kluxer klyuchevskaya knesset knesseth knezevic
knossos knox knoxville knut koasati kobayashi kobe kobenhavn koch koestler kohima kokka kolami kolkata koln kolonia komi
konakri kong konger kongfuze kongo konoe konoye konqueror konrad konul koopmans kopavogur koran koranic korbut korchnoi
korda kordofan kordofanian kore korea korean koreans koreatown korhonen kori korinthos korzybski kosciusko kosciuszko
kosice koskinen kosovar kosovo kosrae kota kotar kotoko kourtney koussevitzky kovac kovacevic kovacic kovacs koval
kovalchuk kovalenko kovna kovno kowalczyk kowalski koweit kowloon kozlov krakatao krakatau krakatoa krakau krakow
kralendijk kramer krasner krasniqi krasnoyarsk kraus krause kravchenko krebs kreisler kremer kris krishna krishnaism
krista kristen kristensen kristi kristian kristiansen kristie kristin kristina kristine kristopher kristy kristyna kriti
kroeber kronecker kropotkin kroto kruger krupp kryeziu krystal krzysztof kuala kuangchou kubrick kucera kucerova kuchean
kuhn kui kuiper kuki kulanapan kulun kumar kumara kumasi kunming kunshan kuomintang kurdish kurdistan kurosawa kursk
kurt kurtis kurux kusan kutuzov kuvi kuwait kuwaiti kuwaitis kuznets kuznetsov kvaran kwa kwajalein kwakiutl kwangali
kwangchow kwangju kwangtung kwannon kwok kwon kyd kyiv kyla kyle kylee kylie kyls kyoto kyra kyrgyz kyrgyzstan
kyrgyzstani kyushu kyyiv laban labanotation labourite labrador labrouste lacey lachaise lachesis lacie laconia laconian
ladin ladino ladona ladonna ladyship laertes lafayette laffer laffite lafitte lagos lahore lahu laia laila laine
laitinen laius lakeland lakesha lakshmi lallans lamaism lamar lamarck lamarckian lamarckism lambert lambeth lamija lammy
lamont lana lancashire lancaster lancastrian lancelot lanchou lanchow landon landowska landsdowne landsmaal landsmal
landsteiner laney lang lange langford langley langmuir langton langtry lanka lankan lansing lanzhou lao laocoon laos
laotian laplace lapland lapp lappic lappish lappland lapplander laputan lara laramie lardner laredo larisa larissa
larousse larry lars larsen larsson lashawn lassa laszlo latasha lateran latifa latin latinesce latino latisha latium
latonya latoya latrobe latvia latvian latvians laughton laura lauren laurence laurens laurent laurentius laurie lauryn
lausanne laverna laverne lavinia lavoie lavoisier lawrence lawson lawton laxmi layla lazarus lazio leacock leadbelly
leah leakey leana leander leandra leandro leane leann leanna leanne lear leary leaside lebanese lebaneses lebanon
lebedev leda ledbetter leeds leena leeuwenhoek leevi lefebvre lefevre lehar lehmann lehtinen lehtonen leia leibnitz
leibnitzian leibniz leibnizian leicester leicestershire leiden leif leigh leila leilani leipzig leitner leja lejla leka
lekaj lela leland lemaitre lemmon lemnos lena lenard lendl lenin leningrad leninism lennart lennon lenny lenora lenore
lentia leola leon leona leonard leonardesque leonardo leone leonean leonel leonid leonidas leonie leonora leontief
leopold leopoldville leora ler lermontov lerner leroy lesbos lesedi lesley lesli leslie lesly lesotho lesseps leste
lester lesvos lethabo leticia letitia lettie lettish leuwenhoek levantine levente levi levite levitical leviticus lewes
lewis lewiston lexie lexington leyden leyla lhasa liam lian liana lianne liao libbie libby liberace liberia liberian
liberians libra libreville libya libyan libyans lichtenstein lidia lidya liechtenstein liechtensteiner liege liepa
liepaja lietuva liguria lila lili lilia lilian liliana liliuokalani lilja lille lillia lillian lillie lilly lilongwe
lima limassol limeira limnos limousin lina lincoln lincolnesque lincolnian lincolnshire lind linda lindberg lindbergh
lindesnes lindholm lindley lindsay lindsey lindsi lindstrom lindsy lindy lingala lingualumina linnaean linnaeus linnean
linus linux linz lionel lior lipchitz lipmann lippi lippmann lipscomb lisa lisboa lisbon lisette liston lisu liszt
lithuania lithuanian lithuanians littre livermore liverpool liverpudlian livia livingston livingstone livonia livonian
livy liyanage liza lizbeth lizette lizzie ljubljana lloyd llyr lobachevsky lobamba lobito locke lodz loeb loewe loewi
lofoten logan logrono lois loki lola lolita lolo loloish lombardi lombardia lombardy lome lomé london londoner
longfellow longyearbyen lonnie lopes lopez lora loraina loraine lorca lorelei loren lorena lorene lorentz lorenz lorenzo
loretta lori lorie lorna lorraina lorraine lorre lorri lorrie lothringen lotte lottie louella louie louis louisa louise
louisiana louisianan louisianian louisville lovelace lovelie lovell lovric lovro lowe lowell lowry loyang loyola lozi
lozier luanda luann luba lubavitch lubavitcher lubbock lubeck lubitsch lublin lubumbashi luca lucania lucas luce lucia
lucian luciana luciano lucie lucien lucija lucile lucille lucinda lucknow lucretius lucullus luculus lucy luda ludhiana
ludian ludovic ludvig ludwig luela luella lufkin luftwaffe lugh lugosi luigi luik luis luisa luise luiz luka lukas luke
lukic lula lulli lully lulu luluabourg lulwa lumpur luna lund lungu lunt luo luoyang lupe lupita lusaka lusatian lushun
lusitania lusitanian luta luther lutheran lutheranism lutyens luuk luvian luwian luxembourg luxembourger luxembourgian
luxembourgish luxemburg luxemburger luxor luyia luzon lviv lyallpur lycia lycian lydia lydian lyla lyle lyly lyna
lynchburg lynda lyndhurst lyndon lyndsey lyne lynette lynn lynna lynne lynnette lynsey lyon lyonnais lyons lysander
lysenko lysimachus lysippus lytton maarianhamina maarten maartener maayan mabel mable macanese macao macau macaulay
macbeth macedon macedonia macedonian macedonians mach machiavelli machiavellian machiavellianism macie maciej mack
mackenzie macklemore macleod macy madagascan madagascar madalyn maddie madeira madeiras madeleine madelina madeline
madelyn madison madonna madrid madsen maeda maeterlinck mafa magadan magadhan magda magdalena magdalene magellan maggie
maghreb magi maginot magnificat magnus magnusson magritte magyar magyarorszag maha mahabharata mahabharatam mahabharatum
mahamadou mahammad mahan maharashtra mahayana mahayanism mahdi mahdism mahesh mahgrib mahican mahler mahmoud mahomet
mahoran mahound mahratti maia maidstone maidu maiduguri maier maillol maimonides maine maintenon maire maisie maite
maitland maitreya maja majd majerus majorca majuro makarov makassar makataimeshekiakiak makedonija makela makinen maksim
malabo malacca malachai malachi malachias malachy malaga malagasies malagasy malak malamud malawi malawian malay malaya
malayalam malayan malaysia malaysian malaysians malcolm maldivan maldives maldivian malebranche malecite malen maleseet
malevich mali malia malian malibu malik malika malinda malinowski mallarme mallon mallory malmo malone malory malpighi
malraux malta maltese malthus malthusian malthusianism malti malto malton malvern malé mam mamadou mamani mamet mammadov
mamoudzou managua manaia manama manannan manaus manawydan manawyddan manchester manchu manchuria manchurian mancini
mancunian manda mandaean mandaeanism mandakranta mandalay mandara mandarin mande mandean mandeanism mandela mandelbrot
mandelshtam mandelstam mandy manet manfred manhattan manichaean manichaeanism manichaeism manichean manichee manila
manipur manish manitoba mankato mann mannheim manny manon mansart mansfield mansi manson mantegna mantell manuel manuela
manx manzoni mao maoist maori maplewood maputo maquis mara maracaibo maracay maraco maranhao marat marathi marc marceau
marcel marcela marcell marcella marcelle marcello marcelo marche marci marcia marciano marcie marcin marcionism marco
marconi marcos marcus marcuse marcy marduk margaret margarette margarida margery margie margo margot margret margrette
marguerite mari maria mariah mariam mariamawit mariami marian mariana marianas mariane mariani marianna marianne mariano
maribel maribor maric maricopa marie mariehamn mariela mariella marigot marija marilyn marin marini marino mario marion
marios mariposan maris marisa marisol marissa maritza marius marjorie markel markham marko markoff markos markov markova
markovian markovic markus marla marlena marlene marley marlin marlo marlon marlowe marnie maroc marquand marques
marquette marrakech marrakesh marroquin marruecos mars marseillaise marseille marsha marshall marshallese marstan marta
martha marti martian martim martin martina martine martinez martinican martinique martins marty marvell marvin marwa
marx marxism marxist mary maryam maryan maryann marybeth maryjane maryland marylander marylou masa masai masefield
maseru mashhad mashi mashriq masora masorah masoretic masorite masoud masoumeh masqat massachuset massachusetts
massasoit massawa massenet massine mata matabele matakam matamoros matei matej mateo matheus mathew mathias mathieu
mathilde mathis matias matic matilda matilde matisse matoaka matsumoto matt matteo matthew matthews matthias matti
mattia mattias mattie mattole matty matus matyas maud maude maugham maui mauldin maupassant maura maureen mauriac
maurice mauricio mauritania mauritanian mauritanie mauritian mauritius maurois mauser mavis mawlamyine maxime maximian
maximilian maximiliano maxina maxine maxwell maya mayakovski mayan maybell mayday mayen mayenne mayer mayotte mayr mayra
maysoun mazatlan mazie mazzini mbabane mbeya mbundu mccarthy mcdonald mcgill mckenzie mclaughlin mclean meade meagan
mecca medan medawar medea medellin medford medici medina mediterranean megan meghalaya meghan mehdi mehmedovic mehmet
mehmeti meier meijer meir meissner meitner mejia mekong melanchthon melanesia melanesian melanie melba melbourne
melchior melchite melina melinda melisa melissa melkite mellisa mellon melnyk melo melokuhle melpomene melville melvin
memel memphis menander mencken mendel mendeleev mendeleyev mendelian mendelianism mendelism mendelsohn mendelssohn
mendes mendez mendoza menelaus meniere menninger mennonite menominee menomini menotti menuhin mephistopheles mercator
mercedes mercier merckx mercouri meredith mergenthaler merida meriem merissa merjem merle merlin merodach meron
merovingian merrill merton mervin mervyn meryem meryl mesmer mesoamerica mesoamerican mesopotamia mesopotamian mesozoic
messi messiaen messier messina metchnikoff metchnikov methodism methodist methodists methuselah metternich mexicali
mexican mexicans mexico meyer meyerbeer meyerhof meyers miami miao micaela micah micawber michael michaela michal
micheal micheas michel michelangelesque michelangelo michele michelle michelson michener michigan michigander michoacan
micky micmac micrachi micronesia micronesian microsoft midas middleton mideast midori midrash midwest miguel mihai
mihhailov mika mikaela mikaere mikel mikhail mikkelsen mikolaj mila milagros milan milanese milano mildred milena
milhaud milhouse milica millais millay millicent millie millikan millington milly milne milo milos milosevic miltiades
milton miltonic milwaukee mimi mina minato mindanao mindoro mindy minenhle minerva ming minh minik minkowski minneapolis
minnesota minnesotan minnewit minnie minoan minos minsk minuit miquelon miquelonnais mira mirabeau miral miranda miri
miriam mirish mirlande mishna mishnah mishnaic miskolc mississauga mississippi mississippian missoula missouri
missourian missy mitch mitchell mitchum mitford mithra mithras mithridates mitra mitterrand mitzi miwok miyar mizoram
mnemosyne mobina mobius moby mocambique modibo modigliani mogadiscio mogadishu mohamad mohamed mohammad mohammed
mohammedan mohammedanism mohan mohave mohican mohorovicic moira moirai moises mojave mokulu moldavia moldavian moldova
moldovan molech moliere molina moline molise moller mollie molly molnar molokai molotov moluccas mombasa mommsen momos
momus mona monacan monaco monario monday mondrian monegasque monet mongol mongolia mongolian mongolians mongolic monica
monika monique monnet monophthalmos monophysite monophysitic monophysitism monothelitism monroe monrovia montagu
montaigne montana montanan monte montenegrin montenegro monterey monterrey montespan montesquieu montessori monteverdi
montevideo montez montfort montgolfier montgomery montmartre montpelier montpellier montreal montserrat montserratian
monty moore moorish moquelumnan mora morales moravia moravian mordovia mordva mordvin mordvinian moreau moreira morelos
moreno moresby moresque moretti morgan morgantown mori morin morina moritz morley mormon mormonism mormons moroccan
moroccans morocco moroni morozov morpheus morrigan morrigu morris morrison morrissey morristown mors morse mortensen
mortimer morton mosan mosander moscow moser moses moshe moslem mosotho mossad mossbauer mosul motherwell motown motswana
mott motu moukden moulmein mounties moussa moussorgsky moynihan mozambican mozambique mozart mozartean mozartian
mrignayani mubarak mubarek muenchen muhamed muhammad muhammadan muhammadanism muhammed muhammedan muir mukalla mukden
mulder mulwi mumbai munchausen munchhausen muncie munda munich munjuk munoz munro munteanu murad murati muratovic
murdoch muriel murillo muritaniya murmansk murphy murray murrow muscovy musgoi musgu musial muskhogean muskogean
muskogee muslim muslimism muslims musset mussolini mussorgsky mustafa mustapha mutawa mutsuhito muybridge mwanza mwera
myanmar mycenae mycenaean myers myles mylitta myra myrdal myriam myrlande myrna myron mysore mytilene māori n'djamena
naasunnguaq nablus nabokov nabu nadene nadia nadina nadine nadya nafud naga nagaland nagano nagari nagasaki nagoya
nagpur nagy nahia nahom nahuatl nahum naiki naima nairobi naismith najd nakajima nakamura nakashima nakuru nalchik nalla
namibia namibian namibians nammu nampa namtar namtaru namur nanaimo nanak nancere nanchang nanchong nancy nanette
nanjing nanking nansen nantes nanticoke nantong nantucket naomi naomie napier naples napoleon napoleonic napoli narayan
narges nasa naseby nashville nassau nasser nast natalia natalie natalya natasha natchez nate nathalie nathan nathanael
nathaniel nathy nato natta nauru nauruan navaho navajo navan navarro navratilova nayarit naypyidaw nazarene nazareth
naze nazi nazimova nazis nazism ndau ndebele ndjamena ndonga neal neanderthalian neapolitan nebiim nebo nebraska
nebraskan nebuchadrezzar nederland neel nefertiti nefud negev nehemiah nehir nehru neil neilson nejd nela nelisa nellie
nelson nemcova nemea nemec nena nenets nentsi nentsy neopolitan nepal nepalese nepali nephthys neptune nereus nergal
nerissa nernst nero nerthus neruda nerva nervi nesreen nessie nestorian nestorius netherlander netherlands netscape
nettie neumann neuschwanstein nevada nevadan nevelson neville nevis nevisian newari newark newburgh newcastle newcomb
newfoundland newham newman newmarket newport newton newtonian ney nganasan ngerulmud nguni nguyen niamey niamh nibelung
nibelungenlied nicaea nicaean nicaragua nicaraguan nicaraguans nicene nicholas nichole nichols nicholson nicki nicklaus
nickolas nicky nico nicola nicolas nicole nicolette nicolson nicosia nidaros niebuhr niels nielsen niemi nieminen
nietzsche nigel niger nigeria nigerian nigerians nigerien nigeriens niharika nihau nihon niilo nijinsky nijmegen nika
nikau nikhil niki nikita nikki niklas niko nikola nikolai nikolay nikolic nikolov nikolova nikos nila nilay nile niles
nilotic nils nilsen nilsson nimitz nimrod nina nineveh ningal ningbo ningirsu ningishzida ninhursag ninib ninigi
ninkharsag ninkhursag nintoo nintu ninurta niobe nippon nipponese nisanur nisei nisha nita niue niuean nivi nixon njord
njorth noachian noah noam nobel noella noelle noemi noether nogales noguchi nojus nolan nomaan nome noor nootka nora
norah norbert noreen noreg norfolk norfuk norge norma norman normandie normandy norodahl norris norrish norse norseman
northampton northamptonshire northman northrop northumberland northumbria norway norwegian norwegians norwich
nostradamus nottingham nottinghamshire nouakchott nouf nouméa nour novak novakova november novgorod novial novikov novo
novosibirsk novotna novotny nowak nox noyes nubia nubian nuffield nuka nuku'alofa numidia numidian nunavut nunes nunez
nung nuray nuremberg nureyev nurnberg nurul nusku nuuk nyamuragira nyamwezi nyasaland nyiragongo nyla nyman nynorsk nyx
oahu oakland oakley oakmont oakwood oaxaca obadiah obama obrien occam occitan oceania oceanica oceanus ochoa ochs ockham
oconnor octavia octavian octavio october odelia odesa odessa odets odette odin odisha odo odoacer odovacar odovakar
odval odysseus oedipus oengus oesterreich ofelia offenbach ofo ogalala ogawa ogden oglala ohio ohioan oier oireachtas
oisha ojibwa ojibway oken okenfuss okinawa oklahoma oklahoman oksana olaf olav oldenburg oldfield oleg oleksandr olga
oliveira oliver olivia olivier oliynyk ollari ollie olmsted olofsson olsen olson olsson olympia olympic omaha oman omani
omanis omar omayyad omdurman omer omiya ommiad omotic omsk ondaatje ondrej oneida oneill ono onondaga onsager ontario
oort opec opel ophelia oporto oppenheimer ops optez oran orangeman oranjestad orbison orcus orczy ordos oregon oregonian
orellana orestes orff orford origen orinoco orion orissa oriya orizaba orlando orleanais orleans orly ormandy ormazd
ormuzd orono orozco orpheus orr ortega ortiz orumiyeh orville orwell orwellian osage osaka osama osasco osborne oscan
oscar osiris oskar oslo osman osmanli ossete ossetia ostrava ostwald ostyak osvaldo oswald othello otho otis oto otoe
ottawa otto ottoman ottumwa ouagadougou oujda oumar oumou ouranos ovid oviedo ovimbundu owen owens owensboro oxford
oxfordshire oxley oxonian oyunbileg ozawa ozdemir ozturk pabir pablo pacific paderewski padova padraig padua paducah
paganini paget pago pahang pahk pahlavi pahlevi pahng paige paine paiute paiwanic pakistan pakistani pakistanis palaic
palau palauan paleozoic palermo palestine palestinian palestinians palestrina palgrave pali palikir palladian palladio
pallas pamela pamlico panaji panamanian panamanians pandora pangloss panhellenic panini paninnguaq panjabi panofsky
paola paolo papadopoulos papahanaumokuakea papeete papeetē papiamento papua papuan paracelsus paraclete paraguay
paraguayan paraguayans paralipomenon paramaribo parana parashurama pareto paris parisian parjanya parji parkersburg
parkinson parkwood parmenides parnell parrish parsi parthenon parthia parthian parvati pasadena pascal pashto pashtu
pashtun pasigraphy pasiphae passover pasternak pasteur pasteurian pasto patagonia patavium patel paterson pathan patna
patois paton patrai patras patrica patrice patricia patrick patrik patroclus patterson patti pattie patwin paul paula
paulette pauli paulie paulina pauline pauling paulo paulos pavarotti pavel pavic pavlo pavlov pavlovian pavlovic pawnee
paxto paxton peabody pearson peary pedersen pedro peeters pegasus peggy pehlevi pei peiping peirce peking pelagianism
pelagius pele peleus pelew pelham peloponnese peloponnesian peloponnesus pembroke pena penang penelope penh pennines
pennington pennsylvania pennsylvanian pensacola pentateuch penutian penzance peoria pepin pepys perak percy pereira
perera peretz perez pergamum peric pericles perkins perla perlis permic pernambuco peron perry persephone persepolis
perseus pershing persia persian persson perth peru perutz peruvian peruvians peshawar petar pete peter peterburg peters
petersburg petersen peterson petr petra petrarca petrarch petro petrograd petronius petros petrov petrova petrovic
pettersen pettersson peul pfalz phak pham phan phang pharaonic pheidias phenicia phidias phil philadelphia philemon
philip philipp philippe philippi philippian philippians philippine philippines philippopolis philipsburg philistia
phillip phillips philomena phintias phnom phoebe phoebus phoenicia phoenician photius phrygia phrygian phylis phyllis
piaf piaget piagetian picardie picardy picasso pichler pickett pickford picton pidlimdi piemonte piero pierrais pierre
pierrot pieter pietro pilar pilsen pima pinas pinatubo pincus pindar pindaric pinecrest pinsk piotr pipaluk piraeus
pirandello pisa pisces pisin pitcairn pitot pittsburgh pittsfield pizarro planck plano plantagenet plataea plath plato
platonic platonism platonistic plattdeutsch pliny plotinus plovdiv plutarch pluto plutonian plymouth plzen pocahontas
pocatello podgorica poe poitier poitou pokomo poland polina polishchuk polk polly polska polyhymnia polynesia polynesian
pomo pompeii pompey ponca ponka ponselle pontiac pontus popescu popov popovic porte portia portillo portland porto
portsmouth portugal portuguese portugueses poseidon potawatomi potomac potsdam poulenc poulsen poussin powell powhatan
powys poznan pozsony prag prague praha praia prajapati prakash prakrit prakritic prasad prato pravit praxiteles prem
presbyterian presbyterianism prescott presley pressburg preston pretoria preussen priam priapus priestley prifti
princeton principe priscila priscilla pristina priyamvada prochazka prochazkova procrustean procrustes prokhorov
prokofiev prolog prometheus proserpina proserpine protestant protestantism proudhon proust proustian provence provo
provos prussia prussian príncipe psalter pseudepigrapha ptah ptolemaic ptolemy puccini puebla puerto pugin puglia
pujunan pulitzer punjab punjabi purace purana puranic purcell purkinje pusan pusey pushan pushkin puteri putin putnam
putrajaya puyang pygmalion pyle pynchon pyongyang pyotr pyrrhus pythagoras pythagorean pythia pythias pythius qaddafi
qadhafi qaeda qandahar qatar qatari qataris qiang qiangic qin qing qingdao qinghai quaker quakerism quapaw quebec
quebecois quechua quechuan queenie queensland quentin queretaro quetzalcoatl quezon quiana quincy quine quinn quinton
quispe quito qum quoratean qur'an quran rabat rabelais rabelaisian rabina rachael rachel rachele rachelle rachid rachida
rachmaninoff rachmaninov racine radhakrishnan radic radu rafael raffi ragnarok ragusa rahu rahul raina rainer raipur
raisa rajasthan rajesh rajshahi ralegh raleigh ralf ralph rama ramachandra ramadan ramallah ramayana rameau rameses
ramesses ramirez ramiro ramman ramon ramona ramos ramses ranchi randal randall randi randolph rangoon rangpur rania
rankin rantanen raoul raphael raquel rashad rashid rasht rask raskolnikov rasmus rasmussen rasputin rastafari
rastafarian rastas rattigan raul ravelli rawalpindi rawiri rayan rayleigh raymond rayna reagan reanna reaumur reba
rebeca rebecca rebeka rebekah recep recife redcliffe redford redhill rediffusion redonda reece reem reema rees
reformation regan reggane reggie regina reginald regiomontanus regis rehnquist reich reichstein reid reihaneh reilley
reilly reims reina reinhold reis reiter rembrandt rembrandtesque remus rena renae renaissance renata renee rennes reno
renoir resht respighi reta reuben reuter reyansh reyes reykjavik reyna reynaldo reynolds reza rhea rheims rheinland
rhenish rhett rhiannon rhine rhineland rhoda rhodesia rhodesian rhona rhonda ribeiro rica rican ricardo riccardo ricci
richard richards richardson richelieu richelle richie richler richmond rickenbacker rickey ricki rickie rickover ricky
rico riel riemann riemannian ries riesman riffian riga rihanna rikki riko riksmaal riksmal riley rilke rimas rimbaud
rina ringling rio rita rittenhouse rivaldo rivas rivera riverbend riviera riya riyadh rizzo roanoke robbie robbin
robbins robby robert roberta roberto roberts robertson robeson robespierre robinson robyn rocco rocha rochambeau rochele
rochelle rochester rocio rockefeller rockford rockingham rockwell roderick rodger rodgers rodhos rodin rodney rodolfo
rodrigo rodrigues rodriguez roebling roel rogelio roger rogers roget roghayyeh rohan rojas roland rolanda rolando rolf
rollo roma roman romanal romani romania romanian romanians romanic romanism romanist romano romanoff romanov romans
romansh romany romberg rome romeo romero rommel romulus ron ronald ronaldinho ronaldo ronan ronda roni ronna ronnie
ronny rontgen roosevelt rooseveltian rory rosa rosalie rosalina rosalind rosalinda rosalyn rosanna rosanne rosario
roscoe roseann roseanne roseau rosella roselle rosemarie rosenberg rosetta rosicrucian rosicrucianism rosie roslyn ross
rossetti rossi rossini rostand rostock rostov roswell rotari rotarian roth rothko rothschild rothwell rotterdam roumania
roumanian rous rousseau rousseauan roux rowan rowe rowena rowling roxana roxane roxanna roxanne roxie roxy royce ruanda
ruandan ruben rubens rubicon rubin rubinstein rubio rudolf rudolph rudra rudy rufus ruhr ruiz rumania rumanian rumansh
rumi rumpelstiltskin rundstedt runyon rupaul rupert ruritanian rus rushdie ruskin russel russell russia russian russians
russo rustbelt rusu ruth ruthie rutland rutledge rwanda rwandan rwandans ryan ryang ryoo ryou ryukyuan réunion
réunionese saame saami saanvi saarinen saba sabah sabahan sabaoth sabbatarian sabellian sabina sabine sabrina sacagawea
sacajawea sacco sachsen sacramento sadat saddam sadducean sade sadie saeed saek safaqis saginaw sahaptin sahar sahara
saharan sahin sahrawi saida saigon saipan saito sakamoto sakartvelo sakeena sakhalin sakharov sakineh sakkara sakti
sakura saladin salafism salas salem salian salihovic salik salim salina salinger salisbury salish salishan salk sallie
salma salminen salo salome salomon salonen salonica salonika salvador salvadoran salvadorean salvadorian salvatore
salzburg samantha samara samarang samarcand samaria samaritan samarkand samhita sami samir samira samkelo sammarinese
sammie sammy samnite samoa samoan samoans samoyed samoyedic samson samuel sana sana'a sanaa sanchez sandberg sandburg
sandeep sanders sandra sandro sangay sango sanhedrin sanjay sanskrit santa santana sante santee santiago santigold
santino santo santos sanz sapir sappho sapporo saqib saqqara saqqarah sara saragossa sarah sarajevo sarasota sarasvati
saratov sarawak sarawakian sarazen sardegna sardinian sardis sargent saric sarina sarnoff saroyan sarpanitu sarpedon
sartre sasaki sasha saskatchewan sasquatch satan satanism satchmo satie sato satoshi saturday saturn saudi saudis saul
saunders saussure savara savic savitar savonarola saxe saxon saxony sayanci sayda scandinavia scandinavian scaramouch
scaramouche scarface scarlett scheele schenectady scheving schiaparelli schiller schiltz schleiden schlesien schlesinger
schliemann schmid schmidt schmit schmitt schmitz schnabel schneider schoenberg schonbein schonberg schoolcraft
schopenhauer schrodinger schroeder schubert schulz schumann schumpeter schutzstaffel schwann schwarz schweitzer schweiz
scipio scorpio scorsese scot scotchman scotchwoman scotland scots scotsman scotswoman scott scottie scottish scottishes
scotty scranton scriabin scripps scylla scythia scythian seaborg seaforth sealyham seamus sean seanad seaton seattle
sebastian sebastien sebastopol sechuana sedalia seeger seeland segal segovia segura seine seinfeld sekhet sekou selangor
selcraig selena selene seles seleucus selim selina seljuk selkirk selkup selma selznick semarang seminole semite semitic
semjonov semyonov seneca senecan senefelder senegal senegalese senegaleses sennacherib sennett senor senora senorita
seoh seoul sephardi sepp september septuagint sepulveda sequoya sequoyah serbia serbian serbians serdica serena
serengeti sergei sergey sergio seri serife serkin serra serrano sesotho setayesh seth seton setswana setubal seurat
sevastopol sevda sevilla seville sevinj seward seychelles seychellois seyhan seymour sfax shahaptian shahd shahid shahn
shaikha shaim shaimaa shakespeare shakespearean shakespearian shakira shakspere shakti shaktism shala shamash shan shana
shanaya shanda shane shang shanghai shania shankar shanna shannon shanon shantou shapley shaquille shari sharlene sharma
sharon sharron sharyn shasta shastan shaun shauna shavian shaw shawn shawna shawnee shay shayla shayma shayna shayne
shea sheba sheena sheffield shehu shelby sheldon shelia shelley shelly shelton shem shema shenyang shenzhen shepard
sherbrooke sheri sheridan sherifa sherman sherri sherrie sherrington sherwood sheryl shetland shevchenko shevchuk shia
shiah shiite shijiazhuang shikoku shillong shiloh shimizu shimla shina shinto shintoist shintoistic shira shiraz shirley
shirli shirly shiyan shlomo shockley shona shoshone shoshonean shoshoni shoshonian shostakovich shreveport shristi shua
shuha shute shyla siam sian sibelius siberia siberian sibine sichuan sicilia sicilian sicily siddhartha siddons sidney
sidon siegfried sif sigmund sigurd sikh sikhism sikkim sikorsky silas sillin silva silvanus silverstein silvia silvio
simenon simmons simon simona simone simonsen simpson sinai sinaloa sinatra sinbad sinclair sindhi sindy singan singapore
singaporean singaporeans singh singhalese sinhala sinhalese sinitic sinkiang sinology sint siobhan sion siouan siqueiros
sirach siracusa sirbu sisyphean sisyphus sita siti sitka sitsang sitwell siva siyabonga sjaelland skagit skagway skanda
skeat skinnerian skopje skoplje skuld slask slav slavic slavonic slezsko slobodan slovak slovakia slovakian slovaks
slovene slovenia slovenian slovenija smalley smetana smirnov smit smolensk smollett smyrna smyth snead snellen snezana
sobia socinian socinus socrates socratic sofia sofie sofija soho sokolov sokoro soledad solingen solomon solomonic
solomons solovyov solresol solvay solzhenitsyn somali somalia somalian somalians somayyeh somerset somrai sondheim
sondra songhai sonia sonja sonora sontag sonya sophia sophie sophocles sophonias sorani sorbian soren sorensen sosa
sotho soto soudan soufflot souleymane soung sousa sousse souta southampton southey southwold soutine soviet soviets
soweto spain spalding spallanzani spaniard spaniards spanish sparta spassky speer speke spencer spengler spenser sperry
spiderman spielberg spillane spinoza spitsbergen spitzbergen spock spode spokane spotsylvania springfield springhill
springwood srbija stabroek stacey staci stacie stacy stael staffa stafford staffordshire stagira stagirus stalin
stalinabad stalingrad stalinist stalino stamboul stambul stan standish stanford stanislav stanislavsky stanislaw stanley
stanton starkey starla starmer starr stavanger steele steen stefan stefanie stefano stefanos steffens steichen steinbeck
steinberg steinem steiner steinman steinmetz steinway stela stella steller stendhal stengel stephan stephane stephanie
stephen stephens stephenson sterne steuben steve steven stevens stevenson stevie stewart stieglitz stilwell stockholm
stockton stockwell stoica stojanovic stokowski stonehenge stoppard stowe stoyanov stoyanova strachey stradivari
stradivarius strasberg strasbourg strassburg stratford strauss stravinskian stravinsky stravinskyan streep streisand
strickland strindberg stroheim stroud stuart stubbs sturmabteilung stuttgart stuyvesant stygian styron suarez subotic
sucre sudan sudanese sudaneses sudbury suez suffolk sufi suha suharto suisse sukarno sukur sulawesi sullivan sumatra
sumatran sumayah sumerian sumit sumner sunbelt sundanese sunday sunderland sunita sunni sunnite suomi supermex sur
surabaya suraj surat suresh surinam suriname surinamer surya susa susah susan susana susane susanna susannah susanne
susi susian susiana susie sussex sutherland suva suzan suzana suzane suzanna suzanne suzette suzhou suzie suzuki suzy
svalbard svedberg sven svend svengali svensson sverdrup sverige svizzera svoboda svobodova swahili swammerdam swansea
swanson swazi swaziland swede sweden swedenborg swedes swedish swinburne swiss swisses switzerland sybil sydenham sydney
syed sylhet sylvanus sylvester sylvia sylvie symonds symons synge syracuse syria syrian syrians szabo szechuan szechwan
szell szilard szymon taal tabasco tabatha tabitha tabora tabriz tabuk tacitus tacoma tadgh tadjik tadzhik tadzhikistan
taegu taft tagalog tagore taha tahirovic tahiti tahitian tai taian taichi taichung taif taika tainan taipeh taipei
taiwan taiwanese taiwaneses taiyuan tajik tajiki tajikistan tajikistani takahashi takashi takelma takilman tala talbot
taleban talia taliban talien talitha tallahassee tallchief talleyrand tallin tallinn talmud tamar tamara tamaulipas
tamburlaine tamera tamerlane tami tamika tamil tamm tammany tammerfors tammi tammie tammuz tammy tampa tampere tampico
tamra tanach tanaka tanakh tancred tandy taney tanganyika tange tangier tangshan tanguy tania tanika tanisha tanoan
tantalus tantric tantrik tanya tanzania tanzanian tanzim taoism taoist taos tappan tara tarabulus taracahitian tarana
tarantino tarawa tarbell tareq tarkovsky tarquin tarquinius tartarean tartary tartu taryn tarzan tasha tashkent tashmit
tashmitum taskent tasman tasmania tasmanian tasso tatahumara tatar tatarstan tatary tate tati tatiana tatsuki tatum
tatyana taunton taurus tavares tawana tawney tay tayalic tbilisi tchad tchaikovsky teasdale tebaldi tecumseh tecumtha
teddy tegan tegu tegucigalpa teheran tehran teixeira telangana telemann tellus telugu temuco temujin tenerife tennessean
tennessee tenniel tennyson teodora teotihuacan tepic tera terence terengganu teresa tereshkova tereza teri terrance
terre terrell terrence terri terrie tertullian tesla tessa tessie tessin tethys tetragrammaton tetum teutonic texan
texans texarkana texas thackeray thad thaddaeus thaddeus thai thailand thais thales thalia thames thanatos thandolwethu
thanksgiving tharp thatcher thatcherism thatcherite thea theban theia thelma themis themistocles theo theodor theodora
theodore theodosius theophrastus theresa therese theseus thespis thessalia thessalian thessalonian thessalonica
thessaloniki thessaly thiago thibet thill thimphu thiry thom thomas thomasina thomism thompson thomsen thomson thor
thorarensen thoreau thoreauvian thorlacius thorndike thornhill thornton thorpe thorshavn thoth thrace thracian
thucydides thule thurber thuringia thursday tiamat tian tiana tianjin tianna tianshui tiberius tibet tibetan tibur
ticino tientsin tiepolo tiffany tiflis tigrinya tigris tijuana tilburg tilden tillich timbaland timbuktu timgad timimoun
timisoara timmy timor timorese timur tina tinbergen tindal tindale tingting tintoretto tirana tiresias tirol tisha
titaness titian tito titus tiu tiverton tivoli tjin tkachenko tlaxcala tlingit tobago tobagonian tobey tobias tobin
tobit toby tocharian tocqueville toda todd todorov todorova togo togolese tojo tokelau tokelauan tokio toklas tokyo
tolbukhin toledo tolkien tolstoy tomas tomasz tombaugh tomean tomic tommaso tommie tommy tomoharu tomsk tomé tonga
tongan toni tonia tonto tonya topeka tora torah tori torino toronto torquay torquemada torreon torres torricelli toscana
toscanini tosk toth tottenham toulon toulouse tourette townsend toynbee toyohashi toyonaki trablous tracey traci tracie
tractarian tractarianism tracy tradescant trajan tran transcaucasia transvaal transylvania traubel travis tremblay trent
trento trenton trevelyan trevino trevithick trevor triassic tricia trieste trimurti trina trinidad trinidadian
trinidadians trinitarian trinitarianism tripoli tripp tripura trish trisha trista tristan tristram trollope trondheim
trotsky trotskyite trudy truffaut truman trumbo trumbull truro tryniski tsaritsyn tshiluba tsimshian tsonga tsouic tsui
tswana tuareg tubman tuchman tucson tudor tuesday tula tully tulsa tulu tulum tunar tungus tungusic tunguz tunis tunisia
tunisian tunisians tunker tunney tuominen tupi tupungatito turcan turcoman turfan turgenev turgot turin turing turkestan
turki turkic turkish turkistan turkmen turkmenia turkmenistan turkmens turkoman turkomen turks turku turpin turunen
tuscaloosa tuscan tuscany tuscarora tuskegee tussaud tutankhamen tutelo tutsi tuva tuvalu tuvaluan tuzigoot twitter
tyche tyler tyndale tyndall tyr tyra tyrol tyrolese tyrone tyrr tyson tzara tórshavn türkiye ubykh udmurt udmurtia ufa
uganda ugandan ugandans ugaritic ughur ugne ugrian ugric uhland uighur uigur ukraine ukrainian ukrainians ukranian
ukrayina ulaanbaatar ulan ulanova ulfila ulfilas ulrich ulrik ulysses umayyad umberto umbria umbrian umbundu umma ummah
unax undset unesco uniate unicef unitarian untermeyer upanishad updike upjohn uppsala upsala upton uralic urania uranus
urbana urd urdu urey urga urmia ursula urte urth uruguay uruguayan urumqi usbeg usbek usha ushas uskub usman ussher ussr
ustinov usuli usumbura utah utahan ute utica utnapishtim utrecht utrillo uttarakhand utu utug uxbridge uxue uygur uzbak
uzbeg uzbek uzbekistan uzbekistani vaduz valdez valdosta valencia valenciennes valentin valentina valenzuela valeria
valerie valery valetta vali valkyrie valletta valois valparaiso valverde vanbrugh vance vancouver vanderbilt vanesa
vanessa vanuatu vanzetti varese vargas varna varro varuna vasarely vasari vasily vasilyev vasquez vassiljev vatican
vaudois vaughan vaughn vaux vauxhall vayu vazquez veblen veda vedanga vedic vedism vega velasquez velazquez vella velma
venda venetia venetian veneto venezia venezuela venezuelan venezuelans venice venn ventner venus veps vepse vepsian vera
veracruz verdandi verde verdi verdian vergil verlaine vermeer vermont vermonter vern verna verne verner vernice vernon
verona veronese veronica verrazano verrazzano versace versailles verthandi verwoerd vesalius vesela vesely vesey vesna
vespasian vespucci vesta vestris vesuvius viborg vicente vichy vicki vickie vicksburg vicky victorian victoriana vidal
vidalia vidovic vienna vienne viennese vientiane vieques vietnam vietnamese vietnameses vihaan viking vikings vikky
viktor viktoria viktorie viktorija vila villahermosa villalba villalobos villard villon vilna vilnius vilno vilte vince
vincent vincentian vincenzo vinogradoff vinogradov vinson violeta virchow virgil virginia virginian virgo virtanen
visayan visconti vishnu visser vitus vivaan vivaldi vivek vivian viviana vivien vivienne vizcaino vlad vladimir
vladislav vladivostok vlaminck vogt vogul vojtech volapuk volga volgaic volgograd volkov volodymyr volta voltaire
voltarean voltarian volund vonnegut vorobyov vostok votyak voznesenski vuillard vukovic vulcan vulgate vusala waage waco
wagner wagnerian wagram wahabi wahhabi wahunsonacock wahvey waikiki waite wajda wakana wakashan wakefield walapai
walbiri waldenses waldheim wales walesa wallace wallenstein wallis walloon walloons wally walpole walsh walt walter
walters walton wanamaker wanda wandala warburg warhol warji warlpiri warsaw warszawa warwick warwickshire washington
washingtonian wassermann watanabe waterbury waterford watertown watford watson watteau watusi watutsi waugh wausau
wavell wayland waylon wayne weber wedgwood wednesday weedon wegener wei weil weill weimar weinberg weismann weiss
weizmann wellington welsh welshes welshman welty wembley wendell wendi wendy wentworth werfel werner wernicke wesley
wesleyan wesleyanism wesleyism wessex westminster weston wexford wharton wheatley wheatstone whitby whitchurch whitehall
whitehorse whitman whitney whitni whitny whittier wicca wiccan wichita wickham wickliffe wicklow wiclif widelene wieland
wiesbaden wiesel wiesenthal wigner wikipedia wila wilbert wilbur wilde wiley wilfred wilfredo wilfrid wilfried wilhelm
wilhelmina wilkes wilkins wilkinson willa willard willebrand willemstad william williams williamson williamstown willie
willis willowbrook willy wilma wilmington wilmut wilno wilson wilsonian wimbledon wimmer winchester winckelmann windaus
windhoek windsor winfred winfried wingham winifred winkler winnebago winnie winnifred winnipeg winona winslow winston
winterthur wintun wisconsin wisconsinite wisniewski wister witherspoon wittgenstein wittgensteinian witwatersrand wodan
wodehouse woden wojciech wojcik woking wolfe wolff wolfgang wolfram wollaston wollstonecraft wolof wong woodbridge
woodbury woode woodhull woodrow woodside woodstock woodward woolf woollcott woolley woolwich woolworth worcester
wordsworth wordsworthian wotan wouk wout wouter wroclaw wuerzburg wuhan wulfila wupatki wurlitzer wurzburg wuxi wuzhou
wyat wyatt wycherley wyclif wycliffe wycombe wyeth wykeham wyler wylie wynette wynfrith wyoming wyomingite wyszynski
xavier xenophanes xenophon xhoel xhosa xiamen xian xiao xiaomei xiaoyan ximena xinjiang xinyang xinyi xizang xzibit yael
yafo yagmur yahi yahli yahve yahveh yahwe yahweh yakima yakut yakutia yakutsk yale yalta yaltopya yama yamada yamaguchi
yamaltu yamamoto yamani yamasaki yamashita yamazaki yamoussoukro yamoussukro yana yanan yangon yangtze yanis yankee yann
yanni yannick yaounde yaoundé yaren yarin yaroslav yasmin yasmine yassin yassine yastrzemski yavapai yeats yeatsian
yeddo yedo yekaterinburg yekaterinoslav yelena yellowknife yemen yemeni yenisei yeniseian yerevan yerkes yersin yesenia
yeun yeung yevgeni yevgeny yevtushenko yezo ygdrasil yggdrasil yiddish yildirim yildiz yilmaz ying yisrael ymir yokohama
yokoyama yokuts yolanda yonas yonatan yonathan yong york yorkshire yorktown yoruba yosef yoshida youngstown yousouf
youssef youtube yucatan yucatec yucateco yue yuen yugoslav yugoslavia yugoslavian yuina yuji yukawa yukon yuma yuman
yuna yunfu yunnan yuri yuriy yury yusif yusuf yuuma yuval yvan yves yvette yvona yvone yvonna yvonne zaar zabrze
zacatecas zach zachariah zacharias zachary zachery zack zackary zada zagreb zaharias zahid zahra zainab zairean zairese
zakaria zakharov zambia zambian zambians zane zangwill zanuck zanzibar zapata zapotec zapotecan zara zaragoza
zarathustra zaria zarpanit zarqa zaytsev zealand zealander zechariah zeeman zehra zeinab zelda zelma zen zena zend zeno
zephaniah zeppo zetland zeynab zeynep zhang zhangzhou zhao zhengzhou zhongshan zhou zhuang zhukov zibo ziegfeld ziegler
zimbabwe zimbabwean zimbabweans zimbalist zimmermann zineb zinnemann zinsser zinzendorf zion zionist zirbanit zoey zofia
zola zolaesque zomba zora zoran zoroaster zoroastrian zoroastrianism zsigmondy zsofia zubird zukerman zulu zuni zurich
zurvan zweig zwingli zworykin zyrian åland ålandish`
/** Genera of animals, plants and microbes. */
export const GENERA = `abelmoschus abies abramis abrocoma abronia abudefduf abutilon acalypha acanthisitta acanthocereus acanthocybium
acanthophis acanthoscelides acanthurus accipiter acer acherontia acheta achoerodus achras acinonyx acinos acipenser
acocanthera acokanthera aconitum acorus acridotheres acris acrobates acrocarpus acrocephalus acroclinium acrocomia
acropora acrostichum actaea actias actinia actinidia actiniopteris actinomeris actitis adalia adansonia adelges
adenanthera adenium adenota adiantum adlumia adonis aedes aegiceras aegilops aegypius aegyptopithecus aeonium aepyceros
aerobacter aesculus aethionema aethusa aetobatus aframomum afrocarpus agalinis agapornis agaricus agastache agathis
agdestis agelaius ageratina agkistrodon aglaomorpha aglaonema agonus agriocharis agrobacterium agropyron agrostemma
agrostis ailuropoda ailurus aix ajaia ajuga alauda albatrellus albugo albula alca alcea alcedo alcelaphus alces
aldrovanda alectis alectoria alectoris alectura alepisaurus aletris aleurites aleyrodes algeripithecus alisma alliaria
allionia allium alnus alopecurus alopex alopius alosa alouatta alpinia alsobia alsophila alstonia alternanthera alyssum
alytes amanita amaranthus amauropelta amazona amberboa ambloplites amblyrhynchus ambystoma ameiurus amelanchier amia
amianthum ammodytes ammotragus amphibolips amphicarpa amphicarpaea amphiprion amphisbaena amphisbaenia amsinckia amsonia
amygdalus anabas anabrus anacardium anacyclus anadenanthera anagallis anagasta anagyris ananas anaphalis anarhichas
anasa anastatica anastomus ancistrodon ancylus andira andreaea andricus andromeda andropogon aneides anemia anemonella
anemopsis anethum angraecum anguillula anguis anhima anigozanthus anisotremus annona anodonta anoectochilus anogramma
anolis anomala anomia anser antedon antennaria anthemis antheraea anthericum antheropeas anthidium anthoceros anthonomus
anthriscus anthus anthyllis antidorcas antigonia antilocapra antilope antrozous aotus apatura aphis aphriza aphrophora
aphyllanthes apios apis apium aplectrum aplodontia aplysia apocynum apodemus apogon aporocactus aptenodytes apus aquila
ara arabidopsis arabis arachis aramus aranea araneus araujia arca arceuthobium archidiskidon archilochus archosargus
arctictis arctium arctocebus arctocephalus arctonyx arctostaphylos arctotis ardea ardisia arenaria arenga argiope
argonauta argusianus argynnis argyranthemum argyreia argyrotaenia argyroxiphium arilus ariocarpus ariomma arisaema
arisarum aristolochia aristotelia arius armadillidium armeria armillaria armillariella armoracia arnoseris arrhenatherum
artamus artemia arthropteris artocarpus arundinaria arundo arvicola asarum ascaphus ascaridia ascaris asclepias
ascophyllum asimina asio aspalathus aspergillus asperula asphodeline asphodelus aspidelaps aspidiotus aspidophoroides
aspis asplenium astacus astragalus astreus astroloma astronium astrophyton astropogon ateles athene atherinopsis
atherurus athrotaxis athyrium atrichornis atriplex atropa attalea atticus aucuba aulacorhyncus aulostomus aureolaria
auricularia auriparus australopithecus austrocedrus austrotaxus automeris avahi avena averrhoa avicennia aythya
azadirachta azolla babyrousa baccharis bacteroides baiomys bairdiella balaena balaeniceps balaenoptera balanus balistes
ballota balsamorhiza bambusa bankia baphia baptisia barbarea bartramia basiliscus bassariscus bassia bathyergus batis
batrachoseps bauhinia beaumontia belamcanda bellis bemisia bennettitis benzoin berberis berteroa bertholletia bessera
besseya bettongia betula bibos bidens bignonia biscutella bitis blaberus blandfordia blarina blastocladia blastomyces
blatta blattella blechnum blennius blephilia bletilla blighia blissus bloomeria boehmeria bolbitis boletellus boletus
boltonia bomarea bombax bombina bombus bombycilla bombyx bonasa borago borassus bos boselaphus boswellia botaurus
bothrops botrychium bougainvillaea bouteloua bowiea boykinia brachinus brachychiton brachycome brachystegia bradypus
brama branchiobdella branta brasenia brassia brassica brevoortia bromus broussonetia bruchus bruckenthalia brugmansia
brunfelsia brya bryum bubalus bubo bubulcus bucephala buceros buchloe budorcas bulnesia bumelia bungarus buphthalmum
burhinus burmannia burmeisteria bursera butea buteo buxus cabomba cacajao cacalia cacatua cacicus cadra caenolestes
caesalpinia cairina cajanus cakile calamagrostis calamintha calamus calandrinia calidris calla callicebus callimorpha
callinectes calliophis calliphora callirhoe callisaurus callistephus callithrix callitriche callitris callophis
callorhinus calluna calocarpum calocedrus calochortus calophyllum calopogon caltha calvatia calycanthus calycophyllum
calymmatobacterium calystegia camassia cambarus camelina camelus campephilus camponotus camptosorus campyloneurum
campylorhynchus canachites cananga canangium canavalia canis cantharellus capella capparis capra caprella capreolus
capricornis caprimulgus capros capsella caranx carassius carcharhinus carcharias carcharodon cardamine cardiospermum
cardium carduelis carduus caretta carex cariama carica carlina carnegiea carphophis carpinus carpobrotus carpocapsa
carpodacus carthamus carum carya caryocar caryota casmerodius cassiope castanea castanopsis castanospermum castilleia
castilleja castoroides casuarius catacala catasetum catha catharacta catharanthus cathartes cathaya catoptrophorus
catostomus caulophyllum cavia cebuella cebus cecropia cedrela cedrus ceiba celastrus celosia celtis cenchrus centaurea
centaurium centranthus centrocercus centrolobium centropomus centropristis centropus centrosema centunculus
cephalanthera cephalopterus cephalotaxus cephalotus cepphus cerapteryx cerastium ceratitis ceratonia ceratopetalum
ceratophyllum ceratopogon ceratopteris ceratostomella ceratotherium cercidiphyllum cercidium cercis cercocebus
cercopithecus cercospora cercosporella cereus ceroxylon certhia cervus ceryle cestrum cestum ceterach cetonia cetorhinus
cetraria chaenomeles chaenopsis chaetodipterus chalcis chalcostigma chamaea chamaecrista chamaecyparis chamaecytisus
chamaedaphne chamaeleo chamaeleon chamaemelum chara charadrius charina charronia chateura chauna cheilanthes cheiranthus
chelidonium chelifer chelone chelonia chelydra chenopodium chilomastix chilomeniscus chilomycterus chilopsis chimaera
chimaphila chimonanthus chiococca chionanthus chirocephalus chironomus chlamydera chlamydomonas chlamydosaurus
chlamyphorus chloranthus chloris chlorococcum chlorophis chlorophoneus chloroxylon chlorura choeronycteris choloepus
chondrus chordeiles chordospartium choriotis chorizagrotis chorizema chronoperates chrysaora chrysemys chrysobalanus
chrysochloris chrysolepis chrysolophus chrysophrys chrysophyllum chrysopsis chrysosplenium chrysothamnus cibotium cicer
cichorium ciconia cicuta cimex cimicifuga cinclus cinnamomum circaea circaetus cirsium cistothorus cistus citellus
citharichthys citroncirus citrullus cladonia cladorhyncus cladrastis clangula clathrus claviceps claytonia cleistes
cleome clethra clethrionomys cliftonia clinopodium clitocybe clitoria clupea cnemidophorus cnicus cnidoscolus
coccothraustes cocculus coccyzus cochlearia cochlearius codariocalyx codiaeum coeloglossum coereba coffea colaptes
colchicum coleonyx colinus collinsia collinsonia collocalia colocasia coluber colubrina columba colutea comandra
comatula commiphora comptonia condylura conepatus conilurus coniogramme conium connarus connochaetes conocarpus
conoclinium conopodium conospermum conradina consolida contopus conuropsis convallaria conyza copernicia coprinus coptis
coracias coragyps corallorhiza corchorus cordaites cordia cordyline cordylus coregonus coriandrum corixa cornus corokia
cortaderia corticium cortinarius corvus coryanthes corydalis corydalus corylopsis corylus corypha cosmocampus cotinus
cottus cotula coturnix coumarouna cracticus crambe crangon craspedia crassostrea crassula crataegus crateva crax crepis
crescentia crex cricetus crocethia crocodilus crocodylus crocuta cronartium crotalus crotaphytus crotophaga
cryptacanthodes cryptobranchus cryptocercus cryptogramma cryptomeria cryptoprocta cryptotermes cryptotis ctenocephalides
ctenocephalus cuculus cucumis cucurbita culcita culex cuminum cuniculus cuon cupressus curcuma cursorius curtisia
cuscuta cuterebra cyamopsis cyamus cyanocitta cyathea cycas cycloloma cyclopes cyclophorus cyclops cyclopterus
cyclosorus cycnoches cydonia cygnus cynara cynips cynocephalus cynodon cynoglossum cynomys cynopterus cynoscion cyon
cyperus cyphomandra cypraea cyprinus cypripedium cyrtomium cystophora cystopteris cytisus daboecia dacelo dacrycarpus
dacrydium dacrymyces dactylis dactyloctenium dactylopius dactylopterus dactylorhiza dalbergia dalea dama damaliscus
danaea danaus darlingtonia darmera dasyatis dasyprocta dasypus dasyurus datura daubentonia daucus daviesia decapterus
decumaria delairea delichon delonix delphinapterus delphinus dendranthema dendraspis dendroaspis dendrocalamus
dendrocolaptes dendroctonus dendroica dendrolagus dendromecon denisonia dennstaedtia dentaria deparia dermacentor
dermatobia dermochelys descurainia desmanthus desmidium desmodium desmodus desmograthus diacalpa diadophis dialeurodes
dianthus dicentra diceros dicksonia dicranopteris dicranum dicrostonyx dictamnus dictyophera didelphis dieffenbachia
diervilla digitaria dimocarpus dimorphotheca dinornis diodon dionaea dioscorea diospyros diphylla dipladenia
diplopterygium diplotaxis dipodomys dipogon dipsacus dipsosaurus dipteronia dipteryx dipus dirca dodonaea dolichonyx
dolichos dolichotis doodia doronicum dorotheanthus doryopteris dovyalis draco dracocephalum dracula dracunculus
dreissena drepanis drimys dromaius drosera drosophyllum dryadella dryas drymarchon drymoglossum drynaria dryopithecus
dryopteris dumetella durio dusicyon dysdercus eacles eburophyton ecballium echeneis echidnophaga echinacea echinocereus
echinochloa echinops echium ectopistes egeria egretta eichhornia eira elaeagnus elaeis elaeocarpus elagatis elanoides
elanus elaphe elaphurus electrophorus eleocharis elephantopus elephas elettaria eleusine eleutherodactylus eliomys
elodea elops elymus emberiza embothrium emmanthe empetrum encelia enceliopsis encyclia endamoeba engraulis enhydra
ensete ensis entandrophragma entelea enterobius enterolobium entoloma entomophthora ephestia ephippiorhynchus epidendrum
epigaea epilachna epilobium epimedium epinephelus epipactis epipremnum eptesicus equetus equisetum equus eragrostis
eranthis ercilla erethizon eretmochelys erianthus erigeron erignathus erinaceus eriobotrya eriocaulon eriodictyon
eriophorum eriophyllum eriosoma erithacus erodium erolia eruca eryngium erysimum erysiphe erythrocebus erythronium
erythroxylon erythroxylum eschrichtius eschscholtzia esox estrilda etropus euarctos eucarya eucinostomus euderma
eudyptes eumeces eumenes eumetopias eumops eunectes euonymus eupatorium euphagus euphorbia euphractus euplectella
euproctis eurotium euryale eustoma eutamias euterpe euthynnus evernia exacum exaeretodon fabiana fagopyrum fagus
falcatifolium falco fasciola fasciolopsis felis ferocactus festuca ficus firmiana fissurella fistularia fistulina
flacourtia flammulina flindersia foeniculum fomes forficula formica formicarius fortunella fossa fothergilla fouquieria
fragaria francisella francoa frankliniella frasera fratercula fraxinus fregata fremontia fremontodendron fringilla
fritillaria froelichia fulica fulmarus fumaria fundulus fungia funka furnarius fusanus fuscoboletinus gadus galega
galeocerdo galeopsis galeorhinus galium galleria gallinago gallinula gallirallus gallus gambelia gambusia garcinia
garrulus gasterophilus gasterosteus gastroboletus gastrocybe gastrophryne gaultheria gavia gavialis gaylussacia gazella
geastrum gelechia gelsemium gempylus genetta genista gentiana gentianella gentianopsis genyonemus geochelone geococcyx
geoffroea geoglossum geomys geophilus geothlypis gerbera gerbillus gerea gerres gerrhonotus gerris geum ginglymostoma
giraffa glareola glaucium glaucomys glaux glechoma gleditsia gleichenia glis globicephala glossodia glossopsitta
glyceria glycine glycyrrhiza gnaphalium gobiesox gobio gomphotherium gomphrena goniopteris gonorhynchus goodyera
gopherus gorgonocephalus gossypium gracula grammatophyllum graptophyllum grewia grias grindelia griselinia groenlandia
grus guaiacum guevina gulo gutierrezia gymnadenia gymnadeniopsis gymnelis gymnocalycium gymnocarpium gymnocladus
gymnogyps gymnopilus gymnorhina gymnosporangium gymnura gynura gypaetus gypsophila haastia habenaria hackelia haemanthus
haematobia haematopus haematoxylon haematoxylum haemodorum haemopis haemoproteus haemulon hakea haldea halenia halesia
haliaeetus halicoeres halimodendron haliotis halocarpus hamamelidanthum hamamelidoxylon hamamelis hamamelites haminoea
haplopappus hardenbergia harpia harrisia hatiora hazardia hedeoma hedera hedysarum helenium heleodytes heliamphora
helichrysum helicteres heliobacter heliothis helipterum helleborus helminthostachys heloderma helotium helwingia helxine
hemachatus hemerocallis hemigalus hemigrammus hemipteronatus hemitripterus heracleum heritiera hermannia hermissenda
hernaria herpestes hesperiphona hesperis heteranthera heterocephalus heterodon heteromeles heteroscelus heterotheca
heuchera hevea hexagrammos hexalectris hexamita hexanchus hibbertia hieracium himantoglossum himantopus hippobosca
hippocampus hippocrepis hippodamia hippoglossoides hippoglossus hipposideros hippotragus hipsurus hirudo hirundo hoheria
holarrhena holbrookia holcus holocentrus holothuria homarus homogyne homona hordeum horneophyton hosta hottonia
houttuynia hudsonia hugueninia hulsea humulus hyacinthoides hyalophora hyalosperma hybanthus hydnocarpus hydnum
hydrastis hydrobates hydrocharis hydrochoerus hydrodamalis hydromantes hydromys hydrophyllum hyemoschus hygrocybe
hygrophorus hygrotrama hyla hylactophryne hylobates hylocereus hylocichla hylophylax hymenaea hymenanthera hymenophyllum
hynerpeton hyoscyamus hypentelium hypericum hyperoglyphe hyperoodon hyphantria hypochaeris hypochoeris hypoderma
hypopachus hypopitys hypoxis hypsiglena hypsiprymnodon hyracotherium hyssopus iberis ictalurus icteria icterus ictiobus
ictonyx ilex iliamna illecebrum illicium inachis indigofera ipomoea iresine iridoprocne irvingia isatis ischigualastia
isoetes isopyrum istiophorus isurus ixia ixobrychus ixodes jacksonia jacquinia jaculus jambos jamesonia jasminum
jatropha javanthropus jordanella juglans juncus juniperus jynx kakatoe kalotermes katsuwonus kennedia kennedya
kenyapithecus khaya kiggelaria kinosternon kirkia knightia kobus kochia koellia kogia kolkwitzia kosteletzya
krypterophaneron kyphosus lablab laccopetalum lacerta lachnolaimus lactarius lactophrys lactuca lagarostrobus lagenaria
lagenophera lagerstroemia lagidium lagodon lagopus lagorchestes lagostomus lagothrix laguncularia lambertia lambis
laminaria lamium lamna lampris lampropeltis lanius lanthanotus laportea lappula lardizabala larix larrea larus
lasiocampa lasiurus lasthenia lastreopsis lates lathyrus latimeria latrodectus laurus lavandula lavatera layia lebistes
leccinum ledum leiopelma leiophyllum leishmania leitneria lemaireocereus lemmus lemna lentinus leonotis leontocebus
leontodon leontopodium leonurus lepas lepechinia lepidium lepidochelys lepidocybium lepidothamnus lepisma lepisosteus
lepomis leptarrhena leptinotarsa leptodactylus leptoglossus leptopteris leptoptilus leptotyphlops lepus lesquerella
leucadendron leucaena leucanthemum leuciscus leucogenes levisticum lewisia leycesteria leymus liatris libocedrus
lichanura ligularia ligustrum lilium limanda limax limenitis limnobium limnocryptes limnodromus limonium limosa limulus
linanthus linaria lindera lindheimera linnaea linum liomys liopelma liparis liposcelis liquidambar liriodendron liriope
listera lithocarpus lithophragma lithospermum litocranius littorina livistona lobipes lobotes lobularia locusta lofortyx
logania loiseleuria lolium lomogramma lonas lonchocarpus lonicera lophius lophodytes lopholatilus lophophora lophophorus
lophosoria loranthus lota lovoa loxia loxodonta loxoma loxostege lucilia lufengpithecus lumpenus lunaria lunda lupinus
luscinia lutjanus lutra luvarus lycaena lycaeon lycium lycoperdon lycopersicon lycopersicum lycopodium lycopus lycosa
lyginopteris lygodium lygus lymantria lyonia lyrurus lysichiton lysichitum lysiloma lysimachia lythrum macaca
machaeranthera macleaya maclura macowanites macrocephalon macrocheira macroclemys macrodactylus macronectes macropus
macrothelypteris macrotis macrotyloma macrozoarces madia madoqua maeandra magicicada mahonia maianthemum majorana
makaira malaclemys malacosoma malacothamnus malaxis malcolmia mallotus malopterurus malosma malpighia malus malva
malvastrum malvaviscus mammea mammut mammuthus mandevilla mandragora mandrillus manduca mangifera manihot manilkara
manis marasmius marattia marchantia marmota marrubium marsilea martes masticophis mastigoproctus mastotermes matricaria
matteuccia matthiola maxostoma mayaca mayetiola mazama meconopsis medicago medinilla megachile megaderma megalobatrachus
megaptera megatherium melampodium melampsora melanerpes melanitta melanogrammus melanoplus melanotis melastoma meleagris
meles melia melicocca melicoccus melicytus mellivora melocactus melogale melolontha melophagus melopsittacus melospiza
melursus menippe meniscium menispermum menopon mentha menticirrhus mentzelia menura menyanthes menziesia mephitis
mercenaria mercurialis mergus meriones merlangus merluccius merops mertensia meryta mesembryanthemum mesocricetus
mespilus mesua metroxylon microcentrum micrococcus microdipodops microgramma micromeria micromyx micropogonias
micropterus microsorium microsporum microstomus microstrobos microtus micruroides micrurus mikania miltonia mimus
minuartia mirabilis mirounga mitchella mitella mnium mobula moehringia mohria mollienesia molluga moloch molothrus
molucella molva momordica momotus monardella moneses monocanthus monochamus monodon monomorium monotropa montezuma
montia morchella morone morus moschus motacilla mugil muhlenbergia mulloidichthys mullus muntiacus muntingia mus musa
musca muscardinus muscari muscicapa muscivora musophaga mustela mustelus mutinus mya myadestes mycteria mycteroperca
myocastor myopus myosotis myotis myrciaria myrica myricaria myriophyllum myristica myrmecia myrmecobius myrmecophaga
myrmeleon myroxylon myrrhis myrsine myrtillocactus myrtus mysis mytilus myxine myxinikela myxocephalus nabalus
naemorhedus nageia naias naja najas napaea narthecium nasalis nasua natrix nauclea naucrates necturus negaprion nelumbo
neoceratodus neofiber neohygrophorus neolentinus neomys neophron neotoma nepa nepenthes nepeta nephelium nephrolepis
nephrops nerium nerodia nesokia nestor neurospora neurotrichus nicandra nicotiana nidularia nigroporus nimravus nipa
nitella nitrobacter nitrosomonas noctua nolina nopalea notechis notemigonus nothofagus notomys notonecta notophthalmus
notoryctus notropis nucifraga numenius numida nuphar nuytsia nyctaginia nyctanassa nyctereutes nycticebus nycticorax
nyctimene nymphaea nymphalis nymphicus nypa nyssa oceanites ochna ochotona ochroma ocimum ocyurus odobenus odocoileus
odontaspis odontophorus oecanthus oedogonium oenanthe oenothera oestrus okapia olea oleandra olearia olfersia
oligoplites oligoporus omphalotus oncorhynchus ondatra oniscus onobrychis onoclea ononis onopordon onopordum onosmodium
onychium onychogalea onychomys opheodrys ophiodon ophioglossum ophiophagus ophisaurus ophrys opisthocomus opuntia
orbignya orchestia orcinus oreamnos orectolobus oreopteris oreortyx oriolus orites ormosia ornithogalum ornithorhynchus
orontium ortalis orthilia orthopristis orthotomus orycteropus oryctolagus oryza oryzomys oryzopsis osmanthus osmerus
ostrea ostrya ostryopsis otaria otus ouranopithecus ovalipes ovibos ovis oxandra oxybelis oxydendrum oxylebius oxytropis
oxyura oxyuranus ozonium ozothamnus pachycephala pachyrhizus packera padda paeonia pagellus pagophila pagophilus pagrus
pagurus palaemon palaquium paleacrita palinurus paliurus panax pandion panicum panonychus panthera papaver paphiopedilum
papio paprilus paracheirodon paradoxurus paralichthys paralithodes paranthias paranthropus parascalops parasitaxus
parathelypteris parietaria parkia parkinsonia parmelia parochetus paronychia parophrys parrotia parrotiopsis parthenium
parthenocissus parula parus passerina passiflora pastinaca pavo payena pediculus pedilanthus pediocactus pedioecetes
pedionomus peireskia pelargonium pelecanus pellaea pellicularia peltandra peltiphyllum peneus penicillium pennatula
pennisetum penstemon perca percina perdix pereskia pericallis peridinium perilla periophthalmus peripatopsis periplaneta
periploca perisoreus peristedion pernis perodicticus perognathus peromyscus peronospora persea persoonia pertusaria
petasites petaurista petaurus petrocoptis petrogale petromyzon petroselinum petteria peziza pezophaps phacochoerus
phaethon phalacrocorax phalaenopsis phalaenoptilus phalangium phalaris phalaropus pharomacrus phascogale phascolarctos
phaseolus phasianus phegopteris phellodendron philaenus phillyrea philohela philomachus philophylla phlebodium
phlebotomus phleum phoca phocoena phoeniculus phoenicurus pholas pholidota pholiota pholis pholistoma phoradendron
photinia photoblepharon phoxinus phragmipedium phragmites phrynosoma phthirius phthirus phthorimaea phyllitis phyllium
phyllocladus phyllodoce phylloporus phyllorhynchus phylloscopus phyllostachys phyllostomus phylloxera physalia physalis
physaria physeter physostigma phytolacca phytophthora picea pickeringia picoides picrasma picris picumnus picus pieris
pilea pilosella pilularia pimenta pimpinella pinckneya pinctada pineus pinguicula pinguinus pinicola pinnotheres pinus
pipa pipile pipilo pipistrellus pipra piptadenia pipturus piqueria piranga piscidia pisonia pistacia pisum
pithecanthropus pithecellobium pithecia pithecolobium pituophis pitymys pityrogramma placuna plagianthus planera
planococcus plantago plasmodiophora platalea platanthera platanus platichthys platycerium platylobium platymiscium
platypoecilus platystemon plautus plecotus plectania plectorrhiza plectrophenax pleione pleiospilos plesianthropus
plethodon pleurobrachia pleuronectes pleurosorus pleurotus plicatoperipatus ploceus plumeria pluteus pluvialis pluvianus
poa podalyria podargus podiceps podilymbus podocarpus podophyllum poecilocapsus poecilogale poephila pogostemon
polanisia polianthes polioptila polistes pollachius polyangium polyborus polybotria polybotrya polycirrus polydactylus
polyergus polygala polygonatum polygonia polygonum polyodon polypedates polypodium polyporus polyprion polystichum
pomacanthus pomacentrus pomaderris pomatomus pomolobus pomoxis poncirus pongamia pongo pontederia pooecetes popillia
populus porcellio poronotus porphyra porphyrio porphyrula portunus porzana potamogeton potamophis potentilla poterium
potorous potos pouteria praunus prenanthes presbytes priacanthus prinia priodontes prionace prionotus pristis pritzelago
proboscidea procavia procellaria prociphilus procnias procyon progne prosopis prosopium proteles proterochampsa proteus
protium prumnopitys prunella prunus psaltriparus psenes psephurus psetta psettichthys pseudacris pseudaletia pseudechis
pseudemys pseudobombax pseudococcus pseudocolus pseudolarix pseudomonas pseudopleuronectes pseudoryx pseudotaxus
pseudotsuga pseudowintera psidium psilotum psithyrus psittacula psittacus psophia psophocarpus psoralea psychopsis
psychotria pteretis pteridium pteris pternohyla pterocarpus pterocarya pterocles pterocnemia pterodactylus pterois
pteropus pterospermum pterostylis ptilocercus ptilocrinus ptilonorhynchus ptloris ptyas ptychozoon puccinia pueraria
puffinus pulex pulicaria pulsatilla punica pycnanthemum pygopus pygoscelis pylodictus pyracantha pyralis pyrausta
pyrethrum pyrocephalus pyrophorus pyrrhula pyrrosia pyrularia pyrus pyxidanthera quamassia quercus quiscalus
rachycentron radiigera radyera raja ramalina ramphomicron rana ranatra rangifer ranunculus raoulia raphanus raphia
raphicerus raphus ratibida rattus recurvirostra regulus reithrodontomys remilegia retama reticulitermes retrophyllum
rhagoletis rhamnus rhapis rhexia rhincodon rhinonicteris rhinoptera rhipsalis rhizobium rhizophora rhizopogon
rhodosphaera rhodymenia rhus rhyacotriton rhynchoelaps rhyncostylis rhynia ribes richea richmondena ricinus riparia
rissa rivina robinia roccus rodolia romneya rorippa rosellinia rosmarinus roystonea rubia rubus rudbeckia rumex rumohra
rupicapra rupicola ruptiliocarpon ruscus russula ruta rutilus rynchops rypticus sabal sabinea saccharomyces saccharum
sadleria sagina sagitta sagittaria sagittarius saimiri saintpaulia salamandra salicornia salix salmo salpichroa
salpinctes salsola salvadora salvelinus salvinia sambucus samia samolus sanguinaria sanicula santalum santolina
sanvitalia sapindus saponaria saprolegnia sarcobatus sarcocephalus sarcochilus sarcocystis sarcodes sarcophaga
sarcophilus sarcoptes sarcorhamphus sarcostemma sarda sardina sardinia sardinops sarracenia satureia satureja saturnia
sauromalus saurosuchus saururus saussurea saxegothea saxicola saxifraga sayornis scaphiopus scaphosepalum scardinius
scartella sceliphron sceloglaux sceloporus schaffneria schefflera schinus schistosoma schizachyrium schizaea
schizophragma schizosaccharomyces schlumbergera schomburgkia sciadopitys sciaena sciaenops scincella scincus scindapsus
scirpus sciurus scleranthus scleroderma scleropages sclerotium scolopax scolymus scolytus scomber scomberesox
scomberomorus scombresox scophthalmus scopolia scorpaena scrophularia scutellaria scutigera scutigerella sebastiana
sebastodes secale seismosaurus seiurus selaginella selar selenarctos selenicereus selenipedium senecio septobasidium
sequoiadendron serenoa sericocarpus serinus seriola seriphidium seriphus serranus serrasalmus serratia serratula
sertularia sesamum seseli setaria setophaga shorea sialia sialis sida sidalcea sideritis sigmodon sillago silphium
silurus silybum simarouba simulium sinanthropus sinapis sinningia sinornis sison sistrurus sisyrinchium sitophylus
sitotroga sitta sium sivapithecus sloanea smilax smiledon smyrnium solandra solanopteris solanum solea soleirolia
solenopsis solenostemon solidago somateria sonchus sophora sorbus sorex spalax sparaxis sparganium sparmannia spartina
spartium spergula spergularia spermophilus sphacele sphacelotheca sphaeralcea sphaerocarpos sphaerocarpus sphecius
sphecotheres spheniscus sphenodon sphyraena sphyrapicus sphyrna spilogale spinacia spinus spiraea spiranthes spirochaeta
spirodela spizella spodoptera spondias sporobolus spraguea spyeria squalus squatina stachys stanleya staphylea
steatornis steganopus stellaria stenocarpus stenochlaena stenopelmatus stenotaphrum stenotomus stenotus stentor
stephanomeria stercorarius sterna sternotherus sticherus stictomys stictopelia stizolobium stizostedion stokesia
storeria strekelia strelitzia strepera strepsiceros streptopelia streptosolen strix strobilomyces strombus strongylodon
stropharia struthio strymon sturnella sturnus stylomecon stylophorum styphelia subularia suillus sula sundacarpus
suricata surnia sus swainsona swertia swietinia sylvilagus symphalangus symphoricarpos symphytum symplocarpus symplocus
synagrops synanceja synaptomys synchytrium synercus syngnathus syngonium syringa syrrhaptes syzygium tabernaemontana
tacca tachyglossus tachypleus tadarida tadorna talinum tamarindus tamarix tamias tamiasciurus tamus tanacetum tantilla
tapirus taraktagenos taraktogenos taraxacum taricha tarrietia tarsius taurotragus tautoga tautogolabrus taxidea taxodium
taxus tayassu tectaria tectona telanthera tellima telopea templetonia tephrosia terebella termes terrapene terrietia
testudo tetraclinis tetragonia tetragonurus tetraneuris tetrao tetrapturus teucrium thalarctos thalassoma thalictrum
thamnophilus thamnophis thelypteris theobroma thermobia thermopsis thespesia thevetia thielavia thlaspi thomomys
threskiornis thrinax thryothorus thuja thujopsis thunbergia thunnus thylacinus thylogale thysanocarpus tiarella tibicen
tichodroma tilapia tilia tillandsia tilletia timalia tinca tinea tineola tipuana titanosaurus todea todus tofieldia
tolmiea tolypeutes tomistoma toona torreya townsendia toxicodendron toxostoma toxotes trachelospermum trachinotus
trachipterus trachurus tradescantia tragelaphus tragopogon tragulus trapa trautvetteria trema tremella triaenodon
trialeurodes triatoma tribolium tribonema tribulus trichoceros trichoglossus tricholoma trichomanes trichophaga
trichophyton trichostema trichostigma trichosurus trichys tridacna trifolium triga triglochin trigonella trilisa
trimorphodon trinectes tringa trionyx triops triostium tripleurospermum triplochiton triticum triturus trogium trollius
trombicula tropaeolum tropidoclonion truncocolumella tsuga tubercularia tulestoma tulipa tulostoma tunga tupaia
tupinambis turbatrix turdus turnix turritis tursiops tussilago tylenchus tympanuchus typha tyrannus tyto uca
uintatherium ulex ulmus ulva uma umbellularia umbrina unio upupa urginea uria urocyon urocystis urophycis uropsilus
urosaurus ursus urtica usnea ustilaginoidea ustilago uta utricularia uvularia vaccaria vaccinium valeriana valerianella
vallisneria vanellus vangueria varanus veratrum verbascum verbesina vesicaria vespa vespertilio vespula vicia vicugna
vidua vigna viminaria vinca vincetoxicum vipera virgilia viscum vitis vittaria viverra viverricula volvaria volvariella
volvox vulpes vultur wintera wolffia wolffiella woodwardia wynnea xanthium xanthomonas xanthorroea xanthosoma xenicus
xenopus xenorhyncus xenosaurus xerobates xerophyllum xiphias xylaria xylocopa xylomelum xylopia xyphophorus xyris
zaglossus zalophus zannichellia zantedeschia zanthoxylum zapus zea zenaidura zeus zigadenus zingiber zinjanthropus
zizania ziziphus zoarces zoisia zonotrichia zostera zygnema zygocactus zygophyllum`
/** Given names that are no names of places. */
export const GIVEN_NAMES = `aada aadya aaliyah aaradhya aarav aaron aasha abagail abbi abbie abby abdallah abdel abdoulaye abdul abdullah abdullo
abdulrahman abel abie abigail abraham abram abril abubakr abulfazl adaline adalyn adam adama adan addie addilyn addison
adel adela adelaide adele adelene adelia adelina adeline adelynn adolf adolfo adolph adreanna adrian adriana adrianna
adrianne adriano adrien adriena adriene adrienne advik afonso agatha aggie agnes agustin agustina ahmad ahmed ahmet
aicha aida aidan aiden aileen aimar aimee aina aino ainsley aisha aishah aisling aislinn aislynn ajani ajla akira
aladdin alain alaina alan alana alanis alanna alannah alanoud alastair alayah alayna alba albert alberto albrecht alden
alec alecia aleisha alejandra alejandro aleksandar aleksander aleksandr aleksandra aleksei alena alesia alessandra
alessandro alex alexa alexander alexandra alexandre alexandros alexandru alexei alexia alexis alfie alfonso alfred ali
alia alice alicia alicja alina aline alisa alise alisha alison alissa alistair aliza allan allen allie allison allyson
alois alonso alonzo alphonse alphonso althea alton alvaro alvin alya alycia alysa alyson alyssa amahle amaia amaira
amalia amanda amar amberly amelia amelija amie amilia amina aminata amir amit ammanuel ammar amos anabel anamaria anas
anastasia anastasija anatoli anatoliy anatoly anaya ander anders andi andjela andra andre andrea andreas andrei andrej
andres andrew andrey andrzej andy aneta anette angela angelia angelica angelina angeline angelique angelo angie anika
anisa anissa anita anja anjelica anna annabel annabella annabelle annalisa annamaria anne annemarie annett annette annie
annika annmarie anohito anthony antoine antoinette anton antonella antoni antonia antonio antony anwar anya aputsiaq
arata archibald archie ariana arianna arianne ariel arielle ariki arjun arleen arlena arlene arlette armaan armand
armando armin arnaud arnav arno arnold aroha aron arpita artem arthur artie artur arturo aryan asahi asha ashanti ashlee
ashleigh ashley ashli ashlie ashly ashlyn ashraqat ashton asiya asja asmita assil astrid ataahua athena aubrey audra
audrey audri audry augustina augustine augusto augustus aurelia austeja avery avigail ayaan ayana ayanna ayesha aygun
aykhan aylin ayse aysel aziz azra azuna bakary balazs bandar bandile banele barbara barbora barbra barney barrett barry
bart bartholomew bayarmaa beatrice beatriz becca becky belinay belinda benita benito benjamin bennie benny benson berat
bernadette bernadine bernard bernardo bernhard bernice bernie bert bertha bertie bertram bertrand beryl beshoi bess
bessie beth bethanie bethany betsy bette bettie bettina betty bettye beula beulah beverley beverly bianca bibek biff
bilal biljana billie binita bintou bishal bismah bjorn blaine blair blake blanca blanche blythe bobbi bobbie bobby
bogdan boglarka bolormaa bonita bonnie boris boyd brad bradford bradley brady branden brandi brandie brandon branislav
breanna bree brenda brendan brendon brenna brent brenton bret brett brian briana brianna brianne brice bridget bridgett
bridgette brigid brigitte britney britt brittany brittney brittni brittny bronwyn brooke bruce bruno bryan bryanna bryce
brynn bryon burt burton byron caitlin caitlyn caleb calista callie calvin cameron camila camile camilla camille camilo
candace candice cara carey carina carissa carl carla carlene carley carlie carlo carlos carlota carlotta carlton carly
carmel carmela carmella carmen carole carolina caroline carolyn carrie carrol carroll cary casandra casey cassandra
cassidy cassie catarina caterina catherina catherine cathleen cathryn cathy catrina cayla cecelia cecil cecile cecilia
cecily cedric celeste celia celina celine cesar chandra chanelle chantal chantelle charbel charis charissa charla
charlena charlene charles charlette charley charlie charlotte charmaine chas chedeline chelsea chelsey cher cheri cherie
cheryl chester chet cheyenne chloe chris chrissy christa christal christen christiana christiane christie christina
christine christoph christophe christopher christos christy chrystal ciara ciaran cierra cindi cindy clair claire clara
clare clarence clarice claris clarissa claude claudette claudia claudine claudio claus clayton clemens cleo cleopatra
cletus clifford clifton clint clive clotilde clyde cody colby coleen colette colin collin colton concepcion connie
connor conor conrad constantin constanza consuelo cora coralie cordelia corey cori corina corine corinna corinne
cornelia cornelis cornelius corrine cory courtney courtni courtny craig cristal cristiano cristina cristobal curtis
cyndi cynthia cyril cyrus daan dahlia daina dalal damaris damia damian damien damion damon dana danette dani danica
daniel daniela daniele daniella danielle danika danilo daniz danny daphna daphne dara darby darcey darcie darcy daren
daria darin dario darius darla darlena darlene darnell darrel darrell darren darrin darryl daryl dave davi david davida
davina dayle dayna deana deandra deandre deann deanna deanne debbie debby debora deborah debra debrah dede deedee deena
deepak deidre deirdre dejan dela delbert delia delilah della delores deloris delphine demetria demetrius dena denice
denis denise dennis denny deon derek derrick deshawn desiree desmond devan deven devin devon dewayne dewey dexter dhia
diana diane dianna dianne diarmuid dieter dietmar dietrich dillon dimitri dimitris dina dinah dinesh dion dionne dirk
diya djeneba dmitri dmitry dolores domingo dominic dominick dominik dominique dominykas dona donald donna donnell donnie
donny donovan dora doreen dorian doris dorla dorothea dorothy dorthy dottie doug douglas dovydas doyle dragan duane
dudley duncan dustin dwayne dwight dylan dyllan ebenezer ecrin eddie edel eden edgar edie edith edmond edmund edna
edoardo eduard eduardo edward edwardo edwin edwina eevi efrain efren eileen eisha eitan ekaterina ekta elaina elaine
elana elbert eldon eleanor elen elena eleni eliana elias elicia elida elie elif elijah elin elina elinor eliot elisa
elisabeth elise elisha eliska eliza elizabete elizabeth elizaveta ella ellen ellie elliot elliott ellis elly elma elmer
elnora eloise elouise elsa elsie elton elva elvin elvina elvira elvis elwood emanuel emanuela emelda emely emerson emil
emile emilee emilia emiliano emilie emilija emilio emilis emily emina emine emirhan emma emmaline emmanuel emmanuelle
emmeline emmett emmie emmy enid enoch enrico enrique enzo eoin ergi eric erica erich erick ericka erik erika erin erma
ernestina ernestine ernesto ernie ernst errol ervin erwin eryn esma esmeralda esperanza esteban estela estele estella
estelle estere esther estrella ethan ethel etienne etta eugen eugene eugenia eugenie eunice evan evangelina evangeline
evelin evelina evelyn everett evgeny evie evita eymen ezra fabian fabien fabio fabrice fabrizio fadi fahd fajr fanta
farah farida farrah farzana fatemeh fatiha fatima fatin fatma fatoumata faye federico felecia felicia felipe felix feng
fenna ferdinand ferdinando fergus fernanda fernando fidel fien filip fiona fionn fletcher flora florencia florian floyd
forrest fozia fran frances francesca francesco francina francine francis francisca francisco franciszek francois
francoise frankie franklin franklyn fraser fred freda freddie freddy frederic frederick frederik fredrick fredrik freja
frida frieda friedrich frits fritz fyodor gabe gabi gabija gabreal gabriel gabriela gabriele gabrielius gabriella
gabrielle gaby galen gamalat gamila gareth garrett garry garth gary gavin gayle gemma gena genevieve genna geoff
geoffrey georg george georges georgette georgi georgie georgina georgios georgy gerald geraldina geraldine gerard
gerardo gerhard geri germaine gerrit gerry gert gertrud gertrude giacomo gianna gigi gilbert gilberto gilda giles gilles
gillian gina gino giorgi giorgio giorgis giovanna giovanni gisela gisele giselle gita giuseppe gladys glena glenda glenn
glenna gloria glynis godfrey golda goldie gonzalo googoosh goran gord gordon gottfried gracie graciela grady graham greg
gregg gregor gregorio gregory greta gretchen griselda grover guido guilherme guillaume guillermo gunay gunel gunnar
gunter gunther gustaf gustav gustave gustavo gwen gwendolyn gwyneth gyorgy habib habiba hailey hala haley halim hallie
hamza hana hanah hanna hannah hans hariet hariette harlan harley harold harri harriet harriett harriette harry haruhito
haruki haruta haruto harvey hasan hasnaa hassan hasti hatice hattie hawa hayato hayden hayley hector heidi heinrich
heitor helen helena helene helga helmi hendrik henri henrietta henrik henrique henry henryk herbert herman hermann
hermine hessa hester hilary hilda hildegard hillary himari hinata hoda hollie horace horacio horatio hortense hosna
hosniya hossein howard howie hubert hugh hugo humberto huseyin huseyn hussa hussain hussein hydar iain ibai ibrahim
ichika ignacio igor ike iker ilene iliana ilija ilina ilona ilse ilya imane imelda imogena imogene indira ines ingrid
inji inuk inunnguaq iona ionut irati irena irene irina irma irvin irving irwin isaac isabel isabela isabele isabell
isabella isabelle isadora isaiah isaias ishaan isiah isidora isla islande ismael ismail isobel issac itai itsuki ivaana
ivalu ivan ivana iwona izaro jacinda jacinta jackie jacky jaclyn jacob jacquelina jacqueline jacquelyn jacques jada
jaden jaime jaka jake jakob jakov jakub jamal james jameson jami jamie jamison jammie jana janae jane janele janelle
janessa janet janette janice janie janina janine janis jaqueline jared jarod jaroslav jarrett jarrod jarvis jasmin
jasmina jason javier javiera jayden jayne jayson jazmin jazmine jeana jeane jeanette jeanie jeanina jeanine jeanna
jeanne jeannette jeannie jeannina jeannine jeff jeffery jeffrey jeffry jelena jena jenelle jenifer jenna jennette jenni
jennie jennifer jenny jens jerald jeremiah jeremy jeri jermaine jerome jeronimo jerri jerry jesica jess jesse jessica
jessie jesus jian jilian jill jillian jimi jimmie jimmy jing joan joana joane joann joanna joanne joao joaquin jocelyn
jodi jodie jody joel joelle joesph joey johan johana johann johanna johannes john johnathan johnathon johnie johnnie
johnny jokubas joleen jolena jolene jonah jonas jonathan jonathon joni jonny jordi jordon jorge jose josef josefa
josefina josefine joselyn joseph josephina josephine josh joshua josiah josie josue jovana joya joyce jozef juan juana
juanita jude judeline judith judy julen jules julia julian juliana julianna julianne julie julien juliet julieta
juliette julio julissa julius justin justina justine kabita kacey kacper kadiatou kaede kaia kaitlin kaitlyn kajus
kaleigh kali kalle kallie kamal kamala kamil kamila kamile kanata kanyakumari kara karen kari karim karima karin karina
karissa karl karla karly karolina karyn kasey kaspar kassandra kassie katarina kate katelyn katelynn katerina katharina
katharine kathem katherina katherine kathie kathleen kathrine kathryn kathy kati katia katie katlyn katrina katy kauri
kavita kaye kayla kaylee kayleigh keeley keely keenan keir keira keisha keith kejsi keley keli kelley kelli kellie kelly
kelsey kelsie kely kendall kendra kendrick kenna kenneth kenny kenton kenyatta kenza kera keri kermit kerri kerry keven
kevin khadija khadije khaled khalid khawla kheira khongordzol kiana kiara kiera kieran kiersten kiley kimberlee
kimberley kimberli kimberly kimmernaq kingsley kira kiran kiril kirill kirk kirollos kirsten kirstin kizzy klaus klea
konrad konul kori kourtney kris krista kristen kristi kristian kristie kristin kristina kristine kristopher kristy
kristyna krystal krzysztof kurt kurtis kyla kyle kylee kylie kyls kyra lacey lacie ladona ladonna laia laila lakesha
lamar lambert lamija lamont lana landon lara larisa larissa larry lars lashawn laszlo latasha latifa latisha latonya
latoya laura lauren laurence laurent laurie lauryn laverna laverne lavinia lawrence laxmi layla leah leana leandra
leandro leane leann leanna leanne leda leena leevi leia leif leigh leila leilani leja lejla lela leland lena lennart
lenny lenora lenore leola leon leona leonard leonardo leonel leonid leonie leonora leopold leora lesedi lesley lesli
leslie lesly lester lethabo leticia letitia lettie levente levi lexie leyla liam lian liana lianne libbie libby lidia
lidya liepa lila lili lilia lilian liliana lilja lillia lillian lillie lilly lina linda lindsay lindsey lindsi lindsy
lindy linus lionel lior lisa lisette livia liza lizbeth lizette lizzie lloyd logan lois lola lolita lonnie lora loraina
loraine lorelei loren lorena lorene lorenzo loretta lori lorie lorna lorraina lorraine lorri lorrie lotte lottie louella
louie louis louisa louise lovelie lovro lowell luann luca lucas lucia luciana luciano lucie lucien lucija lucile lucille
lucinda lucy ludovic ludvig ludwig luela luella luigi luis luisa luise luiz luka lukas luke lula lulu lulwa luna lupe
lupita luther luuk lydia lyla lyle lyna lynda lyndon lyndsey lyne lynette lynn lynna lynne lynnette lynsey maayan mabel
mable macaulay macie maciej mack macy madalyn maddie madeleine madelina madeline madelyn madison madonna magda magdalena
magdalene maggie magnus maha mahamadou mahammad mahdi mahesh mahmoud maia maire maisie maite maja majd maksim malachai
malachy malak malcolm malen malia malik malika malinda mallory mamadou manaia mandakranta mandy manfred manish manny
manon manuel manuela mara marc marcel marcela marcell marcella marcelle marcello marcelo marci marcia marcie marcin
marco marcos marcus marcy margaret margarette margarida margery margie margo margot margret margrette marguerite mari
maria mariah mariam mariamawit mariami marian mariana mariane marianna marianne mariano maribel marie mariela mariella
marija marilyn mario marion marios maris marisa marisol marissa maritza marius marjorie markel marko markos markus marla
marlena marlene marlin marlo marlon marnie marsha marshall marta martha marti martim martin martina martine marty marvin
marwa mary maryam maryan maryann marybeth maryjane marylou masoud masoumeh matej mateo matheus mathew mathias mathieu
mathilde mathis matias matilda matilde matt matteo matthew matthias matti mattia mattias mattie matty matus matyas maud
maude maura maureen maurice mauricio mavis maxime maximilian maximiliano maxina maxine maxwell maybell mayra maysoun
mazie mckenzie meagan megan meghan mehdi mehmet melanie melina melinda melisa melissa mellisa melokuhle melvin meredith
meriem merissa merjem merle meron merrill mervin mervyn meryem meryl micaela micah michael michaela michal micheal
michel michele michelle micky midori miguel mihai mika mikaela mikaere mikel mikhail mikolaj mila milagros mildred
milena milhouse milica millicent millie milly milo milos milton mimi mina minato mindy minenhle minerva minh minik
minnie mira miral miranda miriam mirlande mitch mitchell mitzi miyar mobina modibo mohamad mohamed mohammad mohammed
moira moises mollie molly mona monica monika monique monte monty morgan moritz moses moshe moussa mrignayani muhamed
muhammad muhammed murad muriel mustafa mustapha myles myra myriam myrlande myrna myron naasunnguaq nadene nadia nadina
nadine nadya nahia nahom naima nalla nancy nanette naomi naomie narges natalia natalie natalya natasha nate nathalie
nathan nathanael nathaniel nathy neal nehir neil nela nelisa nellie nelson nena nerissa nesreen neville nguyen niamh
nicholas nichole nicki nickolas nicky nico nicola nicolas nicole nicolette niels nigel niharika niilo nika nikau nikhil
niki nikita nikki niklas niko nikola nikolai nikolay nikos nila nilay niles nils nina nisanur nisha nita nivi noah noam
noella noelle noemi nojus nolan nomaan noor nora norah norbert noreen norma norman nouf nour nuka nuray nurul nyla
octavia octavio odelia odette odval ofelia oier oisha oksana olaf olav oleksandr olga oliver olivia olivier ollie omar
omer ondrej ophelia orville osama oscar oskar osman osvaldo oswald otis otto oumar oumou owen oyunbileg pablo padraig
paige pamela pandora paninnguaq paola paolo parvati pascal patrica patrice patricia patrick patrik patti pattie paul
paula paulette paulie paulina pauline paulo paulos pavel pavlo pedro peggy penelope percy perla petar pete peter petr
petra petro petros phil philip philipp philippe phillip philomena phoebe phylis phyllis pierre pieter pietro piotr
pipaluk polina polly portia prakash pravit prem preston priscila priscilla priyamvada puteri pyotr queenie quentin
quiana quincy quinn quinton rabina rachael rachel rachele rachelle rachid rachida rafael rahul raina rainer rajesh ralf
ralph ramiro ramon ramona randal randall randi randolph rania raoul raphael raquel rashad rasmus raul rawiri rayan
raymond rayna reanna reba rebeca rebecca rebeka rebekah recep reece reem reema regan reggie regina reginald regis reid
reihaneh reina rena renae renata renee reta reuben reyansh reyna reynaldo reza rhea rhett rhiannon rhoda rhona rhonda
ricardo riccardo richard richelle richie rickey ricki rickie ricky rico rikki riko riley rimas rina rita riya robbie
robbin robby robert roberta roberto robyn rocco rochele rochelle rocio roderick rodger rodney rodolfo rodrigo roel
rogelio roger roghayyeh rohan roland rolanda rolando rolf roman romeo ron ronald ronan ronda roni ronna ronnie ronny
rory rosa rosalie rosalina rosalind rosalinda rosalyn rosanna rosanne rosario roscoe roseann roseanne rosella roselle
rosemarie rosetta rosie roslyn ross rowan rowena roxana roxane roxanna roxanne roxie roxy royce ruben rubin rudolf
rudolph rudy rufus rupert russel russell ruth ruthie ryan ryou saanvi sabina sabine sabrina sade sadie saeed sahar saida
sakeena sakineh sakura salik sallie salma salome salvatore samantha sami samir samira samkelo sammie sammy samuel
sandeep sandra sandro sanjay santino saqib sara sarah sarina sasha satoshi saul scarlett scot scott scottie scotty
seamus sean sebastian sebastien sekou selena selene selim selina selma sepp serena sergei sergey sergio serife setayesh
seth sevda sevinj seymour shahd shahid shaikha shaim shaimaa shakira shana shanaya shanda shane shania shanna shannon
shanon shaquille shari sharlene sharon sharron sharyn shaun shauna shawn shawna shay shayla shayma shayna shayne shea
sheba sheena shelby sheldon shelia shelley shelly shelton sheri sheridan sherifa sherman sherri sherrie sheryl shiloh
shira shirley shirli shirly shlomo shona shristi shyla siddhartha sidney sigmund silas sillin silvia silvio simon simona
simone sindy siobhan sita siti siyabonga slobodan snezana sobia sofia sofie sofija solomon somayyeh sondra sonia sonja
sonya sophia sophie soren souleymane souta spencer stacey staci stacie stacy stan stanislav stanislaw stanley starla
stefan stefanie stefano stefanos stela stella stephan stephane stephanie stephen steve steven stevie stewart stuart suha
sumayah sumit sunita suraj suresh susan susana susane susanna susannah susanne susi susie suzan suzana suzane suzanna
suzanne suzette suzie suzy sven svend sybil syed sylvester sylvia sylvie szymon tabatha tabitha tadgh taha taichi taika
tala talia talitha tamar tamara tamera tami tamika tammi tammie tammy tamra tania tanika tanisha tanya tara tarana tareq
taryn tasha tatiana tatsuki tawana teddy tegan teodora terence teresa tereza teri terrance terrell terrence terri terrie
tessa tessie thad thaddeus thalia thandolwethu thea thelma theo theodor theodora theodore theresa therese thiago thom
thomas thomasina tiana tianna tiffany timmy tina tingting tisha titus tobias toby todd tomas tomasz tommaso tommie tommy
tomoharu toni tonia tonya tora tori tracey traci tracie tracy travis trent trenton trevor tricia trina trish trisha
trista tristan trudy truman tula tunar turki tyler tyra tyrone tyson ughur ugne ulrich ulrik ulysses umberto unax ursula
urte usha usman uxue valentin valentina valeria valerie valery vance vanesa vanessa vasily veda velma vera vern verna
vernice vernon veronica vesna vicente vicki vickie vicky vihaan vikky viktor viktoria viktorie viktorija vilte vince
vincent vincenzo violeta virgil vivaan vivek vivian viviana vivien vivienne vlad vladimir vladislav vojtech volodymyr
vusala wakana wallace wally walt walter wanda waylon wayne wei wendell wendi wendy werner wesley weston whitney whitni
whitny widelene wila wilbert wilbur wiley wilfred wilfredo wilfrid wilfried wilhelm wilhelmina willa willard william
willie willis willy wilma winfried winifred winnie winnifred winona winslow winston wojciech wolfgang woodrow wout
wouter wyatt xavier xhoel xiaomei xiaoyan ximena xinyi yael yagmur yahli yanis yann yannick yarin yaroslav yasmin
yasmine yassin yassine yelena yesenia yevgeni yevgeny ying yolanda yonas yonatan yonathan yong yosef yousouf youssef
yuen yuina yuna yuri yuriy yury yusif yusuf yuuma yuval yvette yvona yvone yvonna yvonne zach zachariah zachary zachery
zack zackary zada zahid zahra zainab zakaria zane zara zehra zeinab zelda zelma zena zeynab zeynep zineb zoey zofia zola
zora zoran zsofia`
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
flo flower flowers ford forest foster fox frank freed freeman frost fry fuller gale gardener garland garnet gates gay
gem gene genesis genie georgia gill ginger ginny glass glen gold golden good goode goodwin grace grand grant gravel gray
green grey guinea guy hale hamburg hammer hand hank happy harding hardy harmony harper harrow hart harvest hastings
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
