import { stageTitle } from '@/ui/job/stages'
import { ProveStage } from '@/ui/stages/prove/ProveStage'

export const metadata = stageTitle('prove')

export default function Page() {
  return <ProveStage />
}
