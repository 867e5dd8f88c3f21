/** Abbreviations, without their last stop, whose stop ends no sentence: in prose, and in references besides. */
const IN_PROSE = String.raw`\p{Lu}|[Ee]t al|etc|e\.g|i\.e|vs|cf|ca|approx|pp?|[Vv]ols?|[Nn]os?|[Ff]igs?|eds?|Dr|Mr|Mrs|Ms|Prof|St|Jr|Sr|U\.S|U\.K|a\.m|p\.m`

/** A text that ends in an abbreviation, its stop taken off. Those that may end a sentence too (etc.) are taken for no end. */
export const ENDS_ABBREVIATED = new RegExp(String.raw`(?:^|[\s(“‘"\u00A0])(?:${IN_PROSE})$`, 'u')
/** The same in a reference, where more is shortened: "Art.", "dept.", "c.". */
export const ENDS_ABBREVIATED_IN_REFERENCE = new RegExp(String.raw`(?:^|[\s(“‘"\u00A0])(?:${IN_PROSE}|Art|c|al|dept|transl?|[a-z]\.[a-z])$`, 'u')
