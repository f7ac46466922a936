/** Most parts that a job keeps beside the old one. */
export const CANDIDATES_MOST = 40

/** Under which part of the job's fields the figures of a candidate are typed. */
export const candidatePart = (id: string): string => `cand:${id}`
