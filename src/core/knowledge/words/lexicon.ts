import { dangerIdioms } from './dangerIdioms'
import { dangerClasses } from './dangerRules'
import { doingClasses } from './doings'
import { lookedAtClasses } from './figures'
import { glueClasses } from './glue'
import { idiomClasses } from './idioms'
import { signClasses } from './signs'
import { thingClasses } from './things'

/** All classes of words; see `core/words/reader/classes.ts` for how they are written. A class may stand in several files. */
export const classes: Record<string, string> = merged(
  glueClasses,
  thingClasses,
  doingClasses,
  signClasses,
  dangerClasses,
  idiomClasses,
  lookedAtClasses,
  dangerIdioms,
)

/** The names that patterns may use. */
export const classNames = new Set(Object.keys(classes))

function merged(...files: Record<string, string>[]): Record<string, string> {
  const all: Record<string, string> = {}
  for (const file of files)
    for (const [name, phrases] of Object.entries(file))
      all[name] = all[name] ? `${all[name]}, ${phrases}` : phrases
  return all
}

/** Classes whose phrases are one thing: what lies within them says nothing by itself, as the smoke in a smoke detector. */
export const solidClasses: string[] = [
  ...Object.keys(thingClasses).filter((name) => name !== 'supply' && name !== 'motorplace'),
  ...'idiom smokerang notonly fine maybe coalarm nosmokeword igniterword exhaustgas bladeword icemaker notrented samecircuit hot warm stonecold coasts stopsquick slow alarmword resetbutton pricetag waterline arrowask reversing nofault boardlight another'.split(
    ' ',
  ),
]
