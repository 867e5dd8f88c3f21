/** The demo's passages: words and ideas taken from its sources, some used in the paper and some not yet. */
import type { PassageText } from '../../../core/source/passages'

export interface DemoPassage extends Partial<PassageText> { source: string, form: PassageText['form'], words: string, locator: string }

export const PASSAGES: DemoPassage[] = [
  { source: 'sorensen-2014', form: 'quotation', locator: '58', words: 'We did not notice the mud. We noticed that the flour came later, and then that it came only on spring tides, and then that people had stopped asking for it, and by that time nobody could say in what year the wheel had last turned for its keep.', tags: ['mud'] },
  { source: 'sorensen-2014', form: 'quotation', locator: '51', words: 'A pond is a promise made to the next tide.', comment: 'for the last section?', tags: ['pond'] },
  { source: 'okonjo-2021', form: 'quotation', locator: '104', words: 'Half of the grinding day was lost within thirty years of the last dredging.', tags: ['mud', 'time'] },
  { source: 'okonjo-2021', form: 'paraphrase', locator: '110', words: 'Volunteers who record water levels by hand catch the change before instruments do.', original: 'Where levels were noted daily by volunteers, the onset of silting was visible in the books some four years before it registered on the fixed gauges.', tags: ['volunteers'] },
  { source: 'rask-2019', form: 'quotation', locator: '133', words: 'The gate is the mill’s only clock. When it fell you knew without looking that the ebb had begun, and that in half an hour there would be the wheel, and after the wheel the carts.', tags: ['time'] },
  { source: 'tremayne-2018', form: 'summary', locator: '112-114', words: 'Millers flushed their ponds on the lowest spring ebbs, all gates at once, and wrote almost nothing about it.', tags: ['flushing'] },
  { source: 'hale-2019', form: 'quotation', locator: '31', words: 'No scheme in the sample outlived the departure of its caretaker by more than three winters.', comment: 'strong: keep for the cost section', tags: ['cost', 'care'] },
]
