/** One figure of a part that is neither motor, capacitor nor bearing. */
export interface OtherField {
  field: string
  /** What it is, as a person reads it off. */
  label: string
  placeholder: string
  /** Said to a seller with the figure in it. */
  ask: (typed: string) => string
  /** Where it stands on the part, for who looks for it. */
  where: string
}

export interface OtherPart {
  label: string
  fields: OtherField[]
  /** What goes wrong with a part that only looks the same. */
  mind: string
}

const number = (of: string): OtherField => ({
  field: 'number',
  label: `Number on the ${of}`,
  placeholder: 'HX-2207',
  ask: (typed) => `Number ${typed}, or one that its maker declares to replace it.`,
  where: `printed or pressed into the ${of}`,
})
const machine: OtherField = {
  field: 'machine',
  label: 'Model number of the machine',
  placeholder: 'AH-36-C',
  ask: (typed) => `For the machine ${typed}.`,
  where: 'on the label of the machine, mostly inside its door',
}
const size = (
  field: string,
  label: string,
  placeholder: string,
  ask: (typed: string) => string,
): OtherField => ({
  field,
  label,
  placeholder,
  ask,
  where: 'measured with a ruler or calipers, to a millimetre',
})

/** The figures that must agree, part by part: from what the trade asks at its counters. */
export const otherParts = {
  contactor: {
    label: 'Contactor',
    fields: [
      {
        field: 'coil',
        label: 'Volts of its coil',
        placeholder: '24',
        ask: (typed) => `Coil for ${typed} V, the same: another burns or never pulls in.`,
        where: 'beside the two small terminals',
      },
      {
        field: 'poles',
        label: 'Poles that it breaks',
        placeholder: '1 or 2',
        ask: (typed) => `${typed} ${typed === '1' ? 'pole' : 'poles'}, or more.`,
        where: 'count the pairs of large screws; one pole of some is a bare strip that never opens',
      },
      {
        field: 'amps',
        label: 'Amps of its contacts, inductive (FLA)',
        placeholder: '30',
        ask: (typed) => `${typed} A inductive or more.`,
        where: 'on its side: FLA is for motors, the larger “resistive” figure is not',
      },
      {
        field: 'volts',
        label: 'Volts of its contacts',
        placeholder: '240',
        ask: (typed) => `Contacts for ${typed} V or more.`,
        where: 'on its side, beside the amps',
      },
      size(
        'holes',
        'Between its mounting holes',
        '50 mm',
        (typed) => `Mounting holes ${typed} apart, or a plate that fits.`,
      ),
    ],
    mind: 'One pole leaves a leg live at the motor with the call off: never take one pole for two.',
  },
  relay: {
    label: 'Relay',
    fields: [
      {
        field: 'coil',
        label: 'Volts of its coil',
        placeholder: '24 AC',
        ask: (typed) => `Coil for ${typed} V, AC or DC as marked.`,
        where: 'on its top, beside the coil sign',
      },
      {
        field: 'contacts',
        label: 'Contacts, and which are closed at rest',
        placeholder: 'one, open at rest',
        ask: (typed) => `Contacts: ${typed}.`,
        where: 'in the small diagram on its side',
      },
      {
        field: 'amps',
        label: 'Amps, inductive or “motor”',
        placeholder: '12',
        ask: (typed) => `${typed} A inductive or more.`,
        where: 'on its side',
      },
      number('relay'),
    ],
    mind: 'The same case holds contacts that are open at rest and contacts that are closed: the diagram decides.',
  },
  switch: {
    label: 'Switch (door, limit, wall, pressure)',
    fields: [
      {
        field: 'what',
        label: 'What it watches or does',
        placeholder: 'limit in the furnace',
        ask: (typed) => `Switch: ${typed}.`,
        where: 'by its place in the machine',
      },
      {
        field: 'opens',
        label: 'Where it opens: °, pressure, or by hand',
        placeholder: 'L160-40F',
        ask: (typed) => `Opens at ${typed}, exactly the same: it protects the machine and you.`,
        where: 'printed on it: degrees, inches of water, or none for a hand switch',
      },
      {
        field: 'rest',
        label: 'Open or closed at rest, how many circuits',
        placeholder: 'closed, one',
        ask: (typed) => `At rest ${typed}.`,
        where: 'read dead with one wire off: near zero is closed',
      },
      {
        field: 'amps',
        label: 'Amps and volts',
        placeholder: '25 A 120 V',
        ask: (typed) => `${typed} or more.`,
        where: 'printed on it',
      },
      number('switch'),
      machine,
    ],
    mind: 'A safety switch is never replaced by one of another figure, and never bridged while the new one is on its way.',
  },
  board: {
    label: 'Control board',
    fields: [
      number('board'),
      machine,
      {
        field: 'revision',
        label: 'Letter or revision behind its number',
        placeholder: 'rev C',
        ask: (typed) => `${typed}, or a later one that its maker names.`,
        where: 'behind the number, on a sticker',
      },
    ],
    mind: 'Photograph every plug and every small switch before it comes off; set the new one the same.',
  },
  'motor module': {
    label: 'Motor module',
    fields: [
      number('module'),
      {
        field: 'motor',
        label: 'Number of the motor it sits on',
        placeholder: 'MB-5512',
        ask: (typed) => `For the motor ${typed}.`,
        where: 'on the motor’s own label, under the module',
      },
      machine,
    ],
    mind: 'It is programmed for its machine: another programme turns at another speed. An empty one is no use.',
  },
  'inrush limiter': {
    label: 'Inrush limiter',
    fields: [
      {
        field: 'ohms',
        label: 'Ohms cold, as printed',
        placeholder: '5D-15',
        ask: (typed) => `Marked ${typed}.`,
        where: 'on the round black or green disc beside the plug; burnt, on its sound twin or the sheet',
      },
      size('diameter', 'Across the disc', '15 mm', (typed) => `${typed} across.`),
    ],
    mind: 'Soldered on a board that holds the mains and a charge: the whole module is the other way.',
  },
  transformer: {
    label: 'Transformer',
    fields: [
      {
        field: 'primary',
        label: 'Volts in',
        placeholder: '120/208/240',
        ask: (typed) => `${typed} V in.`,
        where: 'on its label, by the colours of its wires',
      },
      {
        field: 'secondary',
        label: 'Volts out',
        placeholder: '24',
        ask: (typed) => `${typed} V out.`,
        where: 'on its label',
      },
      {
        field: 'va',
        label: 'VA',
        placeholder: '40',
        ask: (typed) => `${typed} VA or more.`,
        where: 'on its label',
      },
    ],
    mind: 'A burnt one was mostly shorted behind it: find the short first, or the new one burns too. Cap the unused input wires.',
  },
  fuse: {
    label: 'Fuse',
    fields: [
      {
        field: 'amps',
        label: 'Amps',
        placeholder: '3',
        ask: (typed) => `${typed} A, never more.`,
        where: 'on its cap or its blade',
      },
      {
        field: 'kind',
        label: 'Kind, and slow or fast',
        placeholder: 'blade, or 5 x 20 slow',
        ask: (typed) => `${typed}.`,
        where: 'by its shape; T or “slow” is printed on the cap',
      },
      {
        field: 'volts',
        label: 'Volts',
        placeholder: '250',
        ask: (typed) => `${typed} V or more.`,
        where: 'on its cap',
      },
    ],
    mind: 'A larger one, foil or a nail burns the wires behind it.',
  },
  thermostat: {
    label: 'Thermostat',
    fields: [
      {
        field: 'volts',
        label: 'Volts it switches',
        placeholder: '24',
        ask: (typed) => `For ${typed} V.`,
        where: 'inside its cover; thick wires mean the mains',
      },
      {
        field: 'wires',
        label: 'Wires on it, by their letters',
        placeholder: 'R W Y G C',
        ask: (typed) => `Terminals ${typed}.`,
        where: 'beside each screw',
      },
    ],
    mind: 'One for 24 V burns on the mains; note letter and colour of every wire before it comes off.',
  },
  belt: {
    label: 'Belt',
    fields: [
      {
        field: 'number',
        label: 'Number on its back',
        placeholder: '4L-430',
        ask: (typed) => `Number ${typed}.`,
        where: 'printed on its back, often worn: look on the inside of a bend',
      },
      size('width', 'Width across its back', '13 mm', (typed) => `${typed} across the back.`),
      size('length', 'Length around the outside', '1092 mm', (typed) => `${typed} around the outside.`),
    ],
    mind: 'A worn belt has stretched: go by the number, else by a string around both pulleys with the motor slid in.',
  },
  wheel: {
    label: 'Wheel or blade',
    fields: [
      size('diameter', 'Across', '241 mm', (typed) => `${typed} across.`),
      size('width', 'Width of the wheel, or depth of the blade', '203 mm', (typed) => `${typed} wide.`),
      size('bore', 'Bore of its hub', '1/2 in', (typed) => `Bore ${typed}.`),
      {
        field: 'turn',
        label: 'Which way it turns, seen from where',
        placeholder: 'clockwise from the shaft end',
        ask: (typed) => `Turns ${typed}.`,
        where:
          'an arrow on it or its housing; else a forward-curved wheel turns toward the opening of its cups',
      },
      {
        field: 'blades',
        label: 'Blades, or hub side',
        placeholder: '4 blades, hub in the middle',
        ask: (typed) => `${typed}.`,
        where: 'count them; see on which side the hub and its screw sit',
      },
    ],
    mind: 'A mirrored wheel fits, turns, and moves hardly any air.',
  },
  gasket: {
    label: 'Gasket or seal',
    fields: [
      machine,
      {
        field: 'place',
        label: 'Where it sits',
        placeholder: 'between inducer and collector box',
        ask: (typed) => `For the joint ${typed}.`,
        where: 'between the two parts it seals',
      },
      size('thickness', 'Thickness, uncompressed', '3 mm', (typed) => `${typed} thick.`),
      {
        field: 'heat',
        label: 'Heat that it must bear',
        placeholder: 'flue gas, 260 °C',
        ask: (typed) => `For ${typed}.`,
        where: 'flue and burner: only what their makers name',
      },
    ],
    mind: 'A flue joint that leaks brings carbon monoxide into the house: no sealant of another kind.',
  },
  brushes: {
    label: 'Brushes',
    fields: [
      number('brush or motor'),
      size('section', 'Thickness by width', '5 x 8 mm', (typed) => `${typed}.`),
      size('length', 'Length when new', '16 mm', (typed) => `${typed} long when new.`),
    ],
    mind: 'Both are renewed together; filed down from a larger size they are better than ones that wobble.',
  },
} satisfies Record<string, OtherPart>

export type OtherPartId = keyof typeof otherParts

export const otherPartIds = Object.keys(otherParts).filter((id): id is OtherPartId =>
  Object.hasOwn(otherParts, id),
)
