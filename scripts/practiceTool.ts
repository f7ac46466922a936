import type { Message } from '../src/core/message'
import { drawMachine, type MachineSheet, play, reviewOf, sheetOf, truthOf } from '../src/core/plant'
import { actsOf, PracticeDto, planOf } from '../src/core/plant/input'
import { type Tool, tool } from '../src/core/tools/types'
import { practice } from '../src/wording/en/practice'
import { sentence } from '../src/wording/say'

const said = (message: Message): string => sentence(message, practice)

/** `cog practice`: a machine simulated by its physics, with a hidden fault, and what it answers to each act. */
export const practiceTool: Tool = tool({
  name: 'practice',
  about:
    'A machine that is simulated by its physics, with hidden faults: what it answers to each act, and what is true.',
  inputs: [
    {
      type: PracticeDto,
      example: {
        round: { family: 'outdoor-unit-fan', seed: '37', level: 'plain' },
        acts: [
          { act: 'look' },
          { act: 'point', id: 'disconnect', to: 'off' },
          { act: 'held', id: 'disconnect' },
          { act: 'cover', id: 'service-panel', to: 'off' },
          { act: 'meter', range: 'volts-ac', red: 'contactor-in-1', black: 'contactor-in-2' },
        ],
        truth: true,
      },
    },
  ],
  run: ({ round, acts: given, truth }: PracticeDto) => {
    const drawn = drawMachine(planOf(round))
    const acts = actsOf(given)
    const { state, answers } = play(drawn, acts)
    const decided = state.over !== null && 'decided' in state.over
    return {
      code: drawn.code,
      machine: spoken(sheetOf(drawn)),
      answers: answers.map(({ text, against, ...rest }) => ({
        ...rest,
        text: said(text),
        ...(against ? { against: said(against) } : {}),
      })),
      state: {
        minutes: state.minutes,
        points: Object.fromEntries(
          Object.entries(state.points).map(([id, at]) => [
            id,
            id === 'breaker' && state.breakerTripped ? 'off' : at,
          ]),
        ),
        covers: state.covers,
        over: state.over,
      },
      ...(truth ? { truth: truthOf(drawn, state) } : {}),
      ...(decided ? { review: reviewOf(drawn, answers, state) } : {}),
    }
  },
})

const spoken = ({ story, covers, points, probes, ...sheet }: MachineSheet) => ({
  ...sheet,
  story: said(story.text),
  covers: covers.map((cover) => ({ ...cover, says: said(cover.says) })),
  points: points.map((point) => ({ ...point, says: said(point.says) })),
  probes: probes.map((probe) => ({ ...probe, says: said(probe.says) })),
})
