'use client'

import { OTHER_KIND, otherAskedOf, otherFields, otherPartOf } from '@/core/fit/otherAsked'
import { fieldText } from '@/core/job'
import { type OtherPart, otherPartIds, otherParts } from '@/core/knowledge/otherParts'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'

/** A contactor, a switch, a module, a belt, a wheel, a gasket: its figures, what must agree, and what to ask for. */
export function OtherMatch() {
  const { snapshot, diagnosis, act, id } = useJob()
  const chosen = otherPartOf(snapshot, snapshot.decisions[0]?.action ?? diagnosis.decided?.action)
  const set = (part: string, field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part, field, typed })
  const part: OtherPart | null = chosen && otherParts[chosen]
  return (
    <>
      <Section part="old" title="The old part" aside="read off it, or measured; leave what you cannot read">
        <SelectField
          label="Which part"
          value={chosen ?? ''}
          empty="choose"
          options={otherPartIds.map((value) => ({ value, label: otherParts[value].label }))}
          onChoose={set(OTHER_KIND.part, OTHER_KIND.field)}
          className="max-w-sm"
        />
        {chosen && part ? (
          <div className="mt-3 grid gap-x-4 gap-y-3 mid:grid-cols-2">
            {part.fields.map(({ field, label, placeholder, where }) => (
              <TextField
                key={field}
                label={label}
                value={fieldText(snapshot, otherFields(chosen), field)}
                placeholder={placeholder}
                hint={where}
                mono
                onType={set(otherFields(chosen), field)}
              />
            ))}
          </div>
        ) : null}
      </Section>
      {chosen && part ? (
        <Section part="beside" title="What to ask a seller for" aside="what is read must agree">
          <Asked id={chosen} />
          <p className="mt-3 max-w-[75ch] border-ink border-l-2 pl-3">
            <b>Mind:</b> {part.mind}
          </p>
          <div className="mt-4 grid items-end gap-3 mid:grid-cols-[minmax(0,1fr)_auto]">
            <TextField
              label="What goes in: number and maker, as it lies before you"
              value={fieldText(snapshot, 'choice', 'other')}
              placeholder="held against every line above"
              onType={set('choice', 'other')}
            />
            <a className="btn" href={`/jobs/${snapshot.job.id}/shop-card`}>
              Card for the counter
            </a>
          </div>
        </Section>
      ) : null}
    </>
  )
}

function Asked({ id }: { id: NonNullable<ReturnType<typeof otherPartOf>> }) {
  const { snapshot } = useJob()
  const { say, unknown } = otherAskedOf(snapshot, id)
  return (
    <>
      {say ? (
        <p className="max-w-[75ch] border-teal border-l-4 pl-3 font-semibold" data-testid="ask-say">
          {say}
        </p>
      ) : (
        <p>Nothing of it is typed yet.</p>
      )}
      {unknown.length > 0 ? (
        <>
          <h4 className="caption mt-3 font-bold">Read first</h4>
          <ul className="list-disc pl-5 text-sm">
            {unknown.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      ) : null}
    </>
  )
}
