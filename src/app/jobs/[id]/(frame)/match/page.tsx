import { stageTitle } from '@/ui/job/stages'
import { MatchStage } from '@/ui/stages/match/MatchStage'

export const metadata = stageTitle('match')

export default function Page() {
  return <MatchStage />
}
