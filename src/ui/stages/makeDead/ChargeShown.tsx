'use client'

import { secondsThroughMeter } from '@/core/capacitor/physics'
import type { ChargeRow } from '@/core/job'
import { wiredCapacitorFamilies } from '@/core/knowledge/familyTraits'
import { formatSeconds } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { Unsure } from '../../kit/Unsure'
import { DischargeDrawing } from '../../pieces/proof/DischargeDrawing'
import { WhereIs } from '../../where/WhereIs'
import { dialsOf } from './PairShown'
import { StopHere } from './StopHere'

interface ChargeShownProps {
  charge: ChargeRow
  /** The pair that comes now, by the names on the can: “C–FAN”; empty where it has two blades without names. */
  pair: string
  /** From its label, where it is known. */
  uF: number | null
  volts: number | null
  /** How long the resistor lead stays on, where it is known. */
  hold: string | null
}

const THREE = ['C', 'HERM', 'FAN']

/** How one charge is emptied and read, and what to do without a resistor lead. */
export function ChargeShown({ charge, pair, uF, volts, hold }: ChargeShownProps) {
  const { snapshot, act } = useJob()
  const wired = wiredCapacitorFamilies.includes(snapshot.machine.family)
  const [one = '', two = ''] = pair.split('–')
  const blades =
    pair === ''
      ? wired
        ? ['', '', '']
        : ['', '']
      : THREE.includes(one) && THREE.includes(two)
        ? THREE
        : [one, two]
  const places: [number, number] = pair === '' ? [0, 1] : [blades.indexOf(one), blades.indexOf(two)]
  const where =
    pair !== '' ? `${one} and ${two}` : wired ? 'each two of its wires, in turn' : 'its two blades'
  return (
    <div className="my-3" data-testid="charge-shown">
      <h3 className="font-bold text-[1.1rem] leading-snug">
        {`Resistor lead on ${where}, ${hold ?? 'a minute'}. Then the meter on V=, on the same two: under 5 V.`}
      </h3>
      <p className="mt-1 max-w-[68ch] leading-snug">
        {wired
          ? 'Here it is a flat plastic box in the switch housing, with two to five wires to pull chain and motor. It can hold hundreds of volts with everything off. The wires end in caps or in a plug: slide each clip up until it meets metal. One hand, by the insulation of the clips; touch no bare end. Write down the highest reading.'
          : 'A capacitor is a can or a box of metal or plastic with flat blades, wired to the motor. It can hold hundreds of volts with everything off. One hand, by the insulation of the clips; touch no blade.'}
      </p>
      <DischargeDrawing
        blades={blades}
        pair={places}
        wired={wired}
        has={dialsOf(snapshot.household.tools)}
        label={`The resistor lead across ${where}, then the meter on direct current there`}
        className="mt-2 w-full max-w-[384px]"
      />
      <div className="mt-2 flex flex-wrap items-start gap-2">
        <WhereIs what="the capacitor" part="capacitor" />
        <Unsure label="I have no resistor lead">
          <ul className="ml-4 list-disc space-y-1">
            <li>
              Make one: two resistors of 10 kΩ, 5 W, in a row, in an insulating sleeve, an insulated clip at
              each end. Any shop for electronic parts has them.
            </li>
            <li>
              {`Or let the meter empty it: clip its leads on ${where}, set it to V=, and leave it. ${throughMeter(uF, volts)} Read under 5 V before you touch it.`}
            </li>
          </ul>
        </Unsure>
        <StopHere
          className=""
          label="I see none, or I am not sure"
          lines={[
            'It sits beside the motor or in its box, with wires to the motor: look along the motor’s wires with a torch, hands out.',
            'If you see none, the meter reads across the motor’s own wires instead.',
            'If it is bulged, torn or oily: gloves, no skin on the oil, and it is emptied all the same.',
          ]}
        >
          {charge.planned ? (
            <button
              type="button"
              className="btn btn-main mt-2"
              onClick={() => act({ kind: 'charge.terminals', id: charge.id, terminals: 'none-seen' })}
            >
              I looked and see none: read the motor’s own wires
            </button>
          ) : null}
        </StopHere>
      </div>
    </div>
  )
}

const throughMeter = (uF: number | null, volts: number | null): string =>
  uF === null || volts === null
    ? 'A small one takes minutes, a large one an hour.'
    : `Of this one that takes about ${formatSeconds(secondsThroughMeter(uF, volts))}.`
