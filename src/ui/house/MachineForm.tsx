'use client'

import { foundHow } from '@/core/house/found'
import type { MachineRow } from '@/core/job/rows'
import { familyIds, familyLabel, motorKindIds, vocabulary } from '@/core/knowledge/vocabulary'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { SelectField, TextField } from '../kit/TextField'
import { useHouse } from './HouseWork'
import { PlateInto } from './PlateInto'
import { useFields } from './useFields'

interface MachineFormProps {
  /** The machine that is described anew; null for one that is added. */
  machine: MachineRow | null
  circuitFound: string
  dayWithout: string
  /** Breakers of the panel by name. */
  breakers: string[]
  /** Places that other machines have. */
  places: string[]
  /** Its jobs hold it to its kind. */
  hasJobs: boolean
  onDone: (id: string) => void
}

const startOf = (machine: MachineRow | null, circuitFound: string, dayWithout: string) => ({
  family: machine?.family ?? '',
  name: machine?.name ?? '',
  place: machine?.place ?? '',
  motorKind: machine?.motorKind ?? '',
  manufacturer: machine?.manufacturer ?? '',
  modelNumber: machine?.modelNumber ?? '',
  serialNumber: machine?.serialNumber ?? '',
  installedYear: machine?.installedYear ?? '',
  circuit: machine?.circuit ?? '',
  circuitFound,
  nextLook: machine?.nextLook ?? '',
  dayWithout,
  note: machine?.note ?? '',
  picture: '',
})

/** What is known of a machine, as one form: all but the kind may stay empty. */
export function MachineForm({
  machine,
  circuitFound,
  dayWithout,
  hasJobs,
  onDone,
  ...known
}: MachineFormProps) {
  const { act, busy } = useHouse()
  const form = useFields(startOf(machine, circuitFound, dayWithout))
  const { fields, set } = form
  const send = async () => {
    const { circuitFound: found, picture, ...rest } = fields
    const told = { ...rest, ...(found ? { circuitFound: found } : {}), ...(picture ? { picture } : {}) }
    const answer = await act(
      machine ? { kind: 'machine.change', id: machine.id, ...told } : { kind: 'machine.add', ...told },
    )
    if (answer) onDone(machine?.id ?? answer.made.find(({ table }) => table === 'machine')?.id ?? '')
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <PlateInto
        onRead={(read) => {
          for (const name of ['manufacturer', 'modelNumber', 'serialNumber', 'picture'] as const)
            if (read[name]) set(name)(read[name])
        }}
      />
      <div className="grid gap-x-4 gap-y-3 mid:grid-cols-3">
        <WhichOne form={form} places={known.places} hasJobs={hasJobs} />
        <FromItsPlate form={form} />
        <InTheHouse form={form} breakers={known.breakers} />
      </div>
      <button type="submit" className="btn btn-main mt-3" disabled={busy || fields.family === ''}>
        {machine ? 'Keep this' : 'Add this machine'}
      </button>
    </form>
  )
}

interface Part {
  form: ReturnType<typeof useFields<keyof ReturnType<typeof startOf>>>
}

function WhichOne({ form: { fields, set }, places, hasJobs }: Part & { places: string[]; hasJobs: boolean }) {
  return (
    <>
      <SelectField
        label="What kind of machine"
        value={fields.family}
        empty="Choose"
        disabled={hasJobs}
        options={familyIds.map((id) => ({ value: id, label: familyLabel(id) }))}
        onChoose={set('family')}
      />
      <TextField label="What you call it" value={fields.name} onType={set('name')} placeholder="Hall fan" />
      <TextField label="Where it is" value={fields.place} onType={set('place')} list={places} />
    </>
  )
}

function FromItsPlate({ form: { fields, set } }: Part) {
  return (
    <>
      <TextField label="Maker, from its plate" value={fields.manufacturer} onType={set('manufacturer')} />
      <TextField label="Model number" value={fields.modelNumber} onType={set('modelNumber')} mono />
      <TextField label="Serial number" value={fields.serialNumber} onType={set('serialNumber')} mono />
      <SelectField
        label="Kind of motor"
        value={fields.motorKind}
        empty="Not sure"
        options={motorKindIds.map((id) => ({ value: id, label: vocabulary.motorKinds[id] }))}
        onChoose={set('motorKind')}
      />
      <TextField label="Fitted in the year" value={fields.installedYear} onType={set('installedYear')} />
    </>
  )
}

function InTheHouse({ form: { fields, set }, breakers }: Part & { breakers: string[] }) {
  return (
    <>
      <TextField
        label="Breaker, as written at the panel"
        value={fields.circuit}
        onType={set('circuit')}
        list={breakers}
        placeholder="14"
      />
      <SelectField
        label="How you know its breaker"
        value={fields.circuitFound}
        empty="Nobody said"
        options={foundHow.map((how) => ({ value: how, label: say({ key: `found.${how}` }, house) }))}
        onChoose={set('circuitFound')}
      />
      <TextField
        label="Look at it again on (2027-05-01)"
        value={fields.nextLook}
        onType={set('nextLook')}
        mono
      />
      <TextField
        label="A day without it costs about"
        value={fields.dayWithout}
        onType={set('dayWithout')}
        hint="Heat, food, a night in a hotel: a guess helps to say which spares are worth having."
      />
      <TextField className="mid:col-span-3" label="Note" value={fields.note} onType={set('note')} lines={2} />
    </>
  )
}
