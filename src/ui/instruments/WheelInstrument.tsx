'use client'

import { centreWheel, findBearing, fitShaft } from '@/core/fit'
import { wheelRotation } from '@/core/rotation'
import { significant } from '@/core/units'
import { SelectField } from '../kit/TextField'
import { Figure, figure, Result } from './parts'
import type { InstrumentProps } from './types'

/** The mark for the blade, the middle of the housing, the bearing's number, the turn a wheel needs. */
export function WheelInstrument({ address }: InstrumentProps) {
  const mm = (name: string) => figure(address, name, 'mm')
  const shaft = [mm('a'), mm('b'), mm('a2'), mm('sl'), mm('grip')]
  const mark = shaft.every((each) => each !== null)
    ? fitShaft({
        old: { mountToFaceMm: shaft[0]!, faceToHubMm: shaft[1]! },
        new: { mountToFaceMm: shaft[2]!, shaftLengthMm: shaft[3]! },
        hubGripMm: shaft[4]!,
      })
    : null
  const [inside, width, gap] = [mm('in'), mm('ww'), mm('gap')]
  const wheel =
    inside && width && gap !== null
      ? centreWheel({ housingInsideMm: inside, wheelWidthMm: width, hubOffsetMm: gap })
      : null
  const [bore, outer, thick, on] = [mm('bore'), mm('outer'), mm('thick'), mm('on')]
  const bearing =
    bore || outer
      ? findBearing({
          ...(bore ? { boreMm: bore } : {}),
          ...(outer ? { outerMm: outer } : {}),
          ...(thick ? { widthMm: thick } : {}),
          ...(on ? { shaftMm: on } : {}),
        })
      : null
  const slope = address.get('slope') as 'clockwise' | 'counterclockwise' | ''
  const side = (address.get('side') || 'discharge') as 'discharge' | 'intake'
  const field = (name: string, label: string, placeholder: string) => (
    <Figure address={address} name={name} label={label} quantity="mm" placeholder={placeholder} />
  )
  return (
    <>
      <h3 className="mb-2">Blade depth</h3>
      <div className="grid grid-cols-2 gap-3 mid:grid-cols-5">
        {field('a', 'Old: plane to face', '12')}
        {field('b', 'Old: face to hub', '60')}
        {field('a2', 'New: plane to face', '20')}
        {field('sl', 'New: shaft length', '150')}
        {field('grip', 'Hub grips', '28')}
      </div>
      {mark ? (
        <Result value={significant(mark.markMm, 4)} unit="mm">
          {mark.text}
        </Result>
      ) : null}
      <h3 className="mt-6 mb-2">Wheel in its housing</h3>
      <div className="grid grid-cols-2 gap-3 mid:grid-cols-5">
        {field('in', 'Housing inside', '200')}
        {field('ww', 'Wheel width', '180')}
        {field('gap', 'Gap at the motor', '4')}
      </div>
      {wheel ? (
        <Result value={significant(Math.abs(wheel.moveMm), 3)} unit="mm">
          {wheel.moveMm === 0
            ? 'centred'
            : `move it ${wheel.moveMm > 0 ? 'away from' : 'toward'} the motor; gaps now ${significant(wheel.gapBackMm)} and ${significant(wheel.gapFrontMm)} mm`}
        </Result>
      ) : null}
      <h3 className="mt-6 mb-2">Bearing</h3>
      <div className="grid grid-cols-2 gap-3 mid:grid-cols-5">
        {field('bore', 'Bore', '8')}
        {field('outer', 'Outside', '22')}
        {field('thick', 'Width', '7')}
        {field('on', 'Shaft', '7.995')}
      </div>
      {bearing ? (
        <Result
          value={
            bearing.designations
              .map((each) => each.code)
              .slice(0, 3)
              .join(', ') || '–'
          }
        >
          {bearing.text}
        </Result>
      ) : null}
      <h3 className="mt-6 mb-2">Which way a propeller turns</h3>
      <div className="grid max-w-2xl grid-cols-2 gap-3">
        <SelectField
          label="You look at the"
          value={side}
          options={[
            { value: 'discharge', label: 'side the air leaves' },
            { value: 'intake', label: 'side the air enters' },
          ]}
          onChoose={(value) => address.set('side', value)}
        />
        <SelectField
          label="Blades fall away from you going"
          value={slope}
          empty="choose"
          options={[
            { value: 'clockwise', label: 'clockwise' },
            { value: 'counterclockwise', label: 'counterclockwise' },
          ]}
          onChoose={(value) => address.set('slope', value)}
        />
      </div>
      {slope ? (
        <Result
          value={wheelRotation({ fan: 'axial', bladeSlopesDownToward: slope, viewedFrom: side }).direction}
        >
          {wheelRotation({ fan: 'axial', bladeSlopesDownToward: slope, viewedFrom: side }).text}
        </Result>
      ) : null}
    </>
  )
}
