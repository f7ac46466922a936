import { personZone } from '@/server/zone'
import { Record } from '@/ui/record/Record'
import { openedJob } from '../../openedJob'

export const metadata = { title: 'Record' }

export default async function RecordPage({ params }: { params: Promise<{ id: string }> }) {
  const zone = await personZone()
  return openedJob(params, ({ snapshot }) => <Record snapshot={snapshot} zone={zone} now={Date.now()} />)
}
