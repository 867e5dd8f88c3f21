/** What stands before a hyphen and is part of the word behind it. */
const words = (text: string) => text.split(/\s+/u)

/** Prefixes that are no words by themselves; "post" and "counter" are (Chicago 18, 8.162). */
export const PREFIXES: ReadonlySet<string> = new Set(words(
  'anti co de hyper inter intra macro meta micro multi neo non pre proto pseudo re semi sub trans ultra un',
))

/**
 * Those, and what is put before words of learning: "meta-analysis", "socio-economic", "bio-based". No list of words has
 * them, and none is a name. Not those that are made of one: Afro-, Anglo-, Euro-, Pan-.
 */
export const COMBINING: ReadonlySet<string> = new Set([...PREFIXES, ...words(
  `aero agro astro audio auto bi bio cardio chemo cyber cyto demi eco electro endo ethno ex exo extra geo gyro haemo hemo hetero
 homo hydro hypo immuno infra iso kilo litho mega mid mini mono morpho myco nano necro neuro oligo omni ortho osteo palaeo paleo para
 patho peri petro pharmaco phono photo phyto poly psycho pyro quasi radio retro socio spectro super tele thermo tri vice video xeno
 zoo`,
)])
