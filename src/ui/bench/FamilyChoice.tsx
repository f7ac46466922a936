import { type FamilyId, familyIds, familyLabel } from '@/core/knowledge/vocabulary'
import { FamilySection } from '../pieces/FamilySection'

/** All kinds of fan, each with its drawing. */
export function FamilyChoice({
  family,
  titled,
  onChoose,
}: {
  family: FamilyId | null
  titled: boolean
  onChoose: (family: FamilyId) => void
}) {
  return (
    <fieldset className="mt-4 grid grid-cols-2 gap-2 mid:grid-cols-5">
      <legend className={titled ? 'caption mb-1' : 'sr-only'}>Kinds of fan</legend>
      {familyIds.map((id) => (
        <button
          key={id}
          type="button"
          aria-pressed={family === id}
          className="flex flex-col items-center border border-line p-2 text-center text-sm leading-tight hover:border-ink aria-pressed:border-2 aria-pressed:border-ink"
          onClick={() => onChoose(id)}
        >
          <FamilySection family={id} className="h-16 w-24" />
          {familyLabel(id)}
        </button>
      ))}
    </fieldset>
  )
}
