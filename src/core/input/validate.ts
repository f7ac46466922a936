import 'reflect-metadata'
import { plainToInstance } from 'class-transformer'
import { type ValidationError, validateSync } from 'class-validator'
import { CoreError } from '../errors'

/**
 * Check `plain` against an input class and answer it as that class.
 *
 * @throws CoreError `invalid-input` with the path of the first fault, as `readings[0].uF`
 */
export function validated<T extends object>(type: new () => T, plain: unknown): T {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    throw new CoreError('invalid-input', 'The input must be one JSON object in braces')
  }
  const instance = plainToInstance(type, plain)
  const faults = validateSync(instance, { forbidUnknownValues: false, stopAtFirstError: true })
  if (faults.length > 0) {
    const { path, message } = firstFault(faults[0]!, '')
    throw new CoreError('invalid-input', message, path)
  }
  return instance
}

function firstFault(fault: ValidationError, above: string): { path: string; message: string } {
  const path = joinPath(above, fault.property)
  const child = fault.children?.[0]
  if (!fault.constraints && child) return firstFault(child, path)
  const value = fault.value as unknown
  const map = fault.constraints?.map?.split('|')
  if (map) return { path: map[0] ? joinPath(path, map[0]) : path, message: map.slice(1).join('|') }
  const raw = Object.values(fault.constraints ?? {})[0] ?? 'is not valid'
  const text = raw.replace(fault.property, path)
  return { path, message: value === undefined ? `${path} is missing: ${text}` : text }
}

function joinPath(above: string, property: string): string {
  if (/^\d+$/.test(property)) return `${above}[${property}]`
  return above ? `${above}.${property}` : property
}
