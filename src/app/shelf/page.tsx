import { readSpares } from '@/server/house/shelf'
import { readHousehold } from '@/server/household'
import { readCatalogues, readShelf } from '@/server/parts'
import { HouseWork } from '@/ui/house/HouseWork'
import { Catalogues } from '@/ui/shelf/Catalogues'
import { DemoParts } from '@/ui/shelf/DemoParts'
import { FindParts } from '@/ui/shelf/FindParts'
import { ImportForm } from '@/ui/shelf/ImportForm'
import { OwnShelf } from '@/ui/shelf/OwnShelf'

export const metadata = { title: 'Shelf' }

export default async function ShelfPage() {
  const [household, lists, shelf, spares] = await Promise.all([
    readHousehold(),
    readCatalogues(),
    readShelf(),
    readSpares(),
  ])
  const any = lists.some(({ ready }) => ready === 1)
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-2xl">Shelf</h1>
      <p className="mb-4 max-w-[70ch]">
        Spares of your own, and lists of what shops sell. A job’s Match stage judges them all against the old
        part.
      </p>
      <HouseWork>
        <OwnShelf parts={shelf} inches={household.inches === 1} {...spares} />
      </HouseWork>
      <Catalogues lists={lists} demoParts={household.demoParts === 1} />
      <ImportForm known={lists} />
      <FindParts key={lists.map(({ id, shown, parts }) => `${id}${shown}${parts}`).join()} any={any} />
      {household.demoParts === 1 ? <DemoParts /> : null}
    </main>
  )
}
