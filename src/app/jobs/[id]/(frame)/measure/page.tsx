import { stageTitle } from '@/ui/job/stages'
import { MeasureStage } from '@/ui/stages/measure/MeasureStage'

export const metadata = stageTitle('measure')

export default function Page() {
  return <MeasureStage />
}
