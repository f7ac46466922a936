import Link from 'next/link'
import type { HouseFigures, Sums } from '@/core/house/figures'
import { significant } from '@/core/units'
import { YearsChart } from './YearsChart'

/** The figures of the house as tables, with one chart of its years. */
export function FiguresTables({ figures }: { figures: HouseFigures }) {
  const { all, years, machines, causes } = figures
  if (all.jobs === 0)
    return (
      <p className="mt-4">
        No job is closed yet. A job that ends under Prove, with what it cost and how long it took, stands
        here.
      </p>
    )
  return (
    <>
      <p className="mt-4 max-w-[72ch]" data-testid="figures">
        {`${all.jobs === 1 ? 'One repair' : `${all.jobs} repairs`}, ${money(all.spent)} spent, ${hours(all.minutes)} of work; ${money(all.saved)} less than a trade would have taken, where one's own hands mended it and the cost was written down.`}
      </p>
      <Table
        title="By year"
        head="Year"
        rows={years.map((each) => ({ key: each.year, name: each.year, sums: each }))}
      />
      {years.length > 1 ? <YearsChart years={years} /> : null}
      <Table
        title="By machine"
        head="Machine"
        rows={machines.map((each) => ({
          key: each.id,
          name: (
            <Link href={`/machines/${each.id}`} className="text-teal underline">
              {each.title}
            </Link>
          ),
          sums: each,
        }))}
      />
      <section aria-label="What failed" className="pt-6">
        <h2 className="mb-2 border-ink border-b text-lg">What failed</h2>
        {causes.length === 0 ? <p>No cause was agreed in any closed job.</p> : null}
        <ul>
          {causes.map(({ cause, name, jobs, machines: at }) => (
            <li key={cause} className="flex justify-between gap-x-6 border-line border-b py-1.5">
              <span>{name}</span>
              <span className="caption">
                {`${jobs === 1 ? 'once' : `${jobs} times`}${at > 1 ? `, at ${at} machines` : jobs > 2 ? ', at one machine: what wears it out?' : ''}`}
              </span>
            </li>
          ))}
        </ul>
      </section>
      <p className="no-print mt-4">
        <a className="btn inline-flex" href="/api/house/figures" download>
          All jobs as CSV
        </a>
      </p>
    </>
  )
}

const money = (value: number): string => significant(value, 4)
const hours = (minutes: number): string => `${significant(minutes / 60, 2)} h`

interface TableProps {
  title: string
  head: string
  rows: { key: string; name: React.ReactNode; sums: Sums }[]
}

function Table({ title, head, rows }: TableProps) {
  return (
    <section aria-label={title} className="pt-6">
      <h2 className="mb-2 border-ink border-b text-lg">{title}</h2>
      <table className="w-full text-left">
        <thead className="caption border-line border-b">
          <tr>
            {[head, 'Repairs', 'Spent', 'Hours', 'Saved'].map((each, index) => (
              <th key={each} scope="col" className={`py-1 font-normal ${index > 0 ? 'text-right' : ''}`}>
                {each}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, name, sums }) => (
            <tr key={key} className="border-line border-b">
              <th scope="row" className="py-1.5 pr-3 font-normal">
                {name}
              </th>
              <td className="num py-1.5 text-right">{sums.jobs}</td>
              <td className="num py-1.5 text-right">{money(sums.spent)}</td>
              <td className="num py-1.5 text-right">{significant(sums.minutes / 60, 2)}</td>
              <td className="num py-1.5 text-right">{money(sums.saved)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
