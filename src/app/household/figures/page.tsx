import { readFigures } from '@/server/house/pages'
import { FiguresTables } from '@/ui/house/FiguresTables'
import { HousePage } from '@/ui/house/HousePage'

export const metadata = { title: 'Figures' }

/** What the repairs of the house cost, saved and took, and what failed how often. */
export default async function FiguresPage() {
  return (
    <HousePage
      title="Figures"
      lead="Of closed jobs. What nobody wrote down counts for nothing: cost and time are asked at the end of each job."
    >
      <FiguresTables figures={await readFigures()} />
    </HousePage>
  )
}
