'use client'

import { useState } from 'react'
import { marksOf, marksSvg } from '@/core/marks'

interface MarkedPhotoProps {
  hash: string
  marks: string
  alt: string
  className: string
}

/** A photo with its marks drawn over it. */
export function MarkedPhoto({ hash, marks, alt, className }: MarkedPhotoProps) {
  const [size, setSize] = useState<[width: number, height: number] | null>(null)
  const list = marksOf(marks)
  return (
    <span className={`relative block ${className}`}>
      {/* biome-ignore lint/performance/noImgElement: served from the data folder, already small */}
      <img
        src={`/api/photos/${hash}`}
        alt={alt}
        className="h-full w-full object-contain"
        ref={(image) => {
          if (image?.complete && image.naturalWidth > 0 && !size)
            setSize([image.naturalWidth, image.naturalHeight])
        }}
        onLoad={({ currentTarget }) => setSize([currentTarget.naturalWidth, currentTarget.naturalHeight])}
      />
      {size && list.length > 0 ? (
        // biome-ignore lint/performance/noImgElement: drawn here, in memory
        <img
          src={`data:image/svg+xml,${encodeURIComponent(marksSvg(list, size[0], size[1]))}`}
          alt=""
          className="pointer-events-none absolute inset-0 h-full w-full object-contain"
          data-testid="marks"
        />
      ) : null}
    </span>
  )
}
