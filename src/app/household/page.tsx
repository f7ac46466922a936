import Link from 'next/link'
import { labelPhotos } from '@/core/job/ledger/labels'
import { machineTitle } from '@/core/job/title'
import { familyLabel, vocabulary } from '@/core/knowledge/vocabulary'
import { readHouseForms } from '@/server/house/pages'
import { pageOfMachine, readHousehold, readMachinesWithJobs, readOwnNames } from '@/server/household'
import { personZone } from '@/server/zone'
import { DeleteThing } from '@/ui/deleting/DeleteThing'
import { AddMachine } from '@/ui/house/AddMachine'
import { HousePlaces } from '@/ui/house/HousePlaces'
import { HouseWork } from '@/ui/house/HouseWork'
import { OwnNames } from '@/ui/household/OwnNames'
import { Settings } from '@/ui/household/Settings'
import { Pager } from '@/ui/kit/Pager'
import { FamilySection } from '@/ui/pieces/FamilySection'
import { LocalTime } from '@/ui/record/LocalTime'

export const metadata = { title: 'Household' }

interface Props {
  searchParams: Promise<{ page?: string; machine?: string }>
}

export default async function HouseholdPage({ searchParams }: Props) {
  const { page: asked = '1', machine: sought } = await searchParams
  const zone = await personZone()
  const [household, { rows: machines, page, pages }, names, forms] = await Promise.all([
    readHousehold(),
    readMachinesWithJobs(sought ? await pageOfMachine(sought) : Number(asked)),
    readOwnNames(),
    readHouseForms(),
  ])
  return (
    <HouseWork>
      <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
        <h1 className="text-2xl">{household.name}</h1>
        <section aria-label="Of the house" className="pt-4">
          <HousePlaces />
        </section>
        <section aria-label="Machines" className="pt-5">
          <h2 className="mb-2 text-lg">Machines</h2>
          {machines.length === 0 ? (
            <p>None yet. Add the machines that there are, or let each come with its first job.</p>
          ) : null}
          <AddMachine {...forms} />
          <ul className="mt-3 grid gap-x-8 border-ink border-t mid:grid-cols-2">
            {machines.map(({ machine, jobs, good, retiredAt }) => (
              <li
                key={machine.id}
                id={machine.id}
                className="flex min-w-0 flex-wrap gap-4 border-line border-b py-4 target:bg-teal-wash"
              >
                {machine.pictureHash ? (
                  // biome-ignore lint/performance/noImgElement: served from the data folder, already small
                  <img
                    src={`/api/photos/${machine.pictureHash}`}
                    alt={machineTitle(machine)}
                    className="h-24 w-32 shrink-0 border border-line object-cover"
                    loading="lazy"
                  />
                ) : good ? (
                  <FamilySection family={machine.family} className="h-24 w-32 shrink-0" />
                ) : null}
                <div className="w-full min-w-0 flex-1 basis-48 [overflow-wrap:anywhere]">
                  <p className="font-bold leading-tight">
                    {good ? (
                      <Link
                        href={`/machines/${machine.id}`}
                        className="inline-flex min-h-11 items-center underline underline-offset-4 mid:min-h-0"
                      >
                        {machineTitle(machine)}
                      </Link>
                    ) : (
                      machineTitle(machine)
                    )}
                  </p>
                  <p className="caption">
                    {[machine.place, good ? familyLabel(machine.family) : ''].filter(Boolean).join(' · ')}
                  </p>
                  <p className="caption">
                    {[
                      machine.modelNumber,
                      good && machine.motorKind
                        ? vocabulary.motorKinds[machine.motorKind].split(' (')[0]
                        : '',
                      machine.installedYear ? `fitted ${machine.installedYear}` : '',
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </p>
                  {retiredAt ? <p className="caption">{`in use no more since ${retiredAt}`}</p> : null}
                  {good ? null : (
                    <p className="border-stop border-l-4 pl-2 text-sm">
                      A stored value of this machine cannot be read. Under Data it can be checked, and a
                      backup restored.
                    </p>
                  )}
                  {labelPhotos(machine).length > 0 ? (
                    <p className="flex flex-wrap gap-x-4 text-sm">
                      {labelPhotos(machine).map(({ hash, caption }) => (
                        <a
                          key={hash}
                          href={`/api/photos/${hash}`}
                          className="inline-flex min-h-11 items-center text-teal underline mid:min-h-0"
                        >
                          {caption}
                        </a>
                      ))}
                    </p>
                  ) : null}
                  <ul className="mt-1 text-sm">
                    {jobs.map((job) => (
                      <li key={job.id}>
                        <Link
                          href={`/jobs/${job.id}/${job.status === 'closed' ? 'record' : 'notice'}`}
                          className="inline-block max-w-full py-1.5 text-teal underline mid:py-0"
                        >
                          {job.symptom || 'A job'}
                        </Link>{' '}
                        <span className="caption">
                          <LocalTime at={job.openedAt} zone={zone} onlyDay />
                          {`, ${job.status}`}
                        </span>
                      </li>
                    ))}
                  </ul>
                  <DeleteThing kind="machine" id={machine.id} then="/household" />
                </div>
              </li>
            ))}
          </ul>
          <Pager page={page} pages={pages} what="the machines" hrefOf={(to) => `/household?page=${to}`} />
        </section>
        {names.length > 0 ? (
          <section aria-label="Names you use" className="pt-8">
            <h2 className="mb-2 text-lg">Names you use</h2>
            <OwnNames
              names={names}
              titles={Object.fromEntries(machines.map(({ machine }) => [machine.id, machineTitle(machine)]))}
            />
          </section>
        ) : null}
        <section aria-label="Data" className="pt-8">
          <h2 className="mb-2 text-lg">Data</h2>
          <p className="mb-3 max-w-[72ch]">
            Where it lies, backups and restoring, a check, what was deleted, archives to and from another
            household.
          </p>
          <Link href="/household/data" className="btn inline-flex">
            Data and backups
          </Link>
        </section>
        <section aria-label="Settings" className="pt-8">
          <h2 className="mb-3 border-ink border-t pt-4 text-lg">Settings</h2>
          <Settings household={household} />
        </section>
      </main>
    </HouseWork>
  )
}
