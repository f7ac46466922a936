import type { JobSnapshot } from '@/core/job'
import { chosenMotor, partName } from '@/core/job/candidates'
import { familyLabel } from '@/core/knowledge/vocabulary'
import { significant } from '@/core/units'
import { wiringCheckOf } from '@/core/wiring/ofJob'
import { roleOf, stripOf } from '@/core/wiring/strip'
import { LocalTime } from './LocalTime'
import { PrintButton } from './PrintButton'

/** The card on the inside of the cabinet door: what is fitted, and where each lead lands. */
export function DoorCard({ snapshot, zone, now }: { snapshot: JobSnapshot; zone: string; now: number }) {
  const { machine, job } = snapshot
  const { leads } = stripOf(snapshot)
  const motor = chosenMotor(snapshot)
  const check = wiringCheckOf(snapshot)
  const landed = leads.filter(({ landingId }) => landingId !== null)
  return (
    <main
      id="work"
      className="mx-auto max-w-[720px] bg-surface px-6 py-8 mid:my-6 mid:border mid:border-line print:my-0 print:border-0 print:p-0"
    >
      <div className="no-print mb-6 flex gap-2">
        <PrintButton />
        <a className="btn" href={`/jobs/${job.id}/refit`}>
          Back to the job
        </a>
      </div>
      <article className="border-2 border-ink p-5">
        <h1 className="text-2xl">
          {[machine.name || familyLabel(machine.family), machine.place].filter(Boolean).join(', ')}
        </h1>
        <p className="caption">
          Wired <LocalTime at={new Date(now).toISOString()} zone={zone} onlyDay />
          {motor ? `, motor ${partName(snapshot, motor)}` : ''}
        </p>
        {landed.length === 0 ? <p className="mt-3">No lead is landed yet.</p> : null}
        <table className="mt-3 w-full text-left">
          <thead className="caption border-ink border-b">
            <tr>
              <th scope="col" className="py-1 font-normal">
                Lead
              </th>
              <th scope="col" className="font-normal">
                What it is
              </th>
              <th scope="col" className="font-normal">
                Where it lands
              </th>
            </tr>
          </thead>
          <tbody>
            {landed.map((lead) => (
              <tr key={lead.name} className="border-line border-b">
                <td className="py-1.5 font-bold text-lg">{lead.name}</td>
                <td>{roleOf(lead.role).name}</td>
                <td className="font-bold text-lg">{lead.capped ? 'capped, alone' : lead.terminal}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {check?.ok ? (
          <p className="num mt-3 text-sm">
            {[
              check.runVolts === null ? '' : `run winding ${significant(check.runVolts, 3)} V`,
              check.startVolts === null ? '' : `start winding ${significant(check.startVolts, 3)} V`,
              check.capacitorVolts === null
                ? ''
                : `capacitor ${significant(check.capacitorVolts, 3)} V at standstill`,
            ]
              .filter(Boolean)
              .join(', ')}
          </p>
        ) : null}
        <p className="mt-3 border-ink border-t pt-2 text-sm">
          Power off at every point and proved dead with a meter, capacitor emptied and read, before a hand
          goes in.
        </p>
      </article>
    </main>
  )
}
