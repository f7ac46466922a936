import { headers } from 'next/headers'
import Link from 'next/link'
import { readPlan } from '@/server/backup/plan'
import { readDeleted } from '@/server/deleting'
import { isAtTheMachine } from '@/server/door/hosts'
import { folderState } from '@/server/folderState'
import { personZone } from '@/server/zone'
import { sizeText } from '@/ui/data/asked'
import { Backups } from '@/ui/data/Backups'
import { Check } from '@/ui/data/Check'
import { Deleted } from '@/ui/data/Deleted'
import { Restore } from '@/ui/data/Restore'
import { WithoutLog } from '@/ui/data/WithoutLog'
import { Archive } from '@/ui/household/Archive'
import { clockIn } from '@/ui/kit/time'

export const metadata = { title: 'Data' }

/** What is the person's own: where it lies, how it is kept, moved, restored and deleted. */
export default async function DataPage() {
  const zone = await personZone()
  const here = isAtTheMachine((await headers()).get('host'))
  const [state, plan, deleted] = await Promise.all([folderState(), readPlan(), readDeleted()])
  const { day, clock } = clockIn(zone)
  return (
    <main id="work" className="mx-auto max-w-[980px] px-4 pt-6 pb-16 mid:px-5">
      <p className="caption">
        <Link href="/household" className="inline-flex min-h-11 items-center text-teal underline">
          Household
        </Link>
      </p>
      <h1 className="text-2xl">Data</h1>
      <Part title="Where it is, and how large">
        <p className="num [overflow-wrap:anywhere]">{state.path}</p>
        <dl className="mt-2 max-w-xl">
          <Row name="Database">{sizeText(state.database)}</Row>
          <Row name={`Photos, ${state.photos.count}`}>{sizeText(state.photos.bytes)}</Row>
          {state.copies.map(({ name, bytes }) => (
            <Row key={name} name={`Laid aside: ${name}`}>
              {sizeText(bytes)}
            </Row>
          ))}
          {state.free === null ? null : <Row name="Left on its disk">{sizeText(state.free)}</Row>}
        </dl>
        {state.withoutLog ? (
          <WithoutLog found={`${day(state.withoutLog)} ${clock(state.withoutLog)}`} />
        ) : null}
        {state.free !== null && state.free < SCARCE ? (
          <p className="mt-2 border-stop border-l-4 pl-2" role="alert">
            The disk is nearly full. Make room on it: what cannot be stored is told, and waits on the device
            where it was typed.
          </p>
        ) : null}
      </Part>
      <Part title="Backups">
        <Backups
          plan={plan}
          last={plan.lastAt ? `${day(plan.lastAt)} ${clock(plan.lastAt)}` : ''}
          here={here}
        />
      </Part>
      <Part title="Restore">
        <Restore here={here} />
      </Part>
      <Part title="Check">
        <Check />
      </Part>
      <Part title="Deleted">
        <Deleted rows={deleted} zone={zone} />
      </Part>
      <Part title="To and from another household">
        <Archive />
      </Part>
    </main>
  )
}

/** Less than this on the disk is told. */
const SCARCE = 200_000_000

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section aria-label={title} className="rule-top mt-6 py-4">
      <h2 className="mb-2 text-lg">{title}</h2>
      {children}
    </section>
  )
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-wrap justify-between gap-x-4 border-line border-b py-1">
      <dt className="[overflow-wrap:anywhere]">{name}</dt>
      <dd className="num">{children}</dd>
    </div>
  )
}
