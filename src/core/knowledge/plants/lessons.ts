import type { CauseId, FamilyId, MotorKindId } from '../vocabulary'
import type { TaskId } from './tasks'

/** What ends a lesson: a proof without danger, a decision, a pair read in two ways, a motor that is wired as it should be. */
export type LessonGoal =
  | { kind: 'proven' }
  | { kind: 'decided' }
  | { kind: 'ghost'; red: string; black: string }
  | { kind: 'discharged'; capacitor: string }
  | { kind: 'wound' }
  | { kind: 'wired' }
  | { kind: 'opened'; cover: string }

export interface Lesson {
  id: string
  family: FamilyId
  motorKind: MotorKindId
  level: 'plain' | 'none' | 'wire'
  seed: string
  faults?: CauseId[]
  /** What was put in and is to be wired. */
  task?: TaskId
  minutes: number
  goal: LessonGoal
}

/** One idea each, in the order in which they build on one another. */
export const lessons: Lesson[] = [
  {
    id: 'prove-dead',
    family: 'bath-exhaust-fan',
    motorKind: 'shaded-pole',
    level: 'plain',
    seed: 'l1',
    faults: ['bearing-seized'],
    minutes: 5,
    goal: { kind: 'proven' },
  },
  {
    id: 'ghost-volts',
    family: 'bath-exhaust-fan',
    motorKind: 'shaded-pole',
    level: 'wire',
    seed: 'l2',
    minutes: 5,
    goal: { kind: 'ghost', red: 'line-1', black: 'ground' },
  },
  {
    id: 'charge-and-bleed',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'plain',
    seed: 'c64',
    faults: ['wiring-loose-or-burnt'],
    minutes: 6,
    goal: { kind: 'discharged', capacitor: 'FAN' },
  },
  {
    id: 'rule-of-sums',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'wire',
    seed: 'l4',
    minutes: 5,
    goal: { kind: 'wound' },
  },
  {
    id: 'four-leads',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'wire',
    seed: 'l5',
    minutes: 6,
    goal: { kind: 'wired' },
  },
  {
    id: 'dual-capacitor',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'plain',
    seed: 'l6',
    faults: ['capacitor-other-section-failed'],
    minutes: 6,
    goal: { kind: 'decided' },
  },
  {
    id: 'read-the-capacitor',
    family: 'hrv-fan',
    motorKind: 'psc',
    level: 'plain',
    seed: 'l7',
    faults: ['capacitor-weak'],
    minutes: 5,
    goal: { kind: 'decided' },
  },
  {
    id: 'follow-the-voltage',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'plain',
    seed: 'v1',
    faults: ['contactor-contacts-bad'],
    minutes: 6,
    goal: { kind: 'decided' },
  },
  {
    id: 'hot-protector',
    family: 'furnace-blower',
    motorKind: 'psc-multispeed',
    level: 'plain',
    seed: 'l9',
    faults: ['bearing-seized'],
    minutes: 6,
    goal: { kind: 'decided' },
  },
  {
    id: 'turn-and-air',
    family: 'bath-exhaust-fan',
    motorKind: 'shaded-pole',
    level: 'plain',
    seed: 'l10',
    faults: ['damper-stuck'],
    minutes: 4,
    goal: { kind: 'decided' },
  },
  {
    id: 'module-or-motor',
    family: 'furnace-blower',
    motorKind: 'ecm',
    level: 'plain',
    seed: 'l11',
    faults: ['ecm-module-failed'],
    minutes: 6,
    goal: { kind: 'decided' },
  },
  {
    id: 'gas-first',
    family: 'draft-inducer',
    motorKind: 'shaded-pole',
    level: 'plain',
    seed: 'l12',
    faults: ['bearing-worn'],
    minutes: 4,
    goal: { kind: 'opened', cover: 'flue-joint' },
  },
  {
    id: 'start-sequence',
    family: 'draft-inducer',
    motorKind: 'shaded-pole',
    level: 'plain',
    seed: 'l13',
    faults: ['pressure-tube-or-drain'],
    minutes: 5,
    goal: { kind: 'decided' },
  },
  {
    id: 'by-role',
    family: 'furnace-blower',
    motorKind: 'psc-multispeed',
    level: 'wire',
    seed: 'l14',
    minutes: 8,
    goal: { kind: 'wired' },
  },
  {
    id: 'other-leads',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'wire',
    seed: 'w1',
    task: 'other-leads',
    minutes: 8,
    goal: { kind: 'wired' },
  },
  {
    id: 'two-singles',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'wire',
    seed: 'w1',
    task: 'two-singles',
    minutes: 6,
    goal: { kind: 'wired' },
  },
  {
    id: 'reversing-plug',
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    level: 'wire',
    seed: 'w1',
    task: 'turn-plug',
    minutes: 6,
    goal: { kind: 'wired' },
  },
  {
    id: 'four-speeds',
    family: 'furnace-blower',
    motorKind: 'psc-multispeed',
    level: 'wire',
    seed: 'w1',
    task: 'four-speeds',
    minutes: 9,
    goal: { kind: 'wired' },
  },
]

export const lessonOf = (id: string): Lesson | undefined => lessons.find((lesson) => lesson.id === id)
