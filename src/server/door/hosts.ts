/** This machine by its own names; always ours. */
const LOCAL = ['127.0.0.1', 'localhost', '[::1]']

/** Hosts that may be asked for: this machine, and with `--lan` its addresses and names on the home network. */
export const ownHosts = (extra = process.env.RESTCOG_HOSTS ?? ''): string[] => [
  ...LOCAL,
  ...extra
    .split(',')
    .map((host) => host.trim().toLowerCase())
    .filter(Boolean),
]

/**
 * Is the Host header one of ours? Any other name that leads here was made up elsewhere and pointed at this machine (DNS
 * rebinding): a page under it must neither read nor write.
 *
 * @example isOwnHost('127.0.0.1:4170') // true
 * @example isOwnHost('evil.example:4170') // false
 */
export function isOwnHost(header: string | null, hosts: string[] = ownHosts()): boolean {
  const name = /^(\[[0-9a-f:.]+\]|[^:[\]]+)(?::\d{1,5})?$/i.exec(header ?? '')?.[1]
  return name !== undefined && hosts.includes(name.toLowerCase().replace(/\.$/, ''))
}

/**
 * Whether somebody sits at the machine itself: only there may a folder of it be named, to which files are written.
 *
 * @example isAtTheMachine('localhost:4170') // true
 */
export const isAtTheMachine = (header: string | null): boolean => isOwnHost(header, LOCAL)
