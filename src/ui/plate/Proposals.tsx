'use client'

import { useEffect, useState } from 'react'
import { vocabulary } from '@/core/knowledge/vocabulary'
import type { PlateFields, PlateKind } from '@/core/plate'
import { asksForLook, decisiveFields, type Sureness, surenessOf } from '@/core/plate/decisive'
import type { Box } from '@/core/plate/recognised'
import { type PhotoProposal, type ProposedField, proposalsOf } from '@/core/plate/words'
import { useJob } from '../job/JobProvider'
import { Tick } from '../kit/Tick'
import { PhotoButton } from './PhotoButton'
import { fieldNames, isKept, plateActs, valueText } from './plateActs'
import type { Recognition } from './recognise'
import type { PlateTarget } from './target'

/** What was read from the photo, each field beside the piece it came from, to be corrected and taken. */
export function Proposals({
  kind,
  found,
  target,
  onMore,
  onClose,
}: {
  kind: PlateKind
  /** One reading for each photo of the plate. */
  found: Recognition[]
  /** Another photo of the same plate. */
  onMore: (photo: Blob) => void
  target: PlateTarget
  onClose: () => void
}) {
  const { act, id } = useJob()
  const urls = usePictures(found)
  const shown = proposalsOf(found.map(({ proposed }) => proposed)).filter(({ key }) => isKept(kind, key))
  const unread = found.flatMap((each) => each.unread)
  const [typed, setTyped] = useState(new Map<keyof PlateFields, string>())
  const textOf = (each: ProposedField) => typed.get(each.key) ?? valueText(each)
  /** What decides about wiring and discharge counts once the person has looked at it, or typed it. */
  const [looked, setLooked] = useState<ReadonlySet<keyof PlateFields>>(new Set())
  const look = (key: keyof PlateFields, seen: boolean) =>
    setLooked((before) => new Set(seen ? [...before, key] : [...before].filter((each) => each !== key)))
  const type = (key: keyof PlateFields, value: string) => {
    setTyped(new Map(typed).set(key, value))
    look(key, true)
  }
  const waiting = shown.filter((each) => asksForLook(each) && !looked.has(each.key))
  const take = () => {
    const taken = new Map(
      shown.filter((each) => !waiting.includes(each)).map((each) => [each.key, textOf(each)] as const),
    )
    const all = plateActs(kind, taken, id, target).every((each) => act(each))
    if (all) onClose()
  }
  return (
    <div className="mt-4 grid gap-5 mid:grid-cols-[210px_minmax(0,1fr)]">
      <div>
        {urls.map((url, photo) => (
          // biome-ignore lint/performance/noImgElement: a picture made here, in memory
          <img
            key={url}
            src={url}
            alt={`The plate as it was read, view ${photo + 1}`}
            className="mb-1 max-h-64 w-full border border-line object-contain mid:max-h-none"
          />
        ))}
        {unread.length > 0 ? (
          <p className="caption mt-1 [overflow-wrap:anywhere]">
            Not understood: {unread.slice(0, 12).join(' ')}
          </p>
        ) : null}
      </div>
      <div>
        {shown.length === 0 ? (
          <p>Nothing on it could be read. Try another angle with the flash, or type it.</p>
        ) : null}
        <ul data-testid="proposals">
          {shown.map((each) => (
            <li
              key={each.key}
              className="grid grid-cols-[110px_minmax(0,1fr)] items-center gap-x-3 gap-y-1 border-line border-b py-1.5 mid:grid-cols-[120px_196px_minmax(0,1fr)]"
            >
              <label htmlFor={`plate-${each.key}`} className="leading-tight">
                {fieldNames[each.key]}
                <span
                  className={`caption block ${surenessOf(each.confidence) === 'question' ? 'font-bold !text-copper' : ''}`}
                >
                  {sureness[surenessOf(each.confidence)]}
                </span>
              </label>
              <Value proposal={each} value={textOf(each)} onType={(value) => type(each.key, value)} />
              <span className="col-span-2 flex flex-wrap items-center gap-x-2 mid:col-span-1">
                <PieceOf proposal={each} found={found} urls={urls} />
                {asksForLook(each) ? (
                  <span className="flex items-center text-sm">
                    <Tick
                      label={`${fieldNames[each.key]} is printed so`}
                      on={looked.has(each.key)}
                      onChange={(on) => look(each.key, on)}
                    />
                    <span aria-hidden="true">printed so</span>
                  </span>
                ) : null}
              </span>
              <OtherReadings proposal={each} now={textOf(each)} onTake={(value) => type(each.key, value)} />
            </li>
          ))}
        </ul>
        {waiting.length > 0 ? (
          <p className="caption mt-2" data-testid="to-look-at">
            {waitingText(waiting.map(({ key }) => key))}
          </p>
        ) : null}
        <div className="mt-3 flex flex-wrap gap-2">
          <button type="button" className="btn btn-main" disabled={shown.length === 0} onClick={take}>
            Take these
          </button>
          <PhotoButton label="Another photo of it" onPhoto={onMore} />
          <button type="button" className="btn" onClick={onClose}>
            Leave it
          </button>
        </div>
      </div>
    </div>
  )
}

/** An address for each picture, given back when it is not shown any more. */
function usePictures(found: Recognition[]): string[] {
  const [urls, setUrls] = useState<string[]>([])
  useEffect(() => {
    const made = found.map(({ picture }) => URL.createObjectURL(picture))
    setUrls(made)
    return () => {
      for (const url of made) URL.revokeObjectURL(url)
    }
  }, [found])
  return urls
}

function PieceOf({
  proposal: { box, photo },
  found,
  urls,
}: {
  proposal: PhotoProposal
  found: Recognition[]
  urls: string[]
}) {
  const [url, from] = [urls[photo], found[photo]]
  return box && url && from ? <Piece url={url} box={box} width={from.width} height={from.height} /> : null
}

interface ValueProps {
  proposal: PhotoProposal
  value: string
  onType: (value: string) => void
}

/** What was read, to be corrected: a kind of motor is chosen by its name. */
function Value({ proposal: { key }, value, onType }: ValueProps) {
  const common = { id: `plate-${key}`, value }
  if (key === 'motorKind')
    return (
      <select {...common} className="field field-tight" onChange={(event) => onType(event.target.value)}>
        {Object.entries(vocabulary.motorKinds).map(([kind, label]) => (
          <option key={kind} value={kind}>
            {label}
          </option>
        ))}
      </select>
    )
  return (
    <input {...common} className="field field-tight num" onChange={(event) => onType(event.target.value)} />
  )
}

/** What else the letters may say, taken by one tap; the first reading stands among them once it was left. */
function OtherReadings({
  proposal,
  now,
  onTake,
}: {
  proposal: PhotoProposal
  now: string
  onTake: (value: string) => void
}) {
  const { key, field, others } = proposal
  const values = [field, ...others].map((each) => valueText({ key, field: each }))
  const left = [...new Set(values)].filter((value) => value !== now)
  if (others.length === 0 || left.length === 0) return null
  return (
    <span className="col-span-2 flex flex-wrap items-center gap-2 mid:col-span-2 mid:col-start-2">
      <span className="caption">or it reads</span>
      {left.map((value) => (
        <button key={value} type="button" className="btn num" onClick={() => onTake(value)}>
          <span className="sr-only">{`${fieldNames[key]} reads `}</span>
          {value}
        </button>
      ))}
    </span>
  )
}

const listed = (names: string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join('; ')} and ${names.at(-1)}`

const sureness: Record<Sureness, string> = { sure: 'sure', likely: 'likely', question: 'is it so?' }

/** What has to be looked at before it counts, and why. */
function waitingText(keys: (keyof PlateFields)[]): string {
  const names = (decides: boolean) =>
    listed(keys.filter((key) => decisiveFields.has(key) === decides).map((key) => fieldNames[key] ?? key))
  const [decisive, unsure] = [names(true), names(false)]
  return [
    decisive ? `Wiring and discharge hang on ${decisive}.` : '',
    unsure ? `The reader is not sure of ${unsure}.` : '',
    'Compare each with its piece of the picture and tick it; what is not ticked is left out.',
  ]
    .filter(Boolean)
    .join(' ')
}

const PIECE_HEIGHT = 34
const PIECE_WIDTH = 150

/** The piece of the picture a field came from. */
function Piece({ url, box, width, height }: { url: string; box: Box; width: number; height: number }) {
  const margin = 4
  const [w, h] = [box.x1 - box.x0 + 2 * margin, box.y1 - box.y0 + 2 * margin]
  const scale = Math.min(PIECE_HEIGHT / h, PIECE_WIDTH / w)
  return (
    <span
      role="img"
      aria-label="where it stands on the plate"
      className="block border border-line bg-no-repeat"
      style={{
        width: w * scale,
        height: h * scale,
        backgroundImage: `url(${url})`,
        backgroundSize: `${width * scale}px ${height * scale}px`,
        backgroundPosition: `${-(box.x0 - margin) * scale}px ${-(box.y0 - margin) * scale}px`,
      }}
    />
  )
}
