import type { Message } from '../message'

/** What the practice machines say, by key, with what is put in. The words stand in `src/wording`. */
export interface PlantWords {
  'point.off': { point: Message }
  'point.on': { point: Message }
  'point.already': { point: Message }
  'point.none': Nothing
  'point.trips': { point: Message }
  'held.done': { point: Message }
  'held.on': { point: Message }
  'call.on': Nothing
  'call.off': Nothing
  'call.speed': { speed: string }
  'call.no-speed': { speed: string }
  'cover.off': { cover: Message }
  'cover.on': { cover: Message }
  'cover.already': { cover: Message }
  'cover.first': { cover: Message; first: Message }
  'cover.none': Nothing
  'cover.wheel-turns': { cover: Message }
  'probe.covered': { probe: Message; cover: Message }
  'wire.off': { wire: Message; at: Message }
  'wire.lands': { wire: Message; at: Message }
  'wire.fixed': { wire: Message }
  'wire.free': { wire: Message }
  'wire.none': Nothing
  'wire.there': { wire: Message; at: Message }
  reading: { display: string; red: Message; black: Message }
  'reading.induced': { display: string; red: Message; black: Message }
  'meter.destroyed': { volts: number }
  'meter.nonsense': { display: string }
  'meter.charged': { volts: number }
  'meter.fuse': { amps: number }
  'meter.no-fuse': Nothing
  'meter.same': { display: string }
  'meter.broken': Nothing
  'meter.wrong-jack': Nothing
  'clamp.reads': { display: string; wire: Message }
  'clamp.none': Nothing
  'tester.lights': { at: Message }
  'tester.dark': { at: Message }
  'discharge.done': { volts: number; seconds: number }
  'discharge.nothing': Nothing
  'discharge.spark': { volts: number }
  'discharge.slow': { volts: number }
  'discharge.burnt': { volts: number }
  'hurt.shock': { volts: number; point: Message }
  'hurt.shock-open': { volts: number }
  'hurt.charge': { volts: number; joules: number }
  'hurt.wheel': Nothing
  'hurt.wheel-starts': Nothing
  'hurt.arc': { volts: number }
  'hurt.burst': { volts: number }
  'hurt.gas': Nothing
  'hurt.burn': { celsius: number }
  'against.unproven': Nothing
  'against.unread': { volts: number }
  'against.screwdriver': Nothing
  over: Nothing
  look: { what: Message }
  'look.nothing': Nothing
  sound: { what: Message }
  smell: { what: Message }
  touch: { what: Message; celsius: number }
  'touch.compressor': { celsius: number }
  turn: { what: Message }
  'turn.stop': { what: Message; coast: Message }
  'push.runs': Nothing
  'push.slow': Nothing
  'push.nothing': Nothing
  'push.unneeded': Nothing
  air: { what: Message }
  wait: { minutes: number }
  run: { seconds: number; what: Message }
  'run.stood': { seconds: number }
  'replace.done': { part: Message }
  'replace.none': { part: string }
  'replace.cover': { part: Message; cover: Message }
  odds: Nothing
  'odds.bad': Nothing
  'decide.right': { cause: Message }
  'decide.wrong': { cause: Message; was: Message }
  'decide.wired': Nothing
  'decide.unwired': { first: Message }
  'wired.loose': { wire: Message }
  'wired.unpowered': Nothing
  'wired.burnt': Nothing
  'wired.still': { motor: Message; at: Message }
  'wired.turn': { motor: Message }
  'wired.fast': { motor: Message; at: Message }
  'wired.slow': { motor: Message; at: Message }
  'wired.amps': { motor: Message; at: Message; amps: number; wanted: number }
}

type Nothing = Record<never, never>

/** A message of the practice machines; its parameters are checked against its key. */
export function says<K extends keyof PlantWords>(
  key: K,
  ...params: keyof PlantWords[K] extends never ? [] : [PlantWords[K]]
): Message<K> {
  const [given] = params
  return given ? { key, params: given as Message['params'] & object } : { key }
}
