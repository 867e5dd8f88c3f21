/** The package brings no types: words come back with soft hyphens where they may be divided. */
declare module 'hyphen/en-us/index.js' {
  const hyphen: { hyphenateSync: (text: string) => string }
  export default hyphen
}
