'use client'

import type { PanelProps } from './types'

const WORDS = {
  live: { title: 'Live', text: 'It is on. No hand goes in.' },
  off: { title: 'Off, not proved', text: 'Something is off. Nobody has read yet that it is dead.' },
  proven: {
    title: 'Proved dead',
    text: 'Off and held, the meter tried, each pair read, the meter tried again.',
  },
} as const

/** The points of the machine, what asks it to run, and how far its proof has come. */
export function PowerPanel({ round, busy, act }: PanelProps) {
  const { view, names } = round
  const { title, text } = WORDS[view.power]
  return (
    <section
      aria-label="Power"
      className="border-ink border-t pt-3"
      data-testid="power"
      data-power={view.power}
    >
      <div
        className={`p-2 ${view.power === 'live' ? 'hatch' : view.power === 'proven' ? 'border-2 border-ink' : 'border border-ink'}`}
      >
        <h2 className="inline bg-surface px-1 text-[1.1rem] uppercase">{title}</h2>
        <p className="caption mt-1 w-fit bg-surface px-1">{text}</p>
      </div>
      <ul className="mt-2">
        {view.points.map(({ id, on, held, tripped }) => (
          <li key={id} className="flex flex-wrap items-center gap-2 border-line border-b py-1">
            <span className="min-w-[110px] flex-1">
              {names.points[id]}{' '}
              <span className="caption">
                {tripped ? 'tripped' : on ? 'on' : held ? 'off and held' : 'off'}
              </span>
            </span>
            <button
              type="button"
              className="chip"
              disabled={busy}
              onClick={() => act({ act: 'point', id, to: on || tripped ? 'off' : 'on' })}
            >
              {on || tripped ? 'Turn off' : 'Turn on'}
            </button>
            {tripped ? (
              <button
                type="button"
                className="chip"
                disabled={busy}
                onClick={() => act({ act: 'point', id, to: 'on' })}
              >
                Set again
              </button>
            ) : null}
            {on || held ? null : (
              <button type="button" className="chip" disabled={busy} onClick={() => act({ act: 'held', id })}>
                Hold it off
              </button>
            )}
          </li>
        ))}
        {view.hasCall ? (
          <li className="flex flex-wrap items-center gap-2 border-line border-b py-1">
            <span className="min-w-[110px] flex-1">
              Asked to run <span className="caption">{view.called ? 'yes' : 'no'}</span>
            </span>
            <button
              type="button"
              className="chip"
              disabled={busy}
              onClick={() => act({ act: 'call', on: !view.called })}
            >
              {view.called ? 'Let it rest' : 'Ask it'}
            </button>
            {view.speeds.map((speed) => (
              <button
                key={speed}
                type="button"
                className="chip"
                disabled={busy}
                aria-pressed={view.called && view.speed === speed}
                onClick={() => act({ act: 'call', on: true, speed })}
              >
                {speed}
              </button>
            ))}
          </li>
        ) : null}
      </ul>
      <Proof round={round} busy={busy} act={act} />
    </section>
  )
}

/** The proof in its order, with what is read so far; each line takes its own reading. */
function Proof({ round, busy, act }: PanelProps) {
  const { proof, capacitors } = round.view
  const battery = round.view.direct
  const range = battery ? 'volts-dc' : 'low-z'
  const name = (id: string) => round.names.probes[id] ?? id
  const known = {
    act: 'meter',
    range: battery ? 'volts-dc' : 'volts-ac',
    red: 'known-1',
    black: 'known-2',
  } as const
  const done = [proof.heldAll, proof.before, ...proof.pairs.map(({ read }) => read), proof.after].filter(
    Boolean,
  ).length
  return (
    <details className="mt-2" data-testid="proof" open>
      <summary className="flex min-h-11 cursor-pointer items-center font-bold">
        Prove it dead: {done} of {3 + proof.pairs.length}
      </summary>
      <ol className="text-[0.93rem]">
        <Step done={proof.heldAll} text="Each switch and plug of the line off and held" />
        <Step
          done={proof.before}
          text="The meter on a source that is live: it shows the volts"
          busy={busy}
          read={() => act(known)}
        />
        {proof.pairs.map(({ a, b, read }) => (
          <Step
            key={`${a}${b}`}
            done={read}
            text={`${name(a)} to ${name(b)}`}
            busy={busy}
            read={() => act({ act: 'meter', range, red: a, black: b })}
          />
        ))}
        <Step
          done={proof.after}
          text="The meter on the live source once more"
          busy={busy}
          read={() => act(known)}
        />
        {capacitors.map(({ id, a, b, read }) => (
          <Step
            key={id}
            done={read}
            text={`Charge: ${name(a)} to ${name(b)}`}
            busy={busy}
            read={() => act({ act: 'meter', range: 'volts-dc', red: a, black: b })}
          />
        ))}
      </ol>
    </details>
  )
}

function Step({
  done,
  text,
  busy,
  read,
}: {
  done: boolean
  text: string
  busy?: boolean
  read?: () => void
}) {
  return (
    <li className="flex items-center gap-2 border-line border-b py-1">
      <span aria-hidden="true" className="num w-5 text-center">
        {done ? '✓' : '·'}
      </span>
      <span className="flex-1">
        {text}
        <span className="sr-only">{done ? ', done' : ', open'}</span>
      </span>
      {read ? (
        <button type="button" className="chip" disabled={busy} onClick={read} aria-label={`Read: ${text}`}>
          Read
        </button>
      ) : null}
    </li>
  )
}
