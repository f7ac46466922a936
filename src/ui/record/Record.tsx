import type { ReactNode } from 'react'
import type { JobSnapshot } from '@/core/job'
import { marksOf } from '@/core/marks'
import { recordOf } from '@/core/record/ofJob'
import { FAILED_PART } from '@/core/record/sentences'
import type { RecordItem, RecordSection } from '@/core/record/types'
import { dueEvents } from '@/core/takeaway/calendar'
import { soundItems } from '@/wording/soundItems'
import { DeleteThing } from '../deleting/DeleteThing'
import { MarkedPhoto } from '../photos/MarkedPhoto'
import { LocalTime } from './LocalTime'
import { Paper } from './Paper'
import { RecordChart } from './RecordChart'

interface RecordProps {
  snapshot: JobSnapshot
  /** The zone that times are written by. */
  zone: string
  /** Milliseconds since the epoch. */
  now: number
}

/** The whole job on paper: what was found, how it was made dead, measured, decided, taken apart, fitted and proved. */
export function Record({ snapshot, zone, now }: RecordProps) {
  const { job } = snapshot
  const record = recordOf(snapshot, now)
  return (
    <Paper back={`/jobs/${job.id}/prove`} files={<Files snapshot={snapshot} />}>
      <header className="border-ink border-b-2 pb-3">
        <p className="caption">{record.household} · record of a repair</p>
        <h1 className="text-2xl">{record.title}</h1>
        <p>{record.symptom}</p>
        <p className="mt-1 text-sm">
          Opened <LocalTime at={record.openedAt} zone={zone} />
          {record.closedAt ? (
            <>
              , closed <LocalTime at={record.closedAt} zone={zone} />
            </>
          ) : (
            ', still open'
          )}
          {record.result ? `. ${record.result}.` : '.'}
        </p>
      </header>
      {record.sections.map((section) => (
        <Block key={section.title} section={section} zone={zone} />
      ))}
      <p className="caption mt-6 border-line border-t pt-2">{record.closing}</p>
      <div className="no-print mt-6">
        <DeleteThing kind="job" id={job.id} then="/" />
      </div>
    </Paper>
  )
}

function Files({ snapshot }: { snapshot: JobSnapshot }) {
  const file = (name: string, label: string) => (
    <a className="btn" href={`/api/jobs/${snapshot.job.id}/${name}`} download>
      {label}
    </a>
  )
  return (
    <>
      {file('pdf', 'As a PDF')}
      {file('html', 'As one HTML file')}
      {file('archive', 'As an archive')}
      {file('readings', 'Readings for a spreadsheet')}
      {dueEvents(snapshot).length > 0 ? file('calendar', 'Looks that are due, for a calendar') : null}
    </>
  )
}

function Block({ section: { title, items, failed }, zone }: { section: RecordSection; zone: string }) {
  return (
    <section className="avoid-break pt-5">
      <h2 className="mb-1 border-line border-b text-lg">{title}</h2>
      {failed ? <p data-testid="failed-block">{FAILED_PART}</p> : null}
      <div data-testid={title.toLowerCase().replaceAll(' ', '-')}>
        {items.map((item, index) => (
          <Item key={`${item.kind}-${index}`} item={item} zone={zone} />
        ))}
      </div>
    </section>
  )
}

function Item({ item, zone }: { item: RecordItem; zone: string }): ReactNode {
  switch (item.kind) {
    case 'text':
      return (
        <p
          className={{ bold: 'font-bold', quiet: 'caption', plain: 'text-[0.95rem]' }[item.weight ?? 'plain']}
        >
          {item.text}
        </p>
      )
    case 'pairs':
      return (
        <dl className="grid gap-x-8 text-[0.95rem] mid:grid-cols-2 print:grid-cols-2">
          {item.rows.map(([name, value]) => (
            <div key={name} className="flex flex-wrap justify-between gap-x-4 border-line border-b py-1">
              <dt>{name}</dt>
              <dd className="text-right tabular-nums">{value}</dd>
            </div>
          ))}
        </dl>
      )
    case 'list': {
      const List = item.numbered ? 'ol' : 'ul'
      return (
        <List className={`${item.numbered ? 'list-decimal' : 'list-disc'} pl-6 text-sm`}>
          {item.items.map((text, index) => (
            <li key={`${index}-${text}`}>{text}</li>
          ))}
        </List>
      )
    }
    case 'sounds':
      return soundItems(item).map((each, index) => (
        <Item key={`${each.kind}-${index}`} item={each} zone={zone} />
      ))
    case 'chart':
      return <RecordChart chart={item.chart} />
    case 'times':
      return (
        <ol className="text-[0.95rem]">
          {item.rows.map(({ at, text }, index) => (
            <li
              key={`${index}-${at}`}
              className="grid grid-cols-[min(9.5rem,38%)_minmax(0,1fr)] [overflow-wrap:anywhere] gap-x-3 border-line border-b py-0.5"
            >
              <span className="num text-sm text-soft">
                <LocalTime at={at} zone={zone} onlyDay={!/T/.test(at)} />
              </span>
              <span>{text}</span>
            </li>
          ))}
        </ol>
      )
    case 'photos':
      return (
        <div className="grid gap-4 mid:grid-cols-2 print:grid-cols-2">
          {item.photos.map(({ hash, caption, marks }, index) => (
            // What was drawn on a photo is read, not only seen: it has the width of the page.
            <figure
              key={`${index}-${hash}`}
              className={`avoid-break ${hasMarks(marks) ? 'mid:col-span-2 print:col-span-2' : ''}`}
            >
              <MarkedPhoto
                hash={hash}
                marks={marks}
                alt={caption}
                className={hasMarks(marks) ? '' : 'max-h-80'}
              />
              <figcaption className="caption">{caption}</figcaption>
            </figure>
          ))}
        </div>
      )
  }
}

const hasMarks = (marks: string): boolean => marksOf(marks).length > 0
