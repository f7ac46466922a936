'use client'

import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { useState } from 'react'
import { benchParts, type LedgerRow, onBench, reachOfLine } from '@/core/job'
import { actionWords } from '@/core/job/ledger/actWords'
import { withUnit } from '@/core/job/ledger/figureWords'
import { openOf } from '@/core/job/ledger/ledgerFigures'
import { movesOver } from '@/core/job/ledger/refitOf'
import { isTemporary } from '@/core/job/ledger/temporary'
import { coverIds, covers } from '@/core/knowledge/covers'
import { mayCarryFuel } from '@/core/knowledge/machineWords'
import { irreversible } from '@/core/refit'
import { lineActions } from '@/core/refit/types'
import { typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { useRowClass } from '../../kit/focus'
import { Grip } from '../../kit/Grip'
import { SelectField, TextField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { TickKey } from '../../kit/TickKey'
import { LinePhotos } from '../../photos/LinePhotos'
import { usePhotos } from '../../photos/PhotoSender'
import { Strike } from '../makeDead/Strike'
import { LineAsks } from './LineAsks'
import { LineTools } from './LineTools'
import { useTickLine } from './useTickLine'

/** One act: tick it, drag it, open it to change it. */
export function LedgerLine({ line, number, current }: { line: LedgerRow; number: number; current: boolean }) {
  const { snapshot, act, gate, when, now } = useJob()
  const [open, setOpen] = useState(false)
  const classOf = useRowClass()
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: line.id,
  })
  const problem = gate(reachOfLine(snapshot, line))
  const done = line.doneAt !== null
  const hasPhoto = snapshot.photos.some((photo) => photo.lineId === line.id)
  const caution = line.caution || irreversible[line.action]
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`border-line border-b bg-surface ${classOf(line.id)} ${isDragging ? 'relative z-10 shadow-lg' : ''} ${current ? 'border-l-4 border-l-[var(--copper-fill)] pl-1' : ''}`}
    >
      <div className="flex items-center gap-1">
        <TickWithKey line={line} problem={problem} current={current} />
        <button
          type="button"
          className="min-w-0 flex-1 py-1.5 text-left leading-tight"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <span className={done ? 'text-soft' : ''}>
            <span className="num mr-1 text-soft text-sm">{number}</span>
            {actionWords(line.action)} <b className="font-semibold">{line.part || '…'}</b>
            {line.terminal ? ` from ${line.terminal}` : ''}
          </span>
          <span className="caption block">
            {[
              line.count || line.fastener ? `${line.count ?? 1} × ${line.fastener || 'piece'}` : '',
              line.cup ? `cup ${line.cup}` : '',
              line.figure ? withUnit(line.figure, snapshot.household.inches === 1) : '',
              line.mark,
              line.without ? `none: ${line.without}` : '',
              line.ofPart ? `tells the place of ${line.ofPart}` : '',
              movesOver(line, snapshot) ? 'moves to the new part' : '',
              line.renewMaterial ? `renew ${line.renewMaterial}` : '',
              line.benchOf
                ? onBench(snapshot, line)
                  ? 'on the bench'
                  : `on the bench, once the ${line.benchOf} is out`
                : '',
              line.access === 'before-proof' ? 'comes off before it is proved dead' : '',
              line.access === 'before-discharge' ? 'comes off before the capacitor is emptied' : '',
              line.frees ? `takes the ${line.frees} out` : '',
              done
                ? `done ${when(line.doneAt, now)}${line.doneCover === 'none' ? ', without a standing proof' : ''}`
                : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </span>
          {!done && caution ? <span className="block text-sm text-stop">{caution}</span> : null}
        </button>
        <Grip label={`Move line ${number}: ${line.part}`} {...attributes} {...listeners} />
      </div>
      {(current || open) && !done ? (
        <div className="pl-12">
          <LineAsks line={line} />
        </div>
      ) : null}
      {open || current || hasPhoto ? (
        <div className="pl-12">
          <LinePhotos lineId={line.id} way="in" about={line.part || 'this line'} keyed={current} />
        </div>
      ) : null}
      {open ? <Edit line={line} onRemove={() => act({ kind: 'ledger.remove', id: line.id })} /> : null}
    </li>
  )
}

function TickWithKey({
  line,
  problem,
  current,
}: {
  line: LedgerRow
  problem: string | null
  current: boolean
}) {
  const { snapshot } = useJob()
  const tickLine = useTickLine()
  const { waits } = usePhotos()
  const done = line.doneAt !== null
  const tick = (on: boolean) => tickLine(line, on)
  const lacks = openOf(snapshot, line) !== null && !waits(line.id)
  return (
    <>
      <Tick
        label={`${actionWords(line.action)} ${line.part}`}
        on={done}
        disabled={problem !== null && !done}
        title={problem ? `First: ${problem}` : undefined}
        onChange={tick}
      />
      {current && problem === null && !lacks ? <TickKey onPress={() => tick(true)} /> : null}
    </>
  )
}

/** Acts whose way back sets a part into its place. */
const seats = ['lift-off', 'slide-out', 'unclip', 'pull-hose', 'loosen', 'unscrew']
const parts = benchParts.map((part) => ({ value: part, label: `the ${part}` }))

function Edit({ line, onRemove }: { line: LedgerRow; onRemove: () => void }) {
  const { snapshot, act } = useJob()
  const change = (part: Partial<LedgerRow>) => act({ kind: 'ledger.edit', id: line.id, change: part })
  const flag = (key: 'movesToNewPart' | 'temporary' | 'extra', label: string) => (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 accent-[var(--teal)]"
        checked={line[key] === 1}
        onChange={(event) => change({ [key]: event.target.checked ? 1 : 0 })}
      />
      {label}
    </label>
  )
  return (
    <>
      <LineTools line={line} />
      <div className="grid grid-cols-2 gap-3 pb-3 pl-12 mid:grid-cols-4">
        <SelectField
          label="Act"
          value={line.action}
          options={lineActions.map((value) => ({ value, label: value.replaceAll('-', ' ') }))}
          onChoose={(action) => change({ action: action as LedgerRow['action'] })}
        />
        <TextField label="Part" value={line.part} onType={(part) => change({ part })} />
        <TextField
          label="How many"
          value={line.count === null ? '' : String(line.count)}
          onType={(text) => change({ count: typedValue(text, 'count') })}
        />
        <TextField
          label="Fastener"
          value={line.fastener}
          placeholder="1/4 hex"
          onType={(fastener) => change({ fastener })}
        />
        <TextField label="Cup" value={line.cup} placeholder="A" onType={(cup) => change({ cup })} />
        <TextField
          label="Terminal"
          value={line.terminal}
          placeholder="COOL"
          onType={(terminal) => change({ terminal })}
        />
        <TextField
          label="Mark"
          value={line.mark}
          placeholder="notch up"
          onType={(mark) => change({ mark })}
        />
        {line.action === 'measure' || line.action === 'mark' ? (
          <SelectField
            label="It tells the place of"
            value={line.ofPart ?? ''}
            empty="the next part that comes off"
            options={[
              ...new Set(
                snapshot.ledger
                  .filter((row) => seats.includes(row.action) && !row.struckAt)
                  .map(({ part }) => part),
              ),
            ].map((part) => ({ value: part, label: part }))}
            onChoose={(ofPart) => change({ ofPart })}
          />
        ) : null}
        <TextField
          label="Renew with"
          value={line.renewMaterial}
          placeholder="gasket"
          onType={(renewMaterial) => change({ renewMaterial })}
        />
        {line.action === 'bypass' ? (
          <SelectField
            label="Which switch does it hold"
            value={line.switchKind ?? 'other'}
            options={[
              { value: 'other', label: 'not said yet' },
              { value: 'door', label: 'door switch' },
              { value: 'call', label: 'a call, between 24 V thermostat terminals' },
            ]}
            onChoose={(kind) => change({ switchKind: kind as LedgerRow['switchKind'] })}
          />
        ) : (
          <>
            <SelectField
              label="When may it come off"
              value={line.access}
              options={[
                { value: '', label: 'proved, discharged, waited' },
                { value: 'before-proof', label: 'a cover before the proof: off, touch nothing, prove' },
                { value: 'before-discharge', label: 'a cover before the discharge' },
              ]}
              onChoose={(access) =>
                change({ access: access as LedgerRow['access'], cover: access === '' ? null : 'panel' })
              }
            />
            {line.access !== '' && line.cover !== 'planned' ? (
              <SelectField
                label="Which cover it is"
                value={line.cover ?? ''}
                options={coverIds
                  .filter((each) => each !== 'planned')
                  .map((each) => ({ value: each, label: covers[each] }))}
                onChoose={(cover) => change({ cover: cover as LedgerRow['cover'] })}
              />
            ) : null}
            {mayCarryFuel.test(line.part.toLowerCase()) ? (
              <SelectField
                label="What does it carry?"
                value={line.carries ?? ''}
                options={[
                  { value: '', label: 'not said: counts as fuel' },
                  { value: 'fuel', label: 'gas or other fuel' },
                  { value: 'refrigerant', label: 'refrigerant' },
                  { value: 'water-or-air', label: 'water, air or flue gas' },
                  { value: 'nothing', label: 'nothing' },
                ]}
                onChoose={(carries) => change({ carries: (carries || null) as LedgerRow['carries'] })}
              />
            ) : null}
            <SelectField
              label="It takes out"
              value={line.frees}
              options={[{ value: '', label: 'nothing' }, ...parts]}
              onChoose={(frees) => change({ frees: frees as LedgerRow['frees'] })}
            />
            <SelectField
              label="Done on the bench, at"
              value={line.benchOf}
              options={[{ value: '', label: 'no, on the machine' }, ...parts]}
              onChoose={(benchOf) => change({ benchOf: benchOf as LedgerRow['benchOf'] })}
            />
          </>
        )}
        <div className="col-span-2 flex flex-wrap gap-x-5 mid:col-span-4">
          {flag('movesToNewPart', 'moves to the new part')}
          {flag('temporary', 'temporary, to be undone')}
          {flag('extra', 'stays off')}
          {line.doneAt || isTemporary(line) ? null : (
            <button type="button" className="btn btn-plain btn-stop" onClick={onRemove}>
              Remove line
            </button>
          )}
          {isTemporary(line) && (!line.doneAt || line.backDoneAt) ? (
            <Strike
              what={line.part}
              example="written by mistake"
              onStrike={(reason) => act({ kind: 'ledger.strike', id: line.id, reason })}
            />
          ) : null}
          {isTemporary(line) && line.doneAt && !line.backDoneAt ? (
            <span className="caption self-center">It stands: it is undone on the way back, not removed.</span>
          ) : null}
        </div>
      </div>
    </>
  )
}
