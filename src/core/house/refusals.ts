import { CoreError } from '../errors'

/** What each refusal of the household has to be told, by its key: the code before the slash, the case behind it. */
interface Refusals {
  'unknown-machine': []
  'unknown-row': []
  'no-name': []
  'not-a-day': [field: string]
  'not-a-number': [message: string]
  'same-machine': [title: string]
  'open-job/change': [title: string]
  'open-job/retire': [title: string]
  'open-job/merge': [title: string]
  'open-job/breaker': [title: string]
  'has-jobs': []
  'merge/itself': []
  'merge/kind': []
  'merge/motor': []
  'same-breaker': [name: string]
  'hangs-on-it': [title: string]
  'round-open': []
  'round-over': []
  'round-empty': []
  'inside-first': []
  'none-left': []
  'until-past': []
  'future-day': [field: string]
  'before-since': []
}

const words: { [Key in keyof Refusals]: (...params: Refusals[Key]) => string } = {
  'unknown-machine': () => 'There is no such machine. It may have been deleted; look under Household.',
  'unknown-row': () => 'This is no longer there. Load the page again.',
  'no-name': () => 'Type a name first.',
  'not-a-day': (field) => `${field}: type the day as 2026-05-31, or leave it empty.`,
  'not-a-number': (message) => message,
  'same-machine': (title) =>
    `There is a “${title}” of this kind already. Open that one, or give this one another name or place.`,
  'open-job/change': (title) =>
    `A job is open at ${title}, and its plan rests on the breaker and the kind of motor. Change them in the job, under Make dead and Notice.`,
  'open-job/retire': (title) => `A job is open at ${title}. Close it first, under Prove, with how it ended.`,
  'open-job/merge': (title) =>
    `A job is open at ${title}: what is proved dead belongs to one machine. Close the job first.`,
  'open-job/breaker': (title) =>
    `A job is open at ${title}, which hangs on this breaker. Rename it when that job is closed.`,
  'has-jobs': () =>
    'This machine has jobs of its kind. Add a machine of the other kind, and retire this one.',
  'merge/itself': () => 'Choose another machine: this is the same one.',
  'merge/kind': () => 'These two are of different kinds. Only two of one kind can be one machine.',
  'merge/motor': () =>
    'Their motors are of different kinds. Put the kind right at one of them first, if it is one machine.',
  'same-breaker': (name) => `There is a breaker “${name}” already. Add what hangs on it there.`,
  'hangs-on-it': (title) => `${title} hangs on this breaker. Put it on another one first.`,
  'round-open': () => 'A round is under way. End it first, or go on with it.',
  'round-over': () => 'This round has ended. Begin a new one.',
  'round-empty': () => 'Choose at least one thing to do on this round.',
  'inside-first': () =>
    'This is done inside the machine. Open its job and make it dead first; it counts here when that job is closed. If somebody of a trade did it, say who in the note.',
  'none-left': () => 'None of it lies on the shelf. Put the count right first.',
  'until-past': () => 'Choose a day that is still to come: until then the address opens.',
  'future-day': (field) => `${field}: this day has not come yet.`,
  'before-since': () => 'It cannot have come out before it went in. Put one of the two days right.',
}

export type HouseRefusalKey = keyof Refusals

/** A refusal with its sentence. */
export function houseRefusal<Key extends HouseRefusalKey>(key: Key, ...params: Refusals[Key]): CoreError {
  const [code = key] = key.split('/')
  return new CoreError(code, words[key](...params), '', { key, params })
}
