import { NoticeStage } from '@/ui/stages/notice/NoticeStage'

export default function Page() {
  return <NoticeStage />
}
