import { NoticeStage } from '@/ui/stages/notice/NoticeStage'

export const metadata = { title: 'Notice' }

export default function Page() {
  return <NoticeStage />
}
