export * from './format'
export * from './parseTyped'
export * from './quantities'
