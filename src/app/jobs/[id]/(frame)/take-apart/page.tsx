import { TakeApartStage } from '@/ui/stages/takeApart/TakeApartStage'

export const metadata = { title: 'Take apart' }

export default function Page() {
  return <TakeApartStage />
}
