/** When an act was done, by the two clocks of a page. */
export interface DoneAt {
  /** Wall clock, milliseconds since the epoch: goes on through sleep, and may be set back. */
  wall: number
  /** Clock of the page that did it, milliseconds since it opened: never goes back, and may stop in sleep. */
  page: number
  /** Which page that was. */
  pageId: string
}

/**
 * Milliseconds since an act was done, sleep included. The larger of the two clocks counts; below zero where the wall clock
 * went back and the page that knows better is gone.
 */
export function ageOf(done: DoneAt, now: DoneAt): number {
  const wall = now.wall - done.wall
  if (now.pageId !== done.pageId) return wall
  return Math.max(wall, now.page - done.page)
}
