/**
 * Names of several words that the lists of nouns lack: what papers are written about. One that is an ordinary phrase in
 * many titles ("the road", "hard times") is left to the writer.
 */
export const NAMES_OF_THINGS = `World War|United States|United Kingdom|United Nations|European Union|Middle Ages|Middle East|Cold War|Industrial Revolution|
Civil War|North Sea|Black Sea|Red Sea|Dead Sea|New World|Old Testament|New Testament|Great Depression|Great War|South Seas|
Hong Kong|Los Angeles|New York|New York City|New Zealand|Black Death|Roman Empire|Great Barrier Reef|Berlin Wall|
East India Company|North Atlantic Treaty Organization|Latin America|Middle Kingdom|Ice Age|Bronze Age|Iron Age|Stone Age|
Black Lives Matter|First World War|Second World War|Northern Ireland|West Bank|Gulf Stream|Global South|Global North|Silk Road|
Arab Spring|Big Bang|Supreme Court|Easter Island|Western Front|Eastern Front|Pacific Northwest|Midwest|Enlightenment|
Reconquista|Third World|Far East|Near East|Wild West|Deep South|House of Commons|House of Lords|National Health Service|
Declaration of Independence|Dust Bowl|Iron Curtain|Trail of Tears|Boxer Rebellion|Southern Ocean|Great Gatsby|Salt March|
Dead Sea Scrolls|Tower Hamlets|Magna Carta|Peasants Revolt|Meiji Restoration|Rosie the Riveter|Central Asia|Central America|
Big Five|Big Four|Ivy League|New Deal|Great Recession|No Child Left Behind|Every Student Succeeds|Bill of Rights|
Good Friday Agreement|Square Mile|Global Compact|Green New Deal|Belt and Road Initiative|Sustainable Development Goals|Me Too|
Occupy Wall Street|Windrush|Highland Clearances|Scottish Highlands|Home Counties|Great Fire of London|Google Scholar|Star Wars|
Sydney Opera House|Good Samaritan|Wellcome Trust|Microsoft Excel|Microsoft Word|Rust Belt|Bible Belt|Gold Coast|Ivory Coast|
Common Core|Head Start|Teach for America|Peace Corps|Americorps|Title IX|Title I|Medicare Advantage|
Food and Drug Administration|Environmental Protection Agency|Federal Reserve|Wall Street|Silicon Valley|Capitol Hill|
White House|Air Force|Marine Corps|Coast Guard|National Guard|Royal Navy|Royal Society|Royal Air Force|Red Army|Red Cross|
Red Crescent|Salvation Army|World Bank|World Health Organization|World Trade Organization|International Monetary Fund|
Security Council|General Assembly|Paris Agreement|Kyoto Protocol|Geneva Conventions|European Commission|European Parliament|
African Union|Labour Party|Conservative Party|Republican Party|Democratic Party|Green Party|Communist Party|
Black Panther Party|Proud Boys|Civil Rights Act|Voting Rights Act|Clean Air Act|Clean Water Act|
Stonewall|Progressive Era|Gilded Age|Jazz Age|French Revolution|Russian Revolution|Cultural Revolution|
Great Leap Forward|Glorious Revolution|Velvet Revolution|Orange Revolution|
Harlem Renaissance|Great Migration|Great Awakening|Irish Famine|Opium War|Opium Wars|Boer War|Boer Wars|
Korean War|Crimean War|Gulf War|Gulf Wars|Six-Day War|Thirty Years War|Hundred Years War|Wars of the Roses|War of the Roses|
Underground Railroad|Jim Crow|Manifest Destiny|Monroe Doctrine|Marshall Plan|Manhattan Project|Bay of Pigs|Pearl Harbor|
Ground Zero|Truth and Reconciliation Commission|Warsaw Pact|Prague Spring|Bloody Sunday|Easter Rising|Good Friday|Holy Land|
Holy Roman Empire|Catholic Church|Church of England|Church of Scotland|Old English|Middle English|Old Norse|Old French|
Modern Standard Arabic|Big Ben|Central Park|Great Plains|Great Lakes|Great Salt Lake|Great Basin|Great Wall|
Grand Canyon|Rocky Mountains|Rio Grande|San Francisco Bay|Bay Area|Gulf Coast|East Coast|West Coast|East Asia|South Asia|
Southeast Asia|South-East Asia|East Africa|West Africa|North Africa|North America|South America|South Africa|Middle West|
Top End|Outer Hebrides|Inner Hebrides|Western Isles|Lake District|Peak District|West Midlands|East Midlands|West Country|
East End|West End|Down syndrome|Dungeons and Dragons|Sesame Street|Doctor Who|Game of Thrones|
Stranger Things|Harry Potter|Black Mirror|Black Panther|Wonder Woman|Microsoft Teams|Google Classroom|Google Maps|Google Earth|
Google Books|Google Translate|Apple Watch|Raspberry Pi|Stack Overflow|Amazon Mechanical Turk|Mechanical Turk|
Hubble Space Telescope|International Space Station|Large Hadron Collider|Human Genome Project|Milky Way|
Southern Cross`

/** Works that other titles name: a title inside a title keeps its capitals (APA 7, 6.17; Chicago 18, 8.173). */
export const NAMES_OF_WORKS = `Paradise Lost|Paradise Regained|Pride and Prejudice|Sense and Sensibility|Northanger Abbey|Mansfield Park|Wuthering Heights|
Jane Eyre|Vanity Fair|Bleak House|Little Dorrit|Oliver Twist|David Copperfield|A Christmas Carol|
Mill on the Floss|Silas Marner|Tess of the d’Urbervilles|Jude the Obscure|Far from the Madding Crowd|Gulliver’s Travels|
Robinson Crusoe|Pilgrim’s Progress|Canterbury Tales|Piers Plowman|Sir Gawain and the Green Knight|Morte d’Arthur|Faerie Queene|
Romeo and Juliet|A Midsummer Night’s Dream|Merchant of Venice|Twelfth Night|
The Winter’s Tale|Taming of the Shrew|King Lear|Julius Caesar|Antony and Cleopatra|Doctor Faustus|Duchess of Malfi|
Heart of Darkness|Lord Jim|Mrs Dalloway|Mrs. Dalloway|To the Lighthouse|A Passage to India|Howards End|
Nineteen Eighty-Four|Lord of the Flies|Lord of the Rings|Waste Land|Waiting for Godot|Things Fall Apart|
Wide Sargasso Sea|Midnight’s Children|Satanic Verses|The Handmaid’s Tale|Never Let Me Go|Scarlet Letter|Moby Dick|
Moby-Dick|Uncle Tom’s Cabin|Huckleberry Finn|Tom Sawyer|Leaves of Grass|Yellow Wallpaper|Turn of the Screw|
Portrait of a Lady|House of Mirth|Age of Innocence|Grapes of Wrath|Of Mice and Men|East of Eden|Sun Also Rises|
A Farewell to Arms|Old Man and the Sea|Sound and the Fury|As I Lay Dying|To Kill a Mockingbird|Catcher in the Rye|
Death of a Salesman|A Streetcar Named Desire|Glass Menagerie|Native Son|Their Eyes Were Watching God|A Raisin in the Sun|
Song of Solomon|The Bluest Eye|The Bell Jar|Blade Runner|The Hunger Games|Alice in Wonderland|Peter Pan|
Wizard of Oz|Brothers Karamazov|Anna Karenina|Madame Bovary|Les Misérables|Don Quixote|
Divine Comedy|One Hundred Years of Solitude|Arabian Nights|Thousand and One Nights|Tale of Genji|Dream of the Red Chamber|
Citizen Kane|Star Trek|Toy Story|The Lion King|Communist Manifesto|Homer’s Odyssey|Homer’s Iliad|Virgil’s Aeneid|
Dante’s Inferno|Milton’s Comus|Plato’s Republic|Aristotle’s Politics|Aristotle’s Poetics|Hobbes’s Leviathan|More’s Utopia|
Joyce’s Ulysses|Shelley’s Frankenstein|Morrison’s Beloved|Eliot’s Middlemarch|Stoker’s Dracula`
