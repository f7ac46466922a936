// The service worker: bundled behind the build, with the list of what was built, into `public/`, not committed.
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, sep } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/** Bundle it with the files of the build beside it. */
async function bundle() {
  const built = join(root, process.env.RESTCOG_DIST ?? '.next', 'static')
  const files = under(built)
    .filter((file) => !file.endsWith('.map'))
    .map((file) => ({
      url: `/_next/static/${relative(built, file).split(sep).join('/')}`,
      revision: createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16),
    }))
  const { build } = await import('esbuild')
  await build({
    entryPoints: [join(root, 'src', 'workers', 'offline', 'serviceWorker.ts')],
    outfile: join(root, 'public', 'sw.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    logLevel: 'error',
    define: { BUILT_FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
  })
}

const under = (path) =>
  readdirSync(path, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => (entry.isDirectory() ? under(join(path, entry.name)) : [join(path, entry.name)]))

await bundle()
