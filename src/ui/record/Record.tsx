import type { ReactNode } from 'react'
import {
  activeReadings,
  capacitorOf,
  diagnosisOf,
  fieldText,
  findingsOf,
  type JobSnapshot,
  proofPlaceText,
  windingOf,
} from '@/core/job'
import { chosenCapacitor, chosenMotor, partName } from '@/core/job/candidates'
import { logSentence } from '@/core/job/logWords'
import { motorPlateFields } from '@/core/job/oldPart'
import { refitOf } from '@/core/job/refitOf'
import { titleAndPlace } from '@/core/job/title'
import { actionInfo } from '@/core/knowledge/actions'
import { proveChecks } from '@/core/knowledge/proofChecks'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import {
  type CauseId,
  causeInfo,
  familyLabel,
  type ObservationId,
  vocabulary,
} from '@/core/knowledge/vocabulary'
import { type OptionKind, optionInfo } from '@/core/options'
import { dueEvents } from '@/core/takeaway/calendar'
import { formatOhm, formatPercent } from '@/core/units'
import { LocalTime } from './LocalTime'
import { Paper } from './Paper'

const resultWords = {
  runs: 'It runs',
  'runs-with-remarks': 'It runs, with remarks',
  'not-mended': 'Not mended',
  'handed-over': 'Handed to a licensed trade',
}

const leftOutWords = { declined: 'Declined', 'not-possible': 'Not possible here', unknown: 'Could not tell' }

interface RecordProps {
  snapshot: JobSnapshot
  /** The zone that times are written by. */
  zone: string
}

/** The whole job on paper: what was found, how it was made dead, measured, decided, taken apart, fitted and proved. */
export function Record({ snapshot, zone }: RecordProps) {
  const { job, machine, household } = snapshot
  const title = titleAndPlace(machine)
  return (
    <Paper
      back={`/jobs/${job.id}/prove`}
      files={
        <>
          <a className="btn" href={`/api/jobs/${job.id}/readings`} download>
            Readings for a spreadsheet
          </a>
          {dueEvents(snapshot).length > 0 ? (
            <a className="btn" href={`/api/jobs/${job.id}/calendar`} download>
              Looks that are due, for a calendar
            </a>
          ) : null}
        </>
      }
    >
      <header className="border-ink border-b-2 pb-3">
        <p className="caption">{household.name} · record of a repair</p>
        <h1 className="text-2xl">{title}</h1>
        <p>{job.symptom}</p>
        <p className="mt-1 text-sm">
          Opened <LocalTime at={job.openedAt} zone={zone} />
          {job.closedAt ? (
            <>
              , closed <LocalTime at={job.closedAt} zone={zone} />
            </>
          ) : (
            ', still open'
          )}
          {job.result ? `. ${resultWords[job.result]}.` : '.'}
        </p>
      </header>
      {alone('Machine', Machine, { snapshot, zone })}
      {alone('Found', Findings, { snapshot, zone })}
      {alone('Safety record', Safety, { snapshot, zone })}
      {alone('Measured', Measured, { snapshot, zone })}
      {alone('Verdict', Verdict, { snapshot, zone })}
      {alone('Ledger', Ledger, { snapshot, zone })}
      {alone('Parts', Parts, { snapshot, zone })}
      {alone('Proof', Proof, { snapshot, zone })}
      {job.lesson || job.minutesSpent || job.cost ? (
        <Block title="To know next time">
          <p>{job.lesson}</p>
          <p className="text-sm">
            {[job.minutesSpent ? `${job.minutesSpent} minutes` : '', job.cost ? `cost ${job.cost}` : '']
              .filter(Boolean)
              .join(', ')}
          </p>
        </Block>
      ) : null}
      <p className="caption mt-6 border-line border-t pt-2">
        This says what was done and measured, and by when. It does not say that anything is safe.
      </p>
    </Paper>
  )
}

/** A part of the record that cannot be worked out says so, and the rest stands. */
function alone(title: string, show: (of: RecordProps) => ReactNode, of: RecordProps) {
  try {
    return show(of)
  } catch {
    return (
      <Block title={title}>
        <p data-testid="failed-block">
          This part cannot be worked out from what is stored. Nothing of it is lost.
        </p>
      </Block>
    )
  }
}

function Block({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="avoid-break pt-5">
      <h2 className="mb-1 border-line border-b text-lg">{title}</h2>
      {children}
    </section>
  )
}

function Pairs({ rows }: { rows: [string, ReactNode][] }) {
  return (
    <dl className="grid gap-x-8 text-[0.95rem] mid:grid-cols-2 print:grid-cols-2">
      {rows.map(([name, value]) => (
        <div key={name} className="flex justify-between gap-4 border-line border-b py-1">
          <dt>{name}</dt>
          <dd className="num text-right">{value}</dd>
        </div>
      ))}
    </dl>
  )
}

function Machine({ snapshot }: { snapshot: JobSnapshot }) {
  const { machine } = snapshot
  const plate = motorPlateFields.flatMap((field): [string, ReactNode][] => {
    const typed = fieldText(snapshot, 'motor-old', field.field)
    return typed ? [[field.label, typed]] : []
  })
  return (
    <Block title="Machine">
      <Pairs
        rows={[
          ['Kind', familyLabel(machine.family)],
          ...(machine.modelNumber ? [['Maker and model', machine.modelNumber] as [string, ReactNode]] : []),
          ...(machine.motorKind
            ? [['Motor', vocabulary.motorKinds[machine.motorKind].split(' (')[0]] as [string, ReactNode]]
            : []),
          ...(machine.installedYear ? [['Fitted', machine.installedYear] as [string, ReactNode]] : []),
          ...plate,
        ]}
      />
    </Block>
  )
}

function Findings({ snapshot }: { snapshot: JobSnapshot }) {
  const rows = (Object.entries(findingsOf(snapshot)) as [ObservationId, string][]).map(
    ([observation, value]): [string, ReactNode] => [shortLabels[observation], valueLabel(observation, value)],
  )
  return <Block title="Found">{rows.length > 0 ? <Pairs rows={rows} /> : <p>Nothing was noted.</p>}</Block>
}

/** The safety record: everything that happened to the energy of the job, in its order, for good. */
function Safety({ snapshot, zone }: RecordProps) {
  return (
    <Block title="Safety record">
      <p className="text-[0.95rem]">{`Dead is proved ${proofPlaceText(snapshot)}.`}</p>
      <ol className="text-[0.95rem]" data-testid="safety-record">
        {snapshot.log.map((row) => (
          <li
            key={row.id}
            className="grid grid-cols-[9.5rem_minmax(0,1fr)] gap-x-3 border-line border-b py-0.5"
          >
            <span className="num text-sm text-soft">
              <LocalTime at={row.at} zone={zone} />
            </span>
            <span>{logSentence(row)}</span>
          </li>
        ))}
      </ol>
      {snapshot.log.length === 0 ? <p>Nothing was isolated.</p> : null}
      {snapshot.declined.map((row) => (
        <p key={row.id} className="border-line border-b py-0.5 text-[0.95rem]">
          {`${leftOutWords[row.why]}: ${shortLabels[row.observation].toLowerCase()}.`}
        </p>
      ))}
    </Block>
  )
}

function Measured({ snapshot }: { snapshot: JobSnapshot }) {
  const parts = (['old', 'new'] as const).map((part) => ({
    part,
    capacitor: capacitorOf(snapshot, part),
    winding: windingOf(snapshot, part),
  }))
  if (snapshot.readings.length === 0) return null
  return (
    <Block title="Measured">
      {parts.map(({ part, capacitor, winding }) =>
        capacitor.check || winding ? (
          <div key={part} className="mb-2">
            {part === 'new' ? <p className="font-bold">New part, before it went in</p> : null}
            {capacitor.check ? (
              <>
                <p>
                  Capacitor “{fieldText(snapshot, `capacitor-${part}`, 'label')}”:{' '}
                  <b>{capacitor.check.verdict.replaceAll('-', ' ')}</b>
                </p>
                <ul className="list-disc pl-5 text-sm">
                  {capacitor.check.reasons.map((reason) => (
                    <li key={reason}>{reason}</li>
                  ))}
                </ul>
              </>
            ) : null}
            {winding ? (
              <p className="mt-1">
                Windings: <b>{winding.verdict.replaceAll('-', ' ')}</b>.{' '}
                <span className="num text-sm">
                  {activeReadings(snapshot, 'resistance', part)
                    .map(
                      (row) =>
                        `${row.pointA}–${row.pointB} ${row.over ? 'OL' : row.value === null ? row.typed : formatOhm(row.value)}`,
                    )
                    .join(', ')}
                </span>
                .{' '}
                {Object.entries(winding.roles)
                  .map(([lead, role]) => `${lead} ${role}`)
                  .join(', ')}
              </p>
            ) : null}
          </div>
        ) : null,
      )}
      {snapshot.readings
        .filter((row) => row.kind === 'supply' && !row.struckAt)
        .map((row) => (
          <p key={row.id}>
            Supply: <span className="num">{row.typed} V</span>, live
          </p>
        ))}
    </Block>
  )
}

function Verdict({ snapshot }: { snapshot: JobSnapshot }) {
  const decision = snapshot.decisions[0]
  const diagnosis = diagnosisOf(snapshot)
  return (
    <Block title="Verdict">
      {decision ? (
        <p>
          <b>{causeInfo(decision.cause as CauseId).label}</b>.{' '}
          {decision.agreed ? 'Agreed' : 'Decided by the repairer'} at {formatPercent(decision.probability)},
          then: {actionInfo(decision.action).label}
          {decision.option
            ? `; chosen: ${optionInfo[decision.option as OptionKind].label.toLowerCase()}`
            : ''}
          {decision.reason ? `. “${decision.reason}”` : '.'}
        </p>
      ) : (
        <p>Not decided.</p>
      )}
      {snapshot.beliefs.map((belief) => (
        <p key={belief.id}>
          {belief.stance === 'set' ? 'Taken as given' : 'Struck'} by the repairer:{' '}
          {causeInfo(belief.cause).label.toLowerCase()} (“{belief.reason}”)
        </p>
      ))}
      <p className="caption">
        Suspects:{' '}
        {diagnosis.suspects
          .slice(0, 4)
          .map(
            (suspect) =>
              `${causeInfo(suspect.cause).label.split(' (')[0]} ${formatPercent(suspect.probability)}`,
          )
          .join('; ')}
        .
      </p>
    </Block>
  )
}

function Ledger({ snapshot }: { snapshot: JobSnapshot }) {
  const done = snapshot.ledger.filter((line) => line.doneAt)
  if (done.length === 0) return null
  const back = refitOf(snapshot)
  return (
    <Block title="Way in and back">
      <ol className="list-decimal pl-6 text-sm">
        {done.map((line) => (
          <li key={line.id}>
            {line.action.replaceAll('-', ' ')} {line.part}
            {line.terminal ? ` from ${line.terminal}` : ''}
            {line.fastener || line.count ? `, ${line.count ?? 1} × ${line.fastener || 'piece'}` : ''}
            {line.cup ? `, cup ${line.cup}` : ''}
            {line.doneCover === 'none' ? ', done without a standing proof' : ''}
            {line.backDoneAt
              ? '; back'
              : back.steps.some((step) => step.from === line.id)
                ? '; not back yet'
                : ''}
          </li>
        ))}
      </ol>
    </Block>
  )
}

function Parts({ snapshot }: { snapshot: JobSnapshot }) {
  const [motor, capacitor] = [chosenMotor(snapshot), chosenCapacitor(snapshot)]
  if (!motor && !capacitor && snapshot.landings.length === 0) return null
  return (
    <Block title="Fitted and wired">
      {motor ? <p>Motor: {partName(snapshot, motor)}</p> : null}
      {capacitor ? <p>Capacitor: {partName(snapshot, capacitor)}</p> : null}
      {snapshot.landings.length > 0 ? (
        <Pairs
          rows={snapshot.landings.map((landing) => [
            `${landing.lead} (${landing.role})`,
            landing.capped ? 'capped' : landing.terminal,
          ])}
        />
      ) : null}
    </Block>
  )
}

function Proof({ snapshot }: { snapshot: JobSnapshot }) {
  if (snapshot.checks.length === 0) return null
  const checks = proveChecks[snapshot.machine.family]
  return (
    <Block title="Proved">
      <Pairs
        rows={snapshot.checks.map((row) => [
          checks.find((check) => check.id === row.checkId)?.act ?? row.checkId,
          { pass: 'as it should', fail: 'not so', skipped: 'left out' }[row.result],
        ])}
      />
    </Block>
  )
}
