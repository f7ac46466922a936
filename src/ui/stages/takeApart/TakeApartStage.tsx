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
import Link from 'next/link'
import { type LedgerRow, noHandsOf, reachOfLine } from '@/core/job'
import { spokenAct, wantsHandsOnly } from '@/core/job/ledger/actWords'
import { openOf } from '@/core/job/ledger/ledgerFigures'
import { movesOver } from '@/core/job/ledger/refitOf'
import { irreversible } from '@/core/refit'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { PhotoSender } from '../../photos/PhotoSender'
import { WhereIs } from '../../where/WhereIs'
import { CupsDrawn } from '../CupsDrawn'
import { GoOn } from '../GoOn'
import { KeepWay } from '../KeepWay'
import { GateLine } from '../measure/GateLine'
import { OneAct } from '../OneAct'
import { AsFound } from './AsFound'
import { KitList } from './KitList'
import { LedgerLine } from './LedgerLine'
import { LineAsks, LineMark } from './LineAsks'
import { Plant } from './Plant'
import { QuickLine } from './QuickLine'
import { useTickLine } from './useTickLine'

/** Stage 5: the ledger of every act on the way in. */
export function TakeApartStage() {
  const { snapshot, act } = useJob()
  const lines = snapshot.ledger.filter((line) => !line.struckAt)
  const struck = snapshot.ledger.filter((line) => line.struckAt)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const next = lines.find((line) => !line.doneAt)
  const current = next?.id
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const from = lines.findIndex((line) => line.id === active.id)
    const to = lines.findIndex((line) => line.id === over.id)
    const before = lines[to > from ? to + 1 : to]
    act({ kind: 'ledger.move', id: String(active.id), before: before?.id ?? null })
  }
  const done = lines.filter((line) => line.doneAt).length
  const noHands = noHandsOf(snapshot)
  return (
    <PhotoSender>
      {noHands ? (
        <p className="mt-4 max-w-[68ch] border-ink border-l-4 pl-3" data-testid="no-way-in">
          {noHands === 'hired'
            ? 'You chose to have it done: nothing has to be taken apart by you.'
            : 'You chose a new machine: nothing of this one has to be taken apart.'}{' '}
          <Link className="text-teal underline" prefetch={false} href={`/jobs/${snapshot.job.id}/decide`}>
            What follows, and choosing otherwise
          </Link>
        </p>
      ) : null}
      <GateLine />
      <Block name="What is found">
        <AsFound />
      </Block>
      <Block name="The kit list">
        <KitList />
      </Block>
      {lines.every((line) => line.access !== '') ? (
        <Plant />
      ) : lines.some((line) => line.access === '' && line.doneAt) ? null : (
        <details className="mt-3">
          <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
            My machine is built otherwise
          </summary>
          <Plant instead />
        </details>
      )}
      <Section
        part="way-in"
        title="The way in"
        aside={
          lines.length > 0
            ? `${done} of ${lines.length} done. T ticks the current line.`
            : 'one line an act: it becomes the way back'
        }
      >
        {lines.length > 0 ? (
          <div className="mb-2 flex flex-wrap items-start gap-2">
            <LargeWayIn lines={lines} />
            {next ? <WhereIs key={next.id} what={next.part} line={next.part} /> : null}
          </div>
        ) : null}
        <CupsDrawn />
        <DndContext id="ledger" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
          <SortableContext items={lines.map((line) => line.id)} strategy={verticalListSortingStrategy}>
            <ol data-testid="ledger">
              {lines.map((line, index) => (
                <LedgerLine key={line.id} line={line} number={index + 1} current={line.id === current} />
              ))}
            </ol>
          </SortableContext>
        </DndContext>
        {struck.map((line) => (
          <p key={line.id} className="caption flex items-center gap-2">
            <s>{line.part}</s> {line.strikeReason}
            <button
              type="button"
              className="underline"
              onClick={() => act({ kind: 'ledger.restore', id: line.id })}
            >
              Put back
            </button>
          </p>
        ))}
        <QuickLine current={current} />
        {done === lines.length ? <KeepWay /> : null}
      </Section>
      <GoOn from="take-apart" />
    </PhotoSender>
  )
}

/** The way in, one act at a time. */
function LargeWayIn({ lines }: { lines: LedgerRow[] }) {
  const { snapshot, gate } = useJob()
  const tick = useTickLine()
  const tickById = (id: string, on: boolean) => {
    const line = lines.find((each) => each.id === id)
    return line ? tick(line, on) : undefined
  }
  return (
    <OneAct
      way="in"
      acts={lines.map((line) => ({
        id: line.id,
        about: line.part || 'this line',
        part: line.part,
        cup: line.cup,
        ...spokenAct(
          { ...line, movesToNewPart: movesOver(line, snapshot) },
          line.caution || irreversible[line.action],
        ),
        done: line.doneAt !== null,
        problem: gate(reachOfLine(snapshot, line)),
        lacks: openOf(snapshot, line) !== null,
        lacksPhoto: openOf(snapshot, line) === 'photo-first',
        plain: wantsHandsOnly(line, 'in'),
        asks: line.action === 'measure' ? <LineAsks line={line} /> : <LineMark line={line} />,
      }))}
      onTick={(id) => tickById(id, true)}
      onUntick={(id) => tickById(id, false)}
    />
  )
}
