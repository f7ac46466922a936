export type Turn = 'CW' | 'CCW'
export type MotorEnd = 'shaft-end' | 'lead-end'

const other = (turn: Turn): Turn => (turn === 'CW' ? 'CCW' : 'CW')
const turnOf = (toward: 'clockwise' | 'counterclockwise'): Turn => (toward === 'clockwise' ? 'CW' : 'CCW')

/**
 * The same turn seen from the wanted end of the motor.
 *
 * @example convertRotation({ direction: 'CW', viewedFrom: 'shaft-end', wanted: 'lead-end' }) // { direction: 'CCW' }
 */
export function convertRotation(input: { direction: Turn; viewedFrom: MotorEnd; wanted: MotorEnd }): {
  direction: Turn
} {
  return { direction: input.viewedFrom === input.wanted ? input.direction : other(input.direction) }
}

/**
 * The turn of a motor as seen from its shaft end, where both its turn and the end it is seen from are told.
 *
 * @example fromShaftEnd({ direction: 'CW', viewedFrom: 'lead-end' }) // 'CCW'
 */
export const fromShaftEnd = (
  rotation: { direction?: Turn; viewedFrom?: MotorEnd } | undefined,
): Turn | undefined =>
  rotation?.direction && rotation.viewedFrom
    ? convertRotation({ direction: rotation.direction, viewedFrom: rotation.viewedFrom, wanted: 'shaft-end' })
        .direction
    : undefined

export interface AxialInput {
  fan: 'axial'
  /** Going this way round the blade, its surface falls away from the viewer. */
  bladeSlopesDownToward: 'clockwise' | 'counterclockwise'
  viewedFrom: 'discharge' | 'intake'
}

export interface CentrifugalInput {
  fan: 'centrifugal'
  curve: 'forward' | 'backward'
  cupsOpenToward: 'clockwise' | 'counterclockwise'
  viewedFrom: string
}

/**
 * The turn a wheel needs. Axial: seen from the discharge side the edge nearest the viewer trails, so it turns the way the
 * blade falls away; seen from the intake side the other way. Centrifugal: forward-curved cups scoop into the turn,
 * backward-curved ones turn away from their opening.
 */
export function wheelRotation(input: AxialInput | CentrifugalInput): {
  direction: Turn
  viewedFrom: string
  text: string
} {
  if (input.fan === 'axial') {
    const slope = turnOf(input.bladeSlopesDownToward)
    const direction = input.viewedFrom === 'discharge' ? slope : other(slope)
    return {
      direction,
      viewedFrom: input.viewedFrom,
      text: `It throws air out of the discharge side turning ${direction} seen from the ${input.viewedFrom} side. Turned over on its shaft it still needs the same turn.`,
    }
  }
  const open = turnOf(input.cupsOpenToward)
  const direction = input.curve === 'forward' ? open : other(open)
  return {
    direction,
    viewedFrom: input.viewedFrom,
    text: `A ${input.curve}-curved wheel turns ${direction} seen from the ${input.viewedFrom}. Turned backwards it still blows forward, but weakly.`,
  }
}
