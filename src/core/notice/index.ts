export * from './match'
