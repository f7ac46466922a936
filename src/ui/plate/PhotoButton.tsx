import { useId } from 'react'

/** A photo from the camera or a file. */
export function PhotoButton({
  label,
  onPhoto,
  onOpen,
}: {
  label: string
  onPhoto: (photo: Blob) => void
  /** The person is about to take one. */
  onOpen?: () => void
}) {
  const id = useId()
  return (
    <>
      <label htmlFor={id} className="btn">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        onClick={onOpen}
        onChange={(event) => {
          const photo = event.target.files?.[0]
          if (photo) onPhoto(photo)
          event.target.value = ''
        }}
      />
    </>
  )
}
