import type { Server } from 'node:https'

/** The two texts of a certificate of one's own, in PEM. */
export interface Certified {
  cert: string
  key: string
}

export function networkFlags(args: readonly string[]): { lan: boolean; https: Certified | null }
export function serveEncrypted(
  front: Certified & { port: number; inside: number; host?: string },
): Promise<Server>
