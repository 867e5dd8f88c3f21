import { dirname, join, resolve } from 'node:path'

/** Where the build puts a thread's script: beside the server's own. */
export const scriptOf = (name: 'document' | 'archive'): string => join(dirname(resolve(process.argv[1] ?? '.')), `workers/${name}.mjs`)
