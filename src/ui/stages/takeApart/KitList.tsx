'use client'

import { type KitItem, kitOf } from '@/core/job/ledger/kit'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'

const heads: Record<KitItem['kind'], string> = {
  tool: 'Tools',
  'used-up': 'Used up',
  protection: 'Protection',
}

/** What to have at hand, ticked before the first act; what is missing goes on the card for the counter. */
export function KitList() {
  const { snapshot } = useJob()
  const kit = kitOf(snapshot)
  const here = kit.filter(({ state }) => state === 'here').length
  const missing = kit.filter(({ state }) => state === 'missing').length
  return (
    <Section
      title="To have at hand"
      aside={`${here} of ${kit.length} here${missing > 0 ? `, ${missing} on the card for the counter` : ''}`}
    >
      <details>
        <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
          The kit list
        </summary>
        <div className="grid gap-x-8 gap-y-3 mid:grid-cols-2">
          {(Object.keys(heads) as KitItem['kind'][]).map((kind) => {
            const items = kit.filter((item) => item.kind === kind)
            return items.length === 0 ? null : (
              <div key={kind}>
                <h3 className="font-bold">{heads[kind]}</h3>
                <ul>
                  {items.map((item) => (
                    <Item key={item.name} item={item} />
                  ))}
                </ul>
              </div>
            )
          })}
        </div>
      </details>
    </Section>
  )
}

function Item({ item }: { item: KitItem }) {
  const { act, id } = useJob()
  const set = (state: KitItem['state']) =>
    act({
      kind: 'field.set',
      id: id(),
      part: 'kit',
      field: item.name,
      typed: item.state === state ? '' : state,
    })
  return (
    <li className="flex items-center gap-2 border-line border-b py-1">
      <span className="min-w-0 flex-1 leading-snug">
        {item.name}
        {item.standIn && item.state === 'missing' ? (
          <span className="caption block">{`Instead: ${item.standIn}.`}</span>
        ) : null}
      </span>
      <button
        type="button"
        className="chip min-h-11"
        aria-pressed={item.state === 'here'}
        aria-label={`${item.name} is here`}
        onClick={() => set('here')}
      >
        here
      </button>
      <button
        type="button"
        className="chip min-h-11"
        aria-pressed={item.state === 'missing'}
        aria-label={`${item.name} is missing`}
        onClick={() => set('missing')}
      >
        missing
      </button>
    </li>
  )
}
