/** The instruments by name, in their order; each has its part on the page of instruments. */
export const instrumentNames = [
  { id: 'capacitor', name: 'Capacitor window', about: 'label against reading' },
  { id: 'combine', name: 'Combine sections', about: 'jumpers of a multi-section part' },
  { id: 'discharge', name: 'Discharge', about: 'how long, how many watts' },
  { id: 'leads', name: 'Lead map', about: 'which lead is which' },
  { id: 'temperature', name: 'Winding temperature', about: 'to 20 °C, and how hot it ran' },
  { id: 'voltage', name: 'Voltage walk', about: 'where it is lost' },
  { id: 'speed', name: 'Speed and poles', about: 'plate, beat, fan laws' },
  { id: 'sound', name: 'Listen', about: 'speed, bearing, what it may be' },
  { id: 'wheel', name: 'Shaft, wheel, bearing', about: 'mark, centre, size, turn' },
  { id: 'motor', name: 'Motor, what if', about: 'another capacitor or voltage' },
] as const

export type InstrumentId = (typeof instrumentNames)[number]['id']
