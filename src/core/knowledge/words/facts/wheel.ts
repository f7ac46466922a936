import { type FactRule, fact } from './rule'

/** Hub, belt, mounting and dirt. */
export const wheelFacts: FactRule[] = [
  // Hub, belt, mounting, dirt.
  fact('hub', 'out-of-balance', `{unbalanced}\n{wheel} .. {bent}\n{bent} .. {wheel}`, {
    unless: ['mount', 'person', 'tight', 'wholething'],
  }),
  fact('hub', 'cracked', `{wheel|hub} ... {cracked}\n{cracked} .. {wheel|hub}`, {
    unless: ['cap', 'belt', 'paint'],
  }),
  fact(
    'hub',
    'loose',
    `{setscrew|hub} ... {loose}
     {loose} .. {setscrew|hub}
     {wheel} .. {loose}
     {loose} {wheel}
     {loose} on .. {shaft}
     {wheel} .. {slips} .. {shaft}
     {shaft} .. {run} .. {wheel} .. {stays}`,
    { unless: ['neg', 'mount', 'maybe', 'rattlepart'], mended: ['tightenedit'] },
  ),
  fact(
    'hub',
    'tight',
    `{wheel|hub|setscrew} , {tight}\n{wheel|hub|setscrew} .. {tight}\n{tight} .. {wheel|hub|setscrew}\n{wheel} .. {snug} .. {shaft}`,
    {
      unless: ['neg', 'frozenin', 'stuckfast'],
    },
  ),
  fact(
    'belt',
    'not-fitted',
    `{neg} {belt}\n{belt} .... it? has none\n{belt} .... has {neg} got one\n{without} {belt}\n{directdrive}`,
    { unless: ['slips'] },
  ),
  fact('belt', 'broken', `{belt} ... {snapped}\n{snapped} .. {belt}`, {
    unless: ['neg', 'slips', 'tightbelt'],
  }),
  fact('belt', 'slipping', `{belt} .. {slips}\n{slips} .. {belt}`, { unless: ['snappedword', 'strongbelt'] }),
  fact('belt', 'sound', `{belt} ... {fine|tight|asnew|strongbelt}\n{belt} .. {neg} {slips|cracked}`, {
    unless: ['snappedword'],
  }),
  fact(
    'mounting',
    'loose',
    `hangs/hanging on/by one/1/two/a {mount}\n{mount} ... {loose}\n{loose} .. {mount}`,
    {
      unless: ['neg', 'setscrew', 'tightmount', 'board', 'played'],
    },
  ),
  fact(
    'mounting',
    'tight',
    `{mount} .. {tight|fine}\n{tight} .. {mount}\n{mount} ... {neg} .. {loose|play}\n{mount} .. {played} , {neg}\n{mount} .. {played} .. {neg}`,
    {
      unless: ['loosemount'],
    },
  ),
  fact(
    'fouling',
    'painted-over',
    `{paint} .. {full|over|on} .. {wheel|fan}
     {wheel|fan} .. {full} .. {paint}
     {paint} over .. {wheel|fan}
     {paintedover}
     {full} .. {paint}
     {paint} .. {stuckto} .. {wheel|fan}
     {stuckfast} .. {paint}`,
    { of: 'any', unless: ['filter', 'hallway'] },
  ),
  fact(
    'fouling',
    'iced',
    `{full|lots} .. {ice}
     {ice} .. {full|on|round|around|up|over}
     {wheel|fan} .. {frozenin}
     {fan|wheel} .. {ice}
     {iceup}
     {ice} off the {fan|wheel}
     {wall} of {ice}
     {lump} of {ice}`,
    {
      of: 'any',
      unless: ['icemaker', 'thawed', 'freezingroom', 'foodword', 'coilice'],
      mended: ['cleanedit'],
    },
  ),
  fact(
    'fouling',
    'debris',
    `{debris} .. {in|inside|into|round|around|on|between|against} .. {fan|wheel|it|there|shroud}
     {fan|wheel|it} .. {had|has|with|full|hold*} .. {debris}
     {debris} .. {built|nested|stuck|wadded|caught|wedged|jammed}
     {full} .. {debris}
     {a|old}? {mousenest}
     {built|nested}
     {debris} .. {stuck}`,
    {
      of: 'any',
      unless: ['removed', 'duct', 'tube', 'filter', 'chewed', 'supposed', 'ridof', 'past', 'dirtyword'],
      mended: ['removed'],
    },
  ),
  fact(
    'fouling',
    'dirty',
    `{full} .. {dirt}
     {dirt} .. {on|over|round|around|all|thick|packed|inside} .. {wheel|fan|it|roller}
     {wheel|fan|roller} .. {is} .. {dirt}
     {dirt} .. {full}
     {dirtyword}
     {wheel|fan} .. {with|in} .. {dirt}`,
    {
      of: 'any',
      unless: [
        'filter',
        'duct',
        'tube',
        'drain',
        'smellword',
        'allgone',
        'scrubbed',
        'frozen',
        'insulation',
        'blows',
      ],
      mended: ['cleanedit'],
    },
  ),
  fact('fouling', 'clean', `{wheel|fan} .. {clean}\n{clean} .. {wheel}\n{neg} {ice|dirt} .. {anywhere|it}`, {
    of: 'any',
    unless: ['neg', 'filter', 'duct'],
  }),
]
