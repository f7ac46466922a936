'use client'

import { clock, day } from '../kit/time'

/** A stored instant on the person's clock. The server's zone may be another: the browser's wins. */
export function LocalTime({ at }: { at: string }) {
  return (
    <time dateTime={at} suppressHydrationWarning className="num text-[0.95em]">
      {`${day(at)} ${clock(at)}`}
    </time>
  )
}
