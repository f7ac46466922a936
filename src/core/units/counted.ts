/**
 * So many of something, in words.
 *
 * @example counted(2, 'job') // '2 jobs'
 * @example counted(1, 'act') // '1 act'
 */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`
