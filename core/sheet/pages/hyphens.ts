// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package has no types of its own
/// <reference path="./hyphen.d.ts" />
/** English words with soft hyphens where they may be divided at a line's end. Read only where a paper wants it: it is large. */
import hyphen from 'hyphen/en-us/index.js'

export const hyphenate = (text: string): string => hyphen.hyphenateSync(text)
