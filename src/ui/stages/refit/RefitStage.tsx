'use client'

import { reachOfLine } from '@/core/job'
import { refitOf } from '@/core/job/refitOf'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { Tick } from '../../kit/Tick'
import { TickKey } from '../../kit/TickKey'
import { GateLine } from '../measure/GateLine'
import { CapacitorWires } from './CapacitorWires'
import { Cures } from './Cures'
import { Landings } from './Landings'

/** Stage 7: where each lead lands, and the way back from the ledger. */
export function RefitStage() {
  const { snapshot, act, gate, clock } = useJob()
  const back = refitOf(snapshot)
  const line = (id: string) => snapshot.ledger.find((each) => each.id === id)!
  const needs = (id: string) => gate(reachOfLine(snapshot, line(id))) !== null
  const done = back.steps.filter((step) => line(step.from).backDoneAt).length
  const current = back.steps.find((step) => !line(step.from).backDoneAt)?.from
  const undo = back.mustUndo.map(line).filter((each) => !back.steps.some((step) => step.from === each.id))
  return (
    <>
      <GateLine />
      <Block name="The capacitor’s wires">
        <CapacitorWires />
      </Block>
      <Block name="The landings">
        <Landings />
      </Block>
      <Section
        title="The way back"
        aside={
          back.steps.length > 0
            ? `${done} of ${back.steps.length} back${back.waitHours > 0 ? `; then let it cure ${back.waitHours} h` : ''}`
            : 'worked out from the ledger'
        }
      >
        {back.steps.length === 0 ? (
          <p>Tick the lines of the ledger as you take things apart; the way back is worked out from them.</p>
        ) : null}
        {back.problems
          .filter((problem) => problem.code !== 'nothing-to-refit')
          .map((problem) => (
            <p key={problem.text} className="mb-2 border-stop border-l-4 pl-2">
              {problem.text}
            </p>
          ))}
        <ol data-testid="way-back">
          {back.steps.map((step, index) => {
            const row = line(step.from)
            const on = row.backDoneAt !== null
            const locked = needs(step.from)
            return (
              <li
                key={step.from}
                className={`flex items-start gap-1 border-line border-b py-0.5 ${step.from === current ? 'border-l-4 border-l-[var(--copper-fill)] pl-1' : ''}`}
              >
                <Tick
                  label={step.text}
                  on={on}
                  disabled={locked && !on}
                  onChange={(next) => act({ kind: 'ledger.back', id: step.from, on: next })}
                />
                {step.from === current && !locked ? (
                  <TickKey onPress={() => act({ kind: 'ledger.back', id: step.from, on: true })} />
                ) : null}
                <span className="min-w-0 flex-1 py-2 leading-snug">
                  <span className={on ? 'text-soft' : ''}>
                    <span className="num mr-1 text-soft text-sm">{index + 1}</span>
                    {step.text}
                  </span>
                  {step.checks.length > 0 ? (
                    <span className="caption block">check: {step.checks.join('; ')}</span>
                  ) : null}
                  {on ? (
                    <span className="caption block">
                      {`back ${clock(row.backDoneAt)}${row.backCover === 'none' ? ', done without a standing proof' : ''}`}
                    </span>
                  ) : null}
                </span>
              </li>
            )
          })}
          {undo.map((row) => (
            <li key={row.id} className="flex items-start gap-1 border-stop border-b border-l-4 py-0.5 pl-1">
              <Tick
                label={`Undo: ${row.part}`}
                on={row.backDoneAt !== null}
                onChange={(next) => act({ kind: 'ledger.back', id: row.id, on: next })}
              />
              <span className="py-2">{`Undo the ${row.action === 'bypass' ? 'held' : 'temporary'} ${row.part}. The job does not close while it stands.`}</span>
            </li>
          ))}
        </ol>
      </Section>
      <Block name="The waits">
        <Cures />
      </Block>
      {back.tally.length > 0 ? (
        <Section title="Cups" aside="what went in, and what has come out again">
          <table className="w-full max-w-xl text-left text-sm">
            <thead className="caption">
              <tr>
                <th className="font-normal">Cup</th>
                <th className="font-normal">Fastener</th>
                <th className="text-right font-normal">In</th>
                <th className="text-right font-normal">Out again</th>
              </tr>
            </thead>
            <tbody>
              {back.tally.map((entry) => {
                const out = snapshot.ledger
                  .filter(
                    (row) =>
                      row.backDoneAt &&
                      row.cup === (entry.cup ?? '') &&
                      row.fastener === (entry.fastener ?? '') &&
                      !row.extra,
                  )
                  .reduce((sum, row) => sum + (row.count ?? 1), 0)
                return (
                  <tr key={`${entry.cup}/${entry.fastener}`} className="rule-top">
                    <td className="py-1.5 font-bold">{entry.cup ?? '–'}</td>
                    <td className="py-1.5">{entry.fastener ?? 'fastener'}</td>
                    <td className="num py-1.5 text-right">{entry.removed}</td>
                    <td className={`num py-1.5 text-right ${out < entry.removed ? 'text-copper' : ''}`}>
                      {out}
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </table>
        </Section>
      ) : null}
      {back.renew.length > 0 ? (
        <Section title="Renew">
          <ul className="list-disc pl-5">
            {back.renew.map((item) => (
              <li
                key={`${item.part}/${item.material}`}
              >{`${item.material} for ${item.part}${item.cureHours > 0 ? `, cures ${item.cureHours} h` : ''}`}</li>
            ))}
          </ul>
        </Section>
      ) : null}
    </>
  )
}
