import { stageTitle } from '@/ui/job/stages'
import { DecideStage } from '@/ui/stages/decide/DecideStage'

export const metadata = stageTitle('decide')

export default function Page() {
  return <DecideStage />
}
