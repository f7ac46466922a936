'use client'

import { type FitSize, fitOfJob } from '@/core/fit/ofJob'
import { secondEndOfJob } from '@/core/fit/secondEnd'
import { chosenMotor, partName } from '@/core/job/parts/candidates'
import { oldMotor } from '@/core/job/parts/oldPart'
import { wheelFamilies } from '@/core/knowledge/familyTraits'
import type { MotorSpec } from '@/core/match'
import { inHouseholdUnits, lengthText } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SideView } from '../../pieces/SideView'
import { FitField } from './FitField'
import { Mounting } from './Mounting'
import { SecondEndFit } from './SecondEndFit'
import { WheelFit } from './WheelFit'
import { WorkTable } from './WorkTable'

/** The chosen motor where the old one was: the mark in large figures, the cut, the studs, and the work in minutes. */
export function MadeToFit() {
  const { snapshot } = useJob()
  const fresh = chosenMotor(snapshot)
  const fit = fitOfJob(snapshot)
  const second = secondEndOfJob(snapshot)
  const inches = snapshot.household.inches === 1
  const said = (mm: number) => lengthText(mm, inches)
  if (!fresh) return null
  const old = oldMotor(snapshot)
  const size = (field: FitSize['field']) => fit.sizes.find((each) => each.field === field)?.mm ?? null
  const [face, hub] = [size('oldMountToFace') ?? 0, size('oldFaceToHub')]
  const side = (motor: MotorSpec, name: string, isNew: boolean) => ({
    name,
    bodyLengthMm: motor.bodyLengthMm ?? null,
    diameterMm: motor.diameterMm ?? null,
    shaftLengthMm: isNew ? size('newShaftLength') : (motor.shaft?.lengthMm ?? null),
    shaftDiameterMm: motor.shaft?.diameterMm ?? null,
    mountToFaceMm: isNew ? (size('newMountToFace') ?? 0) : face,
    studLengthMm: isNew ? size('newStuds') : (motor.mount?.studLengthMm ?? null),
    flatMm: isNew ? size('newFlat') : null,
    secondLengthMm: motor.shaft?.secondLengthMm ?? null,
  })
  return (
    <Section
      part="fit"
      title="Made to fit"
      aside="the wheel or blade at its old depth; the same figures in the work list"
    >
      <div className="grid gap-6 wide:grid-cols-[minmax(0,1fr)_300px]">
        <SideView
          old={side(old, 'old motor', false)}
          fresh={side(fresh, partName(snapshot, fresh), true)}
          hubFromPlaneMm={hub === null ? null : face + hub}
          hubGripMm={size('hubGrip')}
          secondHubFromPlaneMm={second?.hubFromPlaneMm ?? null}
          secondGripMm={second?.shaft?.gripMm ?? null}
          cutMm={fit.shaft?.cutMm ?? 0}
          gripMm={fit.shaft?.gripMm ?? null}
          markMm={fit.shaft?.markMm ?? null}
          said={said}
          carries={wheelFamilies.includes(snapshot.machine.family) ? 'wheel' : 'blade'}
          label={
            fit.shaft ? inHouseholdUnits(fit.shaft.text, inches) : `Not known yet: ${fit.missing.join(', ')}`
          }
        />
        <div>
          <Mark />
          <div className="mt-3 grid grid-cols-2 gap-x-3 gap-y-2">
            {fit.sizes.map((each) => (
              <FitField key={each.field} size={each} />
            ))}
          </div>
        </div>
      </div>
      <SecondEndFit />
      <Mounting />
      <WheelFit />
      <WorkTable />
    </Section>
  )
}

/** The mark to make, as large as it is read at arm's length, and what stands against it. */
function Mark() {
  const { snapshot } = useJob()
  const fit = fitOfJob(snapshot)
  const inches = snapshot.household.inches === 1
  if (!fit.shaft)
    return <p className="text-copper">{`Measure first: ${fit.missing.join(', ').toLowerCase()}.`}</p>
  return (
    <div data-testid="fit-mark">
      <p className="caption">mark on the new shaft, from the motor’s face</p>
      <p className="num whitespace-nowrap font-bold text-5xl leading-none">
        {lengthText(fit.shaft.markMm, inches)}
      </p>
      <p className={`mt-2 text-sm ${fit.shaft.fits ? '' : 'font-bold text-stop'}`}>
        {inHouseholdUnits(fit.shaft.text, inches)}
      </p>
    </div>
  )
}
