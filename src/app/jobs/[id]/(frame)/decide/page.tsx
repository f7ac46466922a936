import { DecideStage } from '@/ui/stages/decide/DecideStage'

export const metadata = { title: 'Decide' }

export default function Page() {
  return <DecideStage />
}
