import { protection, standIns } from '../../knowledge/standIns'
import { capacitorTemplate, motorTemplates } from '../../knowledge/templates'
import { wayOf } from '../../knowledge/ways'
import { neededCharges } from '../energy/place'
import { capacitorOf } from '../evidence/derive'
import { fieldText } from '../fields'
import type { JobSnapshot } from '../rows'

export type KitState = 'here' | 'missing' | ''

export interface KitItem {
  name: string
  kind: 'tool' | 'used-up' | 'protection'
  /** What can stand in for it. */
  standIn: string
  state: KitState
}

/** What to have at hand before the first act: worked out from the way in, what it uses up, and what protects. */
export function kitOf(snapshot: JobSnapshot): KitItem[] {
  const items = new Map<string, KitItem['kind']>()
  const add = (kind: KitItem['kind'], ...names: string[]) => {
    for (const name of names) if (!items.has(name)) items.set(name, kind)
  }
  const family = snapshot.machine.family
  const toCapacitor = snapshot.decisions[0]?.action === 'replace-capacitor'
  const dual = (capacitorOf(snapshot, 'old').label?.sections.length ?? 1) > 1
  const template = toCapacitor
    ? capacitorTemplate(family, dual)
    : (wayOf(family, fieldText(snapshot, 'way', 'id')) ?? motorTemplates[family])
  const lines = snapshot.ledger.filter((line) => !line.struckAt)
  // What a line of the way uses up is bought, not looked for in the tool box.
  const used = lines.map(({ renewMaterial }) => renewMaterial)
  add(
    'tool',
    'phone or camera',
    ...template.kit.filter((name) => !isProtection(name) && !used.includes(name)),
  )
  for (const { fastener, action } of lines) {
    if (fastener && ['unscrew', 'loosen'].includes(action)) add('tool', `driver for ${fastener}`)
    if (action === 'drain') add('tool', 'bucket and rag')
    if (action === 'unsolder') add('tool', 'soldering iron', 'solder')
    if (action === 'mark') add('tool', 'paint pen or marker')
  }
  if (neededCharges(snapshot).length > 0) add('tool', 'resistor lead, two 10 kΩ 5 W in series')
  add('tool', 'multimeter with leads', 'lettered cups')
  for (const line of lines) {
    if (line.renewMaterial) add('used-up', line.renewMaterial)
    if (line.action === 'cut-tie') add('used-up', 'cable ties')
    if (line.action === 'cut-wire') add('used-up', 'crimp splices')
  }
  add('protection', protection.always, ...template.kit.filter(isProtection))
  return [...items].map(([name, kind]) => ({
    name,
    kind,
    standIn: standInOf(name),
    state: stateOf(snapshot, name),
  }))
}

const isProtection = (name: string) => /\bgloves|\bmask|\bglasses|\bsecond person|\bboard to kneel/.test(name)

const standInOf = (name: string): string =>
  standIns[name] ?? Object.entries(standIns).find(([known]) => name.includes(known))?.[1] ?? ''

function stateOf(snapshot: JobSnapshot, name: string): KitState {
  const typed = fieldText(snapshot, 'kit', name)
  return typed === 'here' || typed === 'missing' ? typed : ''
}
