import { describe, expect, it } from 'vitest'
import { wayBack } from '../../refit/wayBack'
import { capacitorTemplate, motorTemplates, type Template } from '../templates'
import { familyIds } from '../vocabulary'
import { moreWays } from '.'

const all: [string, Template][] = familyIds.flatMap((family) => [
  [family, motorTemplates[family]] as [string, Template],
  [`${family}, capacitor`, capacitorTemplate(family, true)] as [string, Template],
  ...moreWays(family).map((way): [string, Template] => [`${family}, ${way.id}`, way]),
])
const backOf = ({ lines, replaced }: Template) =>
  wayBack({
    steps: lines.map(({ action, part, ...line }, index) => ({ id: String(index), action, part, ...line })),
    replaced,
  })

describe.each(all)('the way in of %s, read as the one who does it', (_, template) => {
  const { lines } = template

  it('puts one kind of thing into each cup', () => {
    const kinds = new Map<string, Set<string>>()
    for (const { cup, fastener = 'what is unclipped' } of lines)
      if (cup) kinds.set(cup, (kinds.get(cup) ?? new Set()).add(fastener))
    expect([...kinds].filter(([, held]) => held.size > 1).map(([cup]) => cup)).toEqual([])
  })

  it('cuts a tie before the wires that it holds, so that it is tied after them', () => {
    const wires = ['disconnect', 'unplug']
    lines.forEach(({ action }, index) => {
      if (action !== 'cut-tie') return
      expect(wires).not.toContain(lines[index - 1]?.action)
      expect(lines.slice(index + 1).some((line) => wires.includes(line.action))).toBe(true)
    })
  })

  it('measures how deep a wheel sits, and which way it turns, before it leaves its shaft', () => {
    lines.forEach(({ action, part, bench, mark }, index) => {
      if (action !== 'slide-out' || !bench || !/wheel$|blade$|impeller$/.test(part)) return
      if (mark === 'pushed fully on') return
      expect(
        lines.slice(0, index).some((line) => line.action === 'measure' && line.part.includes(part)),
      ).toBe(true)
    })
  })

  it('says with what each broken seal is renewed', () => {
    for (const line of lines.filter(({ action }) => action === 'break-seal'))
      expect(line.renew?.material, line.part).toBeTruthy()
  })

  it('takes the part that is replaced out, and has a way back without a figure lost', () => {
    const back = backOf(template)
    expect(back.problems).toEqual([])
    if (template.replaced !== 'brushes')
      expect(back.steps.some(({ text }) => text.includes(`the new ${template.replaced}`))).toBe(true)
  })

  it('fits what moves over onto the new part before that part is shut in', () => {
    const { steps } = backOf(template)
    const covers = lines.flatMap(({ access }, index) => (access ? [String(index)] : []))
    const lastMoved = steps.findLastIndex(({ action }) => action === 'transfer')
    const firstCover = steps.findIndex(({ from }) => covers.includes(from))
    if (lastMoved >= 0 && firstCover >= 0) expect(lastMoved).toBeLessThan(firstCover)
  })
})

describe('a bearing that is renewed', () => {
  const { steps } = backOf(
    moreWays('draft-inducer').find(({ id }) => id === 'bearing') ?? motorTemplates['draft-inducer'],
  )
  const at = (part: string) => steps.findIndex((step) => step.part === part)

  it('gets its compound first, is pressed to its measured depth, and is turned before the rotor goes in', () => {
    expect(at('retaining compound of the bearing')).toBe(at('bearing') - 1)
    expect(at('bearing')).toBeLessThan(at('rotor with its shaft'))
    const bearing = steps[at('bearing')]
    expect(bearing?.text).toMatch(/turns without a catch/)
    expect(bearing?.figures?.length).toBe(1)
  })
})

describe('food that was taken out', () => {
  it('has no line on the way back: it waits until cold is proved', () => {
    for (const family of ['refrigerator-evaporator-fan', 'refrigerator-condenser-fan'] as const)
      for (const way of [motorTemplates[family], ...moreWays(family)])
        expect(backOf(way).steps.filter(({ part }) => /food/.test(part))).toEqual([])
  })
})

describe('what a line asks to be noted', () => {
  it('is a question of its own, and never stands as if somebody had noted it', () => {
    for (const [name, { lines }] of all)
      for (const { mark = '', part } of lines)
        expect(mark, `${name}: ${part}`).not.toMatch(/^(?:which|how|where|in which|to which|at which)\b/)
  })

  it('is told of the part that comes back: the line across a joint where the halves meet, a pipe’s depth at the pipe', () => {
    const at = (family: 'draft-inducer' | 'rv-furnace-blower', id: string) => {
      const way = moreWays(family).find((each) => each.id === id)
      return way
        ? backOf(way).steps.flatMap(({ part, figures = [] }) =>
            figures.map(({ from }) => [way.lines[Number(from)]?.part, part]),
          )
        : []
    }
    expect(at('draft-inducer', 'bearing')).toEqual(
      expect.arrayContaining([
        ['both halves of the housing, a line across their joint', 'upper half of the housing'],
        ['depth of the vent pipe in its socket', 'vent pipe'],
        ['impeller depth on the shaft', 'impeller'],
      ]),
    )
    expect(at('rv-furnace-blower', 'whole')).toEqual(
      expect.arrayContaining([['combustion wheel depth on the shaft', 'combustion wheel']]),
    )
  })
})
