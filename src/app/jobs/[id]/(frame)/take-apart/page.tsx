import { TakeApartStage } from '@/ui/stages/takeApart/TakeApartStage'

export default function Page() {
  return <TakeApartStage />
}
