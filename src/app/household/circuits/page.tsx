import { readPanel } from '@/server/house/pages'
import { HousePage } from '@/ui/house/HousePage'
import { Panel } from '@/ui/house/Panel'

export const metadata = { title: 'Circuits' }

/** The panel of the house, breaker by breaker. */
export default async function CircuitsPage() {
  const panel = await readPanel()
  return (
    <HousePage
      title="Circuits"
      lead="What hangs on each breaker. A card at the panel is often wrong: switch a breaker off, and see what stops. Before any work the meter has the last word all the same."
    >
      <Panel {...panel} />
    </HousePage>
  )
}
