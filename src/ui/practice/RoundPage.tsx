'use client'

import { useEffect, useRef, useState } from 'react'
import type { Act } from '@/core/plant'
import { Around } from './Around'
import { Done, Ending } from './Done'
import { Judge } from './Judge'
import { playSound } from './listen'
import { MachineDrawing } from './MachineDrawing'
import { Meter } from './Meter'
import { PowerPanel } from './PowerPanel'
import type { MeterRange, Tool } from './types'
import { useRound } from './useRound'
import { WasRead } from './WasRead'
import { looseEnd, Repair, Wires } from './Wires'

interface RoundPageProps {
  id: string
  code: string
  help: boolean
  lesson: { id: string; title: string; goal: string; idea: string } | null
  stored: Act[]
}

/** A round at the practice bench: the machine, what is in the hand, what was done, and the decision. */
export function RoundPage({ id, code, help, lesson, stored }: RoundPageProps) {
  const { round, progress, busy, act } = useRound(id, code, lesson?.id ?? null, stored)
  const [tool, setTool] = useState<Tool>('meter')
  const [range, setRange] = useState<MeterRange>('volts-ac')
  const [ohm, setOhm] = useState(20_000)
  const [red, setRed] = useState<string | null>(null)
  const [black, setBlack] = useState<string | null>(null)
  const [wire, setWire] = useState<string | null>(null)
  const [drawer, setDrawer] = useState<Drawer>('machine')
  const at = (id: Drawer) => (drawer === id ? '' : 'hidden wide:block')
  const last = round?.acts.at(-1)
  const played = useRef(stored.length)
  useEffect(() => {
    const count = round?.acts.length ?? 0
    // Only what is heard now: a page that is opened again does not play the whole round.
    if (count > played.current && last?.sound) playSound(last.sound)
    played.current = Math.max(played.current, count)
  }, [round, last])
  if (!round) return <Opening progress={progress} />

  const pair = (one: string, two: string) => {
    setRed(one)
    setBlack(two)
    if (tool === 'lead') act({ act: 'discharge', a: one, b: two, ohm })
    else act({ act: 'meter', range, red: one, black: two })
  }
  const probe = (point: string) => {
    if (tool === 'tester') {
      act({ act: 'tester', at: point })
      return
    }
    if (tool === 'hand') {
      const held = round.wires.find(({ id: each }) => each === wire)
      if (held) act({ act: 'wire', id: held.id, end: looseEnd(held), to: point })
      else setWire(round.wires.find(({ from, to }) => from === point || to === point)?.id ?? null)
      return
    }
    if (red === null || black !== null) {
      setRed(point)
      setBlack(null)
      return
    }
    pair(red, point)
  }
  const typed = (one: string, two: string) => {
    const find = (name: string) =>
      round.view.layout.dots.find(({ id: dot }) => dot.toLowerCase() === name.toLowerCase())?.id ?? name
    if (tool === 'tester') act({ act: 'tester', at: find(one) })
    else pair(find(one), find(two))
  }
  const over = round.view.over !== null || round.lessonDone
  return (
    <>
      <Banner round={round} help={help} lesson={lesson?.title ?? null} />
      <main id="work" className="mx-auto max-w-[1280px] px-4 pt-4 pb-24 mid:px-5">
        <Ending round={round} lesson={lesson} />
        <div className="grid gap-6 wide:grid-cols-[minmax(0,1fr)_400px]">
          <div className="min-w-0">
            <h1 className="text-[1.35rem]">{lesson ? lesson.title : 'A machine to find out'}</h1>
            {lesson ? <p className="mt-1 font-bold">{lesson.goal}</p> : null}
            <p className="mt-1">{round.story}</p>
            <p className="caption mt-1">
              Plate: {round.plate.join(' · ')}
              {round.capacitorLabel ? ` · on the capacitor: ${round.capacitorLabel}` : ''}
            </p>
            <div className="flex flex-col">
              <div className="mt-3">
                <MachineDrawing
                  round={round}
                  red={red}
                  black={black}
                  chosenWire={wire}
                  onProbe={probe}
                  onPair={pair}
                  onWire={(chosen) =>
                    tool === 'clamp'
                      ? act({ act: 'clamp', wire: chosen })
                      : setWire(chosen === wire ? null : chosen)
                  }
                />
              </div>
              {/* On a phone the machine is above; on a wide page what is read stands before it, where the eye is. */}
              <div className={`no-print mt-3 wide:order-first ${at('machine')}`}>
                <Meter
                  tool={tool}
                  onTool={(next) => {
                    setTool(next)
                    setRed(null)
                    setBlack(null)
                  }}
                  range={range}
                  onRange={setRange}
                  ohm={ohm}
                  onOhm={setOhm}
                  red={black === null ? red : null}
                  names={round.names.probes}
                  display={last?.display ?? null}
                  said={last?.text ?? 'Nothing was done yet.'}
                  onTyped={typed}
                />
              </div>
            </div>
            <div className={`no-print ${at('wires')}`}>
              <Wires round={round} busy={busy || over} act={act} chosen={wire} onChosen={setWire} />
              <Repair round={round} busy={busy || over} act={act} />
            </div>
            <div className={`${at('judge')} print:block`}>
              {help || over ? <WasRead round={round} /> : null}
              <Done round={round} bits={help || over} />
            </div>
          </div>
          <div className="no-print min-w-0">
            <div className={at('power')}>
              <PowerPanel round={round} busy={busy || over} act={act} />
            </div>
            <div className={at('look')}>
              <Around round={round} busy={busy || over} act={act} />
            </div>
            <div className={at('judge')}>
              {over ? null : <Judge round={round} busy={busy} act={act} help={help} />}
              <p className="mt-3">
                <a className="underline" href={`/api/practice/${id}`} download>
                  Save this round as a file
                </a>
              </p>
            </div>
          </div>
        </div>
      </main>
      <Drawers drawer={drawer} onDrawer={setDrawer} />
    </>
  )
}

const DRAWERS = [
  { id: 'machine', name: 'Meter' },
  { id: 'power', name: 'Power' },
  { id: 'look', name: 'Look' },
  { id: 'wires', name: 'Wires' },
  { id: 'judge', name: 'Judge' },
] as const
type Drawer = (typeof DRAWERS)[number]['id']

/** On a phone the machine stays above, and one drawer at a time below it. */
function Drawers({ drawer, onDrawer }: { drawer: Drawer; onDrawer: (drawer: Drawer) => void }) {
  return (
    <nav
      aria-label="Below the machine"
      className="no-print fixed inset-x-0 bottom-0 z-20 flex border-ink border-t bg-surface wide:hidden"
    >
      {DRAWERS.map(({ id, name }) => (
        <button
          key={id}
          type="button"
          aria-pressed={drawer === id}
          className="chip min-h-12 flex-1 border-0"
          onClick={() => onDrawer(id)}
        >
          {name}
        </button>
      ))}
    </nav>
  )
}

function Opening({ progress }: { progress: { done: number; of: number } | null }) {
  return (
    <main id="work" className="mx-auto max-w-[1280px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-[1.35rem]">Practice</h1>
      <p className="mt-2" aria-live="polite" style={{ minHeight: '70vh' }}>
        {progress
          ? `The round is played again: ${progress.done} of ${progress.of} acts.`
          : 'The machine is set up.'}
      </p>
    </main>
  )
}

/** Practice is marked on every page of it: nothing here is real. */
function Banner({
  round,
  help,
  lesson,
}: {
  round: NonNullable<ReturnType<typeof useRound>['round']>
  help: boolean
  lesson: string | null
}) {
  const { minutes, tests, dangers } = round.view
  return (
    <div
      className="practice-band flex flex-wrap items-center gap-x-4 gap-y-1 border-ink border-b px-4 py-1.5 mid:px-5"
      data-testid="band"
    >
      <span className="bg-teal px-2 py-0.5 font-bold text-[0.93rem] text-onteal uppercase">Practice</span>
      <span className="bg-surface px-1">
        Nothing here is real.{' '}
        {lesson ? `Lesson: ${lesson}.` : help ? 'The advisor stands beside you.' : 'Blind: nobody helps.'}{' '}
        <span className="num">{round.code}</span>
      </span>
      <span className="num ml-auto bg-surface px-1" data-testid="tally">
        {Math.round(minutes)} min · {tests} {tests === 1 ? 'test' : 'tests'} · {dangers}{' '}
        {dangers === 1 ? 'danger' : 'dangers'}
      </span>
    </div>
  )
}
