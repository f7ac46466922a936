import { resolve } from 'node:path'

/** The data folder of this process: RESTCOG_DATA, else `data` beside the application. */
export const dataPath = (): string => process.env.RESTCOG_DATA ?? resolve(process.cwd(), 'data')
