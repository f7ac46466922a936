'use client'

import { fieldText } from '@/core/job'
import { orderOf, orderPart, waitText } from '@/core/job/parts/orders'
import { stopGaps } from '@/core/knowledge/stopGaps'
import { dayIn } from '@/core/units/days'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { ownZone } from '../../kit/time'

/** The chosen part bought or on its way: from whom, for what, until when, and what the house does meanwhile. */
export function OrderBlock({ part }: { part: 'motor' | 'capacitor' }) {
  const { snapshot, act, id, now } = useJob()
  if (!fieldText(snapshot, 'choice', part)) return null
  const text = (field: string) => fieldText(snapshot, orderPart(part), field)
  const set = (field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part: orderPart(part), field, typed })
  const order = orderOf(snapshot, part)
  const today = dayIn(now, ownZone())
  const [gap] = stopGaps[snapshot.machine.family]
  return (
    <Section
      title={order?.arrivedOn ? `The ${part} has come` : `Buy the ${part}`}
      aside={order && !order.arrivedOn ? `This job ${waitText(order, today)}.` : 'the bench shows what waits'}
    >
      <div className="grid grid-cols-2 gap-3 mid:grid-cols-4">
        <TextField
          label="From whom"
          value={text('from')}
          placeholder="the counter in town"
          onType={set('from')}
        />
        <TextField
          label="What it cost"
          value={text('price')}
          placeholder="84.50"
          mono
          onType={set('price')}
        />
        <DayField label="Ordered or bought on" value={text('orderedOn')} onType={set('orderedOn')} />
        <DayField label="Due on" value={text('due')} onType={set('due')} />
      </div>
      <TextField
        className="mt-3"
        label="What the house does meanwhile"
        value={text('meanwhile')}
        placeholder={gap ?? ''}
        onType={set('meanwhile')}
      />
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {order === null ? (
          <button type="button" className="btn" onClick={() => set('orderedOn')(today)}>
            Ordered today
          </button>
        ) : order.arrivedOn === '' ? (
          <button type="button" className="btn btn-main" onClick={() => set('arrivedOn')(today)}>
            It has come
          </button>
        ) : (
          <>
            <a className="btn btn-main" href={`/jobs/${snapshot.job.id}/measure#new-part`}>
              Measure it before it goes in
            </a>
            <button type="button" className="btn" onClick={() => set('arrivedOn')('')}>
              It has not come
            </button>
          </>
        )}
        <a className="btn" href={`/jobs/${snapshot.job.id}/shop-card`}>
          Card for the counter
        </a>
      </div>
    </Section>
  )
}

function DayField({
  label,
  value,
  onType,
}: {
  label: string
  value: string
  onType: (typed: string) => void
}) {
  return (
    <label className="block">
      <span className="caption block">{label}</span>
      <input
        type="date"
        className="field num"
        value={value}
        onChange={(event) => onType(event.target.value)}
      />
    </label>
  )
}
