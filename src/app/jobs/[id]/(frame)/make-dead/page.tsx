import { stageTitle } from '@/ui/job/stages'
import { MakeDeadStage } from '@/ui/stages/makeDead/MakeDeadStage'

export const metadata = stageTitle('make-dead')

export default function Page() {
  return <MakeDeadStage />
}
