// The home network: under which addresses this machine answers, the code of this start, and a certificate of one's own.
import { randomBytes } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import { createServer } from 'node:https'
import { hostname, networkInterfaces } from 'node:os'

/** IPv4 addresses of this machine on its networks; link-local ones lead nowhere. */
export const ownAddresses = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter(
      (each) => each && each.family === 'IPv4' && !each.internal && !each.address.startsWith('169.254.'),
    )
    .map((each) => each.address)

/** What the server is told: that it stands on the home network, under which names, and the code of this start. */
export function lanSettings() {
  const addresses = ownAddresses()
  const name = hostname().toLowerCase()
  return {
    addresses,
    code: randomBytes(12).toString('base64url'),
    names: [...addresses, name, `${name}.local`],
  }
}

/** The flag and, for `--https`, its two files. */
export function networkFlags(args) {
  const at = args.indexOf('--https')
  return {
    lan: args.includes('--lan') || at >= 0,
    https: at >= 0 ? { certificate: args[at + 1], key: args[at + 2] } : null,
  }
}

/** Carry requests of an encrypted port to the server on this machine, streams included. */
export function serveEncrypted({ certificate, key, port, inside }) {
  if (!certificate || !key) throw new Error('Say both files: --https certificate.pem key.pem')
  const front = createServer({ cert: readFileSync(certificate), key: readFileSync(key) }, (asked, answer) => {
    const carried = request(
      {
        host: '127.0.0.1',
        port: inside,
        method: asked.method,
        path: asked.url,
        headers: { ...asked.headers, 'x-forwarded-proto': 'https' },
      },
      (told) => {
        answer.writeHead(told.statusCode ?? 502, told.headers)
        told.pipe(answer)
      },
    )
    carried.on('error', () => answer.destroy())
    answer.on('close', () => carried.destroy())
    asked.pipe(carried)
  })
  return new Promise((resolve, reject) => {
    front.on('error', reject)
    front.listen(port, '0.0.0.0', () => resolve(front))
  })
}

/** Start on this machine only, or on the home network with its addresses and the code to scan. */
export async function startServing({ serve, dataFolder, port, args }) {
  const { lan, https } = networkFlags(args)
  if (!lan) {
    const { address } = await serve({ dataFolder, port, quiet: true })
    return [address]
  }
  const { addresses, code, names } = lanSettings()
  const env = { RESTCOG_LAN: '1', RESTCOG_HOSTS: names.join(','), RESTCOG_START_CODE: code }
  // Behind a certificate the plain port stays on this machine.
  const inside = https ? port + 1 : port
  await serve({ dataFolder, port: inside, quiet: true, host: https ? '127.0.0.1' : '0.0.0.0', env })
  if (https) await serveEncrypted({ ...https, port, inside })
  const scheme = https ? 'https' : 'http'
  const door = (host) => `${scheme}://${host}:${port}/door?code=${code}`
  const { renderUnicodeCompact } = await import('uqr')
  const lines = [
    `On this machine: ${door('127.0.0.1')}`,
    ...addresses.map((address) => `On the home network: ${scheme}://${address}:${port}`),
  ]
  if (addresses[0])
    lines.push('To scan with the phone, for as long as this runs:', renderUnicodeCompact(door(addresses[0])))
  else lines.push('This machine has no address on a home network: connect it, then start again.')
  lines.push(
    https
      ? 'What goes over the network is encrypted with your own certificate.'
      : 'What goes over the network is not encrypted: anybody on it could read along. --https certificate.pem key.pem encrypts it.',
  )
  return lines
}
