import { CoreError } from '../../errors'
import { asVolts } from '../energy/handsVolts'

/** What each refusal has to be told, by its key: the code that callers compare, and after the slash which case of it. */
interface Refusals {
  'circuit-on': [machine: string]
  closed: []
  'closed/motor': []
  'closed/breaker': []
  'done/change': []
  'done/frees': [part: string]
  'done/split': []
  'duplicate-lead': [name: string]
  'figure-again': [figure: string]
  'figure-first': [part: string]
  'forbidden-bypass': [why: string]
  'gas-off': []
  'not-cured': [material: string]
  gone: []
  'hard-stop': []
  'no-name': []
  'no-rated-meter': []
  'asks-bypass': [line: string]
  'no-reason/lift': []
  'not-cleared': [how: string]
  'no-reason/line': []
  'no-reason/override': []
  'no-reason/point': []
  'no-reason/reading': []
  'no-reason/suspect': []
  'no-reason/switch': []
  'no-roles': []
  'no-sequence': []
  'no-supply-point': []
  'no-switch': []
  'not-a-date': []
  'not-a-door': []
  'not-a-number/charge': []
  'not-a-number/supply': []
  'not-a-sound': []
  'not-access': []
  'not-bench': [part: string]
  'not-done': [part: string]
  order: [why: string]
  'photo-first': [part: string]
  'turn-first': [part: string]
  'not-held': [label: string]
  'not-isolated/proof': []
  'not-isolated/wait': [label: string]
  'not-live': []
  'not-live/run': []
  'not-open': [label: string]
  'seen-again': [label: string]
  'not-proven/bench': [what: string, problem: string]
  'not-proven/capacitor': []
  'not-proven/machine': [what: string, problem: string]
  'not-ready/closing': [problem: string]
  'not-ready/power': [problem: string]
  'not-removable/done': []
  'not-removable/temporary': []
  'not-run': []
  'not-yet': [act: string]
  'not-splittable': [count: number]
  overtaken: []
  'proof-order/short-isolation': [next: string]
  'proof-order/switch-first': []
  'proof-order/tester-after': []
  'proof-order/tester-first': []
  'proof-order/tester-reading': []
  'run-over': []
  running: []
  'set-back': [part: string]
  'stands/change': []
  'stands/strike': []
  'stands/tick': [part: string]
  stopped: [sign: string, call: string]
  'struck/line': []
  'struck/point': [label: string]
  'too-few-ids/landings': []
  'too-few-ids/template': []
  'unknown-way/plant': [way: string]
  'too-long': [most: number]
  'too-long/name': []
  'too-many-candidates': [most: number]
  'too-many-leads': []
  'too-old/behind': []
  'too-old/clock': []
  'too-old/late': []
  'unknown-act/kind': [kind: string]
  'unknown-check': []
  'unknown-event': []
  'unknown-feed': []
  'unknown-field/machine': [field: string]
  'unknown-field/plan': []
  'unknown-pair': []
  'unknown-photo': []
  'unknown-row/lead': []
  'unknown-row/line': []
  'unknown-row/reading': []
  'unknown-row/stop': []
  'unknown-value/answer': []
  'unknown-value/finding': [label: string, value: string]
  'unknown-value/line': []
  'unknown-value/motor-kind': []
  'unknown-value/suspect': []
  'mistyped-live': [showed: string, pair: string]
  'still-live': [pair: string, typed: string]
  'too-slow': []
  'too-short': [label: string, least: number]
  'cover-on': [part: string]
  'read-instead': []
  'not-a-cover': []
  'frees-nothing': []
  'not-extra': []
  'carries-fuel': []
  'no-lift': [sign: string]
  'gas-stop': []
  unanswered: [question: string]
  begun: [part: string]
  'undo-stop': [sign: string]
  'stale-answer': []
  'hands-live': [what: string]
  void: [reason: string]
  'wrong-phase': [from: string, to: string]
  'wrong-phase/short-isolation': []
  'wrong-phase/test': []
}

type RefusalKey = keyof Refusals

/** The sentences, and nothing but the sentences: a second language is a second table. */
const words: { [Key in RefusalKey]: (...params: Refusals[Key]) => string } = {
  'circuit-on': (machine) =>
    `${machine} hangs on the same breaker and is on for a test: is it the right breaker? End the test there first, then prove here.`,
  closed: () => 'This job is closed. Reopen it to change it.',
  'closed/breaker': () => 'This job is closed. Reopen it to change its breaker.',
  'closed/motor': () => 'This job is closed. Reopen it to change its motor.',
  'done/change': () => 'This line is done: untick it before you change what it is.',
  'done/frees': (part) => `This line took the ${part} out: it keeps its place while that is so.`,
  'done/split': () => 'This line is done: untick it before you split it.',
  'duplicate-lead': (name) => `There is already a lead ${name}. Name them apart, for example ${name}-2.`,
  'forbidden-bypass': (why) => why,
  'not-cured': (material) => `The cure of ${material} still runs: answer this once it is over.`,
  'gas-off': () => 'Gas comes on first: a union that holds no gas shows no bubble.',
  gone: () => 'What this would change is no longer there: it was removed in another window.',
  'hard-stop': () => 'This stop cannot be overridden. Call whom it names, or hand the job over.',
  'no-name': () => 'Name the lead by its colour, for example brown or brown-white.',
  'no-rated-meter': () =>
    'A live mains test needs a meter and leads rated CAT III 600 V. Say so under Household, or decline this test.',
  'mistyped-live': (showed, pair) =>
    `${asVolts(showed)} at ${pair} is not dead either: the stop stands. Hands away, find what feeds it, and open it.`,
  'still-live': (pair, typed) =>
    `${pair} read ${asVolts(typed)}, and nothing was opened since: find what feeds it, open that point, and prove again. If it was mistyped, say so at the reading.`,
  'too-slow': () =>
    'More than half an hour lies between the first check of the tester and this one: begin the proof again, all circuits in one go.',
  'too-short': (label, least) =>
    `${label}: never under ${least} minutes, and longer where the label says so.`,
  'cover-on': (part) =>
    `The proof place lies behind a cover that is not ticked off: ${part}. Take it off, tick it, then read.`,
  'read-instead': () =>
    'What this machine may hold is read, not struck. Where you see no capacitor, read DC volts across the motor’s own leads.',
  'not-a-cover': () =>
    'Only covers come off before the proof: choose which cover of the list it is. Conductors, terminals and boards wait for the proof.',
  'frees-nothing': () =>
    'A look, a mark, a measure or a note takes no part out: say so at the line that does.',
  'not-extra': () => 'Only a fastener can stay off: a wire or a cover goes back.',
  'carries-fuel': () => 'This line carried fuel: its leak test is still asked for, so it cannot be struck.',
  'no-lift': (sign) =>
    `${sign} Before it is taken away, say what lifts it: who put it right, or what was meant instead.`,
  begun: (part) =>
    `Work at the machine has begun: the ${part} is out once the lines that take it out are ticked.`,
  unanswered: (question) =>
    `Answer this first, it decides what is proved: ${question}. Where you cannot tell, look, or ask an electrician.`,
  'gas-stop': () =>
    'With gas in the air no switch, plug or breaker is touched: go out, leave the door open, and call from outside.',
  'undo-stop': (sign) =>
    `${sign} A stop is not taken back by undo: lift it by saying who put it right, or what was meant.`,
  'stale-answer': () =>
    'This was answered before power came back the last time: look again, and answer it anew.',
  'hands-live': (what) =>
    `${what} Hands go to a wheel or a wire only while the machine is proved dead, or the part lies on the bench.`,
  'not-cleared': (how) =>
    `Power stays barred until dead readings clear it. Isolate, prove it dead, then ${how}.`,
  'asks-bypass': (line) =>
    `“${line}” names a part that guards people. Say what was done: taken off, put back, looked at or measured. It is never held or bridged.`,
  'no-reason/lift': () => 'Say who put it right, or that it was entered by mistake.',
  'no-reason/line': () => 'Say in a few words why this line does not apply.',
  'no-reason/override': () => 'Say why the work may go on: the record keeps it.',
  'no-reason/point': () => 'Say in a few words why this machine does not have it.',
  'no-reason/reading': () => 'Say in a few words why it does not count.',
  'no-reason/suspect': () => 'Say in a few words how you know: the record keeps it.',
  'no-reason/switch': () => 'Say which switch, plug or disconnect outside the cabinet is off.',
  'no-roles': () => 'The ohms do not tell yet what each lead is. Read its pairs under Measure.',
  'no-sequence': () => 'This machine starts at once: there is no sequence to watch.',
  'no-supply-point': () =>
    'Name the plug, breaker, fuse or disconnect that parts this machine from its supply.',
  'no-switch': () => 'No switch stands before the proof place of this machine.',
  'not-a-date': () => 'Give the next look as a date: year, month, day.',
  'not-a-door': () => 'A short isolation takes tape off a door switch, and nothing else.',
  'not-a-number/charge': () => 'Type what the meter shows on DC volts: for example 0.3.',
  'not-a-number/supply': () => 'Type what the meter shows, in volts: for example 0.2.',
  'not-a-sound': () => 'Nothing was heard in this recording. Record a few seconds anew.',
  'not-access': () =>
    'Only a cover or grille that is unscrewed, unclipped, lifted off or slid out may come off before the proof.',
  'not-bench': (part) => `“${part}” belongs to the machine and is not on the bench.`,
  'figure-again': (figure) =>
    `Measure it again before this line is back: ${figure}, as it was. Type what it is now, or that it cannot be measured.`,
  'figure-first': (part) =>
    `Type what “${part}” measures first, or say why it is not measured: the way back asks for it.`,
  order: (why) => why,
  'photo-first': (part) =>
    `Take the photo of “${part}” first, or say why there is none: on the way back nothing else shows how it was.`,
  'turn-first': (part) =>
    `Say “${part}” first, or that it cannot be seen: once the wheel is out, nothing tells it.`,
  'not-done': (part) => `“${part}” was not done on the way in: there is nothing to put back.`,
  'not-held': (label) => `Say first how it is held open: ${label}.`,
  'not-isolated/proof': () =>
    'Open every isolation point first; a reading behind a closed one proves nothing.',
  'not-isolated/wait': (label) =>
    `Open every isolation point first: the clock of “${label}” starts with the power off.`,
  'not-live': () => 'The power is off. A live reading is taken before isolating, or during a live test.',
  'not-live/run': () =>
    'The power is off. A start is watched with the power on: before isolating, or during a test.',
  'seen-again': (label) =>
    `It is days since somebody said that it is off: look at it again, and say so. ${label}.`,
  'not-open': (label) => `Open it first, then say how it is held: ${label}.`,
  'not-proven/bench': (what, problem) =>
    `${what} is done on the bench, and its part may still hold a charge: ${problem}.`,
  'not-proven/capacitor': () => 'Prove the supply dead before you touch the capacitor.',
  'not-proven/machine': (what, problem) =>
    `${what} needs hands in the machine, and ${problem}. Go to Make dead first.`,
  'not-ready/closing': (problem) => `Before the job closes: ${problem}`,
  'not-ready/power': (problem) => `Before power returns: ${problem}`,
  'not-removable/done': () =>
    'This line is done: it is undone on the way back, or unticked, and not removed.',
  'not-removable/temporary': () =>
    'A held, bridged or temporary line is not removed: strike it with a reason.',
  'not-yet': (act) =>
    `“${act}” is a look for later: answer it when its time has come. Has it gone wrong already? Then say “not so”.`,
  'not-run': () =>
    'It has not run since it was made dead: power it on for the test first, then say what you see.',
  'not-splittable': (count) =>
    count === 1
      ? 'Of 1 piece nothing can be split off.'
      : `Of ${count} pieces, 1 to ${count - 1} can be split off.`,
  overtaken: () =>
    'Meanwhile power may have come back, or something was changed in another window. Look at the machine, and do this again.',
  'proof-order/short-isolation': (next) => `Next comes: ${next}.`,
  'proof-order/switch-first': () =>
    'Set the switch before this place on first, with the breaker off: past a switch that is off a reading proves nothing.',
  'proof-order/tester-after': () =>
    'First the tester on a known live source, then every pair below the limit, then the tester again.',
  'proof-order/tester-first': () => 'Test the tester on a known live source first.',
  'proof-order/tester-reading': () => 'Test the tester on a known live source before the first reading.',
  'run-over': () => 'This watch is over. Begin a new one.',
  running: () => 'This wait is running and can only be made longer.',
  'set-back': (part) =>
    `The ledger says that the ${part} was set back. Take it out by its line, and tick it.`,
  'stands/change': () =>
    'This is held, bridged or temporary and stands now: undo it first, then change the line.',
  'stands/strike': () => 'This line is done: undo it first, then strike it.',
  'stands/tick': (part) => `“${part}” stands: undo it on the way back, so that the record knows when.`,
  stopped: (sign, call) => `${sign} ${call}`,
  'struck/line': () => 'This line is struck. Put it back first.',
  'struck/point': (label) => `${label} is struck from the plan. Put it back first.`,
  'too-few-ids/landings': () => 'Reload the page and take them again.',
  'too-few-ids/template': () => 'Reload the page and plant the template again.',
  'unknown-way/plant': (way) =>
    `This family has no way in called “${way}”. Reload the page and choose one that it offers.`,
  'too-long': (most) => `Shorten this to ${most} characters.`,
  'too-long/name': () => 'Shorten the name to 40 characters.',
  'too-many-candidates': (most) =>
    `A job keeps at most ${most} parts beside the old one. Take one away first.`,
  'too-many-leads': () => 'Ten leads are the most that can be mapped.',
  'too-old/behind': () =>
    'The clock of the computer that keeps this record stands before its last entry. Set the clock right, or wait until it has passed that time; then do this again.',
  'too-old/clock': () => 'The clock of this device went back. Look at the machine, and do this again.',
  'too-old/late': () =>
    'This was done more than three minutes ago and has not been stored. Look at the machine, and do it again.',
  'unknown-act/kind': (kind) => `There is no act ${kind}.`,
  'unknown-check': () => 'This machine has no such check. Reload the page.',
  'unknown-event': () => 'This sequence has no such event. Reload the page.',
  'unknown-feed': () => 'This housing has fewer circuits. Count them again.',
  'unknown-field/machine': (field) => `A machine has no field ${field}.`,
  'unknown-field/plan': () => 'The plan asks no such question.',
  'unknown-pair': () => 'This pair is not part of the proof any more. Reload the page.',
  'unknown-photo': () => 'This photo was not stored. Take it again.',
  'unknown-row/lead': () => 'This lead is no longer there. Reload the page.',
  'unknown-row/line': () => 'This line is no longer there. Reload the page.',
  'unknown-row/reading': () => 'This reading is no longer there. Reload the page.',
  'unknown-row/stop': () => 'This stop is no longer there. Reload the page.',
  'unknown-value/answer': () => 'Take one of the answers that are offered.',
  'unknown-value/finding': (label, value) => `“${label}” has no answer “${value}”. Take one that is offered.`,
  'unknown-value/line': () => 'This line has a value that a line cannot have. Take one that is offered.',
  'unknown-value/motor-kind': () => 'There is no such kind of motor. Take one that is offered.',
  'unknown-value/suspect': () => 'A suspect is set or struck.',
  void: (reason) => `This proof is void, because ${reason}. Begin a new one.`,
  'wrong-phase': (from, to) => `The job cannot go from ${from} to ${to}.`,
  'wrong-phase/short-isolation': () =>
    'A short isolation follows the watched start. With the power off, undo it on the way back.',
  'wrong-phase/test': () => 'Go back to work first: the power may be on for a test.',
}

/**
 * What an act of a job is refused with: the code, its parameters, and the sentence that says what to do.
 *
 * @example refusal('not-splittable', 3).message // 'Of 3 pieces, 1 to 2 can be split off.'
 */
export function refusal<Key extends RefusalKey>(key: Key, ...params: Refusals[Key]): CoreError {
  const [code = key] = key.split('/')
  return new CoreError(code, words[key](...params), '', { key, params })
}
