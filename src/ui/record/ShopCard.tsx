import type { ReactNode } from 'react'
import { type ShopCard as Card, type CardRow, shopCardOf } from '@/core/fit/shopCard'
import { wantedParts } from '@/core/fit/shopPaper'
import type { JobSnapshot } from '@/core/job'
import { labels } from '@/core/job/ledger/labels'
import { oldMotor } from '@/core/job/parts/oldPart'
import { machineTitle } from '@/core/job/title'
import { letters, MotorDrawing } from '../pieces/MotorDrawing'
import { Paper } from './Paper'

/** One page for the counter, for each part that is looked for. */
export function ShopCard({ snapshot }: { snapshot: JobSnapshot }) {
  const { machine, job } = snapshot
  return (
    <Paper
      back={`/jobs/${job.id}/match`}
      files={
        <a className="btn" href={`/api/jobs/${job.id}/shop-pdf`} download>
          As a PDF
        </a>
      }
    >
      {wantedParts(snapshot).map((part) => (
        <article key={part} className="break-after-page pb-8 last:break-after-auto">
          <header className="border-ink border-b-2 pb-2">
            <p className="caption">{`For the counter · ${machineTitle(machine)}`}</p>
            <h1 className="text-2xl">{shopCardOf(snapshot, part).wanted}</h1>
          </header>
          {shopCardOf(snapshot, part).say ? (
            <p className="my-4 border-ink border-l-4 pl-4 text-xl leading-snug">
              {shopCardOf(snapshot, part).say}
            </p>
          ) : null}
          <Page card={shopCardOf(snapshot, part)}>
            {part === 'motor' ? <MotorDrawing motor={oldMotor(snapshot)} at={null} /> : null}
            {part !== 'other' && machine[labels[part].column] ? (
              // biome-ignore lint/performance/noImgElement: served from the data folder, already small
              <img
                src={`/api/photos/${machine[labels[part].column]}`}
                alt={labels[part].caption}
                className="mt-2 max-h-64 w-full border border-line object-contain"
              />
            ) : null}
          </Page>
        </article>
      ))}
      <p className="caption mt-4 border-line border-t pt-2">The part’s own plate decides, not this page.</p>
    </Paper>
  )
}

function Page({ card, children }: { card: Card; children: ReactNode }) {
  return (
    <>
      <div className="grid gap-x-8 mid:grid-cols-2 print:grid-cols-2">
        <div>
          <Rows title="From the old one" rows={[...card.plate, ...card.sizes]} />
        </div>
        <div className="pt-5">{children}</div>
      </div>
      <div className="grid gap-x-8 mid:grid-cols-2 print:grid-cols-2">
        <List title="Must match" items={card.must} empty="Nothing of the old part is known yet." />
        <div>
          <List title="Saves work" items={card.better} empty="Nothing of the old part is known yet." />
          <List title="May differ" items={card.may} empty="Nothing." />
        </div>
        <List title="To buy besides" items={card.besides} empty="Nothing that the job knows of." box />
        {card.price.length > 0 ? <List title="What it may cost" items={card.price} empty="" /> : null}
        {card.notKnown.length > 0 ? <List title="Not measured yet" items={card.notKnown} empty="" /> : null}
      </div>
      <Offers />
    </>
  )
}

/** Room for what the seller offers: three parts, written in by hand. */
function Offers() {
  const rows = [
    'Number and maker',
    'Volts, Hz, speed',
    'Power or µF',
    'Shaft, body',
    'Turns',
    'Price, goes back',
  ]
  return (
    <section className="avoid-break pt-5">
      <h2 className="border-line border-b text-lg">What the seller offers</h2>
      <table className="mt-2 w-full table-fixed text-left text-sm">
        <thead>
          <tr>
            <th scope="col" className="w-[150px] font-normal">
              <span className="sr-only">What</span>
            </th>
            {[1, 2, 3].map((offer) => (
              <th
                key={offer}
                scope="col"
                className="border-line border-b px-2 font-normal"
              >{`part ${offer}`}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row}>
              <th scope="row" className="border-line border-b py-2 font-normal">
                {row}
              </th>
              {[1, 2, 3].map((offer) => (
                <td key={offer} className="border-line border-b border-l" />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function Rows({ title, rows }: { title: string; rows: CardRow[] }) {
  return (
    <section className="pt-5">
      <h2 className="border-line border-b text-lg">{title}</h2>
      {rows.length === 0 ? <p>Nothing is typed of it yet.</p> : null}
      <dl>
        {rows.map(({ field, label, value }) => (
          <div key={field} className="flex justify-between gap-4 border-line border-b py-0.5 text-sm">
            <dt>
              {letters[field] ? <b className="num mr-2">{letters[field]}</b> : null}
              {label}
            </dt>
            <dd className="num text-right">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

function List({
  title,
  items,
  empty,
  box = false,
}: {
  title: string
  items: string[]
  empty: string
  box?: boolean
}) {
  return (
    <section className="avoid-break pt-5">
      <h2 className="border-line border-b text-lg">{title}</h2>
      {items.length === 0 ? <p>{empty}</p> : null}
      <ul className={box ? '' : 'list-disc pl-5'}>
        {items.map((item) => (
          <li key={item} className="py-0.5">
            {box ? <span aria-hidden="true">☐ </span> : null}
            {item}
          </li>
        ))}
      </ul>
    </section>
  )
}
