import type { FamilyId } from './vocabulary'

/** A phrase of whole words counts by its length; a pattern, where words may stand apart, by the weight beside it. */
export type FamilyWord = string | [pattern: RegExp, weight: number]

const AIRCON = String.raw`(a\/?c|air[ -]?con(ditioner|ditioning|d)?|heat pump|cooling|condens(er|ing unit))`
const OUTSIDE = '(outside|outdoors?|in the (yard|garden)|on the (roof|balcony))'
const FRIDGE = '(fridge|refrigerator|icebox|freezer)'
const HEATER = '(furnace|boiler|water heater)'

/** Words people use for each family; what weighs most wins. Weak words alone still tell more than nothing. */
export const familyWords: Record<FamilyId, FamilyWord[]> = {
  'bath-exhaust-fan': [
    'bathroom fan',
    'bath fan',
    'bathroom exhaust',
    'bathroom vent',
    'shower fan',
    'toilet fan',
    'loo fan',
    'wc fan',
    'washroom fan',
    'ensuite',
    'laundry fan',
    [/\b(bathroom|bath|shower|toilet|loo|wc|washroom|powder room|lavatory|bog|tub|half bath)\b/, 11],
    [
      /\b(tub|bath|shower|toilet|bathroom)\b.*\b(fan|vent|ventilator|extractor)\b|\b(fan|vent|ventilator|extractor)\b.*\b(tub|bath|shower|toilet|bathroom)\b/,
      15,
    ],
    [/\b(exhaust|extract(or|ion)) fan\b|\bextractor\b/, 4],
  ],
  'range-hood-fan': [
    [/\brange ?hood\b/, 20],

    'range good',
    'range hood',
    'cooker hood',
    'kitchen hood',
    'kitchen fan',
    'kitchen extractor',
    'extractor hood',
    'stove hood',
    'fume hood',
    [/\bhood\b/, 4],
    [
      /\b(above|over)\b.{0,20}\b(stove|cooker|hob|range|oven|cooktop|cookstove|gas rings|cooking plate)\b/,
      22,
    ],
    [/\b(hood|extractor hood)\b.*\b(cooking|cooker|hob|stove|kitchen|gas rings)\b/, 20],
    [/\bkitchen\b/, 5],
  ],
  'ceiling-fan': ['ceiling fan', 'paddle fan', [/\bfan\b.*\bceiling\b/, 8], [/\bpull[ -]?(chain|cord)\b/, 4]],
  'attic-vent-fan': [
    [/\b(?:roof space|loft|attic)\b.*\bfan\b|\bfan\b.*\b(?:roof space|loft|attic)\b/, 9],

    'attack fan',
    'attic fan',
    'loft fan',
    'whole house fan',
    'whole-house fan',
    'gable fan',
    'gable vent',
    'roof fan',
    'roof ventilator',
    'greenhouse fan',
    'barn fan',
    [/\b(attic|loft|gable|greenhouse|barn|stable|polytunnel|roof cavity|roof void)\b/, 9],
    [/\bwhole (?:house|hse|home) fan\b/, 25],
  ],
  'furnace-blower': [
    'furnace blower',
    'furnace fan',
    'air handler',
    'blower motor',
    'indoor blower',
    'house blower',
    'hvac blower',
    'heater blower',
    'warm air heating',
    [/\bfurnace\b/, 7],
    [/\bno air\b.*\b(vents|registers|ducts)\b/, 7],
    [/\bducted (?:gas )?(?:heating|heater)\b|\bcentral heating blower\b/, 20],
  ],
  'draft-inducer': [
    [/\b(?:draft |draught )?inducer\b|\bcombustion blower\b|\bflue fan\b/, 30],

    'draft inducer',
    'draught inducer',
    'furnace inducer',
    'inducer fan',
    'inducer',
    'combustion blower',
    'flue fan',
    'boiler fan',
    'power vent',
    'small fan on the furnace',
    [new RegExp(`\\b${HEATER}\\b.*\\b(exhaust|flue|vent|draft|draught)\\b`), 13],
    [new RegExp(`\\b(exhaust|flue|vent|draft|draught)\\b.*\\b${HEATER}\\b`), 13],
    [/\bboiler\b/, 5],
  ],
  'outdoor-unit-fan': [
    'outdoor unit',
    'condenser fan',
    'ac fan',
    'air conditioner fan',
    'outside unit',
    'heat pump fan',
    'outdoor fan',
    [new RegExp(`\\b${OUTSIDE}\\b.*\\b${AIRCON}\\b|\\b${AIRCON}\\b.*\\b${OUTSIDE}\\b`), 17],
    [new RegExp(`\\b${AIRCON}\\b`), 5],
  ],
  'mini-split-indoor-fan': [
    [
      /\bsplit (?:system|ac|unit|air conditioner|head)\b|\bwall split\b|\bmini[ -]?splits?\b|\bductless\b/,
      43,
    ],
    [/\b(?:the|our|my) split\b|\bindoor unit\b/, 12],

    'mini split',
    'mini-split',
    'minisplit',
    'split unit',
    'ductless',
    'wall unit',
    'wall-hung',
    'wall hung',
    'wall mounted',
    'indoor head',
    'split indoor',
    [
      new RegExp(
        `\\b(indoors?|inside|wall)\\b.*\\b${AIRCON}\\b|\\b${AIRCON}\\b.*\\b(indoors?|inside|wall)\\b`,
      ),
      9,
    ],
  ],
  'refrigerator-evaporator-fan': [
    [
      /\bfreezer panel\b|\bback of the freezer\b|\bfan\b.{0,30}\b(?:in|inside|back of|behind the panel of) (?:the |my |our )?(?:freezer|frzr)\b|\bfreezer(?: compartment| wall| box)?(?: fan)?\b.{0,24}\bfan\b|\bevap(?:orator)? fan\b/,
      44,
    ],
    'freezer fan',
    'evaporator fan',
    'fan in the freezer',
    'fridge fan',
    'refrigerator fan',
    [new RegExp(`\\b(inside|in) (the |my |our )?${FRIDGE}\\b`), 12],
    [new RegExp(`\\b${FRIDGE}\\b`), 8],
  ],
  'refrigerator-condenser-fan': [
    [
      /\b(?:condenser|condensing) fan\b.*\b(?:fridge|refrigerator|freezer)\b|\b(?:fridge|refrigerator|freezer)\b.*\bcondenser\b/,
      45,
    ],
    [
      /\b(?:fan|one)\b.*\b(?:by|down by|near|next to) (?:the )?compressor\b|\b(?:underneath|under|beneath) the (?:fridge|refrigerator|freezer)\b|\brear lower fan\b/,
      42,
    ],

    [
      /\b(?:bottom|under|underneath|low|rear|lower)\b.{0,14}\b(?:fridge|refrigerator)\b|\b(?:fridge|refrigerator)\b.{0,30}\b(?:floor|next to compressor|by the compressor|at compressor)\b|\b(?:behind|under) the (?:fridge|refrigerator)\b/,
      46,
    ],
    'fridge condenser',
    'refrigerator condenser',
    [
      new RegExp(
        `\\b(behind|under|underneath|below|at the back|at the bottom|back) (of )?(the |my |our )?${FRIDGE}\\b`,
      ),
      14,
    ],
    [
      new RegExp(
        `\\b${FRIDGE}\\b.*\\b(at the (back|bottom)|underneath|by the compressor|next to the compressor)\\b`,
      ),
      14,
    ],
  ],
  'rv-furnace-blower': [
    [
      /\b(?:rv|camper(?:van)?|motorhome|caravan|campervan|travel trailer|trailer|van|motor home|fifth wheel)\b.{0,40}\b(?:furnace|heater|heating|blown air)\b|\b(?:furnace|heater|heating)\b.{0,30}\b(?:rv|camper(?:van)?|motorhome|caravan|campervan|travel trailer|trailer|motor home)\b/,
      41,
    ],
    [/\b(caravan|camper|camper ?van|motorhome|rv|travel trailer)\b/, 14],
  ],
  'pellet-stove-exhaust-blower': [
    [/\bpell?et (?:stove|burner|heater)\b/, 45],
    'pellet stove',
    'pellet burner',
    'pellet heater',
    [/\bpellets?\b/, 10],
  ],
  'hrv-fan': [
    [/\b(?:hrv|mvhr|erv)\b|\bheat recovery\b/, 40],
    [/\bair exchanger\b|\bair swap\b/, 30],

    'heat recovery',
    'hrv',
    'erv',
    'mvhr',
    'air exchanger',
    [/\bventilator\b/, 5],
    'ventilation unit',
    'fresh air unit',
  ],
  'dehumidifier-fan': ['dehumidifier', 'dehum fan', [/\bdehum\b/, 20], 'dehumidifer', 'de-humidifier'],
  'other-fan': [
    [/\bgreenhouse\b(?!.*\bexhaust\b)/, 22],

    [
      /\bmicrowave?\b|\bfireplace\b|\bcrawl[ -]?space\b|\bevaporative cooler\b|\bswamp(?:y| cooler)\b|\bhand dryer\b|\bhair dryer\b|\btumble dryer\b|\bpower supply\b|\bwood ?stove\b/,
      26,
    ],
    'desk fan',
    'table fan',
    'pedestal fan',
    'standing fan',
    'tower fan',
    'box fan',
    'window fan',
    'fan heater',
    'air purifier',
    'air cleaner',
    'dust collector',
    [
      /\b(?:stand(?:ing)?|desk|table|pedestal|tower|box|window|drum|floor|kick ?space|plinth|fan oven|oven)\b.{0,8}\b(?:fan|heater|oven)\b|\bfan oven\b|\bplinth heater\b|\bgarage exhaust fan\b|\bkickspace heater\b/,
      24,
    ],
    'workshop fan',
    'drum fan',
  ],
}
