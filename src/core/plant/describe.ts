import { partsOf } from '../knowledge/plants/parts'
import type { IsolationPointId } from '../knowledge/vocabulary'
import type { Message } from '../message'
import type { Drawn } from './draw'
import { type Story, storyOf } from './story'
import { movedTo } from './traits'

/** What a person can know of the machine from its outside and its drawing: nothing of what is wrong with it. */
export interface MachineSheet {
  family: string
  motorKind: string
  plate: Record<string, unknown>
  capacitorLabel?: string
  story: Story
  covers: { id: string; says: Message; after?: string }[]
  points: { id: IsolationPointId; says: Message }[]
  speeds?: string[]
  probes: { id: string; says: Message; behind: string | null }[]
  wires: { id: string; from: string; to: string; colour: string }[]
}

/** The sheet of a drawn machine. A capacitor of other figures has its own label; a wire that was moved is drawn as it sits. */
export function sheetOf(drawn: Drawn): MachineSheet {
  const { build, traits } = drawn.machine
  const label = labelOf(drawn)
  return {
    family: build.family,
    motorKind: build.kind,
    plate: build.plate,
    ...(label ? { capacitorLabel: label } : {}),
    story: storyOf(drawn),
    covers: build.covers.map(({ id, after }) => ({
      id,
      says: { key: `cover.${id}` },
      ...(after ? { after } : {}),
    })),
    points: build.points.map(({ id }) => ({ id, says: { key: `point.${id}` } })),
    ...(build.speeds && build.speeds.length > 0 ? { speeds: build.speeds } : {}),
    probes: build.terminals.map(({ id, behind }) => ({ id, says: { key: `probe.${id}` }, behind })),
    wires: build.wires.map(({ id, from, to, colour }) => ({
      id,
      from: movedTo(traits, id, 'from') ?? from,
      to: movedTo(traits, id, 'to') ?? to,
      colour,
    })),
  }
}

function labelOf({ machine: { build, traits } }: Drawn): string | undefined {
  const [other] = Object.entries(traits.labelUf)
  if (!other || !build.capacitorLabel) return build.capacitorLabel
  const [id, uF] = other
  const own = partsOf(build, 'capacitor').find((part) => part.id === id)
  // The figure that is printed on what somebody put in.
  return own ? build.capacitorLabel.replace(String(own.uF), String(uF)) : build.capacitorLabel
}
