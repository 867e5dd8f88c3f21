/** Prepositions, lowered in headline style and passed over where a headline is told from a sentence. */
export const PREPOSITIONS = new Set(`about above across after against along alongside amid amidst among amongst around as at atop
 before behind below beneath beside besides between betwixt beyond by concerning despite down during except excepting for from in inside
 into like near of off on onto out outside over past per regarding round since through throughout till to toward towards
 under underneath until unto up upon versus via vs vs. with within without`.split(/\s+/))
