/** What the server refused, or what came of it. */
export function Told({ error, done }: { error: string; done?: string }) {
  if (error)
    return (
      <p className="mt-3 max-w-[72ch] border-stop border-l-4 pl-2" role="alert">
        {error}
      </p>
    )
  return done ? (
    <p className="mt-3 max-w-[72ch] border-teal border-l-4 pl-2 [overflow-wrap:anywhere]" role="status">
      {done}
    </p>
  ) : null
}
