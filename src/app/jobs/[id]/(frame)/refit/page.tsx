import { RefitStage } from '@/ui/stages/refit/RefitStage'

export default function Page() {
  return <RefitStage />
}
