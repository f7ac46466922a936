export * from './fields'
export { type JsonSchema, schemaOf } from './schema'
export { validated } from './validate'
