export interface CurrentVerdict {
  share: number
  verdict: 'normal' | 'over' | 'low'
  text: string
}

/** Running current against the plate: above 110 % overload, below 50 % no work done. */
export function currentAgainstPlate(amps: number, plateAmps: number): CurrentVerdict {
  const share = amps / plateAmps
  if (share > 1.1)
    return {
      share,
      verdict: 'over',
      text: 'Overload: wrong speed, weak capacitor, low voltage, or something drags.',
    }
  if (share < 0.5)
    return { share, verdict: 'low', text: 'Hardly any load: the wheel slips, or a blower is starved of air.' }
  return { share, verdict: 'normal', text: 'As the plate says.' }
}
