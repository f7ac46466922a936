import { createHash } from 'node:crypto'

/** The name of a stored picture: the hash of its bytes. */
export const sha256 = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex')
