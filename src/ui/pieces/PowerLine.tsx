'use client'

import dynamic from 'next/dynamic'
import { Fragment, type ReactNode, useId, useRef, useState } from 'react'
import type { PointRow } from '@/core/job'
import { breakWords } from '@/core/knowledge/breakWords'
import { useJob } from '../job/JobProvider'
import { atHand } from '../kit/whenReached'
import { powerLineModel, shortName } from './powerLineModel'
import { SmallLine } from './SmallLine'
import { StateBox } from './StateBox'
import { BreakSymbol, CapacitorSymbol, MotorSymbol, SupplySymbol, ValveSymbol } from './symbols'

const BreakPopover = dynamic(
  atHand(() => import('./BreakPopover').then((module) => module.BreakPopover)),
  {
    ssr: false,
  },
)

/** The drawn single line from supply to motor, a break for each isolation point, and the state in words. */
export function PowerLine() {
  const { snapshot, energy, now, clockOrDay } = useJob()
  const model = powerLineModel(snapshot, energy)
  // On a phone the line is small and grows on a tap; the state stands beside it always.
  const [grown, setGrown] = useState(false)
  const line = useId()
  return (
    <div className="border-ink border-y bg-surface mid:flex" data-testid="power-line">
      <section
        id={line}
        aria-label="Power line"
        className={`${grown ? 'flex' : 'hidden'} min-w-0 flex-1 items-start overflow-x-auto px-3 pt-3 pb-2 mid:flex mid:px-5 mid:pt-6`}
      >
        <Stop label="Supply" note={model.supply}>
          <span className="-mb-[2px] grid h-[34px] place-items-center">
            <SupplySymbol direct={model.direct} />
          </span>
        </Stop>
        {model.breaks.map((point, index) => (
          <Fragment key={point.id}>
            <Wire live={index <= model.liveUpTo} tag={index === 0} />
            <BreakControl point={point} powered={model.allLive && point.openedAt !== null} />
          </Fragment>
        ))}
        {model.charge !== 'none' ? (
          <>
            <Wire live={model.allLive} tag={model.breaks.length === 0} />
            <Stop
              label="Capacitor"
              note={
                model.charge === 'discharged'
                  ? `discharged ${clockOrDay(snapshot.charges.find((charge) => !charge.struckAt)?.readAt ?? null, now)}`
                  : 'may hold charge'
              }
            >
              <CapacitorSymbol />
            </Stop>
          </>
        ) : null}
        <Wire live={model.allLive} tag={false} />
        <Stop label="Motor" note="">
          <span className="mt-[6px]">
            <MotorSymbol />
          </span>
        </Stop>
        {model.valves.map((point) => (
          <div key={point.id} className="ml-3">
            <BreakControl point={point} powered={false} valve />
          </div>
        ))}
      </section>
      <div className="flex items-stretch">
        <button
          type="button"
          className="flex w-[132px] shrink-0 items-center gap-1 border-line border-r px-2 mid:hidden"
          aria-expanded={grown}
          aria-controls={line}
          aria-label={`Power line: ${grown ? 'fold it' : 'show its points'}`}
          onClick={() => setGrown(!grown)}
        >
          <SmallLine
            points={model.breaks.map(({ openedAt }) => ({ open: openedAt !== null }))}
            powered={model.allLive}
          />
          <span aria-hidden="true">{grown ? '▴' : '▾'}</span>
        </button>
        <StateBox />
      </div>
    </div>
  )
}

function Stop({ label, note, children }: { label: string; note: string; children: ReactNode }) {
  return (
    <div className="relative z-10 flex w-14 shrink-0 flex-col items-center text-center mid:w-24">
      <span className="flex h-9 items-center">{children}</span>
      <span className="hidden text-sm font-bold leading-tight mid:block">{label}</span>
      <span className="caption hidden whitespace-nowrap leading-tight mid:block">{note}</span>
      <span className="sr-only mid:hidden">{`${label} ${note}`}</span>
    </div>
  )
}

/** A stretch of line: hatched amber with the word LIVE where voltage may stand, plain ink where it may not. */
function Wire({ live, tag }: { live: boolean; tag: boolean }) {
  return (
    <div className="relative -mx-7 h-9 min-w-16 flex-1 mid:-mx-12 mid:min-w-24" aria-hidden="true">
      <div className={`absolute inset-x-0 ${live ? 'hatch top-[18px] h-2' : 'top-[21px] h-[2px] bg-ink'}`} />
      {live && tag ? (
        <span className="absolute -top-3 left-1/2 hidden -translate-x-1/2 bg-ink px-2 font-bold text-surface text-xs leading-5 tracking-wide mid:block">
          LIVE
        </span>
      ) : null}
    </div>
  )
}

function BreakControl({
  point,
  powered,
  valve = false,
}: {
  point: PointRow
  powered: boolean
  valve?: boolean
}) {
  const [touched, setTouched] = useState(false)
  const button = useRef<HTMLButtonElement>(null)
  const open = point.openedAt !== null
  const words = breakWords[point.point]
  const { now, clockOrDay } = useJob()
  const note = open ? `${words.open} ${clockOrDay(point.openedAt, now)}` : words.closed
  return (
    <>
      <button
        ref={button}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={touched}
        onClick={() => setTouched(true)}
        className="group relative z-10 flex min-h-11 w-14 shrink-0 flex-col items-center text-center mid:w-24"
        data-testid={`break-${point.point}`}
      >
        <span className="flex h-9 items-center">
          {valve ? <ValveSymbol shut={open} /> : <BreakSymbol open={open && !powered} />}
        </span>
        <span className="hidden font-bold text-sm leading-tight underline-offset-2 group-hover:underline mid:block">
          {shortName(point)}
        </span>
        <span className="caption hidden whitespace-nowrap leading-tight mid:block">{note}</span>
        <span className="sr-only mid:hidden">{`${point.label}: ${note}`}</span>
      </button>
      {touched ? <BreakPopover point={point} anchor={button} onClose={() => setTouched(false)} /> : null}
    </>
  )
}
