import { MakeDeadStage } from '@/ui/stages/makeDead/MakeDeadStage'

export default function Page() {
  return <MakeDeadStage />
}
