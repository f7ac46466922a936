import { stageTitle } from '@/ui/job/stages'
import { RefitStage } from '@/ui/stages/refit/RefitStage'

export const metadata = stageTitle('refit')

export default function Page() {
  return <RefitStage />
}
