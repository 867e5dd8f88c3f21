/** Endings of papers that can be read, for whoever looks through a folder. */
export const PAPERS = /\.(?:docx|odt|md|markdown|tex|html?|txt)$/iu
