import { readFileSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { cog } from './cogCommand'

// Whoever reads the answers may have seen enough, as `head` has.
for (const stream of [process.stdout, process.stderr])
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error
    process.exit(0)
  })

process.exitCode = await cog(process.argv.slice(2), {
  input: () => readFileSync(0, 'utf8'),
  inputLines: () => createInterface({ input: process.stdin, crlfDelay: Number.POSITIVE_INFINITY }),
  out: (text) => process.stdout.write(text),
  err: (text) => process.stderr.write(text),
})
