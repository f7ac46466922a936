import type { Suspect } from '@/core/diagnose'
import { weightInWords } from '@/core/diagnose/settle'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'

/** Findings that spoke for and against, drawn to one scale, in words and in bits. */
export function Reasons({ suspect }: { suspect: Suspect }) {
  if (suspect.because.length === 0)
    return (
      <p className="caption">Nothing is found yet; this is only how often it happens in this kind of fan.</p>
    )
  const most = Math.max(2, ...suspect.because.map((reason) => Math.abs(reason.bits)))
  return (
    <table className="w-full">
      <caption className="sr-only">Findings, and how much each speaks for or against</caption>
      <tbody>
        {suspect.because.map(({ observation, value, bits, after }) => {
          const share = (Math.abs(bits) / most) * 50
          return (
            <tr key={observation} className="border-line border-b">
              <td className="py-1.5 pr-3">{`${shortLabels[observation]}: ${valueLabel(observation, value)}`}</td>
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
              <td className="w-44 py-1.5 pl-3 text-right text-sm">
                {weightInWords(bits, after && shortLabels[after])}{' '}
                <span className="num inline-block w-10">{`${bits >= 0 ? '+' : '−'}${Math.abs(bits).toFixed(1)}`}</span>
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
