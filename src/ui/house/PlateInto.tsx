'use client'

import { useId, useState } from 'react'
import { type PlateFields, readPlate } from '@/core/plate'
import { PhotoButton } from '../plate/PhotoButton'

/** What of a machine its own label says. */
interface FromPlate {
  manufacturer?: string
  modelNumber?: string
  serialNumber?: string
  /** Hash of the kept photo. */
  picture?: string
}

/** Reading a label, from a photo or from text: what is told of it, and what can be done. */
function useLabel(onRead: (read: FromPlate) => void) {
  const [told, setTold] = useState('')
  const [reading, setReading] = useState<AbortController | null>(null)
  const take = (fields: PlateFields, picture?: string) => {
    const read = namesOf(fields)
    onRead({ ...read, ...(picture ? { picture } : {}) })
    setTold(
      Object.keys(read).length === 0
        ? 'Neither a maker nor a number was understood. Type what the label says.'
        : 'Read from the label. Look each field over: a worn label is misread easily.',
    )
  }
  const photo = async (file: Blob) => {
    const stop = new AbortController()
    setReading(stop)
    try {
      const { recognisePlate } = await import('../plate/recognise')
      const found = await recognisePlate(file, 'appliance', ({ step }) => setTold(`${step} …`), stop.signal)
      // Each field stands under the key that the reader gave it.
      const fields = Object.fromEntries(found.proposed.map(({ key, field }) => [key, field])) as PlateFields
      take(fields, await keptPhoto(found.picture))
    } catch (error) {
      setTold(
        stop.signal.aborted
          ? 'Not read.'
          : error instanceof Error
            ? error.message
            : 'Not read. Type the label.',
      )
    } finally {
      setReading(null)
    }
  }
  return { told, take, photo, cancel: reading && (() => reading.abort()) }
}

/** The label of a machine, read from a photo or from pasted text, into the fields of a form. */
export function PlateInto({ onRead }: { onRead: (read: FromPlate) => void }) {
  const id = useId()
  const [text, setText] = useState('')
  const { told, take, photo, cancel } = useLabel(onRead)
  return (
    <div className="mb-4 border-line border-b pb-4">
      <div className="flex flex-wrap items-center gap-3">
        <PhotoButton
          label="Read its label from a photo"
          onPhoto={(file) => void photo(file)}
          onOpen={() => void import('../plate/recognise').then(({ warmUp }) => warmUp())}
        />
        {cancel ? (
          <button type="button" className="btn btn-plain" onClick={cancel}>
            Cancel
          </button>
        ) : null}
      </div>
      <label className="caption mt-2 block" htmlFor={id}>
        Or paste what is printed on it
      </label>
      <div className="flex flex-wrap items-start gap-2 mid:flex-nowrap">
        <textarea
          id={id}
          className="field num"
          rows={2}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <button
          type="button"
          className="btn shrink-0"
          disabled={text.trim() === ''}
          onClick={() => take(readPlate({ text, kind: 'appliance' }).fields)}
        >
          Read it
        </button>
      </div>
      {told ? (
        <p role="status" className="caption mt-1">
          {told}
        </p>
      ) : null}
    </div>
  )
}

function namesOf({ manufacturer, modelNumber, serialNumber }: PlateFields): FromPlate {
  return {
    ...(manufacturer ? { manufacturer: manufacturer.value } : {}),
    ...(modelNumber ? { modelNumber: modelNumber.value } : {}),
    ...(serialNumber ? { serialNumber: serialNumber.value } : {}),
  }
}

/** The hash under which the photo is kept; nothing where the server does not take it: what was read counts all the same. */
async function keptPhoto(photo: Blob): Promise<string | undefined> {
  const answer = await fetch('/api/photos', { method: 'POST', body: photo })
    .then((response): Promise<{ hash?: string }> => response.json())
    .catch(() => null)
  return answer?.hash
}
