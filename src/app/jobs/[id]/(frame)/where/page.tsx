import { WherePage } from '@/ui/where/WherePage'

export const metadata = { title: 'Where everything sits' }

export default function Page() {
  return <WherePage />
}
