/**
 * Where each manual speaks of what a paper does with its sources: what Check names beside a finding. A topic that a
 * manual does not treat is absent, and the manual as a whole stands for it.
 */
import { TOPICS, type Topic } from './ids'

export type Sections = Readonly<Partial<Record<Topic, string>>>

/** The sections of one manual, each led by its name. */
const of = (manual: string, sections: Sections): Sections =>
  Object.fromEntries(TOPICS.flatMap(topic => (sections[topic] ? [[topic, `${manual}, ${sections[topic]}`]] : [])))

export const APA_7 = of('APA 7', {
  correspondence: '8.4', citing: '8.1', form: '8.10–8.11', narrative: '8.11', order: '8.12', place: '8.13', secondary: '8.6', quoting: '8.25', short: '8.26', block: '8.26–8.27',
  accuracy: '8.29–8.31', introducing: '8.25', stops: '6.7', marks: '6.6–6.7', paraphrase: '8.23', entries: '9.5–9.6', headings: '2.27', title: '2.3–2.4', details: '2.3',
  pageNumbers: '2.18', indents: '2.24', spacing: '2.21, 6.1',
})
export const APA_6 = of('APA 6', {
  correspondence: '6.22', citing: '6.01', form: '6.11', narrative: '6.11', order: '6.16', place: '6.19', secondary: '6.17', quoting: '6.03', short: '6.03', block: '6.03', accuracy: '6.06–6.08',
  introducing: '6.03', stops: '4.08', marks: '4.07–4.08', paraphrase: '6.04', entries: '6.25–6.32', headings: '3.03', title: '2.01', details: '2.01–2.02', pageNumbers: '8.03', indents: '8.03', spacing: '4.01, 8.03',
})
export const MLA_9 = of('MLA Handbook 9', {
  correspondence: '6.1–6.2', citing: '4.2–4.4', form: '6.2–6.3', narrative: '6.3–6.5', order: '6.30', again: '6.44', place: '6.16–6.21', secondary: '6.77', quoting: '6.31', short: '6.32', block: '6.34–6.36',
  accuracy: '6.54–6.62', introducing: '6.32', stops: '6.50–6.53', marks: '6.48–6.49', paraphrase: '4.5–4.8', entries: '5.1–5.3', headings: '2.7', title: '1.3', details: '1.3', pageNumbers: '1.4', indents: '1.2', spacing: '1.2',
})
const CHICAGO_18_SHARED: Sections = {
  citing: '4.83, 12.2', order: '13.124', again: '13.121', secondary: '14.160', quoting: '12.2–12.4', short: '12.9', block: '12.9–12.10', accuracy: '12.7–12.8', introducing: '12.11–12.14',
  stops: '6.9', marks: '12.28–12.30', paraphrase: '12.2–12.3', headings: '1.57', title: '2.8', details: '2.8', pageNumbers: '2.10', indents: '2.15', spacing: '2.12, 6.7',
}
export const CHICAGO_18_NOTES = of('Chicago 18', { ...CHICAGO_18_SHARED, correspondence: '13.65', form: '13.27', place: '13.24', entries: '13.18–13.21' })
export const CHICAGO_18_AUTHOR_DATE = of('Chicago 18', { ...CHICAGO_18_SHARED, correspondence: '13.102', form: '13.115', narrative: '13.122', place: '13.117', entries: '13.102–13.105' })
const CHICAGO_17_SHARED: Sections = {
  citing: '4.75, 13.1', secondary: '14.260', quoting: '13.1–13.5', short: '13.9', block: '13.9–13.10', accuracy: '13.7–13.8', introducing: '13.12–13.16', stops: '6.9', marks: '13.28–13.30', paraphrase: '13.3–13.4',
  headings: '1.55', title: '2.8', details: '2.8', pageNumbers: '2.9', indents: '2.12', spacing: '2.8–2.9, 6.7',
}
export const CHICAGO_17_NOTES = of('Chicago 17', { ...CHICAGO_17_SHARED, correspondence: '14.61', form: '14.24', order: '14.57', place: '14.23', entries: '14.20–14.23' })
export const CHICAGO_17_AUTHOR_DATE = of('Chicago 17', { ...CHICAGO_17_SHARED, correspondence: '15.10', form: '15.21', narrative: '15.25', order: '15.30', again: '15.27', place: '15.23', entries: '15.6–15.10' })
export const IEEE = of('IEEE Reference Guide', { correspondence: 'part I', form: 'part I', order: 'part I', place: 'part I', entries: 'part II' })
export const VANCOUVER = of('Citing Medicine 2', { correspondence: 'introduction', form: 'introduction', order: 'introduction', entries: 'appendix A' })
export const AMA_11 = of('AMA 11', { correspondence: '3.5', citing: '3.3', form: '3.6', order: '3.6', place: '3.6', secondary: '3.11.13', quoting: '8.6', short: '8.6', block: '8.6.14', stops: '8.6.5', entries: '3.7–3.11', headings: '2.8', paraphrase: '5.4.2' })
export const ACS = of('ACS Guide to Scholarly Communication', { correspondence: '4.1', form: '4.1', order: '4.1', entries: '4.3' })
export const MHRA_3 = of('MHRA 3', {
  correspondence: '11.6', form: '11.1', place: '11.2', secondary: '11.2', quoting: '9.1', short: '9.3', block: '9.4', accuracy: '9.6–9.7', introducing: '9.1', stops: '9.3', marks: '9.3', entries: '11.6', headings: '1.4',
})
