import { Catalogue } from '@/ui/household/Catalogue'

export const metadata = { title: 'Shelf' }

export default function ShelfPage() {
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-2xl">Shelf</h1>
      <p className="mb-4 max-w-[70ch]">
        A made-up catalogue of invented makers, so that matching can be tried. A job's Match stage judges it
        against the old part.
      </p>
      <Catalogue />
    </main>
  )
}
