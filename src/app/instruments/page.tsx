import { openJobTitles } from '@/server/household'
import { Instruments } from '@/ui/instruments/Instruments'

export const metadata = { title: 'Instruments' }

export default async function InstrumentsPage() {
  const jobs = await openJobTitles()
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-2xl">Instruments</h1>
      <p className="mb-4 max-w-[70ch]">
        Each calculation on its own. What you type stands in the address: copy it to share or keep it.
      </p>
      <Instruments jobs={jobs} />
    </main>
  )
}
