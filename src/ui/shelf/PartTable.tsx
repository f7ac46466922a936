/** Parts as a table of texts; it scrolls sideways where the screen is narrow. */
export function PartTable({
  title,
  heads,
  rows,
}: {
  title: string
  heads: string[]
  rows: { id: string; cells: string[] }[]
}) {
  return (
    <section aria-label={title} className="pt-6">
      <h2 className="mb-2 text-lg">{title}</h2>
      {rows.length === 0 ? <p>Nothing of that kind.</p> : null}
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: wider than a phone, it is scrolled by keys */}
      <section className="relative overflow-x-auto" aria-label={`${title}, table`} tabIndex={0}>
        <table className="w-full min-w-[560px] text-left text-sm">
          <thead className="caption border-ink border-b">
            <tr>
              {heads.map((head) => (
                <th key={head} scope="col" className="py-1 pr-3 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.id} className="border-line border-b">
                {row.cells.map((cell, index) => (
                  <td key={heads[index]} className={`py-1.5 pr-3 ${index === 1 || index === 2 ? '' : 'num'}`}>
                    {cell || '–'}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </section>
  )
}
