/** What is heard, as in the vocabulary's `sound`, as far as it can be made. */
export const audible = ['hum', 'squeal', 'grinding', 'rattle', 'clicking', 'roar'] as const
export type Audible = (typeof audible)[number]

export const isAudible = (value: string): value is Audible => (audible as readonly string[]).includes(value)
