'use client'

import { useState } from 'react'
import { checksOf, powerProblems } from '@/core/job/proving/power'
import { alongTheLine } from '@/core/knowledge/isolation'
import type { Probe } from '@/core/knowledge/probes'
import { readingCheck } from '@/core/knowledge/proofChecks'
import { useJob } from '../../../job/JobProvider'
import { Tick } from '../../../kit/Tick'
import { shortName } from '../../../pieces/powerLineModel'
import { CheckList } from '../../prove/CheckList'

interface LiveLeadProps {
  probe: Probe | undefined
  dead: boolean
  /** It is read with a meter, and not told by a push with a stick. */
  metered: boolean
}

/**
 * From off to power for one reading: the probes go on while it is dead, then the points are closed in their order. What was
 * proved is void from that moment, and is made again afterwards.
 */
export function LiveLead({ probe, dead, metered }: LiveLeadProps) {
  const { snapshot, act, now } = useJob()
  const [done, setDone] = useState<string[]>([])
  const problem = powerProblems(snapshot, now, 'reading')[0]
  const open = snapshot.points.filter((point) => point.openedAt && !point.struckAt)
  const order = alongTheLine(open)
  const steps = [
    metered
      ? 'Meter and leads CAT III 600 V, leads whole and in the V jack, range on volts'
      : 'A dry wooden stick at hand, as long as an arm: no hand goes near the wheel',
    probe
      ? `Probes clipped on while it is off: ${probe.tips[0]} and ${probe.tips[1]}`
      : 'Everything that has to be touched is in place while it is off',
    metered
      ? 'Wheel clear, tools and hands out, covers on as far as the reading lets them, everybody told'
      : 'Wheel clear, tools and hands out, all covers on and the guard closed, everybody told',
  ]
  if (!dead)
    return (
      <p className="mt-2 border-ink border-l-2 pl-3 text-sm">
        Some points are off, and it is not proved dead: finish Make dead first, or switch them on again.
        Probes are only clipped on where it is proved dead.
      </p>
    )
  return (
    <div className="mt-3 border-ink border-t pt-2" data-testid="live-lead">
      <p className="max-w-[72ch] font-semibold">
        This one needs power. What is proved now ends with it: afterwards every point is opened again and
        proved anew.
      </p>
      <ul className="mt-1">
        {steps.map((step) => (
          <li key={step} className="flex items-center gap-2">
            <Tick
              label={step}
              on={done.includes(step)}
              onChange={(on) => setDone(on ? [...done, step] : done.filter((each) => each !== step))}
            />
            <span className="leading-snug">{step}</span>
          </li>
        ))}
      </ul>
      <p className="caption mt-1">
        Then power comes back in this order: {order.map((point) => shortName(point).toLowerCase()).join(', ')}
        .
      </p>
      <CheckList
        checks={[readingCheck, ...checksOf(snapshot).filter(({ id, dead }) => dead && id !== 'covers-on')]}
        disabled={false}
      />
      {problem ? (
        <p className="mt-2 max-w-[72ch] border-ink border-l-2 pl-3 font-semibold">
          Before power returns: {problem.text}
        </p>
      ) : null}
      <button
        type="button"
        data-key="n"
        data-asserts
        className="btn mt-2"
        disabled={done.length < steps.length || problem !== undefined}
        onClick={() => act({ kind: 'job.phase', phase: 'live-test', purpose: 'reading' })}
      >
        Power on for this reading <kbd className="num text-sm">N</kbd>
      </button>
    </div>
  )
}
