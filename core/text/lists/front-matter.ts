/** What stands before and behind the chapters of a book, and is called by what it is. */
export const FRONT_MATTER = 'introduction|foreword|preface|afterword|prologue|epilogue'
