import type { JobSnapshot } from '@/core/job'
import { chosenMotor, partName } from '@/core/job/parts/candidates'
import { titleAndPlace } from '@/core/job/title'
import { significant } from '@/core/units'
import { wiringCheckOf } from '@/core/wiring/ofJob'
import { roleOf, stripOf } from '@/core/wiring/strip'
import { LocalTime } from './LocalTime'
import { Paper } from './Paper'

/** The card on the inside of the cabinet door: what is fitted, and where each lead lands. */
export function DoorCard({ snapshot, zone, now }: { snapshot: JobSnapshot; zone: string; now: number }) {
  const { machine, job } = snapshot
  const { leads } = stripOf(snapshot)
  const motor = chosenMotor(snapshot)
  const check = wiringCheckOf(snapshot)
  const landed = leads.filter(({ landingId }) => landingId !== null)
  return (
    <Paper back={`/jobs/${job.id}/refit`} narrow>
      <article className="border-2 border-ink p-5">
        <h1 className="text-2xl">{titleAndPlace(machine)}</h1>
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
    </Paper>
  )
}
