import { MatchStage } from '@/ui/stages/match/MatchStage'

export const metadata = { title: 'Match' }

export default function Page() {
  return <MatchStage />
}
