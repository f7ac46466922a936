import Link from 'next/link'
import { labelPhotos } from '@/core/job/ledger/labels'
import type { MachineRow } from '@/core/job/rows'
import { machineTitle } from '@/core/job/title'
import { actionInfo } from '@/core/knowledge/actions'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { familyLabel, isCause, vocabulary } from '@/core/knowledge/vocabulary'
import type { MachineStory, Repair } from '@/core/machine/story'
import { formatSeconds, significant } from '@/core/units'
import type { MachinePageRows } from '@/server/machine'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { AddReadings } from '../house/AddReadings'
import { FittedList } from '../house/FittedList'
import { HouseWork } from '../house/HouseWork'
import { NormalList } from '../house/KnowItWell'
import { MachineActs } from '../house/MachineActs'
import { Trends } from '../house/Trends'
import { LocalTime } from '../record/LocalTime'
import { ShelfFor } from './ShelfFor'

interface MachinePageProps extends MachinePageRows {
  zone: string
  /** The day of whoever reads. */
  today: string
  now: number
}

/** A machine over the years: what it is, what is in it now, how its readings moved, and each of its repairs. */
export function MachinePage({ zone, today, now, ...rows }: MachinePageProps) {
  const { machine, household, story, unread, life } = rows
  const fahrenheit = household.fahrenheit === 1
  return (
    <HouseWork>
      <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 [overflow-wrap:anywhere] mid:px-5">
        <p className="caption no-print">
          <Link href={`/household?machine=${machine.id}#${machine.id}`} className="text-teal underline">
            Household
          </Link>
        </p>
        <h1 className="text-2xl">{machineTitle(machine)}</h1>
        <p className="mt-1">{aboutOf(machine)}</p>
        <Breaker circuit={rows.circuit} name={machine.circuit} />
        {life?.retiredAt ? (
          <p className="mt-2 border-ink border-l-4 pl-3">
            {`In use no more since ${life.retiredAt}${life.retiredWhy ? `: ${life.retiredWhy}` : ''}.`}
          </p>
        ) : null}
        <MachineActs
          machine={machine}
          life={life}
          circuitFound={rows.circuit?.found ?? ''}
          known={rows.known}
          hasJobs={story.repairs.length + unread > 0}
          lineHz={household.region === 'europe' ? 50 : 60}
          today={today}
        />
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 mid:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
          <div>
            <Section title="In it now">
              <FittedList
                machineId={machine.id}
                rows={rows.fitted}
                byJobs={story.fitted}
                today={today}
                zone={zone}
              />
              <Labels machine={machine} />
            </Section>
            <Section title="On the shelf for it">
              <ShelfFor spares={rows.spares} worth={rows.worth} />
            </Section>
            <Section title="Its normal">
              <NormalList normal={rows.normal} zone={zone} fahrenheit={fahrenheit} />
              <Start start={story.start} zone={zone} />
            </Section>
            {machine.note ? (
              <Section title="Note">
                <p className="whitespace-pre-line">{machine.note}</p>
              </Section>
            ) : null}
          </div>
          <div>
            <Section title="Read over the years">
              <Trends
                trends={rows.trends}
                machineId={machine.id}
                now={now}
                zone={zone}
                fahrenheit={fahrenheit}
              />
              <AddReadings machineId={machine.id} fahrenheit={fahrenheit} />
            </Section>
            <Section title="What happened">
              <p className="mb-2">{tookOf(story)}</p>
              <Repairs repairs={story.repairs} zone={zone} />
              {unread > 0 ? (
                <p className="mt-2 border-stop border-l-4 pl-2">
                  {`${unread === 1 ? 'One job' : `${unread} jobs`} of it cannot be read. Under Household, Data, the folder can be checked.`}
                </p>
              ) : null}
              <Rounds rounds={rows.rounds} zone={zone} />
              <Ways ways={story.ways} zone={zone} />
            </Section>
          </div>
        </div>
      </main>
    </HouseWork>
  )
}

const Section = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section aria-label={title} className="pt-6">
    <h2 className="mb-2 border-ink border-b text-lg">{title}</h2>
    {children}
  </section>
)

const aboutOf = ({ family, place, manufacturer, modelNumber, motorKind, installedYear }: MachineRow) =>
  [
    familyLabel(family),
    place,
    [manufacturer, modelNumber].filter(Boolean).join(' '),
    motorKind ? vocabulary.motorKinds[motorKind] : '',
    installedYear ? `fitted ${installedYear}` : '',
  ]
    .filter(Boolean)
    .join(' · ')

/** Its breaker, how that is known, and what else goes dark with it. */
function Breaker({ circuit, name }: { circuit: MachinePageRows['circuit']; name: string | null }) {
  if (!circuit) return <p className="caption">Nobody noted its breaker yet.</p>
  const { also } = circuit
  return (
    <p className="caption">
      <Link href="/household/circuits" className="text-teal underline">{`Breaker ${name}`}</Link>
      {circuit.found
        ? `, ${say({ key: `found.${circuit.found}` }, house)}`
        : ', nobody noted how it was found'}
      {also.length > 0 ? `; on it also: ${also.join(', ')}.` : '; nothing else is known to hang on it.'}
    </p>
  )
}

function Labels({ machine }: { machine: MachineRow }) {
  const photos = labelPhotos(machine)
  if (photos.length === 0) return null
  return (
    <p className="mt-2 flex flex-wrap gap-x-4">
      {photos.map(({ hash, caption }) => (
        <a
          key={hash}
          href={`/api/photos/${hash}`}
          className="inline-flex min-h-11 items-center text-teal underline"
        >
          {caption}
        </a>
      ))}
    </p>
  )
}

function tookOf({ repairs, minutes, cost }: MachineStory): string {
  const done = repairs.filter(({ status }) => status === 'closed').length
  const open = repairs.length - done
  return [
    `${done === 1 ? 'One repair' : `${done} repairs`} closed${open > 0 ? `, ${open} open` : ''}.`,
    minutes === null ? 'Nobody wrote down how long they took.' : `${hoursOf(minutes)} of work.`,
    cost === null ? 'Nobody wrote down what they cost.' : `${significant(cost)} spent.`,
  ].join(' ')
}

const hoursOf = (minutes: number): string =>
  minutes < 90 ? `${significant(minutes)} minutes` : `${significant(minutes / 60, 2)} hours`

const results: Record<NonNullable<Repair['result']>, string> = {
  runs: 'runs',
  'runs-with-remarks': 'runs, with remarks',
  'not-mended': 'not mended',
  'handed-over': 'handed to a trade',
}

function Repairs({ repairs, zone }: { repairs: Repair[]; zone: string }) {
  if (repairs.length === 0) return <p>No repair yet.</p>
  return (
    <ul>
      {repairs.map((repair) => (
        <li
          key={repair.id}
          className="grid gap-x-6 gap-y-1 border-line border-b py-3 mid:grid-cols-[7rem_minmax(0,1fr)_9rem]"
          data-testid="repair"
        >
          <LocalTime at={repair.openedAt} zone={zone} onlyDay />
          <div>
            <Link
              href={`/jobs/${repair.id}/${repair.status === 'closed' ? 'record' : 'notice'}`}
              className="inline-flex min-h-11 items-center font-semibold text-teal underline mid:min-h-0"
            >
              {repair.symptom || 'A job'}
            </Link>
            <p>{doneOf(repair)}</p>
            {repair.again ? <p className="caption">{againText(repair.again)}</p> : null}
            {repair.lesson ? <p className="border-ink border-l-2 pl-2">{repair.lesson}</p> : null}
          </div>
          <p className="mid:text-right">
            {repair.status === 'closed' ? (repair.result ? results[repair.result] : 'closed') : 'open'}
            <span className="caption num block">{figuresOf(repair)}</span>
          </p>
        </li>
      ))}
    </ul>
  )
}

const againText = (times: number): string =>
  times === 1
    ? 'The same cause as once before.'
    : `The same cause as ${times} times before: what wears it out?`

const doneOf = ({ cause, action, fitted }: Repair): string =>
  [
    cause && isCause(cause) ? `${shortCauses[cause]}${action ? `: ${actionInfo(action).label}` : ''}.` : '',
    fitted.length > 0 ? `Went in: ${fitted.join(', ')}.` : '',
  ]
    .filter(Boolean)
    .join(' ') || 'Nothing was decided.'

const figuresOf = ({ minutes, cost, rpm }: Repair): string =>
  [
    minutes === null ? '' : `${significant(minutes)} min`,
    cost === null ? '' : significant(cost),
    rpm === null ? '' : `${Math.round(rpm)} rpm`,
  ]
    .filter(Boolean)
    .join(' · ')

/** How it started on a good day, as somebody watched it. */
function Start({ start, zone }: { start: MachineStory['start']; zone: string }) {
  if (!start) return null
  return (
    <div className="mt-3" data-testid="good-start">
      <p>
        Its start,{' '}
        <Link href={`/jobs/${start.jobId}/record`} className="text-teal underline">
          <LocalTime at={start.at} zone={zone} onlyDay />
        </Link>
      </p>
      <ul className="text-sm">
        {start.events.map(({ what, seconds }) => (
          <li key={what} className="flex justify-between gap-x-4 border-line border-b py-1">
            <span>{what}</span>
            <span className="num">{formatSeconds(seconds)}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}

/** Ways in that were kept under a name: a new job at it offers them under Take apart. */
function Ways({ ways, zone }: { ways: MachineStory['ways']; zone: string }) {
  if (ways.length === 0) return null
  return (
    <>
      <h3 className="mt-4 mb-1">Its own ways in</h3>
      <ul className="text-sm">
        {ways.map(({ jobId, name, lines, openedAt }) => (
          <li key={jobId} className="border-line border-b py-1.5">
            <Link href={`/jobs/${jobId}/take-apart`} className="text-teal underline">
              {name}
            </Link>
            {`, ${lines === 1 ? 'one line' : `${lines} lines`}, kept `}
            <LocalTime at={openedAt} zone={zone} onlyDay />
          </li>
        ))}
      </ul>
    </>
  )
}

/** What was done of it on rounds; the last ten. */
function Rounds({ rounds, zone }: { rounds: MachinePageRows['rounds']; zone: string }) {
  if (rounds.length === 0) return null
  return (
    <>
      <h3 className="mt-4 mb-1">On rounds of the season</h3>
      <ul className="text-sm">
        {rounds.slice(0, 10).map((item) => (
          <li key={item.id} className="border-line border-b py-1.5">
            {item.doneAt ? <LocalTime at={item.doneAt} zone={zone} onlyDay /> : null}{' '}
            {`${say({ key: `task.${item.task}` }, house)}: ${say({ key: `state.${item.state}` }, house)}`}
            {item.who ? `, ${item.who}` : ''}
            {item.note ? <span className="caption block">{item.note}</span> : null}
          </li>
        ))}
      </ul>
    </>
  )
}
