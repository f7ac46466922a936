// The home network: under which addresses this machine answers, the code of this start, and a certificate of one's own.
import { createPrivateKey, randomBytes, X509Certificate } from 'node:crypto'
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
    // A name that the home's own router gives, as `RESTCOG_HOSTS=cog.home`, is one of ours as well.
    names: [
      ...addresses,
      name,
      `${name}.local`,
      ...(process.env.RESTCOG_HOSTS ?? '').split(',').filter(Boolean),
    ],
  }
}

const USE =
  'What may be said: --lan for the home network, --https certificate.pem key.pem for the same encrypted.'

/** The flags and, for `--https`, its two files. What is not known is refused: a slip must not serve plainly what was meant encrypted. */
export function networkFlags(args) {
  const at = args.indexOf('--https')
  const files = at >= 0 ? args.slice(at + 1, at + 3).filter((each) => !each.startsWith('--')) : []
  const known = new Set(['--lan', '--https', '--fresh', ...files])
  const strange = args.find((each) => !known.has(each))
  if (strange !== undefined) throw new Error(`“${strange}” is not understood. ${USE}`)
  if (at >= 0 && files.length < 2)
    throw new Error('Say both files, the certificate and its key: --https certificate.pem key.pem')
  return { lan: args.includes('--lan') || at >= 0, https: at >= 0 ? certified(files[0], files[1]) : null }
}

/** The two files, read and held against each other before anything is served. */
function certified(certificateFile, keyFile) {
  const certificate = pem(certificateFile, 'certificate', (text) => new X509Certificate(text))
  const key = pem(keyFile, 'private key', (text) => createPrivateKey(text))
  if (!certificate.read.checkPrivateKey(key.read))
    throw new Error(`The key in ${keyFile} does not belong to the certificate in ${certificateFile}.`)
  const ends = new Date(certificate.read.validTo)
  if (ends.getTime() < Date.now())
    throw new Error(
      `The certificate in ${certificateFile} ended on ${ends.toISOString().slice(0, 10)}. Make or fetch a new one.`,
    )
  return { cert: certificate.text, key: key.text }
}

function pem(file, what, read) {
  let text
  try {
    text = readFileSync(file, 'utf8')
  } catch {
    throw new Error(`The file ${file} cannot be read. Say where the ${what} lies, as a PEM file.`)
  }
  try {
    return { text, read: read(text) }
  } catch {
    throw new Error(
      `There is no ${what} in ${file}. It must be a PEM file without a passphrase; first the certificate, then the key.`,
    )
  }
}

/** Carry requests of an encrypted port to the server on this machine, streams included. */
export function serveEncrypted({ cert, key, port, inside, host = '0.0.0.0' }) {
  const front = createServer({ cert, key }, (asked, answer) => {
    const carried = request(
      {
        host: '127.0.0.1',
        port: inside,
        method: asked.method,
        path: asked.url,
        headers: {
          ...asked.headers,
          'x-forwarded-proto': 'https',
          'x-forwarded-for': asked.socket.remoteAddress ?? '',
        },
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
    front.listen(port, host, () => resolve(front))
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
