import { describe, expect, it } from 'vitest'
import { readPlate } from '.'

/** Plates as they come: what each says, complete. Written before the reader saw them: it read 13 of the 18 whole at first. */
const plates: { name: string; text: string; says: Record<string, unknown> }[] = [
  {
    name: 'a pancake motor of a wall fan',
    text: 'OSTERVANG\nWALL FAN MOTOR\nMODEL OV-9     S.N. 00712\n230-240V~ 50Hz 28W 0.13A\nCAP. 1.2µF 400V\nCLASS E   IMP. PROTECTED',
    says: {
      manufacturer: 'OSTERVANG',
      modelNumber: 'OV-9',
      voltages: [230, 240],
      hz: [50],
      watts: 28,
      amps: [0.13],
      capacitorUf: 1.2,
      capacitorVolts: 400,
      insulationClass: 'E',
      thermalProtection: 'impedance',
    },
  },
  {
    name: 'values above their captions, with bars',
    text: 'PELLWIRTH MOTOR WORKS LTD\n1/2 | 1625 | 208-230 | 3.4 | 60\nHP | RPM | VOLTS | AMPS | HZ\nINSUL. F      AMB. 70°C\nCAPACITOR 10 MFD 440 V\nROT. CW OPP. SHAFT END',
    says: {
      manufacturer: 'PELLWIRTH MOTOR WORKS LTD',
      hp: 0.5,
      rpm: [1625],
      voltages: [208, 230],
      amps: [3.4],
      hz: [60],
      insulationClass: 'F',
      ambientCelsius: 70,
      capacitorUf: 10,
      capacitorVolts: 440,
      rotation: 'CW',
      rotationViewedFrom: 'lead-end',
    },
  },
  {
    name: 'everything run together',
    text: 'CORVEK\nMODCV88-2 PH1HZ60\n1/3HP115V5.2AFLA\n1725RPM CL.B CONT\nCCWSE THERM.PROT.',
    says: {
      hp: 1 / 3,
      voltages: [115],
      hz: [60],
      phase: 1,
      amps: [5.2],
      rpm: [1725],
      insulationClass: 'B',
      duty: 'continuous',
      rotation: 'CCW',
      rotationViewedFrom: 'shaft-end',
      thermalProtection: 'auto',
    },
  },
  {
    name: 'German, with kW and a comma',
    text: 'Lüfterwerk Grauen GmbH\nTyp LG 71-4   Nr. 88210/19\nU 400 V Y   50 Hz   I 0,68 A\nP 0,25 kW   cos φ 0,72   n 1365 U/min\nIP 54   Wärmeklasse F   S1\n3~ Motor',
    says: {
      manufacturer: 'Lüfterwerk Grauen GmbH',
      modelNumber: 'LG 71-4',
      voltages: [400],
      hz: [50],
      amps: [0.68],
      watts: 250,
      rpm: [1365],
      enclosure: 'IP54',
      insulationClass: 'F',
      duty: 'continuous',
      phase: 3,
    },
  },
  {
    name: 'French, four speeds',
    text: 'VENTALYS S.A.S.\nMoteur monophasé   Type VY4\n230 V   50 Hz   0,9 A   190 W\nVitesses 1 320 / 1 120 / 940 tr/min\nCondensateur 5 µF 450 V   Classe B\nSens horaire vu côté arbre',
    says: {
      manufacturer: 'VENTALYS S.A.S',
      modelNumber: 'VY4',
      phase: 1,
      voltages: [230],
      hz: [50],
      amps: [0.9],
      watts: 190,
      rpm: [1320, 1120, 940],
      capacitorUf: 5,
      capacitorVolts: 450,
      insulationClass: 'B',
      rotation: 'CW',
      rotationViewedFrom: 'shaft-end',
    },
  },
  {
    name: 'Spanish',
    text: 'AIRETAL S.L.\nMODELO AT-25   Nº SERIE 5517-A\nTENSIÓN 127 V   FRECUENCIA 60 Hz\nCORRIENTE 1,8 A   POTENCIA 160 W\n1.550 r.p.m.   AISLAMIENTO CLASE B\nGIRO ANTIHORARIO',
    says: {
      manufacturer: 'AIRETAL S.L',
      modelNumber: 'AT-25',
      serialNumber: '5517-A',
      voltages: [127],
      hz: [60],
      amps: [1.8],
      watts: 160,
      rpm: [1550],
      insulationClass: 'B',
      rotation: 'CCW',
    },
  },
  {
    name: 'Italian',
    text: 'Ventolina Motori S.p.A.\nTipo VM/60   Matricola 20-441\nV 230 ~   Hz 50   W 45   A 0,21\n2650 giri/min   IP 20   Cl. F\nProtezione termica a riarmo automatico',
    says: {
      modelNumber: 'VM/60',
      serialNumber: '20-441',
      voltages: [230],
      hz: [50],
      watts: 45,
      amps: [0.21],
      rpm: [2650],
      enclosure: 'IP20',
      insulationClass: 'F',
      thermalProtection: 'auto',
    },
  },
  {
    name: 'misread letters for figures',
    text: 'KESTRYNE M0T0RS\nM0DEL KM-SS\nHP l/8   V ll5   HZ 6O\nRPM lOSO   A l.8\nCL A   SLEEVE 8RG',
    says: {
      manufacturer: 'KESTRYNE M0T0RS',
      hp: 0.125,
      voltages: [115],
      hz: [60],
      rpm: [1050],
      amps: [1.8],
      insulationClass: 'A',
      bearing: 'sleeve',
    },
  },
  {
    name: 'torn apart',
    text: 'PELL WIRTH\nVO LTS 2 30   HER TZ 50\nAM PS 0 .4   WA TTS 7 5\nRP M 13 00',
    says: { voltages: [230], hz: [50], amps: [0.4], watts: 75, rpm: [1300] },
  },
  {
    name: 'a table of speeds with its leads',
    text: 'OSTERVANG BLOWER CO.\nMODEL OB-118   115 V  60 HZ  1/2 HP\nSPEED   COLOR   RPM    AMPS\nHI      BLACK   1090   7.4\nMED     BLUE    930    6.1\nLO      RED     810    5.2\n10 MFD 370 VAC CAP.',
    says: {
      modelNumber: 'OB-118',
      voltages: [115],
      hz: [60],
      hp: 0.5,
      rpm: [1090, 930, 810],
      amps: [7.4, 6.1, 5.2],
      capacitorUf: 10,
      capacitorVolts: 370,
    },
  },
  {
    name: 'a direct current fan of a caravan',
    text: 'BRUSHLESS DC FAN\nCORVEK ELECTRONICS\nM/N CE-1204\nDC 12V 0.35A 4.2W\n3000 R/MIN',
    says: {
      motorKind: 'bldc',
      modelNumber: 'CE-1204',
      voltages: [12],
      amps: [0.35],
      watts: 4.2,
      rpm: [3000],
    },
  },
  {
    name: 'a range of one adjustable speed',
    text: 'ECM MOTOR\nSTRANDE MFG. CO.\nP/N 55-1180-3\n120/240V 50/60HZ 1PH\n3/4 HP  9.6/5.4 A  RPM 350-1250\nDO NOT OIL',
    says: {
      motorKind: 'ecm',
      manufacturer: 'STRANDE MFG. CO',
      partNumber: '55-1180-3',
      voltages: [120, 240],
      hz: [50, 60],
      phase: 1,
      hp: 0.75,
      amps: [9.6, 5.4],
      rpm: [1250, 350],
    },
  },
  {
    name: 'a run capacitor with its climate',
    text: 'KOPRENN\nMKP 14 µF ±5 %\n450 V~ 50/60 Hz\n25/85/21\nRUN CAPACITOR',
    says: {
      sections: [{ section: 'single', uF: 14 }],
      tolerancePercent: { minus: 5, plus: 5 },
      volts: 450,
      hz: [50, 60],
      temperatureCelsius: { min: -25, max: 85 },
      duty: 'run',
    },
  },
  {
    name: 'a dual capacitor with its terminals',
    text: 'DUAL CAPACITOR ROUND\nHERM 40 MFD   FAN 5 MFD\n440 VAC  60 HZ  +/-6%\nPART NO. KD-405\nMAX. AMBIENT 70°C',
    says: {
      sections: [
        { section: 'HERM', uF: 40 },
        { section: 'FAN', uF: 5 },
      ],
      volts: 440,
      hz: [60],
      tolerancePercent: { minus: 6, plus: 6 },
      partNumber: 'KD-405',
      temperatureCelsius: { max: 70 },
      shape: 'round',
    },
  },
  {
    name: 'a start capacitor with a range',
    text: 'MOTOR START\n216-259 MFD\n125 VAC 60 HZ\nKOPRENN CORP.\n-40/+65°C',
    says: {
      sections: [{ section: 'single', uF: 237.5, minUf: 216, maxUf: 259 }],
      volts: 125,
      hz: [60],
      duty: 'start',
      temperatureCelsius: { min: -40, max: 65 },
    },
  },
  {
    name: 'an appliance with its parts',
    text: 'HALVORSEN COOLING\nAIR CONDITIONER\nMODEL HC-24-3  SERIAL 7781Q02\nVOLTS 208/230  PH 1  HZ 60\nCOMPRESSOR RLA 11.2 LRA 58\nFAN MOTOR FLA 0.8 HP 1/6\nMAX FUSE 25 A',
    says: { modelNumber: 'HC-24-3', serialNumber: '7781Q02', voltages: [208, 230], hz: [60] },
  },
  {
    name: 'a hood with its lamps',
    text: 'BREZZANI CAPPE\nMod. BC 60   Matr. 1109-3\n230 V~ 50 Hz\nMotore 140 W   Lampade 2x20 W   Totale max 180 W',
    says: { modelNumber: 'BC 60', serialNumber: '1109-3', voltages: [230], hz: [50], watts: 180 },
  },
  {
    name: 'a stove that burns pellets',
    text: 'EMBERLOCK PELLET STOVE\nMODEL EL-33  S/N A4410\n120 V 60 HZ 3.8 A\nFUEL: WOOD PELLETS\nTESTED TO EN 14785',
    says: {
      modelNumber: 'EL-33',
      serialNumber: 'A4410',
      voltages: [120],
      hz: [60],
      amps: [3.8],
      fuelType: 'pellets',
    },
  },
]

const near = (value: unknown): unknown =>
  typeof value === 'number' ? expect.closeTo(value, 3) : Array.isArray(value) ? value.map(near) : value

describe('a plate as it comes', () => {
  it.each(plates)('$name', ({ text, says }) => {
    const { fields } = readPlate({ text })
    const read = Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, field.value]))
    for (const [field, value] of Object.entries(says)) expect(read[field], field).toEqual(near(value))
    const own = new Set([
      ...Object.keys(says),
      'speeds',
      'manufacturer',
      'modelNumber',
      'serialNumber',
      'phase',
      'motorKind',
      'duty',
    ])
    expect(Object.keys(read).filter((key) => !own.has(key))).toEqual([])
  })
})
