'use client'

import type { Act } from '@/core/job'
import { formatOhm, parseTyped, significant } from '@/core/units'
import { judgeWinding, type PairReading } from '@/core/winding'
import { NumberField } from '../kit/NumberField'
import { TextField } from '../kit/TextField'
import { LeadMap } from '../pieces/LeadMap'
import { allPairs } from '../pieces/leadPairs'
import { WindingTree } from '../pieces/WindingTree'
import { Figure, figure, IntoJob } from './parts'
import type { InstrumentProps } from './types'

/** Leads by name, ohms between each pair: the tree of windings and which lead is which. */
export function LeadMapInstrument({ address, jobs }: InstrumentProps) {
  const leads = [
    ...new Set(
      address
        .get('leads')
        .split(/[,;]+/)
        .map((lead) => lead.trim())
        .filter(Boolean),
    ),
  ].slice(0, 10)
  const key = (a: string, b: string) => `r.${leads.indexOf(a)}.${leads.indexOf(b)}`
  const readings = allPairs(leads).map(([a, b]) => ({ a, b, typed: address.get(key(a, b)) }))
  const pairs = readings.flatMap(({ a, b, typed }): PairReading[] => {
    const parsed = parseTyped(typed, 'ohm', { over: true })
    return parsed.kind === 'value'
      ? [{ a, b, ohm: parsed.value }]
      : parsed.kind === 'over'
        ? [{ a, b, ohm: null }]
        : []
  })
  const celsius = figure(address, 't', 'celsius')
  const result =
    leads.length >= 2 && pairs.length > 0
      ? judgeWinding({
          leads,
          pairs,
          leadOffsetOhm: figure(address, 'offset', 'ohm') ?? 0,
          ...(celsius === null ? {} : { windingCelsius: celsius }),
        })
      : null
  const odd = (result?.faults ?? [])
    .filter((fault) => fault.kind === 'inconsistent' && fault.leads.length === 2)
    .map((fault) => fault.leads as [string, string])
  const set = (a: string, b: string, typed: string) => address.set(key(a, b), typed)
  const acts = (id: () => string): Act[] => [
    ...leads.map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
    ...readings
      .filter(({ typed }) => typed)
      .map(
        ({ a, b, typed }): Act => ({
          kind: 'reading.set',
          id: id(),
          reading: 'resistance',
          part: 'old',
          a,
          b,
          typed,
        }),
      ),
  ]
  return (
    <>
      <div className="grid gap-3 mid:grid-cols-[2fr_1fr_1fr]">
        <TextField
          label="Leads by colour"
          value={address.get('leads')}
          placeholder="white, black, blue, red, brown"
          onType={(text) => address.set('leads', text)}
        />
        <Figure
          address={address}
          name="offset"
          label="Probes touched read"
          quantity="ohm"
          placeholder="0.2"
        />
        <Figure address={address} name="t" label="Winding at" quantity="celsius" placeholder="20" />
      </div>
      {leads.length >= 2 ? (
        <div className="mt-4 grid items-start gap-4 mid:grid-cols-[350px_minmax(0,1fr)]">
          {leads.length <= 5 ? (
            <div className="hidden mid:block">
              <LeadMap
                leads={leads}
                readings={readings}
                odd={odd}
                next={result?.missing[0] ?? null}
                disabled={false}
                onType={set}
              />
            </div>
          ) : null}
          <div className={`grid grid-cols-2 gap-2 ${leads.length <= 5 ? 'mid:hidden' : ''}`}>
            {readings.map(({ a, b, typed }) => (
              <NumberField
                key={key(a, b)}
                label={`${a} to ${b}`}
                typed={typed}
                quantity="ohm"
                options={{ over: true }}
                onType={(text) => set(a, b, text)}
              />
            ))}
          </div>
          <div aria-live="polite">
            {result ? (
              <>
                <p className="mb-2 font-bold" data-testid="map-verdict">
                  {result.verdict.replaceAll('-', ' ')}
                </p>
                {result.tree.segments.length > 0 ? <WindingTree result={result} corrected={false} /> : null}
                {result.faults.map((fault) => (
                  <p key={fault.text} className="mt-1 border-stop border-l-4 pl-2 text-sm">
                    {fault.text}
                  </p>
                ))}
                {result.at20C ? (
                  <p className="num caption">
                    At 20 °C: {result.at20C.map((segment) => formatOhm(segment.ohm)).join(', ')}
                  </p>
                ) : null}
                <p className="caption">{`Largest disagreement ${significant(result.worstResidualOhm, 2)} Ω.`}</p>
              </>
            ) : (
              <p className="caption">Type the ohms onto the lines. Over-range is OL or o.</p>
            )}
          </div>
        </div>
      ) : (
        <p className="caption mt-4">Capacitor off, supply off, leads off their terminals.</p>
      )}
      {pairs.length > 0 ? <IntoJob jobs={jobs} acts={acts} /> : null}
    </>
  )
}
