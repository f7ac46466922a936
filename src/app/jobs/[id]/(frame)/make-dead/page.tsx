import { MakeDeadStage } from '@/ui/stages/makeDead/MakeDeadStage'

export const metadata = { title: 'Make dead' }

export default function Page() {
  return <MakeDeadStage />
}
