/** Under a field: what is wrong with it, else its hint. The field points here with `aria-describedby`. */
export function FieldNote({ id, error, hint }: { id: string; error?: string | null; hint?: string | null }) {
  if (error)
    return (
      <p id={id} className="mt-1 text-sm text-stop" role="alert">
        {error}
      </p>
    )
  return hint ? (
    <p id={id} className="caption mt-1">
      {hint}
    </p>
  ) : null
}
