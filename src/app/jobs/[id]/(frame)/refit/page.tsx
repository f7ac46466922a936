import { RefitStage } from '@/ui/stages/refit/RefitStage'

export const metadata = { title: 'Wire and refit' }

export default function Page() {
  return <RefitStage />
}
