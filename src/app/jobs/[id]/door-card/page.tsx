import { personZone } from '@/server/zone'
import { DoorCard } from '@/ui/record/DoorCard'
import { openedJob } from '../../openedJob'

export const metadata = { title: 'Card for the door' }

export default async function DoorCardPage({ params }: { params: Promise<{ id: string }> }) {
  const zone = await personZone()
  return openedJob(params, ({ snapshot }) => <DoorCard snapshot={snapshot} zone={zone} now={Date.now()} />)
}
