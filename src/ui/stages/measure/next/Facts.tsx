/** Short facts in a line: what they are in small, what they say in figures. */
export function Facts({ facts }: { facts: [string, string][] }) {
  return (
    <dl className="mt-1.5 flex flex-wrap gap-x-6 gap-y-1">
      {facts.map(([what, says]) => (
        <div key={what} className="flex items-baseline gap-1.5">
          <dt className="caption">{what}</dt>
          <dd className={`num text-[0.95rem] ${says.startsWith('ON') ? 'bg-ink px-1 text-surface' : ''}`}>
            {says}
          </dd>
        </div>
      ))}
    </dl>
  )
}
