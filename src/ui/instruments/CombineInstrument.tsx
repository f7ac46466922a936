'use client'

import { combineSections, typedSections } from '@/core/capacitor'
import { isCoreError } from '@/core/errors'
import { significant, typedValue } from '@/core/units'
import { TextField } from '../kit/TextField'
import type { InstrumentProps } from './types'

/** What was typed, or what of it is not understood: then nothing is combined. */
function understood(text: string, path: string): { values: number[]; error: string | null } {
  try {
    return { values: typedSections(text, path), error: null }
  } catch (failure) {
    if (!isCoreError(failure)) throw failure
    return { values: [], error: failure.message }
  }
}

/** Sections of a multi-section part shared among what is needed. */
export function CombineInstrument({ address }: InstrumentProps) {
  const typed = understood(address.get('sections'), 'sections')
  const needed = understood(address.get('targets'), 'targets')
  const sections = typed.values.map((uF, index) => ({
    terminal: `${String.fromCharCode(97 + index)} ${significant(uF)}`,
    uF,
  }))
  const names = ['HERM', 'FAN', 'third']
  const targets = needed.values
    .sort((one, two) => two - one)
    .slice(0, 3)
    .map((uF, index) => ({
      name: names[index]!,
      uF,
      tolerancePercent: typedValue(address.get('tol'), 'percent') ?? 6,
    }))
  let answer: ReturnType<typeof combineSections> | null = null
  let error: string | null = typed.error
  if (sections.length > 0 && targets.length > 0) {
    try {
      answer = combineSections({ sections, targets })
    } catch (failure) {
      if (!isCoreError(failure)) throw failure
      error = failure.message
    }
  }
  return (
    <>
      <div className="grid gap-3 mid:grid-cols-[2fr_1fr_120px]">
        <TextField
          label="Sections of the part, µF"
          value={address.get('sections')}
          mono
          placeholder="2.5, 5, 5, 10, 20, 25"
          error={error}
          onType={(text) => address.set('sections', text)}
        />
        <TextField
          label="Needed, µF"
          value={address.get('targets')}
          mono
          placeholder="35, 5"
          error={needed.error}
          onType={(text) => address.set('targets', text)}
        />
        <TextField
          label="Tolerance, %"
          value={address.get('tol')}
          mono
          placeholder="6"
          onType={(text) => address.set('tol', text)}
        />
      </div>
      {answer ? (
        <div role="status" className="mt-4">
          <p className="font-bold text-lg">
            {answer.feasible ? 'It can be made.' : 'Not within the tolerance; the nearest is:'}
          </p>
          <table className="mt-2 w-full text-left">
            <thead className="caption">
              <tr>
                <th className="font-normal">For</th>
                <th className="font-normal">Terminals, jumpered</th>
                <th className="text-right font-normal">Made</th>
                <th className="text-right font-normal">Off by</th>
              </tr>
            </thead>
            <tbody>
              {answer.targets.map((target) => (
                <tr key={target.name} className="rule-top">
                  <td className="py-2 font-bold">{target.name}</td>
                  <td className="num py-2">{target.terminals.join(' + ') || 'none'}</td>
                  <td className="num py-2 text-right">{significant(target.uF)} µF</td>
                  <td className={`num py-2 text-right ${target.within ? '' : 'text-copper'}`}>
                    {significant(target.errorPercent, 2)} %
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="caption mt-2">
            Left free and covered: {answer.unused.join(', ') || 'none'}. All sections share one common.
          </p>
        </div>
      ) : (
        <p className="caption mt-4">Sections in parallel add; each is used once.</p>
      )}
    </>
  )
}
