import { CallCardPaper } from '@/ui/record/CallCardPaper'
import { openedJob } from '../../openedJob'

export const metadata = { title: 'Card for whoever comes' }

export default async function CallCardPage({ params }: { params: Promise<{ id: string }> }) {
  return openedJob(params, ({ snapshot }) => <CallCardPaper snapshot={snapshot} now={Date.now()} />)
}
