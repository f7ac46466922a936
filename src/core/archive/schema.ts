import { archiveColumns, type Column } from './columns'
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from './read'
import { patterns } from './values'

type Schema = Record<string, unknown>

/** The archive's files as JSON Schema (2020-12), made from the columns by which an archive is read. */
export function archiveSchema(): Schema {
  const { machine, job, ...lists } = archiveColumns
  const tables: [string, Record<string, Column>][] = Object.entries(lists)
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Rest Cog archive',
    $defs: {
      'rest-cog.json': {
        type: 'object',
        required: ['format', 'version'],
        properties: {
          format: { const: ARCHIVE_FORMAT },
          version: { const: ARCHIVE_VERSION },
          madeAt: { type: 'string' },
        },
      },
      'machines.json': { type: 'array', items: rowSchema(machine) },
      'jobs/<id>.json': {
        type: 'object',
        required: ['job'],
        additionalProperties: false,
        properties: {
          job: rowSchema(job),
          ...Object.fromEntries(
            tables.map(([name, columns]) => [name, { type: 'array', items: rowSchema(columns) }]),
          ),
        },
      },
    },
  }
}

const rowSchema = (columns: Record<string, Column>): Schema => ({
  type: 'object',
  required: Object.keys(columns).filter((name) => !columns[name]?.later),
  additionalProperties: false,
  properties: Object.fromEntries(
    Object.entries(columns).map(([name, column]) => [name, columnSchema(column)]),
  ),
})

function columnSchema({ type, null: nullable, ...bounds }: Column): Schema {
  if (type === 'flag') return { enum: [0, 1] }
  if (typeof type !== 'string') return { enum: nullable ? [...type, null] : [...type] }
  const name = type !== 'number' ? 'string' : bounds.whole ? 'integer' : 'number'
  return {
    type: nullable ? [name, 'null'] : name,
    ...(bounds.least === undefined ? {} : { minimum: bounds.least }),
    ...(bounds.most === undefined ? {} : { maximum: bounds.most }),
    ...(patterns[type] === undefined
      ? {}
      : { pattern: `${bounds.empty ? '^$|' : ''}${patterns[type].source}` }),
  }
}
