import { roundCalendarFile } from '@/server/house/files'
import { personZone } from '@/server/zone'

/** What is due of each machine, as a calendar takes it. */
export async function GET() {
  return roundCalendarFile(await personZone())
}
