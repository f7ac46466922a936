'use client'

import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { type LedgerRow, reachOfLine } from '@/core/job'
import { spokenBack, wantsHandsOnly } from '@/core/job/ledger/actWords'
import { figuresAt, marksAt } from '@/core/job/ledger/ledgerFigures'
import { orderOfHands, refitOf } from '@/core/job/ledger/refitOf'
import { seenBefore } from '@/core/job/ledger/seenBefore'
import { withNewCapacitor } from '@/core/wiring/capacitorBack'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { Tick } from '../../kit/Tick'
import { TurnThen } from '../HowMeasured'
import { OneAct } from '../OneAct'
import { AsItWas } from './AsItWas'
import { BackLine } from './BackLine'
import { FigureAgain } from './FigureAgain'

/** The way back, worked out from the ledger; the person may move a line, and is told what that breaks. */
export function WayBack() {
  const { snapshot, act, gate } = useJob()
  const back = refitOf(snapshot)
  const rows = new Map(snapshot.ledger.map((row) => [row.id, row]))
  const steps = withNewCapacitor(snapshot, back.steps).flatMap((step) => {
    const row = rows.get(step.from)
    return row ? [{ step, row }] : []
  })
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const done = steps.filter(({ row }) => row.backDoneAt).length
  const current = steps.find(({ row }) => !row.backDoneAt)?.row.id
  const next = steps.flatMap(({ row }) => (row.backDoneAt ? [] : [row.id])).slice(0, 3)
  const largeOf = ({ step, row }: (typeof steps)[number]) => ({
    id: row.id,
    about: row.part || 'this line',
    part: step.part,
    cup: row.cup,
    ...spokenBack(step, row),
    before: seenBefore(snapshot, row.id),
    done: row.backDoneAt !== null,
    problem: gate(reachOfLine(snapshot, row)),
    plain: wantsHandsOnly(row, 'back') && marksAt(snapshot, row.id).length === 0,
    lacks: figuresAt(snapshot, row.id).some(({ backFigure }) => !backFigure),
    asks: (
      <>
        {marksAt(snapshot, row.id).map((line) => (
          <TurnThen key={line.id} line={line} />
        ))}
        {figuresAt(snapshot, row.id).map((line) => (
          <FigureAgain key={line.id} line={line} />
        ))}
      </>
    ),
  })
  const undo = back.mustUndo.flatMap((id) => {
    const row = rows.get(id)
    return row && !steps.some(({ step }) => step.from === id) ? [row] : []
  })
  const place = (id: string, index: number) =>
    act({ kind: 'back.move', id, after: index <= 0 ? '' : (steps[index - 1]?.row.id ?? '') })
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const from = steps.findIndex(({ row }) => row.id === active.id)
    const to = steps.findIndex(({ row }) => row.id === over.id)
    place(String(active.id), to > from ? to + 1 : to)
  }
  return (
    <Section
      part="way-back"
      title="The way back"
      aside={
        steps.length > 0
          ? `${done} of ${steps.length} back${back.waitHours > 0 ? `; then let it cure ${back.waitHours} h` : ''}`
          : 'worked out from the ledger'
      }
    >
      <AsItWas />
      {steps.length === 0 ? (
        <p>Tick the lines of the ledger as you take things apart; the way back is worked out from them.</p>
      ) : null}
      {back.problems
        .filter((problem) => problem.code !== 'nothing-to-refit')
        .map((problem) => (
          <p key={problem.text} role="status" className="mb-2 border-stop border-l-4 pl-2">
            {problem.text}
          </p>
        ))}
      {orderOfHands(snapshot).map((text) => (
        <p key={text} role="status" className="mb-2 border-copper border-l-4 pl-2">
          {`As it was ticked: ${text}`}
        </p>
      ))}
      {steps.length > 0 ? (
        <div className="mb-2">
          <OneAct
            way="back"
            acts={steps.map(largeOf)}
            onTick={(id) => act({ kind: 'ledger.back', id, on: true })}
            onUntick={(id) => act({ kind: 'ledger.back', id, on: false })}
          />
        </div>
      ) : null}
      <DndContext id="way-back" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={steps.map(({ row }) => row.id)} strategy={verticalListSortingStrategy}>
          <ol data-testid="way-back">
            {steps.map(({ step, row }, index) => (
              <BackLine
                key={row.id}
                step={step}
                row={row}
                number={index + 1}
                current={row.id === current}
                ahead={row.backDoneAt === null && next.includes(row.id)}
                onEarlier={index > 0 ? () => place(row.id, index - 1) : null}
                onLater={index < steps.length - 1 ? () => place(row.id, index + 2) : null}
              />
            ))}
            {undo.map((row) => (
              <Undo key={row.id} row={row} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </Section>
  )
}

/** What stands for a while only and has no line of its own on the way back. */
function Undo({ row }: { row: LedgerRow }) {
  const { act } = useJob()
  return (
    <li className="flex items-start gap-1 border-stop border-b border-l-4 py-0.5 pl-1">
      <Tick
        label={`Undo: ${row.part}`}
        on={row.backDoneAt !== null}
        onChange={(on) => act({ kind: 'ledger.back', id: row.id, on })}
      />
      <span className="py-2">{`Undo the ${row.action === 'bypass' ? 'held' : 'temporary'} ${row.part}. The job does not close while it stands.`}</span>
    </li>
  )
}
