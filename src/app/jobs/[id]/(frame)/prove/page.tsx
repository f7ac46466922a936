import { ProveStage } from '@/ui/stages/prove/ProveStage'

export default function Page() {
  return <ProveStage />
}
