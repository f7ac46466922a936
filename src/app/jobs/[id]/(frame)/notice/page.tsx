import { stageTitle } from '@/ui/job/stages'
import { NoticeStage } from '@/ui/stages/notice/NoticeStage'

export const metadata = stageTitle('notice')

export default function Page() {
  return <NoticeStage />
}
