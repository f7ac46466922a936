import Papa from 'papaparse'
import { type ListUnits, type Mapping, type PartKind, partOfLine } from '@/core/match/columns'
import type { CatalogueRow } from '@/server/parts'
import { asked } from '../data/asked'

/** Lines sent at once. */
const BATCH = 500
/** So many of the lines that were left out are told one by one. */
const TOLD = 200

export interface ImportPlan {
  name: string
  kind: PartKind
  headers: string[]
  mapping: Mapping
  units: ListUnits
}

export interface ImportReport {
  imported: number
  rejected: number
  lines: { line: number; field: string; error: string; cells: string[] }[]
}

/** The captions and the first lines of a list. */
export const previewOf = (file: File, lines: number): Promise<string[][]> =>
  new Promise((resolve, reject) => {
    Papa.parse<string[]>(file, {
      preview: lines,
      skipEmptyLines: 'greedy',
      complete: ({ data }) => resolve(data),
      error: reject,
    })
  })

/**
 * Read a list line by line into a catalogue of its own. It is offered only when all of it has come in; broken off it leaves
 * nothing.
 *
 * @param onProgress share of the file that is read, 0 to 1
 * @throws Error with a sentence where the server refuses, or where it was broken off
 */
export async function importList(
  file: File,
  plan: ImportPlan,
  signal: AbortSignal,
  onProgress: (share: number) => void,
): Promise<ImportReport> {
  const { catalogue } = await asked<{ catalogue: CatalogueRow }>('/api/catalogues', 'POST', {
    name: plan.name,
    kind: plan.kind,
    headers: plan.headers,
    mapping: plan.mapping,
    lengths: plan.units.lengths,
  })
  try {
    const report = await readAll(file, plan, signal, onProgress, (parts) =>
      asked(`/api/catalogues/${catalogue.id}/parts`, 'POST', { parts }),
    )
    if (report.imported === 0)
      throw new Error('No line of it could be read with these columns. Nothing was kept.')
    await asked(`/api/catalogues/${catalogue.id}`, 'PATCH', { ready: true })
    return report
  } catch (error) {
    await asked(`/api/catalogues/${catalogue.id}`, 'DELETE').catch(() => {})
    throw error
  }
}

function readAll(
  file: File,
  plan: ImportPlan,
  signal: AbortSignal,
  onProgress: (share: number) => void,
  keep: (parts: object[]) => Promise<unknown>,
): Promise<ImportReport> {
  const report: ImportReport = { imported: 0, rejected: 0, lines: [] }
  let line = 0
  return new Promise((resolve, reject) => {
    Papa.parse<string[]>(file, {
      skipEmptyLines: 'greedy',
      chunkSize: 128 * 1024,
      chunk: ({ data, meta }, parser) => {
        const parts: object[] = []
        for (const cells of data) {
          line++
          // The first line holds the captions.
          if (line === 1) continue
          const read = partOfLine(cells, plan.mapping, plan.kind, plan.units)
          if ('part' in read) parts.push({ [plan.kind]: { ...read.part, id: '' } })
          else {
            report.rejected++
            if (report.lines.length < TOLD) report.lines.push({ line, cells, ...read })
          }
        }
        parser.pause()
        void sendAll(parts, signal, keep).then(
          (sent) => {
            report.imported += sent
            onProgress(file.size > 0 ? Math.min(1, meta.cursor / file.size) : 1)
            parser.resume()
          },
          (error: unknown) => {
            parser.abort()
            reject(error)
          },
        )
      },
      complete: () => (signal.aborted ? reject(brokenOff()) : resolve(report)),
      error: reject,
    })
  })
}

async function sendAll(
  parts: object[],
  signal: AbortSignal,
  keep: (parts: object[]) => Promise<unknown>,
): Promise<number> {
  for (let at = 0; at < parts.length; at += BATCH) {
    if (signal.aborted) throw brokenOff()
    await keep(parts.slice(at, at + BATCH))
  }
  if (signal.aborted) throw brokenOff()
  return parts.length
}

const brokenOff = () => new Error('The import was stopped. Nothing of it was kept.')
