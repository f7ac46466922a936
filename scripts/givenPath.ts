import { resolve } from 'node:path'

/** npm runs a command in the project's folder; a file is meant from where the person stands. */
export const givenPath = (file: string): string => resolve(process.env.INIT_CWD ?? process.cwd(), file)
