import { createServer, type Server } from 'node:http'
import { type AddressInfo, connect } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import './bodyGuard.mjs'

let server: Server
let heard = 0
beforeAll(async () => {
  server = createServer((asked, answer) => {
    heard++
    asked.resume()
    asked.on('end', () => answer.end('taken'))
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
})
afterAll(() => {
  server.closeAllConnections()
  server.close()
})

/** Send a body piece by piece until something is answered; answers the first line and how much had been sent. */
function sent(head: string, pieceOf: (piece: Buffer) => Buffer[]): Promise<{ line: string; bytes: number }> {
  return new Promise((resolve) => {
    let bytes = 0
    let line = ''
    const piece = Buffer.alloc(1_000_000)
    const socket = connect((server.address() as AddressInfo).port, '127.0.0.1', () => {
      socket.write(`POST / HTTP/1.1\r\nHost: x\r\n${head}\r\n\r\n`)
      const pump = () => {
        while (bytes < 900e6 && line === '' && !socket.destroyed) {
          bytes += piece.length
          let room = true
          for (const each of pieceOf(piece)) room = socket.write(each)
          if (!room) {
            socket.once('drain', pump)
            return
          }
        }
      }
      pump()
    })
    socket.on('data', (data) => {
      line ||= data.toString().split('\r\n')[0] ?? ''
    })
    socket.on('error', () => {})
    socket.on('close', () => resolve({ line, bytes }))
  })
}

describe('a request that is longer than anything that is taken', () => {
  it('is refused by what it says of itself, before it is read and before anybody hears of it', async () => {
    const before = heard
    const { line, bytes } = await sent('Content-Length: 900000000', (piece) => [piece])
    expect(line).toContain('413')
    expect(bytes).toBeLessThan(60e6)
    expect(heard).toBe(before)
  })

  it('is left where it does not say how long it is', async () => {
    const { bytes } = await sent('Transfer-Encoding: chunked', (piece) => [
      Buffer.from(`${piece.length.toString(16)}\r\n`),
      piece,
      Buffer.from('\r\n'),
    ])
    expect(bytes).toBeLessThan(600e6)
  })

  it('else passes as it came', async () => {
    const { port } = server.address() as AddressInfo
    const answer = await fetch(`http://127.0.0.1:${port}/`, {
      method: 'POST',
      body: Buffer.alloc(20_000_000),
    })
    expect(await answer.text()).toBe('taken')
  })
})
