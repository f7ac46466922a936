'use client'

import type { MatchResult, Sieve } from '@/core/match'
import { SelectField } from '../../kit/TextField'

interface SieveBarProps {
  sieve: Sieve
  results: MatchResult[]
  onChange: (sieve: Sieve) => void
}

const verdicts: { value: Sieve['verdict']; label: string }[] = [
  { value: 'usable', label: 'all that can or may serve' },
  { value: 'serves', label: 'drops in' },
  { value: 'untold', label: 'cannot be told yet' },
  { value: 'work', label: 'fits with work' },
  { value: 'no', label: 'cannot serve' },
  { value: 'all', label: 'every part' },
]

/** Which of them are shown: by name, by verdict, by a rule. */
export function SieveBar({ sieve, results, onChange }: SieveBarProps) {
  const rules = [
    ...new Set(
      results.flatMap((result) =>
        result.rules.filter(({ verdict }) => verdict !== 'ok').map(({ rule }) => rule),
      ),
    ),
  ].sort()
  return (
    <div className="mb-3 grid gap-2 mid:grid-cols-3">
      <div>
        <label htmlFor="sheet-find" className="caption block">
          Find one by number or maker, and see why not
        </label>
        <input
          id="sheet-find"
          className="field"
          value={sieve.text}
          onChange={(event) => onChange({ ...sieve, text: event.target.value })}
        />
      </div>
      <SelectField
        label="Show"
        value={sieve.verdict}
        options={verdicts}
        onChoose={(verdict) => onChange({ ...sieve, verdict: verdict as Sieve['verdict'] })}
      />
      <SelectField
        label="Only those where this speaks against it, or nobody knows"
        value={sieve.rule}
        empty="any rule"
        options={rules.map((value) => ({ value, label: value.replaceAll('-', ' ') }))}
        onChoose={(rule) => onChange({ ...sieve, rule })}
      />
    </div>
  )
}
