'use client'

import { Away } from './Away'
import { Offline } from './Offline'
import { Pad } from './Pad'

/** What stands around every page and is needed only once it answers: the sign that the server is away, the bar for figures. */
export function Around({ job }: { job: boolean }) {
  return (
    <>
      {job ? null : <Away />}
      <Offline />
      <Pad />
    </>
  )
}
