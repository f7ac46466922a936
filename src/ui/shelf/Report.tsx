import type { ImportReport } from './importList'

/** What came in, and which lines were left out and why. */
export function Report({ report }: { report: ImportReport }) {
  const { imported, rejected, lines } = report
  return (
    <div className="mt-3" role="status" data-testid="import-report">
      <p>
        <b>{`${imported.toLocaleString('en')} parts were taken in.`}</b>{' '}
        {rejected === 0
          ? 'Every line could be read.'
          : `${rejected.toLocaleString('en')} ${rejected === 1 ? 'line was' : 'lines were'} left out.`}
      </p>
      {lines.length > 0 ? (
        <details className="mt-1">
          <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
            Which lines, and why
          </summary>
          <ul className="text-sm">
            {lines.map(({ line, field, error, cells }) => (
              <li key={line} className="border-line border-b py-1">
                <span className="num mr-2">{`line ${line}`}</span>
                {`${field}: ${error}`}
                <span className="num caption block truncate">{cells.join(', ')}</span>
              </li>
            ))}
          </ul>
          {rejected > lines.length ? (
            <p className="caption">{`and ${rejected - lines.length} more`}</p>
          ) : null}
        </details>
      ) : null}
    </div>
  )
}
