import type { Suspect } from '@/core/diagnose'
import { movedBy, shareMoved, weightInWords } from '@/core/diagnose/settle'
import { derivedFindings, diagnoseInputOf } from '@/core/job'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { formatPercent } from '@/core/units'
import { useJob } from '../../job/JobProvider'

/** Findings that spoke for and against, drawn to one scale: what each did beside all the others. */
export function Reasons({ suspect }: { suspect: Suspect }) {
  const { snapshot } = useJob()
  if (suspect.because.length === 0)
    return (
      <p className="caption">Nothing is found yet; this is only how often it happens in this kind of fan.</p>
    )
  const moved = movedBy(diagnoseInputOf(snapshot), suspect.cause)
  const said = new Map(suspect.because.map(({ observation, after }) => [observation, after]))
  const read = new Map(derivedFindings(snapshot).map(({ observation, from }) => [observation, from]))
  const most = Math.max(2, ...moved.map((reason) => Math.abs(reason.bits)))
  return (
    <table className="w-full">
      <caption className="sr-only">Findings, and what each moved: without it, and with it</caption>
      <tbody>
        {moved.map(({ observation, value, bits, without }) => {
          const after = said.get(observation)
          const share = (Math.abs(bits) / most) * 50
          return (
            <tr key={observation} className="border-line border-b">
              <td className="py-1.5 pr-3">
                {`${shortLabels[observation]}: ${valueLabel(observation, value)}`}
                {read.has(observation) ? (
                  <span className="caption block">{read.get(observation)}</span>
                ) : null}
              </td>
              <td className="hidden w-[28%] py-1.5 mid:table-cell" aria-hidden="true">
                <span className="relative block h-3">
                  <span className="absolute inset-y-[-4px] left-1/2 w-px bg-ink" />
                  <span
                    className={`absolute inset-y-0 ${bits >= 0 ? 'bg-[var(--copper-fill)]' : 'border border-ink bg-surface'}`}
                    style={
                      bits >= 0 ? { left: '50%', width: `${share}%` } : { right: '50%', width: `${share}%` }
                    }
                  />
                </span>
              </td>
              <td className="w-56 py-1.5 pl-3 text-right text-sm">
                {weightInWords(bits, after && shortLabels[after])}{' '}
                <span className="num inline-block">
                  {shareMoved(formatPercent(without), formatPercent(suspect.probability))}
                </span>
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
