'use client'

import Link from 'next/link'
import { significant } from '@/core/units'
import type { CapacitorList } from '@/core/wiring/capacitorLandings'
import { capacitorListOf, missingBeside } from '@/core/wiring/capacitorOfJob'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'

/** The chosen capacitor's own list: what hung where, and where it goes now, drawn and in words. */
export function CapacitorWires() {
  const { snapshot } = useJob()
  const list = capacitorListOf(snapshot)
  if (!list) return <Missing />
  // The marks of many terminals stay readable.
  const many = list.cans.some(({ terminals }) => terminals.length > 4)
  const canName = (can: number) =>
    list.cans.length > 1 ? `can ${can + 1}, ${list.names[can] ?? ''}, terminal` : 'terminal'
  return (
    <Section
      part="capacitor-wires"
      title="The capacitor’s wires"
      aside="every section discharged and read by itself before a wire moves"
    >
      <div
        className={`grid items-start gap-5 ${many ? 'mid:grid-cols-[460px_minmax(0,1fr)]' : 'mid:grid-cols-[300px_minmax(0,1fr)]'}`}
        data-testid="capacitor-wires"
      >
        <CansDrawing list={list} />
        <div>
          <ul>
            {list.landings.map(({ wires, can, terminal, why }) => (
              <li key={wires} className="border-line border-b py-1.5 leading-snug">
                <b>{wires}</b> {`to ${canName(can)} ${terminal}`}
                <span className="caption block">{why}</span>
              </li>
            ))}
            {list.bridges.map(({ from, to, why }) => (
              <li key={`${to.can}/${to.terminal}`} className="border-line border-b py-1.5 leading-snug">
                <b>a wire to make</b>{' '}
                {`from ${canName(from.can)} ${from.terminal} to ${canName(to.can)} ${to.terminal}`}
                <span className="caption block">{why}</span>
              </li>
            ))}
          </ul>
          {list.bare.length > 0 ? (
            <p className="mt-2">{`Bare: ${list.bare.map(({ terminal }) => terminal).join(', ')}.`}</p>
          ) : null}
          {list.warnings.map((warning) => (
            <p key={warning} className="mt-2 border-ink border-l-2 pl-3 text-sm">
              {warning}
            </p>
          ))}
        </div>
      </div>
    </Section>
  )
}

/** One can of a set is chosen: the others have to be there before a wire has its place. */
function Missing() {
  const { snapshot } = useJob()
  const missing = missingBeside(snapshot)
  if (!missing) return null
  return (
    <Section part="capacitor-wires" title="The capacitor’s wires">
      <p role="status" className="max-w-[75ch] border-copper border-l-4 pl-3">
        {`${missing} Type the other can beside it under Match; then each wire has its place here.`}{' '}
        <Link className="text-teal underline" href={`/jobs/${snapshot.job.id}/match`}>
          To Match
        </Link>
      </p>
    </Section>
  )
}

const STEP = 62
const TOP = 46

/** Each can with its terminals in a row, what lands on them above, the wires to make below. */
function CansDrawing({ list }: { list: CapacitorList }) {
  const starts: number[] = []
  let x = 24
  for (const { terminals } of list.cans) {
    starts.push(x)
    x += terminals.length * STEP + 24
  }
  const at = ({ can, terminal }: { can: number; terminal: string }) =>
    (starts[can] ?? 0) + (list.cans[can]?.terminals.indexOf(terminal) ?? 0) * STEP + STEP / 2
  return (
    <svg
      viewBox={`0 0 ${x} 150`}
      className="w-full max-w-[420px]"
      role="img"
      aria-label="The new part with its wires"
    >
      {list.cans.map(({ id, terminals, uF }, can) => (
        <g key={id}>
          <rect
            x={starts[can]}
            y={TOP + 14}
            width={terminals.length * STEP}
            height="72"
            rx="14"
            fill="var(--surface)"
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
          {list.cans.length > 1 ? (
            <text
              x={(starts[can] ?? 0) + (terminals.length * STEP) / 2}
              y={TOP + 76}
              textAnchor="middle"
              fontSize="13"
              fill="var(--soft)"
            >
              {`can ${can + 1}`}
            </text>
          ) : null}
          {terminals.map((terminal) => (
            <g key={terminal}>
              <rect x={at({ can, terminal }) - 4} y={TOP} width="8" height="16" fill="var(--ink)" />
              <text
                x={at({ can, terminal })}
                y={TOP + 36}
                textAnchor="middle"
                fontSize="14"
                fill="var(--ink)"
              >
                {terminal}
              </text>
              {uF[terminal] === undefined ? null : (
                <text
                  x={at({ can, terminal })}
                  y={TOP + 54}
                  textAnchor="middle"
                  fontSize="12"
                  fill="var(--ink)"
                  className="num"
                >
                  {`${significant(uF[terminal], 4)} µF`}
                </text>
              )}
            </g>
          ))}
        </g>
      ))}
      {list.landings.map((landing) => (
        <g key={landing.wires}>
          <path d={`M${at(landing)} ${TOP}V20`} stroke="var(--copper)" strokeWidth="2.5" />
          <text x={at(landing)} y="14" textAnchor="middle" fontSize="12" fill="var(--ink)">
            {landing.wires.replace('wires of ', '')}
          </text>
        </g>
      ))}
      {list.bridges.map(({ from, to }) => (
        <path
          key={`${to.can}/${to.terminal}`}
          d={`M${at(from)} ${TOP + 4}C${at(from)} ${TOP - 22} ${at(to)} ${TOP - 22} ${at(to)} ${TOP + 4}`}
          fill="none"
          stroke="var(--copper)"
          strokeWidth="2.5"
          strokeDasharray="6 4"
        />
      ))}
    </svg>
  )
}
