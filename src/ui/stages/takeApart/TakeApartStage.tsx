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
import { capacitorOf } from '@/core/job'
import { refitOf } from '@/core/job/refitOf'
import { capacitorTemplate, motorTemplates } from '@/core/knowledge/templates'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { PhotoSender } from '../../photos/PhotoSender'
import { GateLine } from '../measure/GateLine'
import { AsFound } from './AsFound'
import { KitList } from './KitList'
import { LedgerLine } from './LedgerLine'
import { OneAct } from './OneAct'
import { QuickLine } from './QuickLine'

/** Stage 5: the ledger of every act on the way in. */
export function TakeApartStage() {
  const { snapshot, act } = useJob()
  const lines = snapshot.ledger.filter((line) => !line.struckAt)
  const struck = snapshot.ledger.filter((line) => line.struckAt)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const current = lines.find((line) => !line.doneAt)?.id
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const from = lines.findIndex((line) => line.id === active.id)
    const to = lines.findIndex((line) => line.id === over.id)
    const before = lines[to > from ? to + 1 : to]
    act({ kind: 'ledger.move', id: String(active.id), before: before?.id ?? null })
  }
  const done = lines.filter((line) => line.doneAt).length
  return (
    <PhotoSender>
      <GateLine />
      <Block name="What is found">
        <AsFound />
      </Block>
      <Block name="The kit list">
        <KitList />
      </Block>
      {lines.every((line) => line.access !== '') ? <Plant /> : null}
      <Section
        title="The way in"
        aside={
          lines.length > 0
            ? `${done} of ${lines.length} done. T ticks the current line.`
            : 'one line an act: it becomes the way back'
        }
      >
        {lines.length > 0 ? (
          <div className="mb-2">
            <OneAct lines={lines} />
          </div>
        ) : null}
        {lines.length > 0 ? <Cups /> : null}
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
      </Section>
    </PhotoSender>
  )
}

/** Propose the family's lines, by what was decided. */
function Plant() {
  const { snapshot, act, id } = useJob()
  const family = snapshot.machine.family
  const dual = (capacitorOf(snapshot, 'old').label?.sections.length ?? 1) > 1
  const decided = snapshot.decisions[0]?.action
  const plant = (template: 'motor' | 'capacitor' | 'capacitor-dual') =>
    act({ kind: 'ledger.plant', template, ids: Array.from({ length: 40 }, id) })
  const motor = motorTemplates[family]
  const capacitor = capacitorTemplate(family, dual)
  const capacitorFirst = decided === 'replace-capacitor'
  return (
    <Section
      title="Begin with a template"
      aside="typical lines; drop, add and reorder until they are your machine’s"
    >
      <div className="grid gap-4 mid:grid-cols-2">
        <div>
          <button
            type="button"
            className={`btn w-full ${capacitorFirst ? 'btn-main' : ''}`}
            onClick={() => plant(dual ? 'capacitor-dual' : 'capacitor')}
          >
            {`To the capacitor: ${capacitor.lines.length} lines`}
          </button>
        </div>
        <div>
          <button
            type="button"
            className={`btn w-full ${capacitorFirst ? '' : 'btn-main'}`}
            onClick={() => plant('motor')}
          >
            {`To the ${motor.replaced}: ${motor.lines.length} lines`}
          </button>
        </div>
      </div>
    </Section>
  )
}

/** Fasteners as counted marks in lettered cups. */
function Cups() {
  const { snapshot } = useJob()
  const { tally } = refitOf(snapshot)
  const cups = tally.filter((line) => line.cup)
  if (cups.length === 0) return null
  return (
    <ul className="mb-2 flex flex-wrap gap-x-6 gap-y-1" aria-label="Cups">
      {cups.map((line) => (
        <li key={`${line.cup}/${line.fastener}`} className="flex items-center gap-2 text-sm">
          <span
            className="grid h-9 w-10 place-items-center rounded-b-[14px] border border-ink border-t-0 font-bold"
            aria-hidden="true"
          >
            {line.cup}
          </span>
          <span>
            <span className="num block leading-none" aria-hidden="true">
              {'|'.repeat(Math.min(24, line.removed)).replace(/\|{5}/g, '||||/ ')}
            </span>
            <span className="caption">{`${line.removed} × ${line.fastener ?? 'fastener'}`}</span>
          </span>
        </li>
      ))}
    </ul>
  )
}
