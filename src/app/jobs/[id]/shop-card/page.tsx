import { ShopCard } from '@/ui/record/ShopCard'
import { openedJob } from '../../openedJob'

export const metadata = { title: 'Card for the counter' }

export default async function ShopCardPage({ params }: { params: Promise<{ id: string }> }) {
  return openedJob(params, ({ snapshot }) => <ShopCard snapshot={snapshot} />)
}
