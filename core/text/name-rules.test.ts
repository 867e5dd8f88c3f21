/** Sentence style keeps the capitals of names (APA 7, 6.17): which words beside a name belong to it. */
import { describe, expect, it } from 'vitest'
import { capitaliseText } from './capitals'

describe('words beside a name, in sentence style', () => {
  it.each<[string, string]>([
    // Land and water are named by the word beside them (Chicago 18, 8.54).
    ['Fishing on Lake Victoria After the War', 'Fishing on Lake Victoria after the war'],
    ['Lakes and Their Keepers', 'Lakes and their keepers'],
    ['The Nile Delta and Its Farmers', 'The Nile Delta and its farmers'],
    ['Deltas of the Nile', 'Deltas of the Nile'],
    // Who holds an office is named by it only before the name (Chicago 18, 8.20 and 8.23).
    ['King John and His Barons', 'King John and his barons'],
    ['The King of Norway and His Ships', 'The king of Norway and his ships'],
    ['The Queen of Denmark at Sea', 'The queen of Denmark at sea'],
    ['How the Bishop of London Kept Bees', 'How the bishop of London kept bees'],
    ['The Archbishop of York and the Mills', 'The archbishop of York and the mills'],
    ['Bishop Odo and the Marsh', 'Bishop Odo and the marsh'],
    // A body is called by what it is and where (Chicago 18, 8.62 to 8.70).
    ['The University of Oxford and Its Rivers', 'The University of Oxford and its rivers'],
    ['The University as a Place of Work', 'The university as a place of work'],
    ['The Kingdom of Heaven in Songs', 'The kingdom of heaven in songs'],
    ['The Treaty of Versailles at School', 'The Treaty of Versailles at school'],
    // Behind an initial stands a surname, or a species (APA 7, 6.17; Chicago 18, 8.121).
    ['Conversations with S. Peel', 'Conversations with S. Peel'],
    ['The Papers of R. Marsh on Land', 'The papers of R. Marsh on land'],
    ['Survival of E. Coli in River Water', 'Survival of E. coli in river water'],
    ['Growth of C. Elegans and D. Melanogaster', 'Growth of C. elegans and D. melanogaster'],
    // What has a number keeps its capital (APA 7, 6.19).
    ['Reading in Grade 4 and Later', 'Reading in Grade 4 and later'],
    ['Reading in Every Grade', 'Reading in every grade'],
    // A title inside a title keeps its own capitals (APA 7, 6.17; Chicago 18, 8.173).
    ['Gothic Space in Wuthering Heights', 'Gothic space in Wuthering Heights'],
    ['A Feminist Reading of Homer’s Odyssey', 'A feminist reading of Homer’s Odyssey'],
    ['Wuthering Winds on Moorland Heights', 'Wuthering winds on moorland heights'],
    ['Crime and Punishment in the Parish', 'Crime and punishment in the parish'],
    // Programmes and laws that titles name.
    ['Grading the Common Core in Rural Schools', 'Grading the Common Core in rural schools'],
    ['The Core of a Common Sediment', 'The core of a common sediment'],
  ])('%s', (given, wanted) => expect(capitaliseText(given, { style: 'sentence', afterColon: 'capital' })).toBe(wanted))
})
