import { DecideStage } from '@/ui/stages/decide/DecideStage'

export default function Page() {
  return <DecideStage />
}
