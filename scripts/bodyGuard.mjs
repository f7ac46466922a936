// Loaded before the server: a request that says, or turns out, to be longer than anything it takes is refused before it is read.
// Next reads a body to its end before a route can refuse it.
import { Server } from 'node:http'

/** A photo is the longest: 30 MB, and what goes around it. */
const MOST = 33_000_000
const LOOK_EVERY_MS = 100

const emit = Server.prototype.emit
Server.prototype.emit = function guarded(event, asked, answer, ...more) {
  if (event !== 'request') return emit.call(this, event, asked, answer, ...more)
  if (Number(asked.headers['content-length'] ?? 0) > MOST) {
    const said = JSON.stringify({
      error: { code: 'too-large', message: 'This is longer than anything that is taken at once.', path: '' },
    })
    answer.writeHead(413, {
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(said),
    })
    answer.end(said)
    leave(asked)
    return true
  }
  if (asked.headers['transfer-encoding']) {
    const { socket } = asked
    const before = socket.bytesRead
    const look = setInterval(() => {
      if (socket.bytesRead - before > MOST) socket.destroy()
    }, LOOK_EVERY_MS)
    look.unref()
    answer.on('close', () => clearInterval(look))
  }
  return emit.call(this, event, asked, answer, ...more)
}

/** Of what is still on its way a little is let through the drain, so that the answer arrives and is not cut off by a reset. */
function leave(asked) {
  const { socket } = asked
  const before = socket.bytesRead
  const end = () => socket.destroy()
  const clock = setTimeout(end, DRAIN_MS)
  socket.once('close', () => clearTimeout(clock))
  asked.on('data', () => {
    if (socket.bytesRead - before > DRAIN) end()
  })
  asked.once('end', end)
}

const DRAIN = 8_000_000
const DRAIN_MS = 1000
