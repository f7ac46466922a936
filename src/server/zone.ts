import { cookies } from 'next/headers'

/** The time zone that the person's browser has told, else this machine's. */
export const personZone = async (): Promise<string> =>
  (await cookies()).get('rest-cog-zone')?.value ?? Intl.DateTimeFormat().resolvedOptions().timeZone
