import { MeasureStage } from '@/ui/stages/measure/MeasureStage'

export default function Page() {
  return <MeasureStage />
}
