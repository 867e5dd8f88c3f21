/**
 * Sources off the beaten track: several makers, editions with volumes, missing volumes, groups that publish themselves,
 * interviews, cases, standards. The entries were set by the engine and then read, one by one, against the manual of each style.
 */
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { composeAlone } from '../../core/compose/compose'
import { fromCsl, type CslItem } from '../../core/source/csl'
import { styleOf } from '../../core/styles'
import { toMarkup } from '../../core/text/runs'

const sources = new Map(
  (JSON.parse(readFileSync(new URL('variants.sources.json', import.meta.url), 'utf8')) as CslItem[]).map((item) => [
    String(item.id),
    fromCsl(item),
  ]),
)

const EXPECTED: Record<string, Record<string, string>> = {
  'apa-7': {
    'b-ed-vol':
      'Hart, I. (1999). *Rivers of the north: A history* (K. Low, Ed.; H. Penn, Trans.; 3rd ed., Vol. 2). Lantern House. (Original work published 1905)',
    'b-series': 'Royal Society of Tides. (2010). *Annual tidal report*.',
    'ch-2ed':
      'Fox, A., Orr, B., & Shaw, C. (2008). What is a mill? In D. Dale (Ed.), *Handbook of water power* (2nd ed., Vol. 4, pp. 99–103). Oxford Tide Press. https://doi.org/10.5555/hwp.4',
    'art-iss': 'Fox, A. (2008). The mills of Kenya: An overview. *Journal of Water History*, (7), 12–18.',
    'news-sec': 'Fox, A. (2008, December 1). Mill burns. *Northmere Courier*, B2–B3.',
    'mag-web': 'Fox, A. (2021, May 4). Mill life. *Tide Weekly*. https://tideweekly.example/mill',
    'web-nodate': 'City of Northmere. (n.d.). *Flood map*. Retrieved January 3, 2024, from https://northmere.example/flood',
    'rep-num': 'Lund, A. (2016). *Tidal energy in practice* (Technical Report No. TR-12). Harbour Institute.',
    'ma': 'Quist, L. (2012). *On weirs* [Unpublished master’s thesis]. University of Leedside.',
    'interview': 'Kerr, I. (2018, July 2). Life on the weir [Interview by M. Ray]. *Tide Weekly*. https://tw.example/kerr',
    'dict-print': 'Sluice. (2003). In *Meridian dictionary of water* (5th ed., p. 77). Meridian University Press.',
    'standard': 'Tidal Standards Board. (2015). *Sluice gates: Safety requirements* (TSB 4410).',
    'case': 'Mill Owners v. Harbour Board, 410 U.S. 113 (1987).',
    'many-ed': 'Fox, A., Orr, B., Shaw, C., & Dale, D. (Eds.). (2008). *Four hands* (Rev. ed.). Lantern House.',
  },
  'apa-6': {
    'b-ed-vol':
      'Hart, I. (1999). *Rivers of the north: A history* (K. Low, Ed.; H. Penn, Trans.; 3rd ed., Vol. 2). London: Lantern House. (Original work published 1905)',
    'b-series': 'Royal Society of Tides. (2010). *Annual tidal report*. London: Author.',
    'ch-2ed':
      'Fox, A., Orr, B., & Shaw, C. (2008). What is a mill? In D. Dale (Ed.), *Handbook of water power* (2nd ed., Vol. 4, pp. 99–103). Oxford: Oxford Tide Press. doi:10.5555/hwp.4',
    'art-iss': 'Fox, A. (2008). The mills of Kenya: An overview. *Journal of Water History*, (7), 12–18.',
    'news-sec': 'Fox, A. (2008, December 1). Mill burns. *Northmere Courier*, pp. B2–B3.',
    'mag-web': 'Fox, A. (2021, May 4). Mill life. *Tide Weekly*. Retrieved from https://tideweekly.example/mill',
    'web-nodate': 'City of Northmere. (n.d.). *Flood map*. Retrieved January 3, 2024, from https://northmere.example/flood',
    'rep-num': 'Lund, A. (2016). *Tidal energy in practice* (Technical Report No. TR-12). Leeds: Harbour Institute.',
    'ma': 'Quist, L. (2012). *On weirs* (Unpublished master’s thesis). University of Leedside.',
    'interview': 'Kerr, I. (2018, July 2). Life on the weir [Interview by M. Ray]. *Tide Weekly*. Retrieved from https://tw.example/kerr',
    'dict-print': 'Sluice. (2003). In *Meridian dictionary of water* (5th ed., p. 77). Chicago: Meridian University Press.',
    'standard': 'Tidal Standards Board. (2015). *Sluice gates: Safety requirements* (TSB 4410). Author.',
    'case': 'Mill Owners v. Harbour Board, 410 U.S. 113 (1987).',
    'many-ed': 'Fox, A., Orr, B., Shaw, C., & Dale, D. (Eds.). (2008). *Four hands* (Rev. ed.). London: Lantern House.',
  },
  'mla-9': {
    'b-ed-vol':
      'Hart, Ian. *Rivers of the North: A History*. 1905. Edited by Kim Low, translated by Harold Penn, 3rd ed., vol. 2, Lantern House, 1999.',
    'b-series': '*Annual Tidal Report*. Royal Society of Tides, 2010. Tidal Studies 7.',
    'ch-2ed':
      'Fox, Ann, et al. “What Is a Mill?” *Handbook of Water Power*, edited by Di Dale, 2nd ed., vol. 4, Oxford Tide Press, 2008, pp. 99–103, https://doi.org/10.5555/hwp.4.',
    'art-iss': 'Fox, Ann. “The Mills of Kenya: An Overview.” *Journal of Water History*, no. 7, Mar. 2008, pp. 12–18.',
    'news-sec': 'Fox, Ann. “Mill Burns.” *Northmere Courier*, 1 Dec. 2008, pp. B2–B3.',
    'mag-web': 'Fox, Ann. “Mill Life.” *Tide Weekly*, 4 May 2021, tideweekly.example/mill.',
    'web-nodate': '“Flood Map.” *City of Northmere*, northmere.example/flood. Accessed 3 Jan. 2024.',
    'rep-num': 'Lund, Axel. *Tidal Energy in Practice*. Technical Report TR-12, Harbour Institute, 2016.',
    'ma': 'Quist, Lars. *On Weirs*. 2012. U of Leedside, master’s thesis.',
    'interview': 'Kerr, Isla. “Life on the Weir.” Interview by Mo Ray. *Tide Weekly*, 2 July 2018, tw.example/kerr.',
    'dict-print': '“Sluice.” *Meridian Dictionary of Water*, 5th ed., Meridian UP, 2003, p. 77.',
    'standard': '*Sluice Gates: Safety Requirements*. TSB 4410, Tidal Standards Board, 2015.',
    'case': '*Mill Owners v. Harbour Board*. *U.S.*, vol. 410, 1987, p. 113.',
    'many-ed': 'Fox, Ann, et al., editors. *Four Hands*. Rev. ed., Lantern House, 2008.',
  },
  'chicago-18-notes': {
    'b-ed-vol':
      'Hart, Ian. *Rivers of the North: A History*. 1905. Edited by Kim Low. Translated by Harold Penn. 3rd ed. Vol. 2. Lantern House, 1999.',
    'b-series': 'Royal Society of Tides. *Annual Tidal Report*. Tidal Studies 7. Royal Society of Tides, 2010.',
    'ch-2ed':
      'Fox, Ann, Ben Orr, and Cy Shaw. “What Is a Mill?” In *Handbook of Water Power*, edited by Di Dale, 2nd ed., vol. 4. Oxford Tide Press, 2008. https://doi.org/10.5555/hwp.4.',
    'art-iss': 'Fox, Ann. “The Mills of Kenya: An Overview.” *Journal of Water History*, no. 7 (2008): 12–18.',
    'news-sec': 'Fox, Ann. “Mill Burns.” *Northmere Courier*, December 1, 2008.',
    'mag-web': 'Fox, Ann. “Mill Life.” *Tide Weekly*, May 4, 2021. https://tideweekly.example/mill.',
    'web-nodate': 'City of Northmere. “Flood Map.” Accessed January 3, 2024. https://northmere.example/flood.',
    'rep-num': 'Lund, Axel. *Tidal Energy in Practice*. Technical Report no. TR-12. Harbour Institute, 2016.',
    'ma': 'Quist, Lars. “On Weirs.” Master’s thesis, University of Leedside, 2012.',
    'interview': 'Kerr, Isla. “Life on the Weir.” Interview by Mo Ray. *Tide Weekly*, July 2, 2018. https://tw.example/kerr.',
    'dict-print': '“Sluice.” In *Meridian Dictionary of Water*, 5th ed. Meridian University Press, 2003.',
    'standard': 'Tidal Standards Board. *Sluice Gates: Safety Requirements*. TSB 4410. Tidal Standards Board, 2015.',
    'case': '*Mill Owners v. Harbour Board*, 410 U.S. 113 (1987).',
    'many-ed': 'Fox, Ann, Ben Orr, Cy Shaw, and Di Dale, eds. *Four Hands*. Rev. ed. Lantern House, 2008.',
  },
  'chicago-17-author-date': {
    'b-ed-vol':
      'Hart, Ian. (1905) 1999. *Rivers of the North: A History*. Edited by Kim Low. Translated by Harold Penn. 3rd ed. Vol. 2. London: Lantern House.',
    'b-series': 'Royal Society of Tides. 2010. *Annual Tidal Report*. Tidal Studies 7. London: Royal Society of Tides.',
    'ch-2ed':
      'Fox, Ann, Ben Orr, and Cy Shaw. 2008. “What Is a Mill?” In *Handbook of Water Power*, edited by Di Dale, 2nd ed., vol. 4, 99–103. Oxford: Oxford Tide Press. https://doi.org/10.5555/hwp.4.',
    'art-iss': 'Fox, Ann. 2008. “The Mills of Kenya: An Overview.” *Journal of Water History*, no. 7: 12–18.',
    'news-sec': 'Fox, Ann. 2008. “Mill Burns.” *Northmere Courier*, December 1, 2008.',
    'mag-web': 'Fox, Ann. 2021. “Mill Life.” *Tide Weekly*, May 4, 2021. https://tideweekly.example/mill.',
    'web-nodate': 'City of Northmere. n.d. “Flood Map.” Accessed January 3, 2024. https://northmere.example/flood.',
    'rep-num': 'Lund, Axel. 2016. *Tidal Energy in Practice*. Technical Report no. TR-12. Leeds: Harbour Institute.',
    'ma': 'Quist, Lars. 2012. “On Weirs.” Master’s thesis, University of Leedside.',
    'interview': 'Kerr, Isla. 2018. “Life on the Weir.” Interview by Mo Ray. *Tide Weekly*, July 2, 2018. https://tw.example/kerr.',
    'dict-print': '“Sluice.” 2003. In *Meridian Dictionary of Water*, 5th ed., 77. Chicago: Meridian University Press.',
    'standard': 'Tidal Standards Board. 2015. *Sluice Gates: Safety Requirements*. TSB 4410. Tidal Standards Board.',
    'case': '(*Mill Owners v. Harbour Board*, 410 U.S. 113 [1987])',
    'many-ed': 'Fox, Ann, Ben Orr, Cy Shaw, and Di Dale, eds. 2008. *Four Hands*. Rev. ed. London: Lantern House.',
  },
  'harvard': {
    'b-ed-vol':
      'Hart, I. (1999) *Rivers of the north: a history*. 3rd edn. Vol. 2. Edited by K. Low. Translated by H. Penn. London: Lantern House.',
    'b-series': 'Royal Society of Tides (2010) *Annual tidal report*. London: Royal Society of Tides (Tidal Studies, 7).',
    'ch-2ed':
      'Fox, A., Orr, B. and Shaw, C. (2008) ‘What is a mill?’, in D. Dale (ed.) *Handbook of water power*. 2nd edn. Vol. 4. Oxford: Oxford Tide Press, pp. 99–103. Available at: https://doi.org/10.5555/hwp.4',
    'art-iss': 'Fox, A. (2008) ‘The mills of Kenya: an overview’, *Journal of Water History*, (7), pp. 12–18.',
    'news-sec': 'Fox, A. (2008) ‘Mill burns’, *Northmere Courier*, 1 December, pp. B2–B3.',
    'mag-web': 'Fox, A. (2021) ‘Mill life’, *Tide Weekly*, 4 May. Available at: https://tideweekly.example/mill',
    'web-nodate': 'City of Northmere (no date) *Flood map*. Available at: https://northmere.example/flood (Accessed: 3 January 2024).',
    'rep-num': 'Lund, A. (2016) *Tidal energy in practice*. Technical Report no. TR-12. Leeds: Harbour Institute.',
    'ma': 'Quist, L. (2012) *On weirs*. Master’s thesis. University of Leedside.',
    'interview': 'Kerr, I. (2018) ‘Life on the weir’. Interviewed by M. Ray. *Tide Weekly*, 2 July. Available at: https://tw.example/kerr',
    'dict-print': '‘Sluice’ (2003) in *Meridian dictionary of water*. 5th edn. Chicago: Meridian University Press, p. 77.',
    'standard': 'Tidal Standards Board (2015) *Sluice gates: safety requirements*. TSB 4410. Tidal Standards Board.',
    'case': '*Mill Owners v. Harbour Board* (1987) 410 U.S. 113.',
    'many-ed': 'Fox, A. *et al.* (eds) (2008) *Four hands*. Rev. edn. London: Lantern House.',
  },
  'ieee': {
    'b-ed-vol': 'I. Hart, *Rivers of the North: A History*, vol. 2, 3rd ed., K. Low, Ed., H. Penn, Transl. London: Lantern House, 1999.',
    'b-series': 'Royal Society of Tides, *Annual Tidal Report* (Tidal Studies 7). London: Royal Society of Tides, 2010.',
    'ch-2ed':
      'A. Fox, B. Orr, and C. Shaw, “What is a mill?” in *Handbook of Water Power*, vol. 4, D. Dale, Ed., 2nd ed. Oxford: Oxford Tide Press, 2008, pp. 99–103, doi: 10.5555/hwp.4.',
    'art-iss': 'A. Fox, “The mills of Kenya: An overview,” *J. Water Hist.*, no. 7, pp. 12–18, Mar. 2008.',
    'news-sec': 'A. Fox, “Mill burns,” *Northmere Courier*, pp. B2–B3, Dec. 1, 2008.',
    'mag-web': 'A. Fox, “Mill life,” *Tide Weekly*, May 4, 2021. [Online]. Available: https://tideweekly.example/mill',
    'web-nodate': 'City of Northmere. “Flood map.” Accessed: Jan. 3, 2024. [Online]. Available: https://northmere.example/flood',
    'rep-num': 'A. Lund, “Tidal energy in practice,” Harbour Institute, Leeds, Tech. Rep. TR-12, 2016.',
    'ma': 'L. Quist, “On weirs,” Master’s thesis, Univ. Leedside, 2012.',
    'interview':
      'I. Kerr, “Life on the weir,” M. Ray, Interviewer, *Tide Weekly*, Jul. 2, 2018. [Online]. Available: https://tw.example/kerr',
    'dict-print': '“Sluice,” in *Meridian Dictionary of Water*, 5th ed. Chicago: Meridian Univ. Press, 2003, p. 77.',
    'standard': 'Tidal Standards Board, *Sluice Gates: Safety Requirements*, TSB 4410, 2015.',
    'case': '*Mill Owners v. Harbour Board*, 410 U.S. 113 (1987).',
    'many-ed': 'A. Fox, B. Orr, C. Shaw, and D. Dale, Eds., *Four Hands*, rev. ed. London: Lantern House, 2008.',
  },
  'vancouver': {
    'b-ed-vol': 'Hart I. Rivers of the north: a history. 3rd ed. Vol. 2. Low K, editor. Penn H, translator. London: Lantern House; 1999.',
    'b-series': 'Royal Society of Tides. Annual tidal report. London: Royal Society of Tides; 2010. (Tidal Studies; vol. 7).',
    'ch-2ed':
      'Fox A, Orr B, Shaw C. What is a mill? In: Dale D, editor. Handbook of water power. 2nd ed. Vol. 4. Oxford: Oxford Tide Press; 2008. p. 99-103. doi:10.5555/hwp.4',
    'art-iss': 'Fox A. The mills of Kenya: an overview. J Water Hist. 2008 Mar;(7):12-8.',
    'news-sec': 'Fox A. Mill burns. Northmere Courier. 2008 Dec 1;Sect. B:2-3.',
    'mag-web': 'Fox A. Mill life. Tide Weekly [Internet]. 2021 May 4. Available from: https://tideweekly.example/mill',
    'web-nodate':
      'City of Northmere. Flood map [Internet]. City of Northmere; [date unknown] [cited 2024 Jan 3]. Available from: https://northmere.example/flood',
    'rep-num': 'Lund A. Tidal energy in practice. Leeds: Harbour Institute; 2016. Technical Report No.: TR-12.',
    'ma': 'Quist L. On weirs [master’s thesis]. University of Leedside; 2012.',
    'interview': 'Kerr I. Life on the weir. Ray M, interviewer. Tide Weekly; 2018 Jul 2. Available from: https://tw.example/kerr',
    'dict-print': 'Meridian dictionary of water. 5th ed. Chicago: Meridian University Press; 2003. Sluice; p. 77.',
    'standard': 'Tidal Standards Board. Sluice gates: safety requirements. TSB 4410. Tidal Standards Board; 2015.',
    'case': 'Mill Owners v. Harbour Board, 410 U.S. 113 (1987).',
    'many-ed': 'Fox A, Orr B, Shaw C, Dale D, editors. Four hands. Rev. ed. London: Lantern House; 2008.',
  },
  'ama-11': {
    'b-ed-vol': 'Hart I. *Rivers of the North: A History*. Low K, ed; Penn H, trans. Vol 2. 3rd ed. Lantern House; 1999.',
    'b-series': 'Royal Society of Tides. *Annual Tidal Report*. Royal Society of Tides; 2010. Tidal Studies; vol 7.',
    'ch-2ed':
      'Fox A, Orr B, Shaw C. What is a mill? In: Dale D, ed. *Handbook of Water Power*. Vol 4. 2nd ed. Oxford Tide Press; 2008:99-103. doi:10.5555/hwp.4',
    'art-iss': 'Fox A. The mills of Kenya: an overview. *J Water Hist*. 2008;(7):12-18.',
    'news-sec': 'Fox A. Mill burns. *Northmere Courier*. December 1, 2008:B2-B3.',
    'mag-web': 'Fox A. Mill life. *Tide Weekly*. May 4, 2021. https://tideweekly.example/mill',
    'web-nodate': 'Flood map. City of Northmere. Accessed January 3, 2024. https://northmere.example/flood',
    'rep-num': 'Lund A. *Tidal Energy in Practice*. Harbour Institute; 2016. Technical report TR-12.',
    'ma': 'Quist L. *On Weirs*. Master’s thesis. University of Leedside; 2012.',
    'interview': 'Kerr I. Life on the weir. Ray M, interviewer. *Tide Weekly*. July 2, 2018. https://tw.example/kerr',
    'dict-print': 'Sluice. In: *Meridian Dictionary of Water*. 5th ed. Meridian University Press; 2003:77.',
    'standard': 'Tidal Standards Board. *Sluice Gates: Safety Requirements*. Tidal Standards Board; 2015. TSB 4410.',
    'case': '*Mill Owners v. Harbour Board*, 410 U.S. 113 (1987).',
    'many-ed': 'Fox A, Orr B, Shaw C, Dale D, eds. *Four Hands*. Rev ed. Lantern House; 2008.',
  },
  'acs': {
    'b-ed-vol': 'Hart, I. *Rivers of the North: A History*, 3rd ed.; Low, K., Ed.; Penn, H., Translator; Lantern House, 1999; Vol. 2.',
    'b-series': 'Royal Society of Tides. *Annual Tidal Report*; Tidal Studies, Vol. 7; Royal Society of Tides, 2010.',
    'ch-2ed':
      'Fox, A.; Orr, B.; Shaw, C. What Is a Mill? In *Handbook of Water Power*, 2nd ed.; Dale, D., Ed.; Oxford Tide Press, 2008; Vol. 4, pp 99–103. https://doi.org/10.5555/hwp.4.',
    'art-iss': 'Fox, A. The Mills of Kenya: An Overview. *J. Water Hist.* **2008**, No. 7, 12–18.',
    'news-sec': 'Fox, A. Mill Burns. *Northmere Courier*, Dec 1, 2008, pp B2–B3.',
    'mag-web': 'Fox, A. Mill Life. *Tide Weekly*, May 4, 2021. https://tideweekly.example/mill.',
    'web-nodate': 'City of Northmere. *Flood Map*. https://northmere.example/flood (accessed 2024-01-03).',
    'rep-num': 'Lund, A. *Tidal Energy in Practice*; Technical Report TR-12; Harbour Institute, 2016.',
    'ma': 'Quist, L. On Weirs. Master’s Thesis, University of Leedside, 2012.',
    'interview': 'Kerr, I. Life on the Weir. Ray, M., Interviewer. *Tide Weekly*, July 2, 2018. https://tw.example/kerr.',
    'dict-print': 'Sluice. In *Meridian Dictionary of Water*, 5th ed.; Meridian University Press, 2003; p 77.',
    'standard': 'Tidal Standards Board. *Sluice Gates: Safety Requirements*; TSB 4410; Tidal Standards Board, 2015.',
    'case': '*Mill Owners v. Harbour Board*, 410 U.S. 113 (1987).',
    'many-ed': '*Four Hands*, rev. ed.; Fox, A., Orr, B., Shaw, C., Dale, D., Eds.; Lantern House, 2008.',
  },
  'nature': {
    'b-ed-vol': 'Hart, I. *Rivers of the North: A History* 3rd edn Vol. 2 (ed. Low, K.) (transl. Penn, H.) (Lantern House, 1999).',
    'b-series': 'Royal Society of Tides. *Annual Tidal Report* (Royal Society of Tides, 2010).',
    'ch-2ed':
      'Fox, A., Orr, B. & Shaw, C. What is a mill? In *Handbook of Water Power* 2nd edn, Vol. 4 (ed. Dale, D.) 99–103 (Oxford Tide Press, 2008).',
    'art-iss': 'Fox, A. The mills of Kenya: an overview. *J. Water Hist.*, no. 7, 12–18 (2008).',
    'news-sec': 'Fox, A. Mill burns. *Northmere Courier* B2–B3 (1 December 2008).',
    'mag-web': 'Fox, A. Mill life. *Tide Weekly* https://tideweekly.example/mill (4 May 2021).',
    'web-nodate': 'City of Northmere. Flood map. https://northmere.example/flood (accessed 3 January 2024).',
    'rep-num': 'Lund, A. *Tidal Energy in Practice* Technical Report No. TR-12 (Harbour Institute, 2016).',
    'ma': 'Quist, L. *On Weirs*. Master’s thesis, Univ. Leedside (2012).',
    'interview': 'Kerr, I. Life on the weir (interviewer Ray, M.). *Tide Weekly* https://tw.example/kerr (2 July 2018).',
    'dict-print': 'Sluice. In *Meridian Dictionary of Water* 5th edn, 77 (Meridian Univ. Press, 2003).',
    'standard': 'Tidal Standards Board. *Sluice Gates: Safety Requirements* TSB 4410 (Tidal Standards Board, 2015).',
    'case': '*Mill Owners v. Harbour Board*, 410 U.S. 113 (1987).',
    'many-ed': 'Fox, A., Orr, B., Shaw, C. & Dale, D. (eds) *Four Hands* rev. edn (Lantern House, 2008).',
  },
}

describe.each(Object.entries(EXPECTED))('%s', (id, entries) => {
  it.each(Object.entries(entries))('%s', (name, entry) => {
    const alone = composeAlone(styleOf(id)!, sources.get(name)!)
    // What is never listed is read where it stands.
    expect(toMarkup(alone.reference ?? alone.note ?? alone.parenthetical)).toBe(entry)
  })
})
