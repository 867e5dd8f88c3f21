/** Titles of every field of study, each with its sentence case as a copy editor would set it (APA 7, 6.17), written by hand. */
import { describe, expect, it } from 'vitest'
import { capitaliseText } from '../../core/text/capitals'
import { styleOf } from '../../core/styles'

const SENTENCE = `
The Rise and Fall of the Ottoman Empire | The rise and fall of the Ottoman Empire
Memory and Mourning After the First World War | Memory and mourning after the First World War
Women's Work in the Industrial Revolution | Women’s work in the Industrial Revolution
Slavery and the Atlantic World | Slavery and the Atlantic world
Reading Shakespeare in South Africa | Reading Shakespeare in South Africa
The Politics of Memory in Post-Soviet Russia | The politics of memory in post-Soviet Russia
Letters From the Western Front | Letters from the Western Front
Trade and Empire in the Indian Ocean | Trade and empire in the Indian Ocean
The Great Famine: Causes and Consequences | The great famine: Causes and consequences
Everyday Life in Victorian London | Everyday life in Victorian London
Migration and Identity in New Zealand | Migration and identity in New Zealand
Buddhist Ethics and Modern Medicine | Buddhist ethics and modern medicine
A Short History of the Roman Republic | A short history of the Roman Republic
The Mexican Revolution in Film | The Mexican Revolution in film
Farming Systems in Western Australia | Farming systems in Western Australia
The Statues of Easter Island | The statues of Easter Island
Roads of the Byzantine Empire | Roads of the Byzantine Empire
Norms for the Wechsler Memory Scale | Norms for the Wechsler Memory Scale
Screening With the Beck Depression Inventory | Screening with the Beck Depression Inventory
Caring for Children With Down's Syndrome | Caring for children with Down’s syndrome
Sleep Loss in Parkinson's Disease | Sleep loss in Parkinson’s disease
Growth of Escherichia Coli in Milk | Growth of Escherichia coli in milk
The Diet of Homo Erectus | The diet of Homo erectus
Mapping the Great Barrier Reef | Mapping the Great Barrier Reef
Water Levels in Lake Superior | Water levels in Lake Superior
Climate Change and the Gulf Stream | Climate change and the Gulf Stream
Glaciers of the Southern Alps | Glaciers of the southern Alps
Earthquakes Along the San Andreas Fault | Earthquakes along the San Andreas Fault
DNA Repair in Human Cells | DNA repair in human cells
The Role of mRNA in Vaccine Design | The role of mRNA in vaccine design
HIV Prevention in Sub-Saharan Africa | HIV prevention in sub-Saharan Africa
COVID-19 and the Future of Work | COVID-19 and the future of work
Teaching English as a Foreign Language | Teaching English as a foreign language
Bilingual Education in Canada | Bilingual education in Canada
Homework and Achievement: A Review of the Evidence | Homework and achievement: A review of the evidence
Does Homework Help? A Study of Three Schools | Does homework help? A study of three schools
Learning to Read in Chinese and English | Learning to read in Chinese and English
Social Media Use Among Teenagers | Social media use among teenagers
Using YouTube in the Classroom | Using YouTube in the classroom
Machine Learning for Beginners | Machine learning for beginners
Bayesian Methods in Ecology | Bayesian methods in ecology
The Halting Problem and Turing Machines | The halting problem and Turing machines
A Proof of the Poincaré Conjecture | A proof of the Poincaré conjecture
Black Holes and the Big Bang | Black holes and the Big Bang
Life on Mars: What We Know | Life on Mars: What we know
Robots in Japanese Hospitals | Robots in Japanese hospitals
Solar Power in North Africa | Solar power in North Africa
Bridges and Tunnels of the River Thames | Bridges and tunnels of the River Thames
Nursing Practice in Rural Scotland | Nursing practice in rural Scotland
Pain Relief in Labour: A Guide for Midwives | Pain relief in labour: A guide for midwives
Mental Health in the British Army | Mental health in the British army
The Economics of the European Union | The economics of the European Union
Keynes and the Great Depression | Keynes and the Great Depression
Inflation Targeting in Brazil | Inflation targeting in Brazil
Small Business and the Minimum Wage | Small business and the minimum wage
Brexit and the Irish Border | Brexit and the Irish border
The Supreme Court and Free Speech | The Supreme Court and free speech
Human Rights After the Cold War | Human rights after the Cold War
Crime and Punishment in Georgian England | Crime and punishment in Georgian England
Marxism and Literary Criticism | Marxism and literary criticism
Gender and Power in Jane Austen | Gender and power in Jane Austen
The Modern Novel: From Dickens to Woolf | The modern novel: From Dickens to Woolf
Myth and Ritual in Ancient Egypt | Myth and ritual in ancient Egypt
Islam and the West | Islam and the West
Women in the Hebrew Bible | Women in the Hebrew Bible
Jazz in Nazi Germany | Jazz in Nazi Germany
Documentary Film and the American City | Documentary film and the American city
Impressionism in Paris and London | Impressionism in Paris and London
Beethoven and the Piano Sonata | Beethoven and the piano sonata
Street Food in Hong Kong | Street food in Hong Kong
Coffee Culture in New York City | Coffee culture in New York City
Football and Identity in Argentina | Football and identity in Argentina
Tourism on the Isle of Wight | Tourism on the Isle of Wight
Housing the Poor in Hong Kong and Singapore | Housing the poor in Hong Kong and Singapore
Public Transport in Latin American Cities | Public transport in Latin American cities
THE IMPACT OF TOURISM IN THAILAND | The impact of tourism in Thailand
A HISTORY OF THE FRENCH REVOLUTION | A history of the French Revolution
TESTING DNA IN COURT | Testing DNA in court
soil erosion in northern ireland | Soil erosion in Northern Ireland
the effects of sleep on memory | The effects of sleep on memory
bees and pesticides in france and spain | Bees and pesticides in France and Spain
Sleep and memory in older adults | Sleep and memory in older adults
What do bees see? | What do bees see?
Voting behaviour in the United States since 1945 | Voting behaviour in the United States since 1945
Vitamin D and Bone Health | Vitamin D and bone health
X-Ray Imaging in Dentistry | X-ray imaging in dentistry
3D Printing of Concrete | 3D printing of concrete
The pH of Sea Water | The pH of sea water
Self-Esteem and Self-Efficacy in Adolescents | Self-esteem and self-efficacy in adolescents
Do-It-Yourself Repair in the Home | Do-it-yourself repair in the home
An Introduction to the Theory of Numbers | An introduction to the theory of numbers
`.trim().split('\n').map(line => line.split(' | ') as [string, string])

const HEADLINE = `
giving up the ghost | Giving Up the Ghost
post-war homes in britain | Post-War Homes in Britain
dogs that look like wolves | Dogs That Look Like Wolves
logging in to the archive | Logging In to the Archive
plants that like shade | Plants That Like Shade
a walk in the park | A Walk in the Park
turned away at the border | Turned Away at the Border
setting up a business | Setting Up a Business
walking up the hill | Walking up the Hill
the case for slowing down | The Case for Slowing Down
what we owe to each other | What We Owe to Each Other
the sun also rises | The Sun Also Rises
do it yourself: a guide to home repair | Do It Yourself: A Guide to Home Repair
is it safe to swim? | Is It Safe to Swim?
self-esteem and self-efficacy | Self-Esteem and Self-Efficacy
THE POLITICS OF WATER | The Politics of Water
`.trim().split('\n').map(line => line.split(' | ') as [string, string])

const apa = styleOf('apa-7')!.capitals.roman
const mla = styleOf('mla-9')!.capitals.roman
const curl = (text: string): string => text.replace(/'/gu, '’')
describe('sentence case', () => { it.each(SENTENCE)('%s', (given, set) => expect(curl(capitaliseText(given, apa))).toBe(set)) })
describe('headline case', () => { it.each(HEADLINE)('%s', (given, set) => expect(capitaliseText(given, mla)).toBe(set)) })
