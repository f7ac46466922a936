import Link from 'next/link'
import { labelPhotos } from '@/core/job/ledger/labels'
import type { MachineRow } from '@/core/job/rows'
import { machineTitle } from '@/core/job/title'
import { actionInfo } from '@/core/knowledge/actions'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { familyLabel, isCause, vocabulary } from '@/core/knowledge/vocabulary'
import type { FittedPart, MachineStory, Repair } from '@/core/machine/story'
import { significant } from '@/core/units'
import { LocalTime } from '../record/LocalTime'
import { OverTheYears } from './OverTheYears'

interface MachinePageProps {
  machine: MachineRow
  story: MachineStory
  /** Jobs that cannot be told, since a stored value of them cannot be read. */
  unread: number
  zone: string
}

/** A machine over the years: what it is, what is in it now, how its readings moved, and each of its repairs. */
export function MachinePage({ machine, story, unread, zone }: MachinePageProps) {
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 [overflow-wrap:anywhere] mid:px-5">
      <p className="caption">
        <Link href={`/household?machine=${machine.id}#${machine.id}`} className="text-teal underline">
          Household
        </Link>
      </p>
      <h1 className="text-2xl">{machineTitle(machine)}</h1>
      <p className="mt-1">{aboutOf(machine)}</p>
      <div className="grid gap-x-10 mid:grid-cols-2">
        <Section title="In it now">
          <InItNow fitted={story.fitted} zone={zone} />
          <Labels machine={machine} />
        </Section>
        <Section title="What it took">
          <p>{tookOf(story)}</p>
        </Section>
      </div>
      <Section title="Repairs">
        <Repairs repairs={story.repairs} zone={zone} />
        {unread > 0 ? (
          <p className="mt-2 border-stop border-l-4 pl-2">
            {`${unread === 1 ? 'One job' : `${unread} jobs`} of it cannot be read. Under Household, Data, the folder can be checked.`}
          </p>
        ) : null}
      </Section>
      <Section title="Its capacitor over the years">
        <OverTheYears machineId={machine.id} zone={zone} />
      </Section>
    </main>
  )
}

const Section = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section aria-label={title} className="pt-6">
    <h2 className="mb-2 border-ink border-b text-lg">{title}</h2>
    {children}
  </section>
)

const aboutOf = ({
  family,
  place,
  manufacturer,
  modelNumber,
  motorKind,
  installedYear,
  circuit,
}: MachineRow) =>
  [
    familyLabel(family),
    place,
    [manufacturer, modelNumber].filter(Boolean).join(' '),
    motorKind ? vocabulary.motorKinds[motorKind] : '',
    installedYear ? `fitted ${installedYear}` : '',
    circuit ? `breaker ${circuit}` : '',
  ]
    .filter(Boolean)
    .join(' · ')

function InItNow({ fitted, zone }: { fitted: FittedPart[]; zone: string }) {
  if (fitted.length === 0)
    return <p>No repair says yet what was fitted: what is in it is what it was built with.</p>
  return (
    <ul>
      {fitted.map(({ what, name, since }) => (
        <li key={what} className="border-line border-b py-1.5">
          <b className="font-semibold">{what === 'motor' ? 'Motor' : 'Capacitor'}</b> {name}
          <span className="caption block">
            since <LocalTime at={since} zone={zone} onlyDay />
          </span>
        </li>
      ))}
    </ul>
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
  if (repairs.length === 0) return <p>None yet. It is chosen by its name where a job is started.</p>
  return (
    <ul>
      {repairs.map((repair) => (
        <li
          key={repair.id}
          className="grid gap-x-6 gap-y-1 border-line border-b py-3 mid:grid-cols-[9rem_minmax(0,1fr)_12rem]"
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
