/** What stands before and behind the chapters of a book, and is called by what it is. */
export const FRONT_MATTER = 'introduction|foreword|preface|afterword|prologue|epilogue'
/** A title that is no more than what the part is. */
export const FRONT_MATTER_ALONE = new RegExp(`^(?:${FRONT_MATTER})\\.?$`, 'iu')
