'use client'

import { useEffect, useState } from 'react'
import ReactCrop from 'react-image-crop'
import 'react-image-crop/dist/ReactCrop.css'
import './photoFrame.css'
import { type Frame, isWhole, WHOLE } from '@/core/ocr/frame'
import { blobOf, cutPhoto, turnedPhoto } from './canvas'

interface PhotoFrameProps {
  photo: Blob
  /** The photo as it was framed; the one given where nothing was turned or cut off. */
  onFramed: (framed: Blob) => void
  onError: (error: Error) => void
  onLeave: () => void
}

const handles = {
  cropArea: 'The frame round the plate: move it with the arrow keys',
  nwDragHandle: 'Upper left corner: move it with the arrow keys',
  nDragHandle: 'Upper edge: move it with the arrow keys',
  neDragHandle: 'Upper right corner: move it with the arrow keys',
  eDragHandle: 'Right edge: move it with the arrow keys',
  seDragHandle: 'Lower right corner: move it with the arrow keys',
  sDragHandle: 'Lower edge: move it with the arrow keys',
  swDragHandle: 'Lower left corner: move it with the arrow keys',
  wDragHandle: 'Left edge: move it with the arrow keys',
}

/** A photo before it is read: turned until its lines run from left to right, and framed where the plate is small in it. */
export function PhotoFrame({ photo, onFramed, onError, onLeave }: PhotoFrameProps) {
  const [bitmap, setBitmap] = useState<ImageBitmap | null>(null)
  const [turns, setTurns] = useState(0)
  const [shown, setShown] = useState<{ canvas: HTMLCanvasElement; url: string } | null>(null)
  const [frame, setFrame] = useState<Frame>(WHOLE)
  // biome-ignore lint/correctness/useExhaustiveDependencies: the photo is opened once
  useEffect(() => {
    let gone = false
    createImageBitmap(photo).then(
      (opened) => !gone && setBitmap(opened),
      () =>
        gone ||
        onError(new Error('This file is not a picture that can be read. Choose a JPEG, PNG or WebP file.')),
    )
    return () => {
      gone = true
    }
  }, [photo])
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is drawn anew for each turn
  useEffect(() => {
    if (!bitmap) return
    let url: string | null = null
    let gone = false
    const canvas = turnedPhoto(bitmap, turns)
    blobOf(canvas).then((blob) => {
      if (gone) return
      url = URL.createObjectURL(blob)
      setShown({ canvas, url })
    }, onError)
    return () => {
      gone = true
      if (url) URL.revokeObjectURL(url)
    }
  }, [bitmap, turns])
  const turn = (by: 1 | 3) => {
    setTurns((before) => (before + by) % 4)
    setFrame(WHOLE)
  }
  const read = () => {
    if (!shown) return
    if (turns === 0 && isWhole(frame)) onFramed(photo)
    else cutPhoto(shown.canvas, frame).then(onFramed, onError)
  }
  return (
    <fieldset className="mt-4 min-w-0" data-testid="photo-frame">
      <legend className="mb-2">
        Turn the photo until its lines run from left to right. Where the print is small in it, draw the frame
        to the print.
      </legend>
      {shown ? (
        <ReactCrop
          crop={{ unit: '%', ...frame }}
          onChange={(_, percent) => setFrame(percent)}
          keepSelection
          ariaLabels={handles}
          className="photo-frame max-h-[52vh] max-w-full"
        >
          {/* biome-ignore lint/performance/noImgElement: a picture made here, in memory */}
          <img src={shown.url} alt="The photo, as it will be read" />
        </ReactCrop>
      ) : (
        <p role="status" className="caption">
          The picture is opened.
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" disabled={!shown} onClick={read}>
          Read this photo
        </button>
        <button type="button" className="btn" disabled={!shown} onClick={() => turn(3)}>
          Turn left
        </button>
        <button type="button" className="btn" disabled={!shown} onClick={() => turn(1)}>
          Turn right
        </button>
        <button type="button" className="btn" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </fieldset>
  )
}
