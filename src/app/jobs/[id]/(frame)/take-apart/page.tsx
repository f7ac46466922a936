import { stageTitle } from '@/ui/job/stages'
import { TakeApartStage } from '@/ui/stages/takeApart/TakeApartStage'

export const metadata = stageTitle('take-apart')

export default function Page() {
  return <TakeApartStage />
}
