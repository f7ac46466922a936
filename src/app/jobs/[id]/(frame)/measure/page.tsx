import { MeasureStage } from '@/ui/stages/measure/MeasureStage'

export const metadata = { title: 'Measure' }

export default function Page() {
  return <MeasureStage />
}
