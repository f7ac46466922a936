import { MatchStage } from '@/ui/stages/match/MatchStage'

export default function Page() {
  return <MatchStage />
}
