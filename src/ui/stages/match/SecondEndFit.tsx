'use client'

import { type MotorEndView, secondEndOfJob } from '@/core/fit/secondEnd'
import { fieldText } from '@/core/job'
import type { Turn } from '@/core/rotation'
import { inHouseholdUnits, lengthText } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'
import { FitField } from './FitField'

/** A motor with a wheel on each end: both turns, each seen from its own end, and the mark on the second shaft. */
export function SecondEndFit() {
  const { snapshot } = useJob()
  const second = secondEndOfJob(snapshot)
  const inches = snapshot.household.inches === 1
  if (!second) return null
  return (
    <div className="mt-6" data-testid="second-end">
      <h3 className="font-bold">Two ends, two wheels</h3>
      <div className="mt-2 grid max-w-2xl grid-cols-2 gap-5">
        {second.ends.map((end) => (
          <EndCard key={end.end} end={end} />
        ))}
      </div>
      <p className={`mt-2 max-w-2xl ${second.reversed ? 'border-stop border-l-4 pl-3 font-bold' : ''}`}>
        {second.turns}
      </p>
      <div className="mt-4 grid gap-6 wide:grid-cols-[minmax(0,1fr)_300px]">
        <div className="grid grid-cols-2 content-start gap-x-3 gap-y-2 mid:grid-cols-3">
          {second.sizes.map((each) => (
            <FitField key={each.field} size={each} />
          ))}
        </div>
        {second.shaft ? (
          <div data-testid="second-mark">
            <p className="caption">mark on the new second shaft, from the motor’s back</p>
            <p className="num whitespace-nowrap font-bold text-5xl leading-none">
              {lengthText(second.shaft.markMm, inches)}
            </p>
            <p className={`mt-2 text-sm ${second.shaft.fits ? '' : 'font-bold text-stop'}`}>
              {inHouseholdUnits(second.shaft.text, inches)}
            </p>
          </div>
        ) : (
          <p className="text-copper">{`Measure first: ${second.missing.join(', ').toLowerCase()}.`}</p>
        )}
      </div>
    </div>
  )
}

const spoken: Record<Turn, string> = { CW: 'clockwise', CCW: 'counterclockwise' }

function EndCard({ end }: { end: MotorEndView }) {
  const { snapshot, act, id } = useJob()
  const field = `${end.end}Wheel`
  const differs = end.oldTurn !== null && end.newTurn !== null && end.oldTurn !== end.newTurn
  return (
    <div>
      <TextField
        label={end.end === 'first' ? 'On the first end' : 'On the second end'}
        value={fieldText(snapshot, 'fit', field)}
        placeholder={end.wheel}
        onType={(typed) => act({ kind: 'field.set', id: id(), part: 'fit', field, typed })}
      />
      <div className="mt-2 flex items-center gap-3">
        <TurnDrawing turn={end.oldTurn} differs={differs} />
        <p className="text-sm">
          {end.oldTurn ? `The old one: ${spoken[end.oldTurn]}` : 'The old one: not noted'}
          <br />
          <span className={differs ? 'font-bold text-stop' : ''}>
            {`The new one: ${end.newTurn ? spoken[end.newTurn] : end.either ? 'either way, as it is wired' : 'not known'}`}
          </span>
          <span className="caption block">seen from this end</span>
        </p>
      </div>
    </div>
  )
}

/** A wheel seen from its own end, with the way it turns. */
function TurnDrawing({ turn, differs }: { turn: Turn | null; differs: boolean }) {
  return (
    <svg viewBox="0 0 64 64" className="size-16 shrink-0" aria-hidden="true" fill="none" strokeWidth="2">
      <circle cx="32" cy="32" r="14" stroke="var(--ink)" fill="var(--surface)" />
      <circle cx="32" cy="32" r="4" fill="var(--ink)" />
      {turn ? (
        <path
          d="M32 10A22 22 0 1 1 10 32M4 41L10 31L16 41"
          transform={turn === 'CCW' ? 'matrix(-1 0 0 1 64 0)' : undefined}
          stroke={differs ? 'var(--stop)' : 'var(--teal)'}
        />
      ) : (
        <circle cx="32" cy="32" r="22" stroke="var(--soft)" strokeDasharray="4 4" />
      )}
    </svg>
  )
}
