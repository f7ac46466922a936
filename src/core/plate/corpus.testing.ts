import { seeded } from '../random'
import type { PlateFields, PlateKind } from './types'

/** A made-up plate with what it says. */
export interface CorpusPlate {
  kind: PlateKind
  text: string
  truth: Record<string, unknown>
  damaged: boolean
}

const makers = ['Quillfen', 'Marrowby', 'Tessock', 'Brantlow', 'Ivenholm']

type Pick = <T>(list: readonly T[]) => T

function motorPlate(pick: Pick, next: () => number): { text: string; truth: Record<string, unknown> } {
  const maker = pick(makers)
  const name = pick([maker.toUpperCase(), `${maker} Motor Co`, `${maker} Ltd`])
  const model = `${maker.slice(0, 2).toUpperCase()}-${Math.floor(next() * 900 + 100)}${pick(['A', 'B', 'X', ''])}`
  const [hpText, hp] = pick([
    ['1/4', 0.25],
    ['1/6', 1 / 6],
    ['1/3', 1 / 3],
    ['1/8', 0.125],
    ['1/10', 0.1],
    ['.2', 0.2],
    ['3/4', 0.75],
  ] as [string, number][])
  const [voltText, voltages] = pick([
    ['208-230', [208, 230]],
    ['115', [115]],
    ['208/230', [208, 230]],
    ['230', [230]],
    ['120', [120]],
    ['115/230', [115, 230]],
  ] as [string, number[]][])
  const [hzText, hz] = pick([
    ['60', [60]],
    ['50/60', [50, 60]],
    ['60', [60]],
  ] as [string, number[]][])
  const [rpmText, rpm] = pick([
    ['1075', [1075]],
    ['825', [825]],
    ['1550/1350/1100', [1550, 1350, 1100]],
    ['1,500', [1500]],
    ['1725', [1725]],
    ['1075/950', [1075, 950]],
  ] as [string, number[]][])
  const ampsValue = Math.round((0.6 + next() * 5) * 10) / 10
  const ampText = pick([String(ampsValue), String(ampsValue).replace('.', ',')])
  const uF = pick([4, 5, 7.5, 10])
  const capVolts = pick([370, 440])
  const ins = pick(['A', 'B', 'F'])
  const turn = pick(['CW', 'CCW'])
  const [endText, end] = pick([
    ['LE', 'lead-end'],
    ['SE', 'shaft-end'],
  ] as const)
  const amb = pick([40, 60])
  const base = { modelNumber: model, hp, voltages, hz, rpm, amps: [ampsValue], manufacturer: name }
  const capacitor = { capacitorUf: uF, capacitorVolts: capVolts }
  const form = Math.floor(next() * 8)
  switch (form) {
    case 0:
      return {
        text: `${name}\nMODEL ${model}  HP ${hpText}\nV ${voltText}  HZ ${hzText}  PH 1\nRPM ${rpmText}  A ${ampText}\nCAP ${uF} MFD ${capVolts}V`,
        truth: { ...base, ...capacitor, phase: 1 },
      }
    case 1:
      return {
        text: `${name}\nMod. ${model}\n${hpText} HP  ${voltText} V  ${hzText} Hz  ${rpmText} RPM  ${ampText} A\nINS CL ${ins}  AMB ${amb}°C  THERMALLY PROTECTED\nROT ${turn}${endText}  CONT`,
        truth: {
          ...base,
          insulationClass: ins,
          ambientCelsius: amb,
          thermalProtection: 'auto',
          rotation: turn,
          rotationViewedFrom: end,
          duty: 'continuous',
        },
      }
    case 2:
      return {
        text: `${name}\nM/N: ${model}\nHP  VOLTS  HZ  RPM  AMPS\n${hpText}  ${voltText}  ${hzText}  ${rpmText}  ${ampText}\nTEAO  BALL BRG  CLASS ${ins}`,
        truth: { ...base, enclosure: 'TEAO', bearing: 'ball', insulationClass: ins },
      }
    case 3:
      return {
        text: `P/N ${model}\n${voltText}V ${hzText}HZ 1PH ${hpText}HP ${rpmText}RPM ${ampText}A\nRUN CAP ${uF}uF ${capVolts}VAC\nREVERSIBLE\n${name}`,
        truth: {
          partNumber: model,
          hp,
          voltages,
          hz,
          rpm,
          amps: [ampsValue],
          phase: 1,
          ...capacitor,
          rotation: 'reversible',
          manufacturer: name,
        },
      }
    case 4:
      return {
        text: `${name}\nTYPE ${model}   S/N 4471${Math.floor(next() * 90)}\nVOLTS ${voltText}  CYC ${hzText}\nFLA ${ampText}  LRA 9.8\nHP ${hpText}  RPM ${rpmText}\nSLEEVE BEARING  DUTY CONT  FR 48Y`,
        truth: { ...base, bearing: 'sleeve', duty: 'continuous', frame: '48Y' },
      }
    case 5:
      return {
        text: `${name}\nModel No. ${model}\n${voltText} VAC ${hzText} Hz ${ampText} A\n${hpText} hp, ${rpmText} r/min, SHADED POLE\nImpedance protected, class ${ins}`,
        truth: { ...base, motorKind: 'shaded-pole', thermalProtection: 'impedance', insulationClass: ins },
      }
    case 6:
      return {
        text: `${name}   MODEL ${model}\nHP ${hpText}   VOLTS ${voltText}   HZ ${hzText}\nRPM ${rpmText}   AMPS ${ampText}   S.F. 1.0\nMAX AMB ${Math.round(amb * 1.8 + 32)}°F   ENCL OPEN   INTERCHANGE PLUG TO REVERSE`,
        truth: { ...base, serviceFactor: 1, ambientCelsius: amb, enclosure: 'OPEN', rotation: 'reversible' },
      }
    default:
      return {
        text: `${name}\nMODEL ${model}\n${rpmText} RPM\n${voltText} VOLTS\n${hpText} HP\n${ampText} AMPS\n${hzText} HZ\nAUTO THERMAL PROTECTED\n${turn} FACING SHAFT END`,
        truth: { ...base, thermalProtection: 'auto', rotation: turn, rotationViewedFrom: 'shaft-end' },
      }
  }
}

function capacitorPlate(pick: Pick): { text: string; truth: Record<string, unknown> } {
  const maker = pick(makers)
  const herm = pick([25, 30, 35, 40, 45])
  const fan = pick([3, 5, 7.5])
  const tolerance = pick([5, 6, 10])
  const volts = pick([370, 440])
  const unit = pick(['uF', 'µF', 'MFD', 'mfd'])
  const dual = [
    { section: 'HERM', uF: herm },
    { section: 'FAN', uF: fan },
  ]
  switch (Math.floor(pick([0, 1, 2, 3]))) {
    case 0:
      return {
        text: `${maker.toUpperCase()}\n${herm}+${fan} ${unit} ±${tolerance}%\n${volts} VAC 50/60 Hz\n-40/+70°C`,
        truth: {
          manufacturer: maker.toUpperCase(),
          sections: dual,
          tolerancePercent: { minus: tolerance, plus: tolerance },
          volts,
          hz: [50, 60],
          temperatureCelsius: { min: -40, max: 70 },
        },
      }
    case 1:
      return {
        text: `${herm}/${fan} ${unit}  ${volts}V  ±${tolerance} %\nROUND  P/N K${herm}${Math.floor(fan)}\n25/85/21`,
        truth: {
          sections: dual,
          volts,
          tolerancePercent: { minus: tolerance, plus: tolerance },
          shape: 'round',
          partNumber: `K${herm}${Math.floor(fan)}`,
          temperatureCelsius: { min: -25, max: 85 },
        },
      }
    case 2:
      return {
        text: `${maker} Co\nRUN CAPACITOR\n${fan} ${unit} ${volts} V AC\nTOL ±${tolerance}%  60Hz  OVAL`,
        truth: {
          manufacturer: `${maker} Co`,
          sections: [{ section: 'single', uF: fan }],
          volts,
          tolerancePercent: { minus: tolerance, plus: tolerance },
          duty: 'run',
          hz: [60],
          shape: 'oval',
        },
      }
    default:
      return {
        text: `MOTOR START\n88-108 ${unit}\n330 VAC 60 Hz\n65°C`,
        truth: {
          sections: [{ section: 'single', uF: 98, minUf: 88, maxUf: 108 }],
          volts: 330,
          duty: 'start',
          hz: [60],
          temperatureCelsius: { max: 65 },
        },
      }
  }
}

function appliancePlate(pick: Pick, next: () => number): { text: string; truth: Record<string, unknown> } {
  const maker = pick(makers)
  const model = `${maker.slice(0, 1)}${Math.floor(next() * 9000 + 1000)}`
  const serial = `${Math.floor(next() * 900000 + 100000)}`
  const [fuelText, fuelType] = pick([
    ['NATURAL GAS', 'natural-gas'],
    ['PROPANE', 'propane'],
    ['WOOD PELLETS', 'pellets'],
  ] as const)
  const watts = pick([40, 95, 400])
  return {
    text: `${maker} Heating Ltd\nMODEL ${model}\nSERIAL NO ${serial}\n${fuelText}\n120 V  60 Hz  ${watts} W`,
    truth: {
      manufacturer: `${maker} Heating Ltd`,
      modelNumber: model,
      serialNumber: serial,
      fuelType,
      voltages: [120],
      hz: [60],
      watts,
    },
  }
}

const LOOKS: Record<string, string> = { '0': 'O', '1': 'I', '5': 'S', '8': 'B' }

/** What recognition does to a print: look-alikes in figures, lost spaces, lines broken elsewhere. */
function damage(text: string, next: () => number): string {
  return text
    .split('\n')
    .map((line) => {
      if (/(?:MOD|M\/N|P\/N|S\/N|TYPE|SERIAL)/i.test(line)) return line
      return line
        .replace(/\d{2,}/g, (digits) =>
          next() < 0.35 ? digits.slice(0, -1) + (LOOKS[digits.at(-1)!] ?? digits.at(-1)!) : digits,
        )
        .replace(/(\d) (V|HZ|Hz|RPM|A|HP|VAC|MFD)\b/g, (all, digit: string, unit: string) =>
          next() < 0.4 ? `${digit}${unit}` : all,
        )
        .replace(/ {2,}/g, (spaces) => (next() < 0.25 ? '\n' : spaces))
    })
    .join('\n')
}

/** At least 120 plates, a third of them damaged. */
export function makeCorpus(size = 132): CorpusPlate[] {
  return Array.from({ length: size }, (_, index) => {
    const next = seeded(index * 977 + 13)
    const pick: Pick = (list) => list[Math.floor(next() * list.length)]!
    const kind: PlateKind = index % 11 < 7 ? 'motor' : index % 11 < 10 ? 'capacitor' : 'appliance'
    const plate =
      kind === 'motor'
        ? motorPlate(pick, next)
        : kind === 'capacitor'
          ? capacitorPlate(pick)
          : appliancePlate(pick, next)
    const damaged = index % 3 === 2
    return { kind, ...plate, text: damaged ? damage(plate.text, next) : plate.text, damaged }
  })
}

export interface Accuracy {
  right: number
  wrong: number
  missed: number
  total: number
}

/** Fields right, wrong or missed; what is not on the plate and read all the same counts as wrong. */
export function scoreFields(
  truth: Record<string, unknown>,
  fields: PlateFields,
): Accuracy & { faults: string[] } {
  const faults: string[] = []
  let [right, wrong, missed] = [0, 0, 0]
  for (const [key, value] of Object.entries(truth)) {
    const read = (fields as Record<string, { value: unknown } | undefined>)[key]?.value
    if (read === undefined) {
      missed++
      faults.push(`${key} missed`)
    } else if (same(read, value)) right++
    else {
      wrong++
      faults.push(`${key}: ${JSON.stringify(read)} for ${JSON.stringify(value)}`)
    }
  }
  return { right, wrong, missed, total: Object.keys(truth).length, faults }
}

function same(read: unknown, truth: unknown): boolean {
  if (typeof read === 'number' && typeof truth === 'number')
    return Math.abs(read - truth) < 0.006 * Math.max(1, Math.abs(truth))
  if (Array.isArray(read) && Array.isArray(truth))
    return read.length === truth.length && read.every((each, i) => same(each, truth[i]))
  if (typeof read === 'object' && typeof truth === 'object') {
    return Object.entries(truth as object).every(([key, value]) =>
      same((read as Record<string, unknown>)[key], value),
    )
  }
  return read === truth
}
