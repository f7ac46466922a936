/**
 * The time by the server's clock, counted on by the device's monotonic one: a device whose clock is wrong, or is set while the
 * page is open, shows the same as every other.
 */
let base = { server: 0, page: 0 }

/** What the server said the time is, in milliseconds since the epoch. */
export function setServerTime(server: number): void {
  base = { server, page: performance.now() }
}

/** The server's time now, in milliseconds since the epoch. */
export const serverTime = (): number => Math.round(base.server + (performance.now() - base.page))

/** The page slept: the monotonic clock stood still while the wall clock went on, so that nothing it shows is known. */
export function slept(last: { wall: number; page: number }): boolean {
  return Date.now() - last.wall - (performance.now() - last.page) > 60_000
}
