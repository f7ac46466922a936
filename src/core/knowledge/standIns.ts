/** What can stand in for a tool that is not at hand, as careful people do it; nothing where nothing serves. */
export const standIns: Record<string, string> = {
  puller: 'penetrating oil overnight, then two levers under the hub, never a hammer on the shaft',
  'nut driver': 'a socket on an extension; pliers round the head off',
  '1/4 in nut driver': 'a 1/4 in socket, or 6.3 mm',
  '5/16 in nut driver': 'a 5/16 in socket, or 8 mm',
  'hex key': 'a hex bit in a driver; the size must fit without play',
  'long hex key': 'a hex bit on a long extension',
  'dust mask': 'nothing stands in for it where old dust or insulation lies',
  gloves: 'thick work gloves of any kind; sheet metal cuts through thin ones',
  vacuum: 'a soft brush and a dustpan, outdoors',
  scraper: 'a stiff plastic card, which spares the metal',
  level: 'water in a bottle laid on its side',
  ties: 'the wire’s own clip, if it is whole; string burns',
  'penetrating oil': 'time and a drop of thin oil; never on rubber or plastic',
  'emery cloth': 'fine sandpaper',
  'second person': 'nobody does it alone: wait for one',
  'stable ladder': 'no chair stands in for it',
}

/** Protection that the work wants, by what is taken apart. */
export const protection = {
  always: 'safety glasses',
  sheetMetal: 'cut-proof gloves',
  dust: 'dust mask',
} as const
