'use client'

import Link from 'next/link'
import type { WhereNow } from '@/core/job/whereNow'
import { isolationPlans } from '@/core/knowledge/isolation'
import { scenes } from '@/core/knowledge/where'
import { useJob } from '../job/JobProvider'
import { Section } from '../kit/Section'
import { Unsure } from '../kit/Unsure'

/** The next act at its place: a point is switched off here; what needs more steps leads to its stage. */
export function NextThere({ now: { part, point, line } }: { now: WhereNow }) {
  const { snapshot, act } = useJob()
  const { family } = snapshot.machine
  const find = scenes[family].parts.find(({ id }) => id === part)?.find ?? ''
  const planned = isolationPlans[family].points.find((each) => each.point === point?.point)
  const title = point
    ? (planned?.act ?? point.label)
    : line
      ? `${line.action.replaceAll('-', ' ')} ${line.part}`
      : TITLES[part]
  return (
    <Section title="The next act">
      <p className="font-bold text-[1.15rem]">{title}</p>
      <p className="mt-1 max-w-[68ch] leading-snug">{find}</p>
      <div className="mt-3 flex flex-wrap items-start gap-2">
        {point ? (
          <>
            <button
              type="button"
              className="btn btn-main"
              disabled={snapshot.job.phase !== 'work'}
              onClick={() => act({ kind: 'point.open', id: point.id })}
            >
              It is off
            </button>
            <Unsure label="There is none, or I am not sure">
              <p className="max-w-[60ch]">
                Leave it and go on with the next: under Make dead it is struck as “not here”, with a reason.
                If you cannot find the breaker, have somebody show you the panel. Nothing is opened before
                dead is proved.
              </p>
            </Unsure>
          </>
        ) : null}
        <Link
          prefetch={false}
          className="btn"
          href={`/jobs/${snapshot.job.id}/${line ? 'take-apart' : 'make-dead'}`}
        >
          {line ? 'To Take apart' : 'To Make dead'}
        </Link>
      </div>
    </Section>
  )
}

const TITLES: Partial<Record<WhereNow['part'], string>> = {
  cover: 'Take the cover off, touch nothing behind it',
  'proof-place': 'Prove it dead at this place',
  capacitor: 'Empty the capacitor and read it',
  motor: 'Now the motor can be reached',
}
