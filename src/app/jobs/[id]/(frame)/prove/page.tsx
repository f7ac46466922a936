import { ProveStage } from '@/ui/stages/prove/ProveStage'

export const metadata = { title: 'Prove' }

export default function Page() {
  return <ProveStage />
}
